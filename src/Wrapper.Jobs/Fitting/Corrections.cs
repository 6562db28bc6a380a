using System.Globalization;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs.Fitting;

/// <summary>Corrections as they are typed and stored.</summary>
internal static class Corrections
{
    /// <summary>Corrections as read, one for each side, written so that they are read as the same lengths again.</summary>
    public static IReadOnlyList<CorrectionTold> Of(IReadOnlyList<Correction> corrections, LengthUnit unit) =>
        [
            .. corrections
                .GroupBy(correction => correction.Side)
                .Select(side => (side.Key, By: side.Aggregate(Length.Zero, (sum, correction) => sum + correction.By)))
                .Where(side => side.By != Length.Zero)
                .Select(side => new CorrectionTold(side.Key, Typed(side.By, unit))),
        ];

    /// <summary>Two lists as one.</summary>
    public static IReadOnlyList<CorrectionTold> Sum(
        IReadOnlyList<CorrectionTold> standing,
        IReadOnlyList<Correction> found,
        LengthUnit unit
    ) => Of([.. standing.Select(told => new Correction(told.Side, Read(told.By, unit))), .. found], unit);

    /// <summary>A length that was written here.</summary>
    private static Length Read(string text, LengthUnit unit) => LengthReader.Read(text, unit).Length ?? Length.Zero;

    /// <summary>“−3/8” as one types it: -3/8.</summary>
    private static string Typed(Length length, LengthUnit unit)
    {
        var sign = length.IsNegative ? "-" : "";
        var size = length.Abs();
        var sixtyFourths = size.Nanometres * 64 / (decimal)LengthUnit.Inch.One().Nanometres;
        if (!unit.IsImperial() || sixtyFourths != decimal.Truncate(sixtyFourths))
        {
            return sign + (size.Nanometres / (decimal)unit.One().Nanometres).ToString("0.#########", CultureInfo.InvariantCulture);
        }

        var (whole, part, of) = ((long)sixtyFourths / 64, (long)sixtyFourths % 64, 64L);
        while (part > 0 && part % 2 == 0)
        {
            (part, of) = (part / 2, of / 2);
        }

        var fraction = string.Create(CultureInfo.InvariantCulture, $"{part}/{of}");
        return sign
            + (
                part == 0 ? whole.ToString(CultureInfo.InvariantCulture)
                : whole == 0 ? fraction
                : string.Create(CultureInfo.InvariantCulture, $"{whole} {fraction}")
            );
    }
}
