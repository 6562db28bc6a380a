using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>What of the covers' drafts is laid on a cloth, and how it meets the pattern.</summary>
internal static class PiecesToLay
{
    /// <summary>
    /// What of a cover's draft is cut from the cloth of this key: what is given to it, and what no key is said of but its sort.
    /// </summary>
    public static IEnumerable<LaidPiece> Of(string cover, Draft draft, string key, ClothRole role) =>
        draft
            .Pieces.Where(piece => !piece.IsPieced)
            .Where(piece => piece.ClothKey is { } own ? own == key : piece.Cloth == role)
            .SelectMany(piece => Laid(cover, piece, Led(MatchOf(piece, draft), draft.Print)));

    /// <summary>The piece as the planner lays it on this cloth.</summary>
    public static LayPiece On(ClothSpecification cloth, LaidPiece laid)
    {
        // A quarter turn comes after the piece's own turns, so that what meets the pattern stays upright.
        var own = laid.Piece.Turns;
        IReadOnlyList<int> turns = cloth.QuarterTurns ? [.. own.Concat(own.Select(turn => (turn + 90) % 360)).Distinct()] : own;
        var match = laid.Match is { } said && cloth.MotifAcross is not null ? said with { Along = said.Along + said.ToMotif } : laid.Match;
        var group = cloth.MatchOver == MatchOver.Cover ? laid.Cover : "";
        return new(
            laid.LayId,
            laid.Copies,
            laid.Shape,
            turns,
            cloth.Repeats && match is { } point ? new(group, point.Along, point.Across, point.AlongOnly) : null
        );
    }

    private static IEnumerable<LaidPiece> Laid(string cover, Piece piece, PatternMatch? match)
    {
        var id = $"{cover}/{piece.Key}";
        if (piece.Kind == PieceKind.Piping && piece.CutLine.Bounds.Height > piece.CutLength.Value)
        {
            yield return new(id, cover, piece, BiasBlock(piece), 1, null) { IsBlock = true };
            yield break;
        }

        var shape = Flattening.Flatten(piece.CutLine);
        if (piece.Quantity > piece.Mirrored)
        {
            yield return new(id, cover, piece, shape, piece.Quantity - piece.Mirrored, match);
        }

        if (piece.Mirrored > 0)
        {
            var turnedOver = match is { } point ? point with { Across = piece.CutLine.Bounds.Width - point.Across } : null;
            yield return new(
                id + "/mirrored",
                cover,
                piece,
                [.. shape.Select(corner => new Point(-corner.X, corner.Y))],
                piece.Mirrored,
                turnedOver
            )
            {
                IsMirrored = true,
            };
        }
    }

    /// <summary>All bias strips of a cover one above the other, as they are ruled on the cloth: one slanted block.</summary>
    private static List<Point> BiasBlock(Piece strips)
    {
        var strip = strips.StitchLineOnCloth;
        var rise = strip["end-left"].Length;
        var up = (strips.Quantity - 1) * rise;
        return
        [
            strip["lower"].Start,
            strip["lower"].End,
            strip["upper"].Start.Moved(Length.Zero, up),
            strip["upper"].End.Moved(Length.Zero, up),
        ];
    }

    /// <summary>
    /// Where the pattern has to meet: a face at the middle of its front stitch line, and what stands round it (boxing, walls) at
    /// its top one. Null for a piece that meets nothing or lies turned a quarter, where the pattern stands sideways.
    /// </summary>
    private static PatternMatch? MatchOf(Piece piece, Draft draft)
    {
        if (piece.Turns[0] != 0)
        {
            return null;
        }

        var (cut, stitched) = (piece.CutLine.Bounds, piece.StitchLineOnCloth.Bounds);
        var face = draft.Pieces.FirstOrDefault(piece => piece.IsFace);
        return piece.Kind switch
        {
            PieceKind.Plate => new(-cut.Bottom, Front(piece, draft) - cut.Left, Centre(piece)),
            _ when piece.IsFace => new(stitched.Bottom - cut.Bottom, (stitched.Left + stitched.Right).Half() - cut.Left, Centre(piece)),

            // A part that goes round the sides alone goes on from its neighbour at the same height, and meets nothing across.
            PieceKind.Boxing or PieceKind.Wall when face is not null => new(
                stitched.Top - cut.Bottom,
                Front(piece, draft) - cut.Left,
                Centre(face),
                AlongOnly: Fronts(piece, draft).Count == 0
            ),
            _ => null,
        };
    }

    /// <summary>
    /// The point that meets the pattern where the print is led: what stands round a face goes on from it and is led with it.
    /// </summary>
    private static PatternMatch? Led(PatternMatch? match, PrintLed print) =>
        match is { } said ? said with { Along = said.Along + print.Along, Across = said.Across + print.Across } : null;

    /// <summary>A motif is centred on the face: half its depth from the front stitch line.</summary>
    private static Length Centre(Piece face) => (face.StitchLineOnCloth.Bounds.Top - face.StitchLineOnCloth.Bounds.Bottom).Half();

    /// <summary>The middle of what is sewn along a plate's front edge; of the whole piece where nothing is.</summary>
    private static Length Front(Piece piece, Draft draft)
    {
        var edges = Fronts(piece, draft);
        return edges.Count == 0
            ? (piece.CutLine.Bounds.Left + piece.CutLine.Bounds.Right).Half()
            : (edges.Min(edge => Length.Min(edge.Start.X, edge.End.X)) + edges.Max(edge => Length.Max(edge.Start.X, edge.End.X))).Half();
    }

    /// <summary>The stretches of the piece that are a plate's front edge or are sewn to one.</summary>
    private static List<Edge> Fronts(Piece piece, Draft draft) =>
        [
            .. draft
                .Seams.SelectMany(seam => new[] { (Here: seam.First, There: seam.Second), (Here: seam.Second, There: seam.First) })
                .Where(seam =>
                    seam.Here.Piece == piece.Key
                    && piece.StitchLine.Names.Contains(seam.Here.Edge)
                    && (IsFront(seam.Here, draft) || IsFront(seam.There, draft))
                )
                .Select(seam => piece.StitchLineOnCloth[seam.Here.Edge]),
        ];

    private static bool IsFront(SeamSide side, Draft draft) =>
        side.Edge.Side == EdgeSide.Front
        && draft.Pieces.Any(piece => piece.Key == side.Piece && piece.Kind is PieceKind.Plate or PieceKind.Top);
}
