using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions;
using Wrapper.Core.Costing;
using Wrapper.Core.Drafting;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.Forms;
using Wrapper.Core.Judgement.Advice;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;

namespace Wrapper.Core.Judgement;

/// <summary>One way of making a thing, worked out.</summary>
public sealed record MakeUp
{
    /// <summary>What is chosen.</summary>
    public required MakeUpChange Change { get; init; }

    /// <summary>The cover's inputs made this way.</summary>
    public required CoverInput Input { get; init; }

    /// <summary>It is how the cover stands now.</summary>
    public required bool IsChosen { get; init; }

    /// <summary>The draft; null when it cannot be made this way.</summary>
    public required Draft? Draft { get; init; }

    /// <summary>What was noticed.</summary>
    public required IReadOnlyList<Check> Checks { get; init; }

    /// <summary>What it takes of the cloth, laid by itself; null without a draft.</summary>
    public Yardage? Yardage { get; init; }

    /// <summary>What it takes of the other cloths given to its roles; none where it is of one cloth.</summary>
    public IReadOnlyList<OfCloth> OfOthers { get; init; } = [];

    /// <summary>All seams of all covers alike.</summary>
    public Length Seams { get; init; }

    /// <summary>The time it takes; null without a draft.</summary>
    public SewingTime? Time { get; init; }

    /// <summary>It is what the product would choose among its kind.</summary>
    public bool IsRecommended { get; init; }

    /// <summary>Why it is recommended, or what it has over the others; empty for nothing in particular.</summary>
    public string Reason { get; init; } = "";

    /// <summary>What speaks for it and against it on this very thing.</summary>
    public IReadOnlyList<AdviceReason> Reasons { get; init; } = [];
}

/// <summary>What a way takes of a cloth beside the cover's own.</summary>
/// <param name="Cloth">The cloth.</param>
/// <param name="Yardage">What lies on it.</param>
public sealed record OfCloth(ClothSpecification Cloth, Yardage Yardage);

/// <summary>
/// The ways this very thing can be made, side by side: constructions, and within the one chosen its closures, edges, trims
/// and fit. See docs/handbook.md, "Make-up".
/// </summary>
public static class MakeUps
{
    /// <summary>Minutes a cover that a first one may take longer than the quickest, if it has fewer pieces.</summary>
    private const double LittleLonger = 10;

    /// <summary>Every way that is offered, worked out; those of one kind stand together.</summary>
    /// <param name="input">The cover as it stands, without a cloth.</param>
    /// <param name="cloth">The cloth it is bought in.</param>
    /// <param name="houseRules">The house's rules that can be read.</param>
    /// <param name="steps">Orders of the lay to try for each.</param>
    /// <param name="shouldStop">Asked while each is laid.</param>
    /// <param name="others">How the other covers of the job are made.</param>
    /// <param name="besides">The job's other cloths, where the cover gives them to its roles.</param>
    public static IReadOnlyList<MakeUp> Compare(
        CoverInput input,
        ClothSpecification cloth,
        IReadOnlyDictionary<Rule, Length> houseRules,
        int steps,
        Func<bool>? shouldStop = null,
        IReadOnlyList<string>? others = null,
        IReadOnlyList<ClothSpecification>? besides = null
    )
    {
        if (FormCatalogue.Find(input.Form)?.Shape(input.Shape) is not { } shape)
        {
            return [];
        }

        if (input.Construction is { } said && !shape.Constructions.Contains(said))
        {
            return [];
        }

        var unit = Registry.Read(input).Unit;
        var stands = input with { Construction = input.Construction ?? shape.Constructions[0] };
        var made = Changes(stands, shape).Select(change => Worked(change, stands, cloth, unit, Laid)).ToList();
        var facts = Facts(stands, shape, cloth, made) with { Others = others ?? [], RoleTraits = RoleTraits(stands, besides ?? []) };
        return [.. made.GroupBy(one => one.Change.Kind).SelectMany(kind => Judged([.. kind], facts))];

        (Yardage Own, IReadOnlyList<OfCloth> Others) Laid(CoverInput made)
        {
            var buyer = new ClothBuyer([new("cover", made)], unit, houseRules);
            var own = buyer.Estimate(cloth.AtWidth(cloth.Width), steps, shouldStop);
            return (
                own,
                [
                    .. (besides ?? [])
                        .Select(other => new OfCloth(other, buyer.Estimate(other.AtWidth(other.Width), steps, shouldStop)))
                        .Where(of => of.Yardage.Pieces.Count > 0),
                ]
            );
        }
    }

