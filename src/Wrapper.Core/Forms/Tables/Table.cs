using System.Diagnostics;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.FlatCloths;
using Wrapper.Core.Constructions.NotchedTubs;
using Wrapper.Core.Constructions.WalledTubs;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Tables;

/// <summary>A table cover, fitted or hanging.</summary>
internal static class Table
{
    private static readonly MeasureDefinition Drop = Measures.Up(
        Measure.Drop,
        "Drop",
        "From the top down to where the cover shall end.",
        "6 1/2",
        "160 mm",
        10m,
        1500m
    );

    /// <summary>Less is no table: probably a slip of the unit.</summary>
    private static readonly Units.Length Least = Units.Length.FromMillimetres(200m);

    private static readonly LowerEdge[] TableEdges =
    [
        LowerEdge.DoubleHem,
        LowerEdge.CasingElastic,
        LowerEdge.StretchedElastic,
        LowerEdge.Drawstring,
        LowerEdge.HookAndLoop,
    ];

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "table",
                "Table",
                [
                    new(
                        "rectangle",
                        "Oblong",
                        [
                            Measures.Width with
                            {
                                LikelyLeast = Least,
                                ExampleInches = "46",
                                ExampleMillimetres = "1200 mm",
                            },
                            Measures.Depth with
                            {
                                LikelyLeast = Least,
                                ExampleInches = "30",
                                ExampleMillimetres = "750 mm",
                            },
                            Drop,
                            Measures.FloorHeight,
                            .. Measures.Diagonals,
                        ],
                        [TubWalls.Id, TubNotched.Id, Flat.Id]
                    )
                    {
                        Edges = TableEdges,
                    },
                    new(
                        "round",
                        "Round",
                        [
                            Measures.Diameter with
                            {
                                LikelyLeast = Least,
                                ExampleInches = "36",
                                ExampleMillimetres = "900 mm",
                            },
                            Drop,
                            Measures.FloorHeight,
                        ],
                        [TubWalls.Id, Flat.Id]
                    )
                    {
                        Edges = TableEdges,
                    },
                    new(
                        "oval",
                        "Oval",
                        [
                            Measures.Width with
                            {
                                LikelyLeast = Least,
                                Guidance = "Across the longer way, edge to edge.",
                                ExampleInches = "60",
                                ExampleMillimetres = "1500 mm",
                            },
                            Measures.Depth with
                            {
                                LikelyLeast = Least,
                                Guidance = "Across the shorter way, edge to edge.",
                                ExampleInches = "40",
                                ExampleMillimetres = "1000 mm",
                            },
                            Drop,
                            Measures.FloorHeight,
                        ],
                        [TubWalls.Id, Flat.Id]
                    )
                    {
                        Edges = TableEdges,
                    },
                ]
            )
            {
                IsUnderFireRules = false,
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Seam] = Rule.LightSeam, [Rule.Hem] = Rule.TableHem },
            },
            specification => FormDraft.Of(specification, Draft),
            thing => new(Finished(thing), [], null, thing.Medallion)
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        if (Plans.Of(specification, sizes, checks) is not { } plan)
        {
            return new();
        }

        var drop = sizes.Of(Measure.Drop);
        checks.AddRange(FormChecks.ToTheFloor(drop.Value, sizes, specification));
        var cover = specification.Construction switch
        {
            Flat.Id => Flat.Construct(Hanging(plan, drop), specification),
            TubNotched.Id => TubNotched.Construct(
                plan.Width,
                plan.Depth,
                TubDepth.Of(drop, Worked.Zero),
                specification.Rules[Rule.Hem],
                specification
            ),
            TubWalls.Id => TubWalls.Construct(plan, TubDepth.Of(drop, Worked.Zero), specification),
            var other => throw new UnreachableException($"A table's cover is not made as {other}."),
        };
        return PaddingLayers.Under(cover, plan, specification);
    }

    /// <summary>A cloth that hangs over all edges: the table’s outline moved out by the drop.</summary>
    private static ClosedPlan Hanging(ClosedPlan plan, Worked drop)
    {
        var grown = OutlineOffset.Offset(plan.Outline, drop.Value);
        var box = grown.Bounds;
        return plan with
        {
            Outline = grown.Moved(-box.Left, -box.Bottom),
            Width = plan.Width + (2 * drop),
            Depth = plan.Depth + (2 * drop),
            Perimeter = (plan.IsSmooth ? plan.Perimeter + (2 * drop).TimesPi() : plan.Perimeter + (8 * drop)).Named("hem, all round"),
        };
    }

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        var drop = thing.Up(Measure.Drop);
        var (w, d) =
            thing.Cover.Shape.Id == "round"
                ? (thing.Across(Measure.Diameter), thing.Across(Measure.Diameter))
                : (thing.Across(Measure.Width), thing.Along(Measure.Depth));
        if (thing.Cover.Shape.Id == "rectangle")
        {
            return thing.Cover.Construction switch
            {
                Flat.Id => PlainCover.Sheet(
                    w + (2 * drop),
                    d + (2 * drop),
                    2 * (w + d + (4 * drop)),
                    (w + (2 * drop)) * (d + (2 * drop)),
                    0
                ),
                TubNotched.Id => OpenBelow.OnePiece(thing, w, d, drop),
                _ => OpenBelow.Obstructed(thing, PlainCover.Tub(w, d, drop), drop),
            };
        }

        var (round, area) = (OpenBelow.RoundOval(w, d), Math.PI * w * d / 4);
        var smooth = w == d ? 0 : round * 0.02;
        return thing.Cover.Construction == Flat.Id
            ? PlainCover.Sheet(
                w + (2 * drop),
                d + (2 * drop),
                round + (2 * Math.PI * drop),
                area + (round * drop) + (Math.PI * drop * drop),
                smooth
            )
            : new()
            {
                Sizes = [w, d, drop],
                Opening = round,
                Area = area + (round * drop),
                Round = round,
                Smooth = smooth,
            };
    }
}
