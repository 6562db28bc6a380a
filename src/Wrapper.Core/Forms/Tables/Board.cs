using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Margins;
using Wrapper.Core.Constructions.NotchedTubs;
using Wrapper.Core.English;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Tables;

/// <summary>A board that is worked on.</summary>
internal static class Board
{
    private static readonly Measure Widest = new("widest");

    private static readonly Measure NoseWidth = new("noseWidth");

    private static readonly Measure TaperLength = new("taperLength");

    private static readonly LowerEdge[] BoardEdges =
    [
        LowerEdge.Drawstring,
        LowerEdge.CasingElastic,
        LowerEdge.StretchedElastic,
        LowerEdge.OverlockedCord,
    ];

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "board",
                "Board",
                [
                    new(
                        "tray",
                        "Tray board",
                        [
                            Measures.Width with
                            {
                                ExampleInches = "18",
                                ExampleMillimetres = "450 mm",
                            },
                            Measures.Depth with
                            {
                                ExampleInches = "12",
                                ExampleMillimetres = "300 mm",
                            },
                        ],
                        [TubNotched.Id]
                    )
                    {
                        Edges = BoardEdges,
                    },
                    new(
                        "ironing",
                        "Ironing board",
                        [
                            Measures.Length with
                            {
                                ExampleInches = "48",
                                ExampleMillimetres = "1220 mm",
                            },
                            Measures.Across(Widest, "Widest", "Side to side at the broad end.", "14", "360 mm"),
                            Measures.Detail(NoseWidth, "Nose width", "Side to side where the nose begins to round.", "6", "150 mm") with
                            {
                                Place = MeasurePlace.BackTop,
                                RunsAcross = true,
                            },
                            Measures.Detail(
                                TaperLength,
                                "Taper length",
                                "From the tip back to where the sides run straight; a third of the length if not taken.",
                                "",
                                ""
                            ) with
                            {
                                Place = MeasurePlace.DownTheBackRight,
                                Optional = true,
                            },
                        ],
                        [OutlineMargin.Id]
                    )
                    {
                        Edges = [LowerEdge.OverlockedCord, LowerEdge.Drawstring, LowerEdge.CasingElastic],
                    },
                    new("outline", "Traced outline", [], [OutlineMargin.Id])
                    {
                        List = MeasureList.Points,
                        Edges = [LowerEdge.OverlockedCord, LowerEdge.Drawstring, LowerEdge.CasingElastic],
                    },
                    new(
                        "pressing-table",
                        "Pressing table",
                        [
                            Measures.Width with
                            {
                                ExampleInches = "48",
                                ExampleMillimetres = "1200 mm",
                            },
                            Measures.Depth with
                            {
                                ExampleInches = "30",
                                ExampleMillimetres = "750 mm",
                            },
                            Measures.Up(
                                Measure.Drop,
                                "Drop",
                                "From the padded top down to where the cover shall end.",
                                "3",
                                "75 mm",
                                10m,
                                1000m
                            ),
                            Measures.CornerRadius,
                        ],
                        [TubNotched.Id]
                    )
                    {
                        Edges = BoardEdges,
                    },
                ]
            )
            {
                IsUnderFireRules = false,
                IsIronedOn = true,
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Seam] = Rule.TubSeam, [Rule.Hem] = Rule.BoardHem },
            },
            specification => FormDraft.Of(specification, Draft),
            thing => Expectation.Plain(Finished(thing))
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        checks.Add(Check.Note("hot-work-caution", CautionText.HotWork, null));
        return specification.Shape.Id switch
        {
            "tray" => Tray(specification, sizes, checks),
            "pressing-table" => PressingTable(specification, sizes, checks),
            _ => Ironing(specification, sizes, checks),
        };
    }

    private static ConstructedCover Tray(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var (width, depth) = (sizes.Of(Measure.Width), sizes.Of(Measure.Depth));
        var hem = specification.Rules.CasingDepth;
        var fall = specification.Rules[Rule.Wall] + sizes.Wadding(MeasureAxis.Thickness) - hem;
        if (!fall.Value.IsPositive)
        {
            checks.Add(
                Check.Error(
                    "wall-too-short",
                    FormText.WallTooShort,
                    "wall",
                    new Mend(FormText.ToUsualWall, "rules.wall", specification.Unit.IsImperial() ? "3 1/2 in" : "90 mm")
                )
            );
            return new();
        }

        var plan = PlanShapes.Tapered(width, width, depth);
        var cover = TubNotched.Construct(width, depth, TubDepth.Of(fall, Worked.Zero), hem, specification);
        return PaddingLayers.Under(cover, plan, specification);
    }

    private static ConstructedCover PressingTable(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        if (Plans.Of(specification, sizes, checks) is not { } plan || checks.HasError())
        {
            return new();
        }

        var (drop, hem) = (sizes.Of(Measure.Drop), specification.Rules.CasingDepth);
        var isRounded = plan.Outline.Edges.Any(edge => edge.Arc is not null);
        if (isRounded && specification.Obstacles.Count > 0)
        {
            checks.Add(
                Check.Error(
                    "obstacles-on-a-curve",
                    FormText.ObstaclesOnACurve,
                    "obstacles",
                    new Mend(FormText.ToSquareCorners, "measures.cornerRadius", "0")
                )
            );
            return new();
        }

        var cover = isRounded
            ? OutlineMargin.Construct(plan, (drop + hem).Named("wall"), specification)
            : TubNotched.Construct(plan.Width, plan.Depth, TubDepth.Of(drop, Worked.Zero), hem, specification);
        return PaddingLayers.Under(cover, plan, specification);
    }

    private static ConstructedCover Ironing(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var plan = specification.Shape.Id == "outline" ? Plans.Of(specification, sizes, checks) : ByNumbers(specification, sizes, checks);
        if (plan is null || checks.HasError())
        {
            return new();
        }

        var margin = specification.Rules[Rule.Margin] + sizes.Wadding(MeasureAxis.Thickness);
        return PaddingLayers.Under(OutlineMargin.Construct(plan, margin, specification), plan, specification);
    }

    /// <summary>A broad end, straight sides, a taper, and a nose rounded at half its width.</summary>
    private static ClosedPlan? ByNumbers(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var (length, widest, nose) = (sizes.Of(Measure.Length), sizes.Of(Widest), sizes.Of(NoseWidth));
        var taper = sizes.Has(TaperLength) ? sizes.Of(TaperLength) : (length / 3).Named("taper");
        var format = specification.Format;
        if (nose.Value > widest.Value)
        {
            checks.Add(
                Check.Error(
                    "nose-too-wide",
                    FormText.NoseTooWide(format.RoundedWithUnit(nose.Value), format.RoundedWithUnit(widest.Value)),
                    "noseWidth"
                )
            );
        }

        if (taper.Value >= length.Value || nose.Value.Half() >= taper.Value)
        {
            checks.Add(
                Check.Error(
                    "taper-out-of-range",
                    FormText.TaperOutOfRange(format.RoundedWithUnit(taper.Value)),
                    "taperLength",
                    new Mend(
                        FormText.ToAThirdOfTheLength,
                        "measures.taperLength",
                        format.RoundedWithUnit((length.Value / 3).RoundedTo(format.Step))
                    )
                )
            );
        }

        if (checks.HasError())
        {
            return null;
        }

        // The sides run straight from the shoulders and touch the nose's circle.
        var (w, shoulder, radius) = (widest.Value, length.Value - taper.Value, nose.Value.Half());
        var centre = new Point(w.Half(), length.Value - radius);
        var toShoulder = new Point(w, shoulder) - centre;
        var (reach, size) = (toShoulder.Size, (double)radius.Nanometres);
        var angle = Math.Atan2(toShoulder.Y, toShoulder.X) + Math.Acos(size / reach);
        var right = centre + (size * new Vector(Math.Cos(angle), Math.Sin(angle)));
        var left = new Point(w - right.X, right.Y);
        var outline = new Outline([
            new(EdgeName.Front, Point.Origin, new(w, Length.Zero)),
            new(EdgeName.Right, new(w, Length.Zero), new(w, shoulder)),
            new(EdgeName.Right.As(EdgeFunction.Seam, "taper"), new(w, shoulder), right),
            new(EdgeName.Of(EdgeSide.Nose), right, left, new Arc(centre, CounterClockwise: true)),
            new(EdgeName.Left.As(EdgeFunction.Seam, "taper"), left, new(Length.Zero, shoulder)),
            new(EdgeName.Left, new(Length.Zero, shoulder), Point.Origin),
        ]);
        var slant = Worked.ReadOff("taper, along itself", outline.LengthOf("right-taper"));
        var lengths = new Dictionary<string, Worked>
        {
            ["front"] = widest,
            ["right"] = length - taper,
            ["right-taper"] = slant,
            ["nose"] = Worked.ReadOff("nose, along its curve", outline.LengthOf("nose")),
            ["left-taper"] = slant,
            ["left"] = length - taper,
        };
        return new(outline, lengths, EdgeName.Front, EdgeName.Of(EdgeSide.Nose), widest, length);
    }

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        var casing = thing.Cover.Rules.Says(Rule.Hem) ? thing.Figure(Rule.Hem) : thing.Figure(Rule.CasingTurn) + thing.Figure(Rule.Casing);
        switch (thing.Cover.Shape.Id)
        {
            case "tray":
                return OpenBelow.OnePiece(
                    thing,
                    thing.Across(Measure.Width),
                    thing.Along(Measure.Depth),
                    thing.Figure(Rule.Wall) + thing.WaddingUp - casing
                );
            case "pressing-table" when thing.Taken(Measure.CornerRadius) <= 0:
                return OpenBelow.OnePiece(thing, thing.Across(Measure.Width), thing.Along(Measure.Depth), thing.Up(Measure.Drop));
            case "pressing-table":
                return OpenBelow.WithMargin(ThingPlans.Of(thing), thing.Up(Measure.Drop) + casing);
            default:
                var board = thing.Cover.Shape.Id == "outline" ? ThingPlans.Of(thing) : OutlineByNumbers(thing);
                return OpenBelow.WithMargin(board, thing.Figure(Rule.Margin) + thing.WaddingUp);
        }
    }

    /// <summary>An ironing board: straight sides, a taper that touches the nose, the nose half a circle or a little more.</summary>
    private static ThingOutline OutlineByNumbers(MeasuredThing thing)
    {
        var (length, widest, nose) = (thing.Along(Measure.Length), thing.Across(Widest), thing.Detail(NoseWidth, across: true));
        var shoulder = length - (thing.Has(TaperLength) ? thing.Detail(TaperLength) : length / 3);
        var (radius, centre) = (nose / 2, new Spot(0, length - (nose / 2)));
        // The taper leaves the shoulder so that it is square to the radius where it meets the nose.
        var (dx, dy) = (widest / 2, shoulder - centre.Y);
        var (far, tilt) = (double.Hypot(dx, dy), Math.Asin(radius / double.Hypot(dx, dy)));
        var along = Math.Sqrt((far * far) - (radius * radius));
        var (ux, uy) = (-dx / far, -dy / far);
        var way = new Spot((ux * Math.Cos(tilt)) + (uy * Math.Sin(tilt)), (uy * Math.Cos(tilt)) - (ux * Math.Sin(tilt)));
        var touch = new Spot(widest / 2, shoulder) + (along * way);
        var other = touch with { X = -touch.X };
        return new([
            new(new(-widest / 2, 0), new(widest / 2, 0)),
            new(new(widest / 2, 0), new(widest / 2, shoulder)),
            new(new(widest / 2, shoulder), touch),
            new(touch, other, centre),
            new(other, new(-widest / 2, shoulder)),
            new(new(-widest / 2, shoulder), new(-widest / 2, 0)),
        ]);
    }
}