    private static IEnumerable<MakeUpChange> Changes(CoverInput input, ShapeDefinition shape)
    {
        foreach (var id in shape.Constructions)
        {
            yield return new("construction", id, ConstructionCatalogue.All[id].Label);
        }

        var (construction, form) = (ConstructionCatalogue.All[input.Construction!], FormCatalogue.Find(input.Form)!);
        (Choice, IReadOnlyList<string>)[] offered =
        [
            (Choice.Closure, [.. construction.ClosuresOf(shape).Select(closure => closure.Word())]),
            (Choice.Edge, [.. shape.Edges.Select(edge => edge.Word())]),
            (
                Choice.ZipSides,
                input.Options.GetValueOrDefault(Choice.Closure.Name, Closure.Zip.Word()) == Closure.Zip.Word()
                && !input.Rules.ContainsKey(Rule.ZipTurn.Name)
                    ? Choice.ZipSides.Words
                    : []
            ),
            (Choice.Piping, construction.CarriesPiping ? Choice.Piping.Words : []),
            (Choice.Layers, form.MayBeReversible ? Choice.Layers.Words : []),
            (
                Choice.Skirt,
                input.Options.GetValueOrDefault(Choice.Edge.Name) == LowerEdge.Skirt.Word() || input.Measures.ContainsKey("skirtLength")
                    ? Choice.Skirt.Words
                    : []
            ),
        ];
        foreach (var (choice, words) in offered.Where(offer => offer.Item2.Count > 1 && construction.Choices.Contains(offer.Item1)))
        {
            foreach (var word in words)
            {
                yield return new(choice.Name, word, word.Replace('-', ' '));
            }
        }

        if (shape.Measures.Any(measure => measure.Measure == Measure.Thickness))
        {
            yield return new("fit", "exact", "exact");
            if (form.MayBeSnug)
            {
                yield return new("fit", "snug", "snug, thinner than the filling");
            }

            yield return new("fit", "easy", "easy");
        }
    }

    private static MakeUp Worked(
        MakeUpChange change,
        CoverInput stands,
        ClothSpecification cloth,
        LengthUnit unit,
        Func<CoverInput, (Yardage Own, IReadOnlyList<OfCloth> Others)> laid
    )
    {
        var input = change.On(stands, unit.IsImperial());
        var outcome = Proved.Draft(ClothBuyer.OnCloth(input, cloth));
        var made = new MakeUp
        {
            Change = change,
            Input = input,
            IsChosen = IsAsItStands(change, stands),
            Draft = outcome.Draft,
            Checks = outcome.Checks,
        };
        if (outcome is not { Draft: { } draft, Reading.Specification: { } specification })
        {
            return made;
        }

        var (own, others) = laid(input);
        return made with
        {
            Yardage = own,
            OfOthers = others,
            Seams =
                specification.Count
                * draft.Ledger.Aggregate(Length.Zero, (sum, entry) => sum + Length.Max(entry.FirstLength, entry.SecondLength)),
            Time = SewingTime.Of(SewingPlanner.Of(draft, specification), specification.Count),
        };
    }

    private static bool IsAsItStands(MakeUpChange change, CoverInput stands)
    {
        if (change.Kind == "fit")
        {
            decimal? Fit(string axis) =>
                stands.Rules.TryGetValue($"fit.{axis}", out var entry) && EntryReader.Read(entry, LengthUnit.Inch).Length is { } length
                    ? length.Nanometres
                    : null;
            var (plan, thickness) = ((Fit("width") ?? 0) + (Fit("depth") ?? 0), Fit("thickness") ?? 0);
            return change.Word
                == (
                    plan > 0 || thickness > 0 ? "easy"
                    : plan < 0 || thickness < 0 ? "snug"
                    : "exact"
                );
        }

        if (change.Kind == "construction")
        {
            return change.Word == stands.Construction;
        }

        var shape = FormCatalogue.Find(stands.Form)!.Shape(stands.Shape)!;
        var usual = change.Kind switch
        {
            "closure" => ConstructionCatalogue.All[stands.Construction!].ClosuresOf(shape)[0].Word(),
            "edge" => shape.Edges[0].Word(),
            _ => Choice.All[change.Kind].Words[0],
        };
        return change.Word == stands.Options.GetValueOrDefault(change.Kind, usual);
    }

    private static AdviceFacts Facts(CoverInput stands, ShapeDefinition shape, ClothSpecification cloth, IReadOnlyList<MakeUp> made)
    {
        var thickness = made.Select(one => one.Draft)
            .FirstOrDefault(draft => draft is not null)
            ?.Finished.FirstOrDefault(size => size.Key == "t")
            ?.Value.Value;
        return new()
        {
            Filling = FormCatalogue.Find(stands.Form)!.Filling,
            IsBareFilling = stands.MeasuredFrom is null or "filling",
            HasCurvedPlan = shape.HasCurvedPlan,
            Thickness = thickness,
            Count = (int)Math.Clamp(stands.Count, 1, int.MaxValue),
            IsPiped = stands.Options.GetValueOrDefault(Choice.Piping.Name, "none") != "none",
            Traits = cloth.Traits,
            OneWay = cloth.OneWay,
            Repeat = cloth.RepeatLength,
            Matters = [.. stands.Matters.Select(Words.Read<Matter>).OfType<Matter>()],
        };
    }

