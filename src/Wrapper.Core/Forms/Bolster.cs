using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms;

/// <summary>A round roll.</summary>
internal static class Bolster
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } = new(
        new FormDefinition(
            "bolster",
            "Bolster",
            [
                new(
                    "round",
                    "Round",
                    [
                        Measures.Diameter with { Guidance = "Across the end, not pressed in.", ExampleInches = "7", ExampleMillimetres = "180 mm", Optional = true },
                        Measures.Across("circumference", "Circumference", "Once round with the tape, snug but not tight: instead of the diameter.", "", "") with { Optional = true },
                        Measures.Length with { ExampleInches = "24", ExampleMillimetres = "600 mm" },
                    ],
                    ["band-ends"]) { Stands = Standing.OnItsSide, Closures = ["invisible-zip", "zip"] },
            ])
        { RuleVariants = new Dictionary<string, string> { ["closedEnd"] = "bolsterClosedEnd" } },
        specification => FormDraft.Of(specification, Draft, Untaken(specification)),
        thing => Expectation.Plain(Finished(thing)));

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var diameter = sizes.Has("diameter") ? sizes.Of("diameter") : sizes.AcrossFromRound("circumference");
        var length = sizes.Of("length");
        if (sizes.Has("diameter") && sizes.Has("circumference"))
        {
            checks.AddRange(FormChecks.Readings("circumference", sizes.AsTaken("circumference").Value, sizes.AsTaken("diameter").TimesPi().Value, specification));
        }

        var profile = PlanShapes.Round(diameter);
        var cover = BandEnds.Closed(
            profile,
            length,
            ClosedEnd(diameter, length, specification),
            [new("d", "Finished diameter", diameter), new("L", "Finished length", length), new("circumference", "Circumference at the stitch line", profile.Perimeter)],
            specification);
        return cover with
        {
            Checks = [.. cover.Checks, .. OpeningChecks(cover, diameter, specification)],
            Notions = cover.Pieces.Count == 0 ? [] : [.. cover.Notions, new("bolster-form", "Bolster form", specification.Count, length, diameter)],
        };
    }

    private static IEnumerable<Check> Untaken(CoverSpecification specification)
    {
        if (!specification.Measures.ContainsKey("diameter") && !specification.Measures.ContainsKey("circumference"))
        {
            yield return Check.Error("measure-missing", "Diameter is not taken yet: take it across the end, or the circumference round the roll.", "diameter");
        }
    }

    /// <summary>The usual closed end is never over a sixth of the length, and leaves an opening the filling goes through.</summary>
    private static Worked ClosedEnd(Worked diameter, Worked length, CoverSpecification specification)
    {
        var usual = specification.Rules["closedEnd"];
        if (specification.Rules.Says("closedEnd"))
        {
            return usual;
        }

        var sixth = (length / 6).Named("closed end, a sixth of the length");
        var passing = ((length - diameter.TimesNumber(0.9m)) / 2).Named("closed end that leaves the opening");
        var least = usual.Value <= sixth.Value ? usual : sixth;
        return passing.Value >= least.Value ? least : passing.Value.IsPositive ? passing : Worked.Zero;
    }

    private static IEnumerable<Check> OpeningChecks(ConstructedCover cover, Worked diameter, CoverSpecification specification)
    {
        foreach (var zip in cover.Notions.Where(notion => notion.Kind == "zip" && notion.Length.Value < diameter.Value.Times(0.9m)))
        {
            yield return Check.Warning(
                "opening-too-small",
                $"The zip of {specification.Format.RoundedWithUnit(zip.Length.Value)} is under nine tenths of the diameter: the roll will not go in without a fight.",
                "closedEnd",
                new Mend("Closed end 0", "rules.closedEnd", "0"));
        }
    }

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        var diameter = thing.Has("diameter")
            ? thing.Across("diameter")
            : (thing.Unshrunk(thing.Taken("circumference"), across: true) / Math.PI) + thing.Wadding(1, 0) + thing.AddedAcross;
        var (round, length) = (Math.PI * diameter, thing.Along("length"));
        return new()
        {
            Sizes = [diameter, diameter, length],
            Opening = 0,
            Area = (round * diameter / 2) + (round * length),
            Round = round,
        };
    }
}
