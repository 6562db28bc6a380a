using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class ClothBuyerTests
{
    private static readonly ClothSpecification Cloth54 = new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero);

    [Fact]
    public void What_to_buy_is_the_lay_and_the_end_trim_rounded_up_to_a_quarter_yard()
    {
        var yardage = Buyer(Cushions.Worked).Buy(Cloth54, 30);
        Assert.Equal(yardage.Lay!.Length + Length.FromInches(1), yardage.Need!.Value);
        Assert.Equal(0, yardage.Buy!.Value.Nanometres % Length.FromInches(9).Nanometres);
        Assert.InRange((yardage.Buy.Value - yardage.Need.Value).Nanometres, 0, Length.FromInches(9).Nanometres - 1);
        Assert.Equal(yardage.Need.Value.RoundedUpTo(Length.FromMillimetres(100m)), yardage.BuyInMetres);
        Assert.True(yardage.Buy.Value <= yardage.RuleOfThumb);
    }

    [Fact]
    public void The_houses_step_and_end_trim_are_kept()
    {
        var house = new Dictionary<Rule, Length> { [Rule.BuyStep] = Length.FromInches(36), [Rule.EndTrim] = Length.FromInches(4) };
        var yardage = new ClothBuyer([new("one", Cushions.Worked)], LengthUnit.Inch, house).Buy(Cloth54, 5);
        Assert.Equal(yardage.Lay!.Length + Length.FromInches(4), yardage.Need!.Value);
        Assert.Equal(0, yardage.Buy!.Value.Nanometres % Length.FromInches(36).Nanometres);
    }

    [Fact]
    public void The_casing_is_in_the_length_to_buy()
    {
        var plain = Buyer(Cushions.Worked with { Options = new Dictionary<string, string>() }).Buy(Cloth54, 30);
        var piped = Buyer(Cushions.Worked).Buy(Cloth54, 30);
        Assert.True(piped.Lay!.Length >= plain.Lay!.Length);
        var casing = Assert.Single(piped.Pieces, piece => piece.Piece.Id == "piping");

        // 2 runs of 83½ and 1⅝ of slant: 2·53√2 − √2 gives 148.5, so three strips; 53 + 3 · 1⅝√2 of cloth.
        Assert.Equal(3, casing.Piece.Quantity);
        Assert.Equal(53 + (3 * 1.625 * Math.Sqrt(2)), casing.Shape.Max(corner => corner.Y).Inches, 1e-6);
    }

    [Fact]
    public void Bias_and_straight_casing_count_their_strips_as_worked()
    {
        // Cloth 54, strip 1⅝ (cord and seam chosen for it), seam ¼: two strips give 152.03.
        Assert.Equal(2, Strips("true", "148"));
        Assert.Equal(3, Strips("true", "152 1/2"));

        // On the straight grain two strips give 2 × 54 − ½ = 107½.
        Assert.Equal(2, Strips("false", "107 1/2"));
        Assert.Equal(3, Strips("false", "107 9/16"));

        static int Strips(string bias, string run)
        {
            // One run of P + 3: the width makes P what is wanted. cord ⅓ of an inch makes the casing 1.547, up to 1⅝.
            var width = LengthReader.Read($"({run} - 3 - 20) ÷ 2", LengthUnit.Inch).Length!.Value;
            var draft = BoxingStripTests.Draft(
                new CoverInput
                {
                    Unit = "in",
                    Form = "box-cushion",
                    Measures = new Dictionary<string, Entry>
                    {
                        ["width"] = Entry.Number(width.Nanometres / 1e6m),
                        ["depth"] = Entry.Typed("10"),
                        ["thickness"] = Entry.Typed("3"),
                    },
                    Rules = Cushions.Typed(("seam", "1/4"), ("cord", "1/3")),
                    Options = new Dictionary<string, string> { ["piping"] = "top", ["bias"] = bias },
                    UsableWidth = Entry.Typed("54"),
                }
            );
            var piping = draft.Pieces.Single(piece => piece.Id == "piping");
            Assert.Equal("1⅝", draft.Format.Rounded(piping.CutLength.Value));
            return piping.Quantity;
        }
    }

    [Fact]
    public void Every_piece_of_every_cover_alike_is_laid()
    {
        var yardage = Buyer(
                Cushions.Worked with
                {
                    Count = 3,
                    UsableWidth = null,
                },
                Cushions.Worked with
                {
                    Options = new Dictionary<string, string>(),
                }
            )
            .Buy(Cloth54, 10);
        Assert.Equal(
            6 + 6 + (2 * 3) + 1,
            yardage.Lay!.Placements.Count(placement => placement.Piece.StartsWith("cover 0/", StringComparison.Ordinal))
        );
        Assert.Equal(
            2 + 2 + 2,
            yardage.Lay.Placements.Count(placement => placement.Piece.StartsWith("cover 1/", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void A_cover_that_cannot_be_drafted_is_left_out_and_named()
    {
        var yardage = Buyer(Cushions.Worked, Cushions.Worked with { Measures = Cushions.Typed(("width", "21")) }).Buy(Cloth54, 5);
        Assert.Equal(["cover 1"], yardage.LeftOut);
        Assert.NotNull(yardage.Buy);
    }

    [Fact]
    public void Pieces_meet_the_pattern_where_the_repeat_says()
    {
        var repeat = Length.FromInches(7);
        var yardage = Buyer(Cushions.Worked with { Count = 2 }).Buy(Cloth54 with { RepeatLength = repeat }, 20);
        var pieces = yardage.Pieces.ToDictionary(piece => piece.LayId);
        var lines = yardage
            .Lay!.Placements.Select(placement =>
                (
                    placement.Y,
                    Line: pieces[placement.Piece].Piece.Id switch
                    {
                        "plate" => Length.FromInches(0, 1, 2),
                        "boxing" => Length.FromInches(4, 1, 2),
                        _ => Length.Zero,
                    }
                )
            )
            .Where(placement => placement.Line.IsPositive)
            .Select(placement => (placement.Y + placement.Line).Nanometres % repeat.Nanometres)
            .ToList();
        Assert.True(lines.Count >= 6);
        Assert.Single(lines.Distinct()); // plates' front and boxing's top stitch line on the same thread
    }

    [Fact]
    public void Widths_are_compared_with_what_each_forces_and_marked_for_what_each_does_best()
    {
        var seats = Cushions.Worked with
        {
            Count = 3,
            Measures = Cushions.Typed(("width", "48 1/2"), ("depth", "21 1/4"), ("thickness", "4")),
        };
        var chosen = Buyer(seats).Buy(Cloth54, 200);
        var widths = Buyer(seats).Compare(Cloth54, chosen, SoldWidth.Offered(Cloth54, 18.5m, LengthUnit.Inch), 10);
        Assert.Same(chosen, widths[1].Yardage);
        Assert.Equal(["45 in", "54 in", "60 in", "137 cm", "150 cm", "280 cm"], widths.Select(width => width.Width.Name));
        Assert.Equal(
            ["45 in", "280 cm"],
            widths.Where(width => width.Marks.Contains(WidthMark.FewestJoins)).Select(width => width.Width.Name)
        ); // none at either
        double Area(WidthComparison width) => width.Yardage.Buy!.Value.Millimetres * width.Width.Width.Millimetres;
        Assert.Equal(widths.Min(Area), Area(Assert.Single(widths, width => width.Marks.Contains(WidthMark.LeastCloth))));
        Assert.Equal(
            ("54 in", Math.Round(chosen.Buy!.Value.Nanometres / 914_400_000m * 18.5m, 2)),
            (Assert.Single(widths, width => width.Cost is not null).Width.Name, widths[1].Cost)
        ); // no price, no money
        Assert.DoesNotContain(widths, width => width.Marks.Contains(WidthMark.LeastMoney)); // nothing to hold it against
        // nothing to tell it from
        Assert.All(Buyer(seats).Compare(Cloth54, chosen, [new(ClothWidth.Usual[1], null)], 10), width => Assert.Empty(width.Marks));
        Assert.Contains(widths[0].Yardage.Drafts["cover 0"].Checks, check => check.Code == "piece-wider-than-cloth");
        Assert.True(widths[1].Yardage.Joins > widths[5].Yardage.Joins);
    }

    [Fact]
    public void A_width_nobody_sells_is_not_offered_and_each_costs_what_is_said_of_it()
    {
        var read = ClothReader.Read(
            new()
            {
                Width = Entry.Typed("54"),
                Price = Entry.Typed("18.50"),
                SoldIn =
                [
                    new(Entry.Typed("280 cm"), Entry.Typed("21")),
                    new(Entry.Typed("60"), Entry.Typed("60.00")),
                    new(Entry.Typed("54"), Entry.Typed("99")),
                    new(Entry.Typed("45"), null),
                    new(null, null),
                ],
            },
            LengthUnit.Inch
        );
        Assert.Empty(read.Checks);
        var seats = Cushions.Worked with
        {
            Count = 3,
            Measures = Cushions.Typed(("width", "48 1/2"), ("depth", "21 1/4"), ("thickness", "4")),
        };
        var offered = SoldWidth.Offered(read.Cloth!, read.Price, LengthUnit.Inch);
        Assert.Equal(
            [("45 in", null), ("54 in", 18.5m), ("60 in", 60m), ("280 cm", 21m)],
            offered.Select(sold => (sold.Width.Name, sold.Price))
        );
        var widths = Buyer(seats).Compare(read.Cloth!, Buyer(seats).Buy(read.Cloth!, 50), offered, 10);
        var least = Assert.Single(widths, width => width.Marks.Contains(WidthMark.LeastMoney));
        Assert.Equal(widths.Min(width => width.Cost), least.Cost);
        Assert.NotEqual("60 in", least.Width.Name);
        Assert.Null(widths[0].Cost);
    }

    [Theory]
    [InlineData("", "12", "sold-width-unfinished", "cloth.soldIn.0")]
    [InlineData("4", "12", "cloth-width-out-of-range", "cloth.soldIn.0")]
    [InlineData("60", "dear", "unreadable", "cloth.soldIn.0")]
    [InlineData("wide", "12", "unreadable", "cloth.soldIn.0")]
    public void A_slip_in_a_width_it_is_sold_in_is_said_at_its_row(string width, string price, string code, string field)
    {
        var check = Assert.Single(
            ClothReader
                .Read(new() { Width = Entry.Typed("54"), SoldIn = [new(Entry.Typed(width), Entry.Typed(price))] }, LengthUnit.Inch)
                .Checks
        );
        Assert.Equal((code, field), (check.Code, check.Measure));
    }

    [Theory]
    [InlineData("in", "27 1/4", "28 in")]
    [InlineData("in", "48", "48 in")]
    [InlineData("in", "6", "7 in")]
    [InlineData("cm", "69,2 cm", "70 cm")]
    [InlineData("mm", "692 mm", "700 mm")]
    public void A_zip_is_bought_at_the_next_length_sold(string unit, string teeth, string sold)
    {
        var lengthUnit = unit switch
        {
            "in" => LengthUnit.Inch,
            "cm" => LengthUnit.Centimetre,
            _ => LengthUnit.Millimetre,
        };
        var next = NotionBuyer.NextZipSold(LengthReader.Read(teeth, lengthUnit).Length!.Value, lengthUnit);
        Assert.Equal(sold, LengthFormat.For(lengthUnit).RoundedWithUnit(next!.Value));
    }

    [Fact]
    public void A_zip_off_the_roll_is_bought_as_it_is_cut_and_like_things_stand_in_one_line()
    {
        var seats = Cushions.Worked with
        {
            Count = 3,
            Measures = Cushions.Typed(("width", "48 1/2"), ("depth", "21 1/4"), ("thickness", "4")),
        };
        var drafts = new[]
        {
            BoxingStripTests.Draft(seats),
            BoxingStripTests.Draft(Cushions.Worked),
            BoxingStripTests.Draft(Cushions.Worked),
        };
        var list = NotionBuyer.ListOf(drafts, LengthUnit.Inch, Length.FromInches(9));
        Assert.Equal(
            [
                "cord 1: Piping cord, 33¼ yd",
                "foam 2: Foam block, 21¼ × 19 × 4 in",
                "foam 3: Foam block, 48½ × 21¼ × 4 in",
                "thread 1: Thread, 112 yd",
                "zip-roll 2: Zip off the roll, 28¼ in",
                "zip-roll 3: Zip off the roll, 55½ in",
            ],
            list.Select(line => $"{line.Kind.Word()} {line.Quantity}: {line.Text}").Order(StringComparer.Ordinal)
        );
    }

    [Theory]
    [InlineData("zip", "zip-roll: Zip off the roll, 17½ in")] // cut to the piece's cut width: 13 3/4 + 2 3/4 + 2 × 1/2
    [InlineData("closed-end-zip", "zip: Zip, 14 in")] // the next sold with teeth of 13 3/4 or more
    public void A_folded_wrap_is_bought_the_zip_it_was_drafted_for(string closure, string bought)
    {
        var draft = Thing.Drafted(
            Thing.Inches("box-cushion", "width=13_3/4 depth=13_3/4 thickness=2_3/4", $"construction=wrap-folded o.closure={closure}")
        );
        var zip = Assert.Single(NotionBuyer.ListOf([draft], LengthUnit.Inch, Length.FromInches(9)), line =>
            line.Kind.Word().StartsWith("zip", StringComparison.Ordinal)
        );
        Assert.Equal(bought, $"{zip.Kind.Word()}: {zip.Text}");
    }

    [Fact]
    public void A_zip_of_a_fixed_length_longer_than_any_sold_comes_off_the_roll()
    {
        var draft = Thing.Drafted(
            Thing.Inches("box-cushion", "width=48_1/2 depth=21_1/4 thickness=4", "construction=boxing-strip o.closure=closed-end-zip")
        );
        var list = NotionBuyer.ListOf([draft], LengthUnit.Inch, Length.FromInches(9));
        Assert.Contains(list, line => line.Text == "Zip off the roll, 54½ in of teeth");
    }

    [Theory]
    [InlineData("width", "", "measure-missing")]
    [InlineData("width", "54 ni", "unreadable")]
    [InlineData("width", "3 in", "cloth-width-out-of-range")]
    [InlineData("width", "11 m", "cloth-width-out-of-range")]
    [InlineData("selvage", "26", "selvage-out-of-range")]
    [InlineData("repeatLength", "-1", "repeat-out-of-range")]
    [InlineData("price", "cheap", "unreadable")]
    [InlineData("nap", "up", "unknown-choice")]
    [InlineData("grain", "up", "unknown-choice")]
    [InlineData("layers", "two", "unknown-choice")]
    [InlineData("role", "flag", "unknown-choice")]
    [InlineData("match", "drop", "unknown-choice")]
    [InlineData("repeatWidth", "6 m", "repeat-across-out-of-range")]
    [InlineData("space", "5", "space-between-pieces-out-of-range")]
    [InlineData("curveSpace", "-1/8", "space-at-curves-out-of-range")]
    [InlineData("shrinkageAlong", "a bit", "unreadable")]
    [InlineData("shrinkageAcross", "31", "shrinkage-across-out-of-range")]
    [InlineData("spare", "101 %", "spare-out-of-range")]
    public void A_slip_in_the_cloth_names_its_field(string field, string text, string code)
    {
        var input = new ClothDocument { Width = Entry.Typed("54"), Price = Entry.Typed("18,50") };
        Assert.Equal(18.50m, ClothReader.Read(input, LengthUnit.Inch).Price);
        Assert.Equal(Length.FromInches(53), ClothReader.Read(input, LengthUnit.Inch).Cloth!.UsableWidth);
        var reading = ClothReader.Read(
            field switch
            {
                "width" => input with { Width = Entry.Typed(text) },
                "selvage" => input with { Selvage = Entry.Typed(text) },
                "repeatLength" => input with { Repeat = new(Entry.Typed(text)) },
                "price" => input with { Price = Entry.Typed(text) },
                "grain" => input with { Grain = text },
                "layers" => input with { Layers = text },
                "role" => input with { Role = text },
                "match" => input with { Repeat = new(Match: text) },
                "repeatWidth" => input with { Repeat = new(Width: Entry.Typed(text)) },
                "space" => input with { Space = Entry.Typed(text) },
                "curveSpace" => input with { CurveSpace = Entry.Typed(text) },
                "shrinkageAlong" => input with { Shrinkage = new(Entry.Typed(text)) },
                "shrinkageAcross" => input with { Shrinkage = new(Across: Entry.Typed(text)) },
                "spare" => input with { Spare = Entry.Typed(text) },
                _ => input with { Nap = text },
            },
            LengthUnit.Inch
        );
        var check = Assert.Single(reading.Checks);
        Assert.Equal((code, $"cloth.{field}"), (check.Code, check.Measure));
        Assert.Null(reading.Cloth);
    }

    private static ClothBuyer Buyer(params CoverInput[] covers) =>
        new([.. covers.Select((cover, i) => new JobCover($"cover {i}", cover))], LengthUnit.Inch, new Dictionary<Rule, Length>());
}
