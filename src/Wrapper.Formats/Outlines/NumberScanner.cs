using System.Globalization;

namespace Wrapper.Formats.Outlines;

/// <summary>
/// Reads one number after another out of an attribute of an SVG drawing, passing over what stands between them; every character is looked
/// at once.
/// </summary>
internal ref struct NumberScanner(ReadOnlySpan<char> text)
{
    private ReadOnlySpan<char> _left = text;

    /// <summary>What stands after the last number.</summary>
    public readonly ReadOnlySpan<char> Rest => _left;

    /// <summary>The next number; false where there is none any more.</summary>
    /// <exception cref="UnreadableDrawingException">It is no length any thing could have.</exception>
    public bool Next(out double number)
    {
        for (var from = 0; from < _left.Length; from++)
        {
            var length = LengthAt(_left[from..]);
            if (length == 0)
            {
                continue;
            }

            number = UnreadableDrawingException.Length(
                double.Parse(_left.Slice(from, length), NumberStyles.Float, CultureInfo.InvariantCulture)
            );
            _left = _left[(from + length)..];
            return true;
        }

        number = 0;
        _left = [];
        return false;
    }

    /// <summary>The next character that is a flag, 0 or 1, which need not stand apart from what follows.</summary>
    /// <exception cref="FormatException">Something else stands there.</exception>
    public bool NextFlag()
    {
        _left = _left.TrimStart(" \t\r\n\f,");
        if (_left.IsEmpty || _left[0] is not ('0' or '1'))
        {
            throw new FormatException("a flag is 0 or 1");
        }

        var isSet = _left[0] == '1';
        _left = _left[1..];
        return isSet;
    }

    /// <summary>Every number of a text.</summary>
    public static List<double> All(ReadOnlySpan<char> text)
    {
        var scanner = new NumberScanner(text);
        var numbers = new List<double>();
        while (scanner.Next(out var number))
        {
            numbers.Add(number);
        }

        return numbers;
    }

    /// <summary>How long the number is that begins here; 0 where none does.</summary>
    private static int LengthAt(ReadOnlySpan<char> text)
    {
        var at = text[0] is '+' or '-' ? 1 : 0;
        var whole = Digits(text[at..]);
        at += whole;
        var part = 0;
        if (at < text.Length && text[at] == '.')
        {
            part = Digits(text[(at + 1)..]);
            at += whole + part > 0 ? 1 + part : 0;
        }

        if (whole + part == 0)
        {
            return 0;
        }

        if (at < text.Length && text[at] is 'e' or 'E')
        {
            var sign = at + 1 < text.Length && text[at + 1] is '+' or '-' ? 1 : 0;
            var power = Digits(text[Math.Min(text.Length, at + 1 + sign)..]);
            at += power > 0 ? 1 + sign + power : 0;
        }

        return at;
    }

    private static int Digits(ReadOnlySpan<char> text)
    {
        var count = 0;
        while (count < text.Length && char.IsAsciiDigit(text[count]))
        {
            count++;
        }

        return count;
    }
}
