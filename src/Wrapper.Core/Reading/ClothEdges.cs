using Wrapper.Core.Units;

namespace Wrapper.Core.Reading;

/// <summary>What an edge of a cloth is.</summary>
public enum ClothEdgeKind
{
    /// <summary>Woven, along the warp.</summary>
    Selvage,

    /// <summary>Cut.</summary>
    Raw,

    /// <summary>Hemmed.</summary>
    Hem,
}

/// <summary>One edge of a cloth that is ready made.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Depth">How deep its hem or selvage is.</param>
/// <param name="IsKept">It stays on the piece as a finished edge; else it is cut off first.</param>
public sealed record ClothEdge(ClothEdgeKind Kind, Length Depth, bool IsKept)
{
    /// <summary>A hem that stays: a piece needs no allowance and no finish there.</summary>
    public bool IsKeptHem => IsKept && Kind == ClothEdgeKind.Hem;

    /// <summary>What of the cloth is lost at this edge.</summary>
    public Length Lost => IsKept ? Length.Zero : Depth;
}

/// <summary>The four edges of a ready-made cloth: a sheet, a towel. See docs/handbook.md, "Ready-made cloth".</summary>
/// <param name="Left">Along its left.</param>
/// <param name="Right">Along its right.</param>
/// <param name="Start">Across its near end.</param>
/// <param name="End">Across its far end.</param>
public sealed record ClothEdges(ClothEdge Left, ClothEdge Right, ClothEdge Start, ClothEdge End)
{
    /// <summary>The end with the deeper hem that stays; null where neither has one.</summary>
    public ClothEdge? Deepest =>
        Start.IsKeptHem && (!End.IsKeptHem || Start.Depth >= End.Depth) ? Start
        : End.IsKeptHem ? End
        : null;

    /// <summary>The other end has a hem that stays too.</summary>
    public bool AreBothHemmed => Start.IsKeptHem && End.IsKeptHem;
}
