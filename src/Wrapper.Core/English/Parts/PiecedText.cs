namespace Wrapper.Core.English.Parts;

/// <summary>What is said of pieces that are joined from strips.</summary>
internal static class PiecedText
{
    internal static string Strip(string whole, int number) => $"{whole}, strip {number}";

    internal static string Finished(string whole, bool isAcross) => $"{whole} finished, {(isAcross ? "front to back" : "side to side")}";

    internal static string GivenWidth(int number) => $"width of strip {number}";

    internal static string OuterAllowance(bool isFirst, bool isAcross) =>
        "allowance at its "
        + $"{(isFirst, isAcross) switch { (true, true) => "front", (false, true) => "back", (true, false) => "left", _ => "right" }}";

    internal static string OfThisStrip => "on the cut line of this strip";

    internal static string DoNotFill(string whole, string sum, string size) =>
        $"The strips of the {whole} come to {sum} finished, and it is {size}: mend a width, or leave one empty and it takes the rest.";

    internal static string NothingLeft(string whole, string sum, string size) =>
        $"The strips of the {whole} that have a width come to {sum}, and it is {size}: nothing is left for the others.";

    internal static string TooNarrow(string whole, string width, string join) =>
        $"A strip of the {whole} is {width} wide when finished: the joins at its sides take {join} each and meet under it.";

    internal static string CannotBeCutStraight(string whole) =>
        $"The {whole} turns in where a strip would end, so straight strips do not make it: take "
        + "other widths or another way, or leave it whole.";

    internal static string WiderThanItsCloth(string strip, string width, string cloth) =>
        $"{strip} is cut {width} wide and its cloth is {cloth}: make it narrower, run the strips the other way, or give it a wider cloth.";
}
