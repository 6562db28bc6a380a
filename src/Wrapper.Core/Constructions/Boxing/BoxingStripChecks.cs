using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.English;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>What can be wrong with a boxing strip before it is drawn. See docs/handbook.md, "Slips".</summary>
internal static class BoxingStripChecks
{
    private static readonly Length LeastStretch = Length.FromMillimetres(50m);

    private static readonly PieceKind[] Strips = [PieceKind.Boxing, PieceKind.ZipBoxing];

    public static IEnumerable<Check> Of(BoxingStripLayout layout)
    {
        var format = layout.Specification.Format;
        var plan = layout.Plan;
        var (before, after) = plan.SidesOfBack;
        var furthest = Length.Min(plan.Outline.LengthOf(before), plan.Outline.LengthOf(after)) - layout.Seam.Value;
        var front = plan.Edges[plan.Front].Value;
        var back = plan.Edges[plan.Back].Value;
        var turn = layout.ZipTurn.Value;
        if (Strips.Select(strip => layout.LongestStretch(strip)?.Value).Min() is { } longest && longest < LeastStretch)
        {
            yield return Check.Error(
                "cloth-too-narrow-for-strips",
                BoxingText.ClothTooNarrowForStrips(format.RoundedWithUnit(layout.Seam.Value), format.RoundedWithUnit(longest)),
                "seam"
            );
        }

        if (!layout.Thickness.Value.IsPositive)
        {
            yield return Check.Error(
                "no-wall",
                BoxingText.NoWall,
                "thickness",
                new Mend(BoxingText.ToMakeItAsABag, "construction", Bag.Id)
            );
            yield break;
        }

        if (!layout.HasZip)
        {
            if (
                OpeningWidth.Check(layout.Specification.Rules[Rule.Gap].Value, PartsText.WayRound, plan.Perimeter.Value, "gap", format) is
                { } tooWide
            )
            {
                yield return tooWide;
            }

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
                BoxingText.ZipTurnTooFar(format.RoundedWithUnit(turn), format.RoundedWithUnit(furthest)),
                "zipTurn",
                ToTurn(furthest)
            );
        }
        else if (layout.ZipRun.Value > plan.Perimeter.Value - front)
        {
            yield return Check.Error(
                "zip-run-too-long",
                BoxingText.ZipRunTooLong(format.RoundedWithUnit(layout.ZipRun.Value)),
                "zipTurn",
                ToTurn((plan.Perimeter.Value - front - back).Half())
            );
        }
        else if (layout.ZipRun.Value < 4 * layout.Seam.Value || layout.ZipRun.Value < 4 * layout.Lap.Value)
        {
            yield return Check.Error(
                "zip-run-too-short",
                BoxingText.ZipRunTooShort(format.RoundedWithUnit(layout.ZipRun.Value)),
                "zipTurn",
                ToTurn(Length.Zero)
            );
        }
        else if (layout.ZipRun.Value < Length.Max(front, back).Times(0.9m))
        {
            yield return Check.Warning(
                "opening-too-small",
                BoxingText.OpeningTooSmall(format.RoundedWithUnit(layout.ZipRun.Value)),
                "zipTurn",
                ToTurn(
                    Length
                        .FromNanometresRounded(Math.Ceiling((Length.Max(front, back).Nanometres - back.Nanometres) / 2.0))
                        .RoundedUpTo(format.Step)
                )
            );
        }

        if (turn.Abs() < layout.Seam.Value)
        {
            yield return Check.Warning(
                "zip-end-in-corner",
                BoxingText.ZipEndInCorner,
                "zipTurn",
                ToTurn(Length.Min(furthest, layout.Specification.Unit.IsImperial() ? Length.FromInches(3) : Length.FromMillimetres(75m)))
            );
        }

        Mend ToTurn(Length value) =>
            new(
                BoxingText.ToZipTurn(format.RoundedWithUnit(value.RoundedDownTo(format.Step))),
                "rules.zipTurn",
                format.RoundedWithUnit(value.RoundedDownTo(format.Step)).Replace('−', '-')
            );
    }

    /// <summary>Round a disc there is no corner to run into: only the part of the way round counts.</summary>
    private static IEnumerable<Check> OfSmooth(BoxingStripLayout layout)
    {
        var run = layout.ZipRun.Value;
        var half = new Mend(CommonText.ToHalfOfTheWay, "options.zipShare", "0.5");
        if (layout.Plan.Perimeter.Value - run < 4 * layout.Seam.Value)
        {
            yield return Check.Error("zip-run-too-long", BoxingText.ZipLeavesNoBoxing, "zipShare", half);
        }
        else if (run < 4 * layout.Seam.Value || run < 4 * layout.Lap.Value)
        {
            yield return Check.Error(
                "zip-run-too-short",
                BoxingText.ZipRunTooShortToSew(layout.Specification.Format.RoundedWithUnit(run)),
                "zipShare",
                half
            );
        }
        else if (run < layout.Plan.Width.Value.Times(0.9m))
        {
            yield return Check.Warning(
                "opening-too-small",
                BoxingText.OpeningTooSmallTheOpeningIs(layout.Specification.Format.RoundedWithUnit(run)),
                "zipShare",
                half
            );
        }
    }
}
