using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Pattern;

/// <summary>Which cloth a piece is cut from.</summary>
public enum ClothRole
{
    /// <summary>The cover's own cloth.</summary>
    Main,

    /// <summary>Cloth for the inside or the back of something: a facing, a lining.</summary>
    Lining,

    /// <summary>Wadding, felt, heat-proof cloth: what lies under the cover.</summary>
    Padding,
}

/// <summary>What becomes of a piece, for the proof: nothing that is sewn is left out of it.</summary>
public enum PieceUse
{
    /// <summary>It is one of the cover's walls, faces or strips and is folded up with it.</summary>
    Cover,

    /// <summary>It hangs from an edge of the cover that it is gathered or pleated to: a skirt.</summary>
    Hung,

    /// <summary>It is sewn flat on the cover: a medallion, a facing.</summary>
    Applied,

    /// <summary>Casing strips, joined, that are caught in piped seams.</summary>
    Casing,

    /// <summary>It lies under the cover and is not sewn: a layer of padding.</summary>
    Laid,

    /// <summary>It is joined to its like before the cover is sewn: a strip of a pieced face, which is folded up as a whole.</summary>
    Joined,
}

/// <summary>Something chalked or snipped on a piece. See docs/handbook.md, "Marks".</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Label">What it is for.</param>
/// <param name="From">Where it stands, in the piece's stitch-line coordinates.</param>
/// <param name="To">Where it ends, for a line; equal to <paramref name="From"/> for a point.</param>
public sealed record Mark(MarkKind Kind, string Label, Point From, Point To)
{
    /// <summary>A mark at one point.</summary>
    public static Mark At(MarkKind kind, string label, Point point) => new(kind, label, point, point);
}

/// <summary>
/// A piece of cloth to cut. It knows its stitch line and the allowance of each edge; the cut line follows from them.
/// See docs/handbook.md, "Pieces".
/// </summary>
public sealed record Piece
{
    /// <summary>Unique in the draft: <c>boxing-2</c>.</summary>
    public required string Key { get; init; }

    /// <summary>What it is of the cover.</summary>
    public required PieceKind Kind { get; init; }

    /// <summary>The word of its kind in the open format: <c>boxing</c>.</summary>
    public string Id => Kind.Word();

    /// <summary>It is seen flat, from above or in front: the faces of a set show the same place of the pattern.</summary>
    public bool IsFace => Kind is PieceKind.Plate or PieceKind.Top or PieceKind.Face or PieceKind.Panel or PieceKind.Wrap;

    /// <summary>What the piece is called on the cutting table.</summary>
    public required string Name { get; init; }

    /// <summary>
    /// Which part it is of what is cut in several: “outer drop”, “part 1 of 2”; null where it is whole, or its name says all.
    /// </summary>
    public string? PartName { get; init; }

    /// <summary>Which part it is of what is told apart by number or side; null where it is whole or told otherwise.</summary>
    public PartOfWhole? Part { get; init; }

    /// <summary>How many for one cover.</summary>
    public required int PerCover { get; init; }

    /// <summary>How many for all the covers alike.</summary>
    public required int Quantity { get; init; }

    /// <summary>How many of them are cut turned over.</summary>
    public int Mirrored { get; init; }

    /// <summary>What sort of cloth it is cut from.</summary>
    public ClothRole Cloth { get; init; }

    /// <summary>The key of the one of the job's cloths it is cut from; null where no cloth has a key, or none of them is its.</summary>
    public string? ClothKey { get; init; }

    /// <summary>What each copy of a cover is, copy by copy.</summary>
    public IReadOnlyList<PieceRole> CopyRoles
    {
        get => _copyRoles ?? PieceRole.Usual(Kind, PerCover);
        init => _copyRoles = value;
    }

    /// <summary>What its copies are, each role once.</summary>
    public IReadOnlyList<PieceRole> Roles => [.. CopyRoles.Distinct()];

    /// <summary>
    /// The words of the zone it is cut for, which are heard before its role when cloths are given out: “arm-left”, then “arm”.
    /// </summary>
    public IReadOnlyList<string> Zones { get; init; } = [];

    /// <summary>
    /// Where each copy stands among its like, from the front round to the left, from 0; empty where they do not go round.
    /// </summary>
    public IReadOnlyList<int> CopyPlaces { get; init; } = [];

    /// <summary>How each copy may be turned, where cloths tell them apart; empty where all are turned alike.</summary>
    public IReadOnlyList<IReadOnlyList<int>> CopyTurns { get; init; } = [];

    /// <summary>The cut size across the thing; for strips the long side.</summary>
    public required Worked CutWidth { get; init; }

    /// <summary>The cut size along the warp; for strips the short side.</summary>
    public required Worked CutLength { get; init; }

