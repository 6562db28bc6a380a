using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Lays.Shapes;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Buying;

/// <summary>Drafts every cover of a job for a cloth, lays all the pieces together and says how much to buy.</summary>
public sealed class ClothBuyer
{
    /// <summary>Steps times the square of the pieces that a lay of the usual number of steps may take.</summary>
    private const long Effort = 2_400_000;
    private const int UsualSteps = 600;
    private const int FewestSteps = 6;

    /// <summary>How much of a computed area is there for certain, whatever was rounded.</summary>
    private const double LeastArea = 1 - 1e-9;

    private readonly IReadOnlyList<JobCover> _covers;
    private readonly LengthUnit _unit;
    private readonly RuleBook _rules;
    private readonly CoverDrafts _drafted = new();

    /// <summary>A buyer for these covers, in the job's unit and by the house's rules.</summary>
    public ClothBuyer(IReadOnlyList<JobCover> covers, LengthUnit unit, IReadOnlyDictionary<Rule, Length> houseRules)
    {
        _covers = covers;
        _unit = unit;
        _rules = new(unit, RuleSet.None, RuleSet.None, RuleSet.Of(houseRules));
    }

    /// <summary>Lays found before, so that the same one is not looked for twice; null where every lay is looked for.</summary>
    public LayMemory? Lays { get; init; }

    /// <summary>
    /// A cover's inputs with this cloth put in: in the place of the one of its key, where the cover knows several. A cloth without
    /// a key for its inside is not what its pieces are joined for.
    /// </summary>
    public static CoverInput OnCloth(CoverInput input, ClothSpecification cloth)
    {
        if (cloth.Role != ClothRole.Main && input.Cloths.Count == 0)
        {
            return input;
        }

        var (key, asked) = (KeyOf(cloth), cloth.ForDraft);
        return input.Cloths.Count == 0
                ? input with
                {
                    Cloths = new Dictionary<string, DraftCloth> { [key] = asked },
                    OwnCloth = key,
                }
            : input.Cloths.GetValueOrDefault(key) == asked ? input
            : input with { Cloths = new Dictionary<string, DraftCloth>(input.Cloths) { [key] = asked } };
    }

    /// <summary>What pieces cut from this cloth say.</summary>
    internal static string KeyOf(ClothSpecification cloth) => cloth.Key ?? CoverInput.UsualKey;

    /// <summary>How much of this cloth the job takes.</summary>
    /// <param name="cloth">The cloth.</param>
    /// <param name="steps">The most orders to try; fewer are tried where there are many pieces, the same on every machine.</param>
    /// <param name="shouldStop">Asked between orders.</param>
    /// <param name="available">The length there is of it: a lay that fits is good enough; null for a roll.</param>
    /// <param name="onShorter">Told of the first answer and of each with a shorter lay.</param>
    public Yardage Buy(
        ClothSpecification cloth,
        int steps,
        Func<bool>? shouldStop = null,
        Length? available = null,
        Action<Yardage>? onShorter = null
    ) => Buy(cloth, Drafted(cloth, proved: true), steps, shouldStop, available, onShorter);

    /// <summary>The same without the proof: an estimate that stands beside others and is not cut from.</summary>
    public Yardage Estimate(ClothSpecification cloth, int steps, Func<bool>? shouldStop = null) =>
        Buy(cloth, Drafted(cloth, proved: false), steps, shouldStop, available: null, onShorter: null);

    /// <summary>
    /// An estimate of what a piece of cloth gives; null where the job does not fit it. No lay is looked for where the pieces alone are
    /// larger than the cloth.
    /// </summary>
    /// <param name="cloth">The cloth.</param>
    /// <param name="available">The length there is of it.</param>
    /// <param name="steps">The most orders to try.</param>
    /// <param name="shouldStop">Asked between orders.</param>
    public Yardage? EstimateWithin(ClothSpecification cloth, Length available, int steps, Func<bool>? shouldStop = null)
    {
        var drafted = Drafted(cloth, proved: false);
        var area = drafted.Pieces.Sum(piece => piece.Copies * LayShape.Of(piece.Shape, 0).Area);
        var isTooMuch = cloth.Remnants.Count == 0 && area * LeastArea > cloth.UsableWidth.Millimetres * available.Millimetres;
        return
            drafted.LeftOut.Count == 0
            && !isTooMuch
            && Buy(cloth, drafted, steps, shouldStop, available, onShorter: null) is { Lay: { } lay } yardage
            && lay.Length <= available
            ? yardage
            : null;
    }

