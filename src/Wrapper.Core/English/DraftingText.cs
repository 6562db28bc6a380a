namespace Wrapper.Core.English;

/// <summary>What is said of the drafting as a whole.</summary>
internal static class DraftingText
{
    internal static string AtSeams(bool isOne, string named, string andMore) => $" at {(isOne ? "seam" : "seams")} {named}{andMore}";

    internal static string DoesNotClose(string where, string named) =>
        $"This cover does not close{where}: {named} It is a fault of the drafting and not of your measures; do not cut from it.";

    internal static string RuleWithoutEffect(string rule) => $"The rule “{rule}” changes nothing on this make-up.";

    internal static string SeamDoesNotMeet(string id) =>
        $"The two sides of seam {id} differ: this is a fault of the drafting, do not cut from it.";

    internal static string SumDisagrees(string piece, string sum, string way, string drawn) =>
        $"{piece}: its sum says {sum} {way} and its drawing {drawn}. This is a fault of the "
        + "drafting and not of your measures: do not cut from it.";
}
