using Wrapper.Core.Catalogue;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>The figures of a boxing strip round a plan, before any piece is drawn. See docs/handbook.md, "Boxing strip".</summary>
internal sealed class BoxingStripLayout
{
    private readonly CoverSpecification _boxing;
    private readonly CoverSpecification _zipBoxing;

    public BoxingStripLayout(ClosedPlan plan, Worked thickness, CoverSpecification specification)
    {
        Plan = plan;
        Thickness = thickness;
        Specification = specification;
        _boxing = specification.In(PieceRole.Boxing, PieceKind.Boxing);
        _zipBoxing = specification.In(PieceRole.ZipBoxing, PieceKind.ZipBoxing);
        var rules = specification.Rules;
        Seam = rules[Rule.Seam];
        ZipTurning = rules[Rule.Zip];
        HasZip = specification.Choices.Closure is not (Closure.Gap or Closure.Ties);
        ZipRun = HasZip ? RunOfZip(plan, specification).Named("zip run") : Worked.Zero;
        ZipTurn =
            !HasZip ? Worked.Zero
            : plan.IsSmooth || UsesThreeSides ? (ZipRun - plan.Edges[plan.Back]) / 2
            : rules[Rule.ZipTurn];
        Lap = specification.Choices.SlidePocket && HasZip ? rules[Rule.PocketLap] : Worked.Zero;
        ZipCutLength = ZipRun + (2 * Seam);
        ZipCutHeight = (thickness / 2) + Seam + ZipTurning;
        var tape = rules[Rule.TapeWidth];
        (OverFlapHeight, UnderFlapHeight) = HasTape
            ? ((thickness / 2) + Seam + tape, (thickness / 2) + Seam + (2 * tape))
            : (ZipCutHeight, ZipCutHeight);
        BoxingCutLength = plan.Perimeter - ZipRun + (2 * Seam) + (4 * Lap);
        BoxingCutHeight = thickness + (2 * Seam);
    }

    public ClosedPlan Plan { get; }

    public Worked Thickness { get; }

    public CoverSpecification Specification { get; }

    public Worked Seam { get; }

    public Worked ZipTurning { get; }

    public Worked ZipTurn { get; }

    /// <summary>The pocket's lap; zero without a pocket.</summary>
    public Worked Lap { get; }

    public Worked ZipRun { get; }

    /// <summary>The back is opened by a zip or tape; else by a gap sewn up by hand or tied.</summary>
    public bool HasZip { get; }

    /// <summary>Closed with hook-and-loop tape: the upper strip laps over the lower.</summary>
    public bool HasTape => Specification.Choices.Closure == Closure.HookAndLoop;

    public Worked OverFlapHeight { get; }

    public Worked UnderFlapHeight { get; }

    private bool UsesThreeSides => Specification.Choices.ZipOnThreeSides && !Specification.Rules.CoverSays(Rule.ZipTurn);

    public Worked ZipCutLength { get; }

    public Worked ZipCutHeight { get; }

    public Worked BoxingCutLength { get; }

    public Worked BoxingCutHeight { get; }

    /// <summary>How many piped edges: 0, 1 or 2.</summary>
    public int PipedEdges => (int)Specification.Choices.Piping;

    /// <summary>The boxing from stitch line to stitch line.</summary>
    public Worked BoxingStitched => BoxingCutLength - (2 * Seam);

    /// <summary>The cover as the boxing or the zip strips see it: each on its own cloth.</summary>
    public CoverSpecification On(PieceKind strip) => strip == PieceKind.Boxing ? _boxing : _zipBoxing;

    /// <summary>
    /// Strips lie down the roll: chosen, or forced because the front alone is wider than the boxing's cloth, and nothing points
    /// one way. The zip strips lie as the boxing does where they are cut from the same cloth.
    /// </summary>
    public bool StripsDown(PieceKind strip) =>
        !On(strip).OneWay
        && (
            Specification.Choices.Strips == StripDirection.Down
            || (Specification.Choices.Strips is null && FrontTooWide && (strip == PieceKind.Boxing || AreOfOneCloth))
        );

    /// <summary>The longest stretch between stitch lines that a strip may have; null when nothing limits it.</summary>
    public Worked? LongestStretch(PieceKind strip) =>
        StripsDown(strip) || On(strip).UsableWidth is not { } usable
            ? null
            : Worked.Given("usable width", usable, QuantitySource.Cloth) - (2 * Seam);

    public IReadOnlyList<int> StripTurns(PieceKind strip) => StripsDown(strip) ? [90, 270] : [0, 180];

    private bool AreOfOneCloth =>
        Specification.Cloths.KeyFor(PieceRole.Boxing, PieceKind.Boxing)
        == Specification.Cloths.KeyFor(PieceRole.ZipBoxing, PieceKind.ZipBoxing);

    /// <summary>The front with its seams is wider than the cloth.</summary>
    private bool FrontTooWide => _boxing.UsableWidth is { } usable && Plan.Edges[Plan.Front].Value + (2 * Seam.Value) > usable;

    /// <summary>The back and what is turned on to the sides; a share of the whole way where there is no back.</summary>
    private static Worked RunOfZip(ClosedPlan plan, CoverSpecification specification)
    {
        if (plan.IsSmooth)
        {
            return plan.Perimeter.TimesNumber(specification.Choices.ZipShare);
        }

        // A house's habit of turning the zip is for zips across the back; only a turn said of this very cover shortens two thirds.
        if (!specification.Choices.ZipOnThreeSides || specification.Rules.CoverSays(Rule.ZipTurn))
        {
            return plan.Edges[plan.Back] + (2 * specification.Rules[Rule.ZipTurn]);
        }

        var (before, after) = plan.SidesOfBack;
        var side = plan.Edges[before].Value <= plan.Edges[after].Value ? plan.Edges[before] : plan.Edges[after];
        return plan.Edges[plan.Back] + (2 * ((2 * side) / 3));
    }
}
