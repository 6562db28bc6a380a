using System.Numerics;

namespace Wrapper.Core.Lays.Rectangles;

/// <summary>
/// Fills the cloth from its cut end, many ways side by side: at every step each way goes on with the rectangles that fit
/// its lowest stretch best, and the ways that have wasted least of what they cover live on. See docs/lay.md.
/// </summary>
internal sealed class RectangleBeam
{
    /// <summary>With how many rectangles each way goes on.</summary>
    private const int Branches = 5;

    /// <summary>What a level end with a neighbour, or a stretch filled from wall to wall, is worth as a share of waste.</summary>
    private const double Exact = 0.008;

    /// <summary>The part of a typical rectangle that may be given up to make a stretch level with its neighbour.</summary>
    private const double Slight = 0.1;

    /// <summary>What sums of areas may be off by, in square nanometres: a thousandth of a square millimetre.</summary>
    private const double Rounding = 1e9;

    /// <summary>The most level stretches a skyline may have: beyond, a way is given up.</summary>
    private const int MostStretches = 96;

    private readonly RectangleItem[] _items;
    private readonly long _usable;
    private readonly long _repeat;
    private readonly int[] _sameBefore;
    private readonly int[] _original;
    private readonly double _area;
    private readonly double _typical;
    private readonly ulong[] _zobrist;
    private readonly int _words;

    private RectangleWays _now;
    private RectangleWays _then;
    private readonly List<(int Parent, RectanglePlace Place)> _history = [];
    private readonly BeamChild[] _best;
    private BeamChild[] _children = new BeamChild[256];
    private double[] _keys = new double[256];
    private int _count;
    private readonly double[] _favour;
    private readonly HashSet<ulong> _seen = [];

    public RectangleBeam(RectangleItem[] items, long usable, long repeat)
    {
        _original =
        [
            .. Enumerable.Range(0, items.Length).OrderBy(i => items[i].Least).ThenBy(i => items[i].Width).ThenBy(i => items[i].Height),
        ];
        _items = items = [.. _original.Select(i => items[i])];
        _usable = usable;
        _repeat = repeat;
        _area = items.Sum(item => (double)item.Width * item.Height);
        _typical = _area / items.Length;
        _words = (items.Length + 63) / 64;
        var random = new Random(20_040_527);
        _zobrist = [.. items.Select(_ => (ulong)random.NextInt64() ^ ((ulong)random.NextInt64() << 1))];
        _sameBefore = [.. items.Select((item, i) => i > 0 && items[i - 1] == item ? i - 1 : -1)];
        _best = new BeamChild[Branches];
        _favour = new double[items.Length];
        _now = new(MostStretches, _words);
        _then = new(MostStretches, _words);
    }

    /// <summary>How much it counts to have laid much rather than to have wasted little.</summary>
    public double Large { get; set; }

    /// <summary>In the last pass some way had to go for want of room: with more ways another outcome is possible.</summary>
    public bool WasCut { get; private set; }

    /// <summary>Steps taken so far: each looks at all that fits one stretch of one way.</summary>
    public long Expanded { get; private set; }

    /// <summary>Whether a cloth shorter than this has the area of all rectangles at all.</summary>
    public bool MayBeat(long length) => Allowed(length - 1) >= 0;

    private double Allowed(long length) => ((double)_usable * length) - _area + Rounding;

    /// <summary>
    /// One pass with so many ways side by side, for a lay shorter than this. Null when none is found, or when asked to stop.
    /// </summary>
    public RectangleLay? Run(int ways, long shorterThan, Func<bool> shouldStop)
    {
        _history.Clear();
        WasCut = false;
        _now.Begin(_usable);
        var length = shorterThan - 1;
        var allowed = Allowed(length);
        if (allowed < 0)
        {
            return null;
        }

        for (var depth = 0; depth < _items.Length; depth++)
        {
            _count = 0;
            for (var way = 0; way < _now.Count; way++)
            {
                if ((way & 63) == 0 && shouldStop())
                {
                    return null;
                }

                Expand(way, length, allowed);
            }

            if (_count == 0)
            {
                return null;
            }

            Array.Sort(_keys, _children, 0, _count);
            _seen.Clear();
            _then.Grow(Math.Min(ways, _count));
            _then.Count = 0;
            for (var i = 0; i < _count; i++)
            {
                if (_then.Count == ways)
                {
                    WasCut = true;
                    break;
                }

                Follow(_children[i]);
            }

            (_now, _then) = (_then, _now);
        }

        var (best, top) = (-1, long.MaxValue);
        for (var way = 0; way < _now.Count; way++)
        {
            var its = _now.Top(way);
            if (its < top)
            {
                (best, top) = (way, its);
            }
        }

        if (best < 0 || top >= shorterThan)
        {
            return null;
        }

        var places = new List<RectanglePlace>();
        for (var node = _now.Node[best]; node >= 0; node = _history[node].Parent)
        {
            var place = _history[node].Place;
            places.Add(place with { Item = _original[place.Item] });
        }

        return new(top, places);
    }

