using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.Constructions.NotchedTubs;
using Wrapper.Core.English;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Bedding;

/// <summary>A pad for changing a child.</summary>
internal static class ChangingPad
{
    private static readonly Measure SideHeight = new("sideHeight");

    private static readonly Measure Rim = new("rim");

    private static readonly Measure FlatWidth = new("flatWidth");

    private static readonly Measure FlatHeight = new("flatHeight");

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "changing-pad",
                "Changing pad",
                [
                    new(
                        "flat",
                        "Flat",
                        [
                            Measures.MattressWidth with
                            {
                                ExampleInches = "16",
                                ExampleMillimetres = "400 mm",
                            },
                            Measures.Length with
                            {
                                ExampleInches = "31",
                                ExampleMillimetres = "780 mm",
                            },
                            Measures.Thickness,
                            Measures.Detail(
                                Measure.TuckUnder,
                                "Tuck-under",
                                "How far it reaches under on each side.",
                                "2 1/2",
                                "60 mm"
                            ) with
                            {
                                Optional = true,
                                MayBeZero = true,
                                Rule = Rule.TuckUnder,
                            },
                        ],
                        [TubNotched.Id]
                    )
                    {
                        Edges = [LowerEdge.CasingElastic, LowerEdge.StretchedElastic],
                    },
                    new(
                        "contoured",
                        "Contoured",
                        [
                            Measures.Length with
                            {
                                ExampleInches = "28",
                                ExampleMillimetres = "700 mm",
                            },
                            Measures.Across(Measure.OverallWidth, "Overall width", "Side to side at the base.", "14", "360 mm"),
                            Measures.Up(SideHeight, "Side height", "From the base to the rim.", "2 3/4", "70 mm", 10m, 400m),
                            Measures.Detail(Rim, "Rim", "The flat on top of one raised side.", "1 3/4", "45 mm") with
                            {
                                Place = MeasurePlace.AcrossTheTop,
                                RunsAcross = true,
                            },
                            Measures.Detail(FlatWidth, "Flat width", "The flat hollow in the middle, side to side.", "7", "180 mm") with
                            {
                                Place = MeasurePlace.InTheMiddle,
                                RunsAcross = true,
                            },
                            Measures.Detail(FlatHeight, "Flat height", "From the base to the flat hollow.", "1", "25 mm") with
                            {
                                Place = MeasurePlace.UpTheMiddle,
                            },
                            Measures.Detail(
                                Measure.TuckUnder,
                                "Tuck-under",
                                "How far it reaches under on each side.",
                                "2 1/2",
                                "60 mm"
                            ) with
                            {
                                Optional = true,
                                MayBeZero = true,
                                Rule = Rule.TuckUnder,
                            },
                        ],
                        [BandEnds.Id]
                    )
                    {
                        Stands = Standing.Upright,
                        Edges = [LowerEdge.CasingElastic, LowerEdge.StretchedElastic, LowerEdge.Drawstring],
                    },
                ]
            )
            {
                Filling = Filling.Firm,
                LargestOfInfants = (Units.Length.FromMillimetres(800m), null),
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Seam] = Rule.LightSeam, [Rule.Hem] = Rule.PadHem },
            },
            specification => FormDraft.Of(specification, Draft),
            thing => Expectation.Plain(thing.Cover.Shape.Id == "flat" ? FittedSheet.Finished(thing) : Contoured(thing))
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        if (specification.Shape.Id == "flat")
        {
            return FittedSheet.Draft(specification, sizes, checks);
        }

        var (width, side, rim, flat, flatHeight) = (
            sizes.Of(Measure.OverallWidth),
            sizes.Of(SideHeight),
            sizes.Of(Rim),
            sizes.Of(FlatWidth),
            sizes.Of(FlatHeight)
        );
        var under = sizes.Of(Measure.TuckUnder);
        var (across, down) = ((width - flat - (2 * rim)) / 2, side - flatHeight);
        var format = specification.Format;
        if (across.Value.IsNegative || flat.Value >= width.Value)
        {
            checks.Add(Check.Error("contour-too-wide", FormText.ContourTooWide(format.RoundedWithUnit(width.Value)), "flatWidth"));
        }

        if (down.Value.IsNegative)
        {
            checks.Add(Check.Error("contour-upside-down", FormText.ContourUpsideDown, "flatHeight"));
        }

        if (2 * under.Value > width.Value)
        {
            checks.Add(
                Check.Error(
                    "tuck-under-too-wide",
                    FormText.TuckUnderTooWide(format.RoundedWithUnit(under.Value)),
                    "tuckUnder",
                    new Mend(FormText.ToUsualTuck, "measures.tuckUnder", specification.Unit.IsImperial() ? "2 1/2 in" : "60 mm")
                )
            );
        }

        if (across.Value.IsZero && down.Value.IsZero)
        {
            checks.Add(Check.Error("contour-is-flat", FormText.ContourIsFlat, "flatHeight"));
        }

        if (checks.HasError())
        {
            return new();
        }

        var slope = Worked.Slant(across, down).Named("slope");
        var profile = Profiles.Contour(width, side, rim, slope, flat, flatHeight, under);
        var developed = ((2 * side) + (2 * rim) + (2 * slope) + flat).Named("developed length");
        var length = sizes.Of(Measure.Length);
        var cover = BandEnds.Open(
            profile,
            length,
            developed + (2 * under),
            [
                new("L", "Finished length", length),
                new("W", "Finished width", width),
                new("slope", "Slope, along itself", slope),
                new("developed", "Sides and top, developed", developed),
            ],
            specification
        );
        return cover with { Checks = [.. cover.Checks, .. FormChecks.ForAChild(specification)] };
    }

    /// <summary>A pad with raised sides, its band drawn in underneath.</summary>
    private static ExpectedCover Contoured(MeasuredThing thing)
    {
        var (w, side, length) = (thing.Across(Measure.OverallWidth), thing.Up(SideHeight), thing.Along(Measure.Length));
        var (rim, flat, flatHeight) = (thing.Detail(Rim, across: true), thing.Detail(FlatWidth, across: true), thing.Detail(FlatHeight));
        var under = thing.Detail(Measure.TuckUnder, rule: Rule.TuckUnder);
        var (across, down) = ((w - flat - (2 * rim)) / 2, side - flatHeight);
        var over = (2 * (side + under)) + (2 * rim) + (2 * double.Hypot(across, down)) + flat;
        var end = (w * (side + under)) - ((flat + across) * down);
        return new()
        {
            Sizes = [w, side + under, length],
            Opening = 2 * (length + w),
            Area = (2 * end) + (over * length),
            Round = w + over,
        };
    }
}
