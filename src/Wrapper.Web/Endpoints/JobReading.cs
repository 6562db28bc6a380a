using Wrapper.Core.Cloth;
using Wrapper.Core.Drafting;
using Wrapper.Core.Rules;
using Wrapper.Core.Units;
using Wrapper.Formats;

namespace Wrapper.Web.Endpoints;

/// <summary>What every endpoint reads of a job alike: its unit, its cloth, the house's rules.</summary>
internal static class JobReading
{
    /// <summary>The unit by its name; null when there is none of this name.</summary>
    public static LengthUnit? UnitOf(string? unit) => unit switch
    {
        "in" => LengthUnit.Inch,
        "cm" => LengthUnit.Centimetre,
        "mm" => LengthUnit.Millimetre,
        _ => null,
    };

    /// <summary>The cloth as the core reads it.</summary>
    public static ClothInput InputOf(ClothDocument cloth) => new()
    {
        Width = Entry.Typed(cloth.Width ?? ""),
        Selvage = Entry.Typed(cloth.Selvage ?? ""),
        Nap = cloth.Nap,
        RepeatLength = Entry.Typed(cloth.RepeatLength ?? ""),
        Price = cloth.Price,
    };

    /// <summary>The house's rules that can be read; the covers' own reading tells of the others.</summary>
    public static Dictionary<string, Length> HouseRules(Dictionary<string, string> texts, LengthUnit unit)
    {
        var rules = new Dictionary<string, Length>();
        foreach (var (name, text) in texts)
        {
            if (RuleCatalogue.All.TryGetValue(name, out var rule) && LengthReader.Read(text, unit).Length is { } length && length >= rule.Least && length <= rule.Most)
            {
                rules[name] = length;
            }
        }

        return rules;
    }
}