    /// <summary>Favours some rectangles a little over others, so that the next pass goes other ways than those before.</summary>
    public void Favour(int seed)
    {
        var random = new Random(seed);
        for (var i = 0; i < _favour.Length; i++)
        {
            _favour[i] = seed == 0 ? 0 : random.NextDouble() * Exact;
        }
    }

    private void Expand(int way, long length, double allowed)
    {
        Expanded++;
        var lowest = _now.Lowest(way);
        var (level, width) = (_now.LevelOf(way, lowest), _now.WidthOf(way, lowest));
        var room = length - level;
        var (wallLeft, wallRight) = _now.Walls(way, lowest);
        var narrowest = Narrowest(_now, way);
        var found = 0;
        for (var word = 0; word < _words; word++)
        {
            var free = ~_now.Laid[(way * _words) + word];
            while (free != 0)
            {
                var i = (word << 6) + BitOperations.TrailingZeroCount(free);
                free &= free - 1;
                if (i >= _items.Length || _items[i].Least > width)
                {
                    word = _words; // what follows is wider still
                    break;
                }

                if (_sameBefore[i] >= 0 && !_now.IsLaid(way, _sameBefore[i]))
                {
                    continue;
                }

                ref readonly var item = ref _items[i];
                Offer(i, false, item.Width, item.Height, item.Lift(level, _repeat));
                if (item.MayTurn && item.Width != item.Height)
                {
                    Offer(i, true, item.Height, item.Width, item.Lift(level, _repeat));
                }
            }
        }

        if (_now.Segments[way] > 1)
        {
            // Nothing more on this stretch: it is filled up to its lower neighbour, and the way goes on from there.
            var rise = Math.Min(wallLeft, wallRight);
            var waste = (double)rise * width;
            if (_now.Waste[way] + waste <= allowed && (found == 0 || waste < _typical * Slight))
            {
                var raised = _now.Double(way);
                _now.Raise(raised, lowest, rise); // goes on within this step, as a way of its own
            }
        }

        for (var i = 0; i < found; i++)
        {
            Add(_best[i]);
        }

        void Offer(int i, bool turned, long w, long high, long lift)
        {
            var h = lift + high;
            if (w > width || h > room)
            {
                return;
            }

            var gap = width - w;
            var atRight = h != wallLeft && (h == wallRight || wallRight > wallLeft);
            var (near, far) = atRight ? (wallRight, wallLeft) : (wallLeft, wallRight);
            var waste = _now.Waste[way] + ((double)lift * w);
            if (gap > 0 && gap < narrowest)
            {
                waste += (double)gap * Math.Min(h, far);
            }

            if (waste > allowed)
            {
                return;
            }

            var fits = (h == near ? 1 : 0) + (gap == 0 ? 1 : 0) + (gap == 0 && h == far ? 1 : 0);
            var key = KeyOf(waste, _now.Placed[way] + ((double)w * high)) - (fits * Exact) - _favour[i];
            var at =
                found < Branches ? found++
                : key < _best[found - 1].Key ? found - 1
                : -1;
            if (at < 0)
            {
                return;
            }

            for (; at > 0 && _best[at - 1].Key > key; at--)
            {
                _best[at] = _best[at - 1];
            }

            _best[at] = new(way, i, turned, atRight, key);
        }
    }

    private void Add(in BeamChild child)
    {
        if (_count == _children.Length)
        {
            Array.Resize(ref _children, 2 * _count);
            Array.Resize(ref _keys, 2 * _count);
        }

        (_children[_count], _keys[_count]) = (child, child.Key);
        _count++;
    }

    private double KeyOf(double waste, double placed) => (waste + (Large * _typical)) / (placed + _typical);

    /// <summary>Takes a child over as a way of its own, unless one like it lives already.</summary>
    private void Follow(in BeamChild child)
    {
        var (parent, way) = (child.Parent, _then.Count);
        if (_now.Segments[parent] == MostStretches)
        {
            return;
        }

        _then.Take(_now, parent, way);
        var item = _items[child.Item];
        var (w, h) = child.Turned ? (item.Height, item.Width) : (item.Width, item.Height);
        var lift = item.Lift(_then.LevelOf(way, _then.Lowest(way)), _repeat);
        var (x, level) = _then.Put(way, w, lift + h, child.AtRight);
        _then.Placed[way] += (double)w * h;
        _then.Waste[way] += (double)lift * w;
        _then.MarkLaid(way, child.Item);
        _then.Hash[way] ^= _zobrist[child.Item];
        _history.Add((_now.Node[parent], new(child.Item, child.Turned, x, level + lift)));
        _then.Node[way] = _history.Count - 1;
        _then.GiveUpNarrow(way, Narrowest(_then, way));
        if (_seen.Add(_then.Likeness(way)))
        {
            _then.Count++;
        }
    }

    /// <summary>The narrowest that is not laid yet, in any turn; they are sorted by it.</summary>
    private long Narrowest(RectangleWays ways, int way) =>
        ways.FirstFree(way) is var item && item < _items.Length ? _items[item].Least : long.MaxValue;
}
