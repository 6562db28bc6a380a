using Wrapper.Core.Fitting;

namespace Wrapper.Formats.Answers;

/// <summary>A side that a finding can name.</summary>
/// <param name="Side">Its word in the open format.</param>
/// <param name="Name">What it is called on the thing.</param>
/// <param name="Standing">What it was corrected by already, as typed; null for nothing.</param>
public sealed record FittingSideJson(string Side, string Name, string? Standing);

/// <summary>The sides a seam lies at.</summary>
/// <param name="Seam">The ledger’s name for it.</param>
/// <param name="Sides">The sides’ words.</param>
public sealed record SeamSidesJson(string Seam, IReadOnlyList<string> Sides);

/// <summary>One thing to do after a try-on.</summary>
/// <param name="Mend"><c>unpick</c>, <c>open-end</c>, <c>sew-on</c>, <c>sew</c>.</param>
/// <param name="Seams">The seams.</param>
/// <param name="Text">What to do.</param>
public sealed record FittingLineJson(SeamMend Mend, IReadOnlyList<string> Seams, string Text);

/// <summary>A piece that is cut again, or not cut yet.</summary>
/// <param name="Piece">Its key.</param>
/// <param name="Copy">Which copy in its cover, from 1.</param>
/// <param name="Code">Its code.</param>
/// <param name="Name">What it is called.</param>
public sealed record FittingPieceJson(string Piece, int Copy, string Code, string Name);

/// <summary>What the findings make of another one of the set.</summary>
/// <param name="Number">Which.</param>
/// <param name="Text">What it comes to, in a sentence.</param>
public sealed record FittingOtherJson(int Number, string Text);

/// <summary>What was found before.</summary>
/// <param name="Entry">The id of its entry.</param>
/// <param name="At">When.</param>
/// <param name="By">By whom.</param>
/// <param name="Text">What, in words.</param>
public sealed record FoundBeforeJson(string Entry, string At, string By, string Text);

/// <summary>A cover that is tried on: what was found and what it comes to.</summary>
public sealed record TryingOnJson
{
    /// <summary>The cover’s letter.</summary>
    public required string Letter { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>How many are alike.</summary>
    public required int Count { get; init; }

    /// <summary>The version of the cover this was worked out from.</summary>
    public required long Version { get; init; }

    /// <summary>The sides that a finding can name.</summary>
    public required IReadOnlyList<FittingSideJson> Sides { get; init; }

    /// <summary>Where each seam lies.</summary>
    public required IReadOnlyList<SeamSidesJson> Seams { get; init; }

    /// <summary>The copies of an inner layer, which are not seen on the thing.</summary>
    public required IReadOnlyList<CopyJson> Within { get; init; }

    /// <summary>What to do on this one, in the order it is done.</summary>
    public required IReadOnlyList<FittingLineJson> Lines { get; init; }

    /// <summary>Its pieces that are cut again.</summary>
    public required IReadOnlyList<FittingPieceJson> Again { get; init; }

    /// <summary>Its pieces that are not cut yet: they are cut as it is sewn.</summary>
    public required IReadOnlyList<FittingPieceJson> NotCut { get; init; }

    /// <summary>What comes of it for the others of the set when it is carried to them.</summary>
    public required IReadOnlyList<FittingOtherJson> Others { get; init; }

    /// <summary>What was found before.</summary>
    public required IReadOnlyList<FoundBeforeJson> Before { get; init; }

    /// <summary>What is to be seen to: a piece that was cut at another size, an allowance that gives no more.</summary>
    public required IReadOnlyList<CheckJson> Checks { get; init; }
}
