using System.Globalization;
using CsCheck;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Rules;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Every kind of cover drafted to the last mark, word and place, as it was when it had been proved.</summary>
public sealed class GoldenTests
{
    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. FormCatalogue.All.Select(form => form.Id)];

    [Theory]
    [MemberData(nameof(Forms))]
    public void Covers_are_drafted_as_they_were(string form) => Golden.Hold(
        $"covers-{form}.tsv", Covers.Cells.Where(cell => cell.Form.Id == form).SelectMany(cell => Enumerable.Range(0, cell.Option.Length == 0 ? 12 : 3).Select(i => Answer($"{cell} {i}", Varied(Random(cell, i), i)))));

    [Theory]
    [MemberData(nameof(Forms))]
    public void Every_rule_changes_what_it_changed(string form) => Golden.Hold($"rules-{form}.tsv", SweepTests.Ways(form).SelectMany(Ruled));

    /// <summary>The cover as it is, and with each rule that changes anything but the word that it changes nothing.</summary>
    private static IEnumerable<(string Name, string Line)> Ruled((CoverInput Input, string Name) way)
    {
        var plain = Answer(way.Name, way.Input);
        yield return plain;
        var said = RuleCatalogue.All.Values.Select(rule => (rule.Name, Entry: Entry.Number(Unusual(rule))))
            .Concat(RuleCatalogue.Numbers.Values.Select(rule => (rule.Name, Entry: Entry.Typed(((rule.Usual + rule.Most) / 2).ToString("0.###", CultureInfo.InvariantCulture)))));
        foreach (var (name, entry) in said)
        {
            var answer = Answer($"{way.Name} {name}", Ruled(way.Input, name, entry));
            if (answer.Line[answer.Line.IndexOf("pieces:", StringComparison.Ordinal)..] != plain.Line[plain.Line.IndexOf("pieces:", StringComparison.Ordinal)..])
            {
                yield return answer;
            }
        }
    }

    [Fact]
    public void The_catalogue_says_what_it_said() => Golden.Hold("catalogue.tsv",
    [
        .. RuleCatalogue.All.Values.Select(rule => ($"rule {rule.Name}", rule.ToString())),
        .. RuleCatalogue.Numbers.Values.Select(rule => ($"number {rule.Name}", rule.ToString())),
        .. OptionCatalogue.All.Values.Select(option => ($"option {option.Name}", $"{option.Label}: {string.Join(' ', option.Words)}; {string.Join(' ', option.Constructions)}")),
        .. ConstructionCatalogue.All.Values.Select(way => ($"construction {way.Id}", $"{way.Label} {way.Says} {way.Look} {way.GoesOn} {way.Washes} {string.Join(' ', way.Closures ?? [])}")),
        .. FormCatalogue.All.SelectMany(form => form.Shapes.Select(shape => ($"form {form.Id} {shape.Id}", $"{form.Label} {shape.Label} {string.Join(' ', shape.Measures)} {string.Join(' ', shape.Constructions)} {string.Join(' ', shape.Closures)} {string.Join(' ', shape.Edges)} {string.Join(' ', form.RuleVariants)}"))),
    ]);

    private static (string Name, string Line) Answer(string name, CoverInput input)
    {
        var outcome = Drafter.Draft(input);
        return (name, $"{Written.Summary(outcome)} | {string.Join(' ', Written.Parts(outcome).Select(part => $"{part.Part}:{Written.Sign(part.Text)}"))}{(outcome.Draft is null ? " pieces:" : "")}");
    }

    private static CoverInput Random(CoverCell cell, int i) => Covers.Of(cell).Generate(PCG.Parse(new PCG(7, unchecked((ulong)i * 0x9E3779B97F4A7C15)).ToString()), null, out _);

    /// <summary>Some of the covers with padding, an old cover's shrinkage, a correction, something in the way, or in pairs.</summary>
    private static CoverInput Varied(CoverInput input, int i)
    {
        var rules = new Dictionary<string, Entry>(input.Rules);
        switch (i)
        {
            case 3:
                return input with { Padding = [new(Entry.Number(6), "all-over"), new(Entry.Number(4), "front-wrap", 2)] };
            case 4:
                (rules["shrinkage.across"], rules["shrinkage.along"]) = (Entry.Typed("3%"), Entry.Typed("5%"));
                return input with { MeasuredFrom = "old-cover", Rules = rules };
            case 5:
                (rules["shrinkage.across"], rules["shrinkage.along"], rules["prewash"]) = (Entry.Typed("3%"), Entry.Typed("5%"), Entry.Typed("false"));
                return input with { Rules = rules };
            case 6:
                return input with { Corrections = [new("left", Entry.Number(-6)), new("front", Entry.Number(9)), new("top", Entry.Number(4)), new("all", Entry.Number(2))] };
            case 7:
                return input with { Padding = [new(Entry.Number(5), "wound-width", 3), new(Entry.Number(4), "over-edges"), new(Entry.Number(3), "wound-depth", 2)], UsableWidth = null };
            case 8:
                return input with { Obstacles = [new("front", Entry.Number(110), Entry.Number(30), Entry.Number(45)), new("left", Entry.Number(120), Entry.Number(20), Entry.Number(50))], UsableWidth = null };
            case 9:
                return input with { MeasuredFrom = "space", UsableWidth = Entry.Number(900) };
            case 10:
                return input with { Nap = "one-way", UsableWidth = Entry.Number(1100), Count = 2, Options = new Dictionary<string, string>(input.Options) { ["hands"] = "pairs" } };
            case 11:
                return input with { Legs = [Entry.Number(40), Entry.Number(55)], UsableWidth = Entry.Number(1400), SecondReadings = input.Measures.Take(1).ToDictionary(measure => measure.Key, measure => Entry.Number(measure.Value.Millimetres!.Value + 6)) };
            default:
                return input;
        }
    }

    private static CoverInput Ruled(CoverInput input, string rule, Entry value) => input with { Rules = new Dictionary<string, Entry>(input.Rules) { [rule] = value } };

    /// <summary>A figure near the usual one that nobody else has.</summary>
    private static decimal Unusual(RuleDefinition rule) =>
        Math.Clamp((rule.Metric.Nanometres / (decimal)Length.NanometresPerMillimetre * 1.25m) + 1.3m, rule.Least.Nanometres / 1e6m, rule.Most.Nanometres / 1e6m);
}
