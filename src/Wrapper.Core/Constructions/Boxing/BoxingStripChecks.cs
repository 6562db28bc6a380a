using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Units;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>What can be wrong with a boxing strip before it is drawn. See docs/handbook.md, "Slips".</summary>
internal static class BoxingStripChecks
{
    private static readonly Length LeastStretch = Length.FromMillimetres(50m);

    public static IEnumerable<Check> Of(BoxingStripLayout layout)
    {
        var format = layout.Specification.Format;
        var plan = layout.Plan;
        var (before, after) = plan.SidesOfBack;
        var furthest = Length.Min(plan.Outline.LengthOf(before), plan.Outline.LengthOf(after)) - layout.Seam.Value;
        var front = plan.Edges[plan.Front].Value;
        var back = plan.Edges[plan.Back].Value;
        var turn = layout.ZipTurn.Value;
        if (layout.LongestStretch?.Value is { } longest && longest < LeastStretch)
        {
            yield return Check.Error(
                "cloth-too-narrow-for-strips",
                $"Between two seams of {format.RoundedWithUnit(layout.Seam.Value)} this cloth leaves {format.RoundedWithUnit(longest)}: too little to join a strip from. Choose a wider cloth or a narrower seam.",
                "seam");
        }

        if (!layout.Thickness.Value.IsPositive)
        {
            yield return Check.Error("no-wall", "A knife edge has no wall to make a boxing strip of: make it as a bag, or measure a thickness.", "thickness", new Mend("Make it as a bag", "construction", Bag.Id));
            yield break;
        }

        if (!layout.HasZip)
        {
            yield break;
        }

        if (plan.IsSmooth)
        {
            foreach (var check in OfSmooth(layout))
            {
                yield return check;
            }

            yield break;
        }

        if (turn > furthest)
        {
            yield return Check.Error(
                "zip-turn-too-far",
                $"The zip turns {format.RoundedWithUnit(turn)} on to the side, but the side takes at most {format.RoundedWithUnit(furthest)}: it would run into the front corner.",
                "zipTurn",
                ToTurn(furthest));
        }
        else if (layout.ZipRun.Value > plan.Perimeter.Value - front)
        {
            yield return Check.Error(
                "zip-run-too-long",
                $"The zip run of {format.RoundedWithUnit(layout.ZipRun.Value)} leaves no room for the boxing across the front.",
                "zipTurn",
                ToTurn((plan.Perimeter.Value - front - back).Half()));
        }
        else if (layout.ZipRun.Value < 4 * layout.Seam.Value || layout.ZipRun.Value < 4 * layout.Lap.Value)
        {
            yield return Check.Error(
                "zip-run-too-short",
                $"A zip run of {format.RoundedWithUnit(layout.ZipRun.Value)} is too short to sew in: turn the zip further round the corners.",
                "zipTurn",
                ToTurn(Length.Zero));
        }
        else if (layout.ZipRun.Value < Length.Max(front, back).Times(0.9m))
        {
            yield return Check.Warning(
                "opening-too-small",
                $"The opening is {format.RoundedWithUnit(layout.ZipRun.Value)}, under nine tenths of the filling’s width: foam will not go in without a fight.",
                "zipTurn",
                ToTurn(Length.FromNanometresRounded(Math.Ceiling((Length.Max(front, back).Nanometres - back.Nanometres) / 2.0)).RoundedUpTo(format.Step)));
        }

        if (turn.Abs() < layout.Seam.Value)
        {
            yield return Check.Warning(
                "zip-end-in-corner",
                "The zip ends in the corner seams, where it makes a hard lump: turn it further round, or keep it further in.",
                "zipTurn",
                ToTurn(Length.Min(furthest, layout.Specification.Unit.IsImperial() ? Length.FromInches(3) : Length.FromMillimetres(75m))));
        }

        Mend ToTurn(Length value) => new($"Zip turn {format.RoundedWithUnit(value.RoundedDownTo(format.Step))}", "rules.zipTurn", format.RoundedWithUnit(value.RoundedDownTo(format.Step)).Replace('−', '-'));
    }

    /// <summary>Round a disc there is no corner to run into: only the part of the way round counts.</summary>
    private static IEnumerable<Check> OfSmooth(BoxingStripLayout layout)
    {
        var run = layout.ZipRun.Value;
        var half = new Mend("Half of the way round", "options.zipShare", "0.5");
        if (layout.Plan.Perimeter.Value - run < 4 * layout.Seam.Value)
        {
            yield return Check.Error("zip-run-too-long", "The zip leaves no room for the boxing: give it a smaller part of the way round.", "zipShare", half);
        }
        else if (run < 4 * layout.Seam.Value || run < 4 * layout.Lap.Value)
        {
            yield return Check.Error("zip-run-too-short", $"A zip run of {layout.Specification.Format.RoundedWithUnit(run)} is too short to sew in: give it a larger part of the way round.", "zipShare", half);
        }
        else if (run < layout.Plan.Width.Value.Times(0.9m))
        {
            yield return Check.Warning("opening-too-small", $"The opening is {layout.Specification.Format.RoundedWithUnit(run)}, under nine tenths of the filling’s width: foam will not go in without a fight.", "zipShare", half);
        }
    }
}
