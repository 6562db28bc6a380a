using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Judgement;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>
/// Every rule and every choice of every way, at 0, at its least, at its most, and just outside: a draft that closes, or a refusal that
/// names it.
/// </summary>
public sealed class SweepTests
{
    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. FormCatalogue.All.Select(form => form.Id)];

    [Theory]
    [MemberData(nameof(Forms))]
    public void Every_rule_at_its_ends_gives_a_proved_draft_or_a_named_refusal(string form)
    {
        foreach (var (input, name) in Ways(form))
        {
            foreach (var rule in Rule.All.Values)
            {
                foreach (
                    var value in (Length[])
                        [
                            Length.Zero,
                            rule.Least,
                            rule.Most,
                            rule.Least - Length.FromMillimetres(0.5m),
                            rule.Most + Length.FromMillimetres(0.5m),
                            (rule.Least + rule.Most).Half(),
                        ]
                )
                {
                    Hold(
                        input,
                        rule.Name,
                        Entry.Number(value.Nanometres / (decimal)Length.NanometresPerMillimetre),
                        name,
                        isOutside: value < rule.Least || value > rule.Most
                    );
                }
            }

            foreach (var number in NumberRule.All.Values)
            {
                foreach (var value in (decimal[])[0, number.Least, number.Most, number.Least - 0.01m, number.Most + 0.01m])
                {
                    Hold(
                        input,
                        number.Name,
                        Entry.Typed(value.ToString(System.Globalization.CultureInfo.InvariantCulture)),
                        name,
                        isOutside: value < number.Least || value > number.Most
                    );
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void Every_choice_there_is_gives_a_proved_draft_or_a_named_refusal(string form)
    {
        foreach (var (input, name) in Ways(form))
        {
            foreach (
                var (option, word) in Catalogue
                    .Choice.All.Values.SelectMany(option => option.Words.Append("nonsense").Select(word => (option.Name, word)))
                    .Concat(
                        ((string[])["0", "-1", "1", "0.0001", "1/3", "0.9999", "20 in", "20 m", "21 m"]).SelectMany(word =>
                            Catalogue.Choice.Figures.Select(figure => (figure, word))
                        )
                    )
            )
            {
                var said = input with { Options = new Dictionary<string, string>(input.Options) { [option] = word } };
                Hold(said, $"{name} {option}={word}", option);
            }
        }
    }

    [Fact]
    public void What_was_a_fault_in_make_ups_too_is_an_answer()
    {
        var cushion = Thing.Inches("box-cushion", "width=24 depth=20 thickness=4", "r.zipReach=0 r.tail=0 r.backOverlap=0");
        Assert.Contains(
            MakeUps.Compare(
                cushion,
                new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero),
                new Dictionary<Rule, Length>(),
                5
            ),
            made => made.Change.Word == "wrap-notched" && made.Draft is not null
        );
    }

    private static void Hold(CoverInput input, string rule, Entry value, string name, bool isOutside)
    {
        var said = input with { Rules = new Dictionary<string, Entry>(input.Rules) { [rule] = value } };
        var outcome = Hold(said, $"{name} {rule}={value}", rule);
        if (isOutside)
        {
            Assert.Contains(outcome.Checks, check => check.Code == "rule-out-of-range" && check.Measure == rule);
        }
    }

    private static DraftOutcome Hold(CoverInput input, string name, string measure)
    {
        DraftOutcome outcome;
        try
        {
            outcome = Drafter.Draft(input);
        }
        catch (Exception error)
        {
            throw new InvalidOperationException(name, error);
        }

        if (outcome.Draft is { } draft)
        {
            var folded = FoldedOnce.Of(draft);
            Assert.True(folded.Holds, $"{name} ({measure}): {string.Join("; ", folded.Problems.Take(3))}");
        }
        else
        {
            var error = outcome.Checks.First(check => check.Level == CheckLevel.Error);
            Assert.False(error.Code is "sum-disagrees" or "does-not-close", $"{name}: {error.Text}");
            Assert.True(error.Measure is { Length: > 0 }, $"{name}: {error.Code} names nothing");
        }

        return outcome;
    }

    /// <summary>Every way to make every shape of a form, from its example measures, off the cloth and on one that is narrow.</summary>
    internal static IEnumerable<(CoverInput Input, string Name)> Ways(string id)
    {
        var form = FormCatalogue.Find(id)!;
        foreach (var shape in form.Shapes)
        {
            foreach (var construction in shape.Constructions)
            {
                foreach (var (unit, usable) in ((string, string?)[])[("in", null), ("mm", "1350")])
                {
                    var input = new CoverInput
                    {
                        Unit = unit,
                        Form = id,
                        Shape = shape.Id,
                        Construction = construction,
                        Measures = shape
                            .Measures.Where(measure => measure.IsInExamples && !(measure.Optional && measure.Name == "circumference"))
                            .ToDictionary(
                                measure => measure.Name,
                                measure => Entry.Typed(unit == "in" ? measure.ExampleInches : measure.ExampleMillimetres)
                            ),
                        UsableWidth = usable is null ? null : Entry.Typed(usable),
                        Options = construction is "boxing-strip" or "band-ends" or "tub-walls"
                            ? new Dictionary<string, string> { ["piping"] = "top", ["slidePocket"] = "true" }
                            : new Dictionary<string, string>(),
                        Points = shape.List == MeasureList.Points ? [At(0, 0), At(560, 0), At(600, 300), At(480, 520), At(0, 500)] : [],
                        Stations =
                            shape.List == MeasureList.Stations
                                ?
                                [
                                    new(Entry.Number(0), Entry.Number(420)),
                                    new(Entry.Typed(unit == "in" ? "8" : "200"), Entry.Number(440)),
                                    new(Entry.Typed(unit == "in" ? "19" : "480"), Entry.Number(380)),
                                ]
                                : [],
                        Zones =
                            shape.List == MeasureList.Zones
                                ?
                                [
                                    new()
                                    {
                                        Name = "Inside back",
                                        Width = Entry.Number(560),
                                        Height = Entry.Number(600),
                                        Tucks = ["bottom"],
                                        FreeTuck = Entry.Number(60),
                                    },
                                    new()
                                    {
                                        Name = "Border",
                                        Width = Entry.Number(900),
                                        Height = Entry.Number(90),
                                        Strip = true,
                                        Piped = ["left"],
                                    },
                                ]
                                : [],
                    };
                    yield return (input, $"{id} {shape.Id} {construction} {unit}");
                }
            }
        }
    }

    private static PointInput At(decimal x, decimal y) => new(Entry.Number(x), Entry.Number(y));
}
