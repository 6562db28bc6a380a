using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.WalledTubs;
using Wrapper.Core.English;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Seating;

/// <summary>A boxed footstool or chest covered to below its rim.</summary>
internal static class Ottoman
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "ottoman",
                "Ottoman",
                [
                    new(
                        "rectangle",
                        "Square corners",
                        [
                            Measures.Width,
                            Measures.Depth,
                            Measures.Up(
                                Measure.Height,
                                "Height",
                                "From the top of the padding to the underside.",
                                "15",
                                "380 mm",
                                40m,
                                1200m
                            ),
                            Measures.Detail(
                                Measure.TopDrop,
                                "Top drop",
                                "How far the top comes over the edge before the piping; 0 for none.",
                                "0",
                                "0 mm"
                            ) with
                            {
                                Place = MeasurePlace.DownTheRight,
                                Optional = true,
                                MayBeZero = true,
                            },
                            Measures.Detail(
                                Measure.Return,
                                "Return",
                                "How far it turns under, to the middle of the tape.",
                                "2 1/2",
                                "60 mm"
                            ) with
                            {
                                Optional = true,
                                MayBeZero = true,
                                Rule = Rule.TuckUnder,
                            },
                            Measures.FloorHeight,
                            .. Measures.Diagonals,
                        ],
                        [TubWalls.Id]
                    )
                    {
                        Edges = [LowerEdge.HookAndLoop, LowerEdge.DoubleHem, LowerEdge.Skirt],
                    },
                ]
            )
            {
                IsHeavy = true,
                HasLegs = true,
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Hem] = Rule.OttomanHem },
            },
            specification => FormDraft.Of(specification, Draft),
            thing => new(Finished(thing), [], Skirt(thing), thing.Medallion)
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var plan = PlanShapes.Tapered(sizes.Of(Measure.Width), sizes.Of(Measure.Width), sizes.Of(Measure.Depth));
        var (height, under) = (sizes.Of(Measure.Height), TurnsUnder(specification) ? sizes.Of(Measure.Return) : Worked.Zero);
        checks.AddRange(FormChecks.Under(under.Value, plan, "return", specification));
        if (specification.Choices.Edge == LowerEdge.Skirt && under.Value.IsPositive)
        {
            checks.Add(
                Check.Warning(
                    "skirt-on-return",
                    FormText.SkirtOnReturn(specification.Format.RoundedWithUnit(under.Value)),
                    Measure.Return.Name,
                    new Mend(FormText.ToNoReturn, $"measures.{Measure.Return.Name}", "0")
                )
            );
        }

        checks.AddRange(FormChecks.ToTheFloor(height.Value, sizes, specification));
        if (checks.HasError())
        {
            return new();
        }

        return TubWalls.Construct(plan, new(height, under, sizes.AsTaken(Measure.TopDrop)), specification);
    }

    /// <summary>A skirt hangs from the edge of the base: nothing turns under unless it is said.</summary>
    private static bool TurnsUnder(CoverSpecification specification) =>
        specification.Choices.Edge != LowerEdge.Skirt || specification.Measures.ContainsKey(Measure.Return);

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        var (w, d) = (thing.Across(Measure.Width), thing.Along(Measure.Depth));
        var under = TurnsUnder(thing.Cover) ? thing.Detail(Measure.Return, rule: Rule.TuckUnder) : 0;
        var fall = thing.Up(Measure.Height) + under;
        var tub = PlainCover.Tub(w, d, fall);
        // The corners of what turns under are left open; a skirt hangs from the edge and closes it with its own.
        tub = tub with { Opening = tub.Opening + (8 * under) };
        return Skirt(thing) is { } skirt
            ? tub with
            {
                Sizes = [w, d, fall + skirt.Drop],
                Area = tub.Area + (skirt.Length * skirt.Drop),
            }
            : tub;
    }

    /// <summary>The skirt on the lower edge; null where the edge is finished otherwise.</summary>
    private static ExpectedSkirt? Skirt(MeasuredThing thing) =>
        thing.Cover.Choices.Edge == LowerEdge.Skirt
            ? PlainCover.SkirtOf(thing, 2 * (thing.Across(Measure.Width) + thing.Along(Measure.Depth)), thing.Figure(Rule.SkirtDrop))
            : null;
}
