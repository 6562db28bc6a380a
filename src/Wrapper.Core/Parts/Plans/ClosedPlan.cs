using Wrapper.Core.Geometry;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Plans;

/// <summary>
/// A finished outline seen from above, front towards the maker, that a wall can be put round: what a form hands to a
/// construction that works on any closed plan.
/// </summary>
/// <param name="Outline">The outline at the stitch line, counter-clockwise from the left end of the front.</param>
/// <param name="Edges">The worked length of every edge by name; an edge with rounded corners runs from mid-arc to mid-arc.</param>
/// <param name="Front">The edge that is seen first and not joined while there is any other way.</param>
/// <param name="Back">The edge the zip sits on.</param>
/// <param name="Width">The whole width.</param>
/// <param name="Depth">The whole depth.</param>
public sealed record ClosedPlan(
    Outline Outline,
    IReadOnlyDictionary<string, Worked> Edges,
    EdgeName Front,
    EdgeName Back,
    Worked Width,
    Worked Depth
)
{
    /// <summary>The length all round at the stitch line.</summary>
    public Worked Perimeter { get; init; } = Worked.Sum(Outline.Names.Select(name => Edges[name])).Named("perimeter");

    /// <summary>The plan is one smooth curve all round: its edges are only quarters of it.</summary>
    public bool IsSmooth { get; init; }

    /// <summary>The edge before the back and the edge after it: the sides the zip turns on to.</summary>
    public (EdgeName Before, EdgeName After) SidesOfBack
    {
        get
        {
            var names = Outline.Names.ToList();
            var at = names.IndexOf(Back);
            return (names[(at + names.Count - 1) % names.Count], names[(at + 1) % names.Count]);
        }
    }
}
