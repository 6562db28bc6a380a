using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>Reads rules: of the cover, the job, the house.</summary>
internal sealed class RuleReader(LengthUnit unit, List<Check> checks) : Reader(unit, checks)
{
    /// <summary>The rules somebody says.</summary>
    /// <param name="entries">As they came in, by name.</param>
    /// <param name="whose">Whose they are, for what is told of them: nothing for the cover’s own.</param>
    public RuleSet Read(IReadOnlyDictionary<string, Entry> entries, string whose)
    {
        var lengths = new Dictionary<Rule, Length>();
        var numbers = new Dictionary<NumberRule, decimal>();
        foreach (var (name, entry) in entries)
        {
            if (name is "shrinkage.along" or "shrinkage.across" || string.IsNullOrWhiteSpace(entry.ToString()))
            {
                continue;
            }

            if (name == "prewash")
            {
                if (entry.ToString() is not ("true" or "false"))
                {
                    Fail("unknown-choice", ReadingText.UnknownPrewash(entry.ToString()), name);
                }
            }
            else if (NumberRule.All.TryGetValue(name, out var number))
            {
                ReadNumber(entry, number, whose, numbers);
            }
            else if (Rule.All.TryGetValue(name, out var definition))
            {
                ReadRule(entry, definition, whose, lengths);
            }
            else
            {
                Fail("unknown-rule", ReadingText.UnknownRule(name, string.Join(", ", Rule.All.Keys.Concat(NumberRule.All.Keys))), name);
            }
        }

        return new(lengths, numbers);
    }

    private void ReadRule(Entry entry, Rule definition, string whose, Dictionary<Rule, Length> rules)
    {
        var label = Capitalised(whose + definition.Label);
        if (ReadLength(entry, definition.Name, label) is not { } length)
        {
            return;
        }

        if (length < definition.Least || length > definition.Most)
        {
            var format = LengthFormat.For(Unit);
            Fail(
                "rule-out-of-range",
                ReadingText.RuleOutOfRange(
                    label,
                    format.RoundedWithUnit(length),
                    format.RoundedWithUnit(definition.Least),
                    format.RoundedWithUnit(definition.Most)
                ),
                definition.Name
            );
        }
        else
        {
            rules[definition] = length;
        }
    }

    private void ReadNumber(Entry entry, NumberRule definition, string whose, Dictionary<NumberRule, decimal> rules)
    {
        if (NumberReader.Read(entry.ToString()) is { } number && number >= definition.Least && number <= definition.Most)
        {
            rules[definition] = number;
        }
        else
        {
            Fail(
                "rule-out-of-range",
                ReadingText.NumberRuleOutOfRange(
                    Capitalised(whose + definition.Label),
                    entry.ToString(),
                    definition.Least,
                    definition.Most
                ),
                definition.Name
            );
        }
    }

    private static string Capitalised(string text) => char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>A shrinkage as a part of one; 0 where it is not said.</summary>
    public decimal Share(IReadOnlyDictionary<string, Entry> entries, string rule)
    {
        if (!entries.TryGetValue(rule, out var entry) || entry.ToString().Trim() is not { Length: > 0 } text)
        {
            return 0;
        }

        if (NumberReader.Read(text) is >= 0 and < 0.5m and var share)
        {
            return share;
        }

        Fail("shrinkage-out-of-range", ReadingText.ShrinkageOutOfRange(text), rule);
        return 0;
    }
}
