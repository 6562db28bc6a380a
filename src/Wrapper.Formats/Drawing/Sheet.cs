namespace Wrapper.Formats.Drawing;

/// <summary>
/// A drawing at true size, in millimetres, x to the right and y upwards: what every writer of a format is handed. See
/// docs/format.md, "Drawings".
/// </summary>
/// <param name="Title">What it shows.</param>
/// <param name="Parts">What is drawn on it.</param>
public sealed record Sheet(string Title, IReadOnlyList<SheetPart> Parts)
{
    /// <summary>The box round all that is drawn; nothing where nothing is.</summary>
    public SheetBox Bounds => SheetBox.Around(Parts.Select(part => part.Bounds));
}

/// <summary>What belongs together on a sheet: a piece with all its lines.</summary>
/// <param name="Code">What it is found by, unique on its sheet: a piece’s code.</param>
/// <param name="Strokes">Its lines.</param>
/// <param name="Inscriptions">What is written on it.</param>
public sealed record SheetPart(string Code, IReadOnlyList<Stroke> Strokes, IReadOnlyList<Inscription> Inscriptions)
{
    /// <summary>The box round its lines.</summary>
    public SheetBox Bounds => SheetBox.Around(Strokes.Select(stroke => stroke.Bounds));

    /// <summary>The same further right and further up.</summary>
    public SheetPart Moved(double right, double up) =>
        new(
            Code,
            [
                .. Strokes.Select(stroke =>
                    stroke with
                    {
                        Through = [.. stroke.Through.Select(point => point with { X = point.X + right, Y = point.Y + up })],
                    }
                ),
            ],
            [.. Inscriptions.Select(text => text with { X = text.X + right, Y = text.Y + up })]
        );
}

/// <summary>What a line is for; each is a layer of its own in a file.</summary>
public enum Layer
{
    /// <summary>Where it is cut.</summary>
    Cut,

    /// <summary>Where it is sewn.</summary>
    Stitch,

    /// <summary>A snip into the allowance.</summary>
    Notch,

    /// <summary>Where it is folded.</summary>
    Fold,

    /// <summary>A dart.</summary>
    Dart,

    /// <summary>A line sewn across an opened corner.</summary>
    Corner,

    /// <summary>A place to mark through the cloth.</summary>
    Drill,

    /// <summary>Along the warp.</summary>
    Grain,

    /// <summary>Which way the nap or the print runs.</summary>
    Nap,

    /// <summary>Where a zip stops.</summary>
    Zip,

    /// <summary>What is written.</summary>
    Text,

    /// <summary>The edges of the cloth, and stretches nothing may lie on.</summary>
    Cloth,
}

/// <summary>A line through points, each reached straight or by an arc.</summary>
/// <param name="Layer">What it is for.</param>
/// <param name="Through">Its points, two at least.</param>
/// <param name="IsClosed">It goes on from the last point to the first.</param>
public sealed record Stroke(Layer Layer, IReadOnlyList<StrokePoint> Through, bool IsClosed)
{
    /// <summary>The box round it, arcs included.</summary>
    public SheetBox Bounds
    {
        get
        {
            var boxes = new List<SheetBox>();
            for (var i = 0; i < (IsClosed ? Through.Count : Through.Count - 1); i++)
            {
                boxes.Add(StrokeArc.Bounds(Through[i], Through[(i + 1) % Through.Count]));
            }

            return SheetBox.Around(boxes);
        }
    }

    /// <summary>A straight from a place to another.</summary>
    public static Stroke Straight(Layer layer, double x, double y, double toX, double toY) =>
        new(layer, [new(x, y), new(toX, toY)], IsClosed: false);
}

/// <summary>A point of a line and how it goes on from there.</summary>
/// <param name="X">To the right, in millimetres.</param>
/// <param name="Y">Upwards.</param>
/// <param name="Bulge">The tangent of a quarter of the arc’s angle, positive counter-clockwise; 0 for a straight.</param>
public readonly record struct StrokePoint(double X, double Y, double Bulge = 0);

/// <summary>Something written, its middle at a place.</summary>
/// <param name="X">The middle, in millimetres.</param>
/// <param name="Y">The middle, upwards.</param>
/// <param name="Height">How high its capitals are, in millimetres.</param>
/// <param name="Text">What is written.</param>
public sealed record Inscription(double X, double Y, double Height, string Text);
