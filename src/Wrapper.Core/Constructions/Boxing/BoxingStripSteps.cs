using Wrapper.Core.English;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>The order of sewing a boxed cushion. See docs/handbook.md, "Order of work".</summary>
internal static class BoxingStripSteps
{
    public static IEnumerable<SewingStep> Of(BoxingStripLayout layout, int boxingParts, int zipParts, bool platesSplit)
    {
        if (platesSplit)
        {
            yield return new(BoxingText.JoinEachPlateTheMiddle);
        }

        if (layout.PipedEdges > 0)
        {
            yield return new(
                layout.PipedEdges == 2
                    ? BoxingText.SewPipingRoundTheRightSide
                    : BoxingText.SewPipingRoundTheRightSideSideOfThe,
                BoxingText.NeverBeginPipingInTheMiddle);
        }

        if (zipParts > 1)
        {
            yield return new(BoxingText.JoinThePartsOfEachZip);
        }

        if (layout.HasZip)
        {
            yield return layout.HasTape
                ? new(BoxingText.HemBothTapeStripsAndSew)
                : new(BoxingText.TurnUnderTheZipEdge, CommonText.KeepTheSlideInside);
        }

        if (boxingParts > 1)
        {
            yield return new(BoxingText.JoinThePartsOfTheBoxing);
        }

        yield return new(
            !layout.HasZip ? BoxingText.SewTheEndsOfTheBoxing
                : layout.Lap.Value.IsZero ? BoxingText.SewTheBoxingToBothEnds
                : BoxingText.SewTheBoxingAndItsLaps,
            BoxingText.SeeThatTheRing);
        yield return new(BoxingText.PinTheRingToTheTop);
        yield return layout.HasZip
            ? new(BoxingText.SewTheRingToTheBottom, BoxingText.OpenTheZipFirst)
            : new(BoxingText.SewTheRingLeavingTheGap);
        yield return new(BoxingText.FinishTheRawEdgesTurn(layout.HasZip));
    }
}
