using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>
/// What one operation sews without stopping: lines that follow one another, in sewing order. See docs/handbook.md, "Points and runs".
/// </summary>
/// <param name="Lines">The lines, in order.</param>
/// <param name="Points">The points from its beginning to its end; the first again at the end of a ring.</param>
internal sealed record Run(IReadOnlyList<SeamLine> Lines, IReadOnlyList<int> Points)
{
    /// <summary>The first line of the run that was begun at the same corner and is sewn before; null for none.</summary>
    public string? Follows { get; init; }

    /// <summary>What sews it.</summary>
    public OperationKind Kind => Lines[0].Kind;

    /// <summary>It comes back to where it began.</summary>
    public bool IsRing => Points[0] == Points[^1];

    /// <summary>The points it crosses: of a ring all of them.</summary>
    public IEnumerable<int> Inside => IsRing ? Points : Points.Skip(1).SkipLast(1);

    /// <summary>All it sews, in millimetres.</summary>
    public double Millimetres => Lines.Sum(line => line.Sewn.Millimetres);

    /// <summary>A run of one line.</summary>
    public static Run Of(SeamLine line) => new([line], [.. line.Sewn.Points]);

    /// <summary>Lines of one group that touch one another, as chains: as long as they can be, in the ledger's order.</summary>
    /// <param name="lines">Lines that may be sewn on without stopping where just two of them meet.</param>
    public static IEnumerable<Run> Chains(IReadOnlyList<SeamLine> lines)
    {
        var next = Links(lines);
        var left = new HashSet<SeamLine>(lines, ReferenceEqualityComparer.Instance);
        foreach (var first in lines)
        {
            if (left.Contains(first))
            {
                yield return ChainFrom(BeginningOf(first, next), next, left);
            }
        }
    }

    /// <summary>The same ring begun at another of its points.</summary>
    public Run BegunAt(int point)
    {
        if (!IsRing || Lines.Count == 1)
        {
            return this;
        }

        var (lines, points) = (new List<SeamLine>(Lines), new List<int> { Points[0] });
        foreach (var line in Lines)
        {
            points.Add(Far(line, points[^1]));
        }

        var turn = points.IndexOf(point);
        return turn <= 0 ? this : Of([.. lines[turn..], .. lines[..turn]], point);
    }

    /// <summary>The run cut in two at a point between its lines; itself where the point is none of them.</summary>
    public IEnumerable<Run> CutAt(int point)
    {
        var from = Points[0];
        for (var i = 0; i < Lines.Count - 1; i++)
        {
            from = Far(Lines[i], from);
            if (from == point)
            {
                return [Of([.. Lines.Take(i + 1)], Points[0]), Of([.. Lines.Skip(i + 1)], point)];
            }
        }

        return [this];
    }

    /// <summary>The same run sewn the other way.</summary>
    public Run Reversed() => new([.. Lines.Reverse()], [.. Points.Reverse()]);

    private static int Far(SeamLine line, int point) => line.Sewn.Start == point ? line.Sewn.End : line.Sewn.Start;

    private static Run Of(IReadOnlyList<SeamLine> lines, int start)
    {
        List<int> points = [start];
        foreach (var line in lines)
        {
            var along = line.Sewn.Points.ToList();
            if (along[0] != points[^1])
            {
                along.Reverse();
            }

            points.AddRange(along.Skip(1));
        }

        return new(lines, points);
    }

    /// <summary>
    /// Which line goes on from which at a point, both ways: the two that meet there; where a corner was opened and more meet,
    /// the two that follow one another on a piece.
    /// </summary>
    private static Dictionary<(string Line, int Point), SeamLine> Links(IReadOnlyList<SeamLine> lines)
    {
        var links = new Dictionary<(string, int), SeamLine>();
        var ends = lines
            .Where(line => !line.Sewn.IsLoop)
            .SelectMany(line => new[] { line.Sewn.Start, line.Sewn.End }.Select(point => (point, line)));
        foreach (var meeting in ends.GroupBy(end => end.point, end => end.line))
        {
            var there = meeting.ToList();
            foreach (var line in there)
            {
                if (OnlyOther(line, there, meeting.Key) is { } other && OnlyOther(other, there, meeting.Key) == line)
                {
                    links[(line.Sewn.Id, meeting.Key)] = other;
                }
            }
        }

        return links;
    }

    private static SeamLine? OnlyOther(SeamLine line, List<SeamLine> there, int point)
    {
        var others =
            there.Count == 2
                ? there.FindAll(other => other != line)
                : there.FindAll(other => other != line && other.Places.Any(place => place.Point == point && line.Places.Contains(place)));
        return others is [var only] ? only : null;
    }

    /// <summary>Back along the chain to its first point; where it is a ring, to this line's own start.</summary>
    private static (SeamLine Line, int Start) BeginningOf(SeamLine first, Dictionary<(string Line, int Point), SeamLine> next)
    {
        var (line, point) = (first, first.Sewn.Start);
        while (next.TryGetValue((line.Sewn.Id, point), out var before))
        {
            if (before == first)
            {
                return (first, first.Sewn.Start);
            }

            (line, point) = (before, Far(before, point));
        }

        return (line, point);
    }

    private static Run ChainFrom(
        (SeamLine Line, int Start) beginning,
        Dictionary<(string Line, int Point), SeamLine> next,
        HashSet<SeamLine> left
    )
    {
        var (line, point) = (beginning.Line, Far(beginning.Line, beginning.Start));
        var chain = new List<SeamLine> { line };
        left.Remove(line);
        while (next.TryGetValue((line.Sewn.Id, point), out var after) && left.Remove(after))
        {
            chain.Add(after);
            (line, point) = (after, Far(after, point));
        }

        return Of(chain, beginning.Start);
    }
}
