using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Judgement;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>The maker's own figure for a whole job's cloth, and which slip explains it.</summary>
public sealed class OwnClothFigureTests
{
    private static readonly ClothSpecification Cloth54 = new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero);

    /// <summary>
    /// The thing, how many alike, the repeat of the cloth, the figure, and the slips that explain it, the likeliest first.
    /// </summary>
    public static TheoryData<string, string, int, string, string, string> Figures =>
        new()
        {
            // The lay is 146 in and 1 in of trim: 4.08 yd, so 4¼ yd are bought.
            { "box-cushion", "width=24 depth=24 thickness=4", 4, "", "4 1/4 yd", "agrees" },
            { "box-cushion", "width=24 depth=24 thickness=4", 4, "", "4 yd", "hems-once rounded-down" },
            { "box-cushion", "width=24 depth=24 thickness=4", 4, "", "2 1/4 yd", "second-face-forgotten" },
            { "box-cushion", "width=24 depth=24 thickness=4", 4, "", "4.25 m", "yards-and-metres" },
            { "box-cushion", "width=24 depth=24 thickness=4", 4, "", "4.65 m", "yards-and-metres" },
            { "box-cushion", "width=24 depth=24 thickness=4", 4, "", "4 1/2 yd", "laid-in-rows" },
            { "box-cushion", "width=24 depth=24 thickness=4", 4, "", "20 yd", "" },
            // Without meeting the pattern two cushions take 2¼ yd; so they do with one plate each.
            { "box-cushion", "width=24 depth=24 thickness=4", 2, "19", "2 1/4 yd", "second-face-forgotten repeat-forgotten" },
            // Plates 27 wide lie singly on 53 usable, and in pairs on 54.
            { "box-cushion", "width=26 depth=40 thickness=4", 2, "", "3 1/4 yd", "second-face-forgotten selvage-not-taken-off" },
            // Each face takes a whole width and two strips off others: 2 × 83⅛ for the middles alone.
            { "duvet", "width=78 length=80", 1, "", "9 1/2 yd", "agrees" },
            { "duvet", "width=78 length=80", 1, "", "4 3/4 yd", "second-face-forgotten widths-forgotten" },
            // A run of twelve faces in six rows: five hems too few.
            { "pillowcase", "width=20 length=26", 6, "", "4 1/2 yd", "hems-once rounded-down" },
        };

    [Theory]
    [MemberData(nameof(Figures))]
    public void A_figure_for_the_cloth_agrees_or_its_slips_are_named(
        string form,
        string measures,
        int count,
        string repeat,
        string figure,
        string slips
    )
    {
        var cloth = repeat.Length == 0 ? Cloth54 : Cloth54 with { RepeatLength = Read(repeat) };
        var judgement = Judge(Thing.Inches(form, measures, $"count={count}"), cloth, Read(figure))!;
        Assert.Equal(slips, judgement.Agrees ? "agrees" : string.Join(' ', judgement.Slips.Select(slip => slip.Code)));
    }

    [Fact]
    public void The_figure_is_the_lays_with_its_sum()
    {
        var judgement = Judge(Thing.Inches("duvet", "width=78 length=80"), Cloth54, Read("9 yd"))!;
        Assert.Equal(Read("9 1/2 yd"), judgement.Number.Value);
        Assert.Equal(-Read("1/2 yd"), judgement.Difference);
        Assert.Contains("332½ + 1", judgement.Number.Expression, StringComparison.Ordinal);
    }

    [Fact]
    public void Where_pieces_have_different_hems_the_largest_is_the_one_that_was_added()
    {
        // Three fronts of 60 + 1 + 2 and three backs of 60 + 1 + 2 + 12 lie one below the other: 414 in. All hems and flaps are 3 × 3 and
        // 3 × 15; with one back’s alone 39 are missing: 375 in and 1 in of trim are 10.44 yd.
        var duvet = Thing.Inches(
            "duvet",
            "width=40 length=60",
            "count=3 usable=53 o.closure=overlap r.sideSeam=1/2 r.closedEnd=1 r.hem=2 r.overlapFlap=12"
        );
        var judgement = Judge(duvet, Cloth54, Read("10 1/2 yd"))!;
        Assert.Equal(Read("11 3/4 yd"), judgement.Number.Value);
        Assert.Equal(Read("10 1/2 yd"), Assert.Single(judgement.Slips, slip => slip.Code == "hems-once").Value);
    }

    [Fact]
    public void No_slip_is_named_that_is_off_by_more_than_the_step_cloth_is_bought_by()
    {
        var (buyer, yardage) = Bought(Thing.Inches("table", "shape=rectangle width=60 depth=90 drop=10"), Cloth54);
        for (var eighths = 1; eighths < 120; eighths++)
        {
            var figure = Read($"{eighths}/8 yd");
            var judgement = OwnClothFigure.Judge(buyer, Cloth54, yardage, figure)!;
            Assert.All(judgement.Slips, slip => Assert.True((slip.Value - figure).Abs() <= Read("1/4 yd"), slip.Code));
            Assert.True(!judgement.Agrees || judgement.Slips.Count == 0);
        }
    }

    [Fact]
    public void Where_nothing_can_be_laid_there_is_no_figure() =>
        Assert.Null(Judge(Thing.Inches("duvet", "width=78"), Cloth54, Read("9 yd")));

    private static FigureJudgement? Judge(CoverInput input, ClothSpecification cloth, Length figure)
    {
        var (buyer, yardage) = Bought(input, cloth);
        return OwnClothFigure.Judge(buyer, cloth, yardage, figure);
    }

    private static (ClothBuyer Buyer, Yardage Yardage) Bought(CoverInput input, ClothSpecification cloth)
    {
        var buyer = new ClothBuyer([new("one", input)], LengthUnit.Inch, new Dictionary<Rule, Length>());
        return (buyer, buyer.Buy(cloth, 60));
    }

    private static Length Read(string text) => LengthReader.Read(text, LengthUnit.Inch).Length!.Value;
}
