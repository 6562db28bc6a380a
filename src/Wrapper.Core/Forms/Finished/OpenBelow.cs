using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Forms.Finished;

/// <summary>
/// What covers open below have to measure: cut in one with their walls, with something in their way, with a margin drawn in.
/// </summary>
internal static class OpenBelow
{
    private const int StepsOfCircle = 32;
    private const int MostSteps = 4096;

    /// <summary>
    /// A rectangle cut in one with its walls; with its notches cut the full wall it comes out two seams smaller and one deeper.
    /// </summary>
    public static ExpectedCover OnePiece(MeasuredThing thing, double width, double depth, double fall)
    {
        var taken = thing.Cover.Choices.FullWallNotch ? thing.Figure(Rule.Seam) : 0;
        return Obstructed(thing, PlainCover.Tub(width - (2 * taken), depth - (2 * taken), fall + taken), fall + taken);
    }

    /// <summary>
    /// Over what stands in its way the edge is cut away: straight over the obstacle, and on each side in two arcs of one curve
    /// twice as long as it rises.
    /// </summary>
    public static ExpectedCover Obstructed(MeasuredThing thing, ExpectedCover tub, double reach)
    {
        var (less, longer) = (0.0, 0.0);
        var turn = 2 * Math.Atan(0.5);
        foreach (var obstacle in thing.Cover.Obstacles)
        {
            var rise = reach - obstacle.Drop.Millimetres;
            if (rise > 0)
            {
                less += (rise * obstacle.Length.Millimetres) + (2 * rise * rise);
                longer += 2 * ((2 * rise * turn / Math.Sin(turn)) - (2 * rise));
            }
        }

        return tub with
        {
            Area = tub.Area - less,
            Opening = tub.Opening + longer,
        };
    }

    public static ExpectedCover WithMargin(ThingOutline board, double margin) =>
        PlainCover.Sheet(
            board.Width + (2 * margin),
            board.Depth + (2 * margin),
            board.EdgeOfMargin(margin),
            board.AreaWithMargin(margin),
            0
        ) with
        {
            Gather = board.EdgeOfMargin(margin) - board.Perimeter,
        };

    /// <summary>
    /// The way round an ellipse, by adding up its arc over equal steps of its angle. The sum of a smooth periodic figure comes to its
    /// end like a power of the number of steps, faster the rounder the ellipse is: so many that nothing is left of a nanometre.
    /// </summary>
    public static double RoundOval(double width, double depth)
    {
        var steps = Math.Clamp(
            (int)Math.Ceiling(StepsOfCircle * Math.Max(width, depth) / Math.Min(width, depth)),
            StepsOfCircle,
            MostSteps
        );
        var total = 0.0;
        for (var i = 0; i < steps; i++)
        {
            var angle = 2 * Math.PI * (i + 0.5) / steps;
            total += double.Hypot(width / 2 * Math.Sin(angle), depth / 2 * Math.Cos(angle));
        }

        return total * 2 * Math.PI / steps;
    }
}
