using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>One named edge of an outline, straight or a circular arc, from its start to its end.</summary>
/// <param name="Name">What the edge is called: seams name edges.</param>
/// <param name="Start">Where it begins.</param>
/// <param name="End">Where it ends.</param>
/// <param name="Arc">The circle it follows; null for a straight edge.</param>
public sealed record Edge(string Name, Point Start, Point End, Arc? Arc = null)
{
    /// <summary>The length measured along the edge: along the curve for an arc.</summary>
    public Length Length => Arc is null
        ? Start.DistanceTo(End)
        : Length.FromNanometresRounded(Arc.RadiusAt(Start) * Math.Abs(Arc.Sweep(Start, End)));

    /// <summary>The direction of travel at the start.</summary>
    public Vector DirectionAtStart => Arc is null ? (End - Start).Unit : Arc.DirectionAt(Start);

    /// <summary>The direction of travel at the end.</summary>
    public Vector DirectionAtEnd => Arc is null ? (End - Start).Unit : Arc.DirectionAt(End);

    /// <summary>The edge moved by so much.</summary>
    public Edge Moved(Length dx, Length dy) => this with
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
            ? angle <= 0 ? angle + (2 * Math.PI) : angle
            : angle >= 0 ? angle - (2 * Math.PI) : angle;
    }

    /// <summary>The direction of travel at a point of the edge.</summary>
    public Vector DirectionAt(Point onEdge)
    {
        var outward = (onEdge - Centre).Unit;
        return CounterClockwise ? new(-outward.Y, outward.X) : outward.Outward;
    }
}
