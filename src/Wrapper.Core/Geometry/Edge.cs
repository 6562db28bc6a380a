using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>One named edge of an outline, straight or a circular arc, from its start to its end.</summary>
public sealed record Edge
{
    private const long NotMeasured = -1;

    private readonly Point _start;
    private readonly Point _end;
    private readonly Arc? _arc;
    private long _length = NotMeasured;

    /// <summary>An edge from a place to another.</summary>
    public Edge(EdgeName name, Point start, Point end, Arc? arc = null) => (Name, Start, End, Arc) = (name, start, end, arc);

    /// <summary>What the edge is called: seams name edges.</summary>
    public EdgeName Name { get; init; }

    /// <summary>Where it begins.</summary>
    public Point Start
    {
        get => _start;
        init => (_start, _length) = (value, NotMeasured); // a copy with another start has another length
    }

    /// <summary>Where it ends.</summary>
    public Point End
    {
        get => _end;
        init => (_end, _length) = (value, NotMeasured);
    }

    /// <summary>The circle it follows; null for a straight edge.</summary>
    public Arc? Arc
    {
        get => _arc;
        init => (_arc, _length) = (value, NotMeasured);
    }

    /// <summary>The length measured along the edge: along the curve for an arc.</summary>
    public Length Length
    {
        get
        {
            if (_length == NotMeasured)
            {
                _length = Measured().Nanometres;
            }

            return Length.FromNanometres(_length);
        }
    }

    /// <inheritdoc />
    public bool Equals(Edge? other) =>
        other is not null && Name == other.Name && Start == other.Start && End == other.End && Arc == other.Arc;

    /// <inheritdoc />
    public override int GetHashCode() => HashCode.Combine(Name, Start, End, Arc);

    private Length Measured() =>
        Arc is null ? Start.DistanceTo(End) : Length.FromNanometresRounded(Arc.RadiusAt(Start) * Math.Abs(Arc.Sweep(Start, End)));

    /// <summary>The direction of travel at the start.</summary>
    public Vector DirectionAtStart => Arc is null ? (End - Start).Unit : Arc.DirectionAt(Start);

    /// <summary>The direction of travel at the end.</summary>
    public Vector DirectionAtEnd => Arc is null ? (End - Start).Unit : Arc.DirectionAt(End);

    /// <summary>The edge turned so many quarters counter-clockwise about the origin.</summary>
    public Edge Turned(int quarters) =>
        this with
        {
            Start = Start.Turned(quarters),
            End = End.Turned(quarters),
            Arc = Arc is null ? null : Arc with { Centre = Arc.Centre.Turned(quarters) },
        };

    /// <summary>The edge moved by so much.</summary>
    public Edge Moved(Length dx, Length dy) =>
        this with
        {
            Start = Start.Moved(dx, dy),
            End = End.Moved(dx, dy),
            Arc = Arc is null ? null : Arc with { Centre = Arc.Centre.Moved(dx, dy) },
        };
}

/// <summary>The circle an edge follows.</summary>
/// <param name="Centre">The centre of the circle.</param>
/// <param name="CounterClockwise">True when the edge runs counter-clockwise round the centre: a bulge outwards on an outline.</param>
public sealed record Arc(Point Centre, bool CounterClockwise)
{
    /// <summary>The radius in nanometres, measured at a point of the edge.</summary>
    public double RadiusAt(Point onEdge) => (onEdge - Centre).Size;

    /// <summary>The angle from start to end in radians, positive counter-clockwise; never 0.</summary>
    public double Sweep(Point start, Point end)
    {
        var from = start - Centre;
        var to = end - Centre;
        var angle = Math.Atan2(from.Cross(to), from.Dot(to));
        return CounterClockwise
            ? angle <= 0
                ? angle + (2 * Math.PI)
                : angle
            : angle >= 0
                ? angle - (2 * Math.PI)
                : angle;
    }

    /// <summary>The direction of travel at a point of the edge.</summary>
    public Vector DirectionAt(Point onEdge)
    {
        var outward = (onEdge - Centre).Unit;
        return CounterClockwise ? new(-outward.Y, outward.X) : outward.Outward;
    }
}
