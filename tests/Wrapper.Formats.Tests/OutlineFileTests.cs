using CsCheck;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Wrapper.Formats.Outlines;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>Outlines out of drawings: the right size, the right way round, and rubbish told.</summary>
public sealed class OutlineFileTests
{
    [Theory]
    [InlineData(
        """
            <svg xmlns="http://www.w3.org/2000/svg" width="400mm" height="300mm" viewBox="0 0 400 300"><path d="M0,0 H400 V300 H0 Z"/></svg>
            """,
        400,
        300
    )]
    [InlineData("""<svg width="40cm" viewBox="0 0 100 75"><rect x="0" y="0" width="100" height="75"/></svg>""", 400, 300)]
    [InlineData(
        """<svg width="10in" viewBox="0 0 10 10"><g transform="scale(2)"><polygon points="0,0 2,0 2,1 0,1"/></g></svg>""",
        101.6,
        50.8
    )]
    [InlineData(
        """<svg width="100mm" viewBox="0 0 100 100"><g transform="rotate(90)"><path d="m 10 10 l 40 0 0 20 -40 0 z"/></g></svg>""",
        20,
        40
    )]
    [InlineData("""<svg width="100mm" viewBox="0 0 100 100"><circle cx="50" cy="50" r="30"/><rect width="5" height="5"/></svg>""", 60, 60)]
    public void An_svg_is_read_at_its_size(string svg, double width, double height)
    {
        var outline = Drawings.Read(svg);
        Assert.Null(outline.Problem);
        var plate = Plate(outline);
        Assert.Equal(width, plate.Width.Millimetres, 0.02);
        Assert.Equal(height, plate.Height.Millimetres, 0.02);
    }

    [Fact]
    public void An_arc_of_a_path_keeps_its_radius_and_its_bulge()
    {
        var outline = Drawings.Read(
            """<svg width="200mm" viewBox="0 0 200 200"><path d="M0 100 A50 50 0 0 1 100 100 L100 150 L0 150 Z"/></svg>"""
        );
        Assert.Equal(100, Plate(outline).Height.Millimetres, 0.02);
        Assert.Equal((100 * 50) + (Math.PI * 50 * 50 / 2), Drafted(outline).Area, 1.0);
        var curve = Drawings.Read(
            """
            <svg width="200mm" viewBox="0 0 200 200">
              <path d="M0 100 C0 72.386 22.386 50 50 50 S100 72.386 100 100 L100 150 L0 150 Z"/>
            </svg>
            """
        );
        Assert.Equal((100 * 50) + (Math.PI * 50 * 50 / 2), Drafted(curve).Area, 4.0);
    }

