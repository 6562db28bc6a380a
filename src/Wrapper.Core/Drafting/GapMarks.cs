using Wrapper.Core.English;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>
/// Where the last seam stops and goes on again, on both of its sides, and where what was closed by hand is unpicked one day.
/// See docs/handbook.md, "Marks".
/// </summary>
/// <param name="pieces">The pieces.</param>
/// <param name="seams">Their seams.</param>
internal sealed class GapMarks(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams)
{
    private readonly Dictionary<string, Piece> _pieces = pieces.ToDictionary(piece => piece.Key);

    /// <summary>The marks of each piece.</summary>
    /// <param name="isStitchedOver">The gap is closed by a row of stitches all round and not by hand: it is not unpicked.</param>
    public ILookup<string, Mark> All(bool isStitchedOver)
    {
        var found = new List<(SeamSide Side, MarkKind Kind, Point At)>();
        foreach (var seam in seams.Where(seam => seam.Gap.IsPositive))
        {
            var middle = LengthOf(seam.First).Half();
            var half = seam.Gap.Half();
            found.AddRange(OnBoth(seam, middle - half, MarkKind.GapEnd));
            found.AddRange(OnBoth(seam, middle + half, MarkKind.GapEnd));
            if (!isStitchedOver)
            {
                found.AddRange(OnBoth(seam, middle, MarkKind.UnpickPoint));
            }
        }

        // Copies are marked alike, and the mark says for which of them it is.
        return found
            .GroupBy(mark => (mark.Side.Piece, mark.Kind, mark.At))
            .Select(group =>
                (group.Key.Piece, Mark: Mark.At(group.Key.Kind, Label(group.Key.Kind, [.. group.Select(mark => mark.Side)]), group.Key.At))
            )
            .ToLookup(mark => mark.Piece, mark => mark.Mark);
    }

    /// <summary>
    /// A place along a seam's first side, as its outline runs, on both of its sides: on the neighbour's where the seam is not so long.
    /// </summary>
    private IEnumerable<(SeamSide Side, MarkKind Kind, Point At)> OnBoth(Seam seam, Length along, MarkKind kind)
    {
        var length = LengthOf(seam.First);
        if (along.IsNegative || along > length)
        {
            var next = Neighbour(seam.First, isAfter: along > length);
            var goesOn = seams.First(other => other.Edges.Contains(next));
            var from = along > length ? along - length : along + LengthOf(next);
            return OnBoth(goesOn.First == next ? goesOn : goesOn with { First = goesOn.Second, Second = goesOn.First }, from, kind);
        }

        var isAlike = seam.RunsAlike(_pieces[seam.First.Piece], _pieces[seam.Second.Piece]);
        return
        [
            (seam.First, kind, PointAt(seam.First, along)),
            (seam.Second, kind, PointAt(seam.Second, isAlike ? along : LengthOf(seam.Second) - along)),
        ];
    }

    private SeamSide Neighbour(SeamSide side, bool isAfter)
    {
        var names = _pieces[side.Piece].StitchLine.Names.Distinct().ToList();
        return side with { Edge = names[(names.IndexOf(side.Edge) + (isAfter ? 1 : names.Count - 1)) % names.Count] };
    }

    private Length LengthOf(SeamSide side) => _pieces[side.Piece].StitchLine.LengthOf(side.Edge);

    private Point PointAt(SeamSide side, Length along) => Partition.PointAlong(_pieces[side.Piece].StitchLine.PartsOf(side.Edge), along);

    private string Label(MarkKind kind, IReadOnlyList<SeamSide> sides)
    {
        var label = kind == MarkKind.GapEnd ? MarkText.GapEnd : MarkText.UnpickPoint;
        var piece = _pieces[sides[0].Piece];
        return piece.PerCover == 1 ? label : MarkText.OfCopies(label, [.. sides.Select(side => Word(piece, side.Copy)).Distinct()]);
    }

    /// <summary>Which copy: by what it is, where it stands, or its number.</summary>
    private static string Word(Piece piece, int copy)
    {
        var role = piece.CopyRoles[copy - 1];
        return piece.CopyRoles.Count(other => other == role) == 1
            ? role.Label
            : PlacesRound.Of(piece, copy) ?? MarkText.Numbered(role.Label, copy);
    }
}
