using Wrapper.Core.Geometry;
using Wrapper.Core.Proof;

namespace Wrapper.Core.Fitting;

/// <summary>A flat part of a piece where it stands in the finished cover: places in space go to the flat piece and back.</summary>
internal sealed class FacetInSpace
{
    private readonly (double X, double Y) _flat;
    private readonly (double X, double Y) _flatAlong;
    private readonly Place _space;
    private readonly Place _along;
    private readonly Place _across;

    private FacetInSpace(FoldedFacet facet, int second, Place across)
    {
        var (from, to) = (facet.Flat[0], facet.Flat[second]);
        var length = double.Hypot(to.X - from.X, to.Y - from.Y);
        (Facet, _flat, _flatAlong) = (facet, from, ((to.X - from.X) / length, (to.Y - from.Y) / length));
        (_space, _along, _across) = (facet.Corners[0], (facet.Corners[second] - facet.Corners[0]).Unit, across);
        Middle = (1.0 / facet.Corners.Count) * facet.Corners.Aggregate(new Place(0, 0, 0), (sum, corner) => sum + corner);
    }

    /// <summary>The facet.</summary>
    public FoldedFacet Facet { get; }

    /// <summary>The middle of its corners in space.</summary>
    public Place Middle { get; }

    /// <summary>Square to it.</summary>
    public Place Normal => _along.Cross(_across);

    /// <summary>Reads a facet; null where its corners lie in one line and say nothing.</summary>
    public static FacetInSpace? Of(FoldedFacet facet)
    {
        var second = Enumerable.Range(1, facet.Corners.Count - 1).MaxBy(i => (facet.Corners[i] - facet.Corners[0]).Size);
        var along = facet.Corners[second] - facet.Corners[0];
        if (along.Size < 1e-6)
        {
            return null;
        }

        var unit = along.Unit;
        var across = facet
            .Corners.Select(corner => corner - facet.Corners[0])
            .Select(step => step - (step.Dot(unit) * unit))
            .MaxBy(step => step.Size);
        if (across.Size < 1e-6)
        {
            return null;
        }

        // Which of the two ways square to the first edge is counter-clockwise on the flat, the corners themselves say.
        var read = new FacetInSpace(facet, second, across.Unit);
        var furthest = Enumerable
            .Range(0, facet.Corners.Count)
            .MaxBy(i => Math.Abs((facet.Corners[i] - facet.Corners[0]).Dot(across.Unit)));
        return
            (read.FlatOf(facet.Corners[furthest]), facet.Flat[furthest]) is var (found, known)
            && double.Hypot(found.X - known.X, found.Y - known.Y) < 1
            ? read
            : new FacetInSpace(facet, second, -1 * across.Unit);
    }

    /// <summary>Where a place in space is found on the flat piece.</summary>
    public (double X, double Y) FlatOf(Place place)
    {
        var step = place - _space;
        var (along, across) = (step.Dot(_along), step.Dot(_across));
        return (_flat.X + (along * _flatAlong.X) - (across * _flatAlong.Y), _flat.Y + (along * _flatAlong.Y) + (across * _flatAlong.X));
    }
}
