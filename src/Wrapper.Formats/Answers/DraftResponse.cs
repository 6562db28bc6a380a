using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Wrapper.Core.Working;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Drawing;

namespace Wrapper.Formats.Answers;

/// <summary>A check as JSON.</summary>
/// <param name="Level"><c>error</c>, <c>warning</c> or <c>note</c>.</param>
/// <param name="Code">A stable name.</param>
/// <param name="Text">For the maker.</param>
/// <param name="Measure">The measure, rule or option it hangs on.</param>
/// <param name="Mend">The first mend, if there is one.</param>
/// <param name="Mends">All mends; any one of them will do.</param>
/// <param name="Position">For a text that could not be read: where it stops making sense.</param>
/// <param name="Concerns">What it is about: <c>make-up</c>, <c>untaken</c>, <c>cloth</c>, <c>proof</c>.</param>
/// <param name="Brief">In two words, for a table of widths; null where it is no matter of a width.</param>
public sealed record CheckJson(
    CheckLevel Level,
    string Code,
    string Text,
    string? Measure,
    Mend? Mend,
    IReadOnlyList<Mend> Mends,
    int? Position,
    CheckConcern Concerns,
    string? Brief
)
{
    /// <summary>From the core's check.</summary>
    public static CheckJson Of(Check check)
    {
        var mends = check.Mends ?? [];
        return new(
            check.Level,
            check.Code,
            check.Text,
            check.Measure,
            mends.Count > 0 ? mends[0] : null,
            mends,
            check.Position,
            check.Concerns,
            check.Brief
        );
    }
}

/// <summary>A measure as it was read.</summary>
/// <param name="Value">In millimetres.</param>
/// <param name="Shown">In the job's unit, to the workroom's step.</param>
public sealed record ReadMeasureJson(double Value, string Shown);

/// <summary>A piece of cloth to cut; lengths in millimetres.</summary>
public sealed record PieceJson
{
    /// <summary>Unique in the draft.</summary>
    public required string Key { get; init; }

    /// <summary>The kind of piece.</summary>
    public required string Id { get; init; }

    /// <summary>Its number in the cut list, from 1: with the letter of its cover its code.</summary>
    public required int Number { get; init; }

    /// <summary>Its name on the cutting table.</summary>
    public required string Name { get; init; }

    /// <summary>For all covers alike.</summary>
    public required int Quantity { get; init; }

    /// <summary>How many of them are cut turned over.</summary>
    public required int Mirrored { get; init; }

    /// <summary>
    /// The key of its cloth; <c>lining</c> or <c>padding</c> where none of the cover’s cloths is its, <c>pieced</c> where it is joined from
    /// strips.
    /// </summary>
    public required string Cloth { get; init; }

    /// <summary>The keys of the strips it is joined from, which are cut in its place; empty where it is cut itself.</summary>
    public required IReadOnlyList<string> Parts { get; init; }

    /// <summary>What it is of the cover, as cloths are given out: the first where its copies are more than one thing.</summary>
    public required string Role { get; init; }

    /// <summary>All that its copies are.</summary>
    public required IReadOnlyList<string> Roles { get; init; }

    /// <summary>A face: a print is centred on it, and what stands round it goes on from it.</summary>
    public required bool IsFace { get; init; }

    /// <summary>Across; for strips the long side.</summary>
    public required double CutWidth { get; init; }

    /// <summary>Along; for strips the short side.</summary>
    public required double CutLength { get; init; }

    /// <summary>Cut width in the job's unit.</summary>
    public required string CutWidthShown { get; init; }

    /// <summary>Cut length in the job's unit.</summary>
    public required string CutLengthShown { get; init; }

    /// <summary>The cut line, flattened.</summary>
    public required IReadOnlyList<double[]> Outline { get; init; }

    /// <summary>The stitch line, flattened.</summary>
    public required IReadOnlyList<double[]> StitchLine { get; init; }

    /// <summary>How it may lie on the cloth.</summary>
    public required IReadOnlyList<int> Turns { get; init; }

    /// <summary>The edges of the stitch line.</summary>
    public required IReadOnlyList<EdgeJson> Edges { get; init; }

    /// <summary>Notches and folds.</summary>
    public required IReadOnlyList<MarkJson> Marks { get; init; }

    /// <summary>What is drawn on it besides its cut and its stitch line, as it is drawn in files: marks, creases, grain.</summary>
    public required IReadOnlyList<StrokeJson> Strokes { get; init; }

