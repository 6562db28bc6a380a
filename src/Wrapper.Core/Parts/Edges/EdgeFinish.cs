using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Edges;

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
                yield return new(
                    NotionKind.Elastic,
                    "Elastic for the casing",
                    Count,
                    opening.TimesNumber(rules.Number(NumberRule.ElasticRatio)) + rules[Rule.ElasticLap],
                    rules[Rule.ElasticWidth]
                );
                break;
            case LowerEdge.StretchedElastic:
                yield return new(
                    NotionKind.Elastic,
                    "Elastic, stretched on",
                    Count,
                    opening.DividedBy(rules.Number(NumberRule.Stretch)),
                    rules[Rule.ElasticWidth]
                );
                break;
            case LowerEdge.Drawstring:
                yield return new(NotionKind.Drawstring, "Drawstring", Count, opening + (2 * rules[Rule.CordTail]));
                yield return new(NotionKind.CordStop, "Cord stop", Count, Worked.Zero);
                break;
            case LowerEdge.OverlockedCord:
                yield return new(
                    NotionKind.Drawstring,
                    "Cord under the overlock",
                    Count,
                    (cutEdge ?? opening) + (2 * rules.Of(Rule.CordTail, Rule.IroningTail))
                );
                yield return new(NotionKind.CordStop, "Cord stop", Count, Worked.Zero);
                break;
            case LowerEdge.HookAndLoop:
                yield return new(NotionKind.HookAndLoop, EdgeFinishText.HookAndLoopTape, Count, Tape(), rules[Rule.TapeWidth]);
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
                EdgeFinishText.ElasticTooShort,
                "elasticRatio",
                new Mend(EdgeFinishText.ToElastic07OfTheOpening, "rules.elasticRatio", "0.7")
            );
        }

        if (Edge == LowerEdge.StretchedElastic && rules.Number(NumberRule.Stretch) > FurthestStretch)
        {
            yield return Check.Warning(
                "elastic-too-short",
                EdgeFinishText.ElasticTooShortHasNothingLeft,
                "stretch",
                new Mend(EdgeFinishText.ToStretchItOn14Times, "rules.stretch", "1.4")
            );
        }

        if (Edge == LowerEdge.HookAndLoop && !Tape().Value.IsPositive)
        {
            yield return Check.Error("legs-too-long", EdgeFinishText.LegsTooLong, "legs");
        }

        if (Edge is LowerEdge.Drawstring or LowerEdge.OverlockedCord)
        {
            yield return Check.Note("cord-caution", CautionText.Cords, "edge");
        }
    }

    private Worked Tape()
    {
        var legs = Worked.Sum(specification.Legs.Select(leg => Worked.Given("leg", leg, QuantitySource.Measure)));
        return opening - legs;
    }
}
