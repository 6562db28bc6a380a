namespace Wrapper.Formats.Outlines;

/// <summary>A stretch of a drawn line from 0 to 1, where the drawing puts it, in millimetres and y upwards.</summary>
/// <param name="IsStraight">It is straight; else a curve.</param>
/// <param name="At">Its point at a share of the way.</param>
/// <param name="Pieces">Into how many pieces a curve is divided at the least: a circle into its quarters.</param>
internal sealed record DrawnPart(bool IsStraight, Func<double, (double X, double Y)> At, int Pieces = 1)
{
    /// <summary>A straight from one place to another.</summary>
    public static DrawnPart Straight((double X, double Y) from, (double X, double Y) to) =>
        new(true, t => t >= 1 ? to : (from.X + (t * (to.X - from.X)), from.Y + (t * (to.Y - from.Y))));

    /// <summary>The same gone the other way.</summary>
    public DrawnPart Reversed => this with { At = t => At(1 - t) };

    /// <summary>Where a drawing puts it.</summary>
    public DrawnPart Placed(Affine place) => this with { At = t => Put(place, At(t)) };

    private static (double X, double Y) Put(Affine place, (double X, double Y) point) => place.Put(point.X, point.Y);
}

/// <summary>Parts that go on from each other: a ring, or a line with two ends.</summary>
internal sealed class DrawnLine
{
    /// <summary>Ends this near each other meet.</summary>
    public const double Near = 0.05;

    private readonly List<DrawnPart> _parts = [];

    public IReadOnlyList<DrawnPart> Parts => _parts;

    public bool IsEmpty => _parts.Count == 0;

    public (double X, double Y) Start => _parts[0].At(0);

    public (double X, double Y) End => _parts[^1].At(1);

    public bool IsRing { get; set; }

    public void Add(DrawnPart part) => _parts.Add(part);

    /// <summary>Its ends lie on each other.</summary>
    public bool Meets => !IsEmpty && Meet(Start, End);

    public static bool Meet((double X, double Y) one, (double X, double Y) other) =>
        Math.Abs(one.X - other.X) <= Near && Math.Abs(one.Y - other.Y) <= Near;

    public DrawnLine Placed(Affine place)
    {
        var placed = new DrawnLine { IsRing = IsRing };
        placed._parts.AddRange(_parts.Select(part => part.Placed(place)));
        return placed;
    }

    public DrawnLine Reversed()
    {
        var reversed = new DrawnLine { IsRing = IsRing };
        reversed._parts.AddRange(Enumerable.Reverse(_parts).Select(part => part.Reversed));
        return reversed;
    }

    /// <summary>The ring as corners with the rise of the edge that leaves each.</summary>
    public ClosedLine Closed(Allowance allowance)
    {
        var corners = new List<ImportedCorner>();
        foreach (var part in _parts)
        {
            if (part.IsStraight)
            {
                var (x, y) = part.At(0);
                corners.Add(new(x, y, 0));
            }
            else
            {
                ArcsOfCurve.Add(corners, part, allowance);
            }
        }

        if (!Meets && !IsEmpty)
        {
            var (x, y) = End;
            corners.Add(new(x, y, 0)); // closed by a straight
        }

        return new(corners);
    }
}