    /// <summary>The drafts on this cloth and what would be laid of them, without looking for a lay.</summary>
    public Yardage Drafted(ClothSpecification cloth) => Drafted(cloth, proved: true);

    private Yardage Drafted(ClothSpecification cloth, bool proved)
    {
        var leftOut = new List<string>();
        var checks = new List<Check>();
        var drafts = new Dictionary<string, Draft>();
        foreach (var cover in _covers)
        {
            var outcome = _drafted.On(cover, cloth, proved);
            if (outcome.Draft is { } draft)
            {
                drafts[cover.Key] = draft;
            }
            else if (CoverDrafts.MayLieOn(cover.Input, cloth))
            {
                leftOut.Add(cover.Key);
                checks.AddRange(
                    outcome
                        .Checks.Where(check => check.Concerns is CheckConcern.Cloth or CheckConcern.Proof)
                        .Select(check => Named(check, cover))
                );
            }
        }

        var pieces = _covers
            .Where(cover => drafts.ContainsKey(cover.Key))
            .SelectMany(cover => LaidOf(cover.Key, drafts[cover.Key], cloth))
            .ToList();
        var cut = pieces
            .Where(piece => piece.Piece.Use is not (PieceUse.Casing or PieceUse.Joined))
            .Select(piece => piece.Cover)
            .ToHashSet(); // casing and strips are joined at any width
        return Bought(cloth, lay: null, pieces) with
        {
            LeftOut = leftOut,
            Checks = checks,
            Drafts = drafts,
            Joins = drafts.Where(draft => cut.Contains(draft.Key)).Sum(draft => draft.Value.Joins),
        };
    }

    private Yardage Buy(
        ClothSpecification cloth,
        Yardage before,
        int steps,
        Func<bool>? shouldStop,
        Length? available,
        Action<Yardage>? onShorter
    )
    {
        List<Check> checks = [.. before.Checks];
        List<LaidPiece> pieces = [.. before.Pieces];
        Yardage Answer(Lay? lay) =>
            Bought(cloth, lay, pieces) with
            {
                LeftOut = before.LeftOut,
                Checks = [.. checks],
                Drafts = before.Drafts,
                Joins = before.Joins,
            };
        if (pieces.Count == 0)
        {
            return before;
        }

        var request = ReadyMade.Bounded(RequestOf(cloth, pieces) with { Available = available }, cloth, pieces);
        checks.AddRange(LeavingOut.Patterns(ref request, pieces));
        checks.AddRange(LeavingOut.Pins(ref request, pieces, cloth));
        var folded = cloth.OnFold && !cloth.Repeats;
        if (cloth.OnFold && cloth.Repeats)
        {
            checks.Add(Check.Warning("pattern-on-fold", BuyingText.PatternOnFold, "cloth.layers"));
        }

        if (folded && cloth.Remnants.Count > 0)
        {
            checks.Add(Check.Note("remnants-on-fold", BuyingText.RemnantsOnFold, "cloth.layers"));
        }

        var orders = StepsFor(pieces.Sum(piece => piece.Copies), steps);
        Func<LayRequest, int, Func<bool>?, Action<Lay>?, LayOutcome> plan = folded ? LayPlanner.PlanOnFold : LayPlanner.Plan;
        var outcomeOfLay =
            onShorter is null && Lays is { } lays
                ? lays.Plan(request, orders, folded, shouldStop)
                : plan(request, orders, shouldStop, onShorter is null ? null : lay => onShorter(Answer(lay)));
        checks.AddRange(outcomeOfLay.Checks);
        return Answer(outcomeOfLay.Lay);
    }

    /// <summary>What of a cover's draft is laid on its cloth, ready for the planner.</summary>
    /// <param name="cover">The cover's key.</param>
    /// <param name="draft">Its draft on this cloth.</param>
    /// <param name="cloth">The cloth; null for the only one.</param>
    public static IReadOnlyList<LaidPiece> LaidOf(string cover, Draft draft, ClothSpecification? cloth = null) =>
        [.. PiecesToLay.Of(cover, draft, cloth is null ? CoverInput.UsualKey : KeyOf(cloth), cloth?.Role ?? ClothRole.Main)];

