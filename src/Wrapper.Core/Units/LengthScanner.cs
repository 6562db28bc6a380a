using System.Globalization;
using System.Numerics;
using Wrapper.Core.English;

namespace Wrapper.Core.Units;

/// <summary>Cuts a typed length into numbers (with their fractions), units and signs. See docs/handbook.md, "Numbers".</summary>
internal sealed class LengthScanner(string text)
{
    private int _at;

    public List<LengthToken> Scan()
    {
        var tokens = new List<LengthToken>();
        while (true)
        {
            SkipSpace();
            if (_at >= text.Length)
            {
                tokens.Add(new(LengthTokenKind.End, text.Length, ""));
                return tokens;
            }

            tokens.Add(Next());
        }
    }

    /// <summary>The words up to the first that is none; what is wrong there is told by whoever reads the whole.</summary>
    public IEnumerable<LengthToken> ScanAsFarAsItReads()
    {
        while (true)
        {
            SkipSpace();
            if (_at >= text.Length)
            {
                yield break;
            }

            LengthToken token;
            try
            {
                token = Next();
            }
            catch (UnreadableLengthException)
            {
                yield break;
            }

            yield return token;
        }
    }

    private static (int Numerator, int Denominator)? VulgarFraction(char c) =>
        c switch
        {
            '½' => (1, 2),
            '⅓' => (1, 3),
            '⅔' => (2, 3),
            '¼' => (1, 4),
            '¾' => (3, 4),
            '⅕' => (1, 5),
            '⅖' => (2, 5),
            '⅗' => (3, 5),
            '⅘' => (4, 5),
            '⅙' => (1, 6),
            '⅚' => (5, 6),
            '⅛' => (1, 8),
            '⅜' => (3, 8),
            '⅝' => (5, 8),
            '⅞' => (7, 8),
            _ => null,
        };

    private static bool IsDigit(char c) => c is >= '0' and <= '9';

    private static bool IsSlash(char c) => c is '/' or '⁄' or '∕';

    private static BigInteger Whole(string digits) => BigInteger.Parse(digits, CultureInfo.InvariantCulture);

    private char Peek(int ahead = 0) => _at + ahead < text.Length ? text[_at + ahead] : '\0';

    private void SkipSpace()
    {
        while (_at < text.Length && char.IsWhiteSpace(text[_at]))
        {
            _at++;
        }
    }

    private LengthToken Next()
    {
        var c = Peek();
        if (IsDigit(c) || VulgarFraction(c) is not null || (c is '.' or ',' && IsDigit(Peek(1))))
        {
            return ScanNumber();
        }

        if (c == 'π')
        {
            return Single(LengthTokenKind.Number) with { Value = Rational.Pi };
        }

        return c switch
        {
            '+' => Single(LengthTokenKind.Plus),
            '-' or '−' or '–' => Single(LengthTokenKind.Minus),
            '×' or '*' or '·' => Single(LengthTokenKind.Times),
            '÷' or '/' => Single(LengthTokenKind.Divide),
            '(' => Single(LengthTokenKind.Open),
            ')' => Single(LengthTokenKind.Close),
            '√' => Single(LengthTokenKind.Root),
            '⌈' => Single(LengthTokenKind.CeilingOpen),
            '⌉' => Single(LengthTokenKind.CeilingClose),
            _ => ScanWord(),
        };
    }

    private LengthToken Single(LengthTokenKind kind) => new(kind, _at, text[_at++].ToString());

    private LengthToken ScanWord()
    {
        var start = _at;
        if (char.IsLetter(Peek()))
        {
            while (char.IsLetter(Peek()))
            {
                _at++;
            }

            if (Peek() == '.')
            {
                _at++; // "in." and "ft." carry their full stop
            }
        }
        else
        {
            _at++;
            while (_at < text.Length && text[_at] == text[start] && text[start] is '\'' or '′' or '’' && _at - start < 2)
            {
                _at++;
            }
        }

        var word = text[start.._at];
        if (word is "x" or "X")
        {
            return new(LengthTokenKind.Times, start, word);
        }

        if (word is "to")
        {
            return new(LengthTokenKind.To, start, word);
        }

        return LengthUnits.FromWord(word.TrimEnd('.')) is { } unit
            ? new(LengthTokenKind.Unit, start, word, Unit: unit)
            : throw new UnreadableLengthException(start, LengthText.NotAUnit(word));
    }

    private LengthToken ScanNumber()
    {
        var start = _at;
        var value = VulgarFraction(Peek()) is null ? ScanPlainNumber(out var whole) : ScanVulgar(out whole);
        if (whole && ScanTrailingFraction() is { } fraction)
        {
            value += fraction;
        }

        return new(LengthTokenKind.Number, start, text[start.._at], value);
    }

    private Rational ScanVulgar(out bool whole)
    {
        whole = false;
        var (numerator, denominator) = VulgarFraction(text[_at++])!.Value;
        return Rational.Of(numerator, denominator);
    }

    private string Digits()
    {
        var start = _at;
        while (IsDigit(Peek()))
        {
            _at++;
        }

        return text[start.._at];
    }

    private Rational ScanPlainNumber(out bool whole)
    {
        var start = _at;
        var digits = Digits();
        whole = false;
        if (Peek() is '.' or ',' && (IsDigit(Peek(1)) || digits.Length > 0))
        {
            return ScanDecimals(start, digits);
        }

        if (IsSlash(Peek()) && IsDigit(Peek(1)))
        {
            _at++;
            return Fraction(start, Whole(digits), Whole(Digits()));
        }

        whole = true;
        return Rational.Of(Whole(digits));
    }

    private Rational ScanDecimals(int start, string digits)
    {
        var mark = text[_at++];
        var decimals = Digits();
        if (mark == ',' && decimals.Length == 3 && digits.Length is >= 1 and <= 3 && digits[0] != '0')
        {
            throw new UnreadableLengthException(start, LengthText.ThousandsOrDecimals(digits, decimals));
        }

        if (Peek() is '.' or ',')
        {
            throw new UnreadableLengthException(_at, LengthText.OnePointOnly);
        }

        var whole = digits.Length == 0 ? BigInteger.Zero : Whole(digits);
        var scale = BigInteger.Pow(10, decimals.Length);
        return Rational.Of((whole * scale) + (decimals.Length == 0 ? BigInteger.Zero : Whole(decimals)), scale);
    }

    private static Rational Fraction(int position, BigInteger numerator, BigInteger denominator) =>
        denominator.IsZero
            ? throw new UnreadableLengthException(position, LengthText.FractionOverZero)
            : Rational.Of(numerator, denominator);

    /// <summary>The fraction that follows whole inches: a fraction sign, or digits over digits after one space or a tight hyphen.</summary>
    private Rational? ScanTrailingFraction()
    {
        var rest = _at;
        if (Peek() == '-' && (IsDigit(Peek(1)) || VulgarFraction(Peek(1)) is not null))
        {
            _at++;
        }
        else
        {
            SkipSpace();
        }

        if (VulgarFraction(Peek()) is not null)
        {
            return ScanVulgar(out _);
        }

        var start = _at;
        var numerator = Digits();
        if (numerator.Length > 0 && IsSlash(Peek()) && IsDigit(Peek(1)))
        {
            _at++;
            var fraction = Fraction(start, Whole(numerator), Whole(Digits()));
            return (fraction - Rational.Of(1)).Sign < 0
                ? fraction
                : throw new UnreadableLengthException(start, LengthText.NotLess(text[start.._at]));
        }

        _at = rest;
        return null;
    }
}
