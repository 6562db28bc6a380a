using System.Globalization;
using System.Text.RegularExpressions;
using System.Xml;

namespace Wrapper.Formats.Outlines;

/// <summary>Closed lines out of an SVG drawing: paths, polygons, rectangles, circles and ellipses, with the transforms they stand under.</summary>
internal static class SvgOutlines
{
    private const int MostElements = 100_000;

    public static ImportedOutline Read(string text)
    {
        var notes = new List<string>();
        try
        {
            return OutlineFile.Largest(Lines(text, notes), notes);
        }
        catch (XmlException error)
        {
            return ImportedOutline.Refused($"The SVG breaks off or is broken at line {error.LineNumber}: save it again.");
        }
        catch (Exception error) when (error is FormatException or RegexMatchTimeoutException)
        {
            return ImportedOutline.Refused("A path of this SVG cannot be read, or it holds far more than an outline: save the outline alone as plain SVG and try again.");
        }
    }

    private static List<ClosedLine> Lines(string text, List<string> notes)
    {
        var (lines, stack, elements) = (new List<ClosedLine>(), new Stack<Affine>(), 0);
        stack.Push(Affine.Identity);
        using var reader = XmlReader.Create(new StringReader(text), new() { DtdProcessing = DtdProcessing.Ignore, XmlResolver = null, MaxCharactersFromEntities = 1024 });
        while (reader.Read())
        {
            if (reader.NodeType == XmlNodeType.EndElement)
            {
                stack.Pop();
            }

            if (reader.NodeType != XmlNodeType.Element)
            {
                continue;
            }

            if (++elements > MostElements)
            {
                throw new FormatException("too many elements");
            }

            var place = stack.Peek().Over(reader.LocalName == "svg" && stack.Count == 1 ? Page(reader, notes) : Affine.Read(reader.GetAttribute("transform")));
            foreach (var ring in SvgPath.Rings(Path(reader)))
            {
                lines.Add(new(ring.Placed(place)));
            }

            if (!reader.IsEmptyElement)
            {
                stack.Push(place);
            }
        }

        return lines;
    }

    /// <summary>User units to millimetres, y turned upwards.</summary>
    private static Affine Page(XmlReader svg, List<string> notes)
    {
        var box = Affine.Number().Matches(svg.GetAttribute("viewBox") ?? "").Select(match => double.Parse(match.Value, CultureInfo.InvariantCulture)).ToArray();
        var width = svg.GetAttribute("width")?.Trim() ?? "";
        var figure = Affine.Number().Match(width);
        var unit = figure.Success ? width[(figure.Index + figure.Length)..].Trim() : "";
        double? millimetres = unit switch { "mm" => 1, "cm" => 10, "in" => 25.4, "pt" => 25.4 / 72, "pc" => 25.4 / 6, _ => null };
        if (millimetres is null)
        {
            notes.Add("The drawing names no size in mm, cm or inches: 96 of its units were taken for an inch. Check one measure.");
        }

        var scale = millimetres is { } each
            ? box.Length == 4 && box[2] > 0 && figure.Success ? double.Parse(figure.Value, CultureInfo.InvariantCulture) * each / box[2] : each
            : 25.4 / 96;
        return new(scale, 0, 0, -scale, 0, 0);
    }

    /// <summary>A shape as the path that draws it; empty for what draws none.</summary>
    private static string Path(XmlReader shape)
    {
        double N(string name) => double.TryParse(Affine.Number().Match(shape.GetAttribute(name) ?? "").Value, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) ? number : 0;
        return shape.LocalName switch
        {
            "path" => shape.GetAttribute("d") ?? "",
            "polygon" => $"M {shape.GetAttribute("points")} Z",
            "rect" when N("width") > 0 && N("height") > 0 => Text($"M {N("x")} {N("y")} h {N("width")} v {N("height")} h {-N("width")} Z"),
            "circle" when N("r") > 0 => Ellipse(N("cx"), N("cy"), N("r"), N("r")),
            "ellipse" when N("rx") > 0 && N("ry") > 0 => Ellipse(N("cx"), N("cy"), N("rx"), N("ry")),
            _ => "",
        };
    }

    private static string Ellipse(double x, double y, double rx, double ry) =>
        Text($"M {x - rx} {y} A {rx} {ry} 0 0 0 {x + rx} {y} A {rx} {ry} 0 0 0 {x - rx} {y} Z");

    private static string Text(FormattableString text) => FormattableString.Invariant(text);
}
