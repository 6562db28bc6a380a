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
    public void What_matters_is_read_and_at_most_three_of_it()
    {
        Assert.Null(MatterReader.Check(["crisp", "children", "least-work"]));
        Assert.Equal("unknown-matter", MatterReader.Check(["crisp", "cheap"])!.Code);
        Assert.Contains("washed-often", MatterReader.Check(["cheap"])!.Text, StringComparison.Ordinal);
        Assert.Equal("too-many-matters", MatterReader.Check(["crisp", "children", "least-work", "outdoors"])!.Code);
    }
}
