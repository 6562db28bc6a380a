namespace Wrapper.Formats.Outlines;

/// <summary>The curves that drawings are made of, each as a part from 0 to 1.</summary>
internal static class Curves
{
    /// <summary>
    /// A stretch of an ellipse round a centre, between two angles of its parameter, whose axes need not be square to the drawing's.
    /// </summary>
    public static DrawnPart Ellipse(
        (double X, double Y) centre,
        (double X, double Y) major,
        (double X, double Y) minor,
        double from,
        double to
    ) =>
        new(
            false,
            t =>
            {
                var (sin, cos) = Math.SinCos(from + (t * (to - from)));
                return (centre.X + (cos * major.X) + (sin * minor.X), centre.Y + (cos * major.Y) + (sin * minor.Y));
            },
            Math.Max(1, (int)Math.Ceiling((Math.Abs(to - from) / (Math.PI / 2)) - 1e-9))
        );

    /// <summary>A stretch of a circle.</summary>
    public static DrawnPart Circle(double x, double y, double radius, double from, double to) =>
        Ellipse((x, y), (radius, 0), (0, radius), from, to);

    /// <summary>From one place to another with a bulge: the tangent of a quarter of the arc's angle, positive counter-clockwise.</summary>
    public static DrawnPart Bulged((double X, double Y) from, (double X, double Y) to, double bulge)
    {
        var (dx, dy) = (to.X - from.X, to.Y - from.Y);
        if (bulge == 0 || (dx == 0 && dy == 0) || Math.Abs(bulge) > 1e6)
        {
            return DrawnPart.Straight(from, to);
        }

        var toCentre = (1 - (bulge * bulge)) / (4 * bulge); // of the chord, to its left
        var (x, y) = (((from.X + to.X) / 2) - (toCentre * dy), ((from.Y + to.Y) / 2) + (toCentre * dx));
        var (first, sweep) = (Math.Atan2(from.Y - y, from.X - x), 4 * Math.Atan(bulge));
        var radius = double.Hypot(from.X - x, from.Y - y);
        var part = Circle(x, y, radius, first, first + sweep);
        return part with
        {
            At = t =>
                t <= 0 ? from
                : t >= 1 ? to
                : part.At(t),
        };
    }

    /// <summary>A cubic curve by its two ends and the two points that draw it.</summary>
    public static DrawnPart Cubic((double X, double Y) a, (double X, double Y) b, (double X, double Y) c, (double X, double Y) d) =>
        new(false, t =>
        {
            var s = 1 - t;
            var (u, v, w, z) = (s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t);
            return ((u * a.X) + (v * b.X) + (w * c.X) + (z * d.X), (u * a.Y) + (v * b.Y) + (w * c.Y) + (z * d.Y));
        });

    /// <summary>An elliptical arc as a path gives it: from its end points to its centre.</summary>
    public static DrawnPart Arc(
        (double X, double Y) from,
        (double X, double Y) to,
        double rx,
        double ry,
        double turn,
        bool isLarge,
        bool isSweep
    )
    {
        if (rx < 1e-9 || ry < 1e-9 || from == to)
        {
            return DrawnPart.Straight(from, to);
        }

        var (sin, cos) = Math.SinCos(turn);
        var (dx, dy) = ((from.X - to.X) / 2, (from.Y - to.Y) / 2);
        var (x, y) = ((cos * dx) + (sin * dy), (cos * dy) - (sin * dx));
        var reach = (x * x / (rx * rx)) + (y * y / (ry * ry));
        if (reach > 1)
        {
            (rx, ry) = (rx * Math.Sqrt(reach), ry * Math.Sqrt(reach)); // radii too small to reach both ends grow until they do
        }

        var under = ((rx * rx * ry * ry) - (rx * rx * y * y) - (ry * ry * x * x)) / ((rx * rx * y * y) + (ry * ry * x * x));
        var root = (isLarge == isSweep ? -1 : 1) * Math.Sqrt(Math.Max(0, under));
        var (cx, cy) = (root * rx * y / ry, -root * ry * x / rx);
        var (first, last) = (Math.Atan2((y - cy) / ry, (x - cx) / rx), Math.Atan2((-y - cy) / ry, (-x - cx) / rx));
        var sweep = last - first;
        sweep +=
            isSweep && sweep < 0 ? 2 * Math.PI
            : !isSweep && sweep > 0 ? -2 * Math.PI
            : 0;
        var part = Ellipse(
            ((cos * cx) - (sin * cy) + ((from.X + to.X) / 2), (sin * cx) + (cos * cy) + ((from.Y + to.Y) / 2)),
            (cos * rx, sin * rx),
            (-sin * ry, cos * ry),
            first,
            first + sweep
        );
        return part with
        {
            At = t =>
                t <= 0 ? from
                : t >= 1 ? to
                : part.At(t),
        };
    }
}
