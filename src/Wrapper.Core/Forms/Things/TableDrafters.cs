using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.FlatCloths;
using Wrapper.Core.Constructions.Margins;
using Wrapper.Core.Constructions.Tubs;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Hands tables and boards to their constructions, with their padding on.</summary>
internal static class TableDrafters
{
    public static ConstructedCover Table(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        if (checks.HasError() || Plans.Of(specification, sizes, checks) is not { } plan)
        {
            return new() { Checks = checks };
        }

        var drop = sizes.Of("drop");
        checks.AddRange(FormChecks.ToTheFloor(drop.Value, sizes, specification));
        var cover = specification.Construction switch
        {
            Flat.Id => Flat.Construct(Hanging(plan, drop), specification),
            TubNotched.Id => TubNotched.Construct(plan.Width, plan.Depth, TubDepth.Of(drop, Worked.Zero), specification.Rules["hem"], specification),
            _ => TubWalls.Construct(plan, TubDepth.Of(drop, Worked.Zero), specification),
        };
        return cover with { Checks = [.. checks, .. cover.Checks], Pieces = [.. cover.Pieces, .. Layers(cover, plan, specification)] };
    }

    public static ConstructedCover Board(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        checks.Add(Check.Note("hot-work-caution", "Under an iron only layers that stand heat: cotton, wool, a reflective cloth. Polyester melts.", null));
        return specification.Shape.Id switch
        {
            "tray" => Tray(specification, sizes, checks),
            "pressing-table" => PressingTable(specification, sizes, checks),
            _ => Ironing(specification, sizes, checks),
        };
    }

    private static ConstructedCover Tray(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var (width, depth) = (sizes.Of("width"), sizes.Of("depth"));
        var hem = Casing(specification);
        var fall = specification.Rules["wall"] + sizes.Wadding(MeasureAxis.Thickness) - hem;
        if (!fall.Value.IsPositive)
        {
            checks.Add(Check.Error("wall-too-short", "The casing takes the whole wall: make the wall deeper or the casing narrower.", "wall", new Mend("Usual wall", "rules.wall", specification.Unit.IsImperial() ? "3 1/2 in" : "90 mm")));
            return new() { Checks = checks };
        }

        var plan = PlanShapes.Tapered(width, width, depth);
        var cover = TubNotched.Construct(width, depth, TubDepth.Of(fall, Worked.Zero), hem, specification);
        return Padded(cover, checks, plan, specification);
    }

    private static ConstructedCover PressingTable(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        if (Plans.Of(specification, sizes, checks) is not { } plan || checks.HasError())
        {
            return new() { Checks = checks };
        }

        var (drop, hem) = (sizes.Of("drop"), Casing(specification));
        var isRounded = plan.Outline.Edges.Any(edge => edge.Arc is not null);
        if (isRounded && specification.Obstacles.Count > 0)
        {
            checks.Add(Check.Error("obstacles-on-a-curve", "Obstacles are placed on a board with square corners: leave the corner radius out, or the obstacles.", "obstacles", new Mend("Square corners", "measures.cornerRadius", "0")));
            return new() { Checks = checks };
        }

        var cover = isRounded
            ? OutlineMargin.Construct(plan, (drop + hem).Named("wall"), specification)
            : TubNotched.Construct(plan.Width, plan.Depth, TubDepth.Of(drop, Worked.Zero), hem, specification);
        return Padded(cover, checks, plan, specification);
    }

    private static ConstructedCover Ironing(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var plan = specification.Shape.Id == "outline" ? Plans.Of(specification, sizes, checks) : ByNumbers(specification, sizes, checks);
        if (plan is null || checks.HasError())
        {
            return new() { Checks = checks };
        }

        var margin = specification.Rules["margin"] + sizes.Wadding(MeasureAxis.Thickness);
        return Padded(OutlineMargin.Construct(plan, margin, specification), checks, plan, specification);
    }

    private static ConstructedCover Padded(ConstructedCover cover, List<Check> checks, ClosedPlan plan, CoverSpecification specification) => cover with
    {
        Checks = [.. checks, .. cover.Checks],
        Pieces = cover.Pieces.Count == 0 ? [] : [.. cover.Pieces, .. Layers(cover, plan, specification)],
    };

    /// <summary>The turn and the casing; a hem that was said stands for both.</summary>
    private static Worked Casing(CoverSpecification specification) =>
        specification.Rules.Says("hem") ? specification.Rules["hem"] : specification.Rules["casingTurn"] + specification.Rules["casing"];

