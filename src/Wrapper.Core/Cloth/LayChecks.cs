using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cloth;

/// <summary>What stands in the way of a lay.</summary>
internal static class LayChecks
{
    private const int MostCorners = 20_000;

    public static IEnumerable<Check> Of(LayRequest request)
    {
        if (!request.UsableWidth.IsPositive)
        {
            yield return Check.Error("cloth-width-out-of-range", "The usable width of the cloth has to be more than 0.", "usableWidth");
            yield break;
        }

        if (request.Space.IsNegative || request.RepeatLength.IsNegative)
        {
            yield return Check.Error("cloth-out-of-range", "Space and repeat cannot be below 0.", request.Space.IsNegative ? "space" : "repeat");
        }

        if (request.Pieces.Count == 0)
        {
            yield return Check.Error("no-pieces", "There is nothing to lay: name at least one piece.", "pieces");
        }

        var copies = request.Pieces.Sum(piece => (long)Math.Max(piece.Quantity, 0));
        if (copies > LayPlanner.MostCopies)
        {
            yield return Check.Error("too-many-pieces", $"{copies} pieces are more than one lay takes ({LayPlanner.MostCopies}): lay them in parts.", "quantity");
        }

        if (request.Pieces.Sum(piece => (long)piece.Corners.Count) > MostCorners)
        {
            yield return Check.Error("too-many-corners", $"The outlines have more than {MostCorners} corners together: draw them with fewer.", "outline");
            yield break;
        }

        foreach (var group in request.Pieces.GroupBy(piece => piece.Id).Where(group => group.Count() > 1))
        {
            yield return Check.Error("piece-id-twice", $"Two pieces are called “{group.Key}”: ids have to be unique.", group.Key);
        }

        foreach (var check in request.Pieces.SelectMany(piece => Piece(piece, request)))
        {
            yield return check;
        }
    }

    private static IEnumerable<Check> Piece(LayPiece piece, LayRequest request)
    {
        if (piece.Quantity < 1)
        {
            yield return Check.Error("quantity-out-of-range", $"Piece “{piece.Id}”: the quantity has to be 1 or more.", piece.Id);
        }

        if (piece.Turns.Count == 0 || piece.Turns.Any(turn => turn is not (0 or 90 or 180 or 270)))
        {
            yield return Check.Error("unknown-turn", $"Piece “{piece.Id}”: turns are 0, 90, 180 and 270 degrees.", piece.Id);
            yield break;
        }

        var reach = Length.FromMillimetres(1_000_000m);
        if (piece.Corners.Any(corner => corner.X.Abs() > reach || corner.Y.Abs() > reach))
        {
            yield return Check.Error("outline-out-of-range", $"Piece “{piece.Id}”: the outline reaches beyond 1 km.", piece.Id);
            yield break;
        }

        if (piece.Corners.Count < 3 || !LayShape.Of(piece.Corners, 0).Area.IsAboveNothing())
        {
            yield return Check.Error("outline-empty", $"Piece “{piece.Id}”: the outline needs at least three corners and an area.", piece.Id);
            yield break;
        }

        if (Crosses(piece.Corners))
        {
            yield return Check.Error("outline-crosses-itself", $"Piece “{piece.Id}”: the outline crosses itself; draw it as one closed line.", piece.Id);
            yield break;
        }

        var widths = LayPlanner.TurnsOf(piece, request.OneWay).Select(turn => LayShape.Of(piece.Corners, turn).Width).ToList();
        if (widths.TrueForAll(width => width > request.UsableWidth.Nanometres))
        {
            yield return Check.Error(
                "piece-wider-than-cloth",
                $"Piece “{piece.Id}” is {Length.FromNanometres(widths.Min())} wide in its narrowest turn and the cloth gives {request.UsableWidth}.",
                piece.Id);
        }
    }

    /// <summary>Whether two sides that are no neighbours cross; those that only touch are let be. Sides are gone through from left to right.</summary>
    private static bool Crosses(IReadOnlyList<Point> corners)
    {
        var sides = Enumerable.Range(0, corners.Count).Select(i => (Index: i, From: corners[i], To: corners[(i + 1) % corners.Count]))
            .OrderBy(side => Length.Min(side.From.X, side.To.X)).ToList();
        for (var i = 0; i < sides.Count; i++)
        {
            var right = Length.Max(sides[i].From.X, sides[i].To.X);
            for (var k = i + 1; k < sides.Count && Length.Min(sides[k].From.X, sides[k].To.X) < right; k++)
            {
                var apart = Math.Abs(sides[i].Index - sides[k].Index);
                if (apart > 1 && apart < corners.Count - 1 && Cross(sides[i].From, sides[i].To, sides[k].From, sides[k].To))
                {
                    return true;
                }
            }
        }

        return false;
    }

    private static bool Cross(Point a, Point b, Point c, Point d) =>
        Side(a, b, c) * Side(a, b, d) < 0 && Side(c, d, a) * Side(c, d, b) < 0;

    /// <summary>On which side of the line from a to b a point lies; exact.</summary>
    private static int Side(Point a, Point b, Point at) => Int128.Sign(
        ((Int128)(b.X - a.X).Nanometres * (at.Y - a.Y).Nanometres) - ((Int128)(b.Y - a.Y).Nanometres * (at.X - a.X).Nanometres));

    private static bool IsAboveNothing(this double area) => area > 1e-6;
}