    [Fact]
    public void A_dxf_is_read_with_its_unit_its_bulges_and_its_loose_ends()
    {
        var polyline = Dxf(1, "0\nLWPOLYLINE\n90\n4\n70\n1\n10\n0\n20\n0\n10\n10\n20\n0\n42\n0.5\n10\n10\n20\n8\n10\n0\n20\n8\n");
        var outline = Drawings.Read(polyline);
        Assert.Equal(8 * 25.4, Plate(outline).Height.Millimetres, 0.01);
        Assert.Equal(12 * 25.4, Plate(outline).Width.Millimetres, 0.01); // a bulge of ½ over 8 in rises 2 in
        Assert.Empty(outline.Notes);

        var circle = Drawings.Read(Dxf(4, "0\nCIRCLE\n10\n50\n20\n50\n40\n30\n"));
        Assert.Equal(60, Plate(circle).Width.Millimetres, 0.01);

        var loose = Drawings.Read(
            Dxf(
                0,
                "0\nLINE\n10\n0\n20\n0\n11\n100\n21\n0\n0\nLINE\n10\n0\n20\n60\n11\n0\n21\n0\n0\nLINE\n10\n0\n20\n60\n11\n"
                    + "100\n21\n60\n0\nARC\n10\n100\n20\n30\n40\n30\n50\n270\n51\n90\n"
            )
        );
        Assert.Equal(130, Plate(loose).Width.Millimetres, 0.01);
        Assert.Contains(loose.Notes, note => note.Contains("millimetres", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("")]
    [InlineData("hello")]
    [InlineData("<svg")]
    [InlineData("<svg><path d='M 0 0 L'/></svg>")]
    [InlineData("<svg><path d='M 0 0 L 5 5'/></svg>")]
    [InlineData("<!DOCTYPE svg [<!ENTITY a SYSTEM \"file:///etc/passwd\">]><svg>&a;</svg>")]
    [InlineData("0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n70\n1\n10\nNaN\n20\nx\n0\nEOF\n")]
    [InlineData("0\nLINE\n10\n0\n20\n0\n11\n5\n21\n5\n0\nEOF")]
    public void Rubbish_is_told_in_a_sentence(string text)
    {
        var outline = Drawings.Read(text);
        Assert.NotNull(outline.Problem);
        Assert.EndsWith(".", outline.Problem, StringComparison.Ordinal);
        Assert.Empty(outline.Corners);
    }

    [Fact]
    public void Whatever_stands_in_a_file_gives_an_outline_or_a_problem() =>
        Gen.Select(
                Gen.Int[0, 2].Select(at => Heads[at]),
                Gen.String[Gen.Char["MLHVCSQTAZmlhvcsqtaz0123456789 .,-+e\n"], 0, 120],
                Gen.Int[0, 2].Select(at => Tails[at])
            )
            .ForMany(
                (head, body, tail) =>
                {
                    var outline = Drawings.Read(head + body + tail);
                    Assert.True(outline.Problem is null ? outline.Corners.Count >= 2 : outline.Corners.Count == 0);
                }
            );

    [Fact]
    public void Rectangles_turned_and_moved_in_any_way_come_out_counter_clockwise_at_their_size() =>
        Gen.Select(Gen.Double[20, 900], Gen.Double[20, 900], Gen.Double[-500, 500], Gen.Double[-500, 500], Gen.Bool)
            .ForMany(
                (width, height, x, y, clockwise) =>
                {
                    var corners = new[] { (x, y), (x + width, y), (x + width, y + height), (x, y + height) };
                    var points = string.Join(
                        ' ',
                        (clockwise ? corners.Reverse() : corners).Select(corner =>
                            FormattableString.Invariant($"{corner.Item1:0.####},{corner.Item2:0.####}")
                        )
                    );
                    var outline = Drawings.Read($"<svg width='1000mm' viewBox='0 0 1000 1000'><polygon points='{points}'/></svg>");
                    Assert.Equal(width * height, Drafted(outline).Area, 0.002 * (width + height));
                    Assert.Equal((0, 0), (outline.Corners[0].X, outline.Corners[0].Y));
                }
            );

    private static readonly string[] Heads = ["<svg><path d='", "0\nLWPOLYLINE\n70\n1\n", "<svg><polygon points='"];

    private static readonly string[] Tails = ["'/></svg>", "\n0\nEOF", ""];

    private static string Dxf(int units, string entities) =>
        $"0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n{units}\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n{entities}0\nENDSEC\n0\nEOF\n";

    private static Core.Geometry.Box Plate(ImportedOutline outline) => Drafted(outline).Bounds;

    /// <summary>The outline as a cushion's own: typed as its text, read and drafted.</summary>
    private static Core.Geometry.Outline Drafted(ImportedOutline outline)
    {
        Assert.Null(outline.Problem);
        var points = outline
            .Text.Split("; ")
            .Select(point => point.Split(", ").Select(Entry.Typed).ToArray())
            .Select(parts => new PointInput(parts[0], parts[1], parts.Length > 2 ? parts[2] : null));
        var outcome = Drafter.Draft(
            new()
            {
                Unit = "mm",
                Form = "box-cushion",
                Shape = "outline",
                Measures = new Dictionary<string, Entry> { ["thickness"] = Entry.Number(5) },
                Rules = new Dictionary<string, Entry> { ["seam"] = Entry.Number(2), ["zipTurn"] = Entry.Number(0) },
                Points = [.. points],
            }
        );
        Assert.True(outcome.Draft is not null, string.Join("; ", outcome.Checks.Select(check => check.Text)));
        return outcome.Draft!.Pieces[0].StitchLine;
    }
}
