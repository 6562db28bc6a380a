using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Forms.Finished;

/// <summary>What covers of tables and boards have to measure.</summary>
internal static class TableThings
{
    private const int PartsOfOval = 4096;

    public static ExpectedCover Table(MeasuredThing thing)
    {
        var drop = thing.Up("drop");
        var (w, d) = thing.Cover.Shape.Id == "round" ? (thing.Across("diameter"), thing.Across("diameter")) : (thing.Across("width"), thing.Along("depth"));
        if (thing.Cover.Shape.Id == "rectangle")
        {
            return thing.Cover.Construction switch
            {
                "flat" => Sheet(w + (2 * drop), d + (2 * drop), 2 * (w + d + (4 * drop)), (w + (2 * drop)) * (d + (2 * drop)), 0),
                "tub-notched" => OnePiece(thing, w, d, drop),
                _ => Obstructed(thing, Expectations.Tub(w, d, drop), drop),
            };
        }

        var (round, area) = (RoundOval(w, d), Math.PI * w * d / 4);
        var smooth = w == d ? 0 : round * 0.02;
        return thing.Cover.Construction == "flat"
            ? Sheet(w + (2 * drop), d + (2 * drop), round + (2 * Math.PI * drop), area + (round * drop) + (Math.PI * drop * drop), smooth)
            : new() { Sizes = [w, d, drop], Opening = round, Area = area + (round * drop), Round = round, Smooth = smooth };
    }

    public static ExpectedCover Board(MeasuredThing thing)
    {
        var casing = thing.Cover.Rules.Says("hem") ? thing.Rule("hem") : thing.Rule("casingTurn") + thing.Rule("casing");
        switch (thing.Cover.Shape.Id)
        {
            case "tray":
                return OnePiece(thing, thing.Across("width"), thing.Along("depth"), thing.Rule("wall") + thing.WaddingUp - casing);
            case "pressing-table" when thing.Taken("cornerRadius") <= 0:
                return OnePiece(thing, thing.Across("width"), thing.Along("depth"), thing.Up("drop"));
            case "pressing-table":
                return WithMargin(ThingPlans.Of(thing), thing.Up("drop") + casing);
            default:
                var board = thing.Cover.Shape.Id == "outline" ? ThingPlans.Of(thing) : ByNumbers(thing);
                return WithMargin(board, thing.Rule("margin") + thing.WaddingUp);
        }
    }

    /// <summary>A rectangle cut in one with its walls; with its notches cut the full wall it comes out two seams smaller and one deeper.</summary>
    public static ExpectedCover OnePiece(MeasuredThing thing, double width, double depth, double fall)
    {
        var taken = thing.Cover.Choices.FullWallNotch ? thing.Rule("seam") : 0;
        return Obstructed(thing, Expectations.Tub(width - (2 * taken), depth - (2 * taken), fall + taken), fall + taken);
    }

    /// <summary>
    /// Over what stands in its way the edge is cut away: straight over the obstacle, and on each side in two arcs of one curve
    /// twice as long as it rises.
    /// </summary>
    private static ExpectedCover Obstructed(MeasuredThing thing, ExpectedCover tub, double reach)
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

        return tub with { Area = tub.Area - less, Opening = tub.Opening + longer };
    }

    private static ExpectedCover WithMargin(ThingOutline board, double margin) => Sheet(
        board.Width + (2 * margin), board.Depth + (2 * margin), board.EdgeOfMargin(margin), board.AreaWithMargin(margin), 0) with
    { Gather = board.EdgeOfMargin(margin) - board.Perimeter };

    private static ExpectedCover Sheet(double width, double depth, double edge, double area, double smooth) =>
        new() { Sizes = [width, depth, 0], Opening = edge, Area = area, Round = edge, Smooth = smooth };

    /// <summary>An ironing board: straight sides, a taper that touches the nose, the nose half a circle or a little more.</summary>
    private static ThingOutline ByNumbers(MeasuredThing thing)
    {
        var (length, widest, nose) = (thing.Along("length"), thing.Across("widest"), thing.Detail("noseWidth", across: true));
        var shoulder = length - (thing.Has("taperLength") ? thing.Detail("taperLength") : length / 3);
        var (radius, centre) = (nose / 2, new Spot(0, length - (nose / 2)));
        // The taper leaves the shoulder so that it is square to the radius where it meets the nose.
        var (dx, dy) = (widest / 2, shoulder - centre.Y);
        var (far, tilt) = (double.Hypot(dx, dy), Math.Asin(radius / double.Hypot(dx, dy)));
        var along = Math.Sqrt((far * far) - (radius * radius));
        var (ux, uy) = (-dx / far, -dy / far);
        var way = new Spot((ux * Math.Cos(tilt)) + (uy * Math.Sin(tilt)), (uy * Math.Cos(tilt)) - (ux * Math.Sin(tilt)));
        var touch = new Spot(widest / 2, shoulder) + (along * way);
        var other = touch with { X = -touch.X };
        return new(
        [
            new(new(-widest / 2, 0), new(widest / 2, 0)),
            new(new(widest / 2, 0), new(widest / 2, shoulder)),
            new(new(widest / 2, shoulder), touch),
            new(touch, other, centre),
            new(other, new(-widest / 2, shoulder)),
            new(new(-widest / 2, shoulder), new(-widest / 2, 0)),
        ]);
    }

    /// <summary>The way round an ellipse, by adding up its arc over equal steps of its angle.</summary>
    private static double RoundOval(double width, double depth)
    {
        var total = 0.0;
        for (var i = 0; i < PartsOfOval; i++)
        {
            var angle = 2 * Math.PI * (i + 0.5) / PartsOfOval;
            total += double.Hypot(width / 2 * Math.Sin(angle), depth / 2 * Math.Cos(angle));
        }

        return total * 2 * Math.PI / PartsOfOval;
    }
}
