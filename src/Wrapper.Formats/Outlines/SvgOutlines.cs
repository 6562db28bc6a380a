using System.Xml;
using System.Xml.Linq;

namespace Wrapper.Formats.Outlines;

/// <summary>
/// Lines out of an SVG drawing: paths, lines, polygons, rectangles, circles and ellipses, placed as they are drawn, what is used
/// again under another placement among them. See docs/format.md, "Outlines from drawings".
/// </summary>
internal sealed class SvgOutlines
{
    private const int MostElements = 100_000;

    /// <summary>Nothing that is used again is used inside itself deeper than this.</summary>
    private const int Deepest = 30;

    /// <summary>Elements that hold no line that is seen, or only say how lines look.</summary>
    private static readonly HashSet<string> Unseen =
    [
        "defs",
        "symbol",
        "clipPath",
        "mask",
        "pattern",
        "marker",
        "filter",
        "linearGradient",
        "radialGradient",
        "style",
        "metadata",
        "title",
        "desc",
        "script",
        "namedview",
        "font",
        "view",
        "animate",
        "animateTransform",
        "set",
        "cursor",
    ];

    private static readonly HashSet<string> Writing = ["text", "tspan", "textPath", "image"];

    /// <summary>Nothing is grouped deeper than this.</summary>
    private const int DeepestGroup = 200;

    /// <summary>No element stands deeper than this: what programs draw stays far above it.</summary>
    private const int DeepestElement = 256;

    private readonly Allowance _allowance;
    private readonly Drawing _drawing;
    private readonly Dictionary<string, XElement> _byId = [];
    private int _elements;
    private int _groups;

    private SvgOutlines(Allowance allowance) => (_allowance, _drawing) = (allowance, new(allowance));

    public static ImportedOutline Read(string text, Allowance allowance)
    {
        try
        {
            // Looked at before it is taken in: every element and attribute takes many times its letters.
            if (text.AsSpan().Count('<') > 2 * MostElements || text.AsSpan().Count('=') > 2 * MostElements)
            {
                throw UnreadableDrawingException.FarTooMuch;
            }

            RequireShallow(text, allowance);
            using var reader = XmlReader.Create(new StringReader(text), Settings);
            return new SvgOutlines(allowance).Read(XDocument.Load(reader).Root!);
        }
        catch (XmlException error)
        {
            return ImportedOutline.Refused($"The SVG breaks off or is broken at line {error.LineNumber}: save it again.");
        }
        catch (UnreadableDrawingException error)
        {
            return ImportedOutline.Refused(error.Message);
        }
        catch (FormatException)
        {
            return ImportedOutline.Refused("A path of this SVG cannot be read: save the outline alone as plain SVG and try again.");
        }
    }

    private static XmlReaderSettings Settings =>
        new()
        {
            DtdProcessing = DtdProcessing.Ignore,
            XmlResolver = null,
            MaxCharactersFromEntities = 1024,
        };

    /// <summary>Goes through the text once before a tree is built: building one takes the square of how deep it goes.</summary>
    private static void RequireShallow(string text, Allowance allowance)
    {
        using var reader = XmlReader.Create(new StringReader(text), Settings);
        while (reader.Read())
        {
            allowance.Spend(1);
            if (reader.Depth > DeepestElement)
            {
                throw UnreadableDrawingException.FarTooMuch;
            }
        }
    }

    private ImportedOutline Read(XElement root)
    {
        foreach (var element in root.DescendantsAndSelf())
        {
            if (element.Attribute("id")?.Value is { } id)
            {
                _byId.TryAdd(id, element);
            }
        }

        Inside(root, Page(root).Over(Affine.Read(root.Attribute("transform")?.Value, _allowance)), 0);
        return _drawing.Outline();
    }

    private void Inside(XElement parent, Affine place, int depth)
    {
        if (++_groups > DeepestGroup)
        {
            throw UnreadableDrawingException.FarTooMuch;
        }

        foreach (var element in parent.Elements())
        {
            Take(element, place, depth);
        }

        _groups--;
    }

