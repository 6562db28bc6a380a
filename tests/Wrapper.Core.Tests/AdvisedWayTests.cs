using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Judgement;
using Wrapper.Core.Judgement.Advice;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Which way is advised, on things whose ways are really drafted and laid.</summary>
public sealed class AdvisedWayTests
{
    private static readonly ClothSpecification Cloth54 = new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero);
    private static readonly Dictionary<Rule, Length> NoRules = [];
    private const string Made = "construction";

    private static string Advised(
        string matters,
        ClothSpecification? cloth = null,
        string kind = Made,
        string thing = "box-cushion",
        string measures = "width=20 depth=20 thickness=4",
        IReadOnlyList<string>? others = null
    ) =>
        MakeUps
            .Compare(
                Thing.Inches(thing, measures) with
                {
                    Matters = matters.Split(' ', StringSplitOptions.RemoveEmptyEntries),
                },
                cloth ?? Cloth54,
                NoRules,
                2,
                others: others
            )
            .SingleOrDefault(one => one.IsRecommended && one.Change.Kind == kind)
            ?.Change.Word
        ?? "none";

    [Fact]
    public void The_advice_follows_what_matters()
    {
        Assert.Equal("boxing-strip", Advised(""));
        Assert.Equal("boxing-strip", Advised("crisp"));
        Assert.Equal("wrap-notched", Advised("washed-often least-cloth", measures: "width=48 depth=21 thickness=4 count=3"));
        Assert.Equal("wrap-folded", Advised("first-one washed-often"));
        Assert.Equal("boxing-strip", Advised("outdoors both-sides"));
    }

    [Fact]
    public void It_follows_the_cloth()
    {
        Assert.Equal("wrap-notched", Advised("washed-often", Cloth54 with { Traits = [ClothTrait.Bulky, ClothTrait.Stretches] }));
        // Both wraps have as much for them: the folded one is quicker.
        Assert.Equal("wrap-folded", Advised("washed-often", Cloth54 with { RepeatLength = Length.FromInches(25) }));
        Assert.Equal("boxing-strip", Advised("washed-often", Cloth54 with { Traits = [ClothTrait.Striped] }));
    }

    [Fact]
    public void Trims_are_advised_only_where_something_speaks()
    {
        Assert.Equal("none", Advised("", kind: "piping"));
        Assert.Equal("top", Advised("crisp", kind: "piping")); // as much for both: the lesser comes first
        Assert.Equal("zip", Advised("washed-often", kind: "closure"));
        Assert.Equal("three-sides", Advised("", kind: "zipSides"));
    }

    [Fact]
    public void What_is_forbidden_is_never_advised_whatever_speaks_for_it()
    {
        const string Duvet = "width=50 length=60";
        Assert.NotEqual("ties", Advised("on-and-off children", kind: "closure", thing: "duvet", measures: Duvet));
        Assert.Equal("zip", Advised("on-and-off children", kind: "closure", thing: "duvet", measures: Duvet));
        Assert.Contains(
            MakeUps.Compare(
                Thing.Inches("duvet", Duvet) with
                {
                    Matters = ["children"],
                },
                Cloth54 with
                {
                    Width = Length.FromInches(110),
                },
                NoRules,
                1
            ),
            one => one.Change is { Kind: "closure", Word: "ties" } && one.Reasons.Any(reason => reason.Speaks == Speaks.Forbids)
        );
    }

    [Fact]
    public void A_plate_that_the_cloth_is_too_narrow_for_speaks_against_its_way_and_joined_boxing_does_not()
    {
        bool IsSaid(string measures) =>
            MakeUps
                .Compare(Thing.Inches("box-cushion", measures), Cloth54, NoRules, 1)
                .Single(one => one.Change.Word == "boxing-strip")
                .Reasons.Any(reason => reason.Rule == "wide-plate");
        Assert.True(IsSaid("width=60 depth=60 thickness=4"));
        Assert.False(IsSaid("width=48 depth=40 thickness=4")); // its boxing is joined all the same
    }

    [Fact]
    public void Ties_go_to_the_way_with_the_least_work()
    {
        var made = MakeUps.Compare(Thing.Inches("table", "width=60 depth=40 drop=10"), Cloth54, NoRules, 1);
        var ways = made.Where(one => one.Change.Kind == Made && one.Time is not null).ToList();
        var advised = ways.Single(one => one.IsRecommended);
        var equals = ways.Where(one => Weight(one) == Weight(advised)).ToList();
        Assert.True(equals.Count > 1);
        Assert.Equal(equals.Min(one => one.Time!.Minutes), advised.Time!.Minutes);
        Assert.NotEqual(advised, ways[0]);

        static int Weight(MakeUp made) =>
            made.Reasons.Count(reason => reason.Speaks == Speaks.For) - made.Reasons.Count(reason => reason.Speaks == Speaks.Against);
    }

    [Fact]
    public void The_least_work_is_the_fewest_minutes_and_a_first_one_has_the_fewest_pieces_of_those_that_take_little_longer()
    {
        const string Small = "width=13_3/4 depth=13_3/4 thickness=3";
        var ways = MakeUps
            .Compare(Thing.Inches("box-cushion", Small), Cloth54, NoRules, 1)
            .Where(one => one.Change.Kind == Made && one.Time is not null)
            .ToList();
        var fewest = ways.Min(one => one.Time!.Minutes);
        var least = Advised("least-work", measures: Small);
        Assert.Equal(fewest, ways.Single(one => one.Change.Word == least).Time!.Minutes);
        Assert.NotEqual("boxing-strip", least);
        var first = ways.Single(one => one.Change.Word == Advised("least-work first-one", measures: Small));
        var little = ways.Where(one => one.Time!.Minutes <= fewest + 10).ToList();
        Assert.Equal(little.Min(one => one.Draft!.PiecesToCut), first.Draft!.PiecesToCut);
        Assert.Contains(first, little);
    }

    [Fact]
    public void What_the_zip_turn_decides_is_not_advised_on()
    {
        Assert.Equal("three-sides", Advised("", kind: "zipSides"));
        Assert.DoesNotContain(
            MakeUps.Compare(Thing.Inches("box-cushion", "width=20 depth=20 thickness=4", "r.zipTurn=2"), Cloth54, NoRules, 1),
            one => one.Change.Kind == "zipSides"
        );
    }

    [Fact]
    public void Piping_is_bulky_by_its_own_cloth()
    {
        bool IsBulky(ClothTrait[] cover, ClothTrait[] piping) =>
            MakeUps
                .Compare(
                    Thing.Inches("box-cushion", "width=20 depth=20 thickness=4", "o.piping=both") with
                    {
                        Roles = new Dictionary<string, IReadOnlyList<string>> { ["piping"] = ["trim"] },
                        Cloths = new Dictionary<string, DraftCloth>
                        {
                            ["main"] = new(Length.FromInches(53), false),
                            ["trim"] = new(Length.FromInches(53), false),
                        },
                    },
                    Cloth54 with
                    {
                        Traits = cover,
                        Key = "main",
                    },
                    NoRules,
                    1,
                    besides: [Cloth54 with { Traits = piping, Key = "trim" }]
                )
                .Single(one => one.Change is { Kind: "piping", Word: "both" })
                .Reasons.Any(reason => reason.Text == "piping covered with it is thick");
        Assert.True(IsBulky([], [ClothTrait.Bulky]));
        Assert.False(IsBulky([ClothTrait.Bulky], []));
    }

    [Fact]
    public void As_the_others_of_the_job_are_made() =>
        Assert.Equal("envelope", Advised("like-the-others washed-often", others: ["envelope", "envelope"]));
}
