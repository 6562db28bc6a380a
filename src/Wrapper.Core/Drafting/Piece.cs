using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>Which cloth a piece is cut from.</summary>
public enum ClothRole
{
    /// <summary>The cover's own cloth.</summary>
    Main,
}

/// <summary>Something chalked or snipped on a piece. See docs/handbook.md, "Marks".</summary>
/// <param name="Kind"><c>notch</c>, <c>fold</c>, <c>corner-line</c>, <c>zip-stop</c>, <c>top</c>.</param>
/// <param name="Label">What it is for.</param>
/// <param name="From">Where it stands, in the piece's stitch-line coordinates.</param>
/// <param name="To">Where it ends, for a line; equal to <paramref name="From"/> for a point.</param>
public sealed record Mark(string Kind, string Label, Point From, Point To)
{
    /// <summary>A mark at one point.</summary>
    public static Mark At(string kind, string label, Point point) => new(kind, label, point, point);
}

/// <summary>
/// A piece of cloth to cut. It knows its stitch line and the allowance of each edge; the cut line follows from them.
/// See docs/handbook.md, "Pieces".
/// </summary>
public sealed record Piece
{
    /// <summary>Unique in the draft: <c>boxing-2</c>.</summary>
    public required string Key { get; init; }

    /// <summary>The kind of piece in the open format: <c>boxing</c>.</summary>
    public required string Id { get; init; }

    /// <summary>What the piece is called on the cutting table.</summary>
    public required string Name { get; init; }

    /// <summary>How many for one cover.</summary>
    public required int PerCover { get; init; }

    /// <summary>How many for all the covers alike.</summary>
    public required int Quantity { get; init; }

    /// <summary>How many of them are cut turned over.</summary>
    public int Mirrored { get; init; }

    /// <summary>Which cloth it is cut from.</summary>
    public ClothRole Cloth { get; init; }

    /// <summary>The cut size across the thing; for strips the long side.</summary>
    public required Worked CutWidth { get; init; }

    /// <summary>The cut size along the warp; for strips the short side.</summary>
    public required Worked CutLength { get; init; }

    /// <summary>The finished outline: seams are measured on it.</summary>
    public required Outline StitchLine { get; init; }

    /// <summary>What each edge of the stitch line is cut larger by.</summary>
    public required IReadOnlyDictionary<string, Length> Allowances { get; init; }

    /// <summary>How the piece may be turned on the cloth, in degrees counter-clockwise.</summary>
    public IReadOnlyList<int> Turns { get; init; } = [0, 180];

    /// <summary>Notches, folds and labels.</summary>
    public IReadOnlyList<Mark> Marks { get; init; } = [];

    /// <summary>The cut line: the stitch line with every edge moved out by its allowance, or a shape cut as it is given.</summary>
    public Outline CutLine => _cutLine ??= OutlineOffset.Offset(StitchLine, Allowances);

    private Outline? _cutLine;
}
