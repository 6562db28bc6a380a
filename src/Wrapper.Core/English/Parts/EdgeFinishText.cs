namespace Wrapper.Core.English.Parts;

/// <summary>What is said of the finish of a lower edge.</summary>
internal static class EdgeFinishText
{
    internal static string ElasticTooShort =>
        "Elastic this short in its casing cannot stretch far enough to let the cover go over: twice its length is about what it gives.";

    internal static string ElasticTooShortHasNothingLeft =>
        "Elastic stretched on so far has nothing left to give when the cover goes over.";

    internal static string HookAndLoopTape => "Hook-and-loop tape round the base";

    internal static string LegsTooLong =>
        "The legs together are longer than the base is round: measure again what each leg takes of the edge.";

    internal static string ToElastic07OfTheOpening => "Elastic 0.7 of the opening";

    internal static string ToStretchItOn14Times => "Stretch it on 1.4 times";
}
