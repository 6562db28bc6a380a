using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What people type, read in each unit, and lengths shown, as they were.</summary>
public sealed class GoldenReadingTests
{
    private static readonly string[] Typed =
    [
        "21 1/4",
        "21¼",
        "21-1/4",
        "21.25\"",
        "1' 9 1/4\"",
        "1 ft 9",
        "54 cm",
        "540mm",
        "0.54 m",
        "54,5 cm",
        "1.5 yd",
        "36 + 14 1/2",
        "2 x 9 1/2",
        "2 × (9 + 1/2)",
        "36 + 14 1/2 cm",
        "1,200 mm",
        "1,2 m",
        "12",
        "1/3",
        "2/3 in",
        "⅔",
        "3 ⅜ in",
        "-4",
        "4 - 6",
        "−4",
        "10 / 4",
        "10 ÷ 4",
        "π × 3",
        "3 pi",
        "√(9)",
        "√(2) x 10",
        "√(3 x 3 + 4 x 4)",
        "⌈ 3 1/16 ⌉ to 1/8",
        "⌈ 3 ⌉ to 1/8",
        "( 4",
        "4 )",
        "4 4",
        "4 in in",
        "in",
        "",
        " ",
        "1/0",
        "5 x",
        "x 5",
        "1 yd 2 ft 3 in",
        "3 in 2 ft",
        "1 m 20 cm",
        "100 000",
        "1e3",
        "½½",
        "½ 1",
        "4 1/2 1/2",
        "2 ft x 3 ft",
        "9 x 2 / 3",
        "1/2 in + 1 cm",
        "6 1/16”",
        "6 ’ 2 ”",
        "12 feet",
        "3 metres",
        "7.5.3",
        "0x5",
        "4 +",
        "+ 4",
        "4 in + ",
        "(2 + 3) x 4 in",
        "99999999 m",
        "20 m",
        "0.0000001 mm",
        "1 / 3 + 1 / 3 + 1 / 3",
        "12 in - 1 ft",
        "2 - - 3",
        "√(0 - 4)",
        "5 in ok",
        "5 ok",
        "½ ft",
        "3/4",
        "  7  ",
        "7\t1/2",
        "1' 9",
        "1'9\"",
        "5 to 6",
        "⌈ 5",
        "⌈ 5 ⌉",
        "⌈ 5 ⌉ to 0",
    ];

    [Fact]
    public void What_is_typed_is_read_as_it_was() =>
        Golden.Hold(
            "readings.tsv",
            from unit in (LengthUnit[])[LengthUnit.Inch, LengthUnit.Centimetre, LengthUnit.Millimetre]
            from typed in Typed.Select((text, i) => (Text: text, Number: i))
            let reading = LengthReader.Read(typed.Text, unit)
            select (
                $"{unit} {typed.Number}",
                $"“{typed.Text.Replace('\t', ' ')}” {reading.Length?.Nanometres} {reading.Position} {reading.Problem} "
                    + $"{LengthReader.FirstUnit(typed.Text)} {NumberReader.Read(typed.Text)}"
            )
        );

    [Fact]
    public void Lengths_are_shown_as_they_were() =>
        Golden.Hold(
            "shown.tsv",
            from unit in (LengthUnit[])[LengthUnit.Inch, LengthUnit.Centimetre, LengthUnit.Millimetre]
            from step in (decimal[])[0, 1.5875m, 6.35m, 1m, 0.5m]
            from millimetres in (decimal[])
                [0, 0.4m, 0.5m, 0.79375m, 1m, 25.4m, 26.19375m, 540.5m, 541.25m, 914.4m, 1234.567891m, -6.35m, -0.3m]
            let format = step == 0 ? LengthFormat.For(unit) : LengthFormat.For(unit) with { Step = Length.FromMillimetres(step) }
            let length = Length.FromMillimetres(millimetres)
            select (
                $"{unit} {step} {millimetres}",
                $"{format.Rounded(length)} {format.RoundedWithUnit(length)} {format.Exact(length)} "
                    + $"{format.IsWhole(length)} {length.RoundedTo(format.Step).Nanometres} "
                    + $"{length.RoundedUpTo(format.Step).Nanometres} {length.RoundedDownTo(format.Step).Nanometres} "
                    + $"{length.Half().Nanometres} {length.Times(0.37m).Nanometres} {length}"
            )
        );
}
