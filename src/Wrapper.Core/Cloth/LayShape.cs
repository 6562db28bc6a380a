using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cloth;

/// <summary>
/// A piece turned and moved into the corner of its box, as the planner sees it: between each two neighbouring corners its
/// lower and its upper edge. Hollows that open sideways count as filled, which keeps every lay valid.
/// </summary>
internal sealed class LayShape
{
    /// <summary>An outline with more stretches than this is taken for a curve.</summary>
    private const int MostCorners = 10;

    private LayShape(int turn, long width, long height, Slab[]? slabs, double area)
    {
        Turn = turn;
        Width = width;
        Height = height;
        Slabs = slabs;
        Area = area;
    }

    /// <summary>A stretch across in which lower and upper edge are straight.</summary>
    public readonly record struct Slab(long Left, long Right, long LowLeft, long LowRight, long HighLeft, long HighRight);

    public int Turn { get; }

    public long Width { get; }

    public long Height { get; }

    /// <summary>Null for a rectangle.</summary>
    public Slab[]? Slabs { get; }

    /// <summary>In square millimetres.</summary>
    public double Area { get; }

    /// <summary>Where its outline turns, from its left: a neighbour may stand there, in a notch or beside a slant. Of a curve only the quarters.</summary>
    public IReadOnlyList<long> Stops { get; private init; } = [];

    public static LayShape Of(IReadOnlyList<Point> corners, int turn)
    {
        var turned = new (long X, long Y)[corners.Count];
        for (var i = 0; i < corners.Count; i++)
        {
            var (x, y) = (corners[i].X.Nanometres, corners[i].Y.Nanometres);
            turned[i] = turn switch
            {
                0 => (x, y),
                90 => (-y, x),
                180 => (-x, -y),
                270 => (y, -x),
                _ => throw new ArgumentOutOfRangeException(nameof(turn)),
            };
        }

        var (left, bottom) = (turned.Min(corner => corner.X), turned.Min(corner => corner.Y));
        for (var i = 0; i < turned.Length; i++)
        {
            turned[i] = (turned[i].X - left, turned[i].Y - bottom);
        }

        var (width, height) = (turned.Max(corner => corner.X), turned.Max(corner => corner.Y));
        var area = AreaOf(turned);
        var boxArea = (double)width * height / 1e12;
        var isBox = Math.Abs(area - boxArea) <= 1e-9 * boxArea;
        var slabs = isBox ? null : SlabsOf(turned);
        return new(turn, width, height, slabs, area) { Stops = StopsOf(slabs, width) };
    }

    /// <summary>The lower edge at a place within a slab, rounded down: never above the true edge.</summary>
    public static long Low(in Slab slab, long x) => slab.LowLeft + (long)Math.Floor(Share(slab, x) * (slab.LowRight - slab.LowLeft));

    /// <summary>The upper edge at a place within a slab, rounded up: never below the true edge.</summary>
    public static long High(in Slab slab, long x) => slab.HighLeft + (long)Math.Ceiling(Share(slab, x) * (slab.HighRight - slab.HighLeft));

    private static double Share(in Slab slab, long x) => (x - slab.Left) / (double)(slab.Right - slab.Left);

    private static long[] StopsOf(Slab[]? slabs, long width) =>
        slabs is null ? []
        : slabs.Length <= MostCorners ? [.. slabs.Skip(1).Select(slab => slab.Left)]
        : [width / 4, width / 2, width - (width / 4)];

    private static double AreaOf((long X, long Y)[] corners)
    {
        var doubled = 0.0;
        for (var i = 0; i < corners.Length; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % corners.Length]);
            doubled += ((double)a.X * b.Y) - ((double)a.Y * b.X);
        }

        return Math.Abs(doubled) / 2 / 1e12;
    }

    private static Slab[] SlabsOf((long X, long Y)[] corners)
    {
        var stops = corners.Select(corner => corner.X).Distinct().Order().ToArray();
        var slabs = new List<Slab>(stops.Length - 1);
        for (var i = 0; i + 1 < stops.Length; i++)
        {
            var (left, right) = (stops[i], stops[i + 1]);
            var (lowest, highest) = (double.MaxValue, double.MinValue);
            (long Left, long Right) low = default, high = default;
            for (var k = 0; k < corners.Length; k++)
            {
                var (a, b) = (corners[k], corners[(k + 1) % corners.Length]);
                if (a.X > b.X)
                {
                    (a, b) = (b, a);
                }

                if (a.X > left || b.X < right || a.X == b.X)
                {
                    continue;
                }

                var slope = (double)(b.Y - a.Y) / (b.X - a.X);
                var atLeft = a.Y + ((left - a.X) * slope);
                var atRight = a.Y + ((right - a.X) * slope);
                if (atLeft + atRight < lowest)
                {
                    lowest = atLeft + atRight;
                    low = ((long)Math.Floor(atLeft), (long)Math.Floor(atRight));
                }

                if (atLeft + atRight > highest)
                {
                    highest = atLeft + atRight;
                    high = ((long)Math.Ceiling(atLeft), (long)Math.Ceiling(atRight));
                }
            }

            slabs.Add(new(left, right, low.Left, low.Right, high.Left, high.Right));
        }

        return [.. slabs];
    }
}
