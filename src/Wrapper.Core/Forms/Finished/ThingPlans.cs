using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;

namespace Wrapper.Core.Forms.Finished;

/// <summary>The outline of a thing seen from above, from its measures and fit.</summary>
internal static class ThingPlans
{
    private const int PairsOfArcs = 4;

    /// <summary>The outline in its shape, corners rounded.</summary>
    public static ThingOutline Of(MeasuredThing thing)
    {
        var outline = Square(thing);
        var radius = thing.Taken(Measure.CornerRadius);
        if (radius <= 0 || thing.Cover.Shape.Measures.All(measure => measure.Measure != Measure.CornerRadius))
        {
            return outline;
        }

        var (front, back) = (outline.Facing(front: true), outline.Facing(front: false));
        return outline.Rounded(radius, (before, after) => thing.Cover.Choices.RoundedCorners switch
            {
                RoundedCorners.Front => before == front || after == front,
                RoundedCorners.Back => before == back || after == back,
                _ => true,
            });
    }

    private static ThingOutline Square(MeasuredThing thing)
    {
        switch (thing.Cover.Shape.Id)
        {
            case "trapezoid":
                var (front, back, depth) = (thing.Across(Measure.FrontWidth), thing.Across(Measure.BackWidth), thing.Along(Measure.Depth));
                return ThingOutline.Polygon((-front / 2, 0), (front / 2, 0), (back / 2, depth), (-back / 2, depth));
            case "round" or "drum":
                return ThingOutline.Disc(thing.Across(Measure.Diameter));
            case "t-shape" or "l-shape":
                return Eared(thing);
            case "cut-corner":
                var (w, l, cw, cl) = (
                    thing.Across(Measure.Width),
                    thing.Along(Measure.Length),
                    thing.Detail(Measure.CutWidth, across: true),
                    thing.Detail(Measure.CutLength)
                );
                return ThingOutline.Polygon((0, 0), (w - cw, 0), (w, cl), (w, l), (0, l));
            case "outline":
                return Free(thing);
            case "stations":
                return Stations(thing);
            default:
                return ThingOutline.Rectangle(
                    thing.Across(Measure.Width),
                    thing.Along(thing.Has(Measure.Depth) ? Measure.Depth : Measure.Length)
                );
        }
    }

    private static ThingOutline Eared(MeasuredThing thing)
    {
        var (w, d, out_, long_) = (
            thing.Across(Measure.Width),
            thing.Along(Measure.Depth),
            thing.Detail(Measure.EarWidth, across: true),
            thing.Detail(Measure.EarDepth)
        );
        var (left, right) =
            thing.Cover.Shape.Id == "t-shape" ? (true, true) : (!thing.Cover.Choices.EarOnTheRight, thing.Cover.Choices.EarOnTheRight);
        List<(double, double)> corners = [(0, 0), (w, 0)];
        corners.AddRange(right ? [(w, long_), (w - out_, long_), (w - out_, d)] : [(w, d)]);
        corners.AddRange(left ? [(out_, d), (out_, long_), (0, long_)] : [(0, d)]);
        return ThingOutline.Polygon(corners);
    }

    private static ThingOutline Free(MeasuredThing thing)
    {
        var corners = thing.Cover.Points;
        Spot At(int i) =>
            new(
                thing.Unshrunk(corners[i % corners.Count].At.X.Millimetres, across: true),
                thing.Unshrunk(corners[i % corners.Count].At.Y.Millimetres, across: false)
            );
        // A rise shrank by as much as both ways together, taken half and half.
        var (across, along) = thing.Cover.OldCoverShrinkage;
        var rise = thing.Cover.MeasuredFrom == MeasuredFrom.OldCover ? 1 / (1 - ((double)(across + along) / 2)) : 1;
        return new ThingOutline(corners.Select((corner, i) => ThingSide.Risen(At(i), At(i + 1), corner.Rise.Millimetres * rise))).Grown(
            thing.GrowthAllRound
        );
    }

    /// <summary>
    /// Widths at stations joined by a cubic that never swings beyond them; each stretch is cut along eight arcs, as the workroom
    /// draws it, so that what goes on beyond its ends goes on round the last of them.
    /// </summary>
    private static ThingOutline Stations(MeasuredThing thing)
    {
        var depth = thing.Along(Measure.Depth);
        var stretch = depth / thing.Taken(Measure.Depth);
        var places = thing.Cover.Stations.Select(station => station.At.Millimetres * stretch).ToArray();
        var widths = thing
            .Cover.Stations.Select(station =>
                thing.Unshrunk(station.Width.Millimetres, across: true) + thing.Wadding(1, 0) + thing.AddedAcross
            )
            .ToArray();
        var slopes = Slopes(places, widths);
        var right = new List<ThingSide>();
        for (var span = 0; span + 1 < places.Length; span++)
        {
            var run = places[span + 1] - places[span];
            (Spot At, Spot Way) On(double t)
            {
                var (t2, t3) = (t * t, t * t * t);
                var width =
                    (((2 * t3) - (3 * t2) + 1) * widths[span])
                    + ((t3 - (2 * t2) + t) * run * slopes[span])
                    + (((3 * t2) - (2 * t3)) * widths[span + 1])
                    + ((t3 - t2) * run * slopes[span + 1]);
                var slope =
                    (((6 * t2) - (6 * t)) * (widths[span] - widths[span + 1]) / run)
                    + (((3 * t2) - (4 * t) + 1) * slopes[span])
                    + (((3 * t2) - (2 * t)) * slopes[span + 1]);
                var size = double.Hypot(slope / 2, 1);
                return (new(width / 2, places[span] + (t * run)), new(slope / 2 / size, 1 / size));
            }

            for (var part = 0; part < PairsOfArcs; part++)
            {
                right.AddRange(ThingSide.Pair(On((double)part / PairsOfArcs), On((part + 1.0) / PairsOfArcs)));
            }
        }

        static Spot Left(Spot spot) => spot with { X = -spot.X };
        var left = Enumerable
            .Reverse(right)
            .Select(side =>
                side with
                {
                    From = Left(side.To),
                    To = Left(side.From),
                    Centre = side.Centre is { } centre ? Left(centre) : null,
                }
            );
        return new([new(Left(right[0].From), right[0].From), .. right, new(right[^1].To, Left(right[^1].To)), .. left]);
    }

    private static double[] Slopes(double[] places, double[] values)
    {
        var rises = values
            .Zip(values.Skip(1), (a, b) => b - a)
            .Zip(places.Zip(places.Skip(1), (a, b) => b - a), (rise, run) => rise / run)
            .ToArray();
        double[] slopes = [rises[0], .. rises.Zip(rises.Skip(1), (a, b) => a * b > 0 ? (a + b) / 2 : 0), rises[^1]];
        for (var i = 0; i < rises.Length; i++)
        {
            if (rises[i] == 0)
            {
                slopes[i] = slopes[i + 1] = 0;
                continue;
            }

            var size = double.Hypot(slopes[i], slopes[i + 1]) / Math.Abs(rises[i]);
            if (size > 3)
            {
                (slopes[i], slopes[i + 1]) = (slopes[i] * 3 / size, slopes[i + 1] * 3 / size);
            }
        }

        return slopes;
    }
}
