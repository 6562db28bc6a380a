namespace Wrapper.Formats.Drawing;

/// <summary>What a bulge says of the arc between two points: its radius, and the box it takes.</summary>
internal static class StrokeArc
{
    /// <summary>The radius of the arc, in millimetres.</summary>
    public static double Radius(StrokePoint from, StrokePoint to)
    {
        var chord = Math.Sqrt(((to.X - from.X) * (to.X - from.X)) + ((to.Y - from.Y) * (to.Y - from.Y)));
        return chord * (1 + (from.Bulge * from.Bulge)) / (4 * Math.Abs(from.Bulge));
    }

    public static SheetBox Bounds(StrokePoint from, StrokePoint to)
    {
        var (left, right) = (Math.Min(from.X, to.X), Math.Max(from.X, to.X));
        var (bottom, top) = (Math.Min(from.Y, to.Y), Math.Max(from.Y, to.Y));
        if (from.Bulge == 0)
        {
            return new(left, bottom, right, top);
        }

        var (radius, (x, y)) = (Radius(from, to), Centre(from, to));
        var start = Math.Atan2(from.Y - y, from.X - x);
        var sweep = 4 * Math.Atan(from.Bulge);
        for (var quarter = -8; quarter <= 8; quarter++)
        {
            var angle = quarter * Math.PI / 2;
            if (sweep > 0 ? angle >= start && angle <= start + sweep : angle <= start && angle >= start + sweep)
            {
                var (sin, cos) = Math.SinCos(angle);
                (left, right) = (Math.Min(left, x + (radius * cos)), Math.Max(right, x + (radius * cos)));
                (bottom, top) = (Math.Min(bottom, y + (radius * sin)), Math.Max(top, y + (radius * sin)));
            }
        }

        return new(left, bottom, right, top);
    }

    /// <summary>The middle of the arc’s circle: off the middle of the chord, on the left of the way there for a bulge under 1.</summary>
    private static (double X, double Y) Centre(StrokePoint from, StrokePoint to)
    {
        var off = (1 - (from.Bulge * from.Bulge)) / (4 * from.Bulge);
        return (((from.X + to.X) / 2) - ((to.Y - from.Y) * off), ((from.Y + to.Y) / 2) + ((to.X - from.X) * off));
    }
}
