using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Lays.Shapes;
using Wrapper.Core.Units;

namespace Wrapper.Core.Lays;

/// <summary>What stands in the way of a lay.</summary>
internal static class LayChecks
{
    private const int MostCorners = 20_000;

    /// <summary>Of one piece: whether it crosses itself takes a look at its sides two by two.</summary>
    private const int MostCornersOfOne = 2000;
    private static readonly Length LeastRepeat = Length.FromMillimetres(1m);
    private static readonly Length MostWide = Length.FromMillimetres(10_000m);

    public static IEnumerable<Check> Of(LayRequest request)
    {
        if (!request.UsableWidth.IsPositive || request.UsableWidth > MostWide)
        {
            yield return Check.Error("cloth-width-out-of-range", LaysText.ClothWidthOutOfRange, "usableWidth");
            yield break;
        }

        if (request.Space.IsNegative || request.RepeatLength.IsNegative)
        {
            yield return Check.Error("cloth-out-of-range", LaysText.ClothOutOfRange, request.Space.IsNegative ? "space" : "repeat");
        }

        if (request.RepeatWidth.IsNegative || request.CurveSpace.IsNegative || request.MotifAcross is { IsNegative: true })
        {
            yield return Check.Error(
                "cloth-out-of-range",
                LaysText.RepeatsOutOfRange,
                request.CurveSpace.IsNegative ? "curveSpace"
                    : request.RepeatWidth.IsNegative ? "repeat"
                    : "motif"
            );
        }

        if (
            (request.RepeatLength.IsPositive && request.RepeatLength < LeastRepeat)
            || (request.RepeatWidth.IsPositive && request.RepeatWidth < LeastRepeat)
        )
        {
            yield return Check.Error("repeat-too-small", LaysText.RepeatTooSmall, "repeat");
            yield break; // what follows would count every repeat across the cloth
        }

        if (request.HalfDrop && !(request.RepeatLength.IsPositive && request.RepeatWidth.IsPositive))
        {
            yield return Check.Error("half-drop-without-repeats", CommonText.HalfDropWithoutRepeats, "repeat");
        }

        if (request.MotifAcross is not null && !request.RepeatWidth.IsPositive)
        {
            yield return Check.Error("motif-without-repeat", LaysText.MotifWithoutRepeat, "repeat");
        }

        foreach (var check in request.Flaws.SelectMany((flaw, i) => FlawChecks(flaw, i, request)).Concat(Remnants(request)))
        {
            yield return check;
        }

        if (request.Pieces.Count == 0)
        {
            yield return Check.Error("no-pieces", LaysText.NoPieces, "pieces");
        }

        var copies = request.Pieces.Sum(piece => (long)Math.Max(piece.Quantity, 0));
        if (copies > LayPlanner.MostCopies)
        {
            yield return Check.Error("too-many-pieces", LaysText.TooManyPieces(copies, LayPlanner.MostCopies), "quantity");
        }

        if (request.Pieces.Sum(piece => (long)piece.Corners.Count) > MostCorners)
        {
            yield return Check.Error("too-many-corners", LaysText.TooManyCorners(MostCorners), "outline");
            yield break;
        }

        foreach (var group in request.Pieces.GroupBy(piece => piece.Id).Where(group => group.Count() > 1))
        {
            yield return Check.Error("piece-id-twice", LaysText.PieceIdTwice(group.Key), group.Key);
        }

        var pieces = request.Pieces.SelectMany(piece => Piece(piece, request)).ToList();
        foreach (var check in pieces)
        {
            yield return check;
        }

        if (pieces.Count > 0 || !CanBePlaced(request))
        {
            yield break; // what follows looks at how the pieces lie
        }

        var pins = LayPins.Problems(request).Select(problem => problem.Check).ToList();
        foreach (var check in pins.Count > 0 ? pins : Pattern(request))
        {
            yield return check;
        }
    }

    private static IEnumerable<Check> FlawChecks(Flaw flaw, int index, LayRequest request)
    {
        var (left, right) = (flaw.Left ?? Length.Zero, flaw.Right ?? request.UsableWidth);
        if (flaw.From.IsNegative || flaw.To <= flaw.From || left.IsNegative || right <= left || right > request.UsableWidth)
        {
            yield return Check.Error("flaw-out-of-range", LaysText.FlawOutOfRange(index + 1), $"flaw {index + 1}");
        }
    }

    private static IEnumerable<Check> Remnants(LayRequest request)
    {
        foreach (var remnant in request.Remnants.Where(remnant => !remnant.Width.IsPositive || !remnant.Length.IsPositive))
        {
            yield return Check.Error("remnant-out-of-range", LaysText.RemnantOutOfRange(remnant.Id), remnant.Id);
        }

        foreach (var twice in request.Remnants.GroupBy(remnant => remnant.Id).Where(group => group.Count() > 1))
        {
            yield return Check.Error("remnant-id-twice", LaysText.RemnantIdTwice(twice.Key), twice.Key);
        }
    }

