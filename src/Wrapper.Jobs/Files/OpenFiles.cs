using System.IO.Compression;
using System.Text;
using Wrapper.Formats.Drawing;

namespace Wrapper.Jobs.Files;

/// <summary>What a file holds.</summary>
public enum FileContent
{
    /// <summary>Every piece once, apart, at true size.</summary>
    Patterns,

    /// <summary>The pieces as they lie on the cloth.</summary>
    Lay,

    /// <summary>What is cut, a line a piece.</summary>
    CutList,

    /// <summary>What is bought.</summary>
    Buying,

    /// <summary>What is chalked, card by card.</summary>
    CutCards,

    /// <summary>What is sewn, card by card.</summary>
    SewingCards,
}

/// <summary>The format of a file.</summary>
public enum FileFormat
{
    /// <summary>A drawing for the screen and the printer.</summary>
    Svg,

    /// <summary>A drawing for cutters and other programs.</summary>
    Dxf,

    /// <summary>A table.</summary>
    Csv,

    /// <summary>A file a piece, packed together.</summary>
    Zip,
}

/// <summary>A file to hand out.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Type">Its media type.</param>
/// <param name="Content">What is in it.</param>
public sealed record OpenFile(string Name, string Type, byte[] Content);

/// <summary>Writes what a job gives in the formats others can read. See docs/format.md, "Files".</summary>
public static class OpenFiles
{
    /// <summary>Every pair there is, with how it is written.</summary>
    private static readonly Dictionary<(FileContent What, FileFormat As), Func<JobPlan, OpenFile>> Writers = new()
    {
        [(FileContent.Patterns, FileFormat.Svg)] = plan => Svg("patterns", Patterns(plan)),
        [(FileContent.Patterns, FileFormat.Dxf)] = plan => Dxf("patterns", Patterns(plan)),
        [(FileContent.Patterns, FileFormat.Zip)] = Zip,
        [(FileContent.Lay, FileFormat.Svg)] = plan => Svg("lay", Lay(plan)),
        [(FileContent.Lay, FileFormat.Dxf)] = plan => Dxf("lay", Lay(plan)),
        [(FileContent.CutList, FileFormat.Csv)] = plan => Csv("cut-list", Tables.CutList(plan)),
        [(FileContent.Buying, FileFormat.Csv)] = plan => Csv("buying", Tables.Buying(plan)),
        [(FileContent.CutCards, FileFormat.Csv)] = plan => Csv("cut-cards", CardTables.Cut(plan)),
        [(FileContent.SewingCards, FileFormat.Csv)] = plan => Csv("sewing-cards", CardTables.Sewing(plan)),
    };

    private const double BetweenCloths = 400;

    /// <summary>What a file’s content is called on screen.</summary>
    public static string Label(FileContent what) =>
        what switch
        {
            FileContent.Patterns => "Patterns, true size",
            FileContent.Lay => "The lay, true size",
            FileContent.CutList => "Cut list",
            FileContent.Buying => "What to buy",
            FileContent.CutCards => "Cut cards",
            FileContent.SewingCards => "Sewing cards",
            _ => throw new ArgumentOutOfRangeException(nameof(what)),
        };

    /// <summary>The pairs there are.</summary>
    public static IEnumerable<(FileContent What, FileFormat As)> Offered => Writers.Keys;

    /// <summary>The file; null for a pair that makes no sense.</summary>
    public static OpenFile? Write(FileContent what, FileFormat format, JobPlan plan) =>
        Writers.TryGetValue((what, format), out var write) ? write(plan) : null;

    private static Sheet Patterns(JobPlan plan) => WithWhatIsLeftOut(PatternSheet.Of($"{plan.Title}: patterns", plan.Covers), plan);

    private static Sheet Lay(JobPlan plan)
    {
        var parts = new List<SheetPart>();
        var x = 0.0;
        foreach (var laid in plan.Cloths)
        {
            var sheet = LaySheet.Of(laid.Name, laid.Cloth, laid.Yardage, plan.Letters);
            var prefix = plan.Cloths.Count > 1 ? $"{laid.Name} " : "";
            parts.AddRange(sheet.Parts.Select(part => part.Moved(x, 0) with { Code = prefix + part.Code }));
            x += sheet.Bounds.Width + BetweenCloths;
        }

        return WithWhatIsLeftOut(new($"{plan.Title}: lay", parts), plan);
    }

    /// <summary>A cover that cannot be drafted yet is named on the sheet: nobody cuts a job and misses it.</summary>
    private static Sheet WithWhatIsLeftOut(Sheet sheet, JobPlan plan) =>
        plan.LeftOut.Count == 0
            ? sheet
            : sheet with
            {
                Parts =
                [
                    .. sheet.Parts,
                    new(
                        "left-out",
                        [Stroke.Straight(Layer.Text, 0, 20, 400, 20)],
                        [
                            .. plan.LeftOut.Select(
                                (name, place) => new Inscription(200, 40 + (20 * place), 8, $"Cannot be drafted yet: {name}")
                            ),
                        ]
                    ),
                ],
            };

    private static OpenFile Zip(JobPlan plan)
    {
        using var packed = new MemoryStream();
        using (var archive = new ZipArchive(packed, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var cover in plan.Covers)
            {
                foreach (var (code, piece) in cover.Pieces)
                {
                    var sheet = new Sheet($"{code}: {piece.Name}", [PatternSheet.Part(code, piece, cover.Draft.Format)]);
                    Add(archive, $"{code}.svg", SvgWriter.Write(sheet));
                    Add(archive, $"{code}.dxf", DxfWriter.Write(sheet));
                }
            }
        }

        return new("patterns.zip", "application/zip", packed.ToArray());
    }

    private static void Add(ZipArchive archive, string name, string text)
    {
        var entry = archive.CreateEntry(name);
        entry.LastWriteTime = new(1980, 1, 1, 0, 0, 0, TimeSpan.Zero); // the same job gives the same file
        using var stream = entry.Open();
        stream.Write(Encoding.UTF8.GetBytes(text));
    }

    private static OpenFile Svg(string name, Sheet sheet) =>
        new($"{name}.svg", "image/svg+xml", Encoding.UTF8.GetBytes(SvgWriter.Write(sheet)));

    private static OpenFile Dxf(string name, Sheet sheet) =>
        new($"{name}.dxf", "image/vnd.dxf", Encoding.UTF8.GetBytes(DxfWriter.Write(sheet)));

    /// <summary>With a mark of its encoding, without which spreadsheets misread a fraction.</summary>
    private static OpenFile Csv(string name, string table) =>
        new($"{name}.csv", "text/csv; charset=utf-8", [.. Encoding.UTF8.GetPreamble(), .. Encoding.UTF8.GetBytes(table)]);
}
