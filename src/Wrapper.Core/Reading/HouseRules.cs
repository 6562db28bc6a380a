using Wrapper.Core.Catalogue;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading;

/// <summary>The rules of the house, where no cover is read with them: for what is bought and laid.</summary>
public static class HouseRules
{
    /// <summary>Those that can be read and can be; the covers' own reading tells of the others.</summary>
    /// <param name="texts">What the house says, by the rule's name.</param>
    /// <param name="unit">The unit of a bare number.</param>
    public static IReadOnlyDictionary<Rule, Length> Readable(IReadOnlyDictionary<string, string> texts, LengthUnit unit)
    {
        var rules = new Dictionary<Rule, Length>();
        foreach (var (name, text) in texts)
        {
            if (
                Rule.All.TryGetValue(name, out var rule)
                && LengthReader.Read(text, unit).Length is { } length
                && length >= rule.Least
                && length <= rule.Most
            )
            {
                rules[rule] = length;
            }
        }

        return rules;
    }
}
