using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Plans;

/// <summary>Makes a plan from corners that were measured one by one. See docs/handbook.md, "Free outlines".</summary>
internal static class FreeOutline
{
    private static readonly Length Shortest = Length.FromMillimetres(1m);

    /// <summary>The plan, moved out all round by what fit and wadding add on each side; null with the errors in the way.</summary>
    public static ClosedPlan? Plan(CoverSpecification specification, Length added, List<Check> checks)
    {
        var corners =
            specification.MeasuredFrom == MeasuredFrom.OldCover
                ? [.. specification.Points.Select(corner => Unshrunk(corner, specification))]
                : specification.Points;
        if (corners.Count < 3)
        {
            checks.Add(Check.Error("outline-too-few-points", FreeOutlineText.OutlineTooFewPoints(corners.Count), "points"));
            return null;
        }

        var edges = new List<Edge>();
        for (var i = 0; i < corners.Count; i++)
        {
            var (from, to) = (corners[i], corners[(i + 1) % corners.Count]);
            if (EdgeOf(EdgeName.Numbered(i + 1), from, to, corners.Count, i, specification.Format, checks) is { } edge)
            {
                edges.Add(edge);
            }
        }

        if (edges.Count < corners.Count || !RunsWell(edges, corners, specification.Format, checks))
        {
            return null;
        }

        var measured = new Outline(edges);
        var outline = added.IsZero ? measured : OutlineOffset.Offset(measured, added);
        if (!added.IsZero && (outline.Edges.Length != edges.Count || !OutlineOffset.KeepsShape(measured, outline)))
        {
            checks.Add(
                Check.Error(
                    "fit-too-large-for-outline",
                    FreeOutlineText.FitTooLargeForOutline,
                    "fit.width",
                    new Mend(CommonText.ToFitExact, "rules.fit.width", "0")
                )
            );
            return null;
        }

        if (!Curves(outline, specification, checks) || !HasRoomForSeams(outline, specification, checks))
        {
            return null;
        }

        // An edge with its two points is measured; moved out by the fit, or bent, it is read off the drawing.
        var names = outline
            .Edges.Index()
            .ToDictionary(
                each => each.Item.Name.Word,
                each =>
                    added.IsZero && each.Item.Arc is null
                        ? Worked.Given(FreeOutlineText.Edge(each.Index + 1), each.Item.Length, QuantitySource.Measure)
                        : Worked.ReadOff(FreeOutlineText.EdgeAlongItself(each.Index + 1), each.Item.Length)
            );
        var bounds = outline.Bounds;
        return new(
            outline.Moved(-bounds.Left, -bounds.Bottom),
            names,
            Facing(outline, -1),
            Facing(outline, 1),
            Worked.ReadOff("overall width of the outline", bounds.Width),
            Worked.ReadOff("overall depth of the outline", bounds.Height)
        );
    }

    /// <summary>A corner of an old cover where it was before the cover shrank.</summary>
    private static OutlineCorner Unshrunk(OutlineCorner corner, CoverSpecification specification)
    {
        var (across, along) = specification.OldCoverShrinkage;
        return new(
            new(corner.At.X.Times(1 / (1 - across)), corner.At.Y.Times(1 / (1 - along))),
            corner.Rise.Times(1 / (1 - ((across + along) / 2)))
        );
    }

    private static Edge? EdgeOf(
        EdgeName name,
        OutlineCorner from,
        OutlineCorner to,
        int count,
        int index,
        LengthFormat format,
        List<Check> checks
    )
    {
        var chord = from.At.DistanceTo(to.At);
        if (chord < Shortest)
        {
            checks.Add(
                Check.Error(
                    "outline-points-coincide",
                    FreeOutlineText.OutlinePointsCoincide(index + 1, ((index + 1) % count) + 1),
                    "points"
                )
            );
            return null;
        }

        if (from.Rise.Abs() < Length.FromNanometres(1000))
        {
            return new(name, from.At, to.At);
        }

        if (from.Rise.Abs() > chord.Half())
        {
            checks.Add(
                Check.Error(
                    "rise-too-large",
                    FreeOutlineText.RiseTooLarge(index + 1, format.RoundedWithUnit(from.Rise.Abs()), format.RoundedWithUnit(chord)),
                    "points"
                )
            );
            return null;
        }

        var direction = (to.At - from.At).Unit;
        var (half, rise) = (chord.Nanometres / 2.0, (double)from.Rise.Nanometres);
        var middle = from.At + (half * direction);
        var toCentre = ((half * half) - (rise * rise)) / (2 * rise); // beyond the chord, on the side away from the bulge
        return new(name, from.At, to.At, new Arc(middle + (-toCentre * direction.Outward), CounterClockwise: rise > 0));
    }

