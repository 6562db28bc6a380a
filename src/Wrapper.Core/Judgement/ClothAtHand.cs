using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
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
public sealed record LargestCover(
    FormDefinition Form,
    ShapeDefinition Shape,
    string Construction,
    IReadOnlyDictionary<string, Length> Measures,
    Yardage Yardage
)
{
    /// <summary>The roles whose faces are joined from strips of the cloth; empty where each is cut whole.</summary>
    public IReadOnlyList<string> Pieced { get; init; } = [];
}

/// <summary>A cloth one has.</summary>
/// <param name="Cloth">The cloth across.</param>
/// <param name="Length">How much there is of it: of a ready-made one what all of them together leave.</param>
/// <param name="JoinedFrom">From how many strips side by side each face is joined; 1 where it is cut whole.</param>
public sealed record ClothHad(ClothSpecification Cloth, Length Length, int JoinedFrom = 1);

/// <summary>
/// What can be made of a cloth one has: each form grows in its own proportion until its pieces, really drafted and really
/// laid, no longer fit. See docs/handbook.md, "A cloth one has".
/// </summary>
public static class ClothAtHand
{
    private const int Halvings = 9;
    private const decimal Largest = 4m;

    /// <summary>
    /// For every form, shape and construction that is measured by single measures, the largest that fits; what does not fit at all is left
    /// out.
    /// </summary>
    /// <param name="had">The cloth.</param>
    /// <param name="unit">The job's unit: sizes are whole quarter inches or whole 5 mm.</param>
    /// <param name="houseRules">The house's rules that can be read.</param>
    /// <param name="forms">Only these forms; null for all.</param>
    /// <param name="shouldStop">Asked between things.</param>
    public static IReadOnlyList<LargestCover> Find(
        ClothHad had,
        LengthUnit unit,
        IReadOnlyDictionary<Rule, Length> houseRules,
        IReadOnlyCollection<string>? forms = null,
        Func<bool>? shouldStop = null
    )
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

                    if (Grow(new(form, shape, construction, had, unit, houseRules, shouldStop)) is { } largest)
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
        // From a whole roll most things can be cut as large as they are made at all: then no size has to be sought.
        if (trial.At(Largest - (Largest / (1 << Halvings))) is { } largest)
        {
            return largest;
        }

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
        FormDefinition Form,
        ShapeDefinition Shape,
        string Construction,
        ClothHad Had,
        LengthUnit Unit,
        IReadOnlyDictionary<Rule, Length> HouseRules,
        Func<bool>? ShouldStop
    )
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
                Measures = measures.ToDictionary(
                    measure => measure.Key,
                    measure => Entry.Number(measure.Value.Nanometres / (decimal)Length.NanometresPerMillimetre)
                ),
            };
            IReadOnlyList<string> pieced = Had.JoinedFrom > 1 ? FacesOf(input) : [];
            if (Had.JoinedFrom > 1 && pieced.Count == 0)
            {
                return null;
            }

            var joined = input with
            {
                Pieced =
                [
                    .. pieced.Select(role => new PiecedInput(
                        role,
                        null,
                        [.. Enumerable.Repeat(new PiecedPartInput(null, null), Had.JoinedFrom)]
                    )),
                ],
            };
            var yardage = new ClothBuyer([new("cover", joined)], Unit, HouseRules).EstimateWithin(Had.Cloth, Had.Length, Steps, ShouldStop);
            return yardage is null ? null : new(Form, Shape, Construction, measures, yardage) { Pieced = pieced };
        }

        /// <summary>The roles of its faces, which are what a cloth is too small for; none where it cannot be drafted.</summary>
        private static IReadOnlyList<string> FacesOf(CoverInput input)
        {
            var faces = Drafter.Draft(input).Draft?.Pieces.Where(piece => piece.IsFace).ToList() ?? [];
            return [.. faces.SelectMany(piece => piece.Roles).Where(role => role.CanBePieced).Select(role => role.Word).Distinct()];
        }
    }
}
