using Wrapper.Core.Checks;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>Reads the fields of a cloth one by one; a slip becomes a check naming its field.</summary>
internal sealed class ClothFields(LengthUnit unit)
{
    private readonly List<Check> _checks = [];

    public IReadOnlyList<Check> Checks => _checks;

    public static bool IsSaid(Entry? entry) => entry is { } said && said.ToString().Trim().Length > 0;

    public void Say(Check check) => _checks.Add(check);

    public void Error(string code, string text, string field) => _checks.Add(Check.Error(code, text, $"cloth.{field}"));

    /// <summary>A length as it was written, with the job's unit where it says none: read again it is the same to a hair.</summary>
    public string Written(Entry entry)
    {
        var text = entry.ToString().Trim();
        return text.Any(letter => char.IsLetter(letter) || letter is '"' or '″' or '”' or '\'' or '′' or '’')
            ? text
            : $"{text} {unit.Sign()}";
    }

    /// <summary>A length that has to be said.</summary>
    public Length? Required(Entry? entry, string field, string label)
    {
        if (!IsSaid(entry))
        {
            Error("measure-missing", BuyingText.MeasureMissing(label), field);
            return null;
        }

        return Read(entry!.Value, field, label);
    }

    /// <summary>A length between nought and the most; the usual one when nothing is said, null when it cannot be read.</summary>
    public Length? Optional(Entry? entry, ClothField of, Length usual, Length most)
    {
        if (!IsSaid(entry))
        {
            return usual;
        }

        var (field, label) = (of.Name, of.Label);
        var length = Read(entry!.Value, field, label);
        if (length is { } read && (read.IsNegative || read > most))
        {
            Error($"{of.Code}-out-of-range", BuyingText.LengthOutOfRange(label, LengthFormat.For(unit).RoundedWithUnit(most)), field);
            return null;
        }

        return length;
    }

    /// <summary>A part, written in percent: 3 is 0.03.</summary>
    public decimal Percent(string? text, ClothField of, decimal most)
    {
        var (field, label) = (of.Name, of.Label);
        if (string.IsNullOrWhiteSpace(text))
        {
            return 0;
        }

        var part = NumberReader.ReadPercentage(text);
        if (part is not >= 0)
        {
            Error("unreadable", BuyingText.NoPercentage(label, text), field);
        }
        else if (part * 100 > most)
        {
            Error($"{of.Code}-out-of-range", BuyingText.PercentageOutOfRange(label, most), field);
        }

        return part ?? 0;
    }

    /// <summary>A choice by its word; the first of its kind when nothing is said.</summary>
    public T Choice<T>(string? said, string field, string label)
        where T : struct, Enum
    {
        var (chosen, usual) = (Words.Read<T>(said), Enum.GetValues<T>()[0]);
        if (chosen is null && !string.IsNullOrEmpty(said))
        {
            Unknown(said, field, label, Words.All<T>());
        }

        return chosen ?? usual;
    }

    /// <summary>Yes or no, as <c>true</c> or <c>false</c>.</summary>
    public bool YesOrNo(string said, string field, string label)
    {
        if (said is not ("true" or "false"))
        {
            Unknown(said, field, label, ["true", "false"]);
        }

        return said == "true";
    }

    private void Unknown(string said, string field, string label, IReadOnlyList<string> choices) =>
        Error("unknown-choice", BuyingText.UnknownChoice(said, label, string.Join(" or ", choices)), field);

    public decimal? Price(string? text, string field = "price")
    {
        if (string.IsNullOrWhiteSpace(text))
        {
            return null;
        }

        if (NumberReader.Read(text) is >= 0 and < 1_000_000 and var price)
        {
            return price;
        }

        Error("unreadable", BuyingText.NoPrice(text), field);
        return null;
    }

    private Length? Read(Entry entry, string field, string label)
    {
        var reading = EntryReader.Read(entry, unit);
        if (reading.Length is null)
        {
            _checks.Add(Check.Error("unreadable", $"{label}: {reading.Problem}", $"cloth.{field}") with { Position = reading.Position });
        }

        return reading.Length;
    }
}
