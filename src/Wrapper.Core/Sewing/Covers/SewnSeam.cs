using Wrapper.Core.Pattern;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>One line of the ledger as it is sewn, between points of the finished cover. See docs/handbook.md, "Points and runs".</summary>
/// <param name="Id">The ledger's name for it; the part that is sewn after the try-on has <c>-rest</c> added.</param>
/// <param name="Edges">The edges of both sides.</param>
/// <param name="Start">The point it begins at.</param>
/// <param name="End">The point it ends at; its start again where it is a loop.</param>
/// <param name="Through">The points it passes over, in order.</param>
/// <param name="Millimetres">Its stitched length.</param>
public sealed record SewnSeam(string Id, IReadOnlyList<SeamSide> Edges, int Start, int End, IReadOnlyList<int> Through, double Millimetres)
{
    /// <summary>It ends where it begins.</summary>
    public bool IsLoop => Start == End;

    /// <summary>All its points, in order.</summary>
    public IEnumerable<int> Points => [Start, .. Through, End];
}
