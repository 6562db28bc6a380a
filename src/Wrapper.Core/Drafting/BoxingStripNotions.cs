using Wrapper.Core.Checks;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>Zip and piping of a boxed cushion.</summary>
internal static class BoxingStripNotions
{
    /// <summary>The notions for all covers alike; adds the casing strips to the pieces when a cloth is chosen.</summary>
    public static IEnumerable<Notion> Of(BoxingStripLayout layout, List<Piece> pieces, List<Check> checks)
    {
        var count = layout.Specification.Count;
        foreach (var closure in Closures(layout, count))
        {
            yield return closure;
        }

        if (layout.PipedEdges == 0)
        {
            yield break;
        }

        foreach (var notion in PipingCasing.Runs(layout.Specification, [.. Enumerable.Repeat(layout.Plan.Perimeter, layout.PipedEdges)], pieces, checks))
        {
            yield return notion;
        }
    }

    private static IEnumerable<Notion> Closures(BoxingStripLayout layout, int count)
    {
        var closure = layout.Specification.Choices.Closure;
        if (!layout.HasZip)
        {
            yield break;
        }

        if (layout.HasTape)
        {
            yield return new("hook-and-loop", "Hook-and-loop tape, hook on the under-flap, loop under the over-flap", count, layout.ZipRun, layout.Specification.Rules["tapeWidth"]);
            yield break;
        }

        yield return new("zip-run", "Zip run", count, layout.ZipRun);
        yield return new("zip-roll", "Zip off the roll, cut", count, layout.ZipCutLength);
        yield return closure == "invisible-zip"
            ? new("zip-invisible", "Invisible zip, sewn in open, stopping short of both ends", count, layout.ZipRun)
            : new("zip-closed-end", "Closed-end zip, teeth", count, layout.ZipRun);
    }
}
