using Wrapper.Core.Geometry;

namespace Wrapper.Core.Lays.Shapes;

/// <summary>
/// A piece turned and moved into the corner of its box, as the planner sees it: between each two neighbouring corners its
/// lower and its upper edge. Hollows that open sideways count as filled, which keeps every lay valid.
/// </summary>
internal sealed class LayShape
{
    /// <summary>An outline with more stretches than this is taken for a curve.</summary>
    private const int MostCorners = 10;

    /// <summary>A curve's chords turn less than this from one to the next: 20°.</summary>
    private const double GentleTurn = 0.35;
    private const double MuchLonger = 4;

    private readonly (long X, long Y)[] _corners;
    private readonly bool _isBox;
    private Slab[]? _slabs;
    private long[]? _stops;

    private LayShape(int turn, long width, long height, (long X, long Y)[] corners, double area, bool isBox)
    {
        (Turn, Width, Height, Area) = (turn, width, height, area);
        (_corners, _isBox) = (corners, isBox);
    }

    /// <summary>A stretch across in which lower and upper edge are straight; curved where one of them is part of a curve.</summary>
    public readonly record struct Slab(long Left, long Right, long LowLeft, long LowRight, long HighLeft, long HighRight, bool IsCurved);

    public int Turn { get; }

    public long Width { get; }

    public long Height { get; }

    /// <summary>Null for a rectangle.</summary>
    public Slab[]? Slabs => _isBox ? null : _slabs ??= SlabsOf(_corners);

    /// <summary>In square millimetres.</summary>
    public double Area { get; }

    /// <summary>
    /// Where its outline turns, from its left: a neighbour may stand there, in a notch or beside a slant. Of a curve only the quarters.
    /// </summary>
    public IReadOnlyList<long> Stops => _stops ??= StopsOf(Slabs, Width);

    /// <summary>Whether another turn comes to the same shape.</summary>
    public bool IsAs(LayShape other) =>
        Width == other.Width
        && Height == other.Height
        && (Slabs is null ? other.Slabs is null : other.Slabs is not null && Slabs.AsSpan().SequenceEqual(other.Slabs));

    /// <summary>A rectangle that is no piece.</summary>
    public static LayShape Box(long width, long height) =>
        new(0, width, height, [(0, 0), (width, 0), (width, height), (0, height)], (double)width * height / 1e12, isBox: true);

    /// <summary>Part of its outline is a curve.</summary>
    public bool IsCurved => Slabs?.Any(slab => slab.IsCurved) == true;

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
        return new(turn, width, height, turned, area, isBox);
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
        var curved = CurvesOf(corners);
        var isCurved = new bool[stops.Length - 1];
        var (lows, highs) = (new (double Left, double Right)[stops.Length - 1], new (double Left, double Right)[stops.Length - 1]);
        Array.Fill(lows, (double.MaxValue / 4, double.MaxValue / 4));
        Array.Fill(highs, (double.MinValue / 4, double.MinValue / 4));
        for (var k = 0; k < corners.Length; k++)
        {
            var (a, b) = (corners[k], corners[(k + 1) % corners.Length]);
            if (a.X > b.X)
            {
                (a, b) = (b, a);
            }

            var slope = (double)(b.Y - a.Y) / (b.X - a.X);
            for (var i = Array.BinarySearch(stops, a.X); i < lows.Length && stops[i] < b.X; i++)
            {
                isCurved[i] |= curved[k];
                var edge = (Left: a.Y + ((stops[i] - a.X) * slope), Right: a.Y + ((stops[i + 1] - a.X) * slope));
                if (edge.Left + edge.Right < lows[i].Left + lows[i].Right)
                {
                    lows[i] = edge;
                }

                if (edge.Left + edge.Right > highs[i].Left + highs[i].Right)
                {
                    highs[i] = edge;
                }
            }
        }

        return
        [
            .. lows.Select(
                (low, i) =>
                    new Slab(
                        stops[i],
                        stops[i + 1],
                        (long)Math.Floor(low.Left),
                        (long)Math.Floor(low.Right),
                        (long)Math.Ceiling(highs[i].Left),
                        (long)Math.Ceiling(highs[i].Right),
                        isCurved[i]
                    )
            ),
        ];
    }

    /// <summary>
    /// Which sides of an outline are chords of a curve: the outline turns a little at both their ends, and they are no longer
    /// than what goes on beside them by much.
    /// </summary>
    private static bool[] CurvesOf((long X, long Y)[] corners)
    {
        var count = corners.Length;
        var (lengths, isGentle) = (new double[count], new bool[count]);
        for (var i = 0; i < count; i++)
        {
            var (before, at, after) = (corners[(i + count - 1) % count], corners[i], corners[(i + 1) % count]);
            var (ix, iy, ox, oy) = (
                (double)(at.X - before.X),
                (double)(at.Y - before.Y),
                (double)(after.X - at.X),
                (double)(after.Y - at.Y)
            );
            lengths[i] = double.Hypot(ox, oy);
            var turn = Math.Abs(Math.Atan2((ix * oy) - (iy * ox), (ix * ox) + (iy * oy)));
            isGentle[i] = turn is > 1e-4 and < GentleTurn;
        }

        var isCurve = new bool[count];
        for (var i = 0; i < count; i++)
        {
            isCurve[i] = isGentle[i] && isGentle[(i + 1) % count] && IsNoLonger(i);
        }

        // A curve's first chord may begin at a sharp corner.
        return
        [
            .. Enumerable
                .Range(0, count)
                .Select(i =>
                    isCurve[i]
                    || (
                        IsNoLonger(i)
                        && ((isGentle[i] && isCurve[(i + count - 1) % count]) || (isGentle[(i + 1) % count] && isCurve[(i + 1) % count]))
                    )
                ),
        ];

        bool IsNoLonger(int i) => lengths[i] < MuchLonger * Math.Min(lengths[(i + count - 1) % count], lengths[(i + 1) % count]);
    }
}
