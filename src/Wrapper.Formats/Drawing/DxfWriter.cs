using System.Globalization;
using System.Text;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Drawing;

/// <summary>
/// Writes a sheet as DXF of release 12, in millimetres: closed lines as closed polylines, arcs as their bulges, each kind of line
/// on a layer of its own.
/// </summary>
public static class DxfWriter
{
    /// <summary>The colour number of a layer in the format’s own palette.</summary>
    private static readonly Dictionary<Layer, int> Colours = new()
    {
        [Layer.Cut] = 7,
        [Layer.Stitch] = 1,
        [Layer.Notch] = 7,
        [Layer.Fold] = 3,
        [Layer.Dart] = 6,
        [Layer.Corner] = 1,
        [Layer.Drill] = 5,
        [Layer.Grain] = 3,
        [Layer.Nap] = 3,
        [Layer.Zip] = 2,
        [Layer.Text] = 7,
        [Layer.Cloth] = 8,
    };

    /// <summary>The file; what its release cannot write, such as <c>½</c>, is written by its number.</summary>
    public static string Write(Sheet sheet)
    {
        var file = new StringBuilder();
        void Put(int code, string value) => file.Append(CultureInfo.InvariantCulture, $"{code}\n{value}\n");
        void At(int code, double x, double y)
        {
            Put(code, N(x));
            Put(code + 10, N(y));
        }

        Put(999, Ascii(sheet.Title) + ", in millimetres");
        var box = sheet.Bounds;
        Put(0, "SECTION");
        Put(2, "HEADER");
        Put(9, "$ACADVER");
        Put(1, "AC1009");
        Put(9, "$INSUNITS");
        Put(70, "4");
        Put(9, "$EXTMIN");
        At(10, box.Left, box.Bottom);
        Put(9, "$EXTMAX");
        At(10, box.Right, box.Top);
        Put(0, "ENDSEC");
        Put(0, "SECTION");
        Put(2, "TABLES");
        Put(0, "TABLE");
        Put(2, "LAYER");
        Put(70, $"{Colours.Count}");
        foreach (var (layer, colour) in Colours)
        {
            Put(0, "LAYER");
            Put(2, layer.Word());
            Put(70, "0");
            Put(62, $"{colour}");
            Put(6, "CONTINUOUS");
        }

        Put(0, "ENDTAB");
        Put(0, "ENDSEC");
        Put(0, "SECTION");
        Put(2, "ENTITIES");
        foreach (var part in sheet.Parts)
        {
            foreach (var stroke in part.Strokes)
            {
                Put(0, "POLYLINE");
                Put(8, stroke.Layer.Word());
                Put(66, "1");
                At(10, 0, 0);
                Put(70, stroke.IsClosed ? "1" : "0");
                foreach (var point in stroke.Through)
                {
                    Put(0, "VERTEX");
                    Put(8, stroke.Layer.Word());
                    At(10, point.X, point.Y);
                    if (point.Bulge != 0)
                    {
                        Put(42, point.Bulge.ToString("0.############", CultureInfo.InvariantCulture));
                    }
                }

                Put(0, "SEQEND");
                Put(8, stroke.Layer.Word());
            }

            foreach (var text in part.Inscriptions)
            {
                Put(0, "TEXT");
                Put(8, Layer.Text.Word());
                At(10, text.X, text.Y);
                Put(40, N(text.Height));
                Put(1, Ascii(text.Text));
                Put(72, "1");
                Put(73, "2");
                At(11, text.X, text.Y);
            }
        }

        Put(0, "ENDSEC");
        Put(0, "EOF");
        return file.ToString();
    }

    /// <summary>One line of plain letters: what is none is written by its number.</summary>
    private static string Ascii(string text) =>
        string.Concat(
            text.Select(letter =>
                letter is >= ' ' and <= '~' ? letter.ToString()
                : char.IsControl(letter) ? " "
                : string.Create(CultureInfo.InvariantCulture, $"\\U+{(int)letter:X4}")
            )
        );

    private static string N(double number) => number.ToString("0.######", CultureInfo.InvariantCulture);
}
