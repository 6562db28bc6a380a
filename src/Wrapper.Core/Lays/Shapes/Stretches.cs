namespace Wrapper.Core.Lays.Shapes;

/// <summary>Parts what lies along a line where nothing reaches across.</summary>
internal static class Stretches
{
    /// <summary>The parts in order.</summary>
    /// <param name="things">What lies there, by where it begins.</param>
    /// <param name="from">Where a thing begins.</param>
    /// <param name="to">Where it ends.</param>
    /// <param name="apart">A part ends where all that follows begins at least so far beyond it; below nought they may overlap a
    /// little.</param>
    public static List<List<T>> Parted<T>(IEnumerable<T> things, Func<T, long> from, Func<T, long> to, long apart)
    {
        var (parts, end) = (new List<List<T>>(), 0L);
        foreach (var thing in things)
        {
            if (parts.Count == 0 || from(thing) >= end + apart)
            {
                parts.Add([]);
            }

            parts[^1].Add(thing);
            end = Math.Max(end, to(thing));
        }

        return parts;
    }
}