    private void Take(XElement element, Affine outer, int depth)
    {
        if (++_elements > MostElements)
        {
            throw UnreadableDrawingException.FarTooMuch;
        }

        var name = element.Name.LocalName;
        if (Unseen.Contains(name) || IsHidden(element))
        {
            return;
        }

        var place = outer.Over(Affine.Read(element.Attribute("transform")?.Value, _allowance));
        switch (name)
        {
            case "g" or "a" or "switch":
                Inside(element, place, depth);
                break;
            case "svg":
                Inside(
                    element,
                    place
                        .Over(Affine.Moved(N(element, "x"), N(element, "y")))
                        .Over(Box(element, N(element, "width"), N(element, "height"))),
                    depth
                );
                break;
            case "use":
                Use(element, place, depth);
                break;
            default:
                if (Writing.Contains(name))
                {
                    _drawing.Beside(name);
                    break;
                }

                foreach (var line in LinesOf(element, name))
                {
                    _drawing.Add(line.Placed(place));
                }

                break;
        }
    }

    /// <summary>What is drawn once and used again, under its own placement and that of its use.</summary>
    private void Use(XElement use, Affine place, int depth)
    {
        var link = use.Attributes().FirstOrDefault(attribute => attribute.Name.LocalName == "href")?.Value ?? "";
        if (!link.StartsWith('#') || !_byId.TryGetValue(link[1..], out var used))
        {
            throw new UnreadableDrawingException(
                $"This SVG uses “{UnreadableDrawingException.Shown(link)}”, which is not in it: save "
                    + "the outline alone as plain SVG and try again."
            );
        }

        if (depth >= Deepest)
        {
            throw new UnreadableDrawingException(
                $"This SVG uses “{UnreadableDrawingException.Shown(link)}” inside itself: save the "
                    + "outline alone as plain SVG and try again."
            );
        }

        var moved = place.Over(Affine.Moved(N(use, "x"), N(use, "y")));
        if (used.Name.LocalName is "symbol" or "svg")
        {
            var size = (
                Width: use.Attribute("width") is null ? N(used, "width") : N(use, "width"),
                Height: use.Attribute("height") is null ? N(used, "height") : N(use, "height")
            );
            Inside(
                used,
                moved.Over(Affine.Read(used.Attribute("transform")?.Value, _allowance)).Over(Box(used, size.Width, size.Height)),
                depth + 1
            );
        }
        else
        {
            Take(used, moved, depth + 1);
        }
    }

    private static bool IsHidden(XElement element) =>
        element.Attribute("display")?.Value.Trim() == "none"
        || (
            element.Attribute("style")?.Value.Replace(" ", "", StringComparison.Ordinal).Contains("display:none", StringComparison.Ordinal)
            ?? false
        );

    /// <summary>User units to millimetres, y turned upwards.</summary>
    private Affine Page(XElement svg)
    {
        var (width, height) = (Physical(svg.Attribute("width")?.Value), Physical(svg.Attribute("height")?.Value));
        if (width is null && height is null)
        {
            _drawing.Notes.Add("The drawing names no size in mm, cm or inches: 96 of its units were taken for an inch. Check one measure.");
        }

        const double pixel = 25.4 / 96;
        var box = Numbers(svg.Attribute("viewBox")?.Value);
        if (box.Length != 4 || !(box[2] > 0) || !(box[3] > 0) || (width is null && height is null))
        {
            return new(pixel, 0, 0, -pixel, 0, 0); // without a box of its own a unit is a pixel, whatever the page measures
        }

        var (across, along) = (width / box[2], height / box[3]);
        var isFree = svg.Attribute("preserveAspectRatio")?.Value.Trim().StartsWith("none", StringComparison.Ordinal) ?? false;
        var least = Math.Min(across ?? double.MaxValue, along ?? double.MaxValue);
        return isFree ? new(across ?? least, 0, 0, -(along ?? least), 0, 0) : new(least, 0, 0, -least, 0, 0);
    }

    /// <summary>What puts an inner drawing's own box into the room it is given.</summary>
    private static Affine Box(XElement inner, double width, double height)
    {
        var box = Numbers(inner.Attribute("viewBox")?.Value);
        if (box.Length != 4 || !(box[2] > 0) || !(box[3] > 0) || !(width > 0) || !(height > 0))
        {
            return Affine.Identity;
        }

        var (across, along) = (width / box[2], height / box[3]);
        var fit = inner.Attribute("preserveAspectRatio")?.Value.Trim() ?? "";
        if (fit.StartsWith("none", StringComparison.Ordinal))
        {
            return new(across, 0, 0, along, -box[0] * across, -box[1] * along);
        }

        var scale = fit.EndsWith("slice", StringComparison.Ordinal) ? Math.Max(across, along) : Math.Min(across, along);
        return new(
            scale,
            0,
            0,
            scale,
            ((width - (scale * box[2])) / 2) - (box[0] * scale),
            ((height - (scale * box[3])) / 2) - (box[1] * scale)
        );
    }

