namespace Wrapper.Core.Forms.Finished;

/// <summary>A place on a thing seen from above, in millimetres.</summary>
internal readonly record struct Spot(double X, double Y)
{
    public static Spot operator +(Spot a, Spot b) => new(a.X + b.X, a.Y + b.Y);

    public static Spot operator -(Spot a, Spot b) => new(a.X - b.X, a.Y - b.Y);

    public static Spot operator *(double factor, Spot a) => new(factor * a.X, factor * a.Y);

    public double Size => double.Hypot(X, Y);

    public double Cross(Spot other) => (X * other.Y) - (Y * other.X);

    public double Dot(Spot other) => (X * other.X) + (Y * other.Y);
}

/// <summary>
/// One side of a thing, straight or round a centre. This geometry is the proof's own: it shares nothing with the drafting's,
/// because a ruler that was cut from the cloth proves nothing about the cloth.
/// </summary>
/// <param name="From">Where it begins.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Centre">The centre it goes round; null for a straight side.</param>
/// <param name="Bulges">It goes round its centre counter-clockwise, and so stands out of the thing.</param>
internal sealed record ThingSide(Spot From, Spot To, Spot? Centre = null, bool Bulges = true)
{
    /// <summary>An arc that rises so far from its chord at the middle; straight where it does not rise. Below 0 it is hollow.</summary>
    public static ThingSide Risen(Spot from, Spot to, double rise)
    {
        if (Math.Abs(rise) < 1e-6)
        {
            return new(from, to);
        }

        var chord = to - from;
        var radius = ((chord.Dot(chord) / 4) + (rise * rise)) / (2 * rise);
        var outwards = new Spot(chord.Y / chord.Size, -chord.X / chord.Size);
        return new(from, to, (0.5 * (from + to)) + ((rise - radius) * outwards), rise > 0);
    }

    /// <summary>Two arcs from one place and way to another that meet without a corner, each leaving its end by as long a tangent.</summary>
    public static IEnumerable<ThingSide> Pair((Spot At, Spot Way) start, (Spot At, Spot Way) end)
    {
        var chord = end.At - start.At;
        var (both, turn) = (start.Way + end.Way, 1 - start.Way.Dot(end.Way));
        if (Math.Abs(chord.Cross(start.Way)) < 1e-9 * chord.Size && Math.Abs(chord.Cross(end.Way)) < 1e-9 * chord.Size)
        {
            return [new(start.At, end.At)];
        }

        // The tangents' ends lie as far apart as both tangents are long.
        var along = chord.Dot(both);
        var tangent =
            turn < 1e-12
                ? chord.Dot(chord) / (2 * along)
                : (Math.Sqrt((along * along) + (2 * turn * chord.Dot(chord))) - along) / (2 * turn);
        var (first, second) = (start.At + (tangent * start.Way), end.At - (tangent * end.Way));
        var middle = 0.5 * (first + second);
        return [Leaving(start.At, start.Way, middle), Leaving(middle, (1 / (second - first).Size) * (second - first), end.At)];
    }

    /// <summary>The arc that leaves a place one way and comes to another.</summary>
    private static ThingSide Leaving(Spot from, Spot way, Spot to)
    {
        var chord = to - from;
        var off = way.Cross(chord);
        return Math.Abs(off) < 1e-7 * chord.Size
            ? new(from, to)
            : new(from, to, from + (chord.Dot(chord) / (2 * off) * new Spot(-way.Y, way.X)), off > 0);
    }

    /// <summary>How far it turns to the left from end to end, in radians.</summary>
    public double Sweep
    {
        get
        {
            if (Centre is not { } centre)
            {
                return 0;
            }

            var (a, b) = (From - centre, To - centre);
            var angle = Math.Atan2(a.Cross(b), a.Dot(b));
            return Bulges ? (angle <= 0 ? angle + (2 * Math.PI) : angle)
                : angle >= 0 ? angle - (2 * Math.PI)
                : angle;
        }
    }

    public double Radius => Centre is { } centre ? (From - centre).Size : 0;

    public double Length => Centre is null ? (To - From).Size : Math.Abs(Sweep) * Radius;

    public Spot DirectionAtStart => Direction(From);

    public Spot DirectionAtEnd => Direction(To);

    /// <summary>What it adds to twice the area of the shape it bounds.</summary>
    public double DoubledArea => From.Cross(To) + (Radius * Radius * (Sweep - Math.Sin(Sweep)));

    /// <summary>How far it reaches in a direction that lies along an axis.</summary>
    public double Reach(Spot way)
    {
        var reach = Math.Max(From.Dot(way), To.Dot(way));
        if (Centre is { } centre)
        {
            var top = centre + (Radius * way);
            var (start, sweep) = (From - centre, Sweep);
            var turned = Math.Atan2(start.Cross(way), start.Dot(way));
            turned =
                sweep > 0 && turned < 0 ? turned + (2 * Math.PI)
                : sweep < 0 && turned > 0 ? turned - (2 * Math.PI)
                : turned;
            reach = Math.Abs(turned) <= Math.Abs(sweep) ? Math.Max(reach, top.Dot(way)) : reach;
        }

        return reach;
    }

    private Spot Direction(Spot at)
    {
        if (Centre is not { } centre)
        {
            return (1 / (To - From).Size) * (To - From);
        }

        var out_ = (1 / Radius) * (at - centre);
        return Bulges ? new(-out_.Y, out_.X) : new(out_.Y, -out_.X);
    }
}
