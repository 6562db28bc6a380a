using Wrapper.Core.Checks;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

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

    /// <summary>The order of work.</summary>
    public IReadOnlyList<SewingStep> Steps { get; init; } = [];

    /// <summary>What was noticed; any error and there are no pieces.</summary>
    public IReadOnlyList<Check> Checks { get; init; } = [];

    /// <summary>What the cover has to measure when it is folded up; null where there is nothing to fold.</summary>
    public FoldedBody? Body { get; init; }

    /// <summary>What a rim is drawn in to; null where no margin is gathered.</summary>
    public GatheredRim? Gather { get; init; }

    /// <summary>The zones that have to lie inside their blocks; empty for sewn constructions.</summary>
    public IReadOnlyList<BlockFit> Blocks { get; init; } = [];

    /// <summary>Joins forced by the cloth, for all covers alike.</summary>
    public int Joins { get; init; }
}

/// <summary>
/// What a cover measures when it is made up and stands in space, its largest face lying as its piece is drawn: the form's
/// measures and fit, for the fold-up proof to be held against.
/// </summary>
/// <param name="Across">Left to right of the first piece's largest face.</param>
/// <param name="Along">Lower to upper edge of that face.</param>
/// <param name="High">Square to that face.</param>
/// <param name="Opening">The length of the edges that stay open; zero for a closed cover.</param>
/// <param name="Area">The area of all its cloth between stitch lines, in square millimetres; null where what stands in the way of the rim makes it uncertain.</param>
public sealed record FoldedBody(Length Across, Length Along, Length High, Length Opening, double? Area)
{
    /// <summary>The area of a rectangle, in square millimetres.</summary>
    public static double Of(Length width, Length length) => width.Millimetres * length.Millimetres;
}

/// <summary>A rim that is drawn in: it has to be longer than what it is drawn in to by just the gather that is stated.</summary>
/// <param name="DrawnTo">The outline the rim lies along when it is drawn in.</param>
/// <param name="Gather">By how much the rim is longer.</param>
public sealed record GatheredRim(Geometry.Outline DrawnTo, Working.Worked Gather);

/// <summary>A zone, its tucks included, that has to lie inside its block with an allowance all round.</summary>
/// <param name="Zone">The zone.</param>
/// <param name="Pieces">The keys of its block, or of the parts it is joined from.</param>
/// <param name="Width">Across the zone.</param>
/// <param name="Height">Along it.</param>
/// <param name="Allowance">What every outer edge has beyond it.</param>
public sealed record BlockFit(string Zone, IReadOnlyList<string> Pieces, Length Width, Length Height, Length Allowance);
