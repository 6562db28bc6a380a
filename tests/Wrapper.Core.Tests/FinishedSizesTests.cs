using Wrapper.Core.Reading;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What is put on the filling, and where the default figures come from.</summary>
public sealed class FinishedSizesTests
{
    [Theory]
    [InlineData("top", "21¼ × 19 × 4¼")]
    [InlineData("top-and-bottom", "21¼ × 19 × 4½")]
    [InlineData("front-wrap", "21¼ × 19¼ × 4½")]
    [InlineData("all-over", "21¾ × 19½ × 4½")]
    public void Wadding_adds_its_thickness_on_each_face_it_lies_on(string how, string finished) =>
        Assert.Equal(finished, Finished(Cushions.Worked with { Padding = [new(Entry.Typed("1/4"), how)] }));

    [Fact]
    public void Layers_and_turns_add_up() =>
        Assert.Equal(
            "21¼ × 19 × 5¼",
            Finished(Cushions.Worked with { Padding = [new(Entry.Typed("1/4"), "top-and-bottom", 2), new(Entry.Typed("1/4"), "top")] })
        );

    [Fact]
    public void An_old_covers_shrinkage_is_taken_back_before_the_fit() =>
        Assert.Equal(
            "22¼ × 20 × 4",
            Finished(
                Cushions.Worked with
                {
                    MeasuredFrom = "old-cover",
                    Measures = Cushions.Typed(("width", "20"), ("depth", "19"), ("thickness", "3.8")),
                    Rules = Cushions.Typed(("shrinkage.across", "20%"), ("shrinkage.along", "0.05"), ("fit.width", "-2 3/4")),
                }
            )
        );

    [Fact]
    public void Old_cover_and_space_take_no_wadding() =>
        Assert.All((string[])["old-cover", "space", "padded-filling"], from =>
            Assert.Equal(
                "21¼ × 19 × 4",
                Finished(Cushions.Worked with { MeasuredFrom = from, Padding = [new(Entry.Typed("1"), "all-over")] })
            )
        );

    [Theory]
    [InlineData(null, null, "Default", "22¼")]
    [InlineData(null, "5/8", "House", "22½")]
    [InlineData("3/8", "5/8", "Cover", "22")]
    public void The_cover_says_first_then_the_house_then_what_is_usual(string? cover, string? house, string source, string plate)
    {
        var draft = BoxingStripTests.Draft(
            Cushions.Worked with
            {
                Rules = cover is null ? [] : Cushions.Typed(("seam", cover)),
                HouseRules = house is null ? [] : Cushions.Typed(("seam", house)),
            }
        );
        var width = draft.Pieces[0].CutWidth;
        Assert.Equal(plate, draft.Format.Rounded(width.Value));
        Assert.Equal(source, width.Terms.Single(term => term.Quantity.Name == "seam").Quantity.Source.ToString());
    }

    [Fact]
    public void The_houses_cut_step_is_the_step_sizes_are_shown_in()
    {
        var draft = BoxingStripTests.Draft(
            Cushions.Worked with
            {
                HouseRules = Cushions.Typed(("cutStep", "1/4")),
                Measures = Cushions.Typed(("width", "21 3/8"), ("depth", "19"), ("thickness", "4")),
            }
        );
        Assert.Equal("22½", draft.Format.Rounded(draft.Pieces[0].CutWidth.Value)); // 22⅜ is shown as the nearest quarter, ties up
    }

    private static string Finished(CoverInput input)
    {
        var draft = BoxingStripTests.Draft(input);
        return string.Join(
            " × ",
            ((string[])["W", "D", "t"]).Select(key => draft.Format.Rounded(draft.Finished.Single(size => size.Key == key).Value.Value))
        );
    }
}
