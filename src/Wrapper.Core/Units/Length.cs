namespace Wrapper.Core.Units;

/// <summary>
/// A length, exact to the nanometre: a whole number of nanometres in a <see cref="long"/>, so that 1/64 in
/// (396 875 nm) and 0.001 mm are both whole. See docs/handbook.md, "Numbers".
/// </summary>
/// <remarks>
/// Arithmetic is checked: a result beyond the range throws <see cref="OverflowException"/> instead of wrapping.
/// There is no product of two lengths and no bare number becomes a length by itself, so units cannot be mixed up.
/// </remarks>
public readonly record struct Length : IComparable<Length>
{
    /// <summary>Nanometres in one millimetre.</summary>
    public const long NanometresPerMillimetre = 1_000_000;

    /// <summary>Nanometres in one inch: 25.4 mm exactly.</summary>
    public const long NanometresPerInch = 25_400_000;

    private Length(long nanometres) => Nanometres = nanometres;

    /// <summary>The length in whole nanometres.</summary>
    public long Nanometres { get; }

    /// <summary>No length at all.</summary>
    public static Length Zero => default;

    /// <summary>The length in millimetres, for doors (screen, files) and for areas; not for exact arithmetic.</summary>
    public double Millimetres => Nanometres / (double)NanometresPerMillimetre;

    /// <summary>The length in inches, for doors only.</summary>
    public double Inches => Nanometres / (double)NanometresPerInch;

    /// <summary>True for a length above zero.</summary>
    public bool IsPositive => Nanometres > 0;

    /// <summary>True for a length below zero (a snug fit, say).</summary>
    public bool IsNegative => Nanometres < 0;

    /// <summary>True for no length at all.</summary>
    public bool IsZero => Nanometres == 0;

    /// <summary>A length of so many whole nanometres.</summary>
    public static Length FromNanometres(long nanometres) => new(nanometres);

    /// <summary>A length in millimetres, rounded to the nearest nanometre, ties away from zero.</summary>
    /// <exception cref="OverflowException">The length is beyond the range of a long in nanometres.</exception>
    public static Length FromMillimetres(decimal millimetres) =>
        new(decimal.ToInt64(decimal.Round(millimetres * NanometresPerMillimetre, MidpointRounding.AwayFromZero)));

    /// <summary>A length measured on curves or slants in double arithmetic, rounded to the nearest nanometre.</summary>
    /// <exception cref="OverflowException">The number is not finite or beyond the range.</exception>
    public static Length FromMillimetres(double millimetres) => FromNanometresRounded(millimetres * NanometresPerMillimetre);

    /// <summary>Whole inches and a fraction of an inch: <c>FromInches(21, 1, 4)</c> is 21 1/4 in.</summary>
    public static Length FromInches(int whole, int numerator = 0, int denominator = 1) =>
        new(checked((whole * NanometresPerInch) + DivideRounded(numerator * NanometresPerInch, denominator)));

    /// <summary>A double in nanometres rounded to the nearest, ties away from zero.</summary>
    /// <exception cref="OverflowException">The number is not finite or beyond the range.</exception>
    public static Length FromNanometresRounded(double nanometres) =>
        Math.Abs(nanometres) < 9e18
            ? new((long)Math.Round(nanometres, MidpointRounding.AwayFromZero))
            : throw new OverflowException("The length is not a finite number of nanometres.");

    /// <summary>The shorter of two lengths.</summary>
    public static Length Min(Length a, Length b) => a <= b ? a : b;

    /// <summary>The longer of two lengths.</summary>
    public static Length Max(Length a, Length b) => a >= b ? a : b;

    /// <summary>This length without its sign.</summary>
    public Length Abs() => new(Math.Abs(Nanometres));

    /// <summary>This length times a decimal factor, rounded to the nearest nanometre, ties away from zero.</summary>
    /// <exception cref="OverflowException">The result is beyond the range.</exception>
    public Length Times(decimal factor) => new(decimal.ToInt64(decimal.Round(Nanometres * factor, MidpointRounding.AwayFromZero)));

    /// <summary>This length times an irrational factor (π, √2), rounded to the nearest nanometre.</summary>
    public Length Times(double factor) => FromNanometresRounded(Nanometres * factor);

    /// <summary>The least whole multiple of <paramref name="step"/> that is not less than this length: cloth to buy rounds up.</summary>
    public Length RoundedUpTo(Length step) => new(checked(CeilingDivide(Nanometres, step.Nanometres) * step.Nanometres));

    /// <summary>
    /// The greatest whole multiple of <paramref name="step"/> that is not more than this length: the largest figure that still goes.
    /// </summary>
    public Length RoundedDownTo(Length step) => new(checked(FloorDivide(Nanometres, step.Nanometres) * step.Nanometres));

    /// <summary>The nearest whole multiple of <paramref name="step"/>, ties up: cut sizes for the eye.</summary>
    public Length RoundedTo(Length step) =>
        new(checked(FloorDivide(Nanometres + (step.Nanometres / 2), step.Nanometres) * step.Nanometres));

    /// <summary>How many times <paramref name="other"/> goes into this length, as a plain ratio.</summary>
    public double RatioTo(Length other) => Nanometres / (double)other.Nanometres;

    /// <summary>Half of this length, rounded to the nanometre (a nanometre counts as exact).</summary>
    public Length Half() => this / 2;

    /// <inheritdoc />
    public int CompareTo(Length other) => Nanometres.CompareTo(other.Nanometres);

    /// <summary>Millimetres with a point, for logs and test output.</summary>
    public override string ToString() =>
        (Nanometres / (decimal)NanometresPerMillimetre).ToString("0.######", System.Globalization.CultureInfo.InvariantCulture) + " mm";

    /// <summary>Sum.</summary>
    public static Length operator +(Length a, Length b) => new(checked(a.Nanometres + b.Nanometres));

    /// <summary>Difference.</summary>
    public static Length operator -(Length a, Length b) => new(checked(a.Nanometres - b.Nanometres));

    /// <summary>The same length the other way.</summary>
    public static Length operator -(Length a) => new(checked(-a.Nanometres));

    /// <summary>A whole number of times.</summary>
    public static Length operator *(long count, Length a) => new(checked(count * a.Nanometres));

    /// <summary>A whole number of equal parts, rounded to the nearest nanometre, ties away from zero.</summary>
    public static Length operator /(Length a, long parts) => new(DivideRounded(a.Nanometres, parts));

    /// <summary>Shorter than.</summary>
    public static bool operator <(Length a, Length b) => a.Nanometres < b.Nanometres;

    /// <summary>Longer than.</summary>
    public static bool operator >(Length a, Length b) => a.Nanometres > b.Nanometres;

    /// <summary>Not longer than.</summary>
    public static bool operator <=(Length a, Length b) => a.Nanometres <= b.Nanometres;

    /// <summary>Not shorter than.</summary>
    public static bool operator >=(Length a, Length b) => a.Nanometres >= b.Nanometres;

    private static long DivideRounded(long dividend, long divisor)
    {
        var quotient = Math.DivRem(dividend, divisor, out var remainder);
        return 2 * Math.Abs((decimal)remainder) >= Math.Abs((decimal)divisor)
            ? checked(quotient + (Math.Sign(dividend) * Math.Sign(divisor)))
            : quotient;
    }

    private static long CeilingDivide(long dividend, long divisor) => -FloorDivide(-dividend, divisor);

    private static long FloorDivide(long dividend, long divisor)
    {
        var quotient = Math.DivRem(dividend, divisor, out var remainder);
        return remainder != 0 && (remainder < 0) != (divisor < 0) ? quotient - 1 : quotient;
    }
}
