using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Pattern;

/// <summary>
/// A line inside a piece: a crease, or a line that is sewn, such as an opened corner. See docs/handbook.md, "Marks".
/// </summary>
/// <param name="Name">What seams call it; the parts of a line with a bend are numbered, <c>corner-1</c>, <c>corner-2</c>.</param>
/// <param name="Through">The points it runs through, in stitch-line coordinates, from edge to edge of the piece.</param>
/// <param name="TrimsRight">What lies to the right of it is trimmed away after sewing; else the piece goes on beyond it.</param>
public sealed record Fold(EdgeName Name, IReadOnlyList<Point> Through, bool TrimsRight = false)
{
    /// <summary>What a part of the line is called.</summary>
    public EdgeName NameOf(int segment) => Through.Count == 2 ? Name : Name.Part(segment + 1);

    /// <summary>Which part of the line has this name; null for none.</summary>
    public int? IndexOf(EdgeName edge)
    {
        if (Through.Count == 2)
        {
            return edge == Name ? 0 : null;
        }

        return edge.Number > 0 && edge.Number < Through.Count && edge.WholeWord == Name.Word ? edge.Number - 1 : null;
    }
}

/// <summary>A stretch over which a piece is bent round a curve, its rulings square to the way it runs.</summary>
/// <param name="AlongX">The stretch runs along x and its rulings along y; else the other way.</param>
/// <param name="From">Where the curve begins.</param>
/// <param name="To">Where it ends.</param>
public sealed record Roll(bool AlongX, Length From, Length To);
