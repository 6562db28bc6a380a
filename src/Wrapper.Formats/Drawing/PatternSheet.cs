using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Drawing;

/// <summary>A drafted cover and the letter its pieces are coded with.</summary>
/// <param name="Letter">Its letter in the job: <c>A</c>.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Draft">The draft.</param>
public sealed record CodedDraft(string Letter, string Name, Draft Draft)
{
    /// <summary>Its pieces under their codes, as they are cut.</summary>
    public IEnumerable<(string Code, Piece Piece)> Pieces
    {
        get
        {
            var codes = PieceCodes.Of(Draft, Letter);
            return Draft.Pieces.Select(piece => (codes[piece.Key], piece));
        }
    }
}

/// <summary>Patterns: each piece once, apart, under its code. See docs/format.md, "Drawings".</summary>
public static class PatternSheet
{
    /// <summary>Between two pieces, in millimetres.</summary>
    private const double Apart = 30;

    /// <summary>Rows are no longer than this, unless a piece is.</summary>
    private const double WidestRow = 2500;

    /// <summary>The largest letters a code is written in.</summary>
    private const double LargestCapitals = 14;

    private const double SmallestCapitals = 2;

    /// <summary>All pieces of these covers, in rows.</summary>
    public static Sheet Of(string title, IEnumerable<CodedDraft> covers)
    {
        var (x, y, highest) = (0.0, 0.0, 0.0);
        var parts = new List<SheetPart>();
        foreach (var part in covers.SelectMany(cover => cover.Pieces.Select(coded => Part(coded.Code, coded.Piece, cover.Draft.Format))))
        {
            var box = part.Bounds;
            if (x > 0 && x + box.Width > WidestRow)
            {
                (x, y, highest) = (0, y - highest - Apart, 0);
            }

            parts.Add(part.Moved(x - box.Left, y - box.Top));
            (x, highest) = (x + box.Width + Apart, Math.Max(highest, box.Height));
        }

        return new(title, parts);
    }

    /// <summary>One piece with its code, its name and its size.</summary>
    public static SheetPart Part(string code, Piece piece, LengthFormat format)
    {
        var box = piece.CutLine.Bounds;
        var (x, y) = ((box.Left + box.Right).Millimetres / 2, (box.Bottom + box.Top).Millimetres / 2);
        var lines = (string[])
            [
                code,
                piece.Name,
                $"cut {piece.Quantity}{(piece.Mirrored > 0 ? $", {piece.Mirrored} of them turned over" : "")}",
                $"{format.Rounded(piece.CutWidth.Value)} × {format.RoundedWithUnit(piece.CutLength.Value)}",
            ];
        var high = piece.IsSlantStrip ? piece.CutLength.Value : box.Height; // across a slanted strip there is only its own width
        var height = Math.Clamp(
            Math.Min(high.Millimetres / (lines.Length * 2.4), box.Width.Millimetres / (lines.Max(line => line.Length) * 1.2)),
            SmallestCapitals,
            LargestCapitals
        );
        return new(
            code,
            PieceStrokes.Of(piece),
            [.. lines.Select((line, place) => new Inscription(x, y + (((lines.Length - 1) / 2.0 - place) * 2 * height), height, line))]
        );
    }
}
