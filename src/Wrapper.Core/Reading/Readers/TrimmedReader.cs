using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>
/// Reads blocks as they were trimmed on the thing, and which of their edges are sewn to one another. See docs/handbook.md, "Blocks".
/// </summary>
internal sealed class TrimmedReader(CoverInput input, LengthUnit unit, List<Check> checks)
{
    private const int MostPoints = 1000;
    private const int MostSeams = 200;

    /// <summary>The edges of a block in the open format, each with its name on a stitch line.</summary>
    private static readonly Dictionary<string, EdgeName> Edges = new()
    {
        ["bottom"] = EdgeName.Front,
        ["right"] = EdgeName.Right,
        ["top"] = EdgeName.Back,
        ["left"] = EdgeName.Left,
    };

    /// <summary>The raw edges of each trimmed block; one that cannot be read is told about.</summary>
    public IReadOnlyDictionary<string, Outline> Outlines()
    {
        var outlines = new Dictionary<string, Outline>();
        if (input.Trimmed.Count > MostPoints)
        {
            Fail(ReadingText.TooManyEntries("trimmed", MostPoints));
            return outlines;
        }

        foreach (var block in input.Trimmed.GroupBy(point => point.Block ?? ""))
        {
            if (OutlineOf(block.Key, [.. block]) is { } outline)
            {
                outlines.Add(block.Key, outline);
            }
        }

        return outlines;
    }

    /// <summary>The seams; one that names no edge is told about.</summary>
    public IReadOnlyList<(SeamSide One, SeamSide Other)> Seams()
    {
        var seams = new List<(SeamSide, SeamSide)>();
        if (input.BlockSeams.Count > MostSeams)
        {
            Fail(ReadingText.TooManyEntries("joins", MostSeams));
            return seams;
        }

        foreach (var seam in input.BlockSeams)
        {
            if (
                seam is { Block: { } block, Edge: { } edge, To: { } to, ToEdge: { } toEdge }
                && Edges.TryGetValue(edge, out var one)
                && Edges.TryGetValue(toEdge, out var other)
            )
            {
                seams.Add((new(block, one), new(to, other)));
            }
            else
            {
                Fail(ReadingText.BlockSeamUnknown(string.Join(", ", Edges.Keys)));
            }
        }

        return seams;
    }

    private Outline? OutlineOf(string block, IReadOnlyList<TrimmedInput> typed)
    {
        var corners = new List<(EdgeName Edge, Point Corner)>();
        foreach (var (i, point) in typed.Index())
        {
            var named = string.IsNullOrEmpty(point.Edge) ? null : Edges.GetValueOrDefault(point.Edge);
            if (named is null && (i == 0 || !string.IsNullOrEmpty(point.Edge)))
            {
                Fail(
                    i == 0 && string.IsNullOrEmpty(point.Edge)
                        ? ReadingText.TrimmedBegins(block)
                        : ReadingText.UnknownEdge(block, point.Edge!, string.Join(", ", Edges.Keys))
                );
                return null;
            }

            if (
                Read(point.X, ReadingText.TrimmedAcross(block, i + 1)) is not { } x
                || Read(point.Y, ReadingText.TrimmedAlong(block, i + 1)) is not { } y
            )
            {
                return null;
            }

            corners.Add((named ?? corners[^1].Edge, new(x, y)));
        }

        var distinct = corners.Where((corner, i) => corner.Corner != corners[(i + 1) % corners.Count].Corner).ToList();
        var starts = distinct.Where((corner, i) => i == 0 || corner.Edge != distinct[i - 1].Edge).Select(corner => corner.Edge).ToList();
        if (distinct.Count < 3 || starts.Distinct().Count() < starts.Count)
        {
            Fail(distinct.Count < 3 ? ReadingText.TrimmedTooFew(block) : ReadingText.TrimmedTwice(block));
            return null;
        }

        List<Edge> edges =
        [
            .. distinct.Select((corner, i) => new Edge(corner.Edge, corner.Corner, distinct[(i + 1) % distinct.Count].Corner)),
        ];
        var isCrossed = Crossing.Find(edges) is not null;
        if (
            isCrossed
            || edges.Sum(edge => (edge.Start.X.Millimetres * edge.End.Y.Millimetres) - (edge.End.X.Millimetres * edge.Start.Y.Millimetres))
                <= 0
        )
        {
            Fail(isCrossed ? ReadingText.TrimmedCrosses(block) : ReadingText.TrimmedOtherWay(block));
            return null;
        }

        return new(edges);
    }

    private Length? Read(Entry entry, string what) => ListReader.Read(entry, unit, what, "trimmed", checks);

    private void Fail(string text) => checks.Add(Check.Error("trimmed-unreadable", text, "trimmed"));
}
