using System.Buffers;
using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;
using CsvHelper.Configuration.Attributes;
using CsvHelper.TypeConversion;
using Wrapper.Core.Buying;
using Wrapper.Core.Units;

namespace Wrapper.Jobs.Files;

/// <summary>A line of the cut list.</summary>
/// <param name="Code">The code of the piece.</param>
/// <param name="Cover">What its cover is called.</param>
/// <param name="Piece">What it is called; for a cover that cannot be drafted yet, that.</param>
/// <param name="Cut">How many are cut.</param>
/// <param name="TurnedOver">How many of them turned over.</param>
/// <param name="Cloth">What it is cut from: the name of the cloth; <c>main</c> where the job has one, <c>lining</c>, <c>padding</c> where
/// none of the job’s is given to it, <c>pieced</c> where it is joined from the strips after it.</param>
/// <param name="WidthMm">The cut size across, in millimetres.</param>
/// <param name="LengthMm">The cut size along.</param>
/// <param name="Width">The cut size across in the job’s unit, as it is marked.</param>
/// <param name="Length">The cut size along in the job’s unit.</param>
/// <param name="Unit">The job’s unit.</param>
public sealed record CutListRow(
    string Code,
    string Cover,
    string Piece,
    int Cut,
    [property: Name("Turned over")] int TurnedOver,
    string Cloth,
    [property: Name("Width, mm")] double WidthMm,
    [property: Name("Length, mm")] double LengthMm,
    string Width,
    string Length,
    string Unit
);

/// <summary>A line of what is to be bought.</summary>
/// <param name="What">What it is: <c>cloth</c>, or the kind of a notion.</param>
/// <param name="For">Which cloth; empty for notions.</param>
/// <param name="Buy">What to ask for.</param>
/// <param name="Quantity">How many.</param>
/// <param name="LengthMm">The length of each, in millimetres; empty for what has none.</param>
public sealed record BuyingRow(string What, string For, string Buy, int Quantity, [property: Name("Length, mm")] double? LengthMm);

/// <summary>
/// Tables as CSV with a line of headings. A text that a spreadsheet would take for a formula is made harmless: an apostrophe stands
/// before it. See docs/format.md, "Tables".
/// </summary>
public static class Tables
{
    /// <summary>A cell that holds one of these stands in quotation marks: a line break alone, of either kind, among them.</summary>
    private static readonly SearchValues<char> Quoted = SearchValues.Create(",\"\r\n\t");

    /// <summary>What a formula begins with, also in full width, as it comes from keyboards that write so.</summary>
    private static readonly SearchValues<char> FormulaStarts = SearchValues.Create("=+-@\t\r＝＋－＠");

    /// <summary>The cut list of a job, a line a piece; a cover that cannot be drafted yet has a line that says so.</summary>
    public static string CutList(JobPlan plan) =>
        Write(
            plan.Covers.SelectMany(cover =>
                    cover.Pieces.Select(coded => new CutListRow(
                        coded.Code,
                        cover.Name,
                        coded.Piece.Name,
                        coded.Piece.Quantity,
                        coded.Piece.Mirrored,
                        plan.ClothOf(coded.Piece),
                        coded.Piece.CutWidth.Value.Millimetres,
                        coded.Piece.CutLength.Value.Millimetres,
                        cover.Draft.Format.Rounded(coded.Piece.CutWidth.Value),
                        cover.Draft.Format.Rounded(coded.Piece.CutLength.Value),
                        JobUnits.Name(plan.Unit)
                    ))
                )
                .Concat(plan.LeftOut.Select(name => new CutListRow("", name, "cannot be drafted yet", 0, 0, "", 0, 0, "", "", "")))
        );

    /// <summary>What a job takes: each cloth, then the notions of all covers.</summary>
    public static string Buying(JobPlan plan) =>
        Write(
            plan.Cloths.Select(laid =>
                    laid.Yardage.Buy is { } buy
                        ? new BuyingRow("cloth", laid.Name, NotionBuyer.Running(buy.Value, plan.Unit), 1, buy.Value.Millimetres)
                        : new("cloth", laid.Name, "cannot be said yet", 0, null)
                )
                .Concat(
                    NotionBuyer
                        .ListOf(plan.Covers.Select(cover => cover.Draft), plan.Unit, plan.BuyStep)
                        .Select(line => new BuyingRow(
                            line.Kind.Word(),
                            "",
                            line.Text,
                            line.Quantity,
                            line.Length.IsZero ? null : line.Length.Millimetres
                        ))
                )
                .Concat(plan.LeftOut.Select(name => new BuyingRow("not drafted", name, "cannot be drafted yet", 0, null)))
        );

    /// <summary>Rows as they are.</summary>
    public static string Write<T>(IEnumerable<T> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using var csv = new CsvWriter(
            text,
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                NewLine = "\r\n",
                ShouldQuote = field =>
                    field.Field is { Length: > 0 } cell && (cell.AsSpan().ContainsAny(Quoted) || cell[0] is ' ' or '\'' || cell[^1] == ' '),
            }
        );
        csv.Context.TypeConverterCache.AddConverter<string>(new HarmlessText());
        csv.WriteRecords(rows);
        csv.Flush();
        return text.ToString();
    }

    /// <summary>Writes a text so that no program takes any line of its cell for a formula.</summary>
    private sealed class HarmlessText : StringConverter
    {
        public override string ConvertToString(object? value, IWriterRow row, MemberMapData memberMapData) =>
            Harmless(value as string ?? "");
    }

    /// <summary>An apostrophe stands before every line that begins as a formula does: some programs read a cell line by line.</summary>
    private static string Harmless(string cell)
    {
        var text = new StringBuilder(cell.Length + 1);
        var begins = true;
        foreach (var letter in cell)
        {
            if (begins && FormulaStarts.Contains(letter))
            {
                text.Append('\'');
            }

            text.Append(letter);
            begins = letter is '\r' or '\n' || (begins && char.IsWhiteSpace(letter));
        }

        return text.ToString();
    }
}
