using Wrapper.Core.Drafting;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Operations;
using Xunit;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>What whoever has a cover is told: how it opens, where it is unpicked, what can hurt.</summary>
public sealed class HandingOverTests
{
    private const string Fire = "fire rules";
    private const string Tight = "has to fit tight";
    private const string NothingLoose = "loose covers, cords, ribbons and buttons";
    private const string Tails = "keep its tails short";
    private const string Iron = "Under an iron";
    private const string ByTwo = "moved by two";

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Theory]
    [InlineData(
        "pouf",
        "shape=cube size=22 wrap=2.25",
        "construction=pouf-wrapped",
        "the seam between the bottom and the back side, 13 3⁄16 in closed by hand",
        "sewn shut by hand"
    )]
    [InlineData(
        "ottoman",
        "width=28 depth=20 height=15 return=2.5",
        "construction=tub-walls o.edge=hook-and-loop",
        "the back left corner, 7½ in closed by hand",
        "Peel its tape off the base"
    )]
    [InlineData(
        "seat-pad",
        "width=18 depth=17 thickness=1",
        "construction=bag o.closure=ties",
        "the opening at the back, 18 in closed by hand",
        "Undo the ties"
    )]
    [InlineData("bolster", "diameter=6.5 length=24", "construction=band-ends", null, "Open the zip")]
    [InlineData("duvet", "width=78 length=81", "construction=bag usable=100 o.closure=buttons", null, "at its buttons")]
    [InlineData("duvet", "width=78 length=81", "construction=bag usable=100 o.closure=overlap", null, "laps over")]
    [InlineData("fitted-sheet", "width=39 length=75 thickness=8", "construction=tub-notched o.edge=casing-elastic", null, "elastic edge")]
    [InlineData("chair-back", "width=18 height=16 thickness=1", "construction=bag o.layers=reversible", null, "drawn over from above")]
    [InlineData("pillowcase", "width=20 length=26", "construction=bag", null, "open at one end")]
    [InlineData(
        "box-cushion",
        "width=20 depth=18 thickness=4",
        "construction=boxing-strip o.closure=hook-and-loop",
        null,
        "Peel its tape open"
    )]
    public void A_cover_is_told_by_how_it_is_sewn(string form, string measures, string make, string? unpick, string opening)
    {
        var told = Told(form, measures, make);
        Assert.Equal(unpick, told.Unpick);
        Assert.Contains(told.Opening, text => text.Contains(opening, StringComparison.Ordinal));
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void A_random_cover_has_an_unpick_point_where_it_is_closed_by_hand_and_only_there(string form) =>
        DraftedCovers.Each(form, 4, (draft, specification, plan, described) =>
        {
            var told = HandingOver.Of(plan, draft, specification);
            Assert.True(plan.Order.Any(operation => operation.Kind == OperationKind.CloseByHand) == told.Unpick is not null, described);
            Assert.True(plan.Order.Any(operation => operation.Kind == OperationKind.Fill) == told.IsFilled, described);
            Assert.True(told.Opening.Count > 0 && told.Opening.Distinct().Count() == told.Opening.Count, described);
            Assert.True(told.Unpick is null || !told.Unpick.Contains("  ", StringComparison.Ordinal), described);
        });

    [Theory]
    [InlineData("box-cushion", "width=20 depth=18 thickness=4", "construction=boxing-strip", Fire)]
    [InlineData("table", "width=40 depth=30 drop=8", "construction=flat")]
    [InlineData("board", "shape=tray width=18 depth=12", "construction=tub-notched o.edge=drawstring", Tails, Iron)]
    [InlineData("ottoman", "width=28 depth=20 height=15", "construction=tub-walls o.edge=double-hem", Fire, ByTwo)]
    [InlineData("changing-pad", "width=16 length=31 thickness=4", "construction=tub-notched", Fire, Tight)]
    [InlineData("fitted-sheet", "width=28 length=52 thickness=5", "construction=tub-notched", Fire, Tight)]
    [InlineData("fitted-sheet", "width=39 length=75 thickness=8", "construction=tub-notched", Fire)]
    [InlineData("duvet", "width=40 length=48", "construction=bag usable=100", Fire, NothingLoose)]
    [InlineData("duvet", "width=78 length=81", "construction=bag usable=100", Fire)]
    [InlineData("mattress", "width=28 length=52 thickness=5", "construction=boxing-strip", Fire, Tight)]
    [InlineData("mattress", "width=28 length=75 thickness=5", "construction=boxing-strip", Fire)]
    public void What_can_hurt_is_told_where_it_applies_and_nowhere_else(string form, string measures, string make, params string[] told)
    {
        var cautions = Drafter.Draft(Thing.Inches(form, measures, make)).Draft!.Cautions;
        Assert.Equal(told.Length, cautions.Count);
        Assert.All(told.Zip(cautions), pair => Assert.Contains(pair.First, pair.Second, StringComparison.Ordinal));
        var input = Thing.Inches(form, measures, make);
        Assert.Equal(
            cautions,
            SewingCardsTests.Cards(input)[^1].Hints.Where(cautions.Contains).OrderBy(caution => cautions.ToList().IndexOf(caution))
        );
    }

    private static HandingOver Told(string form, string measures, string make)
    {
        var outcome = Drafter.Draft(Thing.Inches(form, measures, make));
        Assert.True(outcome.Draft is not null, string.Join(" ", outcome.Checks.Select(check => check.Text)));
        return HandingOver.Of(
            SewingPlanner.Of(outcome.Draft, outcome.Reading.Specification!),
            outcome.Draft,
            outcome.Reading.Specification!
        );
    }
}