    private static bool RunsWell(List<Edge> edges, IReadOnlyList<OutlineCorner> corners, LengthFormat format, List<Check> checks)
    {
        if (Crossing.Find(edges) is { } crossed)
        {
            checks.Add(
                Check.Error("outline-crosses-itself", FreeOutlineText.OutlineCrossesItself(crossed.First + 1, crossed.Second + 1), "points")
            );
            return false;
        }

        var doubled = 0.0;
        foreach (var edge in edges)
        {
            doubled += (edge.Start - edges[0].Start).Cross(edge.End - edges[0].Start);
        }

        if (doubled <= 0)
        {
            var turned = string.Join(
                "; ",
                corners.Reverse().Select(corner => $"{format.Exact(corner.At.X)}, {format.Exact(corner.At.Y)}".Replace('−', '-'))
            );
            var straight = corners.All(corner => corner.Rise.IsZero);
            checks.Add(
                Check.Error(
                    "outline-clockwise",
                    FreeOutlineText.OutlineClockwise,
                    "points",
                    straight ? [new Mend(FreeOutlineText.ToTurnTheOrder, "points", turned)] : []
                )
            );
            return false;
        }

        return true;
    }

    /// <summary>An inward curve has to be wider than the seam that is turned inside it.</summary>
    private static bool Curves(Outline outline, CoverSpecification specification, List<Check> checks)
    {
        var seam = specification.Rules[Rule.Seam].Value;
        foreach (var (i, edge) in outline.Edges.Index())
        {
            if (edge.Arc is { CounterClockwise: false } arc && arc.RadiusAt(edge.Start) <= 2.0 * seam.Nanometres)
            {
                checks.Add(
                    Check.Error(
                        "inner-curve-too-tight",
                        FreeOutlineText.InnerCurveTooTight(
                            FreeOutlineText.Edge(i + 1),
                            specification.Format.RoundedWithUnit(Length.FromNanometresRounded(arc.RadiusAt(edge.Start))),
                            specification.Format.RoundedWithUnit(seam)
                        ),
                        "points"
                    )
                );
                return false;
            }
        }

        return true;
    }

    /// <summary>A slot has to be wider than the two seams that are turned inside it, and an inner edge longer.</summary>
    private static bool HasRoomForSeams(Outline outline, CoverSpecification specification, List<Check> checks)
    {
        var seam = specification.Rules[Rule.Seam].Value;
        if (OutlineOffset.KeepsShape(outline, OutlineOffset.Offset(outline, seam)))
        {
            return true;
        }

        checks.Add(Check.Error("slot-too-narrow", FreeOutlineText.SlotTooNarrow(specification.Format.RoundedWithUnit(seam)), "points"));
        return false;
    }

    /// <summary>The edge that lies furthest to the front (−1) or the back (1) and faces there.</summary>
    private static EdgeName Facing(Outline outline, int way)
    {
        var best = outline.Edges[0];
        var most = double.NegativeInfinity;
        foreach (var edge in outline.Edges)
        {
            var facing = way * (edge.End - edge.Start).Unit.Outward.Y;
            var place = way * (edge.Start.Y + edge.End.Y).Millimetres / 2;
            var worth = facing > 0.5 ? place + (edge.Length.Millimetres * 1e-3) : place - 1e6;
            if (worth > most)
            {
                (best, most) = (edge, worth);
            }
        }

        return best.Name;
    }
}
