using System.Text;
using Wrapper.Formats.Outlines;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>
/// Drawings that were made to keep a reader busy. Each is near the size that is taken and is answered all the same: the deadline
/// of a test is far above what a reader takes that looks at every letter once, and far below what one takes that does not.
/// </summary>
public sealed class HostileDrawingsTests
{
    private const int Deadline = 60_000;

    private static string Svg(string inside) =>
        $"""<svg xmlns="http://www.w3.org/2000/svg" width="400mm" viewBox="0 0 400 400">{inside}</svg>""";

    private static string Many(int count, Func<int, string> each) => string.Concat(Enumerable.Range(0, count).Select(each));

    public static TheoryData<string> Kinds => [.. All.Keys];

    private static Dictionary<string, Func<string>> All { get; } =
        new()
        {
            ["a transform of one word"] = () => Svg($"""<g transform="{new string('a', 4_000_000)}"><rect width="5" height="5"/></g>"""),
            ["a transform of many turns"] = () =>
                Svg($"""<g transform="{Many(200_000, _ => "rotate(1)")}"><rect width="5" height="5"/></g>"""),
            ["a transform used again and again"] = () =>
                Svg(
                    $"""<defs><rect id="a" width="5" height="5" transform="{Many(20_000, _ => "rotate(1)")}"/></defs>"""
                        + Many(50_000, _ => "<use href=\"#a\"/>")
                ),
            ["a path used again and again"] = () =>
                Svg(
                    $"""<defs><path id="a" d="M 0 0 {Many(100_000, i => $"L {i} 1 ")}"/></defs>{Many(50_000, _ => "<use href=\"#a\"/>")}"""
                ),
            ["a path that draws nothing, used again and again"] = () =>
                Svg($"""<defs><path id="a" d="{Many(400_000, _ => "M 1 1 ")}"/></defs>{Many(50_000, _ => "<use href=\"#a\"/>")}"""),
            ["a long path"] = () => Svg($"""<path d="M 0 0 {Many(400_000, i => $"L {i % 400} {i % 300} ")} Z"/>"""),
            ["an arc of one long number"] = () => Svg($"""<path d="M 0 0 A {new string('1', 3_000_000)}"/>"""),
            ["an arc of many points"] = () => Svg($"""<path d="M 0 0 A {new string('.', 3_000_000)}"/>"""),
            ["curves that never become smooth"] = () => Svg($"""<path d="M 0 0 {Many(90_000, i => $"C 1e8 {i} -1e8 {i} 0 {i} ")} Z"/>"""),
            ["groups in groups"] = () => Svg(Many(100_000, _ => "<g>") + Many(100_000, _ => "</g>")),
            ["a million elements"] = () => Svg(Many(1_000_000, _ => "<a/>")),
            ["a million attributes"] = () => Svg($"<g {Many(400_000, i => $"a{i}=\"\" ")}/>"),
            ["many corners in one line"] = () => Svg($"""<polygon points="{Many(99_000, i => $"{i},0 ")} 0,9"/>"""),
            ["a name of a million letters"] = () => Svg($"<use href=\"#{new string('a', 3_000_000)}\"/>"),
            ["an element of a million letters"] = () => Svg($"<{new string('a', 3_000_000)}/>"),
            ["loose lines"] = () => Dxf(Many(50_000, i => $"0\nLINE\n10\n{i * 7 % 1000}\n20\n{i}\n11\n{i * 3 % 1000}\n21\n{i + 1}\n")),
            ["loose lines from one place"] = () => Dxf(Many(19_000, i => $"0\nLINE\n10\n0\n20\n0\n11\n{i}\n21\n5\n")),
            ["loose lines almost from one place"] = () =>
                Dxf(Many(19_000, i => $"0\nLINE\n10\n{(i % 2) * 0.051}\n20\n{i % 3 * 0.051}\n11\n{i}\n21\n5\n")),
            ["blocks in blocks"] = () => Blocks(18),
            ["a long spline"] = () =>
                Dxf(
                    "0\nSPLINE\n70\n0\n71\n11\n"
                        + $"{Many(90_012, i => $"40\n{i}\n")}{Many(90_000, i => $"10\n{i * 37 % 1000}\n20\n{i * 91 % 1000}\n")}"
                ),
            ["a kind of a million letters"] = () => Dxf($"0\n{new string('A', 3_000_000)}\n"),
            ["a polyline of a million corners"] = () => Dxf($"0\nLWPOLYLINE\n70\n1\n{Many(300_000, i => $"10\n{i}\n20\n{i % 7}\n")}"),
        };

    private static string Dxf(string entities) => $"0\nSECTION\n2\nENTITIES\n{entities}0\nENDSEC\n0\nEOF\n";

    /// <summary>Every block places the next one ten times.</summary>
    private static string Blocks(int deep)
    {
        var text = new StringBuilder("0\nSECTION\n2\nBLOCKS\n");
        for (var i = 0; i < deep; i++)
        {
            text.Append(
                System.Globalization.CultureInfo.InvariantCulture,
                $"0\nBLOCK\n2\nB{i}\n{Many(10, _ => $"0\nINSERT\n2\nB{i + 1}\n")}0\nENDBLK\n"
            );
        }

        return text.Append(
                System.Globalization.CultureInfo.InvariantCulture,
                $"0\nBLOCK\n2\nB{deep}\n0\nLINE\n10\n0\n20\n0\n11\n5\n21\n5\n0\nENDBLK\n0\nENDSEC\n0\nSECTION\n2\n"
                    + $"ENTITIES\n0\nINSERT\n2\nB0\n0\nENDSEC\n0\nEOF\n"
            )
            .ToString();
    }

    [Theory(Timeout = Deadline)]
    [MemberData(nameof(Kinds))]
    public async Task What_keeps_a_reader_busy_is_told(string kind)
    {
        var drawing = All[kind]();
        Assert.True(drawing.Length <= OutlineFile.MostBytes, $"{drawing.Length}");
        var before = GC.GetTotalAllocatedBytes();
        var outline = await Task.Run(() => Drawings.Read(drawing), TestContext.Current.CancellationToken);
        Assert.True(outline.Problem is { Length: < 300 } || outline.Corners.Count is > 0 and <= OutlineFile.MostCorners, outline.Problem);
        Assert.InRange(GC.GetTotalAllocatedBytes() - before, 0, 1_500_000_000L);
    }

    [Fact]
    public void Who_has_gone_is_not_read_for()
    {
        using var left = new CancellationTokenSource();
        left.Cancel();
        Assert.ThrowsAny<OperationCanceledException>(() => OutlineFile.Read(All["a long path"](), left.Token));
    }

    [Theory]
    [InlineData("1e308")]
    [InlineData("1e999")]
    [InlineData("-9999999999999")]
    public void A_number_that_is_no_length_is_told(string number)
    {
        Assert.Contains(
            "no length",
            Drawings.Read(Svg($"""<path d="M 0 0 A {number} 5 0 0 1 9 9 Z"/>""")).Problem,
            StringComparison.Ordinal
        );
        Assert.Contains("no length", Drawings.Read(Svg($"""<rect width="{number}" height="5"/>""")).Problem, StringComparison.Ordinal);
        Assert.Contains("no length", Drawings.Read(Dxf($"0\nLWPOLYLINE\n70\n{number}\n10\n0\n20\n0\n")).Problem, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("M0 0L100-55.5.5e2.25Z", "M 0 0 L 100 -55.5 L 50 0.25 Z")]
    [InlineData("M0,0A50,60,0,1,0,100,0Z", "M 0 0 A 50 60 0 1 0 100 0 Z")]
    [InlineData("M0 0a50 60 0 10100 0z", "M 0 0 a 50 60 0 1 0 100 0 z")]
    public void Numbers_need_no_space_between_them(string close, string apart)
    {
        string Read(string data) => Drawings.Read(Svg($"""<path d="{data}"/>""")).Text;
        Assert.NotEmpty(Read(apart));
        Assert.Equal(Read(apart), Read(close));
    }

    /// <summary>Building a tree takes the square of how deep it goes: groups one in another are told before one is built.</summary>
    [Theory(Timeout = 60_000)]
    [InlineData(257)]
    [InlineData(32_000)]
    [InlineData(99_000)]
    public async Task Groups_one_in_another_are_told_whatever_their_number(int levels)
    {
        var text =
            "<svg xmlns=\"http://www.w3.org/2000/svg\">"
            + string.Concat(Enumerable.Repeat("<g>", levels))
            + string.Concat(Enumerable.Repeat("</g>", levels))
            + "</svg>";
        var outline = await Task.Run(
                () => OutlineFile.Read(text, TestContext.Current.CancellationToken),
                TestContext.Current.CancellationToken
            )
            .WaitAsync(TestContext.Current.CancellationToken);
        Assert.Contains("far more than an outline", outline.Problem, StringComparison.Ordinal);
    }

    [Fact]
    public void A_drawing_whose_sender_has_gone_is_not_read_on()
    {
        using var gone = new CancellationTokenSource();
        gone.Cancel();
        var text = $"<svg xmlns=\"http://www.w3.org/2000/svg\">{string.Concat(Enumerable.Repeat("<g/>", 90_000))}</svg>";
        Assert.Throws<OperationCanceledException>(() => OutlineFile.Read(text, gone.Token));
    }
}
