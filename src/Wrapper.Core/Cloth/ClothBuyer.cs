using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Rules;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Cloth;

/// <summary>Drafts every cover of a job for a cloth, lays all the pieces together and says how much to buy.</summary>
public sealed class ClothBuyer
{
    /// <summary>Steps times the square of the pieces that a lay of the usual number of steps may take.</summary>
    private const long Effort = 2_400_000;
    private const int UsualSteps = 600;
    private const int FewestSteps = 6;

    private readonly IReadOnlyList<JobCover> _covers;
    private readonly LengthUnit _unit;
    private readonly RuleBook _rules;

    /// <summary>A buyer for these covers, in the job's unit and by the house's rules.</summary>
    public ClothBuyer(IReadOnlyList<JobCover> covers, LengthUnit unit, IReadOnlyDictionary<string, Length> houseRules)
    {
        _covers = covers;
        _unit = unit;
        _rules = new(unit, RuleSet.None, RuleSet.None, RuleSet.Of(houseRules));
    }

    /// <summary>A cover's inputs with this cloth put in.</summary>
    public static CoverInput OnCloth(CoverInput input, ClothSpecification cloth) => input with
    {
        UsableWidth = Entry.Number(cloth.UsableWidth.Nanometres / (decimal)Length.NanometresPerMillimetre),
        Nap = cloth.OneWay ? "one-way" : "either",
    };

    /// <summary>How much of this cloth the job takes.</summary>
    /// <param name="cloth">The cloth.</param>
    /// <param name="steps">The most orders to try; fewer are tried where there are many pieces, the same on every machine.</param>
    /// <param name="shouldStop">Asked between orders.</param>
    /// <param name="available">The length there is of it: a lay that fits is good enough; null for a roll.</param>
    public Yardage Buy(ClothSpecification cloth, int steps, Func<bool>? shouldStop = null, Length? available = null)
    {
        var leftOut = new List<string>();
        var checks = new List<Check>();
        var drafts = new Dictionary<string, Draft>();
        foreach (var cover in _covers)
        {
            var outcome = Drafter.Draft(OnCloth(cover.Input, cloth));
            if (outcome.Draft is { } draft)
            {
                drafts[cover.Key] = draft;
            }
            else
            {
                leftOut.Add(cover.Key);
                checks.AddRange(outcome.Checks.Where(check => check.Code is "piece-wider-than-cloth" or "turned-on-nap" or "cloth-too-narrow-for-casing").Select(check => Named(check, cover)));
            }
        }

        var pieces = _covers.Where(cover => drafts.ContainsKey(cover.Key))
            .SelectMany(cover => LaidOf(cover.Key, drafts[cover.Key]))
            .ToList();
        if (pieces.Count == 0)
        {
            return new() { Lay = null, Pieces = pieces, Need = null, Buy = null, LeftOut = leftOut, Checks = checks, Drafts = drafts };
        }

        var outcomeOfLay = LayPlanner.Plan(
            RequestOf(cloth, pieces) with { Available = available },
            StepsFor(pieces.Sum(piece => piece.Copies), steps),
            shouldStop);
        checks.AddRange(outcomeOfLay.Checks);
        return outcomeOfLay.Lay is { } lay
            ? Bought(cloth, lay, pieces, drafts, leftOut, checks)
            : new() { Lay = null, Pieces = pieces, Need = null, Buy = null, LeftOut = leftOut, Checks = checks, Drafts = drafts };
    }

    /// <summary>What of a cover's draft is laid on its cloth, ready for the planner.</summary>
    /// <param name="cover">The cover's key.</param>
    /// <param name="draft">Its draft on this cloth.</param>
    public static IReadOnlyList<LaidPiece> LaidOf(string cover, Draft draft) =>
        [.. draft.Pieces.Where(piece => piece.Cloth == ClothRole.Main).SelectMany(piece => Laid(cover, piece))];

    /// <summary>The lay of these pieces on this cloth, to be planned.</summary>
    public static LayRequest RequestOf(ClothSpecification cloth, IEnumerable<LaidPiece> pieces) => new()
    {
        UsableWidth = cloth.UsableWidth,
        OneWay = cloth.OneWay,
        RepeatLength = cloth.RepeatLength,
        Pieces = [.. pieces.Select(piece => new LayPiece(piece.LayId, piece.Copies, piece.Shape, piece.Piece.Turns, MatchLine(piece.Piece) is { } line ? new("", line) : null))],
    };

