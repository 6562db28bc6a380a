using System.Globalization;

namespace Wrapper.Formats.Outlines;

/// <summary>A DXF file as what it is made of: codes with their values, gathered to entities.</summary>
internal static class DxfPairs
{
    private const int MostPairs = 2_000_000;

    public static List<(int Code, string Value)> Of(string text)
    {
        var pairs = new List<(int, string)>();
        using var reader = new StringReader(text);
        while (pairs.Count < MostPairs && reader.ReadLine() is { } code && reader.ReadLine() is { } value)
        {
            if (!int.TryParse(code.Trim(), NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number))
            {
                break; // not a pair of lines any more: what was read so far has to do
            }

            pairs.Add((number, value.Trim()));
        }

        return pairs;
    }

    public static IEnumerable<DxfEntity> Entities(List<(int Code, string Value)> pairs)
    {
        for (var i = 0; i < pairs.Count; i++)
        {
            if (pairs[i].Code != 0)
            {
                continue;
            }

            var end = i + 1;
            while (end < pairs.Count && pairs[end].Code != 0)
            {
                end++;
            }

            yield return new(pairs[i].Value, pairs.GetRange(i + 1, end - i - 1));
        }
    }
}
