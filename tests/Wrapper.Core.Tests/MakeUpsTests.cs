using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Costing;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Judgement;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Ways of making a thing side by side, the time they take, and what a cloth at hand gives.</summary>
public sealed class MakeUpsTests
{
    private static readonly ClothSpecification Cloth54 = new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero);

    private static readonly Dictionary<Rule, Length> NoRules = [];

    [Fact]
    public void A_knife_edged_pad_takes_its_pieces_its_seam_and_the_turning()
    {
        var outcome = Drafter.Draft(
            Thing.Inches("seat-pad", "width=16 depth=15 thickness=0 count=2") with
            {
                Schools = new Dictionary<string, string> { ["finish"] = "none" },
            }
        );
        var time = SewingTime.Of(SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!), 2);
        // 62 in round, of which 5 1/2 in are closed by hand
        Assert.Equal((4 * 4) + (2 * 0.0254 * ((56.5 * 3) + (5.5 * 12))) + (2 * 10), time.Minutes, 1e-6);
    }

    [Fact]
    public void Every_part_of_a_boxed_cushions_time_is_there_and_a_houses_rate_is_kept()
    {
        var outcome = Drafter.Draft(Thing.Inches("box-cushion", "width=20 depth=20 thickness=4 o.piping=both r.minutesPerPipedSeam=12"));
        var time = SewingTime.Of(SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!), 1);
        double Minutes(string what) => time.Parts.Single(part => part.What == what).Minutes;
        Assert.Equal(4 * outcome.Draft!.Pieces.Sum(piece => piece.Quantity), Minutes("cut and mark"), 1e-9);
        Assert.Equal(2 * 83 * 0.0254 * 3, Minutes("making piping, metres"), 1e-6);
        Assert.Equal(2 * 80 * 0.0254 * (12 - 3), Minutes("applying piping, metres"), 1e-6);
        // round both plates, and the two ends of the zip strip
        Assert.Equal(((2 * 80) + (2 * 4)) * 0.0254 * 3, Minutes("seams, metres"), 1e-6);
        Assert.Equal(((2 * 80) + (2 * 4) + 26) * 0.0254 * 2, Minutes("finishing edges, metres"), 1e-6);
        Assert.Equal(10 + (26 * 0.0254 * 4) + 2, Minutes("zips"), 1e-6); // a bar at both ends
        Assert.Equal(10, Minutes("turning and trying on"), 1e-9);
        Assert.Equal(time.Parts.Sum(part => part.Minutes), time.Minutes, 1e-9);
    }

    [Fact]
    public void An_open_edge_is_hemmed()
    {
        var outcome = Drafter.Draft(Thing.Inches("fitted-sheet", "width=36 length=75 thickness=5"));
        var time = SewingTime.Of(SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!), 1);
        Assert.Equal(2 * (36 + 75) * 0.0254 * 4, time.Parts.Single(part => part.What == "hems and casings, metres").Minutes, 1e-6);
    }

    [Fact]
    public void All_constructions_of_a_cushion_stand_side_by_side_with_cloth_seam_and_time()
    {
        var made = MakeUps.Compare(Cushions.Worked, Cloth54, NoRules, 4);
        var constructions = made.Where(one => one.Change.Kind == "construction").ToList();
        Assert.Equal(
            ["boxing-strip", "wrap-notched", "wrap-folded", "panels-folded", "band-ends", "envelope"],
            constructions.Select(one => one.Change.Word)
        );
        Assert.All(constructions, one =>
            Assert.True(
                one.Draft is not null && one.Yardage!.Buy is not null && one.Time!.Minutes > 0 && one.Seams.IsPositive,
                string.Join("; ", one.Checks.Select(check => check.Text))
            )
        );
        Assert.Equal("boxing-strip", Assert.Single(constructions, one => one.IsChosen).Change.Word);
        Assert.Equal("boxing-strip", Assert.Single(constructions, one => one.IsRecommended).Change.Word);
        Assert.Contains(constructions, one => one.Reason.Contains("least cloth", StringComparison.Ordinal));
        Assert.Contains(constructions, one => one.Reason.Contains("quickest", StringComparison.Ordinal));
    }

    [Fact]
    public void A_way_is_worked_out_as_if_it_were_chosen()
    {
        foreach (var one in MakeUps.Compare(Cushions.Worked, Cloth54, NoRules, 4).Where(one => one.Draft is not null))
        {
            var chosen = Drafter.Draft(ClothBuyer.OnCloth(one.Input, Cloth54)).Draft!;
            Assert.Equal(
                chosen.Pieces.Select(piece => (piece.Key, piece.CutWidth.Value, piece.Quantity)),
                one.Draft!.Pieces.Select(piece => (piece.Key, piece.CutWidth.Value, piece.Quantity))
            );
            var again = MakeUps.Compare(one.Input, Cloth54, NoRules, 1);
            Assert.True(again.Single(other => other.Change == one.Change).IsChosen, $"{one.Change}");
        }
    }

    [Fact]
    public void A_low_wall_is_advised_against_and_snug_foam_is_advised()
    {
        var thin = MakeUps.Compare(Thing.Inches("box-cushion", "width=20 depth=19 thickness=1_1/4"), Cloth54, NoRules, 2);
        Assert.Equal("wrap-folded", thin.Single(one => one is { IsRecommended: true, Change.Kind: "construction" }).Change.Word);
        Assert.Equal("snug", thin.Single(one => one is { IsRecommended: true, Change.Kind: "fit" }).Change.Word);
        Assert.DoesNotContain(thin, one => one.IsRecommended && one.Change.Kind is "piping" or "closure");
    }

    [Fact]
    public void What_cannot_be_made_of_this_cloth_is_there_with_its_reason()
    {
        var nap = Cloth54 with { OneWay = true };
        var made = MakeUps.Compare(Thing.Inches("box-cushion", "width=60 depth=20 thickness=4"), nap, NoRules, 2);
        var wrap = made.Single(one => one.Change.Word == "wrap-folded");
        Assert.Null(wrap.Draft);
        Assert.Contains(wrap.Checks, check => check.Level == CheckLevel.Error);
        Assert.False(wrap.IsRecommended);
    }

    [Fact]
    public void Every_form_and_shape_that_can_be_measured_singly_has_its_ways()
    {
        foreach (var form in FormCatalogue.All)
        {
            foreach (var shape in form.Shapes.Where(shape => shape.List is null))
            {
                var measures = shape
                    .Measures.Where(measure => measure.IsInExamples)
                    .ToDictionary(measure => measure.Name, measure => Entry.Typed(measure.ExampleInches));
                var made = MakeUps.Compare(
                    new()
                    {
                        Unit = "in",
                        Form = form.Id,
                        Shape = shape.Id,
                        Measures = measures,
                    },
                    Cloth54 with
                    {
                        Width = Length.FromInches(110),
                    },
                    NoRules,
                    1
                );
                Assert.Equal(shape.Constructions, made.Where(one => one.Change.Kind == "construction").Select(one => one.Change.Word));
                Assert.Contains(made, one => one.IsChosen && one.Draft is not null);
            }
        }
    }

    [Fact]
    public void The_largest_cover_of_a_cloth_fits_it_and_a_little_larger_does_not()
    {
        var (cloth, length) = (new ClothSpecification(Length.FromInches(40), Length.Zero, false, Length.Zero), Length.FromInches(36));
        var found = ClothAtHand.Find(new(cloth, length), LengthUnit.Inch, NoRules, ["pillowcase", "bolster"]);
        Assert.Contains(found, cover => cover.Form.Id == "bolster");
        foreach (var cover in found)
        {
            Assert.True(cover.Yardage.Lay!.Length <= length);
            var pieces = cover
                .Yardage.Pieces.Select(piece => new LayPiece(piece.LayId, piece.Copies, piece.Shape, piece.Piece.Turns, null))
                .ToList();
            LayVerifier.Verify(
                new()
                {
                    UsableWidth = cloth.UsableWidth,
                    OneWay = false,
                    RepeatLength = Length.Zero,
                    Pieces = pieces,
                },
                cover.Yardage.Lay
            );
            var larger = cover.Measures.ToDictionary(
                measure => measure.Key,
                measure => Entry.Number((decimal)(measure.Value.Millimetres * 1.25))
            );
            var tried = new ClothBuyer(
                [
                    new(
                        "cover",
                        new()
                        {
                            Unit = "in",
                            Form = cover.Form.Id,
                            Shape = cover.Shape.Id,
                            Construction = cover.Construction,
                            Measures = larger,
                        }
                    ),
                ],
                LengthUnit.Inch,
                NoRules
            ).Buy(cloth, 40);
            Assert.True(tried.Lay is null || tried.Lay.Length > length, $"{cover.Form.Id} {cover.Shape.Id}");
        }
    }

    [Fact]
    public void Faces_joined_from_two_towels_make_a_larger_case_than_one_towel_gives()
    {
        var towel = new ClothSpecification(Length.FromInches(27), Length.Zero, false, Length.Zero) { ReadyLength = Length.FromInches(50) };
        var four = towel.UsableLength!.Value + towel.UsableLength.Value + towel.UsableLength.Value + towel.UsableLength.Value;
        var whole = ClothAtHand.Find(new(towel, four), LengthUnit.Inch, NoRules, ["pillowcase"])[0];
        var joined = ClothAtHand.Find(new(towel, four, JoinedFrom: 2), LengthUnit.Inch, NoRules, ["pillowcase"])[0];
        Assert.Equal(["face-front", "face-back"], joined.Pieced);
        Assert.Empty(whole.Pieced);
        Assert.True(joined.Measures["width"] > whole.Measures["width"]);
        Assert.InRange(joined.Yardage.ReadyMade, 1, 4);
        foreach (var place in joined.Yardage.Lay!.Placements)
        {
            var piece = joined.Yardage.Pieces.Single(piece => piece.LayId == place.Piece);
            Assert.Equal(PieceKind.Part, piece.Piece.Kind);
            var tall = (place.Turn % 180 == 0 ? piece.Piece.CutLength : piece.Piece.CutWidth).Value;
            Assert.True((place.Y.Inches % 50) + tall.Inches <= 50 + 1e-3, $"{place.Y} {tall}"); // on one towel
        }
    }

    /// <summary>
    /// Of 20 by 26 in, grown four times less the last halving: 20 × 511/128 = 79.84, 26 × 511/128 = 103.80, each down to a quarter.
    /// </summary>
    [Fact]
    public void A_wide_roll_gives_the_largest_that_is_tried()
    {
        var roll = new ClothSpecification(Length.FromInches(120), Length.Zero, false, Length.Zero);
        var bag = ClothAtHand.Find(new(roll, Length.FromMillimetres(200_000m)), LengthUnit.Inch, NoRules, ["pillowcase"])[0];
        Assert.Equal((Length.FromInches(79, 3, 4), Length.FromInches(103, 3, 4)), (bag.Measures["width"], bag.Measures["length"]));
    }

    [Fact]
    public void What_is_larger_than_the_cloth_is_not_laid_and_what_just_fits_is()
    {
        var buyer = new ClothBuyer([new("a", Cushions.Worked)], LengthUnit.Inch, NoRules);
        var needed = buyer.Estimate(Cloth54, 6).Lay!.Length;
        Assert.Equal(needed, buyer.EstimateWithin(Cloth54, needed, 6)!.Lay!.Length);
        Assert.Null(
            buyer.EstimateWithin(Cloth54, Length.FromMillimetres(50m), 6, () => throw new InvalidOperationException("It was laid."))
        );
    }

    [Fact]
    public void A_cloth_too_small_for_anything_gives_nothing() =>
        Assert.Empty(
            ClothAtHand.Find(
                new(new(Length.FromMillimetres(100m), Length.Zero, false, Length.Zero), Length.FromMillimetres(60m)),
                LengthUnit.Millimetre,
                NoRules,
                ["duvet", "table"]
            )
        );
}
