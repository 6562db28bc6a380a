using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Fitting;

/// <summary>What one way of laying the corrected pieces on those that are cut makes of each seam.</summary>
internal sealed class SeamChanges
{
    /// <summary>Places nearer than this are the same: half of what a tape shows.</summary>
    public const double Same = 0.5;

    private readonly FittedCover _before;
    private readonly FittedCover _after;
    private readonly SewingCover _sewing;
    private readonly (PlacedLines Before, PlacedLines After) _lines;
    private readonly IReadOnlySet<string> _sewn;

    /// <summary>Holds two states of a cover against each other.</summary>
    /// <param name="sewing">The cover before, as it is sewn.</param>
    /// <param name="before">The cover before.</param>
    /// <param name="after">The corrected cover, with the copies that stay cut.</param>
    /// <param name="sewn">The seams that are sewn.</param>
    /// <param name="lines">The lines of both.</param>
    public SeamChanges(
        SewingCover sewing,
        FittedCover before,
        FittedCover after,
        IReadOnlySet<string> sewn,
        (PlacedLines Before, PlacedLines After) lines
    ) => (_sewing, _before, _after, _sewn, _lines) = (sewing, before, after, sewn, lines);

    /// <summary>The line of a side on what is cut, before and after; null where its copy is not cut.</summary>
    public (PlacedLine Before, PlacedLine After)? LinesOf(SeamSide side) =>
        _lines.Before.Of(_before, side) is { } before && _lines.After.Of(_after, side) is { } after ? (before, after) : null;

    /// <summary>A line moved on what is cut.</summary>
    public bool IsMoved(SeamSide side) => LinesOf(side) is var (before, after) && Math.Abs(before.InwardTo(after)) > Same;

    /// <summary>What becomes of a seam; null where it stays as it is.</summary>
    public FittedSeam? Of(SeamLine line)
    {
        var sewn = line.Sewn;
        var sides = SidesOf(line.Seam.Edges);
        var over = line.Seam.Edges.Select(side => LinesOf(side) is var (was, now) ? Math.Abs(was.InwardTo(now)) : 0).Max();
        var isMoved = over > Same;
        if (!_sewn.Contains(sewn.Id))
        {
            return isMoved || line.Seam.Edges.Any(side => LinesOf(side) is { After.IsUnusual: true })
                ? new(sewn, SeamMend.Sew, sides) { LiesOver = over }
                : null;
        }

        var lost = line.Seam.Edges.Any(side => _before.Cut.ContainsKey(PieceCopy.Of(side)) && !_after.Cut.ContainsKey(PieceCopy.Of(side)));
        var at = EndsOf(line);
        if (lost || isMoved || at is null)
        {
            return new(sewn, SeamMend.Unpick, sides) { LiesOver = over };
        }

        var ends = (Start: Beyond(at.Value.Start), End: Beyond(at.Value.End));
        return ends is (0, 0) ? null : new(sewn, ends.Start > 0 || ends.End > 0 ? SeamMend.OpenEnd : SeamMend.SewOn, sides) { Ends = ends };
    }

    /// <summary>How far from its raw edge each of some edges is sewn; without lines inside a piece and what is not cut.</summary>
    public IReadOnlyList<FittedSide> SidesOf(IEnumerable<SeamSide> edges) =>
        [
            .. edges.SelectMany(side =>
                LinesOf(side) is { After: { From: { } from, To: { } to } } ? (FittedSide[])[new(side, from, to)] : []
            ),
        ];

    private static double Larger(double one, double other) => Math.Abs(one) > Math.Abs(other) ? one : other;

    private static double Beyond(double length) => Math.Abs(length) > Same ? length : 0;

    /// <summary>By how much a seam that stays is shortened at its two ends; null where its sides slip along each other.</summary>
    private (double Start, double End)? EndsOf(SeamLine line)
    {
        if (line.Sewn.IsLoop || line.Seam.FirstGoesOn.Count > 0 || line.Seam.SecondGoesOn.Count > 0)
        {
            return (0, 0);
        }

        var known = new List<(double Start, double End)>();
        foreach (var side in (SeamSide[])[line.Seam.First, line.Seam.Second])
        {
            if (LinesOf(side) is var (before, after))
            {
                var shortened = before.Shortened(after);
                known.Add(
                    _sewing.Lines.Points.EndsOf(side).Start == _sewing.Lines.Points.EndsOf(line.Seam.First).Start
                        ? shortened
                        : (shortened.End, shortened.Start)
                );
            }
        }

        return known switch
        {
            [] => (0, 0),
            [var one, var other] when Math.Abs(one.Start - other.Start) > Same || Math.Abs(one.End - other.End) > Same => null,
            [var one, var other] => (Larger(one.Start, other.Start), Larger(one.End, other.End)),
            [var one, ..] => one,
        };
    }
}
