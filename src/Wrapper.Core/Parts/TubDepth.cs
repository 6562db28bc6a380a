using Wrapper.Core.Working;

namespace Wrapper.Core.Parts;

/// <summary>What a form hands to a tub: what hangs below its top.</summary>
/// <param name="Drop">From the top's edge down to the bottom of the thing or of the cover.</param>
/// <param name="Under">How far it reaches under.</param>
/// <param name="TopDrop">How far the top itself comes over the edge; zero for none.</param>
internal sealed record TubDepth(Worked Drop, Worked Under, Worked TopDrop)
{
    public static TubDepth Of(Worked drop, Worked under) => new(drop, under, Worked.Zero);
}
