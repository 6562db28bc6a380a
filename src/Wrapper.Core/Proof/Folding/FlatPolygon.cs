namespace Wrapper.Core.Proof.Folding;

/// <summary>A part of a piece while it is being cut into facets: corners, and for each the edge its outgoing side belongs to.</summary>
internal sealed class FlatPolygon
{
    /// <summary>How near to a place a corner has to be to lie at it.</summary>
    private const double At = 0.015;

    /// <summary>How little there is beyond a place that is only touched; corners lie further apart than that.</summary>
    private const double Touching = 0.004;

    public FlatPolygon(IReadOnlyList<(FlatPoint Corner, string Edge, double At)> corners)
    {
        Points = new FlatPoint[corners.Count];
        Sides = new (string, double)[corners.Count];
        for (var i = 0; i < corners.Count; i++)
        {
            (Points[i], Sides[i]) = (corners[i].Corner, (corners[i].Edge, corners[i].At));
        }
    }

    private FlatPolygon(int corners) => (Points, Sides) = (new FlatPoint[corners], new (string, double)[corners]);

    public FlatPoint[] Points { get; }

    /// <summary>The edge each side is part of and where along it the side begins; below 0 for lines inside the piece.</summary>
    public (string Edge, double At)[] Sides { get; }

    public IEnumerable<string> Edges => Sides.Select(side => side.Edge).Distinct();

    /// <summary>Both ends of the line are corners of this polygon, and its middle lies inside.</summary>
    public bool Reaches(FlatPoint[] line)
    {
        if (IndexOf(line[0]) < 0 || IndexOf(line[^1]) < 0)
        {
            return false;
        }

        var (a, b) = (line[0], line[1]);
        return Contains(new((a.X + b.X) / 2, (a.Y + b.Y) / 2));
    }

    /// <summary>
    /// The chord straight across at a place, when both its ends are corners: of several corners near the place, where a curve
    /// ends a hair beside a seam, the two that lie nearest to it. Null where the polygon only touches the place.
    /// </summary>
    public FlatPoint[]? Across(bool alongX, double place)
    {
        var (low, high) = Extent(alongX);
        if (low > place - Touching || high < place + Touching)
        {
            return null;
        }

        var (first, second) = (-1, -1);
        var (firstOff, secondOff) = (At, At);
        for (var i = 0; i < Points.Length; i++)
        {
            var off = Math.Abs((alongX ? Points[i].X : Points[i].Y) - place);
            if (off < firstOff)
            {
                (second, secondOff, first, firstOff) = (first, firstOff, i, off);
            }
            else if (off < secondOff)
            {
                (second, secondOff) = (i, off);
            }
        }

        if (second < 0)
        {
            return null;
        }

        (first, second) = (Math.Min(first, second), Math.Max(first, second));
        return second - first != 1 && second - first != Points.Length - 1 ? [Points[first], Points[second]] : null;
    }

    /// <summary>From where to where it reaches along an axis.</summary>
    public (double Low, double High) Extent(bool alongX)
    {
        var (low, high) = (double.PositiveInfinity, double.NegativeInfinity);
        foreach (var point in Points)
        {
            var place = alongX ? point.X : point.Y;
            (low, high) = (Math.Min(low, place), Math.Max(high, place));
        }

        return (low, high);
    }

    /// <summary>What lies to the left of the line and what to its right; each gets the line as sides under its parts' names.</summary>
    public (FlatPolygon Left, FlatPolygon Right) Split(FlatPoint[] line, Func<int, string> nameOf)
    {
        var (start, end) = (IndexOf(line[0]), IndexOf(line[^1]));
        var segments = line.Length - 1;
        var (left, right) = (new FlatPolygon(segments + Steps(end, start)), new FlatPolygon(segments + Steps(start, end)));
        for (var i = 0; i < segments; i++)
        {
            left.Put(i, i == 0 ? Points[start] : line[i], (nameOf(i), -1 - i));
        }

        left.PutRun(segments, this, end, start);
        right.PutRun(0, this, start, end);
        for (var i = segments; i > 0; i--)
        {
            right.Put(right.Points.Length - i, i == segments ? Points[end] : line[i], (nameOf(i - 1), -i));
        }

        return (left, right);
    }

    /// <summary>How many corners there are from one up to another, going round.</summary>
    private int Steps(int from, int to) => (to - from + Points.Length) % Points.Length;

    private void Put(int at, FlatPoint point, (string Edge, double At) side) => (Points[at], Sides[at]) = (point, side);

    private void PutRun(int at, FlatPolygon other, int from, int to)
    {
        for (var i = from; i != to; i = (i + 1) % other.Points.Length)
        {
            Put(at++, other.Points[i], other.Sides[i]);
        }
    }

    private int IndexOf(FlatPoint point) => Array.FindIndex(Points, corner => FoldNet.Meets(corner, point));

    private bool Contains(FlatPoint point)
    {
        var inside = false;
        for (var i = 0; i < Points.Length; i++)
        {
            var (a, b) = (Points[i], Points[(i + 1) % Points.Length]);
            if ((a.Y > point.Y) != (b.Y > point.Y) && point.X < ((b.X - a.X) * (point.Y - a.Y) / (b.Y - a.Y)) + a.X)
            {
                inside = !inside;
            }
        }

        return inside;
    }
}
