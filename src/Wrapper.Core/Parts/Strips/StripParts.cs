using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Strips;

/// <summary>In how many equal parts a strip is cut. See docs/handbook.md, "Joins".</summary>
internal static class StripParts
{
    /// <summary>
    /// The least number of parts between stitch lines none of which is longer than the cloth gives; one when nothing limits them.
    /// </summary>
    public static int Of(Length run, Length? longest) => longest is { } most ? Math.Max(1, (int)Math.Ceiling(run.RatioTo(most) - 1e-9)) : 1;
}