    /// <summary>The same job on every width; the best takes the least cloth among those with the least forced on the look.</summary>
    /// <param name="cloth">The cloth chosen.</param>
    /// <param name="chosen">What the job takes of it: its own width shows this figure and no other.</param>
    /// <param name="widths">The widths on offer.</param>
    /// <param name="steps">The most orders to try on each of the others.</param>
    /// <param name="shouldStop">Asked between orders.</param>
    public IReadOnlyList<WidthComparison> Compare(
        ClothSpecification cloth, Yardage chosen, IReadOnlyList<ClothWidth> widths, int steps, Func<bool>? shouldStop = null)
    {
        var yardages = widths.Select(width => (
            Width: width, Yardage: width.Width == cloth.Width ? chosen : Buy(cloth with { Width = width.Width }, steps, shouldStop))).ToList();
        var complete = yardages.Where(entry => entry.Yardage.Buy is not null).ToList();
        var most = complete.Count == 0 ? 0 : complete.Min(entry => entry.Yardage.LeftOut.Count);
        var best = complete.Where(entry => entry.Yardage.LeftOut.Count == most)
            .OrderBy(entry => Spoils(entry.Yardage))
            .ThenBy(entry => entry.Yardage.Buy!.Value.Millimetres * entry.Width.Width.Millimetres)
            .Select(entry => entry.Width)
            .FirstOrDefault();
        return [.. yardages.Select(entry => new WidthComparison(entry.Width, entry.Yardage, entry.Width == best))];
    }

    private static Check Named(Check check, JobCover cover) =>
        cover.Name.Length == 0 ? check : check with { Text = $"{cover.Name}: {char.ToLowerInvariant(check.Text[0])}{check.Text[1..]}" };

    /// <summary>The time of one step grows with the pieces: the steps shrink with them, the same on every machine.</summary>
    private static int StepsFor(int pieces, int most) => (int)Math.Clamp(Effort * most / UsualSteps / ((long)pieces * pieces), Math.Min(FewestSteps, most), most);

    /// <summary>What a width does to the look: joins on the front, plates turned or joined, then joins at all.</summary>
    private static int Spoils(Yardage yardage) =>
        (1000 * yardage.Drafts.Values.Sum(draft => draft.Checks.Count(check => check.Code is "join-on-front" or "piece-wider-than-cloth"))) + yardage.Joins;

    private static IEnumerable<LaidPiece> Laid(string cover, Piece piece)
    {
        var id = $"{cover}/{piece.Key}";
        if (piece.Id == "piping" && piece.CutLine.Bounds.Height > piece.CutLength.Value)
        {
            yield return new(id, cover, piece, BiasBlock(piece), 1);
            yield break;
        }

        var shape = Flattening.Flatten(piece.CutLine);
        if (piece.Quantity > piece.Mirrored)
        {
            yield return new(id, cover, piece, shape, piece.Quantity - piece.Mirrored);
        }

        if (piece.Mirrored > 0)
        {
            yield return new(id + "/mirrored", cover, piece, [.. shape.Select(corner => new Point(-corner.X, corner.Y))], piece.Mirrored);
        }
    }

    /// <summary>All bias strips of a cover one above the other, as they are ruled on the cloth: one slanted block.</summary>
    private static List<Point> BiasBlock(Piece strips)
    {
        var strip = strips.StitchLine;
        var rise = strip["end-left"].Length;
        var up = (strips.Quantity - 1) * rise;
        return [strip["lower"].Start, strip["lower"].End, strip["upper"].Start.Moved(Length.Zero, up), strip["upper"].End.Moved(Length.Zero, up)];
    }

    /// <summary>Where the pattern has to meet: a plate at its front stitch line, the boxing at its top one.</summary>
    private static Length? MatchLine(Piece piece)
    {
        if (piece.Turns[0] != 0)
        {
            return null; // a piece turned a quarter shows the pattern sideways: nothing meets
        }

        return piece.Id switch
        {
            "plate" => -piece.CutLine.Bounds.Bottom,
            "boxing" => piece.StitchLine.Bounds.Top - piece.CutLine.Bounds.Bottom,
            _ => null,
        };
    }

    private Yardage Bought(
        ClothSpecification cloth, Lay lay, List<LaidPiece> pieces, Dictionary<string, Draft> drafts, List<string> leftOut, List<Check> checks)
    {
        var need = Worked.Given("lay", lay.Length, QuantitySource.Worked) + _rules["endTrim"];
        var (yardStep, metreStep) = Steps();
        var step = _unit.IsImperial() ? yardStep : metreStep;
        var buy = need.RoundedUpTo(step);
        return new()
        {
            Lay = lay,
            Pieces = pieces,
            Need = need,
            Buy = buy,
            BuyInYards = need.Value.RoundedUpTo(yardStep),
            BuyInMetres = need.Value.RoundedUpTo(metreStep),
            RuleOfThumb = (lay.RuleOfThumb + _rules["endTrim"].Value).RoundedUpTo(step),
            Waste = 1 - (lay.PieceArea / (buy.Value.Millimetres * cloth.Width.Millimetres)),
            Joins = drafts.Values.Sum(draft => draft.Joins),
            LeftOut = leftOut,
            Checks = checks,
            Drafts = drafts,
        };
    }

    /// <summary>The house's buying step in its own system; the usual one in the other.</summary>
    private (Length Yards, Length Metres) Steps()
    {
        var usual = RuleCatalogue.All["buyStep"];
        var house = _rules["buyStep"].Value;
        return _unit.IsImperial() ? (house, usual.Metric) : (usual.Imperial, house);
    }
}
