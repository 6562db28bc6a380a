using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Plans;

/// <summary>Draws the plans of the usual shapes from their finished sizes. See docs/handbook.md, "Shapes".</summary>
internal static class PlanShapes
{
    private static readonly EdgeName RightEar = EdgeName.Right.As(EdgeFunction.Seam, "ear");
    private static readonly EdgeName RightLedge = EdgeName.Right.As(EdgeFunction.Seam, "ledge");
    private static readonly EdgeName LeftEar = EdgeName.Left.As(EdgeFunction.Seam, "ear");
    private static readonly EdgeName LeftLedge = EdgeName.Left.As(EdgeFunction.Seam, "ledge");

    /// <summary>A rectangle or trapezoid, the back centred behind the front.</summary>
    public static ClosedPlan Tapered(Worked front, Worked back, Worked depth)
    {
        var step = (front.Value - back.Value).Half();
        var left = Length.Min(Length.Zero, step);
        var outline = Outline.Polygon(
            (EdgeName.Front, new(-left, Length.Zero)),
            (EdgeName.Right, new(front.Value - left, Length.Zero)),
            (EdgeName.Back, new(step + back.Value - left, depth.Value)),
            (EdgeName.Left, new(step - left, depth.Value))
        );
        var side = front.Value == back.Value ? depth : Worked.Slant(depth, (front - back) / 2).Named("side");
        return new(
            outline,
            new Dictionary<string, Worked>(4)
            {
                ["front"] = front,
                ["right"] = side,
                ["back"] = back,
                ["left"] = side,
            },
            EdgeName.Front,
            EdgeName.Back,
            front.Value >= back.Value ? front : back,
            depth
        );
    }

    /// <summary>
    /// A body with an ear in front on one side or on both. The ear sticks out by its width and is as long, front to back, as
    /// its depth.
    /// </summary>
    public static ClosedPlan Eared(Worked width, Worked depth, Worked earWidth, Worked earDepth, bool onLeft, bool onRight)
    {
        var (w, d, out_, long_) = (width.Value, depth.Value, earWidth.Value, earDepth.Value);
        var zero = Length.Zero;
        var corners = new List<(EdgeName, Point)> { (EdgeName.Front, new(zero, zero)) };
        var edges = new Dictionary<string, Worked> { ["front"] = width };
        if (onRight)
        {
            corners.AddRange([(RightEar, new(w, zero)), (RightLedge, new(w, long_)), (EdgeName.Right, new(w - out_, long_))]);
            (edges["right-ear"], edges["right-ledge"], edges["right"]) = (earDepth, earWidth, depth - earDepth);
        }
        else
        {
            corners.Add((EdgeName.Right, new(w, zero)));
            edges["right"] = depth;
        }

        corners.Add((EdgeName.Back, new(onRight ? w - out_ : w, d)));
        edges["back"] = width - ((onLeft && onRight ? 2 : 1) * earWidth);
        if (onLeft)
        {
            corners.AddRange([(EdgeName.Left, new(out_, d)), (LeftLedge, new(out_, long_)), (LeftEar, new(zero, long_))]);
            (edges["left"], edges["left-ledge"], edges["left-ear"]) = (depth - earDepth, earWidth, earDepth);
        }
        else
        {
            corners.Add((EdgeName.Left, new(zero, d)));
            edges["left"] = depth;
        }

        return new(Outline.Polygon(corners), edges, EdgeName.Front, EdgeName.Back, width, depth);
    }

    /// <summary>A rectangle with the corner at the front right cut off: a berth against the hull.</summary>
    public static ClosedPlan CutCorner(Worked width, Worked length, Worked cutWidth, Worked cutLength)
    {
        var (w, l) = (width.Value, length.Value);
        var outline = Outline.Polygon(
            (EdgeName.Front, Point.Origin),
            (EdgeName.Of(EdgeSide.Cut), new(w - cutWidth.Value, Length.Zero)),
            (EdgeName.Right, new(w, cutLength.Value)),
            (EdgeName.Back, new(w, l)),
            (EdgeName.Left, new(Length.Zero, l))
        );
        var edges = new Dictionary<string, Worked>
        {
            ["front"] = width - cutWidth,
            ["cut"] = Worked.Slant(cutWidth, cutLength).Named("cut corner"),
            ["right"] = length - cutLength,
            ["back"] = width,
            ["left"] = length,
        };
        return new(outline, edges, EdgeName.Front, EdgeName.Back, width, length);
    }

    /// <summary>A disc, its quarters named after the way they face.</summary>
    public static ClosedPlan Round(Worked diameter)
    {
        var radius = diameter.Value.Half();
        var centre = new Point(radius, radius);
        var eighth = radius.Times(Math.Sqrt(0.5));
        Point At(int x, int y) => centre.Moved(x * eighth, y * eighth);
        var circle = new Arc(centre, CounterClockwise: true);
        Point[] corners = [At(-1, -1), At(1, -1), At(1, 1), At(-1, 1)];
        var outline = new Outline(EdgeName.Round.Select((name, i) => new Edge(name, corners[i], corners[(i + 1) % 4], circle)));
        var circumference = diameter.TimesPi().Named("circumference");
        return new(
            outline,
            EdgeName.Round.ToDictionary(name => name.Word, _ => circumference / 4),
            EdgeName.Front,
            EdgeName.Back,
            diameter,
            diameter
        )
        {
            IsSmooth = true,
            Perimeter = circumference,
        };
    }

    /// <summary>
    /// An ellipse, drawn in arcs that leave it by less than a thousandth of a millimetre; its quarters meet on the axes' diagonals.
    /// </summary>
    public static ClosedPlan Oval(Worked width, Worked depth)
    {
        var (a, b) = (width.Value.Nanometres / 2.0, depth.Value.Nanometres / 2.0);
        var centre = new Point(width.Value.Half(), depth.Value.Half());
        var partsOfQuarter = PartsOfQuarter(Math.Max(a, b), Math.Min(a, b));
        var parts = new List<Edge>();
        for (var quarter = 0; quarter < 4; quarter++)
        {
            var from = (-0.75 + (0.5 * quarter)) * Math.PI;
            parts.AddRange(
                SmoothCurve.Arcs(
                    EdgeName.Round[quarter],
                    t => centre + new Vector(a * Math.Cos(from + (t * Math.PI / 2)), b * Math.Sin(from + (t * Math.PI / 2))),
                    t => new Vector(-a * Math.Sin(from + (t * Math.PI / 2)), b * Math.Cos(from + (t * Math.PI / 2))).Unit,
                    partsOfQuarter
                )
            );
        }

        var outline = new Outline(SmoothCurve.Closed(parts));
        var names = EdgeName.Round.ToDictionary(
            name => name.Word,
            name => Worked.ReadOff($"{name} quarter of the oval", outline.LengthOf(name))
        );
        return new(outline, names, EdgeName.Front, EdgeName.Back, width, depth) { IsSmooth = true };
    }

    /// <summary>
    /// Into how many pairs of arcs a quarter is divided so that none leaves the ellipse by a hundredth of a millimetre: more the
    /// larger and the flatter it is. Even, so that the ends of both axes are ends of arcs: width and depth are exact.
    /// </summary>
    private static int PartsOfQuarter(double longer, double shorter) =>
        2 * Math.Clamp((int)Math.Ceiling(5.6 * Math.Sqrt(longer / shorter) * Math.Cbrt(longer / 1e9)), 3, 40);
}
