using Wrapper.Core.Pattern;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>The order of sewing a boxed cushion. See docs/handbook.md, "Order of work".</summary>
internal static class BoxingStripSteps
{
    public static IEnumerable<SewingStep> Of(BoxingStripLayout layout, int boxingParts, int zipParts, bool platesSplit)
    {
        if (platesSplit)
        {
            yield return new("Join each plate: the middle to its two sides; press the seams open.");
        }

        if (layout.PipedEdges > 0)
        {
            yield return new(
                layout.PipedEdges == 2
                    ? "Sew piping round the right side of both plates, raw edge to raw edge, beginning at a back corner; snip its allowance at every corner."
                    : "Sew piping round the right side of the top plate, raw edge to raw edge, beginning at a back corner; snip its allowance at every corner.",
                "Never begin piping in the middle of the front.");
        }

        if (zipParts > 1)
        {
            yield return new("Join the parts of each zip strip and press the seams open.");
        }

        if (layout.HasZip)
        {
            yield return layout.HasTape
                ? new("Hem both tape strips and sew the tape on, loop under the over-flap and hook on the under-flap; lay them over each other, the flap down.")
                : new("Turn under the zip edge of both zip strips and sew the zip between the folds while they are flat: the folds meet over the middle of the teeth.", "Keep the slide inside before the zip’s ends are cut.");
        }

        if (boxingParts > 1)
        {
            yield return new("Join the parts of the boxing in their numbered order and press the seams open.");
        }

        yield return new(
            !layout.HasZip ? "Sew the ends of the boxing together to close the ring."
                : layout.Lap.Value.IsZero ? "Sew the boxing to both ends of the zip strip to close the ring."
                : "Sew the boxing to both ends of the zip strip; fold each lap out and back over the zip’s end at its fold mark and pin it down, so that it hides the slide.",
            "See that the ring is not twisted before the second end is sewn.");
        yield return new("Pin the ring to the top plate, notch to corner, and sew, snipping the boxing’s allowance at every corner.");
        yield return layout.HasZip
            ? new("Sew the ring to the bottom plate the same way round.", "Open the zip first, or the cover cannot be turned.")
            : new("Sew the ring to the bottom plate the same way round, but leave the gap open along the back.");
        yield return new($"Finish the raw edges, turn through the {(layout.HasZip ? "opening" : "gap")}, push out the corners and try it on the filling.");
    }
}
