using System.Globalization;
using System.Text;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Answers;

/// <summary>
/// The pieces of a draft side by side as SVG, all at one scale: cut line, stitch line, creases and sewn lines, with their
/// names and cut sizes. See docs/drafting.md.
/// </summary>
public static class PieceFigure
{
    private const double Width = 720;
    private const double Margin = 12;
    private const double Gap = 26;
    private const double LabelHeight = 34;

    /// <summary>The figure of a draft.</summary>
    public static string Draw(Draft draft)
    {
        var pieces = draft.Pieces.Where(piece => piece.Kind != PieceKind.Piping).ToList();
        var widest = pieces.Max(piece => piece.CutLine.Bounds.Width.Millimetres);
        var scale = Math.Min(
            (Width - (2 * Margin)) / widest,
            (Width - (2 * Margin) - (Gap * pieces.Count))
                / pieces.Sum(piece => Math.Min(piece.CutLine.Bounds.Width.Millimetres, widest / 2))
        );
        scale = Math.Min(scale, 300 / pieces.Max(piece => piece.CutLine.Bounds.Height.Millimetres));
        var body = new StringBuilder();
        var (x, y, row) = (Margin, Margin, 0.0);
        foreach (var piece in pieces)
        {
            var box = piece.CutLine.Bounds;
            var (wide, high) = (box.Width.Millimetres * scale, box.Height.Millimetres * scale);
            if (x > Margin && x + wide > Width - Margin)
            {
                (x, y, row) = (Margin, y + row + LabelHeight + Gap, 0);
            }

            Piece(body, piece, draft.Format, x, y, scale);
            x += Math.Max(wide, 120) + Gap;
            row = Math.Max(row, high);
        }

        var height = y + row + LabelHeight + Margin;
        var title = Escaped(string.Join(", ", pieces.Select(piece => piece.Name)));
        return Invariant($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {Width:0} {height:0}\" ")
            + "font-family=\"sans-serif\" font-size=\"12\">\n"
            + $"<title>{title}</title>\n<rect width=\"100%\" height=\"100%\" fill=\"#fcf9f0\"/>\n{body}</svg>\n";
    }

    private static void Piece(StringBuilder body, Piece piece, LengthFormat format, double left, double top, double scale)
    {
        var box = piece.CutLine.Bounds;
        string At(Point point) =>
            Invariant($"{left + ((point.X - box.Left).Millimetres * scale):0.##},{top + ((box.Top - point.Y).Millimetres * scale):0.##}");
        string Closed(Outline outline) => string.Join(' ', Flattening.Flatten(outline).Select(At));
        body.Append(Invariant($"<polygon points=\"{Closed(piece.CutLine)}\" fill=\"#ecdcb9\" stroke=\"#22303a\"/>\n"));
        body.Append(
            Invariant(
                $"<polygon points=\"{Closed(piece.StitchLineOnCloth)}\" fill=\"none\" stroke=\"#b0301e\" stroke-dasharray=\"5 3\"/>\n"
            )
        );
        foreach (var fold in piece.Folds)
        {
            var (colour, dashes) = fold.TrimsRight ? ("#b0301e", "5 3") : ("#6a7f73", "2 3");
            var points = string.Join(' ', fold.Through.Select(At));
            body.Append(Invariant($"<polyline points=\"{points}\" fill=\"none\" stroke=\"{colour}\" stroke-dasharray=\"{dashes}\"/>\n"));
        }

        var below = top + (box.Height.Millimetres * scale) + 15;
        body.Append(
            Invariant($"<text x=\"{left:0.##}\" y=\"{below:0.##}\" font-weight=\"bold\">{Escaped(piece.Name)} × {piece.PerCover}</text>\n")
        );
        var size = $"{format.Rounded(piece.CutWidth.Value)} × {format.RoundedWithUnit(piece.CutLength.Value)}";
        body.Append(Invariant($"<text x=\"{left:0.##}\" y=\"{below + 15:0.##}\">{Escaped(size)}</text>\n"));
    }

    private static string Escaped(string text) => System.Security.SecurityElement.Escape(text);

    private static string Invariant(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
