using Wrapper.Core.Cutting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Formats.Answers;

/// <summary>A place on a card, from the corner of the box the piece lies in; x across, y along, in millimetres.</summary>
/// <param name="X">Across.</param>
/// <param name="Y">Along.</param>
/// <param name="AcrossShown">Across in the job’s unit.</param>
/// <param name="AlongShown">Along in the job’s unit.</param>
/// <param name="Corner">The corner just chalked, from 1, whose edge it is on; null inside.</param>
/// <param name="Distance">How far along that edge, in the job’s unit; null inside.</param>
/// <param name="From">The same in millimetres, to put marks in their order.</param>
public sealed record CutPlaceJson(double X, double Y, string AcrossShown, string AlongShown, int? Corner, string? Distance, double From);

/// <summary>A corner to chalk, and the edge from it to the next.</summary>
/// <param name="X">Across, from the corner of the box.</param>
/// <param name="Y">Along.</param>
/// <param name="AcrossShown">Across in the job’s unit.</param>
/// <param name="AlongShown">Along in the job’s unit.</param>
/// <param name="ToNext">How long the edge to the next corner is, in the job’s unit.</param>
/// <param name="Rise">How far that edge bulges out at its middle; begins with − where it hollows in; null where it is straight.</param>
public sealed record CutCornerJson(double X, double Y, string AcrossShown, string AlongShown, string ToNext, string? Rise);

/// <summary>Something to mark.</summary>
public sealed record CutMarkJson(MarkKind Kind, string Label, CutPlaceJson From, CutPlaceJson? To);

/// <summary>A copy to cut.</summary>
/// <param name="Copy">Which over all covers alike, from 1.</param>
/// <param name="X">The corner of its box from the left edge of the usable width.</param>
/// <param name="Y">The same from the straightened end.</param>
/// <param name="AcrossShown">Across in the job’s unit.</param>
/// <param name="AlongShown">Along in the job’s unit.</param>
/// <param name="FromRight">Its other side from the right edge: what is counted where the cloth lies wrong side up.</param>
public sealed record CutCopyJson(int Copy, double X, double Y, string AcrossShown, string AlongShown, string FromRight);

/// <summary>What is chalked and cut in one go.</summary>
public sealed record CutCardJson
{
    /// <summary>The cover’s id.</summary>
    public required string Cover { get; init; }

    /// <summary>What the cover is called.</summary>
    public required string CoverName { get; init; }

    /// <summary>The piece’s key.</summary>
    public required string Piece { get; init; }

