using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>The finished plan of a thing whose shape is one of the usual ones.</summary>
internal static class Plans
{
    /// <summary>The plan; null with the errors in the way of one.</summary>
    public static ClosedPlan? Of(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var plan = Square(specification, sizes, checks);
        if (plan is null || checks.HasError() || !specification.Shape.Measures.Any(measure => measure.Measure == Measure.CornerRadius))
        {
            return plan;
        }

        var (rounded, check) = CornerRounding.Round(
            plan,
            sizes.AsTaken(Measure.CornerRadius),
            specification.Choices.RoundedCorners,
            specification.Format
        );
        if (check is not null)
        {
            checks.Add(check);
        }

        return rounded;
    }

    private static ClosedPlan? Square(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        switch (specification.Shape.Id)
        {
            case "trapezoid":
                return PlanShapes.Tapered(sizes.Of(Measure.FrontWidth), sizes.Of(Measure.BackWidth), sizes.Of(Measure.Depth));
            case "round":
                return PlanShapes.Round(sizes.Of(Measure.Diameter));
            case "oval":
                return PlanShapes.Oval(sizes.Of(Measure.Width), sizes.Of(Measure.Depth));
            case "t-shape" or "l-shape":
                return Eared(specification, sizes, checks);
            case "cut-corner":
                return CutCorner(specification, sizes, checks);
            case "outline":
                return FreeOutline.Plan(specification, OutlineGrowth(specification, sizes, checks), checks);
            case "stations":
                return StationPlan.Plan(
                    specification,
                    sizes.Of(Measure.Depth),
                    sizes.Added(MeasureAxis.Width) + sizes.Wadding(MeasureAxis.Width),
                    checks
                );
            default:
                var width = sizes.Of(Measure.Width);
                return PlanShapes.Tapered(
                    width,
                    width,
                    sizes.Of(specification.Shape.Measures.Any(measure => measure.Measure == Measure.Depth) ? Measure.Depth : Measure.Length)
                );
        }
    }

    private static ClosedPlan? Eared(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var (width, depth, earWidth, earDepth) = (
            sizes.Of(Measure.Width),
            sizes.Of(Measure.Depth),
            sizes.Of(Measure.EarWidth),
            sizes.Of(Measure.EarDepth)
        );
        var (format, ears) = (specification.Format, specification.Shape.Id == "t-shape" ? 2 : 1);
        if (earDepth.Value >= depth.Value)
        {
            checks.Add(
                Check.Error(
                    "ear-too-deep",
                    FormText.EarTooDeep(format.RoundedWithUnit(earDepth.Value), format.RoundedWithUnit(depth.Value)),
                    "earDepth",
                    earDepth.Value > depth.Value
                        ? [FormChecks.Swap(FormText.SwapEarDepthAndDepth, Measure.EarDepth, Measure.Depth, specification)]
                        : []
                )
            );
        }

        if (ears * earWidth.Value >= width.Value)
        {
            checks.Add(
                Check.Error(
                    "ear-too-wide",
                    FormText.EarTooWide(format.RoundedWithUnit(ears * earWidth.Value), format.RoundedWithUnit(width.Value)),
                    "earWidth"
                )
            );
        }

        if (checks.HasError())
        {
            return null;
        }

        var right = specification.Choices.EarOnTheRight;
        return PlanShapes.Eared(width, depth, earWidth, earDepth, onLeft: ears == 2 || !right, onRight: ears == 2 || right);
    }

    private static ClosedPlan? CutCorner(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var (width, length, cutWidth, cutLength) = (
            sizes.Of(Measure.Width),
            sizes.Of(Measure.Length),
            sizes.Of(Measure.CutWidth),
            sizes.Of(Measure.CutLength)
        );
        foreach (var (name, cut, whole) in ((string, Worked, Worked)[])[("cutWidth", cutWidth, width), ("cutLength", cutLength, length)])
        {
            if (cut.Value >= whole.Value)
            {
                var format = specification.Format;
                checks.Add(
                    Check.Error(
                        "cut-too-large",
                        FormText.CutTooLarge(format.RoundedWithUnit(cut.Value), format.RoundedWithUnit(whole.Value)),
                        name
                    )
                );
            }
        }

        return checks.HasError() ? null : PlanShapes.CutCorner(width, length, cutWidth, cutLength);
    }

    /// <summary>A free outline takes one fit: half of it on each side.</summary>
    private static Length OutlineGrowth(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var rules = specification.Rules;
        if (rules.Says(Rule.FitDepth) && rules[Rule.FitDepth].Value != rules[Rule.FitWidth].Value)
        {
            checks.Add(Check.Warning("one-fit-for-outline", FormText.OneFitForOutline, "fit.depth"));
        }

        if (specification.Corrections.Any(correction => correction.Side is "left" or "right" or "front" or "back"))
        {
            checks.Add(Check.Error("correction-without-side", FormText.CorrectionWithoutSide, "corrections"));
        }

        var all = specification
            .Corrections.Where(correction => correction.Side == "all")
            .Aggregate(Length.Zero, (sum, correction) => sum + correction.By);
        return rules[Rule.FitWidth].Value.Half() + sizes.Wadding(MeasureAxis.Width).Value.Half() + all;
    }
}
