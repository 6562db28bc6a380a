using System.Globalization;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>One line of the list of notions to buy.</summary>
/// <param name="Kind"><c>zip</c>, <c>zip-by-length</c>, <c>cord</c> or <c>foam</c>.</param>
/// <param name="Text">What to ask for in the shop.</param>
/// <param name="Quantity">How many.</param>
/// <param name="Length">The length of each as sold.</param>
/// <param name="Needed">The length of each as drafted.</param>
public sealed record NotionToBuy(string Kind, string Text, int Quantity, Length Length, Length Needed);

/// <summary>Turns what the drafts need into what shops sell: zips at the next length sold, cord by the buying step.</summary>
public static class NotionBuyer
{
    private static readonly int[] ZipInches = [7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 32, 34, 36, 40, 44, 48];

    private static readonly int[] ZipCentimetres = [18, 20, 22, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 90, 100, 110, 120];

    /// <summary>The next closed-end zip sold that is at least this long; null when it has to come off the roll.</summary>
    public static Length? NextZipSold(Length teeth, LengthUnit unit)
    {
        var sold = unit.IsImperial()
            ? ZipInches.Select(inches => Length.FromInches(inches))
            : ZipCentimetres.Select(centimetres => Length.FromMillimetres(centimetres * 10m));
        return sold.Where(length => length >= teeth).Select(length => (Length?)length).FirstOrDefault();
    }

    /// <summary>The shopping list of these drafts, like with like.</summary>
    public static IReadOnlyList<NotionToBuy> ListOf(IEnumerable<Draft> drafts, LengthUnit unit, Length buyStep)
    {
        var format = LengthFormat.For(unit);
        var list = new List<NotionToBuy>();
        var (cord, thread) = (Length.Zero, Length.Zero);
        foreach (var notion in drafts.SelectMany(draft => draft.Notions))
        {
            switch (notion.Kind)
            {
                case "zip-closed-end":
                    list.Add(Zip(notion, format, unit));
                    break;
                case "cord":
                    cord += notion.Quantity * notion.Length.Value;
                    break;
                case "foam":
                    list.Add(Foam(notion, format));
                    break;
                case "thread":
                    thread += notion.Quantity * notion.Length.Value;
                    break;
                default:
                    if (Named(notion, format, unit, buyStep) is { } line)
                    {
                        list.Add(line);
                    }

                    break;
            }
        }

        if (cord.IsPositive)
        {
            var length = cord.RoundedUpTo(buyStep);
            list.Add(new("cord", $"Piping cord, {Running(length, unit)}", 1, length, cord));
        }

        if (thread.IsPositive)
        {
            list.Add(new("thread", $"Thread, {Running(thread.RoundedUpTo(unit.IsImperial() ? LengthUnit.Yard.One() : LengthUnit.Metre.One()), unit)}", 1, thread, thread));
        }

        return [.. list.GroupBy(line => (line.Kind, line.Text)).Select(like => like.First() with { Quantity = like.Sum(line => line.Quantity) })];
    }

    /// <summary>A long length as the shop says it: quarter yards or decimals of a metre.</summary>
    public static string Running(Length length, LengthUnit unit)
    {
        if (!unit.IsImperial())
        {
            return (length.Nanometres / 1e9m).ToString("0.##", CultureInfo.InvariantCulture) + " m";
        }

        var quarters = length.Nanometres / (decimal)LengthUnit.Yard.One().Nanometres;
        var eighths = quarters * 8;
        if (eighths != Math.Floor(eighths))
        {
            return quarters.ToString("0.##", CultureInfo.InvariantCulture) + " yd";
        }

        // An eighth of a yard has the same fraction sign as an eighth of an inch.
        var asInches = Length.FromInches((int)Math.Floor(quarters), (int)(eighths % 8), 8);
        return LengthFormat.Inches.Rounded(asInches) + " yd";
    }

    /// <summary>What is asked for by its own name: by the piece at a length, by the running length, or simply counted. Null for what is no ware.</summary>
    private static NotionToBuy? Named(Notion notion, LengthFormat format, LengthUnit unit, Length buyStep)
    {
        var length = notion.Length.Value;
        var (width, each) = (notion.Width is { } wide ? $", {format.RoundedWithUnit(wide.Value)} wide" : "", format.RoundedWithUnit(length.RoundedUpTo(format.Step)));
        NotionToBuy Counted(string text) => new(notion.Kind, text, notion.Quantity, length, length);
        return notion.Kind switch
        {
            "zip" or "zip-invisible" => Counted($"{(notion.Name.StartsWith("Invisible", StringComparison.Ordinal) ? "Invisible zip" : "Zip")}, {format.RoundedWithUnit(NextZipSold(length, unit) ?? length)}"),
            "elastic" => Counted($"Elastic{width}, {each}"),
            "strap" => Counted($"Elastic for a strap, {each}"),
            "drawstring" => Counted($"Cord to draw, {each}"),
            "cord-stop" => Counted("Cord stop"),
            "hook-and-loop" => Counted($"Hook-and-loop tape{width}, {Running(length.RoundedUpTo(buyStep), unit)}"),
            "button" => Counted("Button"),
            "snap" => Counted("Snap"),
            "pin" => Counted("Pin"),
            "loop" => Counted($"Elastic for a loop, {each}"),
            "tie" => Counted($"Tie, {each}"),
            "stuffing" => new("stuffing", string.Create(CultureInfo.InvariantCulture, $"Stuffing, {notion.Quantity / 1000m:0.#} kg"), 1, Length.Zero, Length.Zero),
            "bolster-form" => Counted($"Bolster form, {format.Rounded(notion.Width!.Value)} across, {each}"),
            _ => null,
        };
    }

    private static NotionToBuy Zip(Notion notion, LengthFormat format, LengthUnit unit)
    {
        var needed = notion.Length.Value;
        return NextZipSold(needed, unit) is { } sold
            ? new("zip", $"Zip, {format.RoundedWithUnit(sold)}", notion.Quantity, sold, needed)
            : new("zip-by-length", $"Zip off the roll, {format.RoundedWithUnit(needed.RoundedUpTo(format.Step))} of teeth", notion.Quantity, needed, needed);
    }

    private static NotionToBuy Foam(Notion notion, LengthFormat format)
    {
        var size = $"{format.Rounded(notion.Width!.Value)} × {format.Rounded(notion.Length.Value)} × {format.RoundedWithUnit(notion.Thickness!.Value)}";
        return new("foam", $"Foam block, {size}", notion.Quantity, notion.Length.Value, notion.Length.Value);
    }
}
