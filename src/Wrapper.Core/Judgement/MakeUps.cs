using Wrapper.Core.Buying;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.FoldedWraps;
using Wrapper.Core.Costing;
using Wrapper.Core.Drafting;
using Wrapper.Core.English;
using Wrapper.Core.Forms;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
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

    /// <summary>All seams of all covers alike.</summary>
    public Length Seams { get; init; }

    /// <summary>The time it takes; null without a draft.</summary>
    public SewingTime? Time { get; init; }

    /// <summary>It is what the product would choose among its kind.</summary>
    public bool IsRecommended { get; init; }

    /// <summary>Why it is recommended, or what it has over the others; empty for nothing in particular.</summary>
    public string Reason { get; init; } = "";
}

/// <summary>
/// The ways this very thing can be made, side by side: constructions, and within the one chosen its closures, edges, trims
/// and fit. See docs/handbook.md, "Make-up".
/// </summary>
public static class MakeUps
{
    /// <summary>Below this finished thickness a wall is hard to sew.</summary>
    private static readonly Length LowWall = Length.FromMillimetres(38m);

    /// <summary>Every way that is offered, worked out; those of one kind stand together.</summary>
    /// <param name="input">The cover as it stands, without a cloth.</param>
    /// <param name="cloth">The cloth it is bought in.</param>
    /// <param name="houseRules">The house's rules that can be read.</param>
    /// <param name="steps">Orders of the lay to try for each.</param>
    /// <param name="shouldStop">Asked while each is laid.</param>
    public static IReadOnlyList<MakeUp> Compare(
        CoverInput input, ClothSpecification cloth, IReadOnlyDictionary<Rule, Length> houseRules, int steps, Func<bool>? shouldStop = null)
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
        return [.. Changes(stands, shape).GroupBy(change => change.Kind).SelectMany(kind =>
            Judged([.. kind.Select(change => Worked(change, stands, cloth, unit, Laid))], shape))];

        Yardage Laid(CoverInput made) => new ClothBuyer([new("cover", made)], unit, houseRules).Estimate(cloth.AtWidth(cloth.Width), steps, shouldStop);
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
            (Choice.Piping, construction.CarriesPiping ? Choice.Piping.Words : []),
            (Choice.Layers, form.MayBeReversible ? Choice.Layers.Words : []),
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

    private static MakeUp Worked(MakeUpChange change, CoverInput stands, ClothSpecification cloth, LengthUnit unit, Func<CoverInput, Yardage> laid)
    {
        var input = change.On(stands, unit.IsImperial());
        var outcome = Proved.Draft(ClothBuyer.OnCloth(input, cloth));
        var made = new MakeUp { Change = change, Input = input, IsChosen = IsAsItStands(change, stands), Draft = outcome.Draft, Checks = outcome.Checks };
        if (outcome is not { Draft: { } draft, Reading.Specification: { } specification })
        {
            return made;
        }

        return made with
        {
            Yardage = laid(input),
            Seams = specification.Count * draft.Ledger.Aggregate(Length.Zero, (sum, entry) => sum + Length.Max(entry.FirstLength, entry.SecondLength)),
            Time = SewingTime.Of(draft, specification.Count, specification.Rules),
        };
    }

    private static bool IsAsItStands(MakeUpChange change, CoverInput stands)
    {
        if (change.Kind == "fit")
        {
            decimal? Fit(string axis) => stands.Rules.TryGetValue($"fit.{axis}", out var entry) && EntryReader.Read(entry, LengthUnit.Inch).Length is { } length ? length.Nanometres : null;
            var (plan, thickness) = ((Fit("width") ?? 0) + (Fit("depth") ?? 0), Fit("thickness") ?? 0);
            return change.Word == (plan > 0 || thickness > 0 ? "easy" : plan < 0 || thickness < 0 ? "snug" : "exact");
        }

        if (change.Kind == "construction")
        {
            return change.Word == stands.Construction;
        }

        var shape = FormCatalogue.Find(stands.Form)!.Shape(stands.Shape)!;
        var usual = change.Kind switch { "closure" => ConstructionCatalogue.All[stands.Construction!].ClosuresOf(shape)[0].Word(), "edge" => shape.Edges[0].Word(), _ => Choice.All[change.Kind].Words[0] };
        return change.Word == stands.Options.GetValueOrDefault(change.Kind, usual);
    }

    /// <summary>Says which of one kind is recommended and why, and what each of the others has over the rest.</summary>
    private static IEnumerable<MakeUp> Judged(IReadOnlyList<MakeUp> kind, ShapeDefinition shape)
    {
        var possible = kind.Where(made => made.Yardage?.Need is not null && made.Time is not null).ToList();
        var least = possible.Count < 2 ? null : possible.MinBy(made => made.Yardage!.Need!.Value.Nanometres);
        var quickest = possible.Count < 2 ? null : possible.MinBy(made => made.Time!.Minutes);
        var (best, why) = Best(possible, shape);
        foreach (var made in kind)
        {
            var has = new List<string>();
            if (made == best && why.Length > 0)
            {
                has.Add(why);
            }

            if (made == least && possible.Any(other => other.Yardage!.Buy!.Value > made.Yardage!.Buy!.Value))
            {
                has.Add("least cloth");
            }

            if (made == quickest && possible.Any(other => other.Time!.Minutes > made.Time!.Minutes + 1))
            {
                has.Add("quickest");
            }

            yield return made with { IsRecommended = made == best, Reason = string.Join("; ", has) };
        }
    }

    private static (MakeUp? Best, string Why) Best(List<MakeUp> possible, ShapeDefinition shape)
    {
        var first = possible.FirstOrDefault();
        switch (first?.Change.Kind)
        {
            case "construction" when first.Change.Word != shape.Constructions[0]:
                return (first, JudgementText.FirstThatCanBeMade);
            case "construction" when first.Change.Word == BoxingStrip.Id && Thickness(first) is { } thin && thin < LowWall && possible.Find(made => made.Change.Word == WrapFolded.Id) is { } folded:
                return (folded, JudgementText.ThinWallHardToSew);
            case "construction":
                return (first, JudgementText.UsualWay(ConstructionCatalogue.All[first.Change.Word].Look));
            case "fit" when possible.Find(made => made.Change.Word == "snug") is { } snug && snug.Input.MeasuredFrom is null or "filling" && first.Input.Form == "box-cushion":
                return (snug, JudgementText.SnugKeepsEdgesCrisp);
            case "fit":
                return (first, "as measured");
            default:
                return (null, ""); // trims and closures are a matter of taste: what they cost is said, none is advised
        }
    }

    private static Length? Thickness(MakeUp made) => made.Draft!.Finished.FirstOrDefault(size => size.Key == "t")?.Value.Value;
}
