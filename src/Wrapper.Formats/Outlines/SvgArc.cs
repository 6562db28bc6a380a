namespace Wrapper.Formats.Outlines;

/// <summary>An elliptical arc of an SVG path, from its end points to its centre.</summary>
internal static class SvgArc
{
    /// <summary>Adds the arc to a ring, in parts of at most an eighth turn.</summary>
    public static void Add(SvgRing ring, (double X, double Y) from, (double X, double Y) to, double rx, double ry, double turn, bool isLarge, bool isSweep)
    {
        if (rx < 1e-9 || ry < 1e-9 || from == to)
        {
            ring.Line(from, to);
            return;
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
        var (centreX, centreY) = ((cos * cx) - (sin * cy) + ((from.X + to.X) / 2), (sin * cx) + (cos * cy) + ((from.Y + to.Y) / 2));
        var (first, last) = (Math.Atan2((y - cy) / ry, (x - cx) / rx), Math.Atan2((-y - cy) / ry, (-x - cx) / rx));
        var sweep = last - first;
        sweep += isSweep && sweep < 0 ? 2 * Math.PI : !isSweep && sweep > 0 ? -2 * Math.PI : 0;
        ring.Curve(
            t =>
            {
                var (s, c) = Math.SinCos(first + (t * sweep));
                return (centreX + (cos * rx * c) - (sin * ry * s), centreY + (sin * rx * c) + (cos * ry * s));
            },
            Math.Max(1, (int)Math.Ceiling(Math.Abs(sweep) / (Math.PI / 4))));
    }
}
