using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.English;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Seating;

/// <summary>A round roll.</summary>
internal static class Bolster
{
    private static readonly Measure Circumference = new("circumference");

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "bolster",
                "Bolster",
                [
                    new(
                        "round",
                        "Round",
                        [
                            Measures.Diameter with
                            {
                                Guidance = "Across the end, not pressed in.",
                                ExampleInches = "7",
                                ExampleMillimetres = "180 mm",
                                Optional = true,
                            },
                            Measures.Across(
                                Circumference,
                                "Circumference",
                                "Once round with the tape, snug but not tight: instead of the diameter.",
                                "",
                                ""
                            ) with
                            {
                                Place = null,
                                Optional = true,
                            },
                            Measures.Length with
                            {
                                ExampleInches = "24",
                                ExampleMillimetres = "600 mm",
                            },
                        ],
                        [BandEnds.Id]
                    )
                    {
                        Stands = Standing.OnItsSide,
                        Closures = [Closure.InvisibleZip, Closure.Zip],
                    },
                ]
            )
            {
                Filling = Filling.Soft,
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.ClosedEnd] = Rule.BolsterClosedEnd },
            },
            specification => FormDraft.Of(specification, Draft, Untaken(specification)),
            thing => Expectation.Plain(Finished(thing))
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var diameter = sizes.Has(Measure.Diameter) ? sizes.Of(Measure.Diameter) : sizes.AcrossFromRound(Circumference);
        var length = sizes.Of(Measure.Length);
        if (sizes.Has(Measure.Diameter) && sizes.Has(Circumference))
        {
            checks.AddRange(
                FormChecks.Readings(
                    "circumference",
                    sizes.AsTaken(Circumference).Value,
                    sizes.AsTaken(Measure.Diameter).TimesPi().Value,
                    specification
                )
            );
        }

        var profile = PlanShapes.Round(diameter);
        var cover = BandEnds.Closed(
            profile,
            length,
            ClosedEnd(diameter, length, specification),
            [
                new("d", "Finished diameter", diameter),
                new("L", "Finished length", length),
                new("circumference", "Circumference at the stitch line", profile.Perimeter) { Brief = "Circumference" },
            ],
            specification
        );
        return cover with
        {
            Checks = [.. cover.Checks, .. OpeningChecks(cover, diameter, specification)],
            Notions =
                cover.Pieces.Count == 0
                    ? []
                    : [.. cover.Notions, new(NotionKind.BolsterForm, "Bolster form", specification.Count, length, diameter)],
        };
    }

    private static IEnumerable<Check> Untaken(CoverSpecification specification)
    {
        if (!specification.Measures.ContainsKey(Measure.Diameter) && !specification.Measures.ContainsKey(Circumference))
        {
            yield return Check.Error("measure-missing", FormText.MeasureMissing, "diameter") with
            {
                Concerns = CheckConcern.Untaken,
            };
        }
    }

    /// <summary>The usual closed end is never over a sixth of the length, and leaves an opening the filling goes through.</summary>
    private static Worked ClosedEnd(Worked diameter, Worked length, CoverSpecification specification)
    {
        var usual = specification.Rules[Rule.ClosedEnd];
        if (specification.Rules.Says(Rule.ClosedEnd))
        {
            return usual;
        }

        var sixth = (length / 6).Named("closed end, a sixth of the length");
        var passing = ((length - diameter.TimesNumber(0.9m)) / 2).Named("closed end that leaves the opening");
        var least = usual.Value <= sixth.Value ? usual : sixth;
        return passing.Value >= least.Value ? least
            : passing.Value.IsPositive ? passing
            : Worked.Zero;
    }

    private static IEnumerable<Check> OpeningChecks(ConstructedCover cover, Worked diameter, CoverSpecification specification)
    {
        foreach (
            var zip in cover.Notions.Where(notion => notion.Kind == NotionKind.Zip && notion.Length.Value < diameter.Value.Times(0.9m))
        )
        {
            yield return Check.Warning(
                "opening-too-small",
                FormText.OpeningTooSmall(specification.Format.RoundedWithUnit(zip.Length.Value)),
                "closedEnd",
                new Mend(CommonText.ToClosedEnd0, "rules.closedEnd", "0")
            );
        }
    }

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        var diameter = thing.Has(Measure.Diameter)
            ? thing.Across(Measure.Diameter)
            : (thing.Unshrunk(thing.Taken(Circumference), across: true) / Math.PI) + thing.Wadding(1, 0) + thing.AddedAcross;
        var (round, length) = (Math.PI * diameter, thing.Along(Measure.Length));
        return new()
        {
            Sizes = [diameter, diameter, length],
            Opening = 0,
            Area = (round * diameter / 2) + (round * length),
            Round = round,
        };
    }
}
