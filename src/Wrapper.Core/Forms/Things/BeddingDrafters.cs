using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.Constructions.Tubs;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Hands fitted sheets, changing pads, duvets and pillowcases to their constructions.</summary>
internal static class BeddingDrafters
{
    public static ConstructedCover FittedSheet(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var (width, length, under) = (sizes.Of("width"), sizes.Of("length"), sizes.Of("tuckUnder"));
        checks.AddRange(FormChecks.Under(under.Value, PlanShapes.Tapered(width, width, length), "tuckUnder", specification));
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var cover = TubNotched.Construct(width, length, TubDepth.Of(sizes.Of("thickness"), under), specification.Rules["hem"], specification);
        return cover with { Checks = [.. checks, .. cover.Checks, .. Cautions(specification)] };
    }

    public static ConstructedCover ChangingPad(CoverSpecification specification)
    {
        if (specification.Shape.Id == "flat")
        {
            return FittedSheet(specification);
        }

        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var (width, side, rim, flat, flatHeight) = (sizes.Of("overallWidth"), sizes.Of("sideHeight"), sizes.Of("rim"), sizes.Of("flatWidth"), sizes.Of("flatHeight"));
        var under = sizes.Of("tuckUnder");
        var (across, down) = ((width - flat - (2 * rim)) / 2, side - flatHeight);
        var format = specification.Format;
        if (across.Value.IsNegative || flat.Value >= width.Value)
        {
            checks.Add(Check.Error("contour-too-wide", $"Two rims and the flat are wider than the pad’s {format.RoundedWithUnit(width.Value)}: measure the flat and the rims again.", "flatWidth"));
        }

        if (down.Value.IsNegative)
        {
            checks.Add(Check.Error("contour-upside-down", "The flat in the middle is higher than the rims: the two heights are swapped.", "flatHeight"));
        }

        if (2 * under.Value > width.Value)
        {
            checks.Add(Check.Error("tuck-under-too-wide", $"Reaching under {format.RoundedWithUnit(under.Value)} from both sides is more than the whole width.", "tuckUnder", new Mend("Usual tuck-under", "measures.tuckUnder", specification.Unit.IsImperial() ? "2 1/2 in" : "60 mm")));
        }

        if (across.Value.IsZero && down.Value.IsZero)
        {
            checks.Add(Check.Error("contour-is-flat", "Without slopes this is a flat pad: choose the flat one.", "flatHeight"));
        }

        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var slope = Worked.Slant(across, down).Named("slope");
        var profile = Profiles.Contour(width, side, rim, slope, flat, flatHeight, under);
        var developed = ((2 * side) + (2 * rim) + (2 * slope) + flat).Named("developed length");
        var length = sizes.Of("length");
        var cover = BandEnds.Open(
            profile,
            length,
            developed + (2 * under),
            [new("L", "Finished length", length), new("W", "Finished width", width), new("slope", "Slope, along itself", slope), new("developed", "Sides and top, developed", developed)],
            specification);
        return cover with { Checks = [.. checks, .. cover.Checks, .. Cautions(specification)] };
    }

    public static ConstructedCover Duvet(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        checks.AddRange(FormChecks.NeverSnug(specification));
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var cover = BagOpenEnd.Construct(sizes.Of("width"), sizes.Of("length"), specification);
        return cover with { Checks = [.. checks, .. cover.Checks] };
    }

    public static ConstructedCover Pillowcase(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var checks = FormChecks.Of(specification, sizes).ToList();
        checks.AddRange(FormChecks.NeverSnug(specification));
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var (width, length) = (sizes.Of("width"), sizes.Of("length"));
        var cover = specification.Shape.Id switch
        {
            "flange" => BagPillow.Flanged(width, length, sizes.Of("flange"), specification),
            "flap" => BagPillow.Open(width, length, sizes.Of("flap"), specification),
            _ => BagPillow.Open(width, length, Worked.Zero, specification),
        };
        return cover with { Checks = [.. checks, .. cover.Checks] };
    }

    /// <summary>What lies under a child has to fit tight and carry nothing loose.</summary>
    private static IEnumerable<Check> Cautions(CoverSpecification specification)
    {
        var width = specification.Measures.GetValueOrDefault("width", specification.Measures.GetValueOrDefault("overallWidth"));
        if (width <= Length.FromMillimetres(800m))
        {
            yield return Check.Note(
                "infant-caution",
                "If a child sleeps or lies on it: the cover has to fit tight, with elastic all round and nothing loose, no cords, ribbons or buttons within reach. Follow local safe-sleep advice, and never leave a child on a raised pad.",
                null);
        }
    }
}