    /// <summary>What the cloths given to roles are like: of several that take turns, everything any of them is.</summary>
    private static Dictionary<PieceRole, IReadOnlyList<ClothTrait>> RoleTraits(
        CoverInput stands,
        IReadOnlyList<ClothSpecification> besides
    ) =>
        stands
            .Roles.Select(role => (Role: PieceRole.Find(role.Key), Cloths: besides.Where(cloth => role.Value.Contains(cloth.Key)).ToList()))
            .Where(given => given.Role is not null && given.Cloths.Count > 0)
            .ToDictionary(
                given => given.Role!,
                given => (IReadOnlyList<ClothTrait>)[.. given.Cloths.SelectMany(cloth => cloth.Traits).Distinct()]
            );

    /// <summary>Says of each of one kind what speaks for it and against it, and which is advised.</summary>
    private static IEnumerable<MakeUp> Judged(IReadOnlyList<MakeUp> kind, AdviceFacts facts)
    {
        var possible = kind.Where(made => made.Yardage?.Need is not null && made.Time is not null).ToList();
        var least = possible.Count < 2 ? null : possible.MinBy(made => made.Yardage!.Need!.Value.Nanometres);
        var quickest = possible.Count < 2 ? null : possible.MinBy(made => made.Time!.Minutes);
        var takesLeast = least is not null && possible.Any(other => other.Yardage!.Buy!.Value > least.Yardage!.Buy!.Value);
        var (most, fewest) =
            possible.Count < 2 ? (0, 0) : (possible.Max(made => made.Draft!.PiecesToCut), possible.Min(made => made.Draft!.PiecesToCut));
        var isQuickest = quickest is not null && possible.Any(other => other.Time!.Minutes > quickest.Time!.Minutes + 1);
        var reasons = kind.ToDictionary(
            made => made,
            made =>
                AdviceRules.Of(
                    new(made.Change.Kind, made.Change.Word)
                    {
                        IsQuickest = isQuickest && made == quickest,
                        TakesLeastCloth = takesLeast && made == least,
                        TakesMostPieces = most > fewest && possible.Contains(made) && made.Draft!.PiecesToCut == most,
                        IsJoinedInSight =
                            made.Draft is { } draft
                            && draft.Ledger.Any(entry =>
                                entry.Seam.IsFlat && draft.Pieces.First(piece => piece.Key == entry.Seam.First.Piece).Use != PieceUse.Joined
                            ),
                    },
                    facts
                )
        );
        var best = Best(possible, reasons, facts);
        foreach (var made in kind)
        {
            string[] has =
            [
                .. made == best ? [Why(made, reasons[made])] : Array.Empty<string>(),
                .. takesLeast && made == least ? ["least cloth"] : Array.Empty<string>(),
                .. isQuickest && made == quickest ? ["quickest"] : Array.Empty<string>(),
            ];
            yield return made with
            {
                IsRecommended = made == best,
                Reasons = reasons[made],
                Reason = string.Join("; ", has.Where(word => word.Length > 0)),
            };
        }
    }

    /// <summary>
    /// The one with most for it and nothing that forbids it, of equals the one with the least work, of those the usual one. Where the least
    /// work is wanted that decides; on a first cover the fewest pieces of those that take little longer. Of trims and closures none where
    /// nothing is said of any.
    /// </summary>
    private static MakeUp? Best(List<MakeUp> possible, Dictionary<MakeUp, IReadOnlyList<AdviceReason>> reasons, AdviceFacts facts)
    {
        if (
            possible.Count == 0
            || (possible[0].Change.Kind is not ("construction" or "fit") && reasons.Values.All(said => said.Count == 0))
        )
        {
            return null;
        }

        var allowed = possible
            .Where(made => reasons[made].All(reason => reason.Speaks != Speaks.Forbids))
            .OrderBy(made => made.Time!.Minutes)
            .ToList();
        if (allowed.Count > 0 && facts.Wants(Matter.FirstOne))
        {
            var most = allowed[0].Time!.Minutes + (LittleLonger * facts.Count);
            return allowed.Where(made => made.Time!.Minutes <= most).MinBy(made => made.Draft!.PiecesToCut);
        }

        return facts.Wants(Matter.LeastWork) ? allowed.FirstOrDefault() : allowed.MaxBy(made => Weight(reasons[made]));

        static int Weight(IReadOnlyList<AdviceReason> said) =>
            said.Count(reason => reason.Speaks == Speaks.For) - said.Count(reason => reason.Speaks == Speaks.Against);
    }

    private static string Why(MakeUp made, IReadOnlyList<AdviceReason> reasons) =>
        reasons.FirstOrDefault(reason => reason.Speaks == Speaks.For)?.Text
        ?? (
            made.Change.Kind == "construction" ? JudgementText.UsualWay(ConstructionCatalogue.All[made.Change.Word].Look)
            : made.Change.Kind == "fit" ? "as measured"
            : ""
        );
}
