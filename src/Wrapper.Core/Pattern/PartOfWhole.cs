using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Pattern;

/// <summary>
/// Which part a piece is of something that is cut in several pieces. Parts of one thing that are cut to the same size stand in one row
/// of a cut list. See docs/handbook.md, "Pieces".
/// </summary>
/// <param name="Whole">What all its parts together are called: “Boxing”.</param>
public abstract record PartOfWhole(string Whole)
{
    /// <summary>What the part is called: “Boxing 1 of 3”.</summary>
    public abstract string Name { get; }

    /// <summary>What this part and others of the same thing are called in one row: “Boxing 1, 3 of 3”.</summary>
    /// <param name="parts">All parts in the row, this one among them, in their order.</param>
    public abstract string NameOfRow(IReadOnlyList<PartOfWhole> parts);
}

/// <summary>A part that is told by its number.</summary>
/// <param name="Whole">What all parts together are called.</param>
/// <param name="Number">Which it is, from 1.</param>
/// <param name="Of">How many there are.</param>
public sealed record NumberedPart(string Whole, int Number, int Of) : PartOfWhole(Whole)
{
    /// <inheritdoc />
    public override string Name => PartNameText.Numbered(Whole, [Number], Of);

    /// <inheritdoc />
    public override string NameOfRow(IReadOnlyList<PartOfWhole> parts) =>
        PartNameText.Numbered(Whole, [.. parts.OfType<NumberedPart>().Select(part => part.Number)], Of);
}

/// <summary>The middle or a side of a face that is wider than its cloth.</summary>
/// <param name="Whole">What the face is called.</param>
/// <param name="Side">Left or right; none for the middle.</param>
public sealed record SidePart(string Whole, EdgeSide Side) : PartOfWhole(Whole)
{
    /// <inheritdoc />
    public override string Name => Side == EdgeSide.None ? PartNameText.Middle(Whole) : PartNameText.OneSide(Whole, Side.Word());

    /// <inheritdoc />
    public override string NameOfRow(IReadOnlyList<PartOfWhole> parts) => parts.Count > 1 ? PartNameText.BothSides(Whole) : Name;
}

/// <summary>The left or the right one of a pair.</summary>
/// <param name="Whole">What both are called.</param>
/// <param name="Side">Left or right.</param>
public sealed record PairPart(string Whole, EdgeSide Side) : PartOfWhole(Whole)
{
    /// <inheritdoc />
    public override string Name => PartNameText.OfPair(Whole, Side.Word());

    /// <inheritdoc />
    public override string NameOfRow(IReadOnlyList<PartOfWhole> parts) => parts.Count > 1 ? PartNameText.BothOfPair(Whole) : Name;
}
