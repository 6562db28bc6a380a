namespace Wrapper.Core.English;

/// <summary>What is said of the finish of a lower edge.</summary>
internal static class EdgeFinishText
{
    internal static string CordCaution => "A cord with a loop is a danger to small children: keep its tails short and tucked away.";

    internal static string ElasticTooShort => "Elastic this short in its casing cannot stretch far enough to let the cover go over: twice its length is about what it gives.";

    internal static string ElasticTooShortHasNothingLeft => "Elastic stretched on so far has nothing left to give when the cover goes over.";

    internal static string FitBeforeTheCordGoes => "Fit before the cord goes in.";

    internal static string FitBeforeTheElasticGoes => "Fit before the elastic goes in; see that it is not twisted and its tail is pinned.";

    internal static string HemTheSkirtGatherOrPleat => "Hem the skirt, gather or pleat it to the length of the edge, and sew it on.";

    internal static string HookAndLoopTape => "Hook-and-loop tape round the base";

    internal static string LeaveBothTails => "Leave both tails out before the first stitch.";

    internal static string LeaveTwoOppositeCornersOpenPart => "Leave two opposite corners open part of the way until it has been tried.";

    internal static string LegsTooLong => "The legs together are longer than the base is round: measure again what each leg takes of the edge.";

    internal static string MarkElasticAndEdgeInQuarters => "Mark elastic and edge in quarters and sew the elastic on, stretched, holding it on both sides of the foot.";

    internal static string OverlockTheRawEdge => "Overlock the raw edge over the cord, never through it, from the start mark to the stop mark; fit the cord stop.";

    internal static string PulledOnOneSideOnly => "Pulled on one side only, the needle is dragged and can break: mind your eyes.";

    internal static string ToElastic07OfTheOpening => "Elastic 0.7 of the opening";

    internal static string ToStretchItOn14Times => "Stretch it on 1.4 times";

    internal static string TurnTheEdge => "Turn the edge up for a casing and sew it, leaving the threading gap; draw the elastic through, pin its tail, lap and sew it, close the gap.";

    internal static string TurnTheEdgeACasingLeave => "Turn the edge up for a casing, leave the threading gap, and draw the cord through; fit the cord stop.";

    internal static string TurnTheEdgeAndSew => "Turn the edge and sew the loop tape inside it; fix the hook tape to the base between the legs.";

    internal static string TurnTheHemTwiceAndSew => "Turn the hem twice and sew it.";
}
