using Wrapper.Core.English;

namespace Wrapper.Core.Units;

/// <summary>
/// Reads a length as people type it: <c>21 1/4</c>, <c>21¼</c>, <c>21-1/4</c>, <c>21.25"</c>, <c>1' 9 1/4"</c>,
/// <c>54 cm</c>, <c>54,5 cm</c>, <c>1.5 yd</c>, sums and multiples off a short tape (<c>36 + 14 1/2</c>, <c>2 x 9 1/2</c>),
/// and every line of working that Wrapper prints. See docs/handbook.md, "Numbers".
/// </summary>
public static class LengthReader
{
    /// <summary>Longer texts are refused unread.</summary>
    public const int LongestText = 400;

    /// <summary>Reads a text; a bare number takes <paramref name="bareUnit"/>. Never throws for a person's text.</summary>
    public static LengthReading Read(string? text, LengthUnit bareUnit)
    {
        if (string.IsNullOrWhiteSpace(text))
        {
            return LengthReading.Failed(0, LengthText.NothingIsWrittenHereYet);
        }

        if (text.Length > LongestText)
        {
            return LengthReading.Failed(LongestText, LengthText.TextTooLong(LongestText));
        }

        try
        {
            var nanometres = new LengthExpressionReader(new LengthScanner(text).Scan(), bareUnit).ReadAll().Rounded();
            return nanometres >= long.MinValue / 4 && nanometres <= long.MaxValue / 4
                ? LengthReading.Of(Length.FromNanometres((long)nanometres))
                : LengthReading.Failed(0, LengthText.LongerThanMeasurable);
        }
        catch (UnreadableLengthException trouble)
        {
            return LengthReading.Failed(trouble.Position, trouble.Message);
        }
    }

    /// <summary>The first unit a text names, whether or not the rest of it can be read; null when it names none.</summary>
    public static LengthUnit? FirstUnit(string text)
    {
        foreach (var token in new LengthScanner(text.Length > LongestText ? text[..LongestText] : text).ScanAsFarAsItReads())
        {
            if (token.Kind == LengthTokenKind.Unit)
            {
                return token.Unit;
            }
        }

        return null;
    }
}
