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

        var ofWayIn =
            !layout.HasZip ? OfGap(layout)
            : layout.Plan.IsSmooth ? OfSmooth(layout)
            : OfZipRound(layout);
        foreach (var check in ofWayIn)
        {
            yield return check;
        }
    }

    private static IEnumerable<Check> OfGap(BoxingStripLayout layout)
    {
        var (gap, round) = (layout.Specification.Rules[Rule.Gap].Value, layout.Plan.Perimeter.Value);
        if (OpeningWidth.Check(gap, PartsText.WayRound, round, "gap", layout.Specification.Format) is { } tooWide)
        {
            yield return tooWide;
        }
    }

    /// <summary>A zip along the back and so far round its corners.</summary>
    private static IEnumerable<Check> OfZipRound(BoxingStripLayout layout)
    {
        var (before, after) = layout.Plan.SidesOfBack;
        var furthest = Length.Min(layout.Plan.Outline.LengthOf(before), layout.Plan.Outline.LengthOf(after)) - layout.Seam.Value;
        if (OfZipRun(layout, furthest) is { } check)
        {
            yield return check;
        }

        if (layout.ZipTurn.Value.Abs() < layout.Seam.Value)
        {
            var usual = layout.Specification.Unit.IsImperial() ? Length.FromInches(3) : Length.FromMillimetres(75m);
            yield return Check.Warning(
                "zip-end-in-corner",
                BoxingText.ZipEndInCorner,
                "zipTurn",
                ToTurn(layout, Length.Min(furthest, usual))
            );
        }
    }

    /// <summary>What is wrong with how far the zip runs; null when nothing is.</summary>
    /// <param name="layout">The layout.</param>
    /// <param name="furthest">How far round a corner it may turn.</param>
    private static Check? OfZipRun(BoxingStripLayout layout, Length furthest)
    {
        var (format, plan, run, turn) = (layout.Specification.Format, layout.Plan, layout.ZipRun.Value, layout.ZipTurn.Value);
        var (front, back) = (plan.Edges[plan.Front].Value, plan.Edges[plan.Back].Value);
        if (turn > furthest)
        {
            return Check.Error(
                "zip-turn-too-far",
                BoxingText.ZipTurnTooFar(format.RoundedWithUnit(turn), format.RoundedWithUnit(furthest)),
                "zipTurn",
                ToTurn(layout, furthest)
            );
        }

        if (run > plan.Perimeter.Value - front)
        {
            return Check.Error(
                "zip-run-too-long",
                BoxingText.ZipRunTooLong(format.RoundedWithUnit(run)),
                "zipTurn",
                ToTurn(layout, (plan.Perimeter.Value - front - back).Half())
            );
        }

        if (run < 4 * layout.Seam.Value || run < 4 * layout.Lap.Value)
        {
            return Check.Error(
                "zip-run-too-short",
                BoxingText.ZipRunTooShort(format.RoundedWithUnit(run)),
                "zipTurn",
                ToTurn(layout, Length.Zero)
            );
        }

        var lacking = Math.Ceiling((Length.Max(front, back).Nanometres - back.Nanometres) / 2.0);
        return run < Length.Max(front, back).Times(0.9m)
            ? Check.Warning(
                "opening-too-small",
                BoxingText.OpeningTooSmall(format.RoundedWithUnit(run)),
                "zipTurn",
                ToTurn(layout, Length.FromNanometresRounded(lacking).RoundedUpTo(format.Step))
            )
            : null;
    }

    private static Mend ToTurn(BoxingStripLayout layout, Length value)
    {
        var format = layout.Specification.Format;
        var shown = format.RoundedWithUnit(value.RoundedDownTo(format.Step));
        return new(BoxingText.ToZipTurn(shown), "rules.zipTurn", shown.Replace('−', '-'));
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
