using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Judgement;

/// <summary>How far a number moves when a measure is off.</summary>
/// <param name="For">The number, named as in the working.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Change">By how much it changes when the measure is read so much too long.</param>
public sealed record NumberChange(string For, string Name, Length Change);

/// <summary>What hangs on one measure.</summary>
/// <param name="Measure">The measure's name.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Off">How far off it is taken to be.</param>
/// <param name="Changes">Every cut size and opening that changes, the largest first.</param>
/// <param name="Worst">The largest change of all.</param>
/// <param name="Breaks">So far off, the cover cannot be drafted at all.</param>
public sealed record MeasureSensitivity(
    string Measure,
    string Label,
    Length Off,
    IReadOnlyList<NumberChange> Changes,
    Length Worst,
    bool Breaks
);

/// <summary>
/// Which measures deserve a second reading: how every cut size moves when one of them is off. See docs/handbook.md, "Second readings".
/// </summary>
public static class Sensitivity
{
    /// <summary>For each measure that was taken, what happens when it is 1/4 in or 5 mm too long; what moves most comes first.</summary>
    public static IReadOnlyList<MeasureSensitivity> Of(CoverInput input)
    {
        var outcome = Drafter.Draft(input);
        if (outcome.Draft is not { } draft)
        {
            return [];
        }

        var off = outcome.Reading.Unit.IsImperial() ? Length.FromInches(0, 1, 4) : Length.FromMillimetres(5m);
        var shape = FormCatalogue.Find(input.Form)!.Shape(input.Shape)!;
        var results = new List<MeasureSensitivity>();
        foreach (
            var definition in shape.Measures.Where(definition =>
                definition.Axis != MeasureAxis.Diagonal && outcome.Reading.Measures.ContainsKey(definition.Measure)
            )
        )
        {
            var longer = outcome.Reading.Measures[definition.Measure] + off;
            var measures = input.Measures.ToDictionary(measure => measure.Key, measure => measure.Value);
            measures[definition.Name] = Entry.Number(longer.Nanometres / (decimal)Length.NanometresPerMillimetre);
            var other = Drafter.Draft(input with { Measures = measures, Unit = JobUnits.Name(outcome.Reading.Unit) }).Draft;
            IReadOnlyList<NumberChange> changes = other is null
                ? []
                : [.. Changes(draft, other).OrderByDescending(change => change.Change.Abs())];
            results.Add(
                new(
                    definition.Name,
                    definition.Label,
                    off,
                    changes,
                    changes.Count == 0 ? Length.Zero : changes[0].Change.Abs(),
                    other is null
                )
            );
        }

        return [.. results.OrderByDescending(result => result.Breaks).ThenByDescending(result => result.Worst)];
    }

    private static IEnumerable<NumberChange> Changes(Draft draft, Draft other)
    {
        var numbers = other.Numbers().GroupBy(number => number.For).ToDictionary(group => group.Key, group => group.First().Value.Value);
        foreach (var number in draft.Numbers().Where(number => number.IsCutSize || number.IsOpening))
        {
            if (numbers.TryGetValue(number.For, out var changed) && changed != number.Value.Value)
            {
                yield return new(number.For, number.Name, changed - number.Value.Value);
            }
        }
    }
}