    /// <summary>A cloth that hangs over all edges: the table’s outline moved out by the drop.</summary>
    private static ClosedPlan Hanging(ClosedPlan plan, Worked drop)
    {
        var grown = OutlineOffset.Offset(plan.Outline, drop.Value);
        var box = grown.Bounds;
        return plan with
        {
            Outline = grown.Moved(-box.Left, -box.Bottom),
            Width = plan.Width + (2 * drop),
            Depth = plan.Depth + (2 * drop),
            Perimeter = (plan.IsSmooth ? plan.Perimeter + (2 * drop).TimesPi() : plan.Perimeter + (8 * drop)).Named("hem, all round"),
        };
    }

    /// <summary>A broad end, straight sides, a taper, and a nose rounded at half its width.</summary>
    private static ClosedPlan? ByNumbers(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var (length, widest, nose) = (sizes.Of("length"), sizes.Of("widest"), sizes.Of("noseWidth"));
        var taper = sizes.Has("taperLength") ? sizes.Of("taperLength") : (length / 3).Named("taper");
        var format = specification.Format;
        if (nose.Value > widest.Value)
        {
            checks.Add(Check.Error("nose-too-wide", $"The nose of {format.RoundedWithUnit(nose.Value)} is wider than the board’s {format.RoundedWithUnit(widest.Value)}: the two are swapped.", "noseWidth"));
        }

        if (taper.Value >= length.Value || nose.Value.Half() >= taper.Value)
        {
            checks.Add(Check.Error("taper-out-of-range", $"A taper of {format.RoundedWithUnit(taper.Value)} does not lie between half the nose and the whole length: measure it from the tip back to where the sides run straight.", "taperLength", new Mend("A third of the length", "measures.taperLength", format.RoundedWithUnit((length.Value / 3).RoundedTo(format.Step)))));
        }

        if (checks.HasError())
        {
            return null;
        }

        // The sides run straight from the shoulders and touch the nose's circle.
        var (w, shoulder, radius) = (widest.Value, length.Value - taper.Value, nose.Value.Half());
        var centre = new Point(w.Half(), length.Value - radius);
        var toShoulder = new Point(w, shoulder) - centre;
        var (reach, size) = (toShoulder.Size, (double)radius.Nanometres);
        var angle = Math.Atan2(toShoulder.Y, toShoulder.X) + Math.Acos(size / reach);
        var right = centre + (size * new Vector(Math.Cos(angle), Math.Sin(angle)));
        var left = new Point(w - right.X, right.Y);
        var outline = new Outline(
        [
            new("front", Point.Origin, new(w, Length.Zero)),
            new("right", new(w, Length.Zero), new(w, shoulder)),
            new("right-taper", new(w, shoulder), right),
            new("nose", right, left, new Arc(centre, CounterClockwise: true)),
            new("left-taper", left, new(Length.Zero, shoulder)),
            new("left", new(Length.Zero, shoulder), Point.Origin),
        ]);
        var slant = Worked.ReadOff("taper, along itself", outline.LengthOf("right-taper"));
        var lengths = new Dictionary<string, Worked>
        {
            ["front"] = widest,
            ["right"] = length - taper,
            ["right-taper"] = slant,
            ["nose"] = Worked.ReadOff("nose, along its curve", outline.LengthOf("nose")),
            ["left-taper"] = slant,
            ["left"] = length - taper,
        };
        return new(outline, lengths, "front", "nose", widest, length);
    }

    /// <summary>Each layer of padding is a piece too, as large as what it lies on.</summary>
    private static IEnumerable<Piece> Layers(ConstructedCover cover, ClosedPlan plan, CoverSpecification specification)
    {
        if (cover.Pieces.Count == 0 || specification.MeasuredFrom != MeasuredFrom.Filling)
        {
            yield break;
        }

        for (var i = 0; i < specification.Padding.Count; i++)
        {
            var layer = specification.Padding[i];
            var wound = layer.How is PaddingHow.WoundWidth or PaddingHow.WoundDepth;
            var round = 2 * Worked.Given("padding", layer.Thickness, QuantitySource.Cover); // what it is wound round grows by itself on both faces
            var width = layer.How == PaddingHow.WoundWidth ? layer.Turns * (2 * (plan.Width + round)) : plan.Width;
            var length = layer.How == PaddingHow.WoundDepth ? layer.Turns * (2 * (plan.Depth + round)) : plan.Depth;
            yield return PieceMaker.Make(
                specification,
                "layer",
                wound ? $"Padding {i + 1}, wound round {layer.Turns} times" : $"Padding {i + 1}",
                wound ? 1 : layer.Turns,
                wound ? PieceMaker.Rectangle(width.Value, length.Value) : plan.Outline,
                width,
                length,
                _ => Length.Zero) with
            { Key = $"layer-{i + 1}", Use = PieceUse.Laid, Cloth = ClothRole.Padding };
        }
    }
}
