using Wrapper.Core.Checks;
using Wrapper.Core.Forms;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>Slips that show in a thing's measures whatever it is made up as. See docs/handbook.md, "Slips".</summary>
internal static class FormChecks
{
    private static readonly Length Least = Length.FromMillimetres(3m);

    /// <summary>What is wrong with the measures and the fit on them.</summary>
    public static IEnumerable<Check> Of(CoverSpecification specification, FinishedSizes sizes)
    {
        var format = specification.Format;
        var flat = specification.Shape.Measures.Any(measure => measure.Name == "thickness" && measure.MayBeZero);
        foreach (var (axis, name, rule) in ((MeasureAxis, string, string)[])[(MeasureAxis.Width, "width", "fit.width"), (MeasureAxis.Depth, "depth", "fit.depth"), (MeasureAxis.Thickness, "thickness", "fit.thickness")])
        {
            foreach (var measure in specification.Shape.Measures.Where(measure => measure.Axis == axis && sizes.Has(measure.Name)))
            {
                var size = sizes.Of(measure.Name);
                if (size.Value < Least && !(flat && axis == MeasureAxis.Thickness && size.Value.IsZero))
                {
                    yield return Check.Error(
                        "nothing-left",
                        $"With this fit the finished {measure.Label.ToLowerInvariant()} is {format.RoundedWithUnit(size.Value)}: there is nothing left to cover. Make the fit less snug or measure again.",
                        rule,
                        new Mend("Fit exact", $"rules.{rule}", "0"));
                }
                else if (axis != MeasureAxis.Thickness && specification.Rules[rule].Value.Abs() > size.Value.Times(0.1m))
                {
                    yield return Check.Warning("fit-unlikely", $"A fit of {format.RoundedWithUnit(specification.Rules[rule].Value)} is more than a tenth of the {name}: check the unit.", rule, new Mend("Fit exact", $"rules.{rule}", "0"));
                    break;
                }
            }
        }

        foreach (var definition in specification.Shape.Measures)
        {
            if (specification.Measures.TryGetValue(definition.Name, out var length) && !(length.IsZero && definition.MayBeZero) && (length < definition.LikelyLeast || length > definition.LikelyMost))
            {
                yield return Check.Warning(
                    "unlikely-measure",
                    $"{definition.Label} reads {format.RoundedWithUnit(length)}, which is unusual for a {specification.Form.Label.ToLowerInvariant()}: check that it is not in another unit.",
                    definition.Name);
            }
        }

        if (sizes.Has("frontWidth") && sizes.Has("backWidth") && specification.Measures["frontWidth"] < specification.Measures["backWidth"])
        {
            yield return Check.Note("front-back-swapped", "The back is wider than the front: right for a bay or a bow, otherwise the two are swapped.", "backWidth");
        }

        foreach (var check in Diagonals(specification).Concat(Shrinkage(specification)))
        {
            yield return check;
        }
    }

    /// <summary>What shows only when the plan is drawn.</summary>
    public static IEnumerable<Check> OfPlan(ClosedPlan plan, Worked thickness, CoverSpecification specification)
    {
        if (thickness.Value > plan.Depth.Value.Half())
        {
            var format = specification.Format;
            yield return Check.Warning(
                "thickness-over-half-depth",
                $"The thickness ({format.RoundedWithUnit(thickness.Value)}) is over half the depth ({format.RoundedWithUnit(plan.Depth.Value)}): check that they are not swapped.",
                "thickness");
        }
    }

    /// <summary>Reaching under from both sides cannot be more than the whole.</summary>
    public static IEnumerable<Check> Under(Length under, ClosedPlan plan, string measure, CoverSpecification specification)
    {
        var narrow = Length.Min(plan.Width.Value, plan.Depth.Value);
        if (2 * under > narrow)
        {
            var format = specification.Format;
            yield return Check.Error(
                "tuck-under-too-wide",
                $"Reaching under {format.RoundedWithUnit(under)} from both sides is more than the {format.RoundedWithUnit(narrow)} there is.",
                measure,
                new Mend("A quarter of the width", $"measures.{measure}", format.RoundedWithUnit((narrow / 4).RoundedDownTo(format.Step))));
        }
    }

    /// <summary>A cover that would lie on the floor.</summary>
    public static IEnumerable<Check> ToTheFloor(Length drop, FinishedSizes sizes, CoverSpecification specification)
    {
        if (sizes.Has("floorHeight") && specification.Measures["floorHeight"] < drop)
        {
            var format = specification.Format;
            var measure = specification.Measures.ContainsKey("drop") ? "drop" : "height";
            yield return Check.Warning(
                "drop-beyond-floor",
                $"A drop of {format.RoundedWithUnit(drop)} is more than the {format.RoundedWithUnit(specification.Measures["floorHeight"])} down to the floor: the cover would lie on it.",
                measure,
                new Mend("End at the floor", $"measures.{measure}", format.RoundedWithUnit(specification.Measures["floorHeight"])));
        }
    }

    /// <summary>Bedding is exact or easy.</summary>
    public static IEnumerable<Check> NeverSnug(CoverSpecification specification)
    {
        foreach (var rule in (string[])["fit.width", "fit.depth"])
        {
            if (specification.Rules[rule].Value.IsNegative)
            {
                yield return Check.Warning("bedding-snug", "Bedding is made exact or easy, never snug: a filling pressed together does not warm.", rule, new Mend("Fit exact", $"rules.{rule}", "0"));
            }
        }
    }

    /// <summary>Two readings of one thing that disagree.</summary>
    public static IEnumerable<Check> Readings(string measure, Length read, Length expected, CoverSpecification specification)
    {
        var format = specification.Format;
        if ((read - expected).Abs() > Length.FromInches(0, 1, 2))
        {
            yield return Check.Warning(
                "readings-disagree",
                $"The {measure} reads {format.RoundedWithUnit(read)} where the other reading asks for {format.RoundedWithUnit(expected)}: one of the two is wrong.",
                measure,
                new Mend("Keep the other reading", $"measures.{measure}", format.RoundedWithUnit(expected.RoundedTo(format.Step))));
        }
    }

    private static IEnumerable<Check> Diagonals(CoverSpecification specification)
    {
        if (!specification.Measures.TryGetValue("diagonal1", out var first) || !specification.Measures.TryGetValue("diagonal2", out var second))
        {
            yield break;
        }

        var difference = (first - second).Abs();
        if (difference > Length.FromInches(0, 1, 4))
        {
            yield return Check.Warning(
                "not-square",
                $"The diagonals differ by {specification.Format.RoundedWithUnit(difference)}: the thing is not square, and a cover drafted square will twist on it. Measure it as an outline.",
                "diagonal2");
        }
    }

    /// <summary>A cloth that shrinks has to be washed before it is cut, because pieces are drafted at their size.</summary>
    private static IEnumerable<Check> Shrinkage(CoverSpecification specification)
    {
        var (across, along) = specification.OldCoverShrinkage;
        if (specification.MeasuredFrom != MeasuredFrom.OldCover && (across > 0 || along > 0) && !specification.IsPrewashed)
        {
            yield return Check.Warning(
                "shrinkage-not-counted",
                "The cloth shrinks and is not washed first: pieces are drafted at their finished sizes. Wash it before cutting, and buy so much more.",
                "prewash",
                new Mend("Wash it first", "rules.prewash", "true"));
        }
    }
}
