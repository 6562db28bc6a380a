using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts;

/// <summary>
/// How an open lower edge is held: hemmed, drawn in with elastic or cord, or taped. See docs/handbook.md, "Edge finishes".
/// </summary>
/// <param name="specification">The cover.</param>
/// <param name="opening">The finished length of the edge before it is drawn in.</param>
internal sealed class EdgeFinish(CoverSpecification specification, Worked opening)
{
    private const decimal FurthestStretch = 2;

    private LowerEdge? Edge => specification.Choices.Edge;

    private int Count => specification.Count;

    /// <summary>What the edge takes, for all covers alike.</summary>
    /// <param name="cutEdge">The length of the raw edge, where a cord is caught under an overlock.</param>
    public IEnumerable<Notion> Notions(Worked? cutEdge = null)
    {
        var rules = specification.Rules;
        switch (Edge)
        {
            case LowerEdge.CasingElastic:
                yield return new(NotionKind.Elastic, "Elastic for the casing", Count, opening.TimesNumber(rules.Number(NumberRule.ElasticRatio)) + rules[Rule.ElasticLap], rules[Rule.ElasticWidth]);
                break;
            case LowerEdge.StretchedElastic:
                yield return new(NotionKind.Elastic, "Elastic, stretched on", Count, opening.DividedBy(rules.Number(NumberRule.Stretch)), rules[Rule.ElasticWidth]);
                break;
            case LowerEdge.Drawstring:
                yield return new(NotionKind.Drawstring, "Drawstring", Count, opening + (2 * rules[Rule.CordTail]));
                yield return new(NotionKind.CordStop, "Cord stop", Count, Worked.Zero);
                break;
            case LowerEdge.OverlockedCord:
                yield return new(NotionKind.Drawstring, "Cord under the overlock", Count, (cutEdge ?? opening) + (2 * rules.Of(Rule.CordTail, Rule.IroningTail)));
                yield return new(NotionKind.CordStop, "Cord stop", Count, Worked.Zero);
                break;
            case LowerEdge.HookAndLoop:
                yield return new(NotionKind.HookAndLoop, "Hook-and-loop tape round the base", Count, Tape(), rules[Rule.TapeWidth]);
                break;
            default:
                break;
        }
    }

    /// <summary>What can go wrong with the edge.</summary>
    public IEnumerable<Check> Checks()
    {
        var rules = specification.Rules;
        if (Edge == LowerEdge.CasingElastic && rules.Number(NumberRule.ElasticRatio) * FurthestStretch < 1)
        {
            yield return Check.Warning(
                "elastic-too-short",
                "Elastic this short in its casing cannot stretch far enough to let the cover go over: twice its length is about what it gives.",
                "elasticRatio",
                new Mend("Elastic 0.7 of the opening", "rules.elasticRatio", "0.7"));
        }

        if (Edge == LowerEdge.StretchedElastic && rules.Number(NumberRule.Stretch) > FurthestStretch)
        {
            yield return Check.Warning(
                "elastic-too-short",
                "Elastic stretched on so far has nothing left to give when the cover goes over.",
                "stretch",
                new Mend("Stretch it on 1.4 times", "rules.stretch", "1.4"));
        }

        if (Edge == LowerEdge.HookAndLoop && !Tape().Value.IsPositive)
        {
            yield return Check.Error("legs-too-long", "The legs together are longer than the base is round: measure again what each leg takes of the edge.", "legs");
        }

        if (Edge is LowerEdge.Drawstring or LowerEdge.OverlockedCord)
        {
            yield return Check.Note("cord-caution", "A cord with a loop is a danger to small children: keep its tails short and tucked away.", "edge");
        }
    }

    /// <summary>The last steps of the sewing.</summary>
    public IEnumerable<SewingStep> Steps()
    {
        yield return Edge switch
        {
            LowerEdge.CasingElastic => new("Turn the edge up for a casing and sew it, leaving the threading gap; draw the elastic through, pin its tail, lap and sew it, close the gap.", "Fit before the elastic goes in; see that it is not twisted and its tail is pinned."),
            LowerEdge.StretchedElastic => new("Mark elastic and edge in quarters and sew the elastic on, stretched, holding it on both sides of the foot.", "Pulled on one side only, the needle is dragged and can break: mind your eyes."),
            LowerEdge.Drawstring => new("Turn the edge up for a casing, leave the threading gap, and draw the cord through; fit the cord stop.", "Fit before the cord goes in."),
            LowerEdge.OverlockedCord => new("Overlock the raw edge over the cord, never through it, from the start mark to the stop mark; fit the cord stop.", "Leave both tails out before the first stitch."),
            LowerEdge.HookAndLoop => new("Turn the edge and sew the loop tape inside it; fix the hook tape to the base between the legs.", "Leave two opposite corners open part of the way until it has been tried."),
            LowerEdge.Skirt => new("Hem the skirt, gather or pleat it to the length of the edge, and sew it on.", null),
            _ => new("Turn the hem twice and sew it.", null),
        };
    }

    private Worked Tape()
    {
        var legs = Worked.Sum(specification.Legs.Select(leg => Worked.Given("leg", leg, QuantitySource.Measure)));
        return opening - legs;
    }
}
