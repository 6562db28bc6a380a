using System.Runtime.InteropServices;
using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Lays.Shapes;

namespace Wrapper.Core.Lays.Search;

/// <summary>A cloth being filled: finds the lowest place for a shape beside those already laid. All figures in nanometres.</summary>
internal sealed class LayField
{
    private const int MostKnown = 200_000;

    /// <summary>On crowded cloth: so many shapes are looked past at once, and this many are left when they are too many.</summary>
    private const int MostInSight = 36;
    private const int LeftInSight = 18;
    private const long Hundredth = 10_000;

    /// <summary>The planner asks whether it has to stand aside once in so many places that it tries.</summary>
    private const int AskEvery = 8;

    private readonly LayCloth _cloth;
    private readonly bool _isCrowded;
    private readonly List<LaidBox> _flaws;

    /// <summary>From the beginning of the roll upwards; on crowded cloth without what ends below the floor.</summary>
    private readonly List<LaidBox> _laid = [];

    /// <summary>Nothing more is laid below this.</summary>
    private long _floor;
    private readonly LaySides _sides;

    /// <summary>Stretches above the place that is looked at, which it may yet be moved into.</summary>
    private readonly List<(long From, long To)> _above = [];

    /// <summary>Two shapes so far apart across come up again and again.</summary>
    private readonly Dictionary<ShapePair, (long From, long To)> _known = [];
    private int _triesUntilAsked;

    /// <summary>An empty cloth.</summary>
    /// <param name="cloth">The cloth.</param>
    /// <param name="isCrowded">More different shapes are laid than every gap can be tried for: <see cref="LayGround.IsCrowded"/>.</param>
    public LayField(LayCloth cloth, bool isCrowded = false)
    {
        (_cloth, _isCrowded, _sides) = (cloth, isCrowded, new(cloth, isCrowded));
        _flaws =
        [
            .. cloth.Flaws.Select(flaw => new LaidBox(LayShape.Box(flaw.Right - flaw.Left, flaw.To - flaw.From), flaw.Left, flaw.From)),
        ];
        Clear();
    }

    public long Top { get; private set; }

    public void Clear()
    {
        _laid.Clear();
        (Top, _floor) = (0, 0);
        _sides.Clear();
    }

    public void Put(LayShape shape, long x, long y)
    {
        var at = _laid.Count;
        while (at > 0 && _laid[at - 1].Y > y)
        {
            at--;
        }

        _laid.Insert(at, new(shape, x, y));
        _sides.AddOf(shape, x);
        Top = Math.Max(Top, y + shape.Height);
        if (_isCrowded && _laid.Count > MostInSight)
        {
            RaiseFloor();
        }
    }

    /// <summary>Gives up the gaps below what was laid last, so that the way to a place stays short.</summary>
    private void RaiseFloor()
    {
        _floor = Math.Max(_floor, _laid[^LeftInSight].Y);
        _laid.RemoveAll(laid => laid.Top + _cloth.CurveSpace + Hundredth <= _floor);
        _sides.Clear();
        foreach (var laid in _laid)
        {
            _sides.AddOf(laid.Shape, laid.X);
        }
    }

    /// <summary>
    /// The place where the shape's top comes lowest, leftmost among equals, of those the pattern leaves open; on the fold only
    /// at the right edge. Null when it is wider than the cloth, no such place is on it, or none is as low as asked for.
    /// </summary>
    /// <param name="shape">What is to be put down.</param>
    /// <param name="lattice">The places the pattern leaves open.</param>
    /// <param name="onFold">It lies against the right edge.</param>
    /// <param name="highest">No place above this is wanted.</param>
    /// <param name="shouldStop">Asked every few places, so that a planner can stand aside there; whether to stop is decided between
    /// pieces.</param>
    public (long X, long Y)? Lowest(LayShape shape, in Lattice lattice, bool onFold, long highest, Func<bool>? shouldStop)
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
            foreach (var side in _sides.InOrder)
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
            if (_triesUntilAsked-- == 0)
            {
                _triesUntilAsked = AskEvery - 1;
                _ = shouldStop?.Invoke();
            }

