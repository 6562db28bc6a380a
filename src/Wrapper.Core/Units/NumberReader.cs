using System.Numerics;

namespace Wrapper.Core.Units;

/// <summary>
/// Reads plain numbers as people write them: <c>0.7</c>, <c>0,7</c>, <c>2,5 %</c>, <c>1/3</c>, <c>1 1/2</c>, <c>½</c>. The one reader
/// of numbers there is: shares, factors, percentages and prices go through it. See docs/handbook.md, "Numbers".
/// </summary>
public static class NumberReader
{
    private const int LongestText = 60;

    private static readonly BigInteger Scale = BigInteger.Pow(10, 20);

    private static readonly BigInteger Most = new(decimal.MaxValue / 10_000_000_000m);

    /// <summary>The number; a percentage as a part of one. Null for what is none, a length among them. Never throws.</summary>
    public static decimal? Read(string text)
    {
        var trimmed = text.Trim();
        if (trimmed.Length is 0 or > LongestText)
        {
            return null;
        }

        var isPercentage = trimmed[^1] == '%';
        return Value(isPercentage ? trimmed[..^1] : trimmed) is { } number
            ? isPercentage
                ? number / 100
                : number
            : null;
    }

    /// <summary>A percentage that may leave its sign out: <c>2,5</c> and <c>2,5 %</c> are both 0.025. Null for what is none.</summary>
    public static decimal? ReadPercentage(string text) => Read(text.Trim().TrimEnd('%')) / 100;

    private static decimal? Value(string text)
    {
        try
        {
            var tokens = new LengthScanner(text).Scan();
            if (tokens.Exists(token => token.Kind == LengthTokenKind.Unit))
            {
                return null; // a length is no plain number
            }

            // Read as if in millimetres, which are a million nanometres each.
            var value = new LengthExpressionReader(tokens, LengthUnit.Millimetre).ReadAll() / Rational.Of(Length.NanometresPerMillimetre);
            var scaled = (value * Rational.Of(Scale)).Rounded();
            return BigInteger.Abs(scaled) / Scale > Most ? null : (decimal)(scaled / Scale) + ((decimal)(scaled % Scale) / (decimal)Scale);
        }
        catch (UnreadableLengthException)
        {
            return null;
        }
    }
}
