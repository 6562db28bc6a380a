using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms;

/// <summary>Slips that show in a thing's measures whatever it is made up as. See docs/handbook.md, "Slips".</summary>
internal static class FormChecks
{
    private static readonly Length Least = Length.FromMillimetres(3m);

    /// <summary>What is wrong with the measures and the fit on them.</summary>
    public static IEnumerable<Check> Of(CoverSpecification specification, FinishedSizes sizes)
    {
        var format = specification.Format;
        var flat = specification.Shape.Measures.Any(measure => measure.Measure == Measure.Thickness && measure.MayBeZero);
        foreach (
            var (axis, name, rule) in ((MeasureAxis, string, Rule)[])
                [
                    (MeasureAxis.Width, "width", Rule.FitWidth),
                    (MeasureAxis.Depth, "depth", Rule.FitDepth),
                    (MeasureAxis.Thickness, "thickness", Rule.FitThickness),
                ]
        )
        {
            foreach (var measure in specification.Shape.Measures.Where(measure => measure.Axis == axis && sizes.Has(measure.Measure)))
            {
                var size = sizes.Of(measure.Measure);
                if (size.Value < Least && !(flat && axis == MeasureAxis.Thickness && size.Value.IsZero))
                {
                    yield return Check.Error(
                        "nothing-left",
                        FormText.NothingLeft(measure.Label.ToLowerInvariant(), format.RoundedWithUnit(size.Value)),
                        rule.Name,
                        new Mend(CommonText.ToFitExact, $"rules.{rule.Name}", "0")
                    );
                }
                else if (specification.MeasuredFrom != MeasuredFrom.OldCover && 2 * size.Value < specification.Measures[measure.Measure])
                {
                    yield return Check.Error(
                        "fit-too-snug",
                        FormText.FitTooSnug(
                            measure.Label.ToLowerInvariant(),
                            format.RoundedWithUnit(size.Value),
                            format.RoundedWithUnit(specification.Measures[measure.Measure])
                        ),
                        rule.Name,
                        new Mend(CommonText.ToFitExact, $"rules.{rule.Name}", "0")
                    );
                }
                else if (axis != MeasureAxis.Thickness && specification.Rules[rule].Value.Abs() > size.Value.Times(0.1m))
                {
                    yield return Check.Warning(
                        "fit-unlikely",
                        FormText.FitUnlikely(format.RoundedWithUnit(specification.Rules[rule].Value), name),
                        rule.Name,
                        new Mend(CommonText.ToFitExact, $"rules.{rule.Name}", "0")
                    );
                    break;
                }
            }
        }

        if (
            sizes.Has(Measure.FrontWidth)
            && sizes.Has(Measure.BackWidth)
            && specification.Measures[Measure.FrontWidth] < specification.Measures[Measure.BackWidth]
        )
        {
            yield return Check.Note(
                "front-back-swapped",
                FormText.FrontBackSwapped,
                "backWidth",
                Swap(FormText.SwapFrontAndBack, Measure.FrontWidth, Measure.BackWidth, specification)
            );
        }

        foreach (var check in Diagonals(specification).Concat(Shrinkage(specification)))
        {
            yield return check;
        }
    }

    /// <summary>A mend that gives each of two measures the other's figure.</summary>
    public static Mend Swap(string label, Measure one, Measure other, CoverSpecification specification)
    {
        var format = specification.Format;
        return new(label, $"measures.{one}", format.Exact(specification.Measures[other]))
        {
            Also = [new($"measures.{other}", format.Exact(specification.Measures[one]))],
        };
    }

