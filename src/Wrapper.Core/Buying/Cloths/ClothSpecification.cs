using Wrapper.Core.Catalogue;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>A cloth as it comes off the roll. See docs/handbook.md, "Cloth".</summary>
/// <param name="Width">Selvage to selvage, before it is washed.</param>
/// <param name="Selvage">What is cut off at each side.</param>
/// <param name="OneWay">It has a nap, or a print that points one way.</param>
/// <param name="RepeatLength">The pattern's repeat down the roll; zero for none.</param>
public sealed record ClothSpecification(Length Width, Length Selvage, bool OneWay, Length RepeatLength)
{
    /// <summary>The pattern's repeat across; zero where it may be met anywhere across.</summary>
    public Length RepeatWidth { get; init; }

    /// <summary>From one repeat across to the next the pattern drops by half a repeat.</summary>
    public bool HalfDrop { get; init; }

    /// <summary>
    /// How far from the left edge of the cloth the middle of a motif stands; plates are centred on one. Null where they need not be.
    /// </summary>
    public Length? MotifAcross { get; init; }

    /// <summary>Kept between straight edges for the shears.</summary>
    public Length Space { get; init; }

    /// <summary>Kept where a curve lies beside another piece.</summary>
    public Length CurveSpace { get; init; }

    /// <summary>What covers name it by; null where it is the only one.</summary>
    public string? Key { get; init; }

    /// <summary>What it is called where something is said of it; null for its key.</summary>
    public string? Name { get; init; }

    /// <summary>The part of its length it loses when it is washed: 0.03 for 3 %.</summary>
    public decimal ShrinkageAlong { get; init; }

    /// <summary>The part of its width it loses.</summary>
    public decimal ShrinkageAcross { get; init; }

    /// <summary>How long it is, where it is ready made: a sheet, a towel; null for a roll.</summary>
    public Length? ReadyLength { get; init; }

    /// <summary>Its edges, where it is ready made; null where nothing is said of them.</summary>
    public ClothEdges? Edges { get; init; }

    /// <summary>What can be used of its length on the table; null for a roll.</summary>
    public Length? UsableLength =>
        ReadyLength is { } length
            ? length.Times(1 - GoneAlong) - (Edges is { } edges ? edges.Start.Lost + edges.End.Lost : Length.Zero)
            : null;

    /// <summary>
    /// It is washed before it is cut; false where pieces are cut so much larger instead, null where nobody has said: it is washed, unless a
    /// cover's rule says otherwise.
    /// </summary>
    public bool? IsPrewashed { get; init; }

    /// <summary>The part of its length that is gone when it lies on the table.</summary>
    public decimal GoneAlong => IsPrewashed == false ? 0 : ShrinkageAlong;

    /// <summary>The part of its width that is gone when it lies on the table.</summary>
    public decimal GoneAcross => IsPrewashed == false ? 0 : ShrinkageAcross;

    /// <summary>What is bought to spare, as a part of the need.</summary>
    public decimal Spare { get; init; }

    /// <summary>Pieces may lie turned a quarter: the cloth may be railroaded, or looks the same both ways.</summary>
    public bool QuarterTurns { get; init; }

    /// <summary>It is folded along its middle and cut double.</summary>
    public bool OnFold { get; init; }

    /// <summary>Which pieces of the covers are cut from it.</summary>
    public ClothRole Role { get; init; }

    /// <summary>What it is like under the hands.</summary>
    public IReadOnlyList<ClothTrait> Traits { get; init; } = [];

    /// <summary>What is seen of it; null where nobody has described it.</summary>
    public ClothFace? Face { get; init; }

    /// <summary>The widths it is sold in; empty where nobody has said.</summary>
    public IReadOnlyList<SoldWidth> SoldIn { get; init; } = [];

    /// <summary>How thick it is; null where nobody has said.</summary>
    public Length? Thickness { get; init; }

    /// <summary>Stretches nothing may lie on, counted on the usable width.</summary>
    public IReadOnlyList<Flaw> Flaws { get; init; } = [];

    /// <summary>Pieces of it on the shelf, tried before the roll.</summary>
    public IReadOnlyList<Remnant> Remnants { get; init; } = [];

    /// <summary>Copies that a person has put down.</summary>
    public IReadOnlyList<Placement> Pinned { get; init; } = [];

    /// <summary>A lay that was looked for longer and kept; it counts while nothing about it has changed.</summary>
    public IReadOnlyList<Placement> Kept { get; init; } = [];

    /// <summary>What pieces can be laid on.</summary>
    public Length UsableWidth => Width.Times(1 - GoneAcross) - (Edges is { } edges ? edges.Left.Lost + edges.Right.Lost : 2 * Selvage);

    /// <summary>What the drafting asks of it.</summary>
    public DraftCloth ForDraft =>
        new(UsableWidth, OneWay)
        {
            Shrinkage = IsPrewashed == false ? (ShrinkageAcross, ShrinkageAlong) : (0, 0),
            IsPrewashed = IsPrewashed,
            Thickness = Thickness,
            Length = UsableLength,
            Edges = Edges,
            Traits = Traits,
            Name = Name,
        };

    /// <summary>Over what its pattern is matched.</summary>
    public MatchOver MatchOver { get; init; }

    /// <summary>The pattern's repeat across as it lies on the table; zero for none.</summary>
    public Length LaidRepeatWidth => RepeatWidth.Times(1 - GoneAcross);

    /// <summary>The pattern's repeat down the roll as it lies on the table; zero for none.</summary>
    public Length LaidRepeatLength => RepeatLength.Times(1 - GoneAlong);

    /// <summary>It has a pattern that comes again.</summary>
    public bool HasPattern => RepeatLength.IsPositive || RepeatWidth.IsPositive;

    /// <summary>It has a pattern that is met.</summary>
    public bool Repeats => HasPattern && MatchOver != MatchOver.None;

    /// <summary>The same cloth as if its pattern were not met and nothing were pinned to it.</summary>
    public ClothSpecification Plain =>
        this with
        {
            RepeatLength = Length.Zero,
            RepeatWidth = Length.Zero,
            HalfDrop = false,
            MotifAcross = null,
            Pinned = [],
            Kept = [],
        };

    /// <summary>The same cloth in another width, off another roll: without this one's flaws, remnants and pinned pieces.</summary>
    public ClothSpecification AtWidth(Length width) =>
        this with
        {
            Width = width,
            MotifAcross = MotifAcross is { } motif && motif < width ? motif : null,
            Flaws = [],
            Remnants = [],
            Pinned = [],
            Kept = [],
        };
}
