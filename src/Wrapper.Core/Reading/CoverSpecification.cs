using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Reading;

/// <summary>A cover's inputs, read and found sensible: what a draft is made from.</summary>
public sealed record CoverSpecification
{
    /// <summary>The unit of the job.</summary>
    public required LengthUnit Unit { get; init; }

    /// <summary>The kind of thing.</summary>
    public required FormDefinition Form { get; init; }

    /// <summary>Its shape.</summary>
    public required ShapeDefinition Shape { get; init; }

    /// <summary>The measures as taken.</summary>
    public required IReadOnlyDictionary<Measure, Length> Measures { get; init; }

    /// <summary>What the tape was laid on.</summary>
    public required MeasuredFrom MeasuredFrom { get; init; }

    /// <summary>The construction's id.</summary>
    public required string Construction { get; init; }

    /// <summary>The rules in force.</summary>
    public required RuleBook Rules { get; init; }

    /// <summary>The make-up.</summary>
    public required Choices Choices { get; init; }

    /// <summary>The schools it is sewn by.</summary>
    public Schools Schools { get; init; } = Schools.Usual;

    /// <summary>Layers put on the filling first.</summary>
    public required IReadOnlyList<Padding> Padding { get; init; }

    /// <summary>The corners of a free outline as given; empty for other shapes.</summary>
    public IReadOnlyList<OutlineCorner> Points { get; init; } = [];

    /// <summary>Widths at distances from the front, front first.</summary>
    public IReadOnlyList<(Length At, Length Width)> Stations { get; init; } = [];

    /// <summary>The zones of a loose cover.</summary>
    public IReadOnlyList<Zone> Zones { get; init; } = [];

    /// <summary>Blocks as they were trimmed, by key: their raw edges, with the edges of a block.</summary>
    public IReadOnlyDictionary<string, Geometry.Outline> Trimmed { get; init; } = new Dictionary<string, Geometry.Outline>();

    /// <summary>Which edges of blocks are sewn to one another, by their names on stitch lines.</summary>
    public IReadOnlyList<(Pattern.SeamSide One, Pattern.SeamSide Other)> BlockSeams { get; init; } = [];

    /// <summary>What stands in the way under the rim.</summary>
    public IReadOnlyList<Obstacle> Obstacles { get; init; } = [];

    /// <summary>How much of the base each leg takes.</summary>
    public IReadOnlyList<Length> Legs { get; init; } = [];

    /// <summary>What trying on taught: side and how much is let out.</summary>
    public IReadOnlyList<Correction> Corrections { get; init; } = [];

    /// <summary>Shrinkage across and along, as parts of one: of the old cover where one was measured, else of the cloth.</summary>
    public required (decimal Across, decimal Along) Shrinkage { get; init; }

    /// <summary>What an old cover that was measured had shrunk.</summary>
    public (decimal Across, decimal Along) OldCoverShrinkage => MeasuredFrom == MeasuredFrom.OldCover ? Shrinkage : (0, 0);

    /// <summary>What the cloth loses when it is washed.</summary>
    public (decimal Across, decimal Along) ClothShrinkage =>
        Cloth is { Shrinkage: var own } && own != (0, 0) ? own
        : MeasuredFrom == MeasuredFrom.OldCover ? (0, 0)
        : Shrinkage;

    /// <summary>Pieces are cut so much larger that they come out of the first wash at their size.</summary>
    public bool CutsUnwashed => !IsPrewashed && ClothShrinkage != (0, 0);

    /// <summary>The cloth is washed before it is cut.</summary>
    public bool IsPrewashed
    {
        get => Cloth?.IsPrewashed ?? _isPrewashed;
        init => _isPrewashed = value;
    }

    /// <summary>The usable width of the cloth as it lies on the table; null when none is chosen.</summary>
    public required Length? ClothWidth { get; init; }

    /// <summary>What of the cloth's width is left when the cover has been washed: pieces are drafted in washed sizes.</summary>
    public Length? UsableWidth => CutsUnwashed && ClothWidth is { } width ? width.Times(1 - ClothShrinkage.Across) : ClothWidth;

    /// <summary>The cloth has a nap or a print that points one way.</summary>
    public required bool OneWay { get; init; }

    /// <summary>Which cloth each piece is cut from, where there are several.</summary>
    public ClothPlan Cloths { get; init; } = ClothPlan.None;

    /// <summary>How thick the cloth is: as the cover's rule says, else as the cloth does, else the house's rule.</summary>
    public Worked ClothThickness =>
        Cloth?.Thickness is { } thickness && !Rules.CoverSays(Rule.ClothThickness)
            ? Worked.Given("thickness of the cloth", thickness, QuantitySource.Cloth)
            : Rules[Rule.ClothThickness];

    /// <summary>The cover as a piece of this role sees it: on the cloth that is given to the role, or on none where none is.</summary>
    /// <param name="role">What the piece is.</param>
    /// <param name="kind">What kind of piece it is.</param>
    /// <param name="zones">The words of the zone it is cut for; null for none.</param>
    /// <param name="place">Its place among its like, from the front round to the left.</param>
    public CoverSpecification In(PieceRole role, PieceKind kind, IReadOnlyList<string>? zones = null, int place = 0) =>
        Cloths.TellsPiecesApart ? On(Cloths.KeyFor(role, kind, zones, place)) : this;

    /// <summary>The cover on one of its cloths; on none for null, and for what is joined from strips.</summary>
    /// <param name="key">The cloth's key.</param>
    public CoverSpecification On(string? key)
    {
        var isPieced = ClothPlan.PiecedAs(key) is not null;
        if ((!Cloths.HasKeys && !isPieced) || (key is not null && key == OnKey))
        {
            return this; // most parts ask for the cloth the cover is on already
        }

        var cloth = key is null || isPieced ? null : Cloths.Cloths[key];
        return this with { ClothWidth = cloth?.UsableWidth, OneWay = cloth?.OneWay ?? false, Cloth = cloth, OnKey = key };
    }

    private DraftCloth? Cloth { get; init; }

    private string? OnKey { get; init; }

    private readonly bool _isPrewashed;

    /// <summary>How many alike.</summary>
    public required int Count { get; init; }

    /// <summary>How lengths are shown in this job.</summary>
    public LengthFormat Format => LengthFormat.For(Unit) with { Step = Rules[Rule.CutStep].Value };
}

/// <summary>A corner of a free outline.</summary>
/// <param name="At">Where it is.</param>
/// <param name="Rise">How far the edge that leaves it bulges out at its middle.</param>
public sealed record OutlineCorner(Geometry.Point At, Length Rise);

/// <summary>A zone of a loose cover, read.</summary>
public sealed record Zone(
    string Name,
    Length Width,
    Length Height,
    IReadOnlySet<string> Tucks,
    Length FreeTuck,
    int Count,
    bool Pair,
    bool Slanted,
    bool Strip,
    IReadOnlyList<string> Piped
);

/// <summary>What limits the drop over a stretch of a side, read.</summary>
public sealed record Obstacle(EdgeSide Side, Length From, Length Length, Length Drop);

/// <summary>A correction from trying on, read.</summary>
public sealed record Correction(string Side, Length By);
