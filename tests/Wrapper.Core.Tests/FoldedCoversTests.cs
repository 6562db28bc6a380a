using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>The constructions without a boxing strip.</summary>
public sealed class FoldedCoversTests
{
    [Fact]
    public void Notches_are_as_large_as_worked_on_the_cut_line()
    {
        var draft = BoxingStripTests.Draft(
            new CoverInput
            {
                Unit = "in",
                Form = "box-cushion",
                Construction = "wrap-notched",
                Measures = Cushions.Typed(("width", "26"), ("depth", "15"), ("thickness", "3 1/2")),
                Rules = Cushions.Typed(("seam", "5/8"), ("zip", "5/8"), ("zipReach", "4")),
            }
        );
        var cut = Assert.Single(draft.Pieces).CutLine;
        Assert.Equal(Length.FromInches(1, 3, 4), cut["back-left-lower-end"].Length);
        Assert.Equal(Length.FromInches(1, 3, 4), cut["back-left-lower-side"].Length);
        Assert.Equal(Length.FromInches(1, 3, 4), cut["front-right-lower-side"].Length);
        Assert.Equal(Length.FromInches(2, 1, 4), cut["front-right-lower-front"].Length + cut["front-right-upper-front"].Length);
        Assert.Equal(
            ["1¾", "1¾", "1¾", "2¼"],
            draft
                .Finished.Where(size => size.Key.Contains("Notch", StringComparison.Ordinal))
                .Select(size => draft.Format.Rounded(size.Value.Value))
        );
    }

    [Theory]
    [InlineData("16", "5⅓", false)]
    [InlineData("16", "4", true)]
    [InlineData("9", "3", false)]
    public void The_zip_reaches_four_inches_round_the_sides_and_at_most_a_third_of_the_depth(string depth, string reach, bool asSaid)
    {
        var input = new CoverInput
        {
            Unit = "in",
            Form = "box-cushion",
            Construction = "wrap-notched",
            Measures = Cushions.Typed(("width", "26"), ("depth", depth), ("thickness", "3 1/2")),
            Rules = asSaid ? Cushions.Typed(("zipReach", "4")) : [],
        };
        var expected = Length.Min(LengthReader.Read(reach, LengthUnit.Inch).Length!.Value, Length.FromInches(4));
        var zip = BoxingStripTests.Draft(input).Notions.Single(notion => notion.Kind.Word() == "zip").Length.Value;
        Assert.Equal(Length.FromInches(26) + (2 * expected), zip);
    }

    [Fact]
    public void When_zip_turning_and_seam_differ_it_is_said()
    {
        var notched = Cushions.Worked with { Construction = "wrap-notched" };
        Assert.Contains(BoxingStripTests.Draft(notched).Checks, check => check.Code == "zip-and-seam-differ");
        Assert.DoesNotContain(
            BoxingStripTests.Draft(notched with { Rules = Cushions.Typed(("zip", "1/2"), ("seam", "1/2")) }).Checks,
            check => check.Code == "zip-and-seam-differ"
        );
        Assert.DoesNotContain(BoxingStripTests.Draft(notched with { Rules = Cushions.Typed(("seam", "5/8")) }).Checks, check =>
            check.Code == "zip-and-seam-differ"
        );
    }

    [Theory]
    [InlineData("wrap-notched", 13)]
    [InlineData("wrap-folded", 17)]
    [InlineData("panels-folded", 20)]
    public void Each_closes_with_its_own_seams(string construction, int seams)
    {
        var draft = BoxingStripTests.Draft(Cushions.Worked with { Construction = construction });
        Assert.Equal(seams, draft.Ledger.Count);
        Assert.All(draft.Ledger, entry => Assert.Equal(Length.Zero, entry.Difference));
    }

    [Fact]
    public void What_only_a_boxing_can_carry_is_said_and_not_drafted()
    {
        var draft = BoxingStripTests.Draft(Cushions.Worked with { Construction = "wrap-folded" });
        Assert.DoesNotContain(draft.Notions, notion => notion.Kind.Word() == "piping");
        Assert.Equal(
            ["piping-without-boxing", "pocket-without-boxing", "zip-in-corner-seams", "rule-without-effect", "rule-without-effect"],
            draft.Checks.Select(check => check.Code)
        );
    }
}
