using Wrapper.Core.Units;

namespace Wrapper.Core.Pattern;

/// <summary>
/// What a piece is of its cover, as a maker names it when cloths are given out: the top, the boxing, the piping. A cloth is
/// given to a role, and every copy of a piece has one. See docs/handbook.md, "More than one cloth".
/// </summary>
/// <param name="Word">Its word in the open format: <c>zip-boxing</c>.</param>
public sealed record PieceRole(string Word)
{
    /// <summary>The upper plate, panel or wrapped face; a tub in one piece, a flat cloth, a margin.</summary>
    public static PieceRole Top { get; } = new("top");

    /// <summary>The lower plate, panel or wrapped face.</summary>
    public static PieceRole Bottom { get; } = new("bottom");

    /// <summary>The boxing strip.</summary>
    public static PieceRole Boxing { get; } = new("boxing");

    /// <summary>The strips that carry the zip.</summary>
    public static PieceRole ZipBoxing { get; } = new("zip-boxing");

    /// <summary>Casing for piping.</summary>
    public static PieceRole Piping { get; } = new("piping");

    /// <summary>A cover of one piece folded over the thing.</summary>
    public static PieceRole Wrap { get; } = new("wrap");

    /// <summary>Both panels of a folded cover, where top and bottom are not told apart.</summary>
    public static PieceRole Panel { get; } = new("panel");

    /// <summary>The walls of a tub, in turn.</summary>
    public static PieceRole Wall { get; } = new("wall");

    /// <summary>A skirt.</summary>
    public static PieceRole Skirt { get; } = new("skirt");

    /// <summary>The ends of a roll.</summary>
    public static PieceRole End { get; } = new("end");

    /// <summary>The band round a roll.</summary>
    public static PieceRole Band { get; } = new("band");

    /// <summary>The sides of a cube, in turn.</summary>
    public static PieceRole Side { get; } = new("side");

    /// <summary>The strips between them, in turn.</summary>
    public static PieceRole Strip { get; } = new("strip");

    /// <summary>The face of a bag that is seen.</summary>
    public static PieceRole FaceFront { get; } = new("face-front");

    /// <summary>Its other face.</summary>
    public static PieceRole FaceBack { get; } = new("face-back");

    /// <summary>The outer layer of a cover that may be turned.</summary>
    public static PieceRole Outer { get; } = new("outer");

    /// <summary>Its inner layer.</summary>
    public static PieceRole Inner { get; } = new("inner");

    /// <summary>A block pinned on the thing; its zone's own name is heard first.</summary>
    public static PieceRole Block { get; } = new("block");

    /// <summary>A medallion.</summary>
    public static PieceRole Medallion { get; } = new("medallion");

    /// <summary>What lines an edge or backs something sewn on.</summary>
    public static PieceRole Facing { get; } = new("facing");

    /// <summary>A lining.</summary>
    public static PieceRole Lining { get; } = new("lining");

    /// <summary>What lies between cloth and lining.</summary>
    public static PieceRole Interlining { get; } = new("interlining");

    /// <summary>Wadding, felt, heat-proof cloth under the cover.</summary>
    public static PieceRole Padding { get; } = new("padding");

    /// <summary>Ties.</summary>
    public static PieceRole Tie { get; } = new("tie");

    /// <summary>Straps.</summary>
    public static PieceRole Strap { get; } = new("strap");

    /// <summary>Every role, in the order they are offered.</summary>
    public static IReadOnlyList<PieceRole> All { get; } =
    [
        Top,
        Bottom,
        Panel,
        Wrap,
        FaceFront,
        FaceBack,
        Outer,
        Inner,
        Boxing,
        ZipBoxing,
        Piping,
        Wall,
        Side,
        Strip,
        Skirt,
        Band,
        End,
        Block,
        Medallion,
        Facing,
        Lining,
        Interlining,
        Padding,
        Tie,
        Strap,
    ];

    private static readonly Dictionary<string, PieceRole> ByWord = All.ToDictionary(role => role.Word);

    /// <summary>The role of this word; null when there is none.</summary>
    public static PieceRole? Find(string word) => ByWord.GetValueOrDefault(word);

    /// <summary>What it is called: “top”, “zip boxing”, “front face”.</summary>
    public string Label =>
        this == FaceFront ? "front face"
        : this == FaceBack ? "back face"
        : this == Outer ? "outer layer"
        : this == Inner ? "inner layer"
        : Word.Replace('-', ' ');

    /// <summary>What it is called where a cloth is given to it: “piping casing”, for the cord inside is bought.</summary>
    public string ClothLabel => this == Piping ? "piping casing" : Label;

    /// <summary>It never takes the cover's own cloth: it is cut from what is given to it, or from none of the job's.</summary>
    public bool HasItsOwn => this == Lining || this == Interlining || this == Facing || this == Padding;

    /// <summary>It goes round the thing: several cloths given to it take turns.</summary>
    public bool GoesRound => this == Wall || this == Side || this == Strip;

    /// <summary>It may be joined from strips of several cloths; casing is joined from strips already, and wadding is laid.</summary>
    public bool CanBePieced => this != Piping && this != Padding && this != Tie && this != Strap;

    /// <summary>The role that is heard where nothing is said of this one: a cloth given to panels is given to both.</summary>
    public PieceRole? Wider(PieceKind kind) => kind == PieceKind.Panel && (this == Top || this == Bottom) ? Panel : null;

    /// <summary>The roles of the copies of a piece in one cover: of faces that lie over each other the first half is the upper.</summary>
    /// <param name="kind">What the piece is.</param>
    /// <param name="copies">How many there are in one cover.</param>
    public static IReadOnlyList<PieceRole> Usual(PieceKind kind, int copies) =>
        kind switch
        {
            PieceKind.Plate or PieceKind.Panel => Halves(Top, Bottom, copies),
            PieceKind.Top => copies > 1 ? Halves(Top, Bottom, copies) : [Top],
            PieceKind.Face => copies > 1 ? Halves(FaceFront, FaceBack, copies) : [FaceFront],
            _ => [.. Enumerable.Repeat(Of(kind), copies)],
        };

    /// <summary>Copies of which the first half is one thing and the second the other.</summary>
    public static IReadOnlyList<PieceRole> Halves(PieceRole first, PieceRole second, int copies) =>
        [.. Enumerable.Repeat(first, (copies + 1) / 2), .. Enumerable.Repeat(second, copies / 2)];

    private static PieceRole Of(PieceKind kind) =>
        kind switch
        {
            PieceKind.Layer => Padding,
            _ => ByWord[kind.Word()],
        };
}
