using Wrapper.Core.Checks;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms;

/// <summary>
/// How the draft of a measured form begins and ends: nothing is constructed while a measure stands in the way, and what the
/// form noticed is said before what its construction did.
/// </summary>
internal static class FormDraft
{
    /// <param name="specification">What was read.</param>
    /// <param name="construct">Makes the cover from its finished sizes; may add to what was noticed, and gives an empty cover when that is
    /// an error.</param>
    /// <param name="also">What else the form notices of its measures before anything is constructed.</param>
    public static ConstructedCover Of(
        CoverSpecification specification,
        Func<CoverSpecification, FinishedSizes, List<Check>, ConstructedCover> construct,
        IEnumerable<Check>? also = null
    )
    {
        var sizes = new FinishedSizes(specification);
        List<Check> checks = [.. FormChecks.Of(specification, sizes), .. also ?? []];
        var cover = checks.HasError() ? new() : construct(specification, sizes, checks);
        return cover with { Checks = [.. checks, .. cover.Checks] };
    }

    /// <summary>The same for a form that notices nothing more while it constructs.</summary>
    public static ConstructedCover Of(
        CoverSpecification specification,
        Func<CoverSpecification, FinishedSizes, ConstructedCover> construct,
        IEnumerable<Check>? also = null
    ) => Of(specification, (said, sizes, _) => construct(said, sizes), also);
}
