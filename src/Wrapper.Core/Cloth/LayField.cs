namespace Wrapper.Core.Cloth;

/// <summary>A cloth being filled: finds the lowest place for a shape beside those already laid. All figures in nanometres.</summary>
internal sealed class LayField(long usable, long space)
{
    private readonly List<Laid> _laid = [];
    private readonly SortedSet<long> _sides = [0];
    private readonly List<(long From, long To)> _blocked = [];

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
        _sides.Add(x + shape.Width + space);
        if (x > 0)
        {
            _sides.Add(-x); // kept negative: a left side, from which a neighbour's place depends on its own width
        }

        Top = Math.Max(Top, y + shape.Height);
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
        if (space > 0 || (laid.Shape.Slabs is null && shape.Slabs is null))
        {
            return (laid.Y - shape.Height - space, laid.Y + laid.Shape.Height + space);
        }

        var (from, to) = (long.MaxValue, long.MinValue);
        var laidX = laid.X;
        var under = laid.Shape.Slabs ?? Whole(laid.Shape);
        var over = shape.Slabs ?? Whole(shape);
        foreach (var a in under)
        {
            foreach (var b in over)
            {
                var left = Math.Max(laid.X + a.Left, x + b.Left);
                var right = Math.Min(laid.X + a.Right, x + b.Right);
                if (left < right)
                {
                    Meet(a, b, left);
                    Meet(a, b, right);
                }
            }
        }

        return (laid.Y + from, laid.Y + to);

        void Meet(in LayShape.Slab a, in LayShape.Slab b, long at)
        {
            to = Math.Max(to, LayShape.High(a, at - laidX) - LayShape.Low(b, at - x));
            from = Math.Min(from, LayShape.Low(a, at - laidX) - LayShape.High(b, at - x));
        }
    }

    private static LayShape.Slab[] Whole(LayShape shape) => [new(0, shape.Width, 0, 0, shape.Height, shape.Height)];
}
