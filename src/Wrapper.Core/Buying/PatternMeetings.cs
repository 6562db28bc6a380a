using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>A seam at which the pattern goes on from a face to what stands round it, measured where both lie on the cloth.</summary>
/// <param name="Cover">The cover's key.</param>
/// <param name="Seam">The seam.</param>
/// <param name="Off">How far the pattern is off at the worst of all copies.</param>
public sealed record PatternMeeting(string Cover, string Seam, Length Off)
{
    /// <summary>No more than an eye forgives: 1/8 in or 3 mm.</summary>
    public bool Holds => Off <= Forgiven;

    private static readonly Length Forgiven = Length.FromMillimetres(3.175m);
}

/// <summary>
/// Whether the pattern meets at the seams where it is meant to: read off the lay, not off what the planner was asked. See
/// docs/handbook.md, "The print".
/// </summary>
public static class PatternMeetings
{
    /// <summary>Every seam at which a pattern is meant to go on, on this cloth; none where it has no pattern or nothing is laid.</summary>
    public static IReadOnlyList<PatternMeeting> Of(ClothSpecification cloth, Yardage yardage)
    {
        if (!cloth.Repeats || yardage.Lay is not { } lay)
        {
            return [];
        }

        var pattern = new LayPattern(cloth.LaidRepeatLength.Nanometres, cloth.LaidRepeatWidth.Nanometres, cloth.HalfDrop, null);
        var places = lay.Placements.Where(place => place.Remnant is null).ToLookup(place => place.Piece);
        var laid = yardage.Pieces.ToLookup(piece => (piece.Cover, piece.Piece.Key));
        return
        [
            .. from draft in yardage.Drafts
            from seam in draft.Value.Seams
            where GoesOn(draft.Value, seam)
            let one = Middles(laid[(draft.Key, seam.First.Piece)], seam.First.Edge, places)
            let other = Middles(laid[(draft.Key, seam.Second.Piece)], seam.Second.Edge, places)
            where one.Count > 0 && other.Count > 0
            select new PatternMeeting(
                draft.Key,
                seam.Id,
                Length.FromNanometresRounded(one.Max(first => other.Max(second => Off(second - first, pattern))))
            ),
        ];
    }

    /// <summary>What is said of those that do not meet, one for each cover.</summary>
    public static IEnumerable<Check> Checks(IEnumerable<PatternMeeting> meetings, Func<string, string> nameOf, LengthFormat format) =>
        meetings
            .Where(meeting => !meeting.Holds)
            .GroupBy(meeting => meeting.Cover)
            .Select(like =>
                Check.Warning(
                    "pattern-does-not-meet",
                    BuyingText.PatternDoesNotMeet(
                        nameOf(like.Key),
                        string.Join(", ", like.Select(meeting => $"{meeting.Seam} ({format.RoundedWithUnit(meeting.Off)})"))
                    ),
                    "cloth.repeatLength"
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                }
            );

    /// <summary>The seam joins a face's front to the upper edge of what stands round it, where the pattern is to go on.</summary>
    private static bool GoesOn(Draft draft, Seam seam)
    {
        var (first, second) = (
            draft.Pieces.First(piece => piece.Key == seam.First.Piece),
            draft.Pieces.First(piece => piece.Key == seam.Second.Piece)
        );
        return (IsFront(first, seam.First.Edge) && IsUpper(second, seam.Second.Edge))
            || (IsFront(second, seam.Second.Edge) && IsUpper(first, seam.First.Edge));
    }

    private static bool IsFront(Piece piece, EdgeName edge) =>
        piece.Kind is PieceKind.Plate or PieceKind.Top && edge.Side == EdgeSide.Front;

    private static bool IsUpper(Piece piece, string edge) =>
        piece.Kind is PieceKind.Boxing or PieceKind.Wall
        && piece.StitchLine.Edges.Any(each =>
            each.Name == edge && each.Start.Y == piece.StitchLine.Bounds.Top && each.End.Y == each.Start.Y
        );

    /// <summary>The middle of an edge on every copy of a piece, where it lies on the cloth.</summary>
    private static List<Vector> Middles(IEnumerable<LaidPiece> laid, string edge, ILookup<string, Placement> places) =>
        [
            .. from piece in laid
            where !piece.IsBlock
            let middle = MiddleOf(piece.Piece.StitchLineOnCloth, edge)
            let point = piece.IsMirrored ? new Point(-middle.X, middle.Y) : middle
            from place in places[piece.LayId]
            let quarters = place.Turn / 90
            let corners = piece.Shape.Select(corner => corner.Turned(quarters)).ToList()
            let turned = point.Turned(quarters)
            select new Vector(
                (place.X + turned.X - corners.Min(corner => corner.X)).Nanometres,
                (place.Y + turned.Y - corners.Min(corner => corner.Y)).Nanometres
            ),
        ];

    /// <summary>The point half way along an edge, all its parts together.</summary>
    private static Point MiddleOf(Outline outline, string name) =>
        Partition.PointAlong([.. outline.Edges.Where(edge => edge.Name == name)], outline.LengthOf(name).Half());

    /// <summary>How far two places are from showing the same of the pattern, in nanometres.</summary>
    private static double Off(Vector apart, LayPattern pattern)
    {
        var column = pattern.Width > 0 ? (long)Math.Round(apart.X / pattern.Width) : 0;
        var across = pattern.Width > 0 ? apart.X - (column * (double)pattern.Width) : 0;
        var along = pattern.Length > 0 ? apart.Y - Lattice.Drop(pattern.Length, pattern.HalfDrop, column) : 0;
        along -= pattern.Length > 0 ? Math.Round(along / pattern.Length) * pattern.Length : 0;
        return double.Hypot(across, along);
    }
}
