using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What a cloth asks for by what it is like.</summary>
public sealed class TraitChecksTests
{
    [Theory]
    [InlineData("in", "1/2", "5/8", true)]
    [InlineData("in", "5/8", "5/8", false)]
    [InlineData("mm", "12", "15", true)]
    [InlineData("mm", "15", "15", false)]
    public void A_cloth_that_frays_asks_for_wider_seams(string unit, string seam, string asked, bool isTold)
    {
        var checks = Drafter.Draft(Seat(unit, seam, ClothTrait.Frays)).Checks;
        var told = checks.SingleOrDefault(check => check.Code == "frays-at-seam");
        Assert.Equal(isTold, told is not null);
        if (told is not null)
        {
            Assert.Equal((CheckLevel.Note, "seam"), (told.Level, told.Measure));
            Assert.Contains("“a”", told.Text, StringComparison.Ordinal);
            var mend = Assert.Single(told.Mends!);
            Assert.Equal("rules.seam", mend.Path);
            Assert.Equal(
                LengthReader.Read(asked, unit == "in" ? LengthUnit.Inch : LengthUnit.Millimetre).Length,
                LengthReader.Read(mend.Value, unit == "in" ? LengthUnit.Inch : LengthUnit.Millimetre).Length
            );
            Assert.DoesNotContain(Drafter.Draft(Seat(unit, mend.Value, ClothTrait.Frays)).Checks, check => check.Code == "frays-at-seam");
        }
    }

    [Fact]
    public void A_cloth_that_does_not_fray_asks_for_nothing() =>
        Assert.DoesNotContain(Drafter.Draft(Seat("in", "1/2", ClothTrait.Bulky)).Checks, check => check.Code == "frays-at-seam");

    [Fact]
    public void Only_what_is_cut_from_it_is_asked_after()
    {
        var seat = Seat("in", "1/2", ClothTrait.Bulky);
        var frays = new DraftCloth(Length.FromInches(54), false) { Traits = [ClothTrait.Frays] };
        var both = seat with { Cloths = new Dictionary<string, DraftCloth>(seat.Cloths) { ["b"] = frays } };
        Assert.DoesNotContain(Drafter.Draft(both).Checks, check => check.Code == "frays-at-seam");
        Assert.Contains(
            Drafter.Draft(both with { Roles = new Dictionary<string, IReadOnlyList<string>> { ["bottom"] = ["b"] } }).Checks,
            check => check.Code == "frays-at-seam"
        );

        // Casing is caught in seams and never bears them.
        var piped = both with
        {
            Options = new Dictionary<string, string> { ["piping"] = "both" },
            Roles = new Dictionary<string, IReadOnlyList<string>> { ["piping"] = ["b"] },
        };
        Assert.DoesNotContain(Drafter.Draft(piped).Checks, check => check.Code == "frays-at-seam");
    }

    [Fact]
    public void A_join_that_is_narrower_than_the_seams_is_told_without_widening_them()
    {
        var wide = Seat("in", "5/8", ClothTrait.Frays) with
        {
            Measures = Thing.Inches("box-cushion", "width=70 depth=20 thickness=3").Measures,
            Nap = "one-way",
            Options = new Dictionary<string, string> { ["plates"] = "middle-and-sides" },
        };
        var told = Assert.Single(Drafter.Draft(wide).Checks, check => check.Code == "frays-at-seam");
        Assert.Empty(told.Mends!);
    }

    [Fact]
    public void Every_trait_says_how_it_is_handled()
    {
        Assert.Equal(Enum.GetValues<ClothTrait>(), ClothTraitDefinition.All.Select(trait => trait.Trait));
        Assert.All(ClothTraitDefinition.All, trait => Assert.True(trait.Label.Length > 3 && trait.Handling.EndsWith('.')));
    }

    private static CoverInput Seat(string unit, string seam, ClothTrait trait) =>
        (
            unit == "in"
                ? Thing.Inches("box-cushion", "width=20 depth=18 thickness=3")
                : Thing.Millimetres("box-cushion", "width=500 depth=450 thickness=80")
        ) with
        {
            Rules = new Dictionary<string, Entry> { ["seam"] = Entry.Typed(seam) },
            Cloths = new Dictionary<string, DraftCloth> { ["a"] = new(Length.FromInches(54), false) { Traits = [trait] } },
        };
}
