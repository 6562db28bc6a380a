using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>
/// The name of an edge, together with what the edge is: where it lies on the cover, and what becomes of it. Two names are the same
/// when their words are. See docs/handbook.md, "Seams".
/// </summary>
public sealed class EdgeName : IEquatable<EdgeName>
{
    private EdgeName(string word, EdgePlace at, EdgeFunction function, string? wholeWord = null, int number = 0) =>
        (Word, At, Function, WholeWord, Number) = (word, at, function, wholeWord ?? word, number);

    /// <summary>The front edge of a plan, a face or a rectangle.</summary>
    public static EdgeName Front { get; } = Of(EdgeSide.Front);

    /// <summary>The right edge; of a strip, its right end.</summary>
    public static EdgeName Right { get; } = Of(EdgeSide.Right);

    /// <summary>The back edge.</summary>
    public static EdgeName Back { get; } = Of(EdgeSide.Back);

    /// <summary>The left edge; of a strip, its left end.</summary>
    public static EdgeName Left { get; } = Of(EdgeSide.Left);

    /// <summary>The front, right, back and left edges, in their order round the shape.</summary>
    public static IReadOnlyList<EdgeName> Round { get; } = [Front, Right, Back, Left];

    /// <summary>The upper edge of a wall, or of a profile seen from its end.</summary>
    public static EdgeName Top { get; } = Of(EdgeSide.Top);

    /// <summary>The edge of a profile that the thing stands on.</summary>
    public static EdgeName Bottom { get; } = Of(EdgeSide.Bottom);

    /// <summary>The end of a bag that is sewn shut.</summary>
    public static EdgeName Closed { get; } = Of(EdgeSide.Closed);

    /// <summary>The end of a bag that is open, or the part of it that stays open.</summary>
    public static EdgeName End { get; } = Of(EdgeSide.End);

    /// <summary>The part of a bag’s open end that is sewn shut on the left.</summary>
    public static EdgeName EndLeft { get; } = new("end-left", new(EdgeSide.End, EdgeSide.Left), EdgeFunction.Seam);

    /// <summary>The part that is sewn shut on the right.</summary>
    public static EdgeName EndRight { get; } = new("end-right", new(EdgeSide.End, EdgeSide.Right), EdgeFunction.Seam);

    /// <summary>The side of a drop that is sewn to the other face.</summary>
    public static EdgeName OuterSide { get; } = Of(EdgeSide.Side);

    /// <summary>The lower edge of a wall that is hemmed or cased.</summary>
    public static EdgeName Hem { get; } = new("hem", EdgePlace.None, EdgeFunction.Hem);

    /// <summary>The edge of a strip that the zip is sewn to.</summary>
    public static EdgeName Zip { get; } = new("zip", EdgePlace.None, EdgeFunction.Zip);

    /// <summary>The edge that joins a drop to its neighbour.</summary>
    public static EdgeName Join { get; } = new("join", EdgePlace.None, EdgeFunction.Join);

    /// <summary>The upper edge of a face that lies over the thing’s top, or of a strip.</summary>
    public static EdgeName Upper { get; } = new("upper", new(EdgeSide.None, Layer: EdgeLayer.Upper), EdgeFunction.Seam);

    /// <summary>The lower edge of a face that is open below, or of a strip.</summary>
    public static EdgeName Lower { get; } = new("lower", new(EdgeSide.None, Layer: EdgeLayer.Lower), EdgeFunction.Seam);

    /// <summary>The left of the two joins of a piece cut in a middle and two sides; the middle’s own left edge.</summary>
    public static EdgeName JoinLeft { get; } = new("join-left", new(EdgeSide.Left), EdgeFunction.Join);

    /// <summary>The right one.</summary>
    public static EdgeName JoinRight { get; } = new("join-right", new(EdgeSide.Right), EdgeFunction.Join);

    /// <summary>The word seams, answers and files use: <c>front</c>, <c>back-left-a</c>, <c>left-2</c>.</summary>
    public string Word { get; }

    /// <summary>The word of the edge this one is a numbered part of; its own word where it is whole.</summary>
    public string WholeWord { get; }

    /// <summary>Which part of that edge it is, from 1; 0 where it is whole.</summary>
    public int Number { get; }

    /// <summary>Where on the cover the edge lies.</summary>
    public EdgePlace At { get; }

    /// <summary>The side it lies on.</summary>
    public EdgeSide Side => At.Side;

    /// <summary>What becomes of it.</summary>
    public EdgeFunction Function { get; }

    /// <summary>The edge of a side, called after it.</summary>
    public static EdgeName Of(EdgeSide side) => new(side.Word(), new(side), EdgeFunction.Seam);

    /// <summary>The upper or the lower of the two edges of a side.</summary>
    public static EdgeName Of(EdgeSide side, EdgeLayer layer) => Called($"{side.Word()}-{layer.Word()}", new(side, Layer: layer));

    /// <summary>An edge that is called otherwise than after its side.</summary>
    /// <param name="word">The word seams, answers and files use.</param>
    /// <param name="at">Where on the cover it lies.</param>
    /// <param name="function">What becomes of it.</param>
    public static EdgeName Called(string word, EdgePlace at, EdgeFunction function = EdgeFunction.Seam) => new(word, at, function);

    /// <summary>Which edge of an outline that has no front or back: numbered from 1.</summary>
    public static EdgeName Numbered(int number) => new($"edge-{number}", new(EdgeSide.Edge), EdgeFunction.Seam);

    /// <summary>A part of this edge, numbered from 1 in the direction of travel.</summary>
    public EdgeName Part(int number) => new($"{Word}-{number}", At, Function, Word, number);

    /// <summary>The same edge, to become something else under another word.</summary>
    public EdgeName As(EdgeFunction function, string suffix) => new($"{Word}-{suffix}", At, function);

    /// <summary>The edge, or a numbered part of the edge, that has this name.</summary>
    public bool IsPartOf(EdgeName whole) => Word == whole.Word || WholeWord == whole.Word;

    /// <summary>The whole edge, or the middle one of its three parts.</summary>
    public bool IsMiddleOf(EdgeName whole) => IsPartOf(whole) && Number is 0 or 2;

    /// <summary>It lies where the other lies, left for right, and becomes the same.</summary>
    public bool Mirrors(EdgeName other) => At == other.At.Mirrored() && Function == other.Function;

    /// <summary>The word, where an edge is looked up by it.</summary>
    public static implicit operator string(EdgeName name) => name.Word;

    /// <summary>Both names are the same word.</summary>
    public static bool operator ==(EdgeName? left, EdgeName? right) => left?.Word == right?.Word;

    /// <summary>The names are different words.</summary>
    public static bool operator !=(EdgeName? left, EdgeName? right) => left?.Word != right?.Word;

    /// <inheritdoc />
    public bool Equals(EdgeName? other) => other is not null && Word == other.Word;

    /// <inheritdoc />
    public override bool Equals(object? obj) => Equals(obj as EdgeName);

    /// <inheritdoc />
    public override int GetHashCode() => Word.GetHashCode(StringComparison.Ordinal);

    /// <inheritdoc />
    public override string ToString() => Word;
}
