using System.Globalization;

namespace Wrapper.Core.Units;

/// <summary>
/// How lengths are shown: inches as whole numbers with real fractions to a step, metric as decimals in mm or cm.
/// Everything printed here is read back by <see cref="LengthReader"/>. See docs/handbook.md, "Numbers".
/// </summary>
/// <param name="Unit">Inch, millimetre or centimetre: the unit of the job.</param>
/// <param name="Step">The workroom's step for cut sizes: 1/16 in or 1 mm unless the house says otherwise.</param>
public sealed record LengthFormat(LengthUnit Unit, Length Step)
{
    private static readonly string[] Eighths = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"];

    /// <summary>Inches to the nearest sixteenth.</summary>
    public static LengthFormat Inches { get; } = new(LengthUnit.Inch, Length.FromInches(0, 1, 16));

    /// <summary>Whole millimetres.</summary>
    public static LengthFormat Millimetres { get; } = new(LengthUnit.Millimetre, Length.FromMillimetres(1m));

    /// <summary>Centimetres with one decimal, that is to the millimetre.</summary>
    public static LengthFormat Centimetres { get; } = new(LengthUnit.Centimetre, Length.FromMillimetres(1m));

    /// <summary>The format of a job that speaks this unit, at the usual step.</summary>
    public static LengthFormat For(LengthUnit unit) =>
        unit.IsImperial() ? Inches
        : unit == LengthUnit.Millimetre ? Millimetres
        : Centimetres;

    /// <summary>The length to the nearest step, ties up, without the unit's sign: <c>22¼</c>, <c>565</c>.</summary>
    public string Rounded(Length length) => Plain(length.RoundedTo(Step));

    /// <summary>The length to the nearest step with the unit's sign: <c>22¼ in</c>.</summary>
    public string RoundedWithUnit(Length length) => $"{Rounded(length)} {Unit.Sign()}";

    /// <summary>True when rounding to the step changes nothing.</summary>
    public bool IsWhole(Length length) => length.RoundedTo(Step) == length;

    /// <summary>
    /// The length to the nanometre, without a sign: inches as a fraction where they are whole 64ths, otherwise with nine
    /// decimals (a quarter of a millionth of a millimetre), metric with as many decimals as it needs.
    /// </summary>
    public string Exact(Length length) => Plain(length);

    private static string Decimals(Length length, LengthUnit unit) =>
        (length.Nanometres / (decimal)unit.One().Nanometres)
            .ToString(unit.IsImperial() ? "0.#########" : "0.########", CultureInfo.InvariantCulture)
            .Replace("-", "−", StringComparison.Ordinal);

    private static string Fraction(long sixtyFourths)
    {
        if (sixtyFourths % 8 == 0)
        {
            return Eighths[sixtyFourths / 8];
        }

        var denominator = 64L;
        while (sixtyFourths % 2 == 0)
        {
            sixtyFourths /= 2;
            denominator /= 2;
        }

        return $"{sixtyFourths}⁄{denominator}";
    }

    private string Plain(Length length)
    {
        if (!Unit.IsImperial() || length.Nanometres % (Length.NanometresPerInch / 64) != 0)
        {
            return Decimals(length, Unit);
        }

        var sixtyFourths = Math.Abs(length.Nanometres / (Length.NanometresPerInch / 64));
        var whole = sixtyFourths / 64;
        var fraction = Fraction(sixtyFourths % 64);
        var space = whole > 0 && fraction.Contains('⁄', StringComparison.Ordinal) ? " " : "";
        var figure = whole == 0 && fraction.Length > 0 ? fraction : $"{whole}{space}{fraction}";
        return length.IsNegative ? $"−{figure}" : figure;
    }
}
