using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.Poufs;
using Wrapper.Core.Constructions.Tubs;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Hands bolsters, ottomans, poufs and chair backs to their constructions.</summary>
internal static class SeatDrafters
{
    public static ConstructedCover Bolster(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        if (!sizes.Has("diameter") && !sizes.Has("circumference"))
        {
            checks.Add(Check.Error("measure-missing", "Diameter is not taken yet: take it across the end, or the circumference round the roll.", "diameter"));
        }

        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

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
            Checks = [.. checks, .. cover.Checks, .. OpeningChecks(cover, diameter, specification)],
            Notions = cover.Pieces.Count == 0 ? [] : [.. cover.Notions, new("bolster-form", "Bolster form", specification.Count, length, diameter)],
        };
    }

    public static ConstructedCover Ottoman(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var plan = PlanShapes.Tapered(sizes.Of("width"), sizes.Of("width"), sizes.Of("depth"));
        var (height, under) = (sizes.Of("height"), sizes.Of("return"));
        checks.AddRange(FormChecks.Under(under.Value, plan, "return", specification));
        checks.AddRange(FormChecks.ToTheFloor(height.Value, sizes, specification));
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var cover = TubWalls.Construct(plan, new(height, under, sizes.AsTaken("topDrop")), specification);
        return cover with { Checks = [.. checks, .. cover.Checks] };
    }

    public static ConstructedCover Pouf(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var isCube = specification.Shape.Id == "cube";
        var cover = isCube
            ? PoufWrapped.Construct(sizes.Of("size"), sizes.Of("wrap"), specification)
            : BoxingStrip.Construct(PlanShapes.Round(sizes.Of("diameter")), sizes.Of("height"), specification);
        var (across, high) = (sizes.Of(isCube ? "size" : "diameter").Value, sizes.Of(isCube ? "size" : "height").Value);
        return cover with { Checks = [.. checks, .. cover.Checks], Notions = cover.Pieces.Count == 0 ? [] : [.. cover.Notions, .. Stuffing.Of(specification, across, across, high, !isCube)] };
    }

    public static ConstructedCover ChairBack(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var width = (sizes.Of("width") + specification.Rules["ease"]).Named("width with its ease");
        var (corners, corner) = specification.Shape.Id switch
        {
            "rounded" => (UpperCorners.Rounded, sizes.Of("cornerRadius") + (sizes.Of("thickness") / 2)),
            "posts" => (UpperCorners.Open, sizes.Of("postWidth") + specification.Rules["postEase"]),
            _ => (UpperCorners.Boxed, Worked.Zero),
        };
        var cover = BagOverBack.Construct(width, sizes.Of("thickness"), sizes.Of("height"), corners, corner, specification);
        return cover with { Checks = [.. checks, .. cover.Checks] };
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
}
