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
        yield return new("zip-run", "Zip run", count, layout.ZipRun);
        yield return new("zip-roll", "Zip off the roll, cut", count, layout.ZipCutLength);
        yield return new("zip-closed-end", "Closed-end zip, teeth", count, layout.ZipRun);
        if (layout.PipedEdges == 0)
        {
            yield break;
        }

        var casing = PipingCasing.CutWidth(layout.Specification);
        var runs = layout.PipedEdges * count;
        yield return new("piping", "Piping, each run", runs, layout.PipingRun);
        yield return new("piping-casing", "Piping casing, cut width", runs, layout.PipingRun, casing);
        yield return new("cord", "Cord for piping", 1, (runs * layout.PipingRun).Named("all runs"));
        if (layout.Specification.UsableWidth is null)
        {
            yield break;
        }

        if (PipingCasing.Strips(layout.Specification, casing, runs * layout.PipingRun.Value) is { } strips)
        {
            pieces.Add(strips);
        }
        else
        {
            checks.Add(Check.Error("cloth-too-narrow-for-casing", "The cloth is too narrow to cut piping casing from: choose a wider cloth or no piping.", "piping", new Mend("No piping", "options.piping", "none")));
        }
    }
}
