using Wrapper.Core.Checks;

namespace Wrapper.Core.Pattern;

/// <summary>What a construction makes of a form: everything a draft needs but the proof and the reading.</summary>
public sealed record ConstructedCover
{
    /// <summary>The pieces.</summary>
    public IReadOnlyList<Piece> Pieces { get; init; } = [];

    /// <summary>The seams of one cover.</summary>
    public IReadOnlyList<Seam> Seams { get; init; } = [];

    /// <summary>Notions for all covers alike.</summary>
    public IReadOnlyList<Notion> Notions { get; init; } = [];

    /// <summary>Finished sizes worth reading off.</summary>
    public IReadOnlyList<FinishedSize> Finished { get; init; } = [];

    /// <summary>What was noticed; any error and there are no pieces.</summary>
    public IReadOnlyList<Check> Checks { get; init; } = [];

    /// <summary>Which pieces each block of a pinned cover is cut as, by the block's key; empty for sewn constructions.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> Blocks { get; init; } = new Dictionary<string, IReadOnlyList<string>>();

    /// <summary>Joins forced by the cloth, for all covers alike.</summary>
    public int Joins { get; init; }
}
