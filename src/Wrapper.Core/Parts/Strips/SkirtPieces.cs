using Wrapper.Core.Catalogue;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Strips;

/// <summary>
/// A skirt round a base: gathered to so many times the length, or pleated at the corners. See docs/handbook.md, "Skirts".
/// </summary>
internal static class SkirtPieces
{
    /// <summary>The skirt in as many equal parts as the cloth asks for.</summary>
    /// <param name="specification">The cover.</param>
    /// <param name="round">The finished length it is sewn to.</param>
    /// <param name="drop">Its finished depth.</param>
    /// <param name="corners">How many corners carry a pleat.</param>
    public static Piece Draw(CoverSpecification specification, Worked round, Worked drop, int corners)
    {
        var (rules, seam) = (specification.Rules, specification.Rules[Rule.Seam]);
        var length =
            specification.Choices.Skirt == SkirtMake.Gathered
                ? round.TimesNumber(rules.Number(NumberRule.Fullness)).Named("skirt with its fullness")
                : (round + (4 * corners * rules[Rule.PleatDepth])).Named("skirt with its pleats");
        var longest = specification.In(PieceRole.Skirt, PieceKind.Skirt).UsableWidth - (2 * seam.Value);
        var parts = StripParts.Of(length.Value, longest is { IsPositive: true } ? longest : null);
        var cutLength = (length / parts) + (2 * seam);
        var cutHeight = drop + seam + rules[Rule.Hem];
        var outline = PieceMaker.Rectangle((length / parts).Value, drop.Value);
        var (hem, side) = (rules[Rule.Hem].Value, seam.Value);
        return PieceMaker.Make(
            specification,
            PieceKind.Skirt,
            parts == 1 ? "Skirt" : $"Skirt, {parts} parts",
            parts,
            outline,
            cutLength,
            cutHeight,
            edge => edge == EdgeName.Front ? hem : side
        ) with
        {
            Use = PieceUse.Hung,
        };
    }

    /// <summary>The seams that make its parts a ring.</summary>
    public static IEnumerable<Seam> Joins(Piece skirt) =>
        Enumerable
            .Range(1, skirt.PerCover)
            .Select(part => new Seam(
                skirt.PerCover == 1 ? "skirt-ring" : $"skirt-join-{part}",
                new("skirt", EdgeName.Right, part),
                new("skirt", EdgeName.Left, (part % skirt.PerCover) + 1)
            ));

    /// <summary>The seam it hangs by: gathered or pleated to the edges of the base, and longer than they are by just that.</summary>
    public static Seam Hanging(Piece skirt, IReadOnlyList<SeamSide> edges, Worked round) =>
        new("skirt", new("skirt", EdgeName.Back), edges[0])
        {
            FirstGoesOn = [.. Enumerable.Range(2, skirt.PerCover - 1).Select(part => new SeamSide("skirt", EdgeName.Back, part))],
            SecondGoesOn = [.. edges.Skip(1)],
            Ease = (skirt.PerCover * skirt.StitchLine.LengthOf(EdgeName.Back)) - round.Value,
        };
}
