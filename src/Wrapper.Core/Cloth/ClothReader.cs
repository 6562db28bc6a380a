using System.Globalization;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cloth;

/// <summary>A cloth as a person describes it.</summary>
public sealed record ClothInput
{
    /// <summary>Selvage to selvage.</summary>
    public Entry? Width { get; init; }

    /// <summary>What is cut off at each side; the usual 1/2 in or 12 mm when unsaid.</summary>
    public Entry? Selvage { get; init; }

    /// <summary><c>either</c> or <c>one-way</c>.</summary>
    public string? Nap { get; init; }

    /// <summary>The repeat down the roll; none when unsaid.</summary>
    public Entry? RepeatLength { get; init; }

    /// <summary>The price of a yard or metre, as written; none when unsaid.</summary>
    public string? Price { get; init; }
}

/// <summary>What came of reading a cloth.</summary>
/// <param name="Cloth">Null when an error stands in the way.</param>
/// <param name="Price">The price of a yard (inch job) or metre; null for none.</param>
/// <param name="Checks">Errors, each naming its field as <c>cloth.width</c>.</param>
public sealed record ClothReading(ClothSpecification? Cloth, decimal? Price, IReadOnlyList<Check> Checks);

/// <summary>Reads a cloth; a slip becomes a check naming its field.</summary>
public static class ClothReader
{
    private static readonly Length LeastUsable = Length.FromMillimetres(100m);
    private static readonly Length MostWide = Length.FromMillimetres(10_000m);

    /// <summary>Reads what was said of a cloth in a job of this unit.</summary>
    public static ClothReading Read(ClothInput input, LengthUnit unit)
    {
        var checks = new List<Check>();
        var width = ReadLength(input.Width, "width", "Cloth width", unit, checks);
        var selvage = IsSaid(input.Selvage) ? ReadLength(input.Selvage, "selvage", "Selvage", unit, checks) : UsualSelvage(unit);
        var repeat = IsSaid(input.RepeatLength) ? ReadLength(input.RepeatLength, "repeatLength", "Repeat", unit, checks) : Length.Zero;
        if (input.Nap is not (null or "" or "either" or "one-way"))
        {
            checks.Add(Check.Error("unknown-choice", $"“{input.Nap}” is no nap: choose either or one-way.", "cloth.nap"));
        }

        if (width is { } across && (across < LeastUsable || across > MostWide))
        {
            checks.Add(Check.Error("cloth-width-out-of-range", "Cloth is between 100 mm and 10 m wide: check the unit.", "cloth.width"));
        }
        else if (width is { } wide && selvage is { } side && (side.IsNegative || wide - (2 * side) < LeastUsable))
        {
            checks.Add(Check.Error("selvage-out-of-range", "The selvages leave nothing to cut from: check the selvage.", "cloth.selvage"));
        }

        if (repeat is { } length && (length.IsNegative || length > Length.FromMillimetres(5000m)))
        {
            checks.Add(Check.Error("repeat-out-of-range", "A repeat is between 0 and 5 m.", "cloth.repeatLength"));
        }

        var price = Price(input.Price, checks);
        return checks.Count == 0 ? new(new(width!.Value, selvage!.Value, input.Nap == "one-way", repeat!.Value), price, checks) : new(null, price, checks);
    }

    /// <summary>Half an inch or 12 mm.</summary>
    public static Length UsualSelvage(LengthUnit unit) => unit.IsImperial() ? Length.FromInches(0, 1, 2) : Length.FromMillimetres(12m);

    private static bool IsSaid(Entry? entry) => entry is { } said && said.ToString().Trim().Length > 0;

    private static Length? ReadLength(Entry? entry, string field, string label, LengthUnit unit, List<Check> checks)
    {
        if (!IsSaid(entry))
        {
            checks.Add(Check.Error("measure-missing", $"{label} is not said yet.", $"cloth.{field}"));
            return null;
        }

        var reading = EntryReader.Read(entry!.Value, unit);
        if (reading.Length is null)
        {
            checks.Add(Check.Error("unreadable", $"{label}: {reading.Problem}", $"cloth.{field}") with { Position = reading.Position });
        }

        return reading.Length;
    }

    private static decimal? Price(string? text, List<Check> checks)
    {
        if (string.IsNullOrWhiteSpace(text))
        {
            return null;
        }

        if (decimal.TryParse(text.Trim().Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var price) && price < 1_000_000)
        {
            return price;
        }

        checks.Add(Check.Error("unreadable", $"“{text}” is no price: write a number such as 18.50.", "cloth.price"));
        return null;
    }
}
