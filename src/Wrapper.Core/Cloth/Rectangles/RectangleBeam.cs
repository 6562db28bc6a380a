using System.Numerics;

namespace Wrapper.Core.Cloth.Rectangles;

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
    private readonly int _room;

    /// <summary>A wall so high that nothing stands above it.</summary>
    private const long Selvage = long.MaxValue;

    private Ways _now;
    private Ways _then;
    private readonly List<(int Parent, RectanglePlace Place)> _history = [];
    private readonly Child[] _best;
    private Child[] _children = new Child[256];
    private double[] _keys = new double[256];
    private int _count;
    private readonly double[] _favour;
    private readonly HashSet<ulong> _seen = [];

    public RectangleBeam(RectangleItem[] items, long usable, long repeat)
    {
        _original = [.. Enumerable.Range(0, items.Length).OrderBy(i => items[i].Least).ThenBy(i => items[i].Width).ThenBy(i => items[i].Height)];
        _items = items = [.. _original.Select(i => items[i])];
        _usable = usable;
        _repeat = repeat;
        _area = items.Sum(item => (double)item.Width * item.Height);
        _typical = _area / items.Length;
        _words = (items.Length + 63) / 64;
        _room = Math.Min(items.Length + 1, MostStretches);
        var random = new Random(20_040_527);
        _zobrist = [.. items.Select(_ => (ulong)random.NextInt64() ^ ((ulong)random.NextInt64() << 1))];
        _sameBefore = [.. items.Select((item, i) => i > 0 && items[i - 1] == item ? i - 1 : -1)];
        _best = new Child[Branches];
        _favour = new double[items.Length];
        _now = new(this, 16);
        _then = new(this, 16);
    }

    /// <summary>How much it counts to have laid much rather than to have wasted little.</summary>
    public double Large { get; set; }

    /// <summary>In the last pass some way had to go for want of room: with more ways another outcome is possible.</summary>
    public bool WasCut { get; private set; }

    /// <summary>Steps taken so far: each looks at all that fits one stretch of one way.</summary>
    public long Expanded { get; private set; }

    private readonly record struct Child(int Parent, int Item, bool Turned, bool AtRight, double Key);

    /// <summary>The state of many ways: skyline, what is laid, what is wasted.</summary>
    private sealed class Ways(RectangleBeam beam, int most)
    {
        public int Count;
        public long[] Widths = new long[most * beam._room];
        public long[] Levels = new long[most * beam._room];
        public int[] Segments = new int[most];
        public ulong[] Laid = new ulong[most * beam._words];
        public ulong[] Hash = new ulong[most];
        public double[] Waste = new double[most];
        public double[] Placed = new double[most];
        public int[] Node = new int[most];

        public void Copy(int from, int to)
        {
            Grow(to + 1);
            Array.Copy(Widths, from * beam._room, Widths, to * beam._room, Segments[from]);
            Array.Copy(Levels, from * beam._room, Levels, to * beam._room, Segments[from]);
            Array.Copy(Laid, from * beam._words, Laid, to * beam._words, beam._words);
            (Segments[to], Hash[to], Waste[to], Placed[to], Node[to]) = (Segments[from], Hash[from], Waste[from], Placed[from], Node[from]);
        }

        public void Grow(int count)
        {
            if (Segments.Length >= count)
            {
                return;
            }

            count = Math.Max(count, 2 * Segments.Length);
            Array.Resize(ref Widths, count * beam._room);
            Array.Resize(ref Levels, count * beam._room);
            Array.Resize(ref Segments, count);
            Array.Resize(ref Laid, count * beam._words);
            Array.Resize(ref Hash, count);
            Array.Resize(ref Waste, count);
            Array.Resize(ref Placed, count);
            Array.Resize(ref Node, count);
        }
    }

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
        _now.Count = 1;
        _now.Segments[0] = 1;
        (_now.Widths[0], _now.Levels[0]) = (_usable, 0);
        Array.Clear(_now.Laid, 0, _words);
        (_now.Hash[0], _now.Waste[0], _now.Placed[0], _now.Node[0]) = (0, 0, 0, -1);
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
            var its = 0L;
            for (var i = 0; i < _now.Segments[way]; i++)
            {
                its = Math.Max(its, _now.Levels[(way * _room) + i]);
            }

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

    private bool IsLaid(int way, int item) => (_now.Laid[(way * _words) + (item >> 6)] & (1UL << (item & 63))) != 0;

    /// <summary>The narrowest that is not laid yet, in any turn; they are sorted by it.</summary>
    private long Narrowest(Ways ways, int way)
    {
        for (var word = 0; word < _words; word++)
        {
            var free = ~ways.Laid[(way * _words) + word];
            if (free != 0)
            {
                var item = (word << 6) + BitOperations.TrailingZeroCount(free);
                return item < _items.Length ? _items[item].Least : long.MaxValue;
            }
        }

        return long.MaxValue;
    }

    private void Expand(int way, long length, double allowed)
    {
        Expanded++;
        var at = way * _room;
        var count = _now.Segments[way];
        var lowest = 0;
        for (var i = 1; i < count; i++)
        {
            if (_now.Levels[at + i] < _now.Levels[at + lowest])
            {
                lowest = i;
            }
        }

        var level = _now.Levels[at + lowest];
        var width = _now.Widths[at + lowest];
        var room = length - level;
        var wallLeft = lowest == 0 ? Selvage : _now.Levels[at + lowest - 1] - level;
        var wallRight = lowest == count - 1 ? Selvage : _now.Levels[at + lowest + 1] - level;
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

                if (_sameBefore[i] >= 0 && !IsLaid(way, _sameBefore[i]))
                {
                    continue;
                }

                ref readonly var item = ref _items[i];
                Offer(i, false, item.Width, item.Height, Lift(item, level));
                if (item.MayTurn && item.Width != item.Height)
                {
                    Offer(i, true, item.Height, item.Width, Lift(item, level));
                }
            }
        }

        if (count > 1)
        {
            // Nothing more on this stretch: it is filled up to its lower neighbour, and the way goes on from there.
            var rise = Math.Min(wallLeft, wallRight);
            var waste = (double)rise * width;
            if (_now.Waste[way] + waste <= allowed && (found == 0 || waste < _typical * Slight))
            {
                var raised = _now.Count++;
                _now.Copy(way, raised);
                Raise(_now, raised, lowest, rise); // goes on within this step, as a way of its own
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
            var at = found < Branches ? found++ : key < _best[found - 1].Key ? found - 1 : -1;
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

    /// <summary>How far a rectangle is lifted off the stretch it lies on to meet the pattern.</summary>
    private long Lift(in RectangleItem item, long level) => item.Phase < 0 ? 0 : RepeatPhase.Next(level, _repeat, item.Phase) - level;

    private void Add(in Child child)
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

    private void Raise(Ways ways, int way, int lowest, long rise)
    {
        var at = way * _room;
        ways.Waste[way] += (double)rise * ways.Widths[at + lowest];
        ways.Levels[at + lowest] += rise;
        Join(ways, way, lowest);
    }

    private void Join(Ways ways, int way, int i)
    {
        var at = way * _room;
        if (i + 1 < ways.Segments[way] && ways.Levels[at + i + 1] == ways.Levels[at + i])
        {
            ways.Widths[at + i] += ways.Widths[at + i + 1];
            Remove(i + 1);
        }

        if (i > 0 && ways.Levels[at + i - 1] == ways.Levels[at + i])
        {
            ways.Widths[at + i - 1] += ways.Widths[at + i];
            Remove(i);
        }

        void Remove(int k)
        {
            var rest = --ways.Segments[way] - k;
            Array.Copy(ways.Widths, at + k + 1, ways.Widths, at + k, rest);
            Array.Copy(ways.Levels, at + k + 1, ways.Levels, at + k, rest);
        }
    }

    /// <summary>Takes a child over as a way of its own, unless one like it lives already.</summary>
    private void Follow(in Child child)
    {
        var (parent, at) = (child.Parent, _then.Count * _room);
        var count = _now.Segments[parent];
        if (count + 1 > _room)
        {
            return;
        }

        var way = _then.Count;
        Array.Copy(_now.Widths, parent * _room, _then.Widths, at, count);
        Array.Copy(_now.Levels, parent * _room, _then.Levels, at, count);
        Array.Copy(_now.Laid, parent * _words, _then.Laid, way * _words, _words);
        _then.Segments[way] = count;
        (_then.Waste[way], _then.Placed[way], _then.Node[way], _then.Hash[way]) = (_now.Waste[parent], _now.Placed[parent], _now.Node[parent], _now.Hash[parent]);
        var lowest = 0;
        var left = 0L;
        var x = 0L;
        for (var i = 0; i < count; i++)
        {
            if (_then.Levels[at + i] < _then.Levels[at + lowest])
            {
                (lowest, x) = (i, left);
            }

            left += _then.Widths[at + i];
        }

        var item = _items[child.Item];
        var (w, h) = child.Turned ? (item.Height, item.Width) : (item.Width, item.Height);
        var level = _then.Levels[at + lowest];
        var lift = Lift(item, level);
        var rest = _then.Widths[at + lowest] - w;
        if (rest == 0)
        {
            _then.Levels[at + lowest] += lift + h;
        }
        else
        {
            Array.Copy(_then.Widths, at + lowest, _then.Widths, at + lowest + 1, count - lowest);
            Array.Copy(_then.Levels, at + lowest, _then.Levels, at + lowest + 1, count - lowest);
            _then.Segments[way]++;
            var (laid, free) = child.AtRight ? (lowest + 1, lowest) : (lowest, lowest + 1);
            (_then.Widths[at + laid], _then.Levels[at + laid]) = (w, level + lift + h);
            (_then.Widths[at + free], _then.Levels[at + free]) = (rest, level);
            x = child.AtRight ? x + rest : x;
            lowest = laid;
        }

        Join(_then, way, lowest);
        _then.Placed[way] += (double)w * h;
        _then.Laid[(way * _words) + (child.Item >> 6)] |= 1UL << (child.Item & 63);
        _then.Hash[way] ^= _zobrist[child.Item];
        _history.Add((_now.Node[parent], new(child.Item, child.Turned, x, level + lift)));
        _then.Waste[way] += (double)lift * w;
        _then.Node[way] = _history.Count - 1;

        // Stretches too narrow for anything that is left are lost.
        var narrowest = Narrowest(_then, way);
        while (_then.Segments[way] > 1)
        {
            var low = 0;
            for (var i = 1; i < _then.Segments[way]; i++)
            {
                if (_then.Levels[at + i] < _then.Levels[at + low])
                {
                    low = i;
                }
            }

            if (_then.Widths[at + low] >= narrowest || narrowest == long.MaxValue)
            {
                break;
            }

            var (a, b) = (low == 0 ? long.MaxValue : _then.Levels[at + low - 1], low == _then.Segments[way] - 1 ? long.MaxValue : _then.Levels[at + low + 1]);
            Raise(_then, way, low, Math.Min(a, b) - _then.Levels[at + low]);
        }

        var hash = _then.Hash[way];
        for (var i = 0; i < _then.Segments[way]; i++)
        {
            hash = unchecked(hash * 0x9E3779B97F4A7C15UL) ^ (ulong)_then.Levels[at + i] ^ ((ulong)_then.Widths[at + i] << 17);
        }

        if (_seen.Add(hash))
        {
            _then.Count++;
        }
    }
}
