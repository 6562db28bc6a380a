namespace Wrapper.Core.Lays;

/// <summary>A cloth being filled: finds the lowest place for a shape beside those already laid. All figures in nanometres.</summary>
internal sealed class LayField
{
    private const int MostKnown = 200_000;
    private const long Hundredth = 10_000;

    private readonly LayCloth _cloth;
    private readonly List<Laid> _flaws;
    private readonly List<Laid> _laid = [];
    private readonly SortedSet<long> _sides = [0];
    private readonly List<(long From, long To)> _blocked = [];

    /// <summary>Two shapes so far apart across come up again and again.</summary>
    private readonly Dictionary<(LayShape Under, LayShape Over, long Across), (long From, long To)> _known = [];

    /// <summary>A shape in its place.</summary>
    public readonly record struct Laid(LayShape Shape, long X, long Y);

    public LayField(LayCloth cloth)
    {
        _cloth = cloth;
        _flaws = [.. cloth.Flaws.Select(flaw => new Laid(LayShape.Box(flaw.Right - flaw.Left, flaw.To - flaw.From), flaw.Left, flaw.From))];
        Clear();
    }

    public long Top { get; private set; }

    public void Clear()
    {
        _laid.Clear();
        _sides.Clear();
        _sides.Add(0);
        Top = 0;
        foreach (var flaw in _cloth.Flaws)
        {
            AddSide(flaw.Right);
            AddLeftOf(flaw.Left);
        }
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
        AddSide(x + _cloth.Space);
        AddSide(x + _cloth.CurveSpace);
    }

    private void AddSide(long x)
    {
        if (x < _cloth.Usable)
        {
            _sides.Add(x);
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
    /// The place where the shape's top comes lowest, leftmost among equals, of those the pattern leaves open; on the fold only
    /// at the right edge. Null when it is wider than the cloth or no such place is on it.
    /// </summary>
    public (long X, long Y)? Lowest(LayShape shape, in Lattice lattice, bool onFold = false)
    {
        var room = _cloth.Usable - shape.Width;
        if (room < 0)
        {
            return null;
        }

        (long X, long Y)? best = null;
        if (onFold)
        {
            Try(room, lattice);
        }
        else if (lattice.Width > 0)
        {
            for (var x = lattice.FirstAcross; x <= room; x += lattice.Width)
            {
                Try(x, lattice);
            }
        }
        else
        {
            foreach (var side in _sides)
            {
                if (side >= 0)
                {
                    TryInside(side, lattice);
                    continue;
                }

                TryInside(-side - _cloth.Space - shape.Width, lattice);
                if (_cloth.CurveSpace > _cloth.Space)
                {
                    TryInside(-side - _cloth.CurveSpace - shape.Width, lattice);
                }
            }

            Try(room, lattice);
        }

        return best;

        void TryInside(long x, in Lattice lattice)
        {
            if (x >= 0 && x <= room)
            {
                Try(x, lattice);
            }
        }

        void Try(long x, in Lattice lattice)
        {
            var y = LowestAt(shape, x, lattice.Length, lattice.PhaseAt(x), best?.Y ?? long.MaxValue);
            if (y < (best?.Y ?? long.MaxValue) || (best is { } found && y == found.Y && x < found.X))
            {
                best = (x, y);
            }
        }
    }

    /// <summary>Whether the shape at this place would come too near to anything laid, or lie on a flaw, by more than a hundredth of a millimetre.</summary>
    public bool IsTaken(LayShape shape, long x, long y)
    {
        return IsTakenAt(x) && IsTakenAt(x - Hundredth) && IsTakenAt(x + Hundredth);

        bool IsTakenAt(long place)
        {
            CollectBlocked(shape, place);
            return _blocked.Exists(stretch => y > stretch.From + Hundredth && y < stretch.To - Hundredth);
        }
    }

    /// <summary>The least y at this x that overlaps nothing; may give up with a larger figure once it is above <paramref name="limit"/>.</summary>
    private long LowestAt(LayShape shape, long x, long repeat, long phase, long limit)
    {
        CollectBlocked(shape, x);
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

    private void CollectBlocked(LayShape shape, long x)
    {
        _blocked.Clear();
        var space = _cloth.CurveSpace;
        foreach (var laid in _laid)
        {
            if (x < laid.X + laid.Shape.Width + space && laid.X < x + shape.Width + space)
            {
                _blocked.Add(Blocked(laid, shape, x, _cloth.Space, space));
            }
        }

        foreach (var flaw in _flaws)
        {
            if (x < flaw.X + flaw.Shape.Width && flaw.X < x + shape.Width)
            {
                _blocked.Add(Blocked(flaw, shape, x, 0, 0));
            }
        }
    }

    /// <summary>The open stretch of y in which the shape at this x would come too near to what is laid there; nothing where it is passed.</summary>
    private (long From, long To) Blocked(in Laid laid, LayShape shape, long x, long space, long curveSpace)
    {
        if (laid.Shape.Slabs is null && shape.Slabs is null)
        {
            var isPassed = x >= laid.X + laid.Shape.Width + space || laid.X >= x + shape.Width + space;
            return isPassed ? default : (laid.Y - shape.Height - space, laid.Y + laid.Shape.Height + space);
        }

        var key = (laid.Shape, shape, x - laid.X);
        if (!_known.TryGetValue(key, out var stretch))
        {
            if (_known.Count == MostKnown)
            {
                _known.Clear();
            }

            stretch = Clearance.Between(laid.Shape, shape, x - laid.X, space, curveSpace);
            _known[key] = stretch;
        }

        // A stretch that ends before it begins is nothing, wherever it lies.
        return stretch.From >= stretch.To ? default : (laid.Y + stretch.From, laid.Y + stretch.To);
    }
}
