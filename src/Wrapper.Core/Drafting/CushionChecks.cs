using Wrapper.Core.Checks;
using Wrapper.Core.Forms;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>Slips that show in a cushion's measures whatever it is made up as. See docs/handbook.md, "Slips".</summary>
internal static class CushionChecks
{
    public static IEnumerable<Check> Of(CoverSpecification specification, Worked front, Worked back, Worked depth, Worked thickness)
    {
        var format = specification.Format;
        var least = Length.FromMillimetres(3m);
        var narrow = front.Value <= back.Value ? front : back;
        foreach (var (name, rule, size) in ((string, string, Worked)[])[("width", "fit.width", narrow), ("depth", "fit.depth", depth), ("thickness", "fit.thickness", thickness)])
        {
            if (size.Value < least)
            {
                yield return Check.Error(
                    "nothing-left",
                    $"With this fit the finished {name} is {format.RoundedWithUnit(size.Value)}: there is nothing left to cover. Make the fit less snug or measure again.",
                    rule,
                    new Mend("Fit exact", $"rules.{rule}", "0"));
            }
            else if (specification.Rules[rule].Value.Abs() > size.Value.Times(0.1m) && rule != "fit.thickness")
            {
                yield return Check.Warning(
                    "fit-unlikely",
                    $"A fit of {format.RoundedWithUnit(specification.Rules[rule].Value)} is more than a tenth of the {name}: check the unit.",
                    rule);
            }
        }

        foreach (var definition in specification.Shape.Measures)
        {
            if (specification.Measures.TryGetValue(definition.Name, out var length) && (length < definition.LikelyLeast || length > definition.LikelyMost))
            {
                yield return Check.Warning(
                    "unlikely-measure",
                    $"{definition.Label} reads {format.RoundedWithUnit(length)}, which is unusual for a cushion: check that it is not in another unit.",
                    definition.Name);
            }
        }

        if (thickness.Value > depth.Value.Half())
        {
            yield return Check.Warning(
                "thickness-over-half-depth",
                $"The thickness ({format.RoundedWithUnit(thickness.Value)}) is over half the depth ({format.RoundedWithUnit(depth.Value)}): check that they are not swapped.",
                "thickness");
        }

        if (front.Value < back.Value)
        {
            yield return Check.Note(
                "front-back-swapped",
                "The back is wider than the front: right for a bay or a bow, otherwise the two are swapped.",
                "backWidth");
        }

        foreach (var check in Diagonals(specification))
        {
            yield return check;
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
                $"The diagonals differ by {specification.Format.RoundedWithUnit(difference)}: the thing is not square, and a cover drafted square will twist on it.",
                "diagonal2");
        }
    }
}