    /// <summary>Its code.</summary>
    public required string Code { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>How many of it there are over all covers alike.</summary>
    public required int Quantity { get; init; }

    /// <summary>It is cut turned over.</summary>
    public required bool Mirrored { get; init; }

    /// <summary>It is one block that strips are ruled on.</summary>
    public required bool Block { get; init; }

    /// <summary>How it is turned, in degrees counter-clockwise.</summary>
    public required int Turn { get; init; }

    /// <summary>The width of its box across the cloth, in millimetres.</summary>
    public required double Across { get; init; }

    /// <summary>The length of its box along the roll.</summary>
    public required double Along { get; init; }

    /// <summary>Across in the job’s unit.</summary>
    public required string AcrossShown { get; init; }

    /// <summary>Along in the job’s unit.</summary>
    public required string AlongShown { get; init; }

    /// <summary>How it is chalked.</summary>
    public required ChalkJson Chalk { get; init; }

    /// <summary>Its cut line from the corner of its box, right side up.</summary>
    public required IReadOnlyList<double[]> Outline { get; init; }

    /// <summary>Its copies in the order they are cut.</summary>
    public required IReadOnlyList<CutCopyJson> Copies { get; init; }

    /// <summary>The piece of cloth from the shelf it lies on; null for the roll.</summary>
    public required string? Remnant { get; init; }

    /// <summary>It is cut double, on the folded cloth.</summary>
    public required bool Folded { get; init; }

    /// <summary>After its last copy the cloth is cut right across here; null where it is not.</summary>
    public required string? CutAcross { get; init; }

    /// <summary>The size that is kept when it is cut: width, length, edges.</summary>
    public required CutSizeJson Size { get; init; }

    /// <summary>From the core’s card.</summary>
    public static CutCardJson Of(
        CutCard card,
        string code,
        string coverName,
        LengthFormat format,
        (Length Usable, bool IsWrongSide) table
    ) =>
        new()
        {
            Cover = card.Laid.Cover,
            CoverName = coverName,
            Piece = card.Laid.Piece.Key,
            Code = code,
            Name = card.Laid.Piece.Name,
            Quantity = card.Laid.IsBlock ? 1 : card.Laid.Piece.Quantity,
            Mirrored = card.Laid.IsMirrored,
            Block = card.Laid.IsBlock,
            Turn = card.Turn,
            Across = card.Shape.Across.Millimetres,
            Along = card.Shape.Along.Millimetres,
            AcrossShown = format.Rounded(card.Shape.Across),
            AlongShown = format.Rounded(card.Shape.Along),
            Chalk = ChalkJson.Of(table.IsWrongSide ? card.FromBehind : card.Shape, format),
            Outline = PieceJson.Corners(card.Shape.Outline),
            Copies =
            [
                .. card.Copies.Select(copy => new CutCopyJson(
                    copy.Copy,
                    copy.Across.Millimetres,
                    copy.Along.Millimetres,
                    format.Rounded(copy.Across),
                    format.Rounded(copy.Along),
                    format.Rounded(table.Usable - copy.Across - card.Shape.Across)
                )),
            ],
            Remnant = card.Remnant,
            Folded = card.IsDouble,
            CutAcross = card.CutAcrossAt is { } at ? format.RoundedWithUnit(at) : null,
            Size = CutSizeJson.Of(card.Laid.Piece),
        };
}

/// <summary>How a piece is chalked, counted from the corner of the box it lies in.</summary>
public sealed record ChalkJson
{
    /// <summary>Two sizes say it all.</summary>
    public required bool Box { get; init; }

    /// <summary>The radius of a circle, in the job’s unit; null for any other shape.</summary>
    public required string? Radius { get; init; }

    /// <summary>The middle of that circle.</summary>
    public required CutPlaceJson? Centre { get; init; }

    /// <summary>Its corners in the order a hand goes round.</summary>
    public required IReadOnlyList<CutCornerJson> Corners { get; init; }

    /// <summary>What is marked on it, in the same order.</summary>
    public required IReadOnlyList<CutMarkJson> Marks { get; init; }

    /// <summary>Its cut line.</summary>
    public required IReadOnlyList<double[]> Outline { get; init; }

    /// <summary>Its stitch line.</summary>
    public required IReadOnlyList<double[]> StitchLine { get; init; }

    /// <summary>From the core.</summary>
    public static ChalkJson Of(ChalkShape shape, LengthFormat format) =>
        new()
        {
            Box = shape.IsBox,
            Radius = shape.Circle is { } circle ? format.Rounded(circle.Radius) : null,
            Centre = shape.Circle is { } round ? Place(new(round.Centre, null, Length.Zero), format) : null,
            Corners =
            [
                .. shape.Corners.Select(corner => new CutCornerJson(
                    corner.At.X.Millimetres,
                    corner.At.Y.Millimetres,
                    format.Rounded(corner.At.X),
                    format.Rounded(corner.At.Y),
                    format.Rounded(corner.ToNext),
                    RiseOf(corner.Rise, format)
                )),
            ],
            Marks =
            [
                .. shape.Marks.Select(mark => new CutMarkJson(
                    mark.Kind,
                    mark.Label,
                    Place(mark.From, format),
                    mark.To is { } to ? Place(to, format) : null
                )),
            ],
            Outline = PieceJson.Corners(shape.Outline),
            StitchLine = PieceJson.Corners(shape.StitchLine),
        };