            var limit = best?.Y ?? highest;
            var y = LowestAt(shape, x, lattice.Length, lattice.PhaseAt(x), limit);
            if (y < limit || (y == limit && (best is not { } found || x < found.X)))
            {
                best = (x, y);
            }
        }
    }

    /// <summary>
    /// Whether the shape at this place would come too near to anything laid, or lie on a flaw, by more than a hundredth of a millimetre.
    /// </summary>
    public bool IsTaken(LayShape shape, long x, long y)
    {
        return IsTakenAt(x) && IsTakenAt(x - Hundredth) && IsTakenAt(x + Hundredth);

        bool IsTakenAt(long place)
        {
            bool Holds((long From, long To) stretch) => y > stretch.From + Hundredth && y < stretch.To - Hundredth;
            return _laid.Exists(laid =>
                    IsBeside(laid, shape, place, _cloth.CurveSpace) && Holds(Blocked(laid, shape, place, _cloth.Space, _cloth.CurveSpace))
                ) || _flaws.Exists(flaw => IsBeside(flaw, shape, place, 0) && Holds(Blocked(flaw, shape, place, 0, 0)));
        }
    }

    private static bool IsBeside(in LaidBox laid, LayShape shape, long x, long space) =>
        x < laid.Right + space && laid.X < x + shape.Width + space;

    /// <summary>
    /// The least y at this x that overlaps nothing; may give up with a larger figure once it is above <paramref name="limit"/>.
    /// What is laid is gone through from below, so most of it is never looked at.
    /// </summary>
    private long LowestAt(LayShape shape, long x, long repeat, long phase, long limit)
    {
        _above.Clear();
        var y = RepeatPhase.Next(_floor, repeat, phase);
        foreach (var flaw in _flaws)
        {
            if (IsBeside(flaw, shape, x, 0))
            {
                Pass(Blocked(flaw, shape, x, 0, 0));
            }
        }

        // The edges of true shapes are rounded by less than a hundredth.
        var (space, above, below) = (_cloth.CurveSpace, _cloth.CurveSpace + Hundredth, shape.Height + _cloth.CurveSpace + Hundredth);
        foreach (ref readonly var laid in CollectionsMarshal.AsSpan(_laid))
        {
            if (y > limit || laid.Y - below >= y)
            {
                break; // too high, or all that follows begins above
            }

            if (laid.Top + above > y && IsBeside(laid, shape, x, space))
            {
                Pass(Blocked(laid, shape, x, _cloth.Space, space));
            }
        }

        return y;

        void Pass((long From, long To) stretch)
        {
            if (y <= stretch.From)
            {
                if (stretch.From < stretch.To)
                {
                    _above.Add(stretch);
                }

                return;
            }

            if (y >= stretch.To)
            {
                return;
            }

            y = RepeatPhase.Next(stretch.To, repeat, phase);
            for (var i = 0; i < _above.Count; i++)
            {
                if (y > _above[i].From && y < _above[i].To)
                {
                    y = RepeatPhase.Next(_above[i].To, repeat, phase);
                    i = -1; // moved into what was above before: over them again, until nothing moves
                }
            }
        }
    }

    /// <summary>
    /// The open stretch of y in which the shape at this x would come too near to what is laid there; nothing where it is passed.
    /// </summary>
    private (long From, long To) Blocked(in LaidBox laid, LayShape shape, long x, long space, long curveSpace)
    {
        if (laid.IsBox && shape.Slabs is null)
        {
            return IsBeside(laid, shape, x, space) ? (laid.Y - shape.Height - space, laid.Top + space) : default;
        }

        var key = new ShapePair(laid.Shape, shape, x - laid.X);
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
