using Wrapper.Core.English.Workroom;
using Wrapper.Core.Lays;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>
/// Cloth that comes in pieces, with edges of its own: read, and laid so that no piece runs over from one to the next. See docs/handbook.md,
/// "Ready-made cloth".
/// </summary>
internal static class ReadyMade
{
    /// <summary>More sheets of one job nobody lays.</summary>
    public const int MostSheets = 40;
    private static readonly Length MostDeep = Length.FromMillimetres(500m);
    private static readonly string[] Sides = ["left", "right", "start", "end"];

    /// <summary>
    /// The edges that were said; null where none was. One of which nothing is said is a selvage at the sides, and cut across at the ends.
    /// </summary>
    public static ClothEdges? Edges(ClothDocument input, Length selvage, ClothFields fields)
    {
        var edges = (input.Edges ?? []).Where(edge => edge.Value is not null).ToDictionary();
        if (edges.Count == 0)
        {
            return null;
        }

        foreach (var unknown in edges.Keys.Where(side => !Sides.Contains(side)))
        {
            fields.Error(
                "unknown-choice",
                BuyingText.UnknownChoice(unknown, "edge of the cloth", string.Join(", ", Sides)),
                $"edges.{unknown}"
            );
        }

        return new(
            Edge("left", ClothEdgeKind.Selvage, selvage),
            Edge("right", ClothEdgeKind.Selvage, selvage),
            Edge("start", ClothEdgeKind.Raw, default),
            Edge("end", ClothEdgeKind.Raw, default)
        );

        ClothEdge Edge(string side, ClothEdgeKind usual, Length depth)
        {
            if (edges.GetValueOrDefault(side) is not { } said)
            {
                return new(usual, depth, IsKept: false);
            }

            var field = $"edges.{side}";
            var kind = string.IsNullOrEmpty(said.Kind) ? usual : fields.Choice<ClothEdgeKind>(said.Kind, field, "edge");
            var deep = fields.Optional(
                said.Depth,
                new(field, $"Hem at the {side}", $"hem-at-the-{side}"),
                kind == ClothEdgeKind.Selvage ? selvage : default,
                MostDeep
            ) ?? default;
            return new(
                kind,
                deep,
                said.Keep?.ToString() is { Length: > 0 } keep ? fields.YesOrNo(keep, field, "keeping it") : kind == ClothEdgeKind.Hem
            );
        }
    }

    /// <summary>
    /// The lay on as many of a ready-made cloth as there are, one behind another: nothing runs over from one to the next, and what keeps
    /// their hems lies on them.
    /// </summary>
    public static LayRequest Bounded(LayRequest request, ClothSpecification cloth, IReadOnlyList<LaidPiece> pieces)
    {
        if (cloth.UsableLength is not { } length || !length.IsPositive)
        {
            return request;
        }

        return request with
        {
            Flaws =
            [
                .. request.Flaws,
                .. Enumerable
                    .Range(1, MostSheets)
                    .Select(sheet => new Flaw((sheet * length) - OnTheirHems.Between, sheet * length, null, null)),
            ],
            Pinned =
            [
                .. request.Pinned,
                .. OnTheirHems
                    .Of(pieces.Select(piece => (piece, piece.Copies)), cloth, cloth.Flaws)
                    .Where(pin => !request.Pinned.Any(own => own.Piece == pin.Piece && own.Copy == pin.Copy)),
            ],
        };
    }

    /// <summary>How many of it are taken by a lay of this length.</summary>
    public static int Count(ClothSpecification cloth, Length lay) =>
        cloth.UsableLength is { IsPositive: true } length ? (int)Math.Ceiling(lay.RatioTo(length) - 1e-9) : 0;
}