    private static string? RiseOf(Length rise, LengthFormat format) =>
        rise.IsZero ? null
        : rise.IsNegative ? $"−{format.Rounded(-rise)}"
        : format.Rounded(rise);

    private static CutPlaceJson Place(ChalkPlace place, LengthFormat format) =>
        new(
            place.At.X.Millimetres,
            place.At.Y.Millimetres,
            format.Rounded(place.At.X),
            format.Rounded(place.At.Y),
            place.Corner,
            place.Corner is null ? null : format.Rounded(place.Distance),
            place.Distance.Millimetres
        );
}

/// <summary>The size of a piece as it is cut.</summary>
public sealed record CutSizeJson(double Width, double Length, IReadOnlyList<EdgeJson> Edges)
{
    /// <summary>Of a piece.</summary>
    public static CutSizeJson Of(Piece piece) =>
        new(
            piece.CutWidth.Value.Millimetres,
            piece.CutLength.Value.Millimetres,
            [
                .. piece
                    .StitchLine.Names.Distinct()
                    .Select(name => new EdgeJson(name, piece.LengthOf(name).Millimetres, piece.Allowances[name].Millimetres)),
            ]
        );
}

/// <summary>A copy that lies cut, or its hole in the cloth where it was spoiled.</summary>
public sealed record CutDoneJson(
    string Cover,
    string Piece,
    int Copy,
    string Code,
    IReadOnlyList<double[]> Outline,
    bool Spoiled,
    string? Remnant
);

/// <summary>A copy that no longer fits, or one that was cut at another size than it has now.</summary>
/// <param name="Cover">The cover’s id.</param>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Copy">Which copy over all covers alike.</param>
/// <param name="Code">Its code.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Rescue">What can be done.</param>
/// <param name="Text">What to do.</param>
public sealed record CutTroubleJson(string Cover, string Piece, int Copy, string Code, string Name, Rescue Rescue, string Text);

/// <summary>The cutting of one cloth.</summary>
public sealed record ClothCuttingJson
{
    /// <summary>The cloth’s key.</summary>
    public required string Key { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>What pieces lie on, in millimetres.</summary>
    public required double UsableWidth { get; init; }

    /// <summary>How much of it is taken, in millimetres.</summary>
    public required double Length { get; init; }

    /// <summary>The same in the job’s unit.</summary>
    public required string LengthShown { get; init; }

    /// <summary>How much of it there turned out to be; null where nobody said.</summary>
    public required double? Available { get; init; }

    /// <summary>It was laid again just now, because the lay that was known does not do any more.</summary>
    public required bool Relaid { get; init; }

    /// <summary>Where all that is still to be cut lies: told with the first piece that is cut by it.</summary>
    public required IReadOnlyList<LaidCopy> Lay { get; init; }

    /// <summary>That lay was told already.</summary>
    public required bool Told { get; init; }

    /// <summary>What is cut, in order.</summary>
    public required IReadOnlyList<CutCardJson> Cards { get; init; }

    /// <summary>What was cut.</summary>
    public required IReadOnlyList<CutDoneJson> Cut { get; init; }

    /// <summary>What is left of it and worth keeping, when all is cut; empty before.</summary>
    public required IReadOnlyList<OffcutJson> LeftOver { get; init; }

    /// <summary>Left, right, from and to of each bad stretch.</summary>
    public required IReadOnlyList<double[]> Flaws { get; init; }

    /// <summary>What does not fit, or does not fit any more.</summary>
    public required IReadOnlyList<CutTroubleJson> Trouble { get; init; }

    /// <summary>How much cloth is missing, in the job’s unit; null for none.</summary>
    public required string? Lacking { get; init; }

    /// <summary>What there is to know of the lay.</summary>
    public required IReadOnlyList<CheckJson> Checks { get; init; }
}
