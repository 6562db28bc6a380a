using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>All cloths of a job side by side: what each is bought of at every width it is sold in.</summary>
public sealed class ClothsComparedTests
{
    private static readonly ClothSpecification A = Thing.Cloth("a", 54);

    [Fact]
    public void Each_cloth_is_compared_with_what_lies_on_it_at_the_widths_it_is_sold_in()
    {
        var a = A with { SoldIn = [Sold(45, 10), Sold(60, 30)] };
        var compared = Compared([Cushion(("piping", "b"))], (a, 20), (Thing.Cloth("b", 36), 5));
        Assert.Equal(["a", "b"], compared.Select(cloth => cloth.Key));
        Assert.Equal([45, 54, 60], compared[0].Widths.Select(width => (int)width.Width.Width.Inches));
        Assert.Equal([36], compared[1].Widths.Select(width => (int)width.Width.Width.Inches));
        Assert.All(compared, cloth => Assert.Null(cloth.InsteadOf));
        Assert.Equal(["piping"], compared[1].Widths[0].Yardage.Pieces.Select(piece => piece.Piece.Id).Distinct());
        Assert.DoesNotContain(compared[0].Widths[0].Yardage.Pieces, piece => piece.Piece.Id == "piping");

        // Each width at its own price.
        foreach (var (width, price) in compared[0].Widths.Zip([10m, 20m, 30m]))
        {
            Assert.Equal(
                Math.Round(width.Yardage.Buy!.Value.Nanometres / (decimal)Length.FromInches(36).Nanometres * price, 2),
                width.Cost
            );
        }
    }

    [Fact]
    public void A_cloth_nothing_lies_on_says_what_it_would_take_instead_and_is_marked_among_those_it_could_stand_for()
    {
        var compared = Compared([Cushion()], (A, 20), (Thing.Cloth("b", 54), 19), (Thing.Cloth("c", 30), null));
        Assert.Equal([null, "a", "a"], compared.Select(cloth => cloth.InsteadOf));
        var (a, b, c) = (compared[0].Widths[0], compared[1].Widths[0], compared[2].Widths[0]);
        Assert.Equal(a.Yardage.Buy!.Value, b.Yardage.Buy!.Value);
        Assert.Equal(WidthMark.LeastMoney, Assert.Single(b.Marks, mark => mark == WidthMark.LeastMoney));
        Assert.DoesNotContain(WidthMark.LeastMoney, a.Marks);
        Assert.Null(c.Cost);
        Assert.True(c.Yardage.Joins > a.Yardage.Joins);
        Assert.Contains(WidthMark.FewestJoins, a.Marks);
        Assert.DoesNotContain(WidthMark.FewestJoins, c.Marks);
    }

    [Fact]
    public void Covers_of_several_cloths_have_none_that_another_could_stand_for()
    {
        var compared = Compared(
            [Cushion(), Cushion() with { OwnCloth = "b" }],
            (A, 20),
            (Thing.Cloth("b", 54), 19),
            (Thing.Cloth("c", 60), 3)
        );
        Assert.Equal(["a", "b"], compared.Select(cloth => cloth.Key));
        Assert.All(compared.SelectMany(cloth => cloth.Widths), width => Assert.DoesNotContain(WidthMark.LeastMoney, width.Marks));
    }

    [Fact]
    public void What_is_ready_made_comes_at_its_one_size_and_its_price_each()
    {
        var towel = Thing.Cloth("t", 40) with { ReadyLength = Length.FromInches(60) };
        var compared = Compared([Cushion()], (A, 20), (towel, 7));
        var only = Assert.Single(compared[1].Widths);
        Assert.True(only.Yardage.ReadyMade > 0);
        Assert.Equal(7m * only.Yardage.ReadyMade, only.Cost);
    }

    private static IReadOnlyList<ComparedCloth> Compared(
        IReadOnlyList<CoverInput> covers,
        params (ClothSpecification Cloth, decimal? Price)[] cloths
    )
    {
        var drafted = cloths.ToDictionary(cloth => cloth.Cloth.Key!, cloth => cloth.Cloth.ForDraft);
        JobCover[] job = [.. covers.Select((cover, i) => new JobCover($"{i}", cover with { Cloths = drafted }))];
        var buyer = new ClothBuyer(job, LengthUnit.Inch, new Dictionary<Rule, Length>());
        return ClothsCompared.Of(
            job,
            [.. cloths.Select(cloth => new PricedCloth(cloth.Cloth, cloth.Price, buyer.Buy(cloth.Cloth, 6)))],
            LengthUnit.Inch,
            new Dictionary<Rule, Length>(),
            steps: (6, 6)
        );
    }

    private static CoverInput Cushion(params (string Role, string Key)[] roles) =>
        Thing.Inches("box-cushion", "width=22 depth=20 thickness=3", "o.piping=both") with
        {
            OwnCloth = "a",
            Roles = roles.ToDictionary(role => role.Role, role => (IReadOnlyList<string>)[role.Key]),
        };

    private static SoldWidth Sold(int inches, decimal? price) => new(new($"{inches} in", Length.FromInches(inches)), price);
}
