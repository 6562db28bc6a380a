using Wrapper.Core.Checks;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>What can be wrong with a boxing strip before it is drawn. See docs/handbook.md, "Slips".</summary>
internal static class BoxingStripChecks
{
    private static readonly Length LeastStretch = Length.FromMillimetres(50m);

    public static IEnumerable<Check> Of(BoxingStripLayout layout)
    {
        var format = layout.Specification.Format;
        var plan = layout.Plan;
        var (before, after) = plan.SidesOfBack;
        var furthest = Length.Min(before.Length, after.Length) - layout.Seam.Value;
        var front = plan.Edges[plan.Front].Value;
        var back = plan.Edges[plan.Back].Value;
        var turn = layout.ZipTurn.Value;
        if (layout.LongestStretch is { } longest && longest < LeastStretch)
        {
            yield return Check.Error(
                "cloth-too-narrow-for-strips",
                $"Between two seams of {format.RoundedWithUnit(layout.Seam.Value)} this cloth leaves {format.RoundedWithUnit(longest)}: too little to join a strip from. Choose a wider cloth or a narrower seam.",
                "seam");
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
        else if (layout.ZipRun.Value < Widest(front, back).Times(0.9m))
        {
            yield return Check.Warning(
                "opening-too-small",
                $"The opening is {format.RoundedWithUnit(layout.ZipRun.Value)}, under nine tenths of the filling’s width: foam will not go in without a fight.",
                "zipTurn",
                ToTurn(Length.FromNanometresRounded(Math.Ceiling((Widest(front, back).Nanometres - back.Nanometres) / 2.0)).RoundedUpTo(format.Step)));
        }

        if (turn.Abs() < layout.Seam.Value)
        {
            yield return Check.Warning(
                "zip-end-in-corner",
                "The zip ends in the corner seams, where it makes a hard lump: turn it further round, or keep it further in.",
                "zipTurn",
                ToTurn(Length.Min(furthest, layout.Specification.Unit.IsImperial() ? Length.FromInches(3) : Length.FromMillimetres(75m))));
        }

        Mend ToTurn(Length value) => new($"Zip turn {format.RoundedWithUnit(Down(value))}", "rules.zipTurn", format.RoundedWithUnit(Down(value)).Replace('−', '-'));

        Length Down(Length value) => -(-value).RoundedUpTo(format.Step);
    }

    private static Length Widest(Length front, Length back) => Length.Max(front, back);
}
