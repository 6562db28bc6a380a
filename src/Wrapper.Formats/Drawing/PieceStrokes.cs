using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;

namespace Wrapper.Formats.Drawing;

/// <summary>The lines of a piece as it lies on the cloth, in its own coordinates and at true size.</summary>
public static class PieceStrokes
{
    /// <summary>How far a snip goes into the allowance, as a part of it.</summary>
    private const double Snip = 0.5;

    private const double GrainShare = 0.6;
    private const double ArrowHead = 8;
    private const double Cross = 4;

    /// <summary>Every line of the piece: cut, stitch, marks, creases, grain.</summary>
    public static IReadOnlyList<Stroke> Of(Piece piece) =>
        [Outlined(Layer.Cut, piece.CutLine), Outlined(Layer.Stitch, piece.StitchLineOnCloth), .. OfMarks(piece)];

    /// <summary>What is drawn inside the cut line besides the stitch line: marks, creases, grain. All of it is straight.</summary>
    public static IEnumerable<Stroke> OfMarks(Piece piece)
    {
        var cut = piece.Marks.Count > 0 ? Flattening.Flatten(piece.CutLine) : [];
        return [.. piece.Marks.SelectMany(mark => Marked(mark, piece, cut)), .. Grain(piece)];
    }

    /// <summary>A closed line along an outline, its arcs as arcs.</summary>
    public static Stroke Outlined(Layer layer, Outline outline) => new(layer, [.. outline.Edges.Select(Corner)], IsClosed: true);

    /// <summary>A closed line through corners.</summary>
    public static Stroke Through(Layer layer, IEnumerable<Point> corners) =>
        new(layer, [.. corners.Select(corner => new StrokePoint(corner.X.Millimetres, corner.Y.Millimetres))], IsClosed: true);

    private static StrokePoint Corner(Edge edge) =>
        new(edge.Start.X.Millimetres, edge.Start.Y.Millimetres, edge.Arc is { } arc ? Math.Tan(arc.Sweep(edge.Start, edge.End) / 4) : 0);

    private static IEnumerable<Stroke> Marked(Mark mark, Piece piece, IReadOnlyList<Point> cut)
    {
        var (from, to) = (piece.OnCloth(mark.From), piece.OnCloth(mark.To));
        var layer = mark.Kind switch
        {
            MarkKind.Notch or MarkKind.Top or MarkKind.GapEnd or MarkKind.UnpickPoint => Layer.Notch,
            MarkKind.Fold => Layer.Fold,
            MarkKind.CornerLine => Layer.Corner,
            MarkKind.Dart => Layer.Dart,
            MarkKind.ZipStop => Layer.Zip,
            MarkKind.MatchPoint or MarkKind.DrillPoint => Layer.Drill,
            _ => throw new ArgumentOutOfRangeException(nameof(mark), mark.Kind, "Nothing is said of how this mark is drawn."),
        };
        if (from != to)
        {
            return [Straight(layer, from, to)];
        }

        if (layer is Layer.Notch or Layer.Zip && Snipped(from, cut) is { } snip)
        {
            return [snip with { Layer = layer }];
        }

        var (x, y) = (from.X.Millimetres, from.Y.Millimetres);
        return [new(layer, [new(x - Cross, y), new(x + Cross, y), new(x, y), new(x, y - Cross), new(x, y + Cross)], IsClosed: false)];
    }

    /// <summary>
    /// A snip from the cut edge nearest to the place, half way through the allowance; null where nothing is cut beyond it.
    /// </summary>
    private static Stroke? Snipped(Point at, IReadOnlyList<Point> corners)
    {
        var (x, y) = (at.X.Millimetres, at.Y.Millimetres);
        var (nearest, distance) = ((X: x, Y: y), double.PositiveInfinity);
        for (var i = 0; i < corners.Count; i++)
        {
            var (ax, ay) = (corners[i].X.Millimetres, corners[i].Y.Millimetres);
            var (bx, by) = (corners[(i + 1) % corners.Count].X.Millimetres, corners[(i + 1) % corners.Count].Y.Millimetres);
            var (dx, dy) = (bx - ax, by - ay);
            var share = dx == 0 && dy == 0 ? 0 : Math.Clamp((((x - ax) * dx) + ((y - ay) * dy)) / ((dx * dx) + (dy * dy)), 0, 1);
            var (px, py) = (ax + (share * dx), ay + (share * dy));
            var off = Math.Sqrt(((px - x) * (px - x)) + ((py - y) * (py - y)));
            if (off < distance)
            {
                (nearest, distance) = ((px, py), off);
            }
        }

        return distance < 0.5
            ? null
            : Stroke.Straight(
                Layer.Notch,
                nearest.X,
                nearest.Y,
                nearest.X + ((x - nearest.X) * Snip),
                nearest.Y + ((y - nearest.Y) * Snip)
            );
    }

    /// <summary>An arrow along the warp: up the piece, or across it where it lies down the roll.</summary>
    private static IEnumerable<Stroke> Grain(Piece piece)
    {
        var box = piece.CutLine.Bounds;
        var (x, y) = ((box.Left + box.Right).Millimetres / 2, (box.Bottom + box.Top).Millimetres / 2);
        var isDown = piece.Turns.Count > 0 && piece.Turns[0] % 180 != 0;
        var half = (isDown ? box.Width : box.Height).Millimetres * GrainShare / 2;
        var head = Math.Min(ArrowHead, half);
        var (ux, uy) = isDown ? (1.0, 0.0) : (0.0, 1.0);
        var (tx, ty) = (x + (half * ux), y + (half * uy));
        yield return Stroke.Straight(Layer.Grain, x - (half * ux), y - (half * uy), tx, ty);
        yield return new(
            Layer.Grain,
            [
                new(tx - (head * ux) - (head * uy / 2), ty - (head * uy) - (head * ux / 2)),
                new(tx, ty),
                new(tx - (head * ux) + (head * uy / 2), ty - (head * uy) + (head * ux / 2)),
            ],
            IsClosed: false
        );
    }

    private static Stroke Straight(Layer layer, Point from, Point to) =>
        Stroke.Straight(layer, from.X.Millimetres, from.Y.Millimetres, to.X.Millimetres, to.Y.Millimetres);
}
