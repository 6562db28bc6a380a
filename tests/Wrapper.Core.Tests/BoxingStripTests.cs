using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class BoxingStripTests
{
    [Fact]
    public void The_worked_example_comes_out_to_the_sixteenth()
    {
        var draft = Draft(Cushions.Worked);
        Assert.Equal(["plate 2: 22¼ × 20", "zip-boxing 2: 28¼ × 3¼", "boxing 1: 58¼ × 5"], Sizes(draft));
        Assert.All(draft.Pieces, piece =>
        {
            Assert.True(draft.Format.IsWhole(piece.CutWidth.Value));
            Assert.True(draft.Format.IsWhole(piece.CutLength.Value));
        });
        Assert.Equal("80½", Finished(draft, "P"));
        Assert.Equal("27¼", Finished(draft, "Z"));
        var piping = draft.Notions.Single(notion => notion.Kind.Word() == "piping");
        Assert.Equal((2, "83½"), (piping.Quantity, draft.Format.Rounded(piping.Length.Value)));
    }

    [Fact]
    public void A_plain_join_needs_no_lap()
    {
        var draft = Draft(Cushions.Worked with { Options = new Dictionary<string, string>() });
        Assert.Contains("boxing 1: 54¼ × 5", Sizes(draft));
        Assert.DoesNotContain(draft.Notions, notion => notion.Kind.Word() == "piping");
    }

    [Fact]
    public void The_same_in_metric_is_the_exact_conversion()
    {
        var inches = Draft(Cushions.Worked);
        var metric = Draft(
            Cushions.Worked with
            {
                Unit = "mm",
                Measures = Cushions.Typed(("width", "539.75"), ("depth", "482.6 mm"), ("thickness", "10.16 cm")),
                Rules = Cushions.Typed(
                    ("seam", "12.7"),
                    ("zip", "19,05"),
                    ("zipTurn", "76.2"),
                    ("pocketLap", "25.4"),
                    ("pipingLap", "76.2")
                ),
            }
        );
        Assert.Equal(
            inches.Pieces.Select(piece => (piece.Key, piece.CutWidth.Value, piece.CutLength.Value)),
            metric.Pieces.Select(piece => (piece.Key, piece.CutWidth.Value, piece.CutLength.Value))
        );
    }

    [Fact]
    public void A_metric_house_has_its_own_defaults_and_not_conversions()
    {
        var draft = Draft(
            new CoverInput
            {
                Unit = "mm",
                Form = "box-cushion",
                Measures = Cushions.Typed(("width", "540"), ("depth", "480"), ("thickness", "100")),
            }
        );
        Assert.Equal(["plate 2: 564 × 504", "zip-boxing 2: 714 × 82", "boxing 1: 1374 × 124"], Sizes(draft));
    }

    [Fact]
    public void Unsaid_unit_is_taken_from_the_first_measure_that_names_one()
    {
        Assert.Equal(LengthUnit.Inch, Draft(Bare("21 1/4", "19 in", "4")).Format.Unit);
        Assert.Equal(LengthUnit.Centimetre, Draft(Bare("54", "48 cm", "10")).Format.Unit);
        Assert.Equal(LengthUnit.Millimetre, Draft(Bare("540", "480", "100")).Format.Unit);

        static CoverInput Bare(string width, string depth, string thickness) =>
            new() { Form = "box-cushion", Measures = Cushions.Typed(("width", width), ("depth", depth), ("thickness", thickness)) };
    }

    [Fact]
    public void A_set_is_counted_and_one_cover_is_proved()
    {
        var one = Draft(Cushions.Worked);
        var six = Draft(Cushions.Worked with { Count = 6 });
        Assert.Equal(one.Pieces.Select(piece => 6 * piece.Quantity), six.Pieces.Select(piece => piece.Quantity));
        Assert.Equal(one.Seams.Count, six.Seams.Count);
        Assert.Equal(12, six.Notions.Single(notion => notion.Kind.Word() == "piping").Quantity);
    }

    [Fact]
    public void The_ledger_names_the_seam_of_a_piece_that_is_two_millimetres_short()
    {
        var draft = Draft(Cushions.Worked);
        Assert.All(draft.Ledger, entry => Assert.Equal(Length.Zero, entry.Difference));
        var shorter = draft
            .Pieces.Select(piece =>
                piece.Key != "boxing" ? piece : piece with { StitchLine = Shortened(piece.StitchLine, "front", Length.FromMillimetres(2m)) }
            )
            .ToList();

        var open = SeamLedger.Measure(shorter, draft.Seams).Where(entry => !entry.Meets).Select(entry => entry.Seam.Id);
        Assert.Equal(["bottom-front", "top-front"], open.Order());
    }

    [Theory]
    [InlineData("filling", "22¼ × 20", "3 5⁄16")]
    [InlineData("padded-filling", "22¼ × 20", "3 1⁄16")]
    [InlineData("space", "22¼ × 20", "3 1⁄16")]
    [InlineData("old-cover", "23⅜ × 21", "3 3⁄16")]
    public void What_was_measured_decides_the_finished_size(string from, string plate, string zipBoxingHeight)
    {
        var draft = Draft(
            Cushions.Worked with
            {
                MeasuredFrom = from,
                Padding = [new(Entry.Typed("1/4"), "top-and-bottom")],
                Rules = Cushions.Typed(("fit.thickness", "-3/8"), ("shrinkage.across", "0.05"), ("shrinkage.along", "5%")),
            }
        );
        Assert.Equal($"plate 2: {plate}", Sizes(draft)[0]);
        Assert.EndsWith(zipBoxingHeight, Sizes(draft)[1], StringComparison.Ordinal);
    }

    [Fact]
    public void The_foam_to_order_for_a_space_is_a_little_thicker_than_the_border()
    {
        Assert.Equal("4⅜", Foam("space", "in"));
        Assert.Equal("4", Foam("filling", "in"));

        static string Foam(string from, string unit)
        {
            var draft = Draft(Cushions.Worked with { MeasuredFrom = from, Unit = unit });
            return draft.Format.Rounded(draft.Notions.Single(notion => notion.Kind.Word() == "foam").Thickness!.Value);
        }
    }

    [Fact]
    public void Width_fit_goes_on_the_width()
    {
        var draft = Draft(
            Cushions.Worked with
            {
                Measures = Cushions.Typed(("width", "20"), ("depth", "19"), ("thickness", "4")),
                Rules = Cushions.Typed(("fit.width", "-1/4")),
            }
        );
        Assert.Equal("19¾", Finished(draft, "W"));
        Assert.Equal("plate 2: 20¾ × 20", Sizes(draft)[0]);
    }

    internal static Draft Draft(CoverInput input)
    {
        var outcome = Drafter.Draft(input);
        Assert.True(outcome.Draft is not null, string.Join("; ", outcome.Checks.Select(check => check.Text)));
        return outcome.Draft;
    }

    internal static List<string> Sizes(Draft draft) =>
        [
            .. draft.Pieces.Select(piece =>
                $"{piece.Id} {piece.Quantity}: {draft.Format.Rounded(piece.CutWidth.Value)} × {draft.Format.Rounded(piece.CutLength.Value)}"
            ),
        ];

    private static string Finished(Draft draft, string key) =>
        draft.Format.Rounded(draft.Finished.Single(size => size.Key == key).Value.Value);

    /// <summary>The same strip with its stretch along the named edge shorter: everything to the right of it moves in.</summary>
    private static Geometry.Outline Shortened(Geometry.Outline strip, string stretch, Length by)
    {
        var from = strip[$"bottom-{stretch}"].Start.X;
        Geometry.Point Move(Geometry.Point point) => point.X > from ? point.Moved(-by, Length.Zero) : point;
        return new(strip.Edges.Select(edge => edge with { Start = Move(edge.Start), End = Move(edge.End) }));
    }

    /// <summary>
    /// Wherever the zip ends, also where its pocket ends just at a corner, the boxing is never folded twice at one place.
    /// </summary>
    [Fact]
    public void A_pocket_that_ends_at_a_corner_is_folded_there_once()
    {
        var fewest = int.MaxValue;
        for (var quarters = -12; quarters <= 72; quarters++)
        {
            var draft = Thing.Drafted(
                Thing.Inches(
                    "box-cushion",
                    "width=24 depth=20 thickness=4",
                    FormattableString.Invariant($"o.slidePocket=true r.zipTurn={quarters / 4.0}")
                )
            );
            var places = draft
                .Pieces.Single(piece => piece.Id == "boxing")
                .Folds.Select(fold => fold.Through[0].X.Millimetres)
                .Order()
                .ToList();
            Assert.All(places.Zip(places.Skip(1)), pair =>
                Assert.True(pair.Second - pair.First > 0.02, $"turned {quarters / 4.0}: folded at {pair.First} and {pair.Second}")
            );
            fewest = Math.Min(fewest, places.Count);
        }

        Assert.Equal(6, fewest); // two for each pocket and the front's two corners: nothing was left out but what stood twice
    }
}
