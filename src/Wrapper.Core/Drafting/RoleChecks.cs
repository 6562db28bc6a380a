using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;

namespace Wrapper.Core.Drafting;

/// <summary>What is to be seen to where a cover is of several cloths. See docs/handbook.md, "More than one cloth".</summary>
internal static class RoleChecks
{
    /// <summary>Two cloths may shrink along a seam by so much more or less than each other.</summary>
    private const decimal MostApart = 0.01m;

    /// <summary>What the cloths given out to these pieces, sewn in these seams, come to.</summary>
    public static IEnumerable<Check> Of(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams, CoverSpecification specification) =>
        specification.Cloths.TellsPiecesApart
            ?
            [
                .. Unused(pieces, specification.Cloths),
                .. Turns(pieces, specification.Cloths),
                .. Shrinking(pieces, seams, specification),
                .. Showing(pieces, specification.Cloths),
            ]
            : [];

    private static IEnumerable<Check> Unused(IReadOnlyList<Piece> pieces, ClothPlan plan)
    {
        var heard = pieces
            .SelectMany(piece => piece.Roles.SelectMany(role => new[] { role.Word, role.Wider(piece.Kind)?.Word }).Concat(piece.Zones))
            .ToHashSet();
        return
        [
            .. plan
                .Roles.Keys.Where(role => !heard.Contains(role))
                .Select(role =>
                    Check.Note(
                        "role-without-piece",
                        RoleText.NoSuchPiece(role),
                        $"roles.{role}",
                        new Mend(ReadingText.ToTheCoversOwnCloth, $"roles.{role}", "")
                    )
                ),
            .. plan
                .Pieced.Keys.Where(role => !heard.Contains(role))
                .Select(role => Check.Note("role-without-piece", RoleText.NothingToPiece(role), PiecedReader.MeasureOf(role))),
        ];
    }

    /// <summary>
    /// Cloths that take turns come round to their beginning: that is told where two of a kind are not followed as the others are.
    /// </summary>
    private static IEnumerable<Check> Turns(IReadOnlyList<Piece> pieces, ClothPlan plan)
    {
        foreach (var (word, cloths) in plan.Roles.Where(given => given.Value.Count > 1))
        {
            var mine = pieces.Where(piece => piece.Roles.Any(role => role.Word == word)).ToList();
            var places = mine.SelectMany(piece => piece.CopyPlaces).Distinct().Count();
            if (mine.Count > 0 && Math.Max(1, places) % cloths.Count != 0)
            {
                yield return Check.Warning("turns-uneven", RoleText.TurnsUneven(word, places, cloths.Count), $"roles.{word}") with
                {
                    Concerns = CheckConcern.Cloth,
                };
            }
        }
    }

    /// <summary>One warning for each two cloths, at the seam where they differ most.</summary>
    private static IEnumerable<Check> Shrinking(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams, CoverSpecification specification)
    {
        var unwashed = pieces
            .Select(piece => piece.ClothKey)
            .OfType<string>()
            .Distinct()
            .ToDictionary(key => key, key => specification.On(key) is { CutsUnwashed: true } on ? on.ClothShrinkage : (0, 0));
        if (unwashed.Count < 2 || unwashed.Values.Distinct().Count() < 2)
        {
            return [];
        }

        var byKey = pieces.ToDictionary(piece => piece.Key);
        return seams
            .SelectMany(seam =>
                from first in CutAt(seam.First)
                from second in CutAt(seam.Second)
                select (Seam: seam, First: first, Second: second)
            )
            .Where(sewn => sewn.First.ClothKey is { } first && sewn.Second.ClothKey is { } second && first != second)
            .Select(sewn =>
                (
                    sewn.Seam.Id,
                    First: sewn.First.ClothKey!,
                    Second: sewn.Second.ClothKey!,
                    Apart: Math.Abs(
                        LossAlong(sewn.First, sewn.Seam.First.Edge, unwashed[sewn.First.ClothKey!])
                            - LossAlong(sewn.Second, sewn.Seam.Second.Edge, unwashed[sewn.Second.ClothKey!])
                    )
                )
            )
            .Where(sewn => sewn.Apart > MostApart)
            .GroupBy(sewn => string.CompareOrdinal(sewn.First, sewn.Second) < 0 ? (sewn.First, sewn.Second) : (sewn.Second, sewn.First))
            .Select(like => like.MaxBy(sewn => sewn.Apart))
            .Select(most =>
                Check.Warning(
                    "shrinks-otherwise",
                    RoleText.ShrinksOtherwise(
                        most.Id,
                        NameOf(most.First, specification.Cloths),
                        NameOf(most.Second, specification.Cloths),
                        FormattableString.Invariant($"{most.Apart * 100:0.#}")
                    ),
                    "roles"
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                }
            );

        // What is joined from strips is sewn along those that have the edge.
        IEnumerable<Piece> CutAt(SeamSide side) =>
            byKey[side.Piece] is { IsPieced: true } whole
                ? whole.JoinedFrom.Select(strip => byKey[strip]).Where(strip => strip.StitchLine.FindLength(side.Edge) is not null)
                : [byKey[side.Piece]];
    }

    /// <summary>The part of an edge's length that is lost in the wash, by the way it runs on its cloth.</summary>
    private static decimal LossAlong(Piece piece, string edge, (decimal Across, decimal Along) lost)
    {
        if (lost == (0, 0) || piece.StitchLine.FindLength(edge) is not { IsPositive: true } length)
        {
            return 0;
        }

        var (across, along) = piece.Turns[0] == 90 ? (lost.Along, lost.Across) : lost;
        return 1 - (Stretching.Of(piece.StitchLine, 1 - across, 1 - along).LengthOf(edge).Nanometres / (decimal)length.Nanometres);
    }

    /// <summary>
    /// A cloth that shows through over another: the outer layer over the inner, and what is sewn on a face over the face.
    /// </summary>
    private static IEnumerable<Check> Showing(IReadOnlyList<Piece> pieces, ClothPlan plan)
    {
        (PieceRole Over, PieceRole Under)[] layers =
        [
            (PieceRole.Outer, PieceRole.Inner),
            (PieceRole.Inner, PieceRole.Outer),
            (PieceRole.Medallion, PieceRole.Top),
            (PieceRole.FaceFront, PieceRole.Lining),
        ];
        foreach (var (over, under) in layers)
        {
            var (above, below) = (KeyOf(pieces, over), KeyOf(pieces, under));
            if (above is not null && below is not null && above != below && plan.Cloths[above].Traits.Contains(ClothTrait.ShowsThrough))
            {
                yield return Check.Warning(
                    "cloth-shows-through",
                    RoleText.ShowsThrough(NameOf(above, plan), NameOf(below, plan)),
                    $"roles.{over.Word}"
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                };
            }
        }
    }

    private static string? KeyOf(IReadOnlyList<Piece> pieces, PieceRole role) =>
        pieces.FirstOrDefault(piece => piece.Roles.Contains(role) && piece.ClothKey is not null)?.ClothKey;

    private static string NameOf(string key, ClothPlan plan) => plan.Cloths[key].Name ?? $"“{key}”";
}
