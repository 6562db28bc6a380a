using Wrapper.Core.Buying;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Forms;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Judgement;

/// <summary>The largest thing of one form and construction that a piece of cloth covers.</summary>
/// <param name="Form">The form.</param>
/// <param name="Shape">Its shape.</param>
/// <param name="Construction">How it is made.</param>
/// <param name="Measures">Its measures, in the form's own proportion.</param>
/// <param name="Yardage">The lay that shows it.</param>
public sealed record LargestCover(FormDefinition Form, ShapeDefinition Shape, string Construction, IReadOnlyDictionary<string, Length> Measures, Yardage Yardage);

/// <summary>
/// What can be made of a cloth one has: each form grows in its own proportion until its pieces, really drafted and really
/// laid, no longer fit. See docs/handbook.md, "A cloth one has".
/// </summary>
public static class ClothAtHand
{
    private const int Halvings = 9;
    private const decimal Largest = 4m;

    /// <summary>For every form, shape and construction that is measured by single measures, the largest that fits; what does not fit at all is left out.</summary>
    /// <param name="cloth">The cloth across.</param>
    /// <param name="length">How much there is of it.</param>
    /// <param name="unit">The job's unit: sizes are whole quarter inches or whole 5 mm.</param>
    /// <param name="houseRules">The house's rules that can be read.</param>
    /// <param name="forms">Only these forms; null for all.</param>
    /// <param name="shouldStop">Asked between things.</param>
    public static IReadOnlyList<LargestCover> Find(
        ClothSpecification cloth, Length length, LengthUnit unit, IReadOnlyDictionary<Rule, Length> houseRules, IReadOnlyCollection<string>? forms = null, Func<bool>? shouldStop = null)
    {
        var found = new List<LargestCover>();
        foreach (var form in FormCatalogue.All.Where(form => forms is null || forms.Contains(form.Id)))
        {
            foreach (var shape in form.Shapes.Where(shape => shape.List is null))
            {
                foreach (var construction in shape.Constructions)
                {
                    if (shouldStop?.Invoke() == true)
                    {
                        return found;
                    }

                    if (Grow(new(form, shape, construction, cloth, length, unit, houseRules, shouldStop)) is { } largest)
                    {
                        found.Add(largest);
                    }
                }
            }
        }

        return found;
    }

    private static LargestCover? Grow(Trial trial)
    {
        var (fits, tooLarge) = (0m, Largest);
        LargestCover? best = null;
        for (var i = 0; i < Halvings; i++)
        {
            var scale = (fits + tooLarge) / 2;
            if (trial.At(scale) is { } cover)
            {
                (fits, best) = (scale, cover);
            }
            else
            {
                tooLarge = scale;
            }
        }

        return best;
    }

    /// <summary>One thing tried at different sizes.</summary>
    private sealed record Trial(
        FormDefinition Form, ShapeDefinition Shape, string Construction, ClothSpecification Cloth, Length Length, LengthUnit Unit, IReadOnlyDictionary<Rule, Length> HouseRules,
        Func<bool>? ShouldStop)
    {
        private const int Steps = 6;

        /// <summary>The thing at this scale of its examples; null when it cannot be drafted or does not fit.</summary>
        public LargestCover? At(decimal scale)
        {
            var step = Unit.IsImperial() ? Length.FromInches(0, 1, 4) : Length.FromMillimetres(5m);
            var measures = new Dictionary<string, Length>();
            foreach (var measure in Shape.Measures.Where(measure => measure.IsInExamples))
            {
                var example = measure.Example(Unit)!.Value;
                measures[measure.Name] = Length.Max(example.Times(scale).RoundedDownTo(step), step);
                if (measures[measure.Name] < measure.LikelyLeast)
                {
                    return null; // a table of a hand's width is no use to anybody
                }
            }

            var input = new CoverInput
            {
                Unit = Unit.IsImperial() ? "in" : "mm",
                Form = Form.Id,
                Shape = Shape.Id,
                Construction = Construction,
                Measures = measures.ToDictionary(measure => measure.Key, measure => Entry.Number(measure.Value.Nanometres / (decimal)Length.NanometresPerMillimetre)),
            };
            var yardage = new ClothBuyer([new("cover", input)], Unit, HouseRules).Estimate(Cloth, Steps, ShouldStop, Length);
            return yardage.Lay is { } lay && yardage.LeftOut.Count == 0 && lay.Length <= Length ? new(Form, Shape, Construction, measures, yardage) : null;
        }
    }
}
