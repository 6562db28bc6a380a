using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Plans;

/// <summary>
/// A plan from widths at distances from the front, joined on both sides by a smooth curve that never swings beyond the
/// widths measured. See docs/handbook.md, "Stations".
/// </summary>
internal static class StationPlan
{
    private const int PartsBetween = 4;

    /// <summary>The plan; null with the errors in the way.</summary>
    public static ClosedPlan? Plan(CoverSpecification specification, Worked depth, Worked fit, List<Check> checks)
    {
        var unshrunk = specification.MeasuredFrom == MeasuredFrom.OldCover ? 1 / (1 - specification.OldCoverShrinkage.Across) : 1;
        IReadOnlyList<(Length At, Length Width)> stations =
        [
            .. specification.Stations.Select(station => (station.At, station.Width.Times(unshrunk))),
        ];
        var taken = specification.Measures[Measure.Depth];
        if (stations.Count < 2 || !stations[0].At.IsZero)
        {
            checks.Add(Check.Error("stations-incomplete", PartsText.StationsIncomplete, "stations"));
            return null;
        }

        for (var i = 1; i < stations.Count; i++)
        {
            if (stations[i].At - stations[i - 1].At < Length.FromMillimetres(5m))
            {
                checks.Add(Check.Error("stations-out-of-order", PartsText.StationsOutOfOrder(i + 1, i), "stations"));
                return null;
            }
        }

        if (stations[^1].At != taken)
        {
            checks.Add(
                Check.Error(
                    "stations-off-depth",
                    PartsText.StationsOffDepth(
                        specification.Format.RoundedWithUnit(stations[^1].At),
                        specification.Format.RoundedWithUnit(taken)
                    ),
                    "stations",
                    new Mend(PartsText.ToTakeTheLastStation, "measures.depth", specification.Format.RoundedWithUnit(stations[^1].At))
                )
            );
            return null;
        }

        var narrow = stations.ToList().FindIndex(station => !(station.Width + fit.Value).IsPositive);
        if (narrow >= 0)
        {
            checks.Add(
                Check.Error(
                    "nothing-left",
                    PartsText.NothingLeft(narrow + 1, specification.Format.RoundedWithUnit(stations[narrow].Width + fit.Value)),
                    "fit.width",
                    new Mend(CommonText.ToFitExact, "rules.fit.width", "0")
                )
            );
            return null;
        }

        var curve = new MonotoneCurve(
            [.. stations.Select(station => depth.Value.Nanometres * station.At.RatioTo(taken))],
            [.. stations.Select(station => (station.Width + fit.Value).Nanometres / 2.0)]
        );
        return Drawn(
            curve,
            stations,
            Worked.Given("widest station", stations.Max(station => station.Width), QuantitySource.Measure) + fit,
            fit,
            depth
        );
    }

    private static ClosedPlan Drawn(
        MonotoneCurve curve,
        IReadOnlyList<(Length At, Length Width)> stations,
        Worked widest,
        Worked fit,
        Worked depth
    )
    {
        var spans = stations.Count - 1;
        var middle = widest.Value.Nanometres / 2.0;
        var all = (double)depth.Value.Nanometres;
        Point OnSide(double y, int side) =>
            new(Length.FromNanometresRounded(middle + (side * curve.At(y))), Length.FromNanometresRounded(y));
        Vector Along(double y, int side) => new Vector(side * curve.SlopeAt(y), 1).Unit;
        var parts = new List<Edge> { new(EdgeName.Front, OnSide(0, -1), OnSide(0, 1)) };
        for (var span = 0; span < spans; span++)
        {
            var (from, to) = (curve.Places[span], curve.Places[span + 1]);
            parts.AddRange(
                SmoothCurve.Arcs(
                    EdgeName.Right,
                    t => OnSide(from + (t * (to - from)), 1),
                    t => Along(from + (t * (to - from)), 1),
                    PartsBetween
                )
            );
        }

        parts.Add(new(EdgeName.Back, OnSide(all, 1), OnSide(all, -1)));
        for (var span = spans - 1; span >= 0; span--)
        {
            var (from, to) = (curve.Places[span + 1], curve.Places[span]);
            parts.AddRange(
                SmoothCurve.Arcs(
                    EdgeName.Left,
                    t => OnSide(from + (t * (to - from)), -1),
                    t => -1 * Along(from + (t * (to - from)), -1),
                    PartsBetween
                )
            );
        }

        var outline = new Outline(SmoothCurve.Closed(parts));
        Worked At(int station, string name) => Worked.Given(name, stations[station].Width, QuantitySource.Measure) + fit;
        var edges = new Dictionary<string, Worked>
        {
            ["front"] = At(0, "front width"),
            ["right"] = Worked.ReadOff("side, along the curve", outline.LengthOf("right")),
            ["back"] = At(spans, "back width"),
            ["left"] = Worked.ReadOff("side, along the curve", outline.LengthOf("left")),
        };
        return new(outline, edges, EdgeName.Front, EdgeName.Back, widest, depth);
    }
}
