using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;

namespace Wrapper.Web.Answers;

/// <summary>A cover of the job, under the caller's key. An example is laid only while there is nothing real to lay.</summary>
public sealed record YardageCoverJson(string Key, CoverDocument Cover, bool? Example);

/// <summary>What came of one cover: its draft, or the checks in the way of one, and the measures that could be read.</summary>
public sealed record CoverAnswerJson(
    DraftResponse? Draft,
    IReadOnlyList<CheckJson> Checks,
    IReadOnlyDictionary<string, ReadMeasureJson> Measures
);

/// <summary>
/// What is to be bought: the covers of a job, its cloth or cloths, and whether other widths are compared, and the keys of the covers whose
/// drafts are wanted.
/// </summary>
public sealed record YardageRequestJson(
    [property: WordOf<JobUnit>] string Unit,
    Dictionary<string, string>? HouseRules,
    IReadOnlyList<YardageCoverJson> Covers,
    ClothDocument? Cloth,
    bool? Compare,
    IReadOnlyList<string>? Drafts,
    int? Steps
)
{
    /// <summary>
    /// All cloths of the job by their keys, for covers that give them to their roles. Beside <see cref="Cloth"/> they only stand by;
    /// without it each is laid.
    /// </summary>
    public Dictionary<string, ClothDocument>? Cloths { get; init; }
}

/// <summary>
/// A laid piece: the cover and piece it is, its number in that cover's cut list, its shape as laid, and the turns it may take on this
/// cloth.
/// </summary>
public sealed record LaidPieceJson(
    string Id,
    string Cover,
    string Key,
    int Number,
    string Name,
    int Copies,
    IReadOnlyList<double[]> Outline,
    IReadOnlyList<int> Turns
)
{
    /// <summary>From the core's laid piece.</summary>
    public static LaidPieceJson Of(LaidPiece piece, ClothSpecification cloth, IReadOnlyDictionary<string, Draft> drafts) =>
        new(
            piece.LayId,
            piece.Cover,
            piece.Piece.Key,
            PieceCodes.NumberOf(drafts[piece.Cover], piece.Piece.Key),
            piece.Piece.Name,
            piece.Copies,
            [.. piece.Shape.Select(corner => new[] { corner.X.Millimetres, corner.Y.Millimetres })],
            ClothBuyer.TurnsOf(cloth, piece)
        );
}

/// <summary>How much to buy.</summary>
/// <param name="Need">The lay and the end trim, in millimetres.</param>
/// <param name="Buy">Rounded up to the step, in millimetres.</param>
/// <param name="Ready">How many of a ready-made cloth; 0 for a roll.</param>
/// <param name="Figure">The figure in the job's system: <c>3¼</c> or <c>2.9</c>.</param>
/// <param name="Unit"><c>yd</c> or <c>m</c>.</param>
/// <param name="Yards">Rounded up to the yard step: <c>3¼ yd</c>.</param>
/// <param name="Metres">Rounded up to the metre step: <c>2.9 m</c>.</param>
/// <param name="RuleOfThumb">The paper figure in the job's system, with its unit.</param>
/// <param name="Saved">What the lay saves against the paper figure, with its unit; null when nothing.</param>
/// <param name="Waste">The part of the bought cloth in no piece.</param>
/// <param name="Matching">What meeting the pattern costs in cloth, with its unit; null when nothing or not looked into.</param>
/// <param name="Cost">At the cloth's price; null without one.</param>
/// <param name="Working">The sum.</param>
public sealed record BuyJson(
    double Need,
    double Buy,
    int Ready,
    string Figure,
    string Unit,
    string Yards,
    string Metres,
    string RuleOfThumb,
    string? Saved,
    string? Matching,
    double Waste,
    decimal? Cost,
    WorkingJson Working
);

/// <summary>
/// A line of the comparison; it costs something only where a price is said for this width. Marks: <c>least-money</c>, <c>least-cloth</c>,
/// <c>fewest-joins</c>.
/// </summary>
public sealed record WidthJson(
    string Name,
    double Width,
    string? Buy,
    double? Length,
    decimal? Cost,
    double? Waste,
    int Joins,
    IReadOnlyList<WidthMark> Marks,
    IReadOnlyList<CheckJson> Checks
);

/// <summary>One of the cloths of a job at every width it is sold in.</summary>
/// <param name="Key">The cloth’s key.</param>
/// <param name="InsteadOf">The key of the cloth whose pieces are laid on it to see, where nothing lies on it; null where something
/// does.</param>
/// <param name="Widths">Its widths, the narrowest first.</param>
public sealed record ComparedClothJson(string Key, string? InsteadOf, IReadOnlyList<WidthJson> Widths);

/// <summary>A seam at which a pattern is meant to go on.</summary>
/// <param name="Cover">The cover’s key.</param>
/// <param name="Seam">The seam.</param>
/// <param name="Off">How far it is off, in millimetres.</param>
/// <param name="Holds">No more than 1/8 in or 3 mm.</param>
public sealed record PatternMeetingJson(string Cover, string Seam, double Off, bool Holds)
{
    /// <summary>From the core's.</summary>
    public static PatternMeetingJson Of(PatternMeeting meeting) => new(meeting.Cover, meeting.Seam, meeting.Off.Millimetres, meeting.Holds);
}

