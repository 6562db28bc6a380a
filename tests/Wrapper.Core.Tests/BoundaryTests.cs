using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Figures that lie just on a limit: what is exactly as much as may be is still right, and a hair more is not.</summary>
public sealed class BoundaryTests
{
    [Theory]
    [InlineData("54 1/4", 1)] // the boxing is 80½ − 27¼ and two seams: 54¼, just the cloth
    [InlineData("54 3/16", 2)]
    public void A_strip_just_as_long_as_the_cloth_is_wide_is_not_joined(string usable, int parts)
    {
        var draft = Thing.Drafted(Thing.Inches("box-cushion", "width=21_1/4 depth=19 thickness=4", "usable=" + usable.Replace(' ', '_')));
        Assert.Equal(parts, draft.Pieces.Where(piece => piece.Id == "boxing").Sum(piece => piece.PerCover));
    }

    [Theory]
    [InlineData("1", false)] // the corners are kept clear by 1: an opening of 18 on 20, just nine tenths
    [InlineData("1 1/16", true)]
    public void A_zip_of_just_nine_tenths_of_the_width_is_enough_between_panels(string clear, bool isSmall)
    {
        var outcome = Drafter.Draft(
            Thing.Inches("box-cushion", "width=20 depth=19 thickness=4", "construction=panels-folded r.zipClear=" + clear.Replace(' ', '_'))
        );
        Assert.Equal(isSmall, outcome.Checks.Any(check => check.Code == "opening-too-small"));
    }

    [Fact]
    public void Bias_strips_are_as_many_as_the_piped_edges_take_and_not_one_more()
    {
        const double Usable = 53;
        const double Seam = 0.5;
        var (strip, join) = (Usable * Math.Sqrt(2), 2 * Seam * Math.Sqrt(2));
        for (var quarters = 40; quarters < 400; quarters++)
        {
            var width = quarters / 4.0;
            var draft = Thing.Drafted(
                Thing.Inches("box-cushion", FormattableString.Invariant($"width={width} depth=19 thickness=4"), "o.piping=both usable=53")
            );
            var casing = draft.Pieces.Single(piece => piece.Id == "piping");

            // Two edges with a lap of 3 each, joined on the straight grain; the slanted ends take the casing's width once.
            var runs = 2 * ((2 * (width + 19)) + 3);
            var needed = runs + casing.CutLength.Value.Millimetres / 25.4;
            var count = 1;
            while ((count * strip) - ((count - 1) * join) < needed - 1e-9)
            {
                count++;
            }

            Assert.Equal(count, casing.Quantity);
        }
    }

    /// <summary>An outline taken off an old cover that has shrunk is the outline as it was, point by point and rise by rise.</summary>
    [Theory]
    [InlineData("0.05", "0.03")]
    [InlineData("0.2", "0")]
    [InlineData("0", "0.1")]
    public void An_outline_off_an_old_cover_is_drafted_as_it_was_before_it_shrank(string along, string across)
    {
        var (down, over) = (Share(along), Share(across));
        var old = Outlined("from=old-cover", 1, 1, 1) with
        {
            Rules = Cushions.Typed(("shrinkage.along", along), ("shrinkage.across", across)),
        };
        var now = Outlined("", 1 - over, 1 - down, 1 - ((over + down) / 2));
        var (was, is_) = (Thing.Drafted(old), Thing.Drafted(now));
        var (first, second) = (
            was.Pieces.First(piece => piece.Id == "plate").StitchLine,
            is_.Pieces.First(piece => piece.Id == "plate").StitchLine
        );
        Assert.Equal(second.Bounds.Width.Millimetres, first.Bounds.Width.Millimetres, 0.001);
        Assert.Equal(second.Bounds.Height.Millimetres, first.Bounds.Height.Millimetres, 0.001);
        Assert.Equal(second.Edges.Sum(edge => edge.Length.Millimetres), first.Edges.Sum(edge => edge.Length.Millimetres), 0.002);
        // and so the thing says, whose curves grew with it
        Assert.True(Proof.FoldUp.Of(was).Holds, string.Join(" ", Proof.FoldUp.Of(was).Problems));

        static double Share(string text) => double.Parse(text, System.Globalization.CultureInfo.InvariantCulture);
    }

    [Theory]
    [InlineData("wide", "10", "Station 2, from the front")]
    [InlineData("10", "wide", "Station 2, width")]
    [InlineData("-1", "10", "Station 2:")]
    public void A_station_that_cannot_be_read_is_told_by_its_number(string at, string width, string said)
    {
        StationInput[] stations =
        [
            new(Entry.Typed("0"), Entry.Typed("12")),
            new(Entry.Typed(at), Entry.Typed(width)),
            new(Entry.Typed("20"), Entry.Typed("12")),
        ];
        var shape = Forms
            .FormCatalogue.All.SelectMany(form => form.Shapes.Select(one => (Form: form.Id, Shape: one)))
            .First(one => one.Shape.List == MeasureList.Stations);
        var input = new CoverInput
        {
            Unit = "in",
            Form = shape.Form,
            Shape = shape.Shape.Id,
            Construction = shape.Shape.Constructions[0],
            Stations = stations,
            Measures = shape
                .Shape.Measures.Where(measure => measure.IsInExamples)
                .ToDictionary(measure => measure.Name, measure => Entry.Typed(measure.ExampleInches)),
        };
        Assert.Contains(Drafter.Draft(input).Checks, check =>
            check.Measure == "stations" && check.Text.StartsWith(said, StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("6 in / 2 in x 5 in", 15)]
    [InlineData("6 in x 5 in / 2 in", 15)]
    [InlineData("12 in / (6 in / 2 in)", 4)]
    public void Lengths_divide_into_numbers(string text, double inches) =>
        Assert.Equal(Units.Length.FromMillimetres(inches * 25.4), Units.LengthReader.Read(text, Units.LengthUnit.Inch).Length);

    private static CoverInput Outlined(string said, double over, double down, double middle)
    {
        PointInput At(double x, double y, double rise) => new(Typed(x / over), Typed(y / down), Typed(rise / middle));
        return Thing.Millimetres("box-cushion", "shape=outline thickness=100", said) with
        {
            Points = [At(0, 0, 40), At(600, 0, 0), At(600, 500, 30), At(0, 500, 0)],
        };

        static Entry Typed(double millimetres) => Entry.Number((decimal)millimetres);
    }
}
