using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Edges;

/// <summary>What stays open of an edge is something, and no more than the edge has. See docs/handbook.md, "Slips".</summary>
internal static class OpeningWidth
{
    /// <summary>What is wrong with an opening; null where nothing is.</summary>
    /// <param name="opening">How wide it is.</param>
    /// <param name="place">What it lies in.</param>
    /// <param name="edge">How long that is.</param>
    /// <param name="rule">The rule it comes from.</param>
    /// <param name="format">How lengths are said.</param>
    public static Check? Check(Length opening, string place, Length edge, string rule, LengthFormat format) =>
        opening.IsPositive && opening <= edge
            ? null
            : Checks.Check.Error(
                "opening-too-wide",
                PartsText.OpeningTooWide(format.RoundedWithUnit(opening), place, format.RoundedWithUnit(edge)),
                rule,
                new Mend(
                    PartsText.ToHalfOf(place),
                    $"rules.{rule}",
                    format.RoundedWithUnit(rule == "gap" ? edge.Half().RoundedTo(format.Step) : Length.Zero)
                )
            );
}
