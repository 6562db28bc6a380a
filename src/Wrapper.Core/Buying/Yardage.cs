using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Buying;

/// <summary>The cover a laid piece belongs to.</summary>
/// <param name="LayId">The piece's id in the lay.</param>
/// <param name="Cover">The cover's key.</param>
/// <param name="Piece">The piece as drafted.</param>
/// <param name="Shape">The corners as laid: one casing block stands for all its strips.</param>
/// <param name="Copies">How many are laid.</param>
/// <param name="Match">Where it meets the pattern; null where it meets nothing.</param>
public sealed record LaidPiece(
    string LayId,
    string Cover,
    Piece Piece,
    IReadOnlyList<Geometry.Point> Shape,
    int Copies,
    PatternMatch? Match
)
{
    /// <summary>It is cut turned over.</summary>
    public bool IsMirrored { get; init; }

    /// <summary>It is one block that all casing strips of a cover are ruled on.</summary>
    public bool IsBlock { get; init; }
}

/// <summary>Where a piece meets the pattern. See docs/handbook.md, "Cloth".</summary>
/// <param name="Along">The line that meets, above the lower edge of the piece's box.</param>
/// <param name="Across">The point on it, from the left of the box.</param>
/// <param name="ToMotif">How far above that line the middle of a motif stands.</param>
/// <param name="AlongOnly">It meets along the roll and may lie anywhere across.</param>
public sealed record PatternMatch(Length Along, Length Across, Length ToMotif, bool AlongOnly = false);

/// <summary>How much of a cloth a job takes. See docs/handbook.md, "How much to buy".</summary>
public sealed record Yardage
{
    /// <summary>The lay; null when nothing can be laid yet, or something does not fit.</summary>
    public required Lay? Lay { get; init; }

    /// <summary>What was laid, by lay id.</summary>
    public required IReadOnlyList<LaidPiece> Pieces { get; init; }

    /// <summary>What is needed: the lay and the end trim.</summary>
    public required Worked? Need { get; init; }

    /// <summary>The need rounded up to the shop's step in the job's system.</summary>
    public required Worked? Buy { get; init; }

    /// <summary>The need rounded up to the yard step.</summary>
    public Length? BuyInYards { get; init; }

    /// <summary>The need rounded up to the metre step.</summary>
    public Length? BuyInMetres { get; init; }

    /// <summary>The paper figure with end trim, rounded up the same way as <see cref="Buy"/>.</summary>
    public Length? RuleOfThumb { get; init; }

    /// <summary>How many of a ready-made cloth; 0 for a roll.</summary>
    public int ReadyMade { get; init; }

    /// <summary>The part of the bought cloth that is in no piece, from 0 to 1.</summary>
    public double? Waste { get; init; }

    /// <summary>
    /// What is bought costs, to the hundredth: at the price of a yard or metre, or of each where it is ready made. Null without a price, or
    /// where nothing can be laid.
    /// </summary>
    /// <param name="price">The price.</param>
    /// <param name="unit">The unit of the job, which says whether the price is of a yard or a metre.</param>
    public decimal? CostAt(decimal? price, LengthUnit unit) =>
        Buy is not { } buy ? null
        : ReadyMade > 0
            ? price is { } each ? Math.Round(ReadyMade * each, 2)
                : null
        : SoldWidth.CostOf(buy.Value, unit, price);

    /// <summary>Joins the cloth's width forces.</summary>
    public int Joins { get; init; }

    /// <summary>Covers whose inputs have errors and are not in the lay.</summary>
    public required IReadOnlyList<string> LeftOut { get; init; }

    /// <summary>Errors and warnings that hang on the cloth.</summary>
    public required IReadOnlyList<Check> Checks { get; init; }

    /// <summary>Drafts on this cloth, by cover.</summary>
    public required IReadOnlyDictionary<string, Draft> Drafts { get; init; }
}

/// <summary>One line of the comparison across cloth widths.</summary>
/// <param name="Width">The width.</param>
/// <param name="Yardage">What the job takes of it.</param>
/// <param name="Cost">What that costs at this width's own price; null without one.</param>
/// <param name="Marks">What it does better than others; empty where nothing tells it from them.</param>
public sealed record WidthComparison(ClothWidth Width, Yardage Yardage, decimal? Cost, IReadOnlyList<WidthMark> Marks);

/// <summary>What a width can do better than the others. Each is said by its name: a width that is best at everything is rare.</summary>
public enum WidthMark
{
    /// <summary>The least area is bought: length by width.</summary>
    LeastCloth,

    /// <summary>It forces the fewest joins.</summary>
    FewestJoins,

    /// <summary>It costs least, of those with a price.</summary>
    LeastMoney,
}
