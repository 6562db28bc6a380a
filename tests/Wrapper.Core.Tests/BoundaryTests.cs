using Wrapper.Core.Drafting;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Figures that lie just on a limit: what is exactly as much as may be is still right, and a hair more is not.</summary>
public sealed class BoundaryTests
{
    [Theory]
    [InlineData("54 1/4", 1)] // the boxing is 80½ − 27¼ and two seams: 54¼, just the cloth
    [InlineData("54 3/16", 2)]
    public void A_strip_just_as_long_as_the_cloth_is_wide_is_not_joined(string usable, int parts)
    {
        var draft = Thing.Drafted(Thing.Inches("box-cushion", "width=21_1/4 depth=19 thickness=4", "usable=" + usable.Replace(' ', '_')));
        Assert.Equal(parts, draft.Pieces.Where(piece => piece.Id == "boxing").Sum(piece => piece.PerCover));
    }

    [Theory]
    [InlineData("1", false)] // the corners are kept clear by 1: an opening of 18 on 20, just nine tenths
    [InlineData("1 1/16", true)]
    public void A_zip_of_just_nine_tenths_of_the_width_is_enough_between_panels(string clear, bool isSmall)
    {
        var outcome = Drafter.Draft(Thing.Inches("box-cushion", "width=20 depth=19 thickness=4", "construction=panels-folded r.zipClear=" + clear.Replace(' ', '_')));
        Assert.Equal(isSmall, outcome.Checks.Any(check => check.Code == "opening-too-small"));
    }
}