    /// <summary>The finished outline: seams are measured on it.</summary>
    public required Outline StitchLine
    {
        get => _stitchLine;
        init => (_stitchLine, _cutLine) = (value, null); // a copy with another line has another cut line
    }

    /// <summary>What each edge of the stitch line is cut larger by.</summary>
    public required IReadOnlyDictionary<string, Length> Allowances
    {
        get => _allowances;
        init => (_allowances, _cutLine) = (value, null);
    }

    /// <summary>How the piece may be turned on the cloth, in degrees counter-clockwise.</summary>
    public IReadOnlyList<int> Turns { get; init; } = [0, 180];

    /// <summary>
    /// By how much it is cut larger across and along because its cloth is not washed first: places on the stitch line, in washed
    /// sizes, are found that much further out on the cloth.
    /// </summary>
    public (decimal Across, decimal Along) StretchedTo { get; init; } = (1, 1);

    /// <summary>A place of the stitch line where it is found on the cloth.</summary>
    public Point OnCloth(Point point) =>
        StretchedTo == (1, 1) ? point : new(point.X.Times(StretchedTo.Across), point.Y.Times(StretchedTo.Along));

    /// <summary>The stitch line where it is found on the cloth.</summary>
    public Outline StitchLineOnCloth => Stretching.Of(StitchLine, StretchedTo.Across, StretchedTo.Along);

    /// <summary>It is a strip on the slant of the cloth, as long as its own long side and as wide as it is square to that.</summary>
    public bool IsSlantStrip { get; init; }

    /// <summary>Of two copies in one cover the second lies turned over, so that the same edges lie over each other.</summary>
    public bool InFacingPairs { get; init; }

    /// <summary>Every copy lies turned over: it is the far one of two that face each other.</summary>
    public bool IsTurnedOver { get; init; }

    /// <summary>This copy lies turned over when the cover is made up.</summary>
    /// <param name="copy">Which, from 1.</param>
    public bool LiesTurnedOver(int copy) => IsTurnedOver || (InFacingPairs && copy % 2 == 0);

    /// <summary>What becomes of it.</summary>
    public PieceUse Use { get; init; }

    /// <summary>A place on the face it lies on when it is made up, where that is not its middle; null where it is.</summary>
    public Point? FaceAt { get; init; }

    /// <summary>Where the piece bends, and lines inside it that are sewn.</summary>
    public IReadOnlyList<Fold> Folds { get; init; } = [];

    /// <summary>Stretches over which the piece is bent round a curve.</summary>
    public IReadOnlyList<Roll> Rolls { get; init; } = [];

    /// <summary>Where it lies on the hems of a ready-made cloth that stay on it; null where it is cut free of its edges.</summary>
    public KeptHems? Kept { get; init; }

    /// <summary>The keys of the strips it is joined from, which are cut in its place; empty where it is cut itself.</summary>
    public IReadOnlyList<string> JoinedFrom { get; init; } = [];

    /// <summary>It is joined from strips and lies on no cloth itself.</summary>
    public bool IsPieced => JoinedFrom.Count > 0;

    /// <summary>Notches, folds and labels.</summary>
    public IReadOnlyList<Mark> Marks { get; init; } = [];

    /// <summary>The cut line: the stitch line with every edge moved out by its allowance, or a shape cut as it is given.</summary>
    public Outline CutLine => _cutLine ??= CutAs ?? OutlineOffset.Offset(StitchLine, Allowances);

    /// <summary>
    /// The cut line where it is not just the stitch line moved out: a part of a larger shape is cut straight along its joins. Null
    /// elsewhere.
    /// </summary>
    public Outline? CutAs
    {
        get => _cutAs;
        init => (_cutAs, _cutLine) = (value, null);
    }

    private readonly Outline _stitchLine = null!;
    private readonly IReadOnlyDictionary<string, Length> _allowances = null!;
    private readonly Outline? _cutAs;
    private readonly IReadOnlyList<PieceRole>? _copyRoles;
    private Outline? _cutLine;

    /// <summary>The length of an edge of the stitch line, or of a line sewn inside the piece.</summary>
    /// <exception cref="KeyNotFoundException">There is neither.</exception>
    public Length LengthOf(EdgeName edge) => FindLength(edge) ?? throw new KeyNotFoundException($"The piece {Key} has no edge “{edge}”.");

    /// <summary>The same; null when there is neither.</summary>
    public Length? FindLength(EdgeName edge)
    {
        foreach (var fold in Folds)
        {
            if (fold.IndexOf(edge) is { } segment)
            {
                return fold.Through[segment].DistanceTo(fold.Through[segment + 1]);
            }
        }

        return StitchLine.FindLength(edge);
    }
}
