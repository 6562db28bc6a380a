using CsCheck;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Operations;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Random covers that were drafted, with their order of sewing.</summary>
internal static class DraftedCovers
{
    /// <summary>Asks something of covers of every cell of a form.</summary>
    /// <param name="form">The form’s id.</param>
    /// <param name="each">How many of each cell.</param>
    /// <param name="ask">What is asked: of the draft, what it was made from, its order, and the cover in words.</param>
    public static void Each(string form, int each, Action<Draft, CoverSpecification, SewingPlan, string> ask)
    {
        var all = 0;
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form))
        {
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        if (Drafter.Draft(input) is { Draft: { } draft, Reading.Specification: { } specification })
                        {
                            ask(draft, specification, SewingPlanner.Of(draft, specification), $"{cell} {Covers.Described(input)}");
                            Interlocked.Increment(ref all);
                        }
                    },
                    iter: each
                );
        }

        Assert.True(all > 0, form);
    }
}