    /// <summary>From the core's piece.</summary>
    public static PieceJson Of(Piece piece, int number, LengthFormat format) =>
        new()
        {
            Key = piece.Key,
            Id = piece.Id,
            Number = number,
            Name = piece.Name,
            Quantity = piece.Quantity,
            Mirrored = piece.Mirrored,
            Cloth = piece.IsPieced ? "pieced" : piece.ClothKey ?? piece.Cloth.Word(),
            Parts = piece.JoinedFrom,
            Role = piece.CopyRoles[0].Word,
            Roles = [.. piece.Roles.Select(role => role.Word)],
            IsFace = piece.IsFace,
            CutWidth = piece.CutWidth.Value.Millimetres,
            CutLength = piece.CutLength.Value.Millimetres,
            CutWidthShown = format.Rounded(piece.CutWidth.Value),
            CutLengthShown = format.Rounded(piece.CutLength.Value),
            Outline = Corners(Flattening.Flatten(piece.CutLine)),
            StitchLine = Corners(Flattening.Flatten(piece.StitchLineOnCloth)),
            Turns = piece.Turns,
            Edges =
            [
                .. piece.StitchLine.Edges.Select(edge => new EdgeJson(
                    edge.Name,
                    edge.Length.Millimetres,
                    piece.Allowances[edge.Name].Millimetres
                )),
            ],
            Marks = [.. piece.Marks.Select(mark => MarkJson.Of(mark, piece, format))],
            Strokes = [.. PieceStrokes.OfMarks(piece).Select(StrokeJson.Of)],
        };

    /// <summary>The pieces of a draft, numbered as in its cut list.</summary>
    public static IReadOnlyList<PieceJson> Of(Draft draft) =>
        [.. draft.Pieces.Select((piece, place) => Of(piece, place + 1, draft.Format))];

    /// <summary>Corners as they are sent: x and y in millimetres.</summary>
    public static IReadOnlyList<double[]> Corners(IReadOnlyList<Point> corners) => [.. corners.Select(Corner)];

    private static double[] Corner(Point point) => [point.X.Millimetres, point.Y.Millimetres];
}

/// <summary>A row of the cut list: a piece, or parts of one thing that are cut to the same size.</summary>
/// <param name="Name">What they are called together.</param>
/// <param name="Quantity">For all covers alike.</param>
/// <param name="Pieces">The keys of the pieces in it.</param>
public sealed record CutRowJson(string Name, int Quantity, IReadOnlyList<string> Pieces)
{
    /// <summary>From the core’s row.</summary>
    public static CutRowJson Of(CutRow row) => new(row.Name, row.Quantity, [.. row.Pieces.Select(piece => piece.Key)]);
}

/// <summary>An open line of straights on a piece.</summary>
/// <param name="Layer">What it is for: <c>notch</c>, <c>fold</c>, <c>dart</c>, <c>corner</c>, <c>drill</c>, <c>zip</c>, <c>grain</c>. Lines
/// of one name are on one layer of a file.</param>
/// <param name="Points">Its points; a snip begins at the cut edge.</param>
public sealed record StrokeJson(Layer Layer, IReadOnlyList<double[]> Points)
{
    /// <summary>From the drawing.</summary>
    public static StrokeJson Of(Stroke stroke) => new(stroke.Layer, [.. stroke.Through.Select(point => (double[])[point.X, point.Y])]);
}

/// <summary>An edge on one side of a seam; a side may go on along several.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Copy">Which copy of it in one cover.</param>
/// <param name="Edge">The edge's name.</param>
/// <param name="Length">Along the stitch line.</param>
/// <param name="LengthShown">The same in the job's unit.</param>
/// <param name="Side">1 or 2: which side of the seam it is on.</param>
public sealed record SeamSideJson(string Piece, int Copy, string Edge, double Length, string LengthShown, int Side);

/// <summary>A seam with both its stitched lengths as measured on the pieces.</summary>
public sealed record SeamJson(string Id, IReadOnlyList<SeamSideJson> Sides, double Difference, double Ease, Caught? Takes, bool Meets);

/// <summary>Something else a cover needs.</summary>
public sealed record NotionJson(
    NotionKind Kind,
    string Name,
    string Brief,
    int Quantity,
    double Length,
    double? Width,
    double? Thickness,
    string LengthShown,
    string? WidthShown,
    string? ThicknessShown
);

/// <summary>A finished size.</summary>
/// <param name="Key">Its key.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Brief">What it is called where there is room for a word.</param>
/// <param name="Value">In millimetres.</param>
/// <param name="Shown">In the job’s unit.</param>
public sealed record FinishedJson(string Key, string Name, string Brief, double Value, string Shown);

/// <summary>A number with its sum.</summary>
public sealed record WorkingJson(
    string For,
    string Name,
    string Expression,
    double Value,
    string Shown,
    IReadOnlyList<WorkingToken> Tokens
);

/// <summary>How far the middle of a motif or stripe lies off the middle of a face, in millimetres.</summary>
/// <param name="Across">To the right; below 0 to the left.</param>
/// <param name="Along">To the back; below 0 to the front.</param>
public sealed record PrintLedJson(double Across, double Along);

/// <summary>A drafted cover, as JSON.</summary>
public sealed record DraftResponse
{
    /// <summary>The unit numbers are shown in: <c>in</c>, <c>cm</c>, <c>mm</c>.</summary>
    public required JobUnit Unit { get; init; }

    /// <summary>Measures as read.</summary>
    public required IReadOnlyDictionary<string, ReadMeasureJson> Measures { get; init; }

    /// <summary>Finished sizes.</summary>
    public required IReadOnlyList<FinishedJson> Finished { get; init; }

    /// <summary>The pieces.</summary>
    public required IReadOnlyList<PieceJson> Pieces { get; init; }

