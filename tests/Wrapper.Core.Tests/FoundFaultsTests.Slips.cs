using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Proof;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed partial class FoundFaultsTests
{
    [Theory]
    [InlineData("table", "width=3 depth=30 drop=6", "width", "3 ft")]
    [InlineData("box-cushion", "width=54_yd depth=20 thickness=4", "width", "54 in")]
    [InlineData("box-cushion", "width=54_mm depth=20 thickness=4", "width", "54 in")]
    [InlineData("box-cushion", "width=54_mm depth=20 thickness=4", "width", "54 cm")]
    public void A_measure_in_another_unit_is_noticed_and_offered_in_the_one_that_was_meant(
        string form,
        string measures,
        string measure,
        string meant
    )
    {
        var check = Drafter.Draft(Thing.Inches(form, measures)).Checks.First(check => check.Code is "unlikely-measure" or "measure-huge");
        Assert.Equal(measure, check.Measure);
        Assert.Contains(check.Mends!, mend =>
            mend.Path == $"measures.{measure}" && mend.Value == meant && mend.Label == $"You meant {meant}"
        );
    }

    [Fact]
    public void A_likely_measure_is_not_asked_about() =>
        Assert.DoesNotContain(Drafter.Draft(Thing.Inches("table", "width=36 depth=30 drop=6")).Checks, check =>
            check.Code is "unlikely-measure" or "measure-huge"
        );

    [Theory]
    [InlineData("width=20 depth=18 thickness=4", "fit.width", "-11", true)]
    [InlineData("width=20 depth=18 thickness=4", "fit.width", "-9", false)]
    [InlineData("width=20 depth=18 thickness=4", "fit.thickness", "-2.1", true)]
    [InlineData("width=20 depth=18 thickness=4", "fit.thickness", "-2", false)]
    public void A_fit_that_leaves_less_than_half_of_the_thing_is_refused(string measures, string rule, string by, bool refused)
    {
        var checks = Drafter.Draft(Thing.Inches("box-cushion", measures, $"r.{rule}={by}")).Checks;
        Assert.Equal(
            refused,
            checks.Any(check =>
                check.Code == "fit-too-snug" && check.Measure == rule && check.Level == CheckLevel.Error && check.Mends!.Count == 1
            )
        );
    }

    [Theory]
    [InlineData("width=20 depth=7 thickness=18", "thickness-over-half-depth", "thickness 7, depth 18")]
    [InlineData("shape=t-shape width=20 depth=6 earWidth=3 earDepth=18 thickness=3", "ear-too-deep", "earDepth 6, depth 18")]
    [InlineData("shape=trapezoid frontWidth=18 backWidth=22 depth=18 thickness=4", "front-back-swapped", "frontWidth 22, backWidth 18")]
    public void What_is_swapped_can_be_swapped(string measures, string code, string mended)
    {
        var check = Drafter.Draft(Thing.Inches("box-cushion", measures)).Checks.Single(check => check.Code == code);
        var mend = Assert.Single(check.Mends!);
        var writes = mend.Also.Prepend(new(mend.Path, mend.Value)).Select(write => $"{write.Path["measures.".Length..]} {write.Value}");
        Assert.Equal(mended, string.Join(", ", writes));
    }

    [Fact]
    public void What_is_not_square_is_measured_as_the_outline_its_sides_and_diagonals_give()
    {
        var input = Thing.Inches("box-cushion", "width=20 depth=18 thickness=4 diagonal1=27_1/2 diagonal2=26_1/4");
        var mend = Assert.Single(Drafter.Draft(input).Checks.Single(check => check.Code == "not-square").Mends!);
        var draft = Thing.Drafted(CheckTests.Mended(input, mend));
        Assert.True(FoldUp.Of(draft).Holds);
        var outline = CheckTests
            .Mended(input, mend)
            .Points.Select(point =>
                (
                    X: LengthReader.Read(point.X.Text!, LengthUnit.Inch).Length!.Value.Millimetres / 25.4,
                    Y: LengthReader.Read(point.Y.Text!, LengthUnit.Inch).Length!.Value.Millimetres / 25.4
                )
            )
            .ToList();
        double Between(int a, int b) => double.Hypot(outline[a].X - outline[b].X, outline[a].Y - outline[b].Y);
        Assert.Equal(27.5, Between(0, 2), 0.1);
        Assert.Equal(26.25, Between(1, 3), 0.1);
        Assert.Equal((20.0, 18.0, 18.0), (Math.Round(Between(0, 1), 1), Math.Round(Between(1, 2), 1), Math.Round(Between(3, 0), 1)));
    }

    [Theory]
    [InlineData("2,5%", "0.025")]
    [InlineData("2.5 %", "0.025")]
    [InlineData("0,7", "0.7")]
    [InlineData("1/3", "0.33333333333333333333")]
    [InlineData("33%", "0.33")]
    [InlineData("½", "0.5")]
    [InlineData("1 1/2", "1.5")]
    [InlineData("-3", "-3")]
    [InlineData("3 in", null)]
    [InlineData("half", null)]
    [InlineData("", null)]
    [InlineData("%", null)]
    [InlineData("1e999", null)]
    [InlineData("99999999999999999999999999999999", null)]
    public void There_is_one_reader_of_numbers(string text, string? number) =>
        Assert.Equal(
            number is null ? null : decimal.Parse(number, System.Globalization.CultureInfo.InvariantCulture),
            NumberReader.Read(text)
        );

    [Fact]
    public void Shares_are_read_alike_wherever_they_stand()
    {
        var cover = Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", "from=old-cover r.shrinkage.along=2,5%");
        Assert.Equal(18 / 0.975, Thing.Drafted(cover).Finished.Single(size => size.Key == "D").Value.Value.Millimetres / 25.4, 1e-6);
        var round = Thing.Drafted(Thing.Inches("box-cushion", "shape=round diameter=20 thickness=4", "o.zipShare=1/3"));
        Assert.Equal(20 * Math.PI / 3, round.Finished.Single(size => size.Key == "Z").Value.Value.Millimetres / 25.4, 1e-6);
        Assert.Equal(0.6m, Catalogue.NumberRule.All["gapShare"].Usual);
        Assert.Equal("11", Thing.Number(Thing.Inches("pouf", "size=22 wrap=2_1/4", "r.gapShare=1/2"), "gap.length"));
    }

    [Theory]
    [InlineData("21 in ok", LengthUnit.Inch)]
    [InlineData("ok 21 in", null)]
    [InlineData("21 cm (and", LengthUnit.Centimetre)]
    [InlineData("21", null)]
    public void The_first_unit_is_found_whether_or_not_the_rest_can_be_read(string text, LengthUnit? unit) =>
        Assert.Equal(unit, LengthReader.FirstUnit(text));

    [Theory]
    [InlineData("box-cushion", "", "o.closure=buttons", "A box cushion made as boxing strip cannot have the closure “buttons”")]
    [InlineData(
        "ottoman",
        "width=20 depth=18 height=15",
        "o.edge=drawstring",
        "An ottoman made as tub with walls cannot have the lower edge “drawstring”"
    )]
    public void Refusals_read_as_a_person_would_say_them(string form, string measures, string said, string begins) =>
        Assert.Contains(
            Drafter.Draft(Thing.Inches(form, measures.Length > 0 ? measures : "width=20 depth=18 thickness=4", said)).Checks,
            check => check.Text.StartsWith(begins, StringComparison.Ordinal)
        );
}
