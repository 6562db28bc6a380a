using System.Globalization;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Judgement;

/// <summary>
/// Slips in which one figure of a sum is mistaken for another: the seam for the zip's turning, the depth for the width, the run
/// for the slope, the whole opening for the share of it that its elastic is. See docs/handbook.md, "The maker's own figure".
/// </summary>
internal static class MistakenSlips
{
    /// <summary>Every one of them on this sum.</summary>
    /// <param name="draft">The draft the sum is of: its measures may be swapped.</param>
    /// <param name="sum">The sum as it is written.</param>
    /// <param name="seams">The draft's seam allowances.</param>
    public static IEnumerable<Slip> Of(Draft draft, Worked sum, IReadOnlyList<Quantity> seams)
    {
        foreach (var term in sum.Terms)
        {
            foreach (var seam in seams.Where(_ => term.Quantity is GivenQuantity { Of: Rule rule } && rule == Rule.Zip))
            {
                yield return new("seam-for-zip-turning", JudgementText.SeamForZipTurning, Instead(sum, term, seam.Value));
            }

            if (term.Quantity is SlantQuantity slant)
            {
                yield return new("slope-taken-straight", JudgementText.SlopeTakenStraightAcross, Instead(sum, term, slant.Run.Value));
                yield return new("slope-taken-straight", JudgementText.SlopeTakenStraightDown, Instead(sum, term, slant.Rise.Value));
            }

            if (RatioOf(term.Factor) is { } ratio)
            {
                var name = term.Quantity.Name.Length > 0 ? term.Quantity.Name : "length";
                yield return new(
                    "ratio-forgotten",
                    JudgementText.RatioForgotten(name, ratio),
                    (sum.Without(term) + Worked.Of(term.Quantity)).Value
                );
            }
        }

        if (Swapped(draft, sum) is { } swapped)
        {
            yield return new("swapped", JudgementText.WidthAndDepthSwapped, swapped);
        }
    }

    private static Length Instead(Worked sum, WorkedTerm term, Length value) =>
        (
            sum.Without(term)
            + Worked
                .Given(term.Quantity.Name, value, term.Quantity.Source)
                .TimesNumber(term.Factor.Multiplier)
                .DividedBy(term.Factor.Divisor)
        ).Value;

    /// <summary>A ratio is no whole number and no part: 0.7 of the opening, the edge divided by 1.4.</summary>
    private static string? RatioOf(Factor factor) =>
        factor switch
        {
            { Symbol: not FactorSymbol.None } => null,
            _ when !decimal.IsInteger(factor.Multiplier) =>
                $"the ratio of {factor.Multiplier.ToString("0.###", CultureInfo.InvariantCulture)}",
            _ when !decimal.IsInteger(factor.Divisor) => $"the stretch of {factor.Divisor.ToString("0.###", CultureInfo.InvariantCulture)}",
            _ => null,
        };

    /// <summary>The sum with the width taken for the depth and the other way round; null where neither is in it.</summary>
    private static Length? Swapped(Draft draft, Worked sum)
    {
        if (!sum.Terms.Any(term => MeasureOf(term.Quantity) is { } measure && (measure == Measure.Width || measure == Measure.Depth)))
        {
            return null;
        }

        var measures = draft.Numbers().SelectMany(number => number.Value.Leaves()).ToLookup(MeasureOf, leaf => leaf.Value);
        if (!measures[Measure.Width].Any() || !measures[Measure.Depth].Any())
        {
            return null;
        }

        var (width, depth) = (measures[Measure.Width].First(), measures[Measure.Depth].First());
        var value = sum.Value;
        foreach (
            var term in sum.Terms.Where(term => term.Quantity.Source == QuantitySource.Measure && term.Factor.Symbol == FactorSymbol.None)
        )
        {
            var measure = MeasureOf(term.Quantity);
            var more =
                measure == Measure.Width ? depth - width
                : measure == Measure.Depth ? width - depth
                : Length.Zero;
            value += more.Times(term.Factor.Value);
        }

        return value;
    }

    /// <summary>The measure a figure was taken as; null for any other figure.</summary>
    private static Measure? MeasureOf(Quantity quantity) =>
        quantity is GivenQuantity { Of: MeasureDefinition taken } ? taken.Measure : null;
}