    /// <summary>The rows of the cut list.</summary>
    public required IReadOnlyList<CutRowJson> CutRows { get; init; }

    /// <summary>The seam ledger of one cover.</summary>
    public required IReadOnlyList<SeamJson> Seams { get; init; }

    /// <summary>Zips, cord, filling for all covers alike.</summary>
    public required IReadOnlyList<NotionJson> Notions { get; init; }

    /// <summary>Every number with its sum.</summary>
    public required IReadOnlyList<WorkingJson> Working { get; init; }

    /// <summary>The order of work.</summary>
    public required IReadOnlyList<StepJson> Steps { get; init; }

    /// <summary>Warnings and notes.</summary>
    public required IReadOnlyList<CheckJson> Checks { get; init; }

    /// <summary>What can hurt whoever has the cover; none says that a rule is kept.</summary>
    public required IReadOnlyList<string> Cautions { get; init; }

    /// <summary>Joins forced by the cloth.</summary>
    public required int Joins { get; init; }

    /// <summary>The names of the rules the cover obeys, in the order they are shown.</summary>
    public required IReadOnlyList<string> Rules { get; init; }

    /// <summary>Where the print is led on its faces.</summary>
    public required PrintLedJson Print { get; init; }

    /// <summary>From a draft and how its inputs were read.</summary>
    public static DraftResponse Of(Draft draft, CoverReading reading) =>
        new()
        {
            Unit = JobUnits.Of(draft.Format.Unit),
            Measures = ReadMeasures(reading),
            Finished =
            [
                .. draft.Finished.Select(size => new FinishedJson(
                    size.Key,
                    size.Name,
                    size.Brief,
                    size.Value.Value.Millimetres,
                    draft.Format.Rounded(size.Value.Value)
                )),
            ],
            Pieces = PieceJson.Of(draft),
            CutRows = [.. Core.Pattern.CutRows.Of(draft.Pieces).Select(CutRowJson.Of)],
            Seams =
            [
                .. draft.Ledger.Select(entry => new SeamJson(
                    entry.Seam.Id,
                    [
                        .. entry.Seam.FirstSide.Select(side => Side(side, 1, draft)),
                        .. entry.Seam.SecondSide.Select(side => Side(side, 2, draft)),
                    ],
                    entry.Difference.Millimetres,
                    entry.Seam.Ease.Millimetres,
                    entry.Seam.Takes,
                    entry.Meets
                )),
            ],
            Notions = [.. draft.Notions.Select(notion => Notion(notion, draft.Format))],
            Working =
            [
                .. draft
                    .Working()
                    .Select(line => new WorkingJson(line.For, line.Name, line.Expression, line.Value.Millimetres, line.Shown, line.Tokens)),
            ],
            Steps = reading.Specification is { } specification ? StepJson.Of(SewingPlanner.Of(draft, specification), draft) : [],
            Checks = [.. draft.Checks.Select(CheckJson.Of)],
            Cautions = draft.Cautions,
            Joins = draft.Joins,
            Rules = RulesOf(reading),
            Print = new(draft.Print.Across.Millimetres, draft.Print.Along.Millimetres),
        };

    /// <summary>
    /// The measures that could be read, also when others could not; those of corners and zones by place: <c>points.0.x</c>,
    /// <c>zones.0.width</c>.
    /// </summary>
    public static IReadOnlyDictionary<string, ReadMeasureJson> ReadMeasures(CoverReading reading)
    {
        var format = LengthFormat.For(reading.Unit);
        return reading
            .Measures.Select(measure => KeyValuePair.Create(measure.Key.Name, measure.Value))
            .Concat(reading.ListLengths)
            .ToDictionary(measure => measure.Key, measure => new ReadMeasureJson(measure.Value.Millimetres, format.Rounded(measure.Value)));
    }

    /// <summary>The rules that were asked for while the cover was drafted; those of the house alone are not the cover’s.</summary>
    private static IReadOnlyList<string> RulesOf(CoverReading reading) =>
        reading.Specification?.Rules is not { } rules
            ? []
            :
            [
                .. rules.Asked.Where(rule => rule.Group != RuleGroup.Cutting).Select(rule => rule.Name),
                .. rules.AskedNumbers.Where(rule => rule.Group is not (RuleGroup.Time or RuleGroup.Supplies)).Select(rule => rule.Name),
            ];

    private static SeamSideJson Side(SeamSide side, int number, Draft draft)
    {
        var length = draft.Pieces.First(piece => piece.Key == side.Piece).LengthOf(side.Edge);
        return new(side.Piece, side.Copy, side.Edge, length.Millimetres, draft.Format.Rounded(length), number);
    }

    private static NotionJson Notion(Notion notion, LengthFormat format) =>
        new(
            notion.Kind,
            notion.Name,
            notion.Brief,
            notion.Quantity,
            notion.Length.Value.Millimetres,
            notion.Width?.Value.Millimetres,
            notion.Thickness?.Value.Millimetres,
            format.Rounded(notion.Length.Value),
            notion.Width is { } width ? format.Rounded(width.Value) : null,
            notion.Thickness is { } thickness ? format.Rounded(thickness.Value) : null
        );
}
