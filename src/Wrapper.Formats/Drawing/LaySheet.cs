using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Drawing;

/// <summary>
/// A lay on its cloth: x across from the left edge of what can be used, y along the roll. See docs/format.md, "Drawings".
/// </summary>
public static class LaySheet
{
    private const double Beside = 200;
    private const double LargestCapitals = 14;

    /// <summary>The lay of a cloth; the roll alone where nothing is laid.</summary>
    /// <param name="title">What it shows.</param>
    /// <param name="cloth">The cloth.</param>
    /// <param name="yardage">What is laid on it.</param>
    /// <param name="letters">The letters of its covers by their keys.</param>
    public static Sheet Of(string title, ClothSpecification cloth, Yardage yardage, IReadOnlyDictionary<string, string> letters)
    {
        var width = cloth.UsableWidth.Millimetres;
        var length = (yardage.Buy?.Value ?? yardage.Lay?.Length ?? Length.Zero).Millimetres;
        List<SheetPart> parts =
        [
            new(
                "roll",
                [
                    Box(0, 0, width, length),
                    .. cloth.Flaws.Select(flaw =>
                        Box(
                            (flaw.Left ?? Length.Zero).Millimetres,
                            flaw.From.Millimetres,
                            (flaw.Right ?? cloth.UsableWidth).Millimetres,
                            flaw.To.Millimetres
                        )
                    ),
                ],
                []
            ),
        ];
        var corners = new Dictionary<string, double>();
        var x = width + Beside;
        foreach (var remnant in cloth.Remnants)
        {
            parts.Add(
                new(
                    $"remnant {remnant.Id}",
                    [Box(x, 0, x + remnant.Width.Millimetres, remnant.Length.Millimetres)],
                    [new(x + (remnant.Width.Millimetres / 2), -2 * LargestCapitals, LargestCapitals, remnant.Id)]
                )
            );
            corners[remnant.Id] = x;
            x += remnant.Width.Millimetres + Beside;
        }

        var codes = yardage.Drafts.ToDictionary(draft => draft.Key, draft => PieceCodes.Of(draft.Value, letters[draft.Key]));
        var pieces = yardage.Pieces.ToDictionary(piece => piece.LayId);
        foreach (var place in yardage.Lay?.Placements ?? [])
        {
            var laid = pieces[place.Piece];
            var code = codes[laid.Cover][laid.Piece.Key];
            var part = Laid(laid, place, laid.Copies > 1 ? $"{code} · {place.Copy}" : code);
            parts.Add(place.Remnant is { } remnant ? part.Moved(corners[remnant], 0) : part);
        }

        return new(title, parts);
    }

    private static SheetPart Laid(LaidPiece laid, Placement place, string code)
    {
        var shape = laid.Shape.Select(corner => Turned(corner.X.Millimetres, corner.Y.Millimetres, place.Turn)).ToList();
        var (right, up) = (place.X.Millimetres - shape.Min(corner => corner.X), place.Y.Millimetres - shape.Min(corner => corner.Y));
        var strokes = laid.IsBlock ? [PieceStrokes.Through(Layer.Cut, laid.Shape)] : PieceStrokes.Of(laid.Piece);
        var drawn = new SheetPart(code, [.. strokes.Select(stroke => Turned(stroke, laid.IsMirrored, place.Turn))], []);
        var box = drawn.Bounds;
        var height = Math.Min(LargestCapitals, Math.Min(box.Height / 2.5, box.Width / (code.Length * 1.2)));
        return (drawn with { Inscriptions = [new((box.Left + box.Right) / 2, (box.Bottom + box.Top) / 2, height, code)] }).Moved(right, up);
    }

    /// <summary>A line turned over where its piece is, then turned counter-clockwise.</summary>
    private static Stroke Turned(Stroke stroke, bool isMirrored, int turn) =>
        stroke with
        {
            Through =
            [
                .. stroke.Through.Select(point =>
                {
                    var (x, y) = Turned(isMirrored ? -point.X : point.X, point.Y, turn);
                    return new StrokePoint(x, y, isMirrored ? -point.Bulge : point.Bulge);
                }),
            ],
        };

    /// <summary>Quarter turns exactly; a turn between them by its sine and cosine.</summary>
    private static (double X, double Y) Turned(double x, double y, int turn)
    {
        var (sin, cos) = (((turn % 360) + 360) % 360) switch
        {
            0 => (0.0, 1.0),
            90 => (1.0, 0.0),
            180 => (0.0, -1.0),
            270 => (-1.0, 0.0),
            var other => Math.SinCos(other * Math.PI / 180),
        };
        return ((x * cos) - (y * sin), (x * sin) + (y * cos));
    }

    private static Stroke Box(double left, double bottom, double right, double top) =>
        new(Layer.Cloth, [new(left, bottom), new(right, bottom), new(right, top), new(left, top)], IsClosed: true);
}
