namespace Wrapper.Formats.Outlines;

/// <summary>
/// Turns a curve into circular arcs: each goes through both its ends and the point half way, and is halved until no point of the
/// curve is more than a twentieth of a millimetre off it. As many as that takes.
/// </summary>
internal static class ArcsOfCurve
{
    /// <summary>
    /// How far a curve may lie off its arcs, in millimetres: a little under the twentieth that is promised, for what lies between the
    /// points that are looked at.
    /// </summary>
    private const double Off = 0.045;

    /// <summary>A line halved this often is thinner than any thread.</summary>
    private const int Deepest = 14;

    private const int Looks = 9;

    /// <summary>Adds the arcs of a curve, each as the corner it begins at and its rise.</summary>
    public static void Add(List<ImportedCorner> corners, DrawnPart curve, Allowance allowance)
    {
        for (var i = 0; i < curve.Pieces; i++)
        {
            Add(corners, curve.At, i / (double)curve.Pieces, (i + 1.0) / curve.Pieces, 0, allowance);
        }
    }

    private static void Add(
        List<ImportedCorner> corners,
        Func<double, (double X, double Y)> at,
        double first,
        double last,
        int depth,
        Allowance allowance
    )
    {
        allowance.Spend(Looks);
        var (from, middle, to) = (at(first), at((first + last) / 2), at(last));
        if (depth < Deepest && !Fits(at, first, last, from, middle, to))
        {
            Add(corners, at, first, (first + last) / 2, depth + 1, allowance);
            Add(corners, at, (first + last) / 2, last, depth + 1, allowance);
            return;
        }

        var rise = Rise(from, middle, to);
        corners.Add(new(from.X, from.Y, Math.Abs(rise) < 0.005 ? 0 : rise));
    }

    /// <summary>
    /// The rise of the arc through three points over the chord from the first to the last; positive to the right of the way.
    /// </summary>
    private static double Rise((double X, double Y) from, (double X, double Y) middle, (double X, double Y) to)
    {
        var (dx, dy) = (to.X - from.X, to.Y - from.Y);
        var chord = Math.Sqrt((dx * dx) + (dy * dy));
        if (chord < 1e-9)
        {
            return 0;
        }

        var (mx, my) = (middle.X - from.X, middle.Y - from.Y);
        var off = ((mx * dy) - (my * dx)) / chord;
        var along = ((mx * dx) + (my * dy)) / chord;
        if (Math.Abs(off) < 1e-9)
        {
            return 0;
        }

        // The circle's centre lies square to the middle of the chord, as far from the chord as both points ask.
        var toCentre = ((along * (along - chord)) + (off * off)) / (2 * off);
        var radius = Math.Sqrt((toCentre * toCentre) + (chord * chord / 4));
        return off > 0 ? toCentre + radius : toCentre - radius;
    }

    private static bool Fits(
        Func<double, (double X, double Y)> at,
        double first,
        double last,
        (double X, double Y) from,
        (double X, double Y) middle,
        (double X, double Y) to
    )
    {
        var (dx, dy) = (to.X - from.X, to.Y - from.Y);
        var chord = Math.Sqrt((dx * dx) + (dy * dy));
        var rise = Rise(from, middle, to);
        if (Math.Abs(rise) > 0.49 * chord || (chord < 1e-9 && (middle.X != from.X || middle.Y != from.Y)))
        {
            return false; // more than half a circle, or back where it began
        }

        var (along, before) = (0.0, from);
        for (var look = 1; look <= Looks; look++)
        {
            var (x, y) = at(first + ((last - first) * look / Looks));
            along += double.Hypot(x - before.X, y - before.Y);
            before = (x, y);
            if (!(Distance(x - from.X, y - from.Y, dx, dy, chord, rise) <= Off))
            {
                return false;
            }
        }

        // A curve that turns back in a point between two looks is longer than the arc it would be taken for.
        return along <= LengthOf(chord, rise) + Off;
    }

    private static double LengthOf(double chord, double rise)
    {
        if (Math.Abs(rise) < 1e-6)
        {
            return chord;
        }

        var radius = ((chord * chord / 4) + (rise * rise)) / (2 * Math.Abs(rise));
        return 2 * radius * Math.Asin(Math.Min(1, chord / 2 / radius));
    }

    /// <summary>How far a place lies off the arc over a chord.</summary>
    private static double Distance(double x, double y, double dx, double dy, double chord, double rise)
    {
        if (chord < 1e-9)
        {
            return 0;
        }

        var (along, off) = (((x * dx) + (y * dy)) / chord, ((x * dy) - (y * dx)) / chord);
        if (along < -Off || along > chord + Off)
        {
            return double.PositiveInfinity; // it turns back beyond an end, where no arc of less than half a circle comes
        }

        if (Math.Abs(rise) < 1e-6)
        {
            return Math.Abs(off);
        }

        var radius = ((chord * chord / 4) + (rise * rise)) / (2 * rise);
        return Math.Abs(double.Hypot(along - (chord / 2), off - (rise - radius)) - Math.Abs(radius));
    }
}