/// <summary>The face of the cloth as it lies under the lay, in millimetres.</summary>
/// <param name="Kind"><c>plain</c>, <c>stripe</c>, <c>check</c>, <c>motif</c>, <c>picture</c>.</param>
/// <param name="Ground">The colour of the ground.</param>
/// <param name="Ink">The colour of the figure.</param>
/// <param name="Figure">How wide the figure is.</param>
/// <param name="Width">The repeat across; 0 for none.</param>
/// <param name="Length">The repeat down the roll; 0 for none.</param>
/// <param name="HalfDrop">From one repeat across to the next it drops by half a repeat.</param>
/// <param name="X">A corner of one of the repeats, across.</param>
/// <param name="Y">The same along.</param>
/// <param name="Picture">The name its picture was asked by; null for none.</param>
public sealed record PrintJson(
    FaceKind Kind,
    string Ground,
    string Ink,
    double Figure,
    double Width,
    double Length,
    bool HalfDrop,
    double X,
    double Y,
    string? Picture
);

/// <summary>Something else to buy.</summary>
public sealed record ShoppingJson(NotionKind Kind, string Text, int Quantity);

/// <summary>A stretch of the roll, cut off right across and cut apart: see the core's.</summary>
/// <param name="To">Where it is cut right across, in millimetres.</param>
/// <param name="Shown">The same in the job's unit.</param>
/// <param name="Straight">All in it comes free by straight cuts.</param>
/// <param name="Pieces">The pieces in the order they come free, alike ones together: their lay id and how many.</param>
public sealed record CutStretchJson(double To, string Shown, bool Straight, IReadOnlyList<CutPieceJson> Pieces);

/// <summary>Like pieces cut one after another.</summary>
public sealed record CutPieceJson(string Piece, int Count);

/// <summary>What is drawn of a cloth beside its pieces.</summary>
/// <param name="Flaws">Left, right, from and to of each, in millimetres on the usable width.</param>
/// <param name="Remnants">The remnants that pieces may lie on.</param>
/// <param name="Selvage">Of each side.</param>
public sealed record ClothLaidJson(IReadOnlyList<double[]> Flaws, IReadOnlyList<RemnantLaidJson> Remnants, double Selvage);

/// <summary>A remnant on the shelf.</summary>
public sealed record RemnantLaidJson(string Id, double Width, double Length);

/// <summary>A lay as it becomes shorter: where all lies and what would be bought.</summary>
public sealed record YardageLiveJson(LayJson Lay, BuyJson Buy);

/// <summary>What a job takes of one of its cloths.</summary>
/// <param name="UsableWidth">What pieces can lie on, in millimetres; null where the cloth cannot be read.</param>
/// <param name="Buy">What to buy; null where nothing can be laid.</param>
/// <param name="Lay">Where all lies.</param>
/// <param name="Pieces">What is laid.</param>
/// <param name="LeftOut">Covers that are cut from it and cannot be laid yet.</param>
/// <param name="Checks">What was noticed.</param>
/// <param name="Joins">Joins in the covers that lie on it.</param>
/// <param name="Cuts">In which order it is cut.</param>
/// <param name="Offcuts">What is left and worth keeping.</param>
public sealed record ClothYardageJson(
    double? UsableWidth,
    BuyJson? Buy,
    LayJson? Lay,
    IReadOnlyList<LaidPieceJson> Pieces,
    IReadOnlyList<string> LeftOut,
    IReadOnlyList<CheckJson> Checks,
    int Joins,
    IReadOnlyList<CutStretchJson> Cuts,
    IReadOnlyList<OffcutJson> Offcuts
);

/// <summary>
/// What a job takes of its cloth; of all its cloths where they are asked about together, and then what is of one cloth stands in
/// <see cref="Cloths"/>.
/// </summary>
public sealed record YardageJson(
    double? UsableWidth,
    string? UsableWidthShown,
    BuyJson? Buy,
    LayJson? Lay,
    IReadOnlyList<LaidPieceJson> Pieces,
    IReadOnlyDictionary<string, CoverAnswerJson> Covers,
    bool Example,
    IReadOnlyList<WidthJson> Widths,
    IReadOnlyList<ShoppingJson> Notions,
    IReadOnlyList<string> LeftOut,
    IReadOnlyList<CheckJson> Checks,
    int Joins,
    ClothLaidJson? Cloth,
    IReadOnlyList<CutStretchJson> Cuts,
    IReadOnlyList<OffcutJson> Offcuts
)
{
    /// <summary>Each cloth by its key; null where one is asked about.</summary>
    public IReadOnlyDictionary<string, ClothYardageJson>? Cloths { get; init; }

    /// <summary>What all the cloths cost together; null where one of them has no price, or one is asked about.</summary>
    public decimal? Cost { get; init; }

    /// <summary>
    /// Where all cloths are asked about and compared: each at the widths it is sold in, and what lies on none as if the covers were cut
    /// from it.
    /// </summary>
    public IReadOnlyList<ComparedClothJson> Compared { get; init; } = [];

    /// <summary>
    /// What would be bought were its pattern matched over the <c>set</c>, each <c>cover</c> or <c>none</c>; empty where it has no pattern
    /// or nothing is compared.
    /// </summary>
    public IReadOnlyDictionary<string, string> Matchings { get; init; } = new Dictionary<string, string>();

    /// <summary>The seams at which its pattern is meant to go on, measured on the lay.</summary>
    public IReadOnlyList<PatternMeetingJson> Meets { get; init; } = [];

    /// <summary>What is seen of the cloth that is asked about, where it lies under the lay; null where nobody has described it.</summary>
    public PrintJson? Print { get; init; }
}
