using System.Numerics;

namespace Wrapper.Core.Lays.Rectangles;

/// <summary>
/// Many ways to fill a cloth side by side: of each its skyline (level stretches from selvage to selvage), what is laid and
/// what is wasted. Kept in few large arrays, because there are many thousands. Figures in nanometres.
/// </summary>
internal sealed class RectangleWays(int mostStretches, int words)
{
    /// <summary>A wall so high that nothing stands above it.</summary>
    public const long Selvage = long.MaxValue;

    private const int First = 16;

    private long[] _widths = new long[First * mostStretches];
    private long[] _levels = new long[First * mostStretches];
    private int[] _segments = new int[First];
    private ulong[] _laid = new ulong[First * words];
    private ulong[] _hash = new ulong[First];
    private double[] _waste = new double[First];
    private double[] _placed = new double[First];
    private int[] _node = new int[First];

    /// <summary>How many ways there are.</summary>
    public int Count { get; set; }

    /// <summary>How many stretches each skyline has.</summary>
    public int[] Segments => _segments;

    /// <summary>Bits of what is laid, so many words a way.</summary>
    public ulong[] Laid => _laid;

    /// <summary>A number that stands for what is laid.</summary>
    public ulong[] Hash => _hash;

    /// <summary>Area below the skyline that is in no rectangle.</summary>
    public double[] Waste => _waste;

    /// <summary>Area of what is laid.</summary>
    public double[] Placed => _placed;

    /// <summary>Where in the history of placements the way's last one stands.</summary>
    public int[] Node => _node;

    /// <summary>One way, with nothing laid.</summary>
    public void Begin(long usable)
    {
        Count = 1;
        (_segments[0], _widths[0], _levels[0]) = (1, usable, 0);
        Array.Clear(_laid, 0, words);
        (_hash[0], _waste[0], _placed[0], _node[0]) = (0, 0, 0, -1);
    }

    public long LevelOf(int way, int stretch) => _levels[(way * mostStretches) + stretch];

    public long WidthOf(int way, int stretch) => _widths[(way * mostStretches) + stretch];

    /// <summary>The lowest stretch, the leftmost of equals.</summary>
    public int Lowest(int way)
    {
        var levels = _levels.AsSpan(way * mostStretches, _segments[way]);
        var lowest = 0;
        for (var i = 1; i < levels.Length; i++)
        {
            if (levels[i] < levels[lowest])
            {
                lowest = i;
            }
        }

        return lowest;
    }

    /// <summary>How far the neighbours rise above a stretch.</summary>
    public (long Left, long Right) Walls(int way, int stretch) =>
        (
            stretch == 0 ? Selvage : LevelOf(way, stretch - 1) - LevelOf(way, stretch),
            stretch == _segments[way] - 1 ? Selvage : LevelOf(way, stretch + 1) - LevelOf(way, stretch)
        );

    /// <summary>The upper edge of what is laid.</summary>
    public long Top(int way)
    {
        var top = 0L;
        foreach (var level in _levels.AsSpan(way * mostStretches, _segments[way]))
        {
            top = Math.Max(top, level);
        }

        return top;
    }

    public bool IsLaid(int way, int item) => (_laid[(way * words) + (item >> 6)] & (1UL << (item & 63))) != 0;

    public void MarkLaid(int way, int item) => _laid[(way * words) + (item >> 6)] |= 1UL << (item & 63);

    /// <summary>The first item that is not laid; a number beyond the items when all are.</summary>
    public int FirstFree(int way)
    {
        for (var word = 0; word < words; word++)
        {
            var free = ~_laid[(way * words) + word];
            if (free != 0)
            {
                return (word << 6) + BitOperations.TrailingZeroCount(free);
            }
        }

        return int.MaxValue;
    }

    /// <summary>Takes a way over from others, or from these themselves.</summary>
    public void Take(RectangleWays others, int from, int to)
    {
        Array.Copy(others._widths, from * mostStretches, _widths, to * mostStretches, others._segments[from]);
        Array.Copy(others._levels, from * mostStretches, _levels, to * mostStretches, others._segments[from]);
        Array.Copy(others._laid, from * words, _laid, to * words, words);
        (_segments[to], _hash[to], _waste[to], _placed[to], _node[to]) = (
            others._segments[from],
            others._hash[from],
            others._waste[from],
            others._placed[from],
            others._node[from]
        );
    }

