using Wrapper.Core.Checks;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Drafting;

/// <summary>
/// Joins from strips what is to be pieced: the piece stays as it was drafted and is sewn as one, and its strips are cut in its
/// place. See docs/handbook.md, "Pieced cloth".
/// </summary>
internal static class PiecedFaces
{
    /// <summary>The cover with the strips of what is pieced; unchanged where nothing is.</summary>
    public static ConstructedCover Joined(ConstructedCover cover, CoverSpecification specification)
    {
        if (specification.Cloths.Pieced.Count == 0)
        {
            return cover;
        }

        var pieces = new List<Piece>();
        var joins = new List<Seam>();
        var checks = new List<Check>();
        foreach (var piece in cover.Pieces)
        {
            if (ClothPlan.PiecedAs(piece.ClothKey) is not { } word)
            {
                pieces.Add(piece);
                continue;
            }

            var strips = new StripsOfPiece(piece, word, specification);
            checks.AddRange(strips.Checks);
            pieces.Add(
                piece with
                {
                    ClothKey = null,
                    Turns = [0, 180],
                    CopyTurns = [],
                    JoinedFrom = [.. strips.Pieces.Select(strip => strip.Key)],
                }
            );
            pieces.AddRange(strips.Pieces);
            joins.AddRange(strips.Joins);
        }

        return cover with
        {
            Pieces = pieces,
            Seams = [.. cover.Seams, .. joins],
            Checks = [.. cover.Checks, .. checks],
        };
    }
}
