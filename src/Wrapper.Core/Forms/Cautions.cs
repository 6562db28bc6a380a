using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Forms;

/// <summary>What can hurt whoever has the cover, told on paper and when it is handed over. See docs/handbook.md, "Cautions".</summary>
internal static class Cautions
{
    /// <summary>Those that apply to a cover; each in sentences of its own. None says that a rule is kept.</summary>
    public static IEnumerable<string> Of(CoverSpecification specification)
    {
        var form = specification.Form;
        if (form.IsUnderFireRules)
        {
            yield return CautionText.Fire;
        }

        if (OfInfants(specification) is { } infants)
        {
            yield return infants;
        }

        if (specification.Choices.Edge is LowerEdge.Drawstring or LowerEdge.OverlockedCord)
        {
            yield return CautionText.Cords;
        }

        if (form.IsIronedOn)
        {
            yield return CautionText.HotWork;
        }

        if (form.IsHeavy)
        {
            yield return CautionText.Heavy;
        }
    }

    /// <summary>What an infant may lie on or under; null where the thing is too large to be one's.</summary>
    public static string? OfInfants(CoverSpecification specification)
    {
        var width = Measured(Measure.Width) ?? Measured(Measure.OverallWidth);
        return specification.Form.LargestOfInfants is not { } largest
            || width is not { } across
            || across > largest.Width
            || (largest.Length is { } limit && !(Measured(Measure.Length) <= limit))
                ? null
            : specification.Form.Filling == Filling.Soft ? CautionText.InfantsUnder
            : CautionText.Infants;

        Length? Measured(Measure measure) => specification.Measures.TryGetValue(measure, out var found) ? found : null;
    }
}
