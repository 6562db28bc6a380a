using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Lays.Shapes;

namespace Wrapper.Core.Lays;

/// <summary>One copy of a piece waiting to be laid, with the shapes it may take.</summary>
/// <param name="Piece">The piece.</param>
/// <param name="Copy">Which copy of it, from 1.</param>
/// <param name="Shapes">One for each turn that comes to another shape.</param>
/// <param name="Match">Where it meets the pattern; null when it need not.</param>
internal sealed record LayItem(LayPiece Piece, int Copy, List<LayShape> Shapes, PatternPoint? Match)
{
    /// <summary>The shape a maker would take on paper: the first turn allowed that fits the cloth.</summary>
    public LayShape OnPaper(long usable) => Shapes.Find(shape => shape.Width <= usable) ?? Shapes[0];

    /// <summary>The same copy, lying by choice in its next turn where two come out alike.</summary>
    public LayItem NextTurnFirst() => this with { Shapes = [.. Shapes.Skip(1), Shapes[0]] };

    public bool IsMatched => Match is not null;

    /// <summary>The shape in this turn, which may come to the same as another turn's.</summary>
    public LayShape ShapeIn(int turn) => Shapes.Find(shape => shape.Turn == turn) ?? LayShape.Of(Piece.Corners, turn);

    /// <summary>Every copy of a piece with the shapes it may take on this cloth.</summary>
    public static IEnumerable<LayItem> CopiesOf(LayPiece piece, LayCloth cloth)
    {
        var turns = LayPlanner.TurnsOf(piece, cloth.OneWay).ToList();
        var match =
            cloth.Pattern.Repeats && piece.Match is { } said && (cloth.Pattern.Length > 0 || !said.AlongOnly)
                ? PatternPoint.Of(said, piece.Corners, turns[0])
                : null;
        var shapes = new List<LayShape>();
        foreach (var turn in match is null ? turns : turns.Take(1))
        {
            var shape = LayShape.Of(piece.Corners, turn);
            if (!shapes.Exists(shape.IsAs))
            {
                shapes.Add(shape);
            }
        }

        for (var copy = 1; copy <= piece.Quantity; copy++)
        {
            yield return new(piece, copy, shapes, match);
        }
    }
}
