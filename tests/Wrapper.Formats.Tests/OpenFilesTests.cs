using System.Globalization;
using System.IO.Compression;
using System.Text;
using System.Text.RegularExpressions;
using System.Xml.Linq;
using CsvHelper;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Drawing;
using Wrapper.Formats.Validation;
using Wrapper.Jobs;
using Wrapper.Jobs.Files;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>Files of every demo job, read back: nothing of a piece is lost or moved by more than a hundredth of a millimetre.</summary>
public sealed partial class OpenFilesTests
{
    private const double Hundredth = 0.01;
    private const int Steps = 8;

    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    /// <summary>The demo jobs by file name.</summary>
    public static TheoryData<string> Jobs => GoldenJobsTests.Jobs;

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Patterns_as_svg_hold_every_piece_once_at_true_size(string name)
    {
        var plan = Plan(name);
        var file = XDocument.Parse(Text(FileContent.Patterns, FileFormat.Svg, plan));
        var view = file.Root!.Attribute("viewBox")!.Value.Split(' ').Select(Number).ToList();
        Assert.Equal($"{view[2].ToString("0.#####", CultureInfo.InvariantCulture)}mm", file.Root.Attribute("width")!.Value);
        var groups = file.Root.Elements(Svg + "g").ToDictionary(group => group.Element(Svg + "title")!.Value);
        var pieces = plan.Covers.SelectMany(cover => cover.Pieces).ToList();
        Assert.Equal(pieces.Count, groups.Count - (plan.LeftOut.Count > 0 ? 1 : 0));
        foreach (var (code, piece) in pieces)
        {
            var paths = groups[code]
                .Elements(Svg + "path")
                .ToLookup(path => path.Attribute("class")!.Value, path => path.Attribute("d")!.Value);
            AssertSame(piece.CutLine, paths["cut"].Single(), $"{code} cut");
            AssertSame(piece.StitchLineOnCloth, paths["stitch"].Single(), $"{code} stitch");
            Assert.Equal(piece.Marks.Count(mark => mark.Kind == MarkKind.CornerLine), paths["corner"].Count());
            Assert.Equal(piece.Marks.Count(mark => mark.Kind == MarkKind.Fold), paths["fold"].Count());
            Assert.True(paths["notch"].Count() >= piece.Marks.Count(mark => mark.Kind == MarkKind.Notch));
            Assert.Equal(2, paths["grain"].Count());
            Assert.Contains(groups[code].Elements(Svg + "text"), text => text.Value == piece.Name);
        }

        var boxes = plan
            .Covers.SelectMany(cover => cover.Pieces.Select(coded => PatternSheet.Part(coded.Code, coded.Piece, cover.Draft.Format)))
            .Count();
        Assert.Equal(pieces.Count, boxes);
        AssertApart(PatternSheet.Of("", plan.Covers));
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void A_lay_shows_every_copy_within_its_cloth(string name)
    {
        var plan = Plan(name);
        Assert.NotEmpty(plan.Cloths);
        foreach (var laid in plan.Cloths)
        {
            var sheet = LaySheet.Of(laid.Name, laid.Cloth, laid.Yardage, plan.Letters);
            var copies = sheet.Parts.Where(part => part.Strokes.Any(stroke => stroke.Layer == Layer.Cut)).ToList();
            Assert.Equal(laid.Yardage.Pieces.Sum(piece => piece.Copies), copies.Count);
            var byId = laid.Yardage.Pieces.ToDictionary(piece => piece.LayId);
            foreach (var (place, part) in laid.Yardage.Lay!.Placements.Zip(copies))
            {
                var box = part.Strokes.First(stroke => stroke.Layer == Layer.Cut).Bounds;
                var shape = byId[place.Piece].Piece.CutLine.Bounds;
                var isTurned = place.Turn % 180 != 0;
                if (!byId[place.Piece].IsBlock)
                {
                    Assert.InRange(box.Width - (isTurned ? shape.Height : shape.Width).Millimetres, -Hundredth, Hundredth);
                    Assert.InRange(box.Height - (isTurned ? shape.Width : shape.Height).Millimetres, -Hundredth, Hundredth);
                }

                Assert.InRange(box.Bottom - place.Y.Millimetres, -Hundredth, 0.06);
                if (place.Remnant is null)
                {
                    Assert.InRange(box.Left - place.X.Millimetres, -Hundredth, 0.06);
                    Assert.True(
                        box.Right <= laid.Cloth.UsableWidth.Millimetres + Hundredth
                            && box.Top <= laid.Yardage.Lay.Length.Millimetres + Hundredth,
                        $"{part.Code} lies off the cloth"
                    );
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Tables_are_read_back_line_for_line(string name)
    {
        var plan = Plan(name);
        var cut = Rows(Text(FileContent.CutList, FileFormat.Csv, plan));
        var pieces = plan.Covers.SelectMany(cover => cover.Pieces).ToList();
        Assert.Equal(pieces.Count + plan.LeftOut.Count, cut.Count);
        Assert.All(pieces.Zip(cut), pair =>
        {
            Assert.Equal(
                (pair.First.Code, pair.First.Piece.Quantity, pair.First.Piece.Mirrored),
                (
                    pair.Second["Code"],
                    int.Parse(pair.Second["Cut"], CultureInfo.InvariantCulture),
                    int.Parse(pair.Second["Turned over"], CultureInfo.InvariantCulture)
                )
            );
            Assert.InRange(Number(pair.Second["Width, mm"]) - pair.First.Piece.CutWidth.Value.Millimetres, -Hundredth, Hundredth);
            Assert.InRange(Number(pair.Second["Length, mm"]) - pair.First.Piece.CutLength.Value.Millimetres, -Hundredth, Hundredth);
        });
        var buying = Rows(Text(FileContent.Buying, FileFormat.Csv, plan));
        Assert.Equal(
            plan.Cloths.Select(laid => (laid.Name, laid.Yardage.Buy!.Value.Millimetres)),
            buying.Where(row => row["What"] == "cloth").Select(row => (row["For"], Number(row["Length, mm"])))
        );
        Assert.Equal(
            plan.Covers.Any(cover => cover.Draft.Notions.Any(notion => notion.Kind == NotionKind.Thread)),
            buying.Exists(row => row["What"] == "thread")
        );
    }

    [Theory]
    [InlineData("=HYPERLINK(\"http://example.invalid\")")]
    [InlineData("+1+1")]
    [InlineData("@SUM(A1)")]
    [InlineData("-2")]
    [InlineData("\uff1d1+1")]
    public void A_formula_in_a_name_is_made_harmless(string name)
    {
        var plan = Plan(
            new JobFile
            {
                Covers = [Box with { Name = name }],
                Cloth = new() { Width = Entry.Typed("54"), Name = name },
            }
        );
        foreach (var (what, lines) in new[] { (FileContent.CutList, 2), (FileContent.Buying, 1) })
        {
            var fields = Text(what, FileFormat.Csv, plan)
                .Split("\r\n")[1..]
                .SelectMany(line => line.Split(','))
                .Select(field => field.TrimStart('"'));
            Assert.DoesNotContain(fields, field => field.Length > 0 && "=+@-\t\r\uff1d".Contains(field[0], StringComparison.Ordinal));
            Assert.Contains(
                name.Replace("\"", "\"\"", StringComparison.Ordinal),
                Text(what, FileFormat.Csv, plan),
                StringComparison.Ordinal
            );
            Assert.True(lines > 0);
        }
    }

    [Theory]
    [InlineData("a\n=1+1", "\"a\n'=1+1\"")]
    [InlineData("a\r=1+1", "\"a\r'=1+1\"")]
    [InlineData("a\r\n@SUM(A1)", "\"a\r\n'@SUM(A1)\"")]
    [InlineData("a\nb", "\"a\nb\"")]
    [InlineData(" =1+1", "\" '=1+1\"")]
    [InlineData("a = b", "a = b")]
    public void A_line_break_is_quoted_and_a_formula_after_it_is_harmless(string name, string cell)
    {
        var written = Text(
            FileContent.CutList,
            FileFormat.Csv,
            Plan(
                new JobFile
                {
                    Covers = [Box with { Name = name }],
                    Cloth = new() { Width = Entry.Typed("54") },
                }
            )
        );
        Assert.Contains($",{cell},", written, StringComparison.Ordinal);
        Assert.Contains(Rows(written), row => row["Cover"].Replace("'", "", StringComparison.Ordinal) == name);
    }

    [Fact]
    public void A_cover_that_cannot_be_drafted_is_named_in_every_file()
    {
        var unfinished = Box with { Name = "Bow cushion", Measures = Said.Of(("width", "20")) };
        var plan = Plan(
            new JobFile
            {
                Covers = [Box, unfinished],
                Cloth = new() { Width = Entry.Typed("54") },
            }
        );
        foreach (var (what, format) in OpenFiles.Offered.Where(pair => pair.As != FileFormat.Zip))
        {
            Assert.Contains("Bow cushion", Text(what, format, plan), StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_lining_is_drawn_also_of_a_cover_whose_own_cloth_is_too_narrow()
    {
        var wide = new CoverDocument
        {
            Name = "Wide ottoman",
            Form = "ottoman",
            Measures = Said.Of(("width", "40"), ("depth", "30"), ("height", "16")),
            Options = Said.Of(("medallion", "8")),
        };
        var plan = Plan(
            new JobFile
            {
                Covers = [wide],
                Cloth = new()
                {
                    Width = Entry.Typed("10"),
                    Others =
                    [
                        new()
                        {
                            Key = "inside",
                            Role = "lining",
                            Width = Entry.Typed("54"),
                        },
                    ],
                },
            }
        );
        Assert.Empty(plan.Covers);
        var codes = LaySheet.Of("", plan.Cloths[1].Cloth, plan.Cloths[1].Yardage, plan.Letters).Parts.Select(part => part.Code).ToList();
        Assert.True(codes.Count > 1 && codes.Skip(1).All(code => code.StartsWith('A')), string.Join(' ', codes));
    }

    [Fact]
    public void Patterns_need_no_lay_and_are_the_same_without()
    {
        var job = JobFile.Read(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", "teasel-saloon.json")));
        var (laid, drafted) = (Plan(job), Plan(job, steps: null));
        Assert.All(drafted.Cloths, cloth => Assert.Null(cloth.Yardage.Lay));
        foreach (
            var (what, format) in ((FileContent, FileFormat)[])
                [(FileContent.Patterns, FileFormat.Svg), (FileContent.Patterns, FileFormat.Dxf), (FileContent.CutList, FileFormat.Csv)]
        )
        {
            Assert.Equal(Text(what, format, laid), Text(what, format, drafted));
        }
    }

    [Fact]
    public void The_zip_holds_a_drawing_of_each_format_for_every_piece()
    {
        var plan = Plan("teasel-ottoman");
        using var archive = new ZipArchive(new MemoryStream(OpenFiles.Write(FileContent.Patterns, FileFormat.Zip, plan)!.Content));
        Assert.Equal(
            plan.Covers.SelectMany(cover => cover.Pieces).SelectMany(coded => new[] { $"{coded.Code}.svg", $"{coded.Code}.dxf" }),
            archive.Entries.Select(entry => entry.FullName)
        );
        Assert.All(archive.Entries, entry => Assert.True(entry.Length > 500));
    }

    [Fact]
    public void Covers_are_lettered_on_beyond_z() =>
        Assert.Equal(
            ["A", "B", "Z", "AA", "AB", "AZ", "BA", "ZZ", "AAA"],
            new[] { 0, 1, 25, 26, 27, 51, 52, 701, 702 }.Select(PieceCodes.Letter)
        );

    private static CoverDocument Box =>
        new()
        {
            Name = "Settee",
            Form = "box-cushion",
            Measures = Said.Of(("width", "20"), ("depth", "18"), ("thickness", "4")),
        };

    private static JobPlan Plan(string name) =>
        Plan(JobFile.Read(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", $"{name}.json"))));

    private static JobPlan Plan(JobFile job, int? steps = Steps) =>
        JobPlan.Of(
            job.Name,
            JobUnits.Read(job.Unit)!.Value,
            new Dictionary<string, string>(),
            [.. job.Covers.Select((cover, place) => new JobPlanCover($"cover-{place}", cover))],
            job.Cloth,
            steps
        );

    private static string Text(FileContent what, FileFormat format, JobPlan plan) =>
        Encoding.UTF8.GetString(OpenFiles.Write(what, format, plan)!.Content).TrimStart('\uFEFF');

    private static List<Dictionary<string, string>> Rows(string csv)
    {
        using var reader = new CsvReader(new StringReader(csv), CultureInfo.InvariantCulture);
        return
        [
            .. reader
                .GetRecords<dynamic>()
                .Select(row => ((IDictionary<string, object>)row).ToDictionary(field => field.Key, field => (string)field.Value)),
        ];
    }

    /// <summary>No two parts lie on each other.</summary>
    private static void AssertApart(Sheet sheet)
    {
        var boxes = sheet.Parts.Select(part => part.Bounds).ToList();
        for (var i = 0; i < boxes.Count; i++)
        {
            for (var j = i + 1; j < boxes.Count; j++)
            {
                Assert.True(
                    boxes[i].Right <= boxes[j].Left
                        || boxes[j].Right <= boxes[i].Left
                        || boxes[i].Top <= boxes[j].Bottom
                        || boxes[j].Top <= boxes[i].Bottom,
                    $"{sheet.Parts[i].Code} lies on {sheet.Parts[j].Code}"
                );
            }
        }
    }

    /// <summary>
    /// The path goes the way of the outline: each step as long and in the same direction, each arc of the same radius and bend.
    /// </summary>
    private static void AssertSame(Core.Geometry.Outline outline, string path, string what)
    {
        var steps = PathSteps()
            .Matches(path)
            .Select(match =>
                (
                    Kind: match.Groups[1].Value[0],
                    Numbers: Numbers().Matches(match.Groups[2].Value).Select(number => Number(number.Value)).ToList()
                )
            )
            .ToList();
        Assert.Equal(('M', 'Z'), (steps[0].Kind, steps[^1].Kind));
        var (x, y) = (steps[0].Numbers[0], steps[0].Numbers[1]);
        var (startX, startY) = (x, y);
        var at = 1;
        foreach (var edge in outline.Edges)
        {
            var isLast = edge == outline.Edges[^1];
            var (toX, toY) = (startX, startY);
            if (edge.Arc is { } arc)
            {
                var n = steps[at++].Numbers;
                Assert.True(n.Count == 7, what);
                var sweep = arc.Sweep(edge.Start, edge.End);
                Assert.InRange(n[0] - (arc.RadiusAt(edge.Start) / 1e6), -Hundredth, Hundredth);
                Assert.Equal((Math.Abs(sweep) > Math.PI ? 1 : 0, sweep > 0 ? 0 : 1), ((int)n[3], (int)n[4]));
                (toX, toY) = (n[5], n[6]);
            }
            else if (!isLast)
            {
                (toX, toY) = (steps[at].Numbers[0], steps[at++].Numbers[1]);
            }

            Assert.InRange(toX - x - (edge.End.X - edge.Start.X).Millimetres, -Hundredth, Hundredth);
            Assert.InRange(y - toY - (edge.End.Y - edge.Start.Y).Millimetres, -Hundredth, Hundredth);
            (x, y) = (toX, toY);
        }

        Assert.Equal(steps.Count - 1, at);
    }

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    [GeneratedRegex("([MLAZ])([^MLAZ]*)")]
    private static partial Regex PathSteps();

    [GeneratedRegex(@"-?\d+\.?\d*")]
    private static partial Regex Numbers();
}
