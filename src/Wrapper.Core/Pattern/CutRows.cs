using Wrapper.Core.Units;

namespace Wrapper.Core.Pattern;

/// <summary>A row of a cut list: a piece, or parts of one thing that are cut to the same size and differ only in their notches.</summary>
/// <param name="Pieces">The pieces in it.</param>
/// <param name="Name">What they are called together.</param>
public sealed record CutRow(IReadOnlyList<Piece> Pieces, string Name)
{
    /// <summary>How many are cut, for all covers alike.</summary>
    public int Quantity => Pieces.Sum(piece => piece.Quantity);
}

/// <summary>Puts the pieces of a cover into the rows of its cut list. See docs/handbook.md, "Pieces".</summary>
public static class CutRows
{
    /// <summary>Two sizes that differ by less are one.</summary>
    private static readonly Length Same = Length.FromMillimetres(0.01m);

    /// <summary>The rows, each where its first piece stands.</summary>
    public static IReadOnlyList<CutRow> Of(IReadOnlyList<Piece> pieces)
    {
        var rows = new List<List<Piece>>();
        foreach (var piece in pieces)
        {
            if (rows.Find(row => IsAlike(row[0], piece)) is { } row)
            {
                row.Add(piece);
            }
            else
            {
                rows.Add([piece]);
            }
        }

        return [.. rows.Select(row => new CutRow(row, NameOf(row)))];
    }

    private static string NameOf(List<Piece> row) =>
        row[0].Part is { } part ? part.NameOfRow([.. row.Select(piece => piece.Part).OfType<PartOfWhole>()]) : row[0].Name;

    private static bool IsAlike(Piece one, Piece other) =>
        one.Kind == other.Kind
        && (one.ClothKey, one.Cloth, one.IsPieced) == (other.ClothKey, other.Cloth, other.IsPieced)
        && IsOfOneThing(one, other)
        && (one.CutWidth.Value - other.CutWidth.Value).Abs() < Same
        && (one.CutLength.Value - other.CutLength.Value).Abs() < Same;

    private static bool IsOfOneThing(Piece one, Piece other) =>
        (one.Part, other.Part) switch
        {
            (null, null) => one.Name == other.Name,
            ({ } part, { } another) => part.GetType() == another.GetType() && part.Whole == another.Whole,
            _ => false,
        };
}
