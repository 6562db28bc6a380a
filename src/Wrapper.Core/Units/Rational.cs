using System.Numerics;

namespace Wrapper.Core.Units;

/// <summary>
/// An exact fraction used while a typed sum is read, so that thirds, feet and centimetres meet without rounding
/// between steps; rounded once, to the nanometre, at the end.
/// </summary>
internal readonly record struct Rational
{
    /// <summary>π to 40 places: far finer than a nanometre on any length that is accepted.</summary>
    public static readonly Rational Pi = new(
        BigInteger.Parse("31415926535897932384626433832795028841971", System.Globalization.CultureInfo.InvariantCulture),
        BigInteger.Pow(10, 40)
    );

    private Rational(BigInteger numerator, BigInteger denominator)
    {
        var divisor = BigInteger.GreatestCommonDivisor(numerator, denominator);
        var sign = denominator.Sign < 0 ? -1 : 1;
        Numerator = sign * numerator / divisor;
        Denominator = sign * denominator / divisor;
    }

    public BigInteger Numerator { get; }

    public BigInteger Denominator { get; }

    public int Sign => Numerator.Sign;

    public static Rational Of(BigInteger numerator, BigInteger denominator) => new(numerator, denominator);

    public static Rational Of(BigInteger whole) => new(whole, BigInteger.One);

    public static Rational operator +(Rational a, Rational b) =>
        new((a.Numerator * b.Denominator) + (b.Numerator * a.Denominator), a.Denominator * b.Denominator);

    public static Rational operator -(Rational a, Rational b) => a + new Rational(-b.Numerator, b.Denominator);

    public static Rational operator *(Rational a, Rational b) => new(a.Numerator * b.Numerator, a.Denominator * b.Denominator);

    public static Rational operator /(Rational a, Rational b) => new(a.Numerator * b.Denominator, a.Denominator * b.Numerator);

    /// <summary>The square root, rounded down at the thirtieth place.</summary>
    public Rational SquareRoot()
    {
        var scale = BigInteger.Pow(10, 60);
        return new(IntegerRoot(Numerator * scale / Denominator), BigInteger.Pow(10, 30));
    }

    /// <summary>The least whole number not below this one.</summary>
    public BigInteger Ceiling() => BigInteger.Divide(Numerator.Sign < 0 ? Numerator : Numerator + Denominator - 1, Denominator);

    /// <summary>Nearest whole number, ties away from zero.</summary>
    public BigInteger Rounded()
    {
        var doubled = (2 * BigInteger.Abs(Numerator)) + Denominator;
        return Numerator.Sign * BigInteger.Divide(doubled, 2 * Denominator);
    }

    private static BigInteger IntegerRoot(BigInteger value)
    {
        if (value.IsZero)
        {
            return value;
        }

        var guess = BigInteger.One << (int)((value.GetBitLength() + 1) / 2);
        while (true)
        {
            var next = (guess + (value / guess)) >> 1;
            if (next >= guess)
            {
                return guess;
            }

            guess = next;
        }
    }
}
