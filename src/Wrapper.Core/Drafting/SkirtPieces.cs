using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>A skirt round a base: gathered to so many times the length, or pleated at the corners. See docs/handbook.md, "Skirts".</summary>
internal static class SkirtPieces
{
    /// <summary>The skirt in as many equal parts as the cloth asks for.</summary>
    /// <param name="specification">The cover.</param>
    /// <param name="round">The finished length it is sewn to.</param>
    /// <param name="drop">Its finished depth.</param>
    /// <param name="corners">How many corners carry a pleat.</param>
    public static IEnumerable<Piece> Draw(CoverSpecification specification, Worked round, Worked drop, int corners)
    {
        var (rules, seam) = (specification.Rules, specification.Rules["seam"]);
        var length = specification.Choices.Skirt == "gathered"
            ? round.TimesNumber(rules.Number("fullness")).Named("skirt with its fullness")
            : (round + (4 * corners * rules["pleatDepth"])).Named("skirt with its pleats");
        var longest = specification.UsableWidth - (2 * seam.Value);
        var parts = StripParts.Of(length.Value, longest is { IsPositive: true } ? longest : null);
        var cutLength = (length / parts) + (2 * seam);
        var cutHeight = drop + seam + rules["hem"];
        var outline = PieceMaker.Rectangle((length / parts).Value, drop.Value);
        var (hem, side) = (rules["hem"].Value, seam.Value);
        yield return PieceMaker.Make(specification, "skirt", parts == 1 ? "Skirt" : $"Skirt, {parts} parts", parts, outline, cutLength, cutHeight, edge => edge == "front" ? hem : side) with { IsLoose = true };
    }
}