    /// <summary>What a lay of this length makes of the need and of what is bought of it.</summary>
    internal (Worked Need, Worked Buy) FigureFor(Length lay, ClothSpecification cloth)
    {
        var need = NeedOf(lay, cloth);
        return (need, need.RoundedUpTo(BuyingStep));
    }

    /// <summary>The step cloth is bought by, in the job's system.</summary>
    public Length BuyingStep => _unit.IsImperial() ? Steps().Yards : Steps().Metres;

    /// <summary>The job's unit.</summary>
    internal LengthUnit Unit => _unit;

    /// <summary>The lay of these pieces on this cloth, to be planned.</summary>
    public static LayRequest RequestOf(ClothSpecification cloth, IEnumerable<LaidPiece> pieces) =>
        new()
        {
            UsableWidth = cloth.UsableWidth,
            OneWay = cloth.OneWay,
            RepeatLength = cloth.Repeats ? cloth.LaidRepeatLength : Length.Zero,
            RepeatWidth = cloth.Repeats ? cloth.LaidRepeatWidth : Length.Zero,
            HalfDrop = cloth.Repeats && cloth.HalfDrop,
            MotifAcross =
                cloth.Repeats && cloth.MotifAcross is { } motif
                    ? Length.Max(Length.Zero, motif.Times(1 - cloth.GoneAcross) - cloth.Selvage)
                    : null,
            Space = cloth.Space,
            CurveSpace = cloth.CurveSpace,
            Flaws = cloth.Flaws,
            Remnants = cloth.Remnants,
            Pinned = cloth.Pinned,
            Known = cloth.Kept,
            Pieces = [.. pieces.Select(piece => PiecesToLay.On(cloth, piece))],
        };

    /// <summary>Some cover may have a piece of this cloth.</summary>
    public bool MayLieOn(ClothSpecification cloth) => _covers.Any(cover => CoverDrafts.MayLieOn(cover.Input, cloth));

    /// <summary>The drafts of the covers whose own cloth this is: what else they take is bought with it, once.</summary>
    public IEnumerable<Draft> OwnDrafts(ClothSpecification cloth, Yardage yardage) =>
        _covers
            .Where(cover => yardage.Drafts.ContainsKey(cover.Key) && (cover.Input.Cloths.Count == 0 || cover.Input.OwnKey == KeyOf(cloth)))
            .Select(cover => yardage.Drafts[cover.Key]);

    /// <summary>The turns a piece may take on this cloth, in degrees counter-clockwise.</summary>
    public static IReadOnlyList<int> TurnsOf(ClothSpecification cloth, LaidPiece piece)
    {
        var turns = LayPlanner.TurnsOf(PiecesToLay.On(cloth, piece), cloth.OneWay);
        return [.. cloth.Repeats && piece.Match is not null ? turns.Take(1) : turns];
    }

    /// <summary>In which order the lay is cut.</summary>
    public static IReadOnlyList<CutStretch> CutsOf(ClothSpecification cloth, Yardage yardage) =>
        yardage.Lay is { } lay ? CutOrder.Of(lay, RequestOf(cloth, yardage.Pieces).Pieces) : [];

    /// <summary>What is left of the cloth bought, washed and trimmed, and is worth keeping by the house's measure.</summary>
    public IReadOnlyList<Offcut> OffcutsOf(ClothSpecification cloth, Yardage yardage) =>
        yardage is { Lay: { } lay, Buy: { } buy }
            ? Offcuts.Of(
                lay,
                RequestOf(cloth, yardage.Pieces),
                buy.Value.Times(1 - cloth.GoneAlong) - _rules[Rule.EndTrim].Value,
                _rules[Rule.Keep].Value
            )
            : [];

    /// <summary>What is left of a cloth that was cut and is worth keeping by the house's measure.</summary>
    /// <param name="cloth">The cloth.</param>
    /// <param name="cut">The cut lines of all that was cut of it, where they lay.</param>
    /// <param name="flaws">Stretches that were found bad.</param>
    /// <param name="end">How much of it there is.</param>
    public IReadOnlyList<Offcut> LeftOf(
        ClothSpecification cloth,
        IEnumerable<IReadOnlyList<Point>> cut,
        IEnumerable<Flaw> flaws,
        Length end
    ) => Offcuts.After(cut, cloth.Flaws.Concat(flaws), cloth.UsableWidth, end, _rules[Rule.Keep].Value);

