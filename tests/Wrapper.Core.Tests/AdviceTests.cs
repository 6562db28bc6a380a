using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Judgement;
using Wrapper.Core.Judgement.Advice;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What speaks for and against a way: every rule with a case that turns it and a near miss, and the advice that follows.</summary>
public sealed class AdviceTests
{
    private static readonly ClothSpecification Cloth54 = new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero);
    private static readonly Dictionary<Rule, Length> NoRules = [];
    private static readonly AdviceFacts Plain = new();

    /// <summary>A rule, the facts that turn it, the facts that just do not, and what it then says of which ways.</summary>
    private sealed record Case(string Rule, AdviceFacts Turns, AdviceFacts Misses, params (AdvisedWay Way, Speaks Speaks)[] Says);

    private static (AdvisedWay Way, Speaks Speaks) For(string kind, string word) => (new(kind, word), Speaks.For);

    private static (AdvisedWay Way, Speaks Speaks) Against(string kind, string word) => (new(kind, word), Speaks.Against);

    private static (AdvisedWay Way, Speaks Speaks) Forbids(string kind, string word) => (new(kind, word), Speaks.Forbids);

    private static AdviceFacts Wanting(params Matter[] matters) => new() { Matters = matters };

    private static AdviceFacts Of(ClothTrait trait) => new() { Traits = [trait] };

    private static AdviceFacts OfRole(PieceRole role, ClothTrait trait) =>
        new() { RoleTraits = new Dictionary<PieceRole, IReadOnlyList<ClothTrait>> { [role] = [trait] } };

    private const string Made = "construction";

    private static readonly Case[] Cases =
    [
        new(
            "curved-plan",
            new() { HasCurvedPlan = true },
            Plain,
            For(Made, "boxing-strip"),
            Against(Made, "wrap-notched"),
            Against(Made, "wrap-folded"),
            Against(Made, "panels-folded")
        ),
        new(
            "firm-filling",
            new() { Filling = Filling.Firm },
            new() { Filling = Filling.Soft },
            For(Made, "boxing-strip"),
            For("zipSides", "three-sides"),
            Against("zipSides", "back"),
            Against("closure", "buttons"),
            For("fit", "snug")
        ),
        new(
            "soft-filling",
            new() { Filling = Filling.Soft },
            Plain,
            For(Made, "bag"),
            For(Made, "wrap-folded"),
            For("closure", "gap"),
            Against("fit", "snug"),
            Against(Made, "boxing-strip")
        ),
        new(
            "thin-wall",
            new() { Thickness = Length.FromMillimetres(37.9m) },
            new() { Thickness = Length.FromMillimetres(38m) },
            For(Made, "wrap-folded"),
            Against(Made, "boxing-strip")
        ),
        new(
            "wash",
            Wanting(Matter.WashedOften),
            Wanting(Matter.Outdoors),
            For("closure", "zip"),
            For("zipSides", "three-sides"),
            For(Made, "envelope"),
            For(Made, "wrap-notched"),
            Against("piping", "both"),
            Against("closure", "gap")
        ),
        new("wash", Wanting(Matter.Children), Plain, Against("piping", "top")),
        new(
            "children",
            Wanting(Matter.Children),
            Wanting(Matter.WashedOften),
            Forbids("closure", "ties"),
            Forbids("edge", "drawstring"),
            Forbids("edge", "overlocked-cord"),
            Forbids("closure", "buttons"),
            Forbids("closure", "pinned-tail")
        ),
        new(
            "frays",
            Of(ClothTrait.Frays),
            Of(ClothTrait.Bulky),
            For(Made, "boxing-strip"),
            For(Made, "panels-folded"),
            Against(Made, "wrap-notched"),
            Against(Made, "tub-notched")
        ),
        new(
            "frays",
            Of(ClothTrait.Frays) with
            {
                HasCurvedPlan = true,
            },
            Plain with
            {
                HasCurvedPlan = true,
            },
            Against(Made, "boxing-strip")
        ),
        new(
            "bulky",
            Of(ClothTrait.Bulky),
            Of(ClothTrait.Frays),
            For(Made, "boxing-strip"),
            For(Made, "wrap-notched"),
            Against(Made, "wrap-folded"),
            Against("edge", "double-hem")
        ),
        new(
            "bulky-piping",
            OfRole(PieceRole.Piping, ClothTrait.Bulky),
            OfRole(PieceRole.Piping, ClothTrait.Frays) with
            {
                Traits = [ClothTrait.Bulky],
            },
            Against("piping", "both")
        ),
        new("bulky-piping", Of(ClothTrait.Bulky), Plain, Against("piping", "top")),
        new(
            "bulky-skirt",
            OfRole(PieceRole.Skirt, ClothTrait.Bulky),
            OfRole(PieceRole.Piping, ClothTrait.Bulky),
            Against("skirt", "gathered")
        ),
        new(
            "thin-cloth",
            Of(ClothTrait.ShowsThrough),
            Of(ClothTrait.Frays),
            For("piping", "both"),
            Against("edge", "stretched-elastic"),
            Against("closure", "invisible-zip")
        ),
        new(
            "slips",
            Of(ClothTrait.Slips),
            Of(ClothTrait.ShowsThrough),
            For("piping", "top"),
            For("layers", "reversible"),
            Against("edge", "stretched-elastic"),
            Against("closure", "invisible-zip")
        ),
        new("thin-cloth", Of(ClothTrait.ShowsThrough) with { IsPiped = true }, Plain with { IsPiped = true }, For(Made, "boxing-strip")),
        new(
            "stretches",
            Of(ClothTrait.Stretches),
            Of(ClothTrait.Slips),
            For(Made, "tub-notched"),
            For("edge", "casing-elastic"),
            For(Made, "wrap-folded"),
            Against("piping", "both"),
            Against(Made, "boxing-strip")
        ),
        new(
            "large-print",
            new() { Repeat = AdviceFacts.LargeMotif },
            new() { Repeat = Length.FromMillimetres(299.9m) },
            For(Made, "wrap-notched"),
            (new(Made, "boxing-strip") { IsJoinedInSight = true }, Speaks.Against)
        ),
        new(
            "large-print",
            new() { OneWay = true, Repeat = Length.FromMillimetres(20m) },
            new() { OneWay = true },
            For(Made, "wrap-folded"),
            (new(Made, "boxing-strip") { TakesMostPieces = true }, Speaks.Against)
        ),
        new(
            "nap",
            new() { OneWay = true },
            new() { OneWay = true, Repeat = Length.FromMillimetres(20m) },
            For(Made, "boxing-strip"),
            For(Made, "tub-walls"),
            Against(Made, "wrap-notched")
        ),
        new("striped", Of(ClothTrait.Striped), Of(ClothTrait.Bulky), For(Made, "boxing-strip"), Against(Made, "wrap-folded")),
        new(
            "striped-piping",
            Of(ClothTrait.Striped),
            OfRole(PieceRole.Piping, ClothTrait.Slips) with
            {
                Traits = [ClothTrait.Striped],
            },
            Against("piping", "both")
        ),
        new(
            "both-sides",
            Wanting(Matter.BothSides),
            Wanting(Matter.Crisp),
            For(Made, "boxing-strip"),
            For(Made, "bag"),
            Against(Made, "envelope")
        ),
        new(
            "easy",
            Wanting(Matter.FirstOne),
            Wanting(Matter.Crisp),
            For(Made, "wrap-folded"),
            For(Made, "envelope"),
            For(Made, "tub-notched"),
            Against(Made, "wrap-notched"),
            Against("piping", "top")
        ),
        new("easy", Wanting(Matter.LeastWork), Wanting(Matter.LeastCloth), For(Made, "panels-folded")),
        new("least-work", Wanting(Matter.LeastWork), Wanting(Matter.FirstOne), (new(Made, "blocks") { IsQuickest = true }, Speaks.For)),
        new(
            "least-cloth",
            Wanting(Matter.LeastCloth),
            Wanting(Matter.LeastWork),
            (new(Made, "blocks") { TakesLeastCloth = true }, Speaks.For)
        ),
        new(
            "crisp",
            Wanting(Matter.Crisp),
            Wanting(Matter.BothSides),
            For(Made, "boxing-strip"),
            For(Made, "tub-walls"),
            For("piping", "both"),
            For("fit", "snug"),
            For("skirt", "kick-pleats"),
            Against(Made, "wrap-folded"),
            Against(Made, "bag")
        ),
        new(
            "outdoors",
            Wanting(Matter.Outdoors),
            Wanting(Matter.WashedOften),
            For(Made, "boxing-strip"),
            For("closure", "zip"),
            Against("piping", "both"),
            Against("edge", "drawstring")
        ),
        new(
            "large-set",
            new() { Count = 6 },
            new() { Count = 5 },
            (new(Made, "blocks") { IsQuickest = true }, Speaks.For),
            Against("closure", "gap")
        ),
        new(
            "wide-plate",
            new() { OneWay = true },
            new() { OneWay = true, Repeat = Length.FromMillimetres(20m) },
            (new(Made, "bag") { IsJoinedInSight = true }, Speaks.Against)
        ),
        new(
            "on-and-off",
            Wanting(Matter.OnAndOff),
            Wanting(Matter.Crisp),
            For("zipSides", "three-sides"),
            For("closure", "hook-and-loop"),
            Against("closure", "gap"),
            Against("fit", "snug")
        ),
        new(
            "like-the-others",
            Wanting(Matter.LikeTheOthers) with
            {
                Others = ["bag"],
            },
            Wanting(Matter.LikeTheOthers) with
            {
                Others = ["envelope"],
            },
            For(Made, "bag")
        ),
    ];

    public static TheoryData<int> EveryCase => [.. Enumerable.Range(0, Cases.Length)];

    [Theory]
    [MemberData(nameof(EveryCase))]
    public void A_rule_speaks_where_its_facts_hold_and_not_just_beside_them(int number)
    {
        var (rule, turns, misses, says) = Cases[number];
        foreach (var (way, speaks) in says)
        {
            Assert.Contains(AdviceRules.Of(way, turns), reason => reason.Rule == rule && reason.Speaks == speaks && reason.Text.Length > 0);
            Assert.DoesNotContain(AdviceRules.Of(way, misses), reason => reason.Rule == rule);
        }
    }

    [Fact]
    public void Every_rule_has_its_case() =>
        Assert.Equal(AdviceRules.All.Select(rule => rule.Id).Order(), Cases.Select(one => one.Rule).Distinct().Order());

    [Fact]
    public void Of_what_nothing_is_known_nothing_is_said() =>
        Assert.Empty(from word in ConstructionWords from reason in AdviceRules.Of(new(Made, word), Plain) select reason);

    private static readonly string[] ConstructionWords =
    [
        "boxing-strip",
        "wrap-notched",
        "wrap-folded",
        "panels-folded",
        "envelope",
        "bag",
        "tub-notched",
        "tub-walls",
    ];

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
    public void Outdoors_nothing_praises_piping()
    {
        foreach (var facts in new[] { Of(ClothTrait.ShowsThrough), Of(ClothTrait.Slips), Wanting(Matter.Crisp) })
        {
            bool IsPraised(AdviceFacts facts) =>
                AdviceRules.Of(new("piping", "both"), facts).Any(reason => reason.Speaks == Speaks.For)
                || AdviceRules
                    .Of(new(Made, "boxing-strip"), facts with { IsPiped = true })
                    .Any(reason => reason.Speaks == Speaks.For && reason.Text.Contains("piping", StringComparison.Ordinal));
            Assert.True(IsPraised(facts));
            Assert.False(IsPraised(facts with { Matters = [.. facts.Matters, Matter.Outdoors] }));
        }
    }

    [Fact]
    public void Cloth_that_slips_is_not_called_thin()
    {
        foreach (
            var (kind, word) in new[]
            {
                ("piping", "top"),
                ("layers", "reversible"),
                ("edge", "stretched-elastic"),
                ("closure", "invisible-zip"),
            }
        )
        {
            var said = AdviceRules.Of(new(kind, word), Of(ClothTrait.Slips)).Single().Text;
            Assert.DoesNotContain("thin", said, StringComparison.Ordinal);
            Assert.DoesNotContain("shows through", said, StringComparison.Ordinal);
        }
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

    [Fact]
    public void What_matters_is_read_and_at_most_three_of_it()
    {
        Assert.Null(MatterReader.Check(["crisp", "children", "least-work"]));
        Assert.Equal("unknown-matter", MatterReader.Check(["crisp", "cheap"])!.Code);
        Assert.Contains("washed-often", MatterReader.Check(["cheap"])!.Text, StringComparison.Ordinal);
        Assert.Equal("too-many-matters", MatterReader.Check(["crisp", "children", "least-work", "outdoors"])!.Code);
    }
}
