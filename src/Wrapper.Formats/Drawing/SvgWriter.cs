using System.Globalization;
using System.Text;
using System.Xml.Linq;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Drawing;

/// <summary>
/// Writes a sheet as SVG at true size: one unit of the drawing is a millimetre on paper, each part a group under its code.
/// </summary>
public static class SvgWriter
{
    private const double Margin = 10;

    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    /// <summary>Stroke, width and dashes of a layer, in millimetres.</summary>
    private static readonly Dictionary<Layer, (string Colour, double Width, string? Dashes)> Looks = new()
    {
        [Layer.Cut] = ("#2e2b28", 0.5, null),
        [Layer.Stitch] = ("#b3261e", 0.35, "4 2"),
        [Layer.Notch] = ("#2e2b28", 0.5, null),
        [Layer.Fold] = ("#5d6b5e", 0.35, "8 2 1 2"),
        [Layer.Dart] = ("#b3261e", 0.35, "2 2"),
        [Layer.Corner] = ("#b3261e", 0.35, "6 2"),
        [Layer.Drill] = ("#2e2b28", 0.5, null),
        [Layer.Grain] = ("#5d6b5e", 0.35, null),
        [Layer.Nap] = ("#5d6b5e", 0.35, null),
        [Layer.Zip] = ("#8a6a00", 0.5, null),
        [Layer.Text] = ("#2e2b28", 0.35, null),
        [Layer.Cloth] = ("#8c857b", 0.5, null),
    };

    /// <summary>The file.</summary>
    public static string Write(Sheet sheet)
    {
        var box = sheet.Bounds;
        var (width, height) = (box.Width + (2 * Margin), box.Height + (2 * Margin));
        var root = new XElement(
            Svg + "svg",
            new XAttribute("width", $"{N(width)}mm"),
            new XAttribute("height", $"{N(height)}mm"),
            new XAttribute("viewBox", $"0 0 {N(width)} {N(height)}"),
            new XElement(Svg + "title", sheet.Title),
            new XElement(
                Svg + "style",
                string.Concat(
                    Looks.Select(look =>
                        $".{look.Key.Word()}{{fill:none;stroke:{look.Value.Colour};stroke-width:{N(look.Value.Width)}"
                        + $"{(look.Value.Dashes is { } dashes ? $";stroke-dasharray:{dashes}" : "")}}}"
                    )
                ) + "text{fill:#2e2b28;stroke:none;text-anchor:middle;font-family:sans-serif}"
            )
        );
        foreach (var part in sheet.Parts)
        {
            root.Add(
                new XElement(
                    Svg + "g",
                    new XAttribute("id", Id(part.Code)),
                    new XElement(Svg + "title", part.Code),
                    part.Strokes.Select(stroke => new XElement(
                        Svg + "path",
                        new XAttribute("class", stroke.Layer.Word()),
                        new XAttribute("d", Path(stroke, box))
                    )),
                    part.Inscriptions.Select(text => new XElement(
                        Svg + "text",
                        new XAttribute("x", N(text.X - box.Left + Margin)),
                        new XAttribute("y", N(box.Top - text.Y + Margin + (text.Height / 2))),
                        new XAttribute("font-size", N(text.Height / CapHeight)),
                        text.Text
                    ))
                )
            );
        }

        return new XDocument(new XDeclaration("1.0", "utf-8", null), root).Declaration + "\n" + root;
    }

    /// <summary>How high a capital is as a part of the size of its type.</summary>
    private const double CapHeight = 0.7;

    /// <summary>The code as a name that XML allows.</summary>
    private static string Id(string code) =>
        string.Concat("piece-", string.Concat(code.Select(letter => char.IsAsciiLetterOrDigit(letter) ? letter : '-')));

    private static string Path(Stroke stroke, SheetBox box)
    {
        string At(StrokePoint point) => $"{N(point.X - box.Left + Margin)} {N(box.Top - point.Y + Margin)}";
        var path = new StringBuilder($"M{At(stroke.Through[0])}");
        for (var i = 0; i < (stroke.IsClosed ? stroke.Through.Count : stroke.Through.Count - 1); i++)
        {
            var (from, to) = (stroke.Through[i], stroke.Through[(i + 1) % stroke.Through.Count]);
            var isBack = i + 1 == stroke.Through.Count;
            if (from.Bulge != 0)
            {
                var radius = N(StrokeArc.Radius(from, to));
                path.Append(
                    CultureInfo.InvariantCulture,
                    $"A{radius} {radius} 0 {(Math.Abs(from.Bulge) > 1 ? 1 : 0)} {(from.Bulge > 0 ? 0 : 1)} {At(to)}"
                );
            }
            else if (!isBack)
            {
                path.Append(CultureInfo.InvariantCulture, $"L{At(to)}");
            }
        }

        return stroke.IsClosed ? path.Append('Z').ToString() : path.ToString();
    }

    private static string N(double number) => number.ToString("0.#####", CultureInfo.InvariantCulture);
}