    /// <summary>
    /// The id of a piece that has no place on this cloth where it meets the pattern; null when all have one, or cannot be looked at.
    /// </summary>
    public static string? OutOfPattern(LayRequest request)
    {
        var cloth = LayCloth.Of(request);
        return cloth.Pattern.Width == 0 || !CanBePlaced(request) || request.Pieces.SelectMany(piece => Piece(piece, request)).Any()
            ? null
            : WithoutPlace(request, cloth);
    }

    private static string? WithoutPlace(LayRequest request, LayCloth cloth)
    {
        List<LayItem> items = [.. request.Pieces.SelectMany(piece => LayItem.CopiesOf(piece, cloth))];
        return PatternAcross.Of(items, LayPins.PlacesOf(request, items), cloth).Without?.Piece.Id;
    }

    private static bool CanBePlaced(LayRequest request) =>
        request.Pieces.Sum(piece => (long)piece.Quantity) <= LayPlanner.MostCopies
        && request.Pieces.DistinctBy(piece => piece.Id).Count() == request.Pieces.Count
        && !request.RepeatWidth.IsNegative
        && !request.RepeatLength.IsNegative;

    /// <summary>Every piece has to have a place in the pattern at all.</summary>
    private static IEnumerable<Check> Pattern(LayRequest request)
    {
        var cloth = LayCloth.Of(request);
        if (cloth.Pattern.Width != 0 && WithoutPlace(request, cloth) is { } without)
        {
            yield return Check.Error(
                "pattern-out-of-reach",
                LaysText.PatternOutOfReach(without, cloth.Pattern.MotifAcross is null) + LaysText.PatternOutOfReachMend,
                without
            );
        }
    }

    private static IEnumerable<Check> Piece(LayPiece piece, LayRequest request)
    {
        if (piece.Quantity < 1)
        {
            yield return Check.Error("quantity-out-of-range", LaysText.QuantityOutOfRange(piece.Id), piece.Id);
        }

        if (piece.Turns.Count == 0 || piece.Turns.Any(turn => turn is not (0 or 90 or 180 or 270)))
        {
            yield return Check.Error("unknown-turn", LaysText.UnknownTurn(piece.Id), piece.Id);
            yield break;
        }

        var reach = Length.FromMillimetres(1_000_000m);
        if (piece.Corners.Any(corner => corner.X.Abs() > reach || corner.Y.Abs() > reach))
        {
            yield return Check.Error("outline-out-of-range", LaysText.OutlineOutOfRange(piece.Id), piece.Id);
            yield break;
        }

        if (piece.Corners.Count > MostCornersOfOne)
        {
            yield return Check.Error("too-many-corners", LaysText.TooManyCornersOf(piece.Id, MostCornersOfOne), piece.Id);
            yield break;
        }

        if (piece.Corners.Count < 3 || !LayShape.Of(piece.Corners, 0).Area.IsAboveNothing())
        {
            yield return Check.Error("outline-empty", LaysText.OutlineEmpty(piece.Id), piece.Id);
            yield break;
        }

        if (Crosses(piece.Corners))
        {
            yield return Check.Error("outline-crosses-itself", LaysText.OutlineCrossesItself(piece.Id), piece.Id);
            yield break;
        }

        var widths = LayPlanner.TurnsOf(piece, request.OneWay).Select(turn => LayShape.Of(piece.Corners, turn).Width).ToList();
        if (widths.TrueForAll(width => width > request.UsableWidth.Nanometres))
        {
            yield return Check.Error(
                "piece-wider-than-cloth",
                LaysText.PieceWiderThanCloth(piece.Id, Length.FromNanometres(widths.Min()).ToString(), request.UsableWidth.ToString()),
                piece.Id
            ) with
            {
                Concerns = CheckConcern.Cloth,
            };
        }
    }

    /// <summary>
    /// Whether two sides that are no neighbours cross; those that only touch are let be. Sides are gone through from left to right.
    /// </summary>
    private static bool Crosses(IReadOnlyList<Point> corners)
    {
        var sides = Enumerable
            .Range(0, corners.Count)
            .Select(i => (Index: i, From: corners[i], To: corners[(i + 1) % corners.Count]))
            .OrderBy(side => Length.Min(side.From.X, side.To.X))
            .ToList();
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

    private static bool Cross(Point a, Point b, Point c, Point d) => Side(a, b, c) * Side(a, b, d) < 0 && Side(c, d, a) * Side(c, d, b) < 0;

    /// <summary>On which side of the line from a to b a point lies; exact.</summary>
    private static int Side(Point a, Point b, Point at) =>
        Int128.Sign(
            ((Int128)(b.X - a.X).Nanometres * (at.Y - a.Y).Nanometres) - ((Int128)(b.Y - a.Y).Nanometres * (at.X - a.X).Nanometres)
        );

    private static bool IsAboveNothing(this double area) => area > 1e-6;
}
