using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What is said of a cloth beyond its width, and what it does to a job.</summary>
public sealed class ClothOnTheRollTests
{
    private static readonly ClothDocument Plain = new() { Width = Entry.Typed("54") };

    [Fact]
    public void What_the_washing_takes_and_what_is_to_spare_are_in_the_sum()
    {
        var cloth = Read(Plain with { Shrinkage = new(Entry.Typed("4"), Entry.Typed("2 %")), Spare = Entry.Typed("10") });
        Assert.Equal(Length.FromInches(54).Times(0.98m) - Length.FromInches(1), cloth.UsableWidth);
        var yardage = Buyer(Cushions.Worked).Buy(cloth, 20);
        Assert.Equal(((yardage.Lay!.Length.Inches + 1) * 1.1) / 0.96, yardage.Need!.Value.Inches, 1e-6);
        var line = new WorkingWriter(LengthFormat.Inches).Line("buy", "Cloth to buy", yardage.Buy!);
        Assert.Matches("^⌈ .* ÷ 0.96 ⌉ to 9$", line.Expression);
        Assert.Equal(yardage.Buy!.Value, LengthReader.Read(line.Expression, LengthUnit.Inch).Length);
    }

    [Fact]
    public void Plates_are_centred_on_the_motif_and_the_boxing_goes_on_below_their_front()
    {
        var cloth = Read(Plain with { Repeat = new(Entry.Typed("12"), Entry.Typed("13 1/2"), Motif: Entry.Typed("27")) });
        var yardage = Buyer(
                Cushions.Worked with
                {
                    Measures = Cushions.Typed(("width", "12"), ("depth", "10"), ("thickness", "3")),
                    Options = new Dictionary<string, string>(),
                }
            )
            .Buy(cloth, 40);
        Assert.Empty(yardage.Checks);
        var pieces = yardage.Pieces.ToDictionary(piece => piece.LayId);
        var motifs = new List<(double X, double Y)>();
        foreach (var placement in yardage.Lay!.Placements)
        {
            var piece = pieces[placement.Piece].Piece;
            var stitched = piece.StitchLine.Bounds;
            var (left, low) = (
                placement.X.Inches - piece.CutLine.Bounds.Left.Inches,
                placement.Y.Inches - piece.CutLine.Bounds.Bottom.Inches
            );
            if (piece.Id == "plate")
            {
                motifs.Add((left + ((stitched.Left + stitched.Right).Inches / 2), low + ((stitched.Bottom + stitched.Top).Inches / 2)));
            }
            else if (piece.Id == "boxing")
            {
                // 10 deep: above its top stitch line half a plate would lie.
                motifs.Add((left + ((stitched.Left + stitched.Right).Inches / 2), low + stitched.Top.Inches + 5));
            }
        }

        Assert.Equal(3, motifs.Count);
        Assert.All(motifs, motif => Assert.Equal(0, Off(motif.X - 26.5, 13.5), 1e-4)); // 27 from the edge is 26½ from the selvage
        Assert.All(motifs, motif => Assert.Equal(0, Off(motif.Y - motifs[0].Y, 12), 1e-4));
        static double Off(double distance, double repeat) => Math.Abs(distance - (Math.Round(distance / repeat) * repeat));
    }

    [Fact]
    public void What_has_no_place_in_the_pattern_is_told_and_laid_all_the_same()
    {
        var wide = Cushions.Worked with { Measures = Cushions.Typed(("width", "48"), ("depth", "19"), ("thickness", "4")) };
        var met = Read(Plain with { Repeat = new(Width: Entry.Typed("9"), Motif: Entry.Typed("27")) });
        Assert.DoesNotContain(Buyer(wide).Buy(met, 5).Checks, check => check.Code == "pattern-not-met");
        var yardage = Buyer(wide).Buy(Read(Plain with { Repeat = new(Width: Entry.Typed("9"), Motif: Entry.Typed("23")) }), 5);
        var check = Assert.Single(yardage.Checks, check =>
            check.Code == "pattern-not-met" && check.Text.StartsWith("Plate", StringComparison.Ordinal)
        );
        Assert.Equal((CheckLevel.Warning, "cloth.repeatWidth"), (check.Level, check.Measure));
        Assert.NotNull(yardage.Buy);
    }

