using System.Globalization;

namespace Wrapper.Core.Drafting;

/// <summary>Reads plain numbers: <c>0.7</c>, <c>70%</c>, <c>0,7</c>.</summary>
internal static class Numbers
{
    /// <summary>The number; null for what is none. Never throws.</summary>
    public static decimal? Read(string text)
    {
        var trimmed = text.Trim();
        var percent = trimmed.EndsWith('%');
        return decimal.TryParse(trimmed.TrimEnd('%', ' ').Replace(',', '.'), NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number)
            ? percent ? number / 100 : number
            : null;
    }
}