    /// <summary>What shows only when the plan is drawn.</summary>
    public static IEnumerable<Check> OfPlan(ClosedPlan plan, Worked thickness, CoverSpecification specification)
    {
        if (thickness.Value > plan.Depth.Value.Half())
        {
            var format = specification.Format;
            yield return Check.Warning(
                "thickness-over-half-depth",
                FormText.ThicknessOverHalfDepth(format.RoundedWithUnit(thickness.Value), format.RoundedWithUnit(plan.Depth.Value)),
                "thickness",
                specification.Measures.TryGetValue(Measure.Depth, out var depth) && 2 * depth <= specification.Measures[Measure.Thickness]
                    ? [Swap(FormText.SwapThicknessAndDepth, Measure.Thickness, Measure.Depth, specification)]
                    : []
            );
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
                FormText.TuckUnderTooWideBetween(format.RoundedWithUnit(under), format.RoundedWithUnit(narrow)),
                measure,
                new Mend(
                    FormText.ToAQuarterOfTheWidth,
                    $"measures.{measure}",
                    format.RoundedWithUnit((narrow / 4).RoundedDownTo(format.Step))
                )
            );
        }
    }

    /// <summary>A cover that would lie on the floor.</summary>
    public static IEnumerable<Check> ToTheFloor(Length drop, FinishedSizes sizes, CoverSpecification specification)
    {
        if (sizes.Has(Measure.FloorHeight) && specification.Measures[Measure.FloorHeight] < drop)
        {
            var format = specification.Format;
            var measure = (specification.Measures.ContainsKey(Measure.Drop) ? Measure.Drop : Measure.Height).Name;
            yield return Check.Warning(
                "drop-beyond-floor",
                FormText.DropBeyondFloor(format.RoundedWithUnit(drop), format.RoundedWithUnit(specification.Measures[Measure.FloorHeight])),
                measure,
                new Mend(
                    FormText.ToEndAtTheFloor,
                    $"measures.{measure}",
                    format.RoundedWithUnit(specification.Measures[Measure.FloorHeight])
                )
            );
        }
    }

    /// <summary>Bedding is exact or easy.</summary>
    public static IEnumerable<Check> NeverSnug(CoverSpecification specification)
    {
        foreach (var rule in (Rule[])[Rule.FitWidth, Rule.FitDepth])
        {
            if (specification.Rules[rule].Value.IsNegative)
            {
                yield return Check.Warning(
                    "bedding-snug",
                    FormText.BeddingSnug,
                    rule.Name,
                    new Mend(CommonText.ToFitExact, $"rules.{rule.Name}", "0")
                );
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
                FormText.ReadingsDisagree(measure, format.RoundedWithUnit(read), format.RoundedWithUnit(expected)),
                measure,
                new Mend(FormText.ToKeepTheOtherReading, $"measures.{measure}", format.RoundedWithUnit(expected.RoundedTo(format.Step)))
            );
        }
    }

    private static IEnumerable<Check> Diagonals(CoverSpecification specification)
    {
        if (
            !specification.Measures.TryGetValue(Measure.Diagonal1, out var first)
            || !specification.Measures.TryGetValue(Measure.Diagonal2, out var second)
        )
        {
            yield break;
        }

        var difference = (first - second).Abs();
        if (difference > Length.FromInches(0, 1, 4))
        {
            yield return Check.Warning(
                "not-square",
                FormText.NotSquare(specification.Format.RoundedWithUnit(difference)),
                "diagonal2",
                specification.Form.Shape("outline") is null ? [] : [AsOutline(specification, first, second)]
            );
        }
    }

    /// <summary>
    /// The four corners as sides and diagonals give them, opposite sides alike: a thing pushed out of square, to be measured on
    /// from there.
    /// </summary>
    private static Mend AsOutline(CoverSpecification specification, Length first, Length second)
    {
        var (width, depth) = (
            specification
                .Measures.GetValueOrDefault(Measure.Width, specification.Measures.GetValueOrDefault(Measure.FrontWidth))
                .Millimetres,
            specification.Measures.GetValueOrDefault(Measure.Depth, specification.Measures.GetValueOrDefault(Measure.Length)).Millimetres
        );

        // The first diagonal ends at the back right corner, the second at the back left: each lies where two of its distances meet.
        var (right, left) = (Corner(first.Millimetres), Corner(second.Millimetres));
        var format = specification.Format;
        string Typed(double millimetres) => format.Exact(Length.FromMillimetres(millimetres).RoundedTo(format.Step)).Replace('−', '-');
        string At(double x, double y) => $"{Typed(x)}, {Typed(y)}";
        var (rightX, leftX) = (right, width - left);
        var shift = Math.Max(0, -leftX);
        return new(FormText.ToMeasureItAsAnOutline, "measures.shape", "outline")
        {
            Also =
            [
                new(
                    "points",
                    $"{At(shift, 0)}; {At(shift + width, 0)}; {At(shift + rightX, Rise(right))}; {At(shift + leftX, Rise(left))}"
                ),
                .. (
                    (Measure[])
                        [
                            Measure.Width,
                            Measure.FrontWidth,
                            Measure.BackWidth,
                            Measure.Depth,
                            Measure.Length,
                            Measure.Diagonal1,
                            Measure.Diagonal2,
                        ]
                )
                    .Where(specification.Measures.ContainsKey)
                    .Select(measure => new MendedInput($"measures.{measure}", "")),
            ],
        };

        // How far across from the corner a diagonal starts at the corner it ends at lies, the side there being as long as the depth.
        double Corner(double diagonal) => ((diagonal * diagonal) - (depth * depth) + (width * width)) / (2 * width);
        double Rise(double across) => Math.Sqrt(Math.Max(1, (depth * depth) - ((across - width) * (across - width))));
    }

    /// <summary>A cloth that is washed first is cut at its size; then more of it has to be bought.</summary>
    private static IEnumerable<Check> Shrinkage(CoverSpecification specification)
    {
        var (across, along) = specification.ClothShrinkage;
        if (specification.IsPrewashed && (across > 0 || along > 0))
        {
            yield return Check.Note(
                "wash-before-cutting",
                FormText.ClothShrinks(100 * along, 100 * across),
                "prewash",
                new Mend(FormText.ToCutItUnwashedSoMuchLarger, "rules.prewash", "false")
            );
        }
    }

    /// <summary>What lies under a child has to fit tight and carry nothing loose.</summary>
    public static IEnumerable<Check> ForAChild(CoverSpecification specification)
    {
        if (Cautions.OfInfants(specification) is { } caution)
        {
            yield return Check.Note("infant-caution", caution, null);
        }
    }
}
