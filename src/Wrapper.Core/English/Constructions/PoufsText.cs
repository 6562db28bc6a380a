namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of the wrapped pouf.</summary>
internal static class PoufsText
{
    internal static string DartSquareMarkedAtEachCorner => "Dart square, marked at each corner of top and bottom";

    internal static string ToATenthOfTheSize => "A tenth of the size";

    internal static string WrapTooDeep(string w, string a) =>
        $"Top and bottom coming over {w} each meet in the middle of a side of {a}: twice the wrap has to be less than the size.";
}