    [Fact]
    public void Pins_are_kept_and_one_that_cannot_stay_is_told_and_left_out()
    {
        var free = Buyer(Cushions.Worked).Buy(Read(Plain), 20);
        var plate = free.Lay!.Placements.First(placement =>
            placement.Piece.EndsWith("/plate", StringComparison.Ordinal) && placement.Copy == 1
        ) with
        {
            X = Length.FromInches(10),
            Y = Length.FromInches(40),
        };
        var cloth = Read(Plain) with
        {
            Pinned = [plate, plate with { Copy = 2, Y = Length.FromInches(41) }, plate with { Piece = "gone/plate" }],
        };
        var yardage = Buyer(Cushions.Worked).Buy(cloth, 20);
        Assert.Contains(plate, yardage.Lay!.Placements);
        Assert.Equal(free.Lay.Placements.Count, yardage.Lay.Placements.Count);
        Assert.Equal(2, yardage.Checks.Count(check => check.Code == "pin-left-out"));
        Assert.Contains(yardage.Checks, check =>
            check.Text.StartsWith("“Plate” is pinned over another pinned piece", StringComparison.Ordinal)
        );
        var folded = Buyer(Cushions.Worked)
            .Buy(cloth with { OnFold = true, Remnants = [new("end", Length.FromInches(20), Length.FromInches(20))] }, 5);
        Assert.Equal(["pins-on-fold", "remnants-on-fold"], folded.Checks.Select(check => check.Code));
    }

    [Fact]
    public void A_lay_that_was_kept_is_never_given_up_for_a_longer_one_and_falls_away_when_a_measure_changes()
    {
        var (cloth, job) = (Read(Plain), Buyer(Cushions.Worked with { Count = 4 }));
        var kept = job.Buy(cloth, 600).Lay!;
        Assert.True(job.Buy(cloth with { Kept = kept.Placements }, 1).Lay!.Length <= kept.Length);
        var larger = Buyer(
            Cushions.Worked with
            {
                Count = 4,
                Measures = Cushions.Typed(("width", "25"), ("depth", "19"), ("thickness", "4")),
            }
        );
        Assert.Equal(larger.Buy(cloth, 10).Lay!.Length, larger.Buy(cloth with { Kept = kept.Placements }, 10).Lay!.Length);
    }

    [Fact]
    public void Flaws_and_remnants_that_are_half_said_wait_and_the_others_count()
    {
        Entry Typed(string text) => Entry.Typed(text);
        var reading = ClothReader.Read(
            Plain with
            {
                Flaws =
                [
                    new(Typed("10"), Typed("12"), null, Typed("")),
                    new(Typed("20"), null, null, null),
                    new(null, null, null, null),
                    new(Typed("5"), Typed("6"), Typed("0"), Typed("1/4")),
                ],
                Remnants =
                [
                    new("blue end", null, Typed("30"), Typed("20")),
                    new("", null, Typed("30"), null),
                    new("blue end", null, Typed("31"), Typed("20")),
                ],
            },
            LengthUnit.Inch
        );
        Assert.Equal(["flaw-unfinished", "remnant-unfinished"], reading.Checks.Select(check => check.Code));
        Assert.Equal(
            new Flaw(Length.FromInches(10), Length.FromInches(12), Length.Zero, Length.FromInches(53)),
            Assert.Single(reading.Cloth!.Flaws)
        ); // the last lies in the selvage
        Assert.Equal(["blue end", "blue end (3)"], reading.Cloth.Remnants.Select(remnant => remnant.Id));
    }

    [Theory]
    [InlineData("cloth.flaws.0", "flaw-out-of-range")]
    [InlineData("cloth.flaws.1", "unreadable")]
    [InlineData("cloth.remnants.0", "remnant-out-of-range")]
    [InlineData("cloth.repeatLength", "half-drop-without-repeats")]
    [InlineData("cloth.repeatWidth", "motif-without-repeat")]
    [InlineData("cloth.motif", "motif-out-of-range")]
    public void A_slip_in_what_belongs_together_names_its_field(string field, string code)
    {
        Entry Typed(string text) => Entry.Typed(text);
        var input = field switch
        {
            "cloth.flaws.0" => Plain with { Flaws = [new(Typed("12"), Typed("10"), null, null)] },
            "cloth.flaws.1" => Plain with
            {
                Flaws = [new(Typed("1"), Typed("2"), null, null), new(Typed("10"), Typed("a yard"), null, null)],
            },
            "cloth.remnants.0" => Plain with { Remnants = [new("", null, Typed("0"), Typed("10"))] },
            "cloth.repeatLength" => Plain with { Repeat = new(Width: Typed("9"), Match: "half-drop") },
            "cloth.repeatWidth" => Plain with { Repeat = new(Motif: Typed("9")) },
            _ => Plain with { Repeat = new(Width: Typed("9"), Motif: Typed("1/4")) },
        };
        var reading = ClothReader.Read(input, LengthUnit.Inch);
        Assert.Null(reading.Cloth);
        Assert.Equal(
            (code, field),
            Assert.Single(reading.Checks) switch
            {
                var check => (check.Code, check.Measure),
            }
        );
    }

