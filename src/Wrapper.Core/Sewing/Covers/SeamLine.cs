using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>A line of the ledger with what it is for the sewing.</summary>
/// <param name="Seam">The ledger's seam.</param>
/// <param name="Kind">The operation that sews it: a join, a dart, a corner, a closure, a seam, or closing by hand.</param>
/// <param name="Sewn">The same between its points.</param>
internal sealed record SeamLine(Seam Seam, OperationKind Kind, SewnSeam Sewn)
{
    /// <summary>The places on the flat pieces where its sides begin and end, each with the point it becomes.</summary>
    public IReadOnlyList<(int Place, int Point)> Places { get; init; } = [];

    /// <summary>It is sewn after the try-on by intention.</summary>
    public bool Waits { get; init; }
}
