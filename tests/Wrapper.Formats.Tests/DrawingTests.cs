using System.Globalization;
using CsCheck;
using NetTopologySuite.Algorithm.Distance;
using NetTopologySuite.Geometries;
using Wrapper.Formats.Outlines;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>
/// Drawings held against the true curves: no point more than a twentieth of a millimetre off, whatever it took to draw them.
/// </summary>
public sealed class DrawingTests
{
    private const double Off = 0.0501;

    [Theory]
    [InlineData(300, 200)]
    [InlineData(1800, 600)]
    [InlineData(1200, 60)]
    [InlineData(40, 40)]
    public void An_ellipse_is_an_ellipse(double width, double height)
    {
        var (a, b) = (width / 2, height / 2);
        var svg = Read(
            FormattableString.Invariant(
                $"""<svg width="2000mm" viewBox="0 0 2000 2000"><ellipse cx="1000" cy="900" rx="{a}" ry="{b}"/></svg>"""
            )
        );
        HoldsTo(svg, t => (a + (a * Math.Cos(t * 2 * Math.PI)), b + (b * Math.Sin(t * 2 * Math.PI))));
        var path = Read(
            FormattableString.Invariant(
                $"""
                <svg width="2000mm" viewBox="0 0 2000 2000">
                  <path d="M 10 500 A {a} {b} 0 0 0 {10 + width} 500 A {a} {b} 0 1 0 10 500 Z"/>
                </svg>
                """
            )
        );
        HoldsTo(path, t => (a + (a * Math.Cos(t * 2 * Math.PI)), b + (b * Math.Sin(t * 2 * Math.PI))));
        var dxf = Read(
            Dxf(
                4,
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"0\nELLIPSE\n10\n70\n20\n80\n11\n{a}\n21\n0\n40\n{b / a}\n41\n0\n42\n{2 * Math.PI}\n"
                )
            )
        );
        HoldsTo(dxf, t => (a + (a * Math.Cos(t * 2 * Math.PI)), b + (b * Math.Sin(t * 2 * Math.PI))));
    }

    [Theory]
    [InlineData(1)]
    [InlineData(12)]
    public void A_cubic_curve_keeps_to_itself(double size)
    {
        (double X, double Y)[] c = [(0, 0), (100 * size, -40 * size), (-30 * size, 60 * size), (100 * size, 100 * size)];
        var outline = Read(
            FormattableString.Invariant(
                $"""<svg width="{size}mm" viewBox="0 0 1 1"><path d="M 0 0 C 100 -40 -30 60 100 100 L 0 100 Z"/></svg>"""
            )
        );
        (double X, double Y) At(double t)
        {
            var s = 1 - t;
            return (
                (3 * s * s * t * c[1].X) + (3 * s * t * t * c[2].X) + (t * t * t * c[3].X),
                (3 * s * s * t * c[1].Y) + (3 * s * t * t * c[2].Y) + (t * t * t * c[3].Y)
            );
        }

        var ring = Flat(outline);
        var shift = ring.EnvelopeInternal.MinX - Math.Min(0, Enumerable.Range(0, 4000).Min(i => At(i / 4000.0).X));
        for (var i = 0; i <= 200; i++)
        {
            // The drawing's y runs down, the outline's up; both begin at the least corner.
            var (x, y) = At(i / 200.0);
            var away = DistanceOp(ring, new(x + shift, (100 * size) - y));
            Assert.True(away <= Off + 0.01, $"{away} mm at {i}");
        }
    }

    [Theory]
    [InlineData("10\n1\n42\n1", 100, 60)]
    [InlineData("41\n2\n42\n2", 200, 120)]
    [InlineData("41\n3\n42\n1", 300, 60)]
    [InlineData("41\n-1\n42\n1", 100, 60)]
    [InlineData("50\n90", 60, 100)]
    [InlineData("41\n2\n42\n2\n50\n90", 120, 200)]
    public void A_block_comes_in_as_it_is_placed(string placed, double width, double height)
    {
        var block =
            "0\nBLOCK\n2\nSEAT\n10\n5\n20\n5\n0\nLWPOLYLINE\n70\n1\n10\n0\n20\n0\n10\n100\n20\n0\n10\n"
            + "100\n20\n60\n10\n0\n20\n60\n0\nENDBLK\n";
        var outline = Read(Dxf(4, $"0\nINSERT\n2\nSEAT\n20\n0\n{placed}\n", block));
        Assert.Equal((width, height), Size(outline));
    }

    [Fact]
    public void Placements_are_followed_into_one_another_with_scale_turn_and_mirror()
    {
        var blocks =
            "0\nBLOCK\n2\nINNER\n10\n0\n20\n0\n0\nCIRCLE\n10\n0\n20\n0\n40\n10\n0\nENDBLK\n0\nBLOCK\n2\nOUTER\n10\n0\n20\n0\n0\n"
            + "INSERT\n2\nINNER\n10\n7\n20\n0\n41\n2\n42\n2\n50\n30\n0\nENDBLK\n";
        Assert.Equal((40.0, 40.0), Size(Read(Dxf(4, "0\nINSERT\n2\nOUTER\n10\n0\n20\n0\n", blocks))));
        // a circle stretched one way is an ellipse
        Assert.Equal((120.0, 40.0), Size(Read(Dxf(4, "0\nINSERT\n2\nOUTER\n10\n0\n20\n0\n41\n3\n42\n1\n", blocks))));
        var behind = Read(Dxf(4, "0\nLWPOLYLINE\n70\n1\n230\n-1\n10\n0\n20\n0\n10\n100\n20\n0\n10\n0\n20\n50\n"));
        Assert.Contains(behind.Corners, corner => corner is { X: 100, Y: 50 }); // its mirror image
        Assert.Contains(
            "inside itself",
            Drawings.Read(Dxf(4, "0\nINSERT\n2\nA\n", "0\nBLOCK\n2\nA\n0\nINSERT\n2\nA\n0\nENDBLK\n")).Problem,
            StringComparison.Ordinal
        );
        Assert.Contains("“GONE”", Drawings.Read(Dxf(4, "0\nINSERT\n2\nGONE\n")).Problem, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""<use href="#seat" transform="scale(2)"/>""", 200, 100)]
    [InlineData("""<use xlink:href="#seat" x="40" y="10"/>""", 100, 50)]
    [InlineData("""<g transform="rotate(90)"><use href="#seat" transform="scale(3 1)"/></g>""", 50, 300)]
    [InlineData("""<use href="#group"/>""", 150, 75)]
    [InlineData("""<use href="#sign" width="80" height="40"/>""", 80, 40)]
    [InlineData("""<use href="#sign" width="80" height="80"/>""", 80, 40)]
    [InlineData("""<svg x="10" y="10" width="400" height="200" viewBox="0 0 100 50"><rect width="100" height="50"/></svg>""", 400, 200)]
    [InlineData("""<rect width="1in" height="12.7mm"/>""", 96, 48)]
    public void What_is_used_again_comes_in_as_it_is_placed(string used, double width, double height)
    {
        var svg = $"""
            <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"
                 width="1000mm" height="1000mm" viewBox="0 0 1000 1000">
              <defs>
                <rect id="seat" width="100" height="50"/>
                <g id="group" transform="scale(1.5)"><use href="#seat"/></g>
                <symbol id="sign" viewBox="0 0 10 5"><rect width="10" height="5"/></symbol>
              </defs>
              {used}
            </svg>
            """;
        Assert.Equal((width, height), Size(Read(svg)));
    }

    [Fact]
    public void Rounded_corners_of_a_rectangle_are_rounded()
    {
        var outline = Read("""<svg width="200mm" viewBox="0 0 200 200"><rect width="120" height="80" rx="20"/></svg>""");
        Assert.Equal((120.0, 80.0), Size(outline));
        Assert.Equal((120 * 80) - ((4 - Math.PI) * 400), Flat(outline).Area, 3.0);
    }

    [Fact]
    public void A_spline_is_the_curve_it_draws()
    {
        // A quarter circle, exactly, as a spline with weights; closed by two straights.
        var root = Math.Sqrt(0.5).ToString(CultureInfo.InvariantCulture);
        var quarter =
            $"0\nSPLINE\n70\n8\n71\n2\n40\n0\n40\n0\n40\n0\n40\n1\n40\n1\n40\n1\n41\n1\n41\n{root}\n41\n1\n"
            + "10\n300\n20\n0\n10\n300\n20\n300\n10\n0\n20\n300\n";
        var outline = Read(Dxf(4, quarter + "0\nLINE\n10\n0\n20\n300\n11\n0\n21\n0\n0\nLINE\n10\n0\n20\n0\n11\n300\n21\n0\n"));
        Assert.Equal((300.0, 300.0), Size(outline));
        Assert.Equal(Math.PI * 300 * 300 / 4, Flat(outline).Area, 25.0);
        var ring = Flat(outline);
        Assert.All(Enumerable.Range(0, 91), degree =>
            Assert.True(
                DistanceOp(ring, new(300 * Math.Cos(degree * Math.PI / 180), 300 * Math.Sin(degree * Math.PI / 180))) <= Off + 0.005
            )
        );

        // Fit points alone draw nothing that is agreed on.
        Assert.Contains(
            "SPLINE",
            Drawings.Read(Dxf(4, "0\nSPLINE\n70\n8\n71\n3\n11\n0\n21\n0\n11\n5\n21\n5\n")).Problem,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_spline_of_control_points_held_against_another_way_to_reckon_it() =>
        Gen.Select(Gen.Double[-200, 900], Gen.Double[-200, 900])
            .Array[7]
            .ForMany(
                points =>
                {
                    // Cubic, clamped: reckoned from its basis functions, which the reader does not use.
                    double[] knots = [0, 0, 0, 0, 1, 2.5, 3, 4, 4, 4, 4];
                    double Basis(int i, int degree, double u) =>
                        degree == 0
                            ? (knots[i] <= u && u < knots[i + 1]) || (u == 4 && knots[i + 1] == 4 && knots[i] < 4)
                                ? 1
                                : 0
                            : (knots[i + degree] > knots[i] ? (u - knots[i]) / (knots[i + degree] - knots[i]) * Basis(i, degree - 1, u) : 0)
                                + (
                                    knots[i + degree + 1] > knots[i + 1]
                                        ? (knots[i + degree + 1] - u) / (knots[i + degree + 1] - knots[i + 1]) * Basis(i + 1, degree - 1, u)
                                        : 0
                                );
                    var spline =
                        string.Concat(knots.Select(knot => string.Create(CultureInfo.InvariantCulture, $"40\n{knot}\n")))
                        + string.Concat(
                            points.Select(point => string.Create(CultureInfo.InvariantCulture, $"10\n{point.Item1}\n20\n{point.Item2}\n"))
                        );
                    var read = Drawings.Read(
                        Dxf(
                            4,
                            $"0\nSPLINE\n70\n8\n71\n3\n{spline}"
                                + string.Create(
                                    CultureInfo.InvariantCulture,
                                    $"0\nLINE\n10\n{points[^1].Item1}\n20\n{points[^1].Item2}\n11\n"
                                        + $"{points[0].Item1}\n21\n{points[0].Item2}\n"
                                )
                        )
                    );
                    if (read.Problem is not null)
                    {
                        return; // it encloses nothing, or more corners than can be sewn
                    }

                    (double X, double Y) At(double u) =>
                        (
                            Enumerable.Range(0, 7).Sum(i => Basis(i, 3, u) * points[i].Item1),
                            Enumerable.Range(0, 7).Sum(i => Basis(i, 3, u) * points[i].Item2)
                        );
                    var all = Enumerable.Range(0, 2001).Select(i => At(i * 4 / 2000.0)).ToList();
                    var line = Line(read);
                    var box = line.EnvelopeInternal; // the outline begins at its least corner, and a curve may bulge beyond that
                    var (left, bottom) = (all.Min(point => point.X) - box.MinX, all.Min(point => point.Y) - box.MinY);
                    Assert.All(all.Where((_, i) => i % 40 == 0), point =>
                        Assert.True(
                            DistanceOp(line, new(point.X - left, point.Y - bottom)) <= 0.12,
                            $"{DistanceOp(line, new(point.X - left, point.Y - bottom))}"
                        )
                    );
                },
                iter: 60
            );

    [Theory]
    [InlineData("0\nHATCH\n", "HATCH")]
    [InlineData("0\nREGION\n", "REGION")]
    [InlineData("0\n3DSOLID\n", "3DSOLID")]
    [InlineData("0\nMLINE\n", "MLINE")]
    public void What_is_not_read_is_refused_by_its_name(string entity, string name) =>
        Assert.Contains(name, Drawings.Read(Dxf(4, "0\nCIRCLE\n10\n0\n20\n0\n40\n50\n" + entity)).Problem, StringComparison.Ordinal);

    [Theory]
    [InlineData("<foreignObject/>", "foreignObject")]
    [InlineData("<use href='#gone'/>", "#gone")]
    [InlineData("<rect width='50%' height='10'/>", "%")]
    [InlineData("<blob/>", "blob")]
    public void What_an_svg_holds_beside_lines_is_refused_by_its_name(string element, string name) =>
        Assert.Contains(
            name,
            Drawings
                .Read($"<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'><circle r='30'/>{element}</svg>")
                .Problem,
            StringComparison.Ordinal
        );

    [Fact]
    public void Writing_and_loose_lines_are_told_and_left_out()
    {
        var svg = Read(
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'><circle "
                + "r='30'/><text>seat</text><line x1='0' y1='0' x2='5' y2='9'/></svg>"
        );
        Assert.Contains(svg.Notes, note => note.Contains("text", StringComparison.Ordinal));
        Assert.Contains(svg.Notes, note => note.Contains("loose ends", StringComparison.Ordinal));
        var dxf = Read(Dxf(4, "0\nTEXT\n1\nseat\n0\nCIRCLE\n10\n0\n20\n0\n40\n50\n0\nDIMENSION\n"));
        Assert.Contains(dxf.Notes, note => note.Contains("DIMENSION, TEXT", StringComparison.Ordinal));
    }

    [Fact]
    public void Lines_of_a_drawing_that_meet_end_to_end_are_an_outline() =>
        Assert.Equal(
            (80.0, 60.0),
            Size(
                Read(
                    "<svg width='100mm' viewBox='0 0 100 100'><line x1='0' y1='0' x2='80' y2='0'/><polyline "
                        + "points='0,0 0,60 80,60'/><path d='M80 60 V0'/></svg>"
                )
            )
        );

    private static ImportedOutline Read(string text)
    {
        var outline = Drawings.Read(text);
        Assert.True(outline.Problem is null, outline.Problem);
        return outline;
    }

    private static (double Width, double Height) Size(ImportedOutline outline)
    {
        var box = Flat(outline).EnvelopeInternal;
        return (Math.Round(box.Width, 1), Math.Round(box.Height, 1));
    }

    /// <summary>Every point of a closed curve lies on the outline, and every corner of the outline on the curve.</summary>
    private static void HoldsTo(ImportedOutline outline, Func<double, (double X, double Y)> curve)
    {
        var ring = Flat(outline);
        for (var i = 0; i < 720; i++)
        {
            var (x, y) = curve(i / 720.0);
            Assert.True(DistanceOp(ring, new(x, y)) <= Off + 0.005, $"{DistanceOp(ring, new(x, y))} mm off at {i / 2.0}°");
        }

        var drawn = new LineString([
            .. Enumerable.Range(0, 20_001).Select(i => curve(i / 20_000.0)).Select(point => new Coordinate(point.X, point.Y)),
        ]);
        Assert.All(ring.ExteriorRing.Coordinates, corner => Assert.True(DistanceOp(drawn, corner) <= Off + 0.005));
    }

    private static double DistanceOp(Geometry geometry, Coordinate point)
    {
        var nearest = new PointPairDistance();
        DistanceToPoint.ComputeDistance(geometry is Polygon polygon ? polygon.ExteriorRing : geometry, point, nearest);
        return nearest.Distance;
    }

    private static Polygon Flat(ImportedOutline outline) => new(new LinearRing([.. Points(outline), Points(outline)[0]]));

    private static LineString Line(ImportedOutline outline) => new([.. Points(outline), Points(outline)[0]]);

    /// <summary>The outline in very short straights, by a reckoning of its own.</summary>
    private static List<Coordinate> Points(ImportedOutline outline)
    {
        var points = new List<Coordinate>();
        for (var i = 0; i < outline.Corners.Count; i++)
        {
            var (from, to) = (outline.Corners[i], outline.Corners[(i + 1) % outline.Corners.Count]);
            points.Add(new(from.X, from.Y));
            if (from.Rise == 0)
            {
                continue;
            }

            var (dx, dy) = (to.X - from.X, to.Y - from.Y);
            var chord = double.Hypot(dx, dy);
            var radius = ((chord * chord / 4) + (from.Rise * from.Rise)) / (2 * from.Rise);
            var (nx, ny) = (dy / chord, -dx / chord);
            var (cx, cy) = (((from.X + to.X) / 2) + ((from.Rise - radius) * nx), ((from.Y + to.Y) / 2) + ((from.Rise - radius) * ny));
            var (start, end) = (Math.Atan2(from.Y - cy, from.X - cx), Math.Atan2(to.Y - cy, to.X - cx));
            var sweep = end - start;
            sweep +=
                from.Rise > 0 && sweep < 0 ? 2 * Math.PI
                : from.Rise < 0 && sweep > 0 ? -2 * Math.PI
                : 0;
            for (var k = 1; k < 60; k++)
            {
                points.Add(
                    new(
                        cx + (Math.Abs(radius) * Math.Cos(start + (sweep * k / 60))),
                        cy + (Math.Abs(radius) * Math.Sin(start + (sweep * k / 60)))
                    )
                );
            }
        }

        return points;
    }

    private static string Dxf(int units, string entities, string blocks = "") =>
        $"0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n{units}\n0\nENDSEC\n"
        + $"{(blocks.Length > 0 ? $"0\nSECTION\n2\nBLOCKS\n{blocks}0\nENDSEC\n" : "")}0\nSECTION\n"
        + $"2\nENTITIES\n{entities}0\nENDSEC\n0\nEOF\n";
}
