using System.Diagnostics;
using System.Globalization;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>One line of the list of notions to buy.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Text">What to ask for in the shop.</param>
/// <param name="Quantity">How many.</param>
/// <param name="Length">The length of each as sold.</param>
/// <param name="Needed">The length of each as drafted.</param>
public sealed record NotionToBuy(NotionKind Kind, string Text, int Quantity, Length Length, Length Needed);

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
        foreach (var notion in drafts.SelectMany(Bought))
        {
            switch (notion.Kind)
            {
                case NotionKind.ZipClosedEnd:
                    list.Add(Zip(notion, format, unit));
                    break;
                case NotionKind.Cord:
                    cord += notion.Quantity * notion.Length.Value;
                    break;
                case NotionKind.Foam:
                    list.Add(Foam(notion, format));
                    break;
                case NotionKind.Thread:
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
            list.Add(new(NotionKind.Cord, $"Piping cord, {Running(length, unit)}", 1, length, cord));
        }

        if (thread.IsPositive)
        {
            list.Add(
                new(
                    NotionKind.Thread,
                    $"Thread, {Running(thread.RoundedUpTo(unit.IsImperial() ? LengthUnit.Yard.One() : LengthUnit.Metre.One()), unit)}",
                    1,
                    thread,
                    thread
                )
            );
        }

        return
        [
            .. list.GroupBy(line => (line.Kind, line.Text))
                .Select(like => like.First() with { Quantity = like.Sum(line => line.Quantity) }),
        ];
    }

    /// <summary>
    /// What is bought for a draft: of a zip off the roll only that, though its teeth are told as well, for one of a fixed length.
    /// </summary>
    private static IEnumerable<Notion> Bought(Draft draft) =>
        draft.Notions.Any(notion => notion.Kind == NotionKind.ZipRoll)
            ? draft.Notions.Where(notion => notion.Kind != NotionKind.ZipClosedEnd)
            : draft.Notions;

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

    /// <summary>
    /// What is asked for by its own name: by the piece at a length, by the running length, or simply counted. Null for what is no ware.
    /// </summary>
    private static NotionToBuy? Named(Notion notion, LengthFormat format, LengthUnit unit, Length buyStep)
    {
        var length = notion.Length.Value;
        var (width, each) = (
            notion.Width is { } wide ? $", {format.RoundedWithUnit(wide.Value)} wide" : "",
            format.RoundedWithUnit(length.RoundedUpTo(format.Step))
        );
        NotionToBuy Counted(string text) => new(notion.Kind, text, notion.Quantity, length, length);
        return notion.Kind switch
        {
            NotionKind.Zip => Counted(
                $"{(notion.IsInvisible ? "Invisible zip" : "Zip")}, {format.RoundedWithUnit(NextZipSold(length, unit) ?? length)}"
            ),
            NotionKind.ZipInvisible => Counted($"Invisible zip, {format.RoundedWithUnit(NextZipSold(length, unit) ?? length)}"),
            NotionKind.Elastic => Counted($"Elastic{width}, {each}"),
            NotionKind.Strap => Counted($"Elastic for a strap, {each}"),
            NotionKind.Drawstring => Counted($"Cord to draw, {each}"),
            NotionKind.CordStop => Counted("Cord stop"),
            NotionKind.HookAndLoop => Counted($"Hook-and-loop tape{width}, {Running(length.RoundedUpTo(buyStep), unit)}"),
            NotionKind.Button => Counted("Button"),
            NotionKind.Snap => Counted("Snap"),
            NotionKind.Pin => Counted("Pin"),
            NotionKind.Loop => Counted($"Elastic for a loop, {each}"),
            NotionKind.Tie => Counted($"Tie, {each}"),
            NotionKind.Stuffing => new(
                NotionKind.Stuffing,
                string.Create(CultureInfo.InvariantCulture, $"Stuffing, {notion.Quantity / 1000m:0.#} kg"),
                1,
                Length.Zero,
                Length.Zero
            ),
            NotionKind.BolsterForm => Counted($"Bolster form, {format.Rounded(notion.Width!.Value)} across, {each}"),
            NotionKind.Piping or NotionKind.PipingCasing => null, // cut from the cloth, and its cord is bought by the length
            NotionKind.ZipRoll => Counted(BuyingText.ZipOffTheRoll(each)),
            NotionKind.ZipRun
            or NotionKind.ZipStop
            or NotionKind.ZipOpening
            or NotionKind.Gap
            or NotionKind.CornerLine
            or NotionKind.DartSquare => null, // figures to mark
            _ => throw new UnreachableException($"Nothing is said of how to buy a {notion.Kind}."),
        };
    }

    private static NotionToBuy Zip(Notion notion, LengthFormat format, LengthUnit unit)
    {
        var needed = notion.Length.Value;
        return NextZipSold(needed, unit) is { } sold
            ? new(NotionKind.Zip, $"Zip, {format.RoundedWithUnit(sold)}", notion.Quantity, sold, needed)
            : new(
                NotionKind.ZipByLength,
                BuyingText.ZipOffTheRollNeeded(format.RoundedWithUnit(needed.RoundedUpTo(format.Step))),
                notion.Quantity,
                needed,
                needed
            );
    }

    private static NotionToBuy Foam(Notion notion, LengthFormat format)
    {
        var size =
            $"{format.Rounded(notion.Width!.Value)} × {format.Rounded(notion.Length.Value)} × "
            + $"{format.RoundedWithUnit(notion.Thickness!.Value)}";
        return new(NotionKind.Foam, $"Foam block, {size}", notion.Quantity, notion.Length.Value, notion.Length.Value);
    }
}