    private static double? Physical(string? text)
    {
        var scanner = new NumberScanner(text);
        if (!scanner.Next(out var number))
        {
            return null;
        }

        double? each = scanner.Rest.Trim() switch
        {
            "mm" => 1,
            "cm" => 10,
            "in" => 25.4,
            "pt" => 25.4 / 72,
            "pc" => 25.4 / 6,
            _ => null,
        };
        return each * number;
    }

    /// <summary>A shape as the lines that draw it.</summary>
    private IEnumerable<DrawnLine> LinesOf(XElement shape, string name) =>
        name switch
        {
            "path" => SvgPath.Lines(shape.Attribute("d")?.Value ?? "", _allowance),
            "polygon" => SvgPath.Lines($"M {shape.Attribute("points")?.Value} Z", _allowance),
            "polyline" => SvgPath.Lines($"M {shape.Attribute("points")?.Value}", _allowance),
            "line" => SvgPath.Lines(Text($"M {N(shape, "x1")} {N(shape, "y1")} L {N(shape, "x2")} {N(shape, "y2")}"), _allowance),
            "rect" when N(shape, "width") > 0 && N(shape, "height") > 0 => SvgPath.Lines(Rectangle(shape), _allowance),
            "circle" when N(shape, "r") > 0 => [Whole(N(shape, "cx"), N(shape, "cy"), N(shape, "r"), N(shape, "r"))],
            "ellipse" when N(shape, "rx") > 0 && N(shape, "ry") > 0 =>
            [
                Whole(N(shape, "cx"), N(shape, "cy"), N(shape, "rx"), N(shape, "ry")),
            ],
            "rect" or "circle" or "ellipse" => [],
            _ => shape.Name.NamespaceName is "" or "http://www.w3.org/2000/svg"
                ? throw new UnreadableDrawingException(
                    $"This SVG holds a “{UnreadableDrawingException.Shown(name)}”, which cannot be read: "
                        + "save the outline alone, as a path, and try again."
                )
                : [], // what a drawing program keeps for itself
        };

    private static DrawnLine Whole(double x, double y, double rx, double ry)
    {
        var line = new DrawnLine { IsRing = true };
        line.Add(Curves.Ellipse((x, y), (rx, 0), (0, ry), 0, 2 * Math.PI));
        return line;
    }

    /// <summary>A rectangle; its corners may be rounded, and one radius said stands for both.</summary>
    private static string Rectangle(XElement shape)
    {
        var (x, y, w, h) = (N(shape, "x"), N(shape, "y"), N(shape, "width"), N(shape, "height"));
        double? Radius(string name) => shape.Attribute(name) is { } said && said.Value.Trim() != "auto" ? N(shape, name) : null;
        var rx = Math.Clamp(Radius("rx") ?? Radius("ry") ?? 0, 0, w / 2);
        var ry = Math.Clamp(Radius("ry") ?? Radius("rx") ?? 0, 0, h / 2);
        return rx <= 0 || ry <= 0
            ? Text($"M {x} {y} h {w} v {h} h {-w} Z")
            : Text($"M {x + rx} {y} h {w - (2 * rx)} a {rx} {ry} 0 0 1 {rx} {ry} v {h - (2 * ry)} a {rx} {ry} 0 0 1 {-rx} {ry} ")
                + Text($"h {(2 * rx) - w} a {rx} {ry} 0 0 1 {-rx} {-ry} v {(2 * ry) - h} a {rx} {ry} 0 0 1 {rx} {-ry} Z");
    }

    /// <summary>A figure in user units; 0 where it is not said. Real units are worth 96 to the inch.</summary>
    private static double N(XElement element, string name)
    {
        var scanner = new NumberScanner(element.Attribute(name)?.Value);
        return !scanner.Next(out var number)
            ? 0
            : scanner.Rest.Trim().ToString() switch
            {
                "" or "px" => number,
                "mm" => number * 96 / 25.4,
                "cm" => number * 960 / 25.4,
                "in" => number * 96,
                "pt" => number * 96 / 72,
                "pc" => number * 16,
                var unit => throw new UnreadableDrawingException(
                    $"This SVG gives the {name} of a “{element.Name.LocalName}” in "
                        + $"“{UnreadableDrawingException.Shown(unit)}”, which cannot be read: save it in mm and try again."
                ),
            };
    }

    private static double[] Numbers(string? text) => [.. NumberScanner.All(text)];

    private static string Text(FormattableString text) => FormattableString.Invariant(text);
}
