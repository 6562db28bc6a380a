namespace Wrapper.Core.Geometry;

/// <summary>Makes a shape larger by one factor across and another along, as cloth is before it is washed.</summary>
public static class Stretching
{
    /// <summary>Arcs that are stretched more one way than the other are drawn in so many pairs of arcs.</summary>
    private const int PartsOfArc = 6;

    /// <summary>The shape, its origin where it was.</summary>
    public static Outline Of(Outline outline, decimal across, decimal along)
    {
        if (across == 1 && along == 1)
        {
            return outline;
        }

        Point At(Point point) => new(point.X.Times(across), point.Y.Times(along));
        Vector Turned(Vector way) => new(way.X * (double)across, way.Y * (double)along);
        var edges = new List<Edge>();
        foreach (var edge in outline.Edges)
        {
            if (edge.Arc is not { } arc)
            {
                edges.Add(new(edge.Name, At(edge.Start), At(edge.End)));
            }
            else if (across == along)
            {
                edges.Add(new(edge.Name, At(edge.Start), At(edge.End), arc with { Centre = At(arc.Centre) }));
            }
            else
            {
                Point On(double share) => share >= 1 ? edge.End : Partition.PointAlong(edge, edge.Length.Times(share));
                edges.AddRange(
                    SmoothCurve.Arcs(edge.Name, share => At(On(share)), share => Turned(arc.DirectionAt(On(share))).Unit, PartsOfArc)
                );
            }
        }

        return new(SmoothCurve.Closed(edges));
    }
}
