using CsCheck;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class LengthReaderTests
{
    [Theory]
    [InlineData("21 1/4", 21.25)]
    [InlineData("21¼", 21.25)]
    [InlineData("21 ¼", 21.25)]
    [InlineData("21-1/4", 21.25)]
    [InlineData("21.25\"", 21.25)]
    [InlineData("21,25", 21.25)]
    [InlineData(".5", 0.5)]
    [InlineData("1' 9 1/4\"", 21.25)]
    [InlineData("1′ 9¼″", 21.25)]
    [InlineData("1 ft 9 1/4", 21.25)]
    [InlineData("1'9\"", 21)]
    [InlineData("1.5 yd", 54)]
    [InlineData("1 yd 4 in", 40)]
    [InlineData("3/8", 0.375)]
    [InlineData("3 13⁄16", 3.8125)]
    [InlineData("36 + 14 1/2", 50.5)]
    [InlineData("2 x 9 1/2", 19)]
    [InlineData("2 × 21¼ + 2 × ½", 43.5)]
    [InlineData("9 1/2 * 2", 19)]
    [InlineData("36 - 14 1/2", 21.5)]
    [InlineData("4 ÷ 2", 2)]
    [InlineData("2 × (3 + 4)", 14)]
    [InlineData("√ ( 3 × 3 + 4 × 4 )", 5)]
    [InlineData("⌈ π × 3⁄16 + 2 × ½ ⌉ to ⅛", 1.625)]
    [InlineData("-3/8", -0.375)]
    [InlineData("21 1/4 in.", 21.25)]
    [InlineData("21 inches", 21)]
    public void Reads_what_people_type_in_an_inch_job(string text, double inches) =>
        Assert.Equal((decimal)inches * 25.4m, Millimetres(text, LengthUnit.Inch));

    [Theory]
    [InlineData("54 cm", 540)]
    [InlineData("540mm", 540)]
    [InlineData("0.54 m", 540)]
    [InlineData("54,5 cm", 545)]
    [InlineData("2 m 5 cm", 2050)]
    [InlineData("36 + 14 1/2 cm", 505)]
    [InlineData("1200 mm", 1200)]
    [InlineData("0,125 m", 125)]
    [InlineData("1 in", 25.4)]
    [InlineData("2 x 9 1/2 cm", 190)]
    public void Reads_metric_and_says_a_unit_once_for_the_whole_sum(string text, double millimetres) =>
        Assert.Equal((decimal)millimetres, Millimetres(text, LengthUnit.Inch));

    [Fact]
    public void A_bare_number_takes_the_unit_of_the_job()
    {
        Assert.Equal(540m, Millimetres("54", LengthUnit.Centimetre));
        Assert.Equal(54m, Millimetres("54", LengthUnit.Millimetre));
        Assert.Equal(1371.6m, Millimetres("54", LengthUnit.Inch));
    }

    [Theory]
    [InlineData("", 0, "Nothing")]
    [InlineData("21 1/4 inx", 7, "inx")]
    [InlineData("abc", 0, "abc")]
    [InlineData("21 4", 3, "4")]
    [InlineData("21 5/4", 3, "not less than one")]
    [InlineData("3/0", 0, "0 below the line")]
    [InlineData("1,200 mm", 0, "without the comma")]
    [InlineData("1.2.3", 3, "one point")]
    [InlineData("2 cm x 3 cm", 0, "area")]
    [InlineData("12 +", 4, "number is missing")]
    [InlineData("(12", 3, ")")]
    [InlineData("36 cm + 14", 8, "unit of this number")]
    [InlineData("5 in 3 ft", 5, "cannot follow")]
    [InlineData("4 ÷ 0", 4, "divided by 0")]
    [InlineData("٣", 0, "not a unit or a number")]
    public void Says_where_a_text_stops_making_sense(string text, int position, string inTheProblem)
    {
        var reading = LengthReader.Read(text, LengthUnit.Inch);
        Assert.Null(reading.Length);
        Assert.Equal(position, reading.Position);
        Assert.Contains(inTheProblem, reading.Problem, StringComparison.Ordinal);
    }

    [Fact]
    public void Beyond_anything_measurable_is_said_and_does_not_overflow()
    {
        Assert.Contains("longer than anything", LengthReader.Read(new string('9', 300), LengthUnit.Yard).Problem, StringComparison.Ordinal);
        Assert.Contains("characters", LengthReader.Read(new string('9', 401), LengthUnit.Inch).Problem, StringComparison.Ordinal);
    }

    [Fact]
    public void No_text_whatever_makes_it_throw() =>
        Gen.String[Gen.OneOf(Gen.Char["0123456789 /-+.,'\"×x*÷()⌈⌉π√½¼incmftyd"], Gen.Char), 0, 60]
            .ForMany(text =>
            {
                var reading = LengthReader.Read(text, LengthUnit.Inch);
                Assert.True(reading.Length is not null ^ reading.Problem is not null);
            });

    [Fact]
    public void Inches_printed_to_a_64th_are_read_back_exactly() =>
        Gen.Long[-640_000, 640_000]
            .ForMany(sixtyFourths =>
            {
                var length = Length.FromNanometres(sixtyFourths * (Length.NanometresPerInch / 64));
                Assert.Equal(length, LengthReader.Read(LengthFormat.Inches.Exact(length), LengthUnit.Inch).Length);
            });

    [Fact]
    public void Any_length_printed_exactly_is_read_back_in_every_unit() =>
        Gen.Select(Gen.Long[-20_000_000_000, 20_000_000_000], Choice.Of(LengthUnit.Inch, LengthUnit.Centimetre, LengthUnit.Millimetre))
            .ForMany(
                (nanometres, unit) =>
                {
                    var length = Length.FromNanometres(nanometres);
                    Assert.Equal(length, LengthReader.Read(LengthFormat.For(unit).Exact(length), unit).Length);
                }
            );

    private static decimal Millimetres(string text, LengthUnit bare)
    {
        var reading = LengthReader.Read(text, bare);
        Assert.True(reading.Length is not null, reading.Problem);
        return reading.Length.Value.Nanometres / 1_000_000m;
    }
}
