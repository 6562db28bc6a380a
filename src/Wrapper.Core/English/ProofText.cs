namespace Wrapper.Core.English;

/// <summary>What is said of the proof and the fold-up.</summary>
internal static class ProofText
{
    internal static string EdgesLieApart(double gap) => FormattableString.Invariant($"Edges sewn together lie {gap:0.###} mm apart.");

    internal static string FoldedToAnotherSize(string what, double found, double expected) =>
        FormattableString.Invariant($"Folded up, its {what} is {found:0.###} and the thing says {expected:0.###}.");

    internal static string FoldOffTheEdges(string key, string fold) => $"{key}: fold {fold} does not run from edge to edge.";

    internal static string SewnToNothing(string key) => $"{key}: it is sewn on, and no seam says to what.";

    internal static string PartsHangLoose(int count, int countOther) => $"{count} of {countOther} parts hang in the air.";

    internal static string EdgeSewnTwice(string piece) => $"{piece}: an edge is sewn twice.";

    internal static string EdgeTrimmedAway(string piece, string edge) => $"{piece}: edge {edge} is trimmed away and not sewn.";

    internal static string EdgeMissing(string id) => $"Seam {id}: an edge is missing.";

    internal static string SidesDividedElsewhere(string id) => $"Seam {id}: its sides are divided differently.";

    internal static string SidesDiffer(string id, double difference) =>
        FormattableString.Invariant($"Seam {id}: its sides differ by {difference:0.###} mm.");

    internal static string EdgeOfSeam(string id) => $"Seam {id}: one of its edges is not there.";

    internal static string CasingStripsGive(double given, double runs) =>
        FormattableString.Invariant($"The casing strips give {given:0.#} mm and {runs:0.#} mm are piped.");

    internal static string MedallionSize(double diameter) =>
        FormattableString.Invariant($"The medallion is not {diameter:0.###} mm across.");

    internal static string SidesDisagree => "The sides of the seams do not agree on where they are divided.";

    internal static string SkirtSize(double expected, double drop) =>
        FormattableString.Invariant($"The skirt is not {expected:0.###} mm long and {drop:0.###} mm deep.");

    internal static string SkirtMissing => "The thing’s skirt is not drafted.";

    internal static string SkirtUnasked => "There is a skirt that the thing does not have.";

    internal static string ZoneWithoutBlock(string zone) => $"{zone}: it has no block.";

    internal static string BlockSize(string zone, double width, double height) =>
        FormattableString.Invariant($"{zone}: its block is not as large as the part, {width:0.###} × {height:0.###} mm.");

    internal static string BlockAllowance(string zone, string edge, double millimetres, double least) =>
        FormattableString.Invariant($"{zone}: its edge {edge} has {millimetres:0.###} mm beyond the part and not {least:0.###}.");

    internal static string StripsDoNotMakeIt(string piece) => $"The strips of {piece} do not make it up.";
}