    /// <summary>Makes room for another way like this one; its number.</summary>
    public int Double(int way)
    {
        Grow(Count + 1);
        Take(this, way, Count);
        return Count++;
    }

    /// <summary>Puts a rectangle on the lowest stretch, at its left or right end; where its least corner comes to lie.</summary>
    public (long X, long Y) Put(int way, long width, long height, bool atRight)
    {
        var (at, stretch) = (way * mostStretches, Lowest(way));
        var (x, level, rest) = (0L, _levels[at + stretch], _widths[at + stretch] - width);
        for (var i = 0; i < stretch; i++)
        {
            x += _widths[at + i];
        }

        if (rest == 0)
        {
            _levels[at + stretch] += height;
        }
        else
        {
            Array.Copy(_widths, at + stretch, _widths, at + stretch + 1, _segments[way] - stretch);
            Array.Copy(_levels, at + stretch, _levels, at + stretch + 1, _segments[way] - stretch);
            _segments[way]++;
            var (laid, free) = atRight ? (stretch + 1, stretch) : (stretch, stretch + 1);
            (_widths[at + laid], _levels[at + laid]) = (width, level + height);
            (_widths[at + free], _levels[at + free]) = (rest, level);
            x = atRight ? x + rest : x;
            stretch = laid;
        }

        Join(way, stretch);
        return (x, level);
    }

    /// <summary>A stretch that nothing more goes on is filled up; what that takes is waste.</summary>
    public void Raise(int way, int stretch, long rise)
    {
        var at = (way * mostStretches) + stretch;
        _waste[way] += (double)rise * _widths[at];
        _levels[at] += rise;
        Join(way, stretch);
    }

    /// <summary>Lowest stretches too narrow for anything that is left are filled up to their lower neighbour.</summary>
    public void GiveUpNarrow(int way, long narrowest)
    {
        while (_segments[way] > 1 && narrowest != long.MaxValue && Lowest(way) is var low && WidthOf(way, low) < narrowest)
        {
            var (left, right) = Walls(way, low);
            Raise(way, low, Math.Min(left, right));
        }
    }

    /// <summary>A number that two ways share with the same laid and the same skyline, and hardly others.</summary>
    public ulong Likeness(int way)
    {
        var (hash, at) = (_hash[way], way * mostStretches);
        for (var i = at; i < at + _segments[way]; i++)
        {
            hash = unchecked(hash * 0x9E3779B97F4A7C15UL) ^ (ulong)_levels[i] ^ ((ulong)_widths[i] << 17);
        }

        return hash;
    }

    /// <summary>Room for so many ways.</summary>
    public void Grow(int count)
    {
        if (_segments.Length >= count)
        {
            return;
        }

        count = Math.Max(count, 2 * _segments.Length);
        Array.Resize(ref _widths, count * mostStretches);
        Array.Resize(ref _levels, count * mostStretches);
        Array.Resize(ref _segments, count);
        Array.Resize(ref _laid, count * words);
        Array.Resize(ref _hash, count);
        Array.Resize(ref _waste, count);
        Array.Resize(ref _placed, count);
        Array.Resize(ref _node, count);
    }

    private void Join(int way, int stretch)
    {
        var at = way * mostStretches;
        if (stretch + 1 < _segments[way] && _levels[at + stretch + 1] == _levels[at + stretch])
        {
            _widths[at + stretch] += _widths[at + stretch + 1];
            Remove(way, stretch + 1);
        }

        if (stretch > 0 && _levels[at + stretch - 1] == _levels[at + stretch])
        {
            _widths[at + stretch - 1] += _widths[at + stretch];
            Remove(way, stretch);
        }
    }

    private void Remove(int way, int stretch)
    {
        var at = (way * mostStretches) + stretch;
        var rest = --_segments[way] - stretch;
        Array.Copy(_widths, at + 1, _widths, at, rest);
        Array.Copy(_levels, at + 1, _levels, at, rest);
    }
}