    /// <summary>The same job on every width on offer, with what each does better than the others.</summary>
    /// <param name="cloth">The cloth chosen.</param>
    /// <param name="chosen">What the job takes of it: its own width shows this figure and no other.</param>
    /// <param name="offered">The widths on offer.</param>
    /// <param name="steps">The most orders to try on each of the others.</param>
    /// <param name="shouldStop">Asked between orders.</param>
    public IReadOnlyList<WidthComparison> Compare(
        ClothSpecification cloth,
        Yardage chosen,
        IReadOnlyList<SoldWidth> offered,
        int steps,
        Func<bool>? shouldStop = null
    ) =>
        WidthMarks.Given([
            .. offered.Select(sold =>
            {
                var yardage = sold.Width.Width == cloth.Width ? chosen : Estimate(cloth.AtWidth(sold.Width.Width), steps, shouldStop);
                return new WidthComparison(sold.Width, yardage, WidthMarks.IsWhole(yardage) ? yardage.CostAt(sold.Price, _unit) : null, []);
            }),
        ]);

    private static Check Named(Check check, JobCover cover) =>
        cover.Name.Length == 0 ? check : check with { Text = $"{cover.Name}: {char.ToLowerInvariant(check.Text[0])}{check.Text[1..]}" };

    /// <summary>The time of one step grows with the pieces: the steps shrink with them, the same on every machine.</summary>
    private static int StepsFor(int pieces, int most) =>
        (int)Math.Clamp(Effort * most / UsualSteps / ((long)pieces * pieces), Math.Min(FewestSteps, most), most);

    private Yardage Bought(ClothSpecification cloth, Lay? lay, List<LaidPiece> pieces)
    {
        var nothing = new Yardage
        {
            Lay = lay,
            Pieces = pieces,
            Need = null,
            Buy = null,
            LeftOut = [],
            Checks = [],
            Drafts = new Dictionary<string, Draft>(),
        };
        if (lay is null)
        {
            return nothing;
        }

        var (need, buy) = FigureFor(lay.Length, cloth);
        var sheets = ReadyMade.Count(cloth, lay.Length);
        if (sheets > 0)
        {
            buy = (sheets * Worked.Given("length of each", cloth.ReadyLength!.Value, QuantitySource.Cloth)).Named("bought");
        }

        var (yardStep, metreStep) = Steps();
        return nothing with
        {
            Need = need,
            Buy = buy,
            BuyInYards = need.Value.RoundedUpTo(yardStep),
            BuyInMetres = need.Value.RoundedUpTo(metreStep),
            RuleOfThumb = FigureFor(lay.RuleOfThumb, cloth).Buy.Value,
            ReadyMade = sheets,
            Waste = buy.Value.IsZero ? 0 : 1 - (AreaOnRoll(lay, pieces) / (buy.Value.Millimetres * cloth.Width.Millimetres)),
        };
    }

    /// <summary>
    /// The lay and the end trim, what is bought to spare, and what the washing takes; nothing when nothing lies on the roll.
    /// </summary>
    private Worked NeedOf(Length lay, ClothSpecification cloth)
    {
        if (lay.IsZero || cloth.ReadyLength is not null)
        {
            return Worked.Given("lay", lay, QuantitySource.Worked); // what is ready made is not trimmed
        }

        var need = Worked.Given("lay", lay, QuantitySource.Worked) + _rules[Rule.EndTrim];
        if (cloth.Spare > 0)
        {
            need = need.Named("lay and trim").TimesNumber(1 + cloth.Spare);
        }

        return cloth.GoneAlong > 0 ? need.Named("need when washed").DividedBy(1 - cloth.GoneAlong) : need;
    }

    private static double AreaOnRoll(Lay lay, List<LaidPiece> pieces)
    {
        var areas = pieces.ToDictionary(piece => piece.LayId, piece => LayShape.Of(piece.Shape, 0).Area);
        return lay.Placements.Where(place => place.Remnant is null).Sum(place => areas[place.Piece]);
    }

    /// <summary>The house's buying step in its own system; the usual one in the other.</summary>
    private (Length Yards, Length Metres) Steps()
    {
        var usual = Rule.BuyStep;
        var house = _rules[Rule.BuyStep].Value;
        return _unit.IsImperial() ? (house, usual.Metric) : (usual.Imperial, house);
    }
}
