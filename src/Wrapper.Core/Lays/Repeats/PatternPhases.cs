namespace Wrapper.Core.Lays.Repeats;

/// <summary>A pattern that comes again, in nanometres.</summary>
/// <param name="Length">Its repeat along the roll; zero for none.</param>
/// <param name="Width">Its repeat across; zero where it may be met anywhere across.</param>
/// <param name="HalfDrop">From one repeat across to the next it drops by half a repeat.</param>
/// <param name="MotifAcross">Where the middle of a motif stands across; null where none is asked for.</param>
internal sealed record LayPattern(long Length, long Width, bool HalfDrop, long? MotifAcross)
{
    /// <summary>There is a pattern to meet.</summary>
    public bool Repeats => Length > 0 || Width > 0;

    /// <summary>What a piece meets: with motifs, everything that shows one.</summary>
    public string GroupOf(PatternPoint match) => MotifAcross is null ? match.Group : "";
}

/// <summary>
/// Where in the pattern each group of pieces has its match points while a lay is made. Across that is settled beforehand;
/// along, the first piece of a group lies where it likes and so settles it for the others. With motifs all groups are one.
/// </summary>
/// <param name="pattern">What comes again.</param>
/// <param name="across">Where each group's match points stand across; empty where the pattern does not come again across.</param>
internal sealed class PatternPhases(LayPattern pattern, IReadOnlyDictionary<string, long> across)
{
    /// <summary>
    /// Where each group's match points stand along. What meets along only says that no nearer than to half a repeat where the
    /// pattern drops: which column it goes on from is not known, and either height is one of the pattern's.
    /// </summary>
    private readonly Dictionary<string, (long At, bool ByColumn)> _along = [];

    private long Step => pattern.HalfDrop ? pattern.Length / 2 : pattern.Length;

    public void Clear() => _along.Clear();

    /// <summary>The places open to a piece.</summary>
    public Lattice For(PatternPoint? match)
    {
        if (match is null)
        {
            return Lattice.Anywhere;
        }

        var group = pattern.GroupOf(match);
        if (match.AlongOnly)
        {
            return _along.TryGetValue(group, out var level) ? new(Step, 0, false, 0, level.At - match.Y) : Lattice.Anywhere;
        }

        var x = pattern.Width > 0 ? across[group] - match.X : 0;
        return !_along.TryGetValue(group, out var along) ? new(0, pattern.Width, false, x, 0)
            : along.ByColumn ? new(pattern.Length, pattern.Width, pattern.HalfDrop, x, along.At - match.Y)
            : new(Step, pattern.Width, false, x, along.At - match.Y);
    }

    /// <summary>A piece lies here: its group's place along the pattern is settled if it was not.</summary>
    public void Settle(PatternPoint? match, long x, long y)
    {
        if (match is not null)
        {
            var group = pattern.GroupOf(match);
            var column =
                pattern.Width > 0 && !match.AlongOnly ? (long)Math.Round((x + match.X - across[group]) / (double)pattern.Width) : 0;
            if (!_along.TryGetValue(group, out var known) || (!known.ByColumn && !match.AlongOnly))
            {
                _along[group] = (y + match.Y - Lattice.Drop(pattern.Length, pattern.HalfDrop, column), !match.AlongOnly);
            }
        }
    }
}

/// <summary>The places that are the same in the pattern: every so far along and across, from one of them.</summary>
/// <param name="Length">From one to the next along; zero for anywhere.</param>
/// <param name="Width">From one to the next across; zero for anywhere.</param>
/// <param name="HalfDrop">Every second one across lies half a repeat further along.</param>
/// <param name="X">One of them.</param>
/// <param name="Y">One of them.</param>
internal readonly record struct Lattice(long Length, long Width, bool HalfDrop, long X, long Y)
{
    private const long Hundredth = 10_000;

    public static Lattice Anywhere => default;

    /// <summary>What the pattern drops from one place to another so many repeats across.</summary>
    public static long Drop(long length, bool halfDrop, long across) => halfDrop && across % 2 != 0 ? length / 2 : 0;

    /// <summary>The first place at or right of the selvage.</summary>
    public long FirstAcross => Width == 0 ? 0 : ((X % Width) + Width) % Width;

    /// <summary>The first place at or after y, in the column at x.</summary>
    public long Next(long x, long y) => RepeatPhase.Next(y, Length, PhaseAt(x));

    /// <summary>Where the column at x has one of its places along the roll.</summary>
    public long PhaseAt(long x) => Width == 0 ? Y : Y + Drop(Length, HalfDrop, (x - X) / Width);

    /// <summary>Whether a place is one of these, to a hundredth of a millimetre.</summary>
    public bool Has(long x, long y)
    {
        var column = Width == 0 ? 0 : (long)Math.Round((x - X) / (double)Width);
        return (Width == 0 || Math.Abs(x - X - (column * Width)) <= Hundredth)
            && (Length == 0 || OffAlong(Y + Drop(Length, HalfDrop, column), y) <= Hundredth);
    }

    private long OffAlong(long phase, long y)
    {
        var over = (((y - phase) % Length) + Length) % Length;
        return Math.Min(over, Length - over);
    }
}
