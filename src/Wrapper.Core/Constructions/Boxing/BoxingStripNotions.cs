using Wrapper.Core.Checks;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Constructions.Boxing;

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

        foreach (
            var notion in PipingCasing.Runs(
                layout.Specification,
                [.. Enumerable.Repeat(layout.Plan.Perimeter, layout.PipedEdges)],
                pieces,
                checks
            )
        )
        {
            yield return notion;
        }
    }

    private static IEnumerable<Notion> Closures(BoxingStripLayout layout, int count)
    {
        if (!layout.HasZip)
        {
            return [];
        }

        var hardware = new BackClosure(layout.Specification, layout.ZipTurning).Notions(
            layout.ZipRun,
            new(NotionKind.ZipRoll, "Zip off the roll, cut", count, layout.ZipCutLength)
        );
        return layout.HasTape ? hardware : hardware.Prepend(new(NotionKind.ZipRun, "Zip run", count, layout.ZipRun));
    }
}
