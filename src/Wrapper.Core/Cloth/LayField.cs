namespace Wrapper.Core.Cloth;

/// <summary>A cloth being filled: finds the lowest place for a shape beside those already laid. All figures in nanometres.</summary>
internal sealed class LayField(long usable, long space)
{
    private const int MostKnown = 200_000;

    private readonly List<Laid> _laid = [];
    private readonly SortedSet<long> _sides = [0];
    private readonly List<(long From, long To)> _blocked = [];

    /// <summary>Two shapes so far apart across come up again and again.</summary>
    private readonly Dictionary<(LayShape Under, LayShape Over, long Across), (long From, long To)> _known = [];

    /// <summary>A shape in its place.</summary>
    public readonly record struct Laid(LayShape Shape, long X, long Y);

    public long Top { get; private set; }

    public void Clear()
    {
        _laid.Clear();
        _sides.Clear();
        _sides.Add(0);
        Top = 0;
    }

    public void Put(LayShape shape, long x, long y)
    {
        _laid.Add(new(shape, x, y));
        AddRightOf(x + shape.Width);
        AddLeftOf(x);
        foreach (var stop in shape.Stops)
        {
            AddRightOf(x + stop); // in a notch, beside a slant, over the middle of a curve
            AddLeftOf(x + stop);
        }

        Top = Math.Max(Top, y + shape.Height);
    }

    private void AddRightOf(long x)
    {
        if (x + space < usable)
        {
            _sides.Add(x + space);
        }
    }

    /// <summary>Kept negative: from it a neighbour's place depends on its own width.</summary>
    private void AddLeftOf(long x)
    {
        if (x > 0)
        {
            _sides.Add(-x);
        }
    }

    /// <summary>
    /// The place where the shape's top comes lowest, leftmost among equals; a place has to satisfy y = phase (mod repeat).
    /// Null when it is wider than the cloth.
    /// </summary>
    public (long X, long Y)? Lowest(LayShape shape, long repeat, long phase)
    {
        var room = usable - shape.Width;
        if (room < 0)
        {
            return null;
        }

        (long X, long Y)? best = null;
        foreach (var side in _sides)
        {
            var x = side >= 0 ? side : -side - space - shape.Width;
            if (x >= 0 && x <= room)
            {
                Try(x);
            }
        }

        Try(room);
        return best;

        void Try(long x)
        {
            var y = LowestAt(shape, x, repeat, phase, best?.Y ?? long.MaxValue);
            if (y < (best?.Y ?? long.MaxValue) || (best is { } found && y == found.Y && x < found.X))
            {
                best = (x, y);
            }
        }
    }

    /// <summary>The least y at this x that overlaps nothing; may give up with a larger figure once it is above <paramref name="limit"/>.</summary>
    private long LowestAt(LayShape shape, long x, long repeat, long phase, long limit)
    {
        _blocked.Clear();
        foreach (var laid in _laid)
        {
            if (x < laid.X + laid.Shape.Width + space && laid.X < x + shape.Width + space)
            {
                _blocked.Add(Blocked(laid, shape, x));
            }
        }

        _blocked.Sort();
        var y = RepeatPhase.Next(0, repeat, phase);
        foreach (var (from, to) in _blocked)
        {
            if (y > limit)
            {
                break;
            }

            if (y > from && y < to)
            {
                y = RepeatPhase.Next(to, repeat, phase);
            }
        }

        // A step up to the next repeat can jump into a stretch that was passed: go over them again until nothing moves.
        return repeat > 0 ? Settled(y, repeat, phase, limit) : y;
    }

    private long Settled(long y, long repeat, long phase, long limit)
    {
        var moved = true;
        while (moved && y <= limit)
        {
            moved = false;
            foreach (var (from, to) in _blocked)
            {
                if (y > from && y < to)
                {
                    y = RepeatPhase.Next(to, repeat, phase);
                    moved = true;
                }
            }
        }

        return y;
    }

    /// <summary>The open stretch of y in which the shape at this x would overlap what is laid there.</summary>
    private (long From, long To) Blocked(in Laid laid, LayShape shape, long x)
    {
        if (laid.Shape.Slabs is null && shape.Slabs is null)
        {
            return (laid.Y - shape.Height - space, laid.Y + laid.Shape.Height + space);
        }

        var key = (laid.Shape, shape, x - laid.X);
        if (!_known.TryGetValue(key, out var stretch))
        {
            if (_known.Count == MostKnown)
            {
                _known.Clear();
            }

            stretch = Clearance.Between(laid.Shape, shape, x - laid.X, space);
            _known[key] = stretch;
        }

        return (laid.Y + stretch.From, laid.Y + stretch.To);
    }
}