    [Fact]
    public void Remnants_take_what_they_can_and_the_roll_is_bought_for_the_rest()
    {
        var cloth = Read(Plain);
        var plain = Cushions.Worked with { Options = new Dictionary<string, string>() };
        var without = Buyer(plain).Buy(cloth, 20);
        var some = Buyer(plain).Buy(cloth with { Remnants = [new("end", Length.FromInches(30), Length.FromInches(45))] }, 20);
        Assert.Contains(some.Lay!.Placements, placement => placement.Remnant == "end");
        Assert.True(some.Buy!.Value < without.Buy!.Value);
        Assert.InRange(some.Waste!.Value, 0, 1);
        var all = Buyer(Cushions.Worked).Buy(cloth with { Remnants = [new("end", Length.FromInches(53), Length.FromInches(120))] }, 20);
        Assert.Equal(Length.Zero, all.Buy!.Value); // not even an end trim
    }

    [Fact]
    public void On_the_fold_the_same_pieces_are_laid_and_a_pattern_keeps_the_cloth_single()
    {
        var single = Buyer(Cushions.Worked with { Count = 2 }).Buy(Read(Plain), 20);
        var folded = Buyer(Cushions.Worked with { Count = 2 }).Buy(Read(Plain with { Layers = "fold" }), 20);
        Assert.True(folded.Lay!.FoldedTo.IsPositive);
        Assert.Equal(
            single.Lay!.Placements.Select(placement => (placement.Piece, placement.Copy)).Order(),
            folded.Lay.Placements.Select(placement => (placement.Piece, placement.Copy)).Order()
        );
        var patterned = Buyer(Cushions.Worked).Buy(Read(Plain with { Layers = "fold", Repeat = new(Entry.Typed("7")) }), 20);
        Assert.Equal(Length.Zero, patterned.Lay!.FoldedTo);
        Assert.Contains(patterned.Checks, check => check.Code == "pattern-on-fold");
    }

    [Fact]
    public void Padding_is_laid_on_a_cloth_of_its_own_and_not_on_the_covers()
    {
        var board = new CoverInput
        {
            Unit = "mm",
            Form = "board",
            Shape = "pressing-table",
            Construction = "tub-notched",
            Measures = Cushions.Typed(("width", "1200"), ("depth", "750"), ("drop", "75"), ("cornerRadius", "40")),
            Padding = [new(Entry.Typed("6"), "top", 2)],
        };
        var draft = Drafter.Draft(board).Draft;
        Assert.NotNull(draft);
        var padding = draft.Pieces.Where(piece => piece.Cloth == ClothRole.Padding).Sum(piece => piece.Quantity);
        Assert.True(padding > 0);
        var main = Buyer(board).Buy(Read(Plain), 5);
        var inside = Buyer(board).Buy(Read(Plain with { Role = "padding" }), 5);
        Assert.All(main.Pieces, piece => Assert.Equal(ClothRole.Main, piece.Piece.Cloth));
        Assert.Equal(padding, inside.Lay!.Placements.Count);
        Assert.All(inside.Pieces, piece => Assert.Equal(ClothRole.Padding, piece.Piece.Cloth));
    }

    [Fact]
    public void With_quarter_turns_a_lay_is_never_longer_and_uses_turns_it_could_not_before()
    {
        var cover = Cushions.Worked with { Measures = Cushions.Typed(("width", "30"), ("depth", "12"), ("thickness", "4")), Count = 3 };
        var down = Buyer(cover).Buy(Read(Plain), 200);
        var either = Buyer(cover).Buy(Read(Plain with { Grain = "either" }), 200);
        Assert.All(down.Lay!.Placements, placement => Assert.True(placement.Turn is 0 or 180));
        Assert.Contains(either.Lay!.Placements, placement => placement.Turn is 90 or 270);
        Assert.True(either.Lay.Length <= down.Lay.Length);
    }

    [Fact]
    public void What_is_left_and_the_order_of_cuts_are_those_of_the_cloth_bought()
    {
        var (cloth, buyer) = (Read(Plain), Buyer(Cushions.Worked));
        var yardage = buyer.Buy(cloth, 40);
        var end = yardage.Buy!.Value - Length.FromInches(1);
        var offcuts = buyer.OffcutsOf(cloth, yardage);
        Assert.All(offcuts, offcut =>
            Assert.True(offcut.Y + offcut.Length <= end && offcut.Width >= Length.FromInches(12) && offcut.Length >= Length.FromInches(12))
        );
        var cuts = ClothBuyer.CutsOf(cloth, yardage);
        Assert.Equal(yardage.Lay!.Length, cuts[^1].To);
        Assert.Equal(yardage.Lay.Placements.Count, cuts.Sum(stretch => stretch.Pieces.Count));
    }

    private static ClothSpecification Read(ClothDocument input)
    {
        var reading = ClothReader.Read(input, LengthUnit.Inch);
        Assert.Empty(reading.Checks);
        return reading.Cloth!;
    }

    private static ClothBuyer Buyer(params CoverInput[] covers) =>
        new([.. covers.Select((cover, i) => new JobCover($"cover {i}", cover))], LengthUnit.Inch, new Dictionary<Rule, Length>());
}
