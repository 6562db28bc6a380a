namespace Wrapper.Core.English.Judgement;

/// <summary>What speaks for and against ways of making a thing.</summary>
internal static class AdviceText
{
    internal static string FollowsCurve => "follows a curved or stepped edge";

    internal static string PuckersAtCurve => "puckers where the plan is curved or stepped";

    internal static string HoldsFirmEdge => "keeps the edges of firm foam";

    internal static string OpensWide => "opens wide enough for a block that does not bend";

    internal static string FirmThroughShort => "firm foam does not bend through so short an opening";

    internal static string SnugOnFirm => "a little thinner than the foam keeps the edges crisp";

    internal static string LetsSoftSettle => "a soft filling settles in it";

    internal static string GapForSoft => "a soft filling goes in through it, and it does not show";

    internal static string SoftLosesEdge => "without piping a soft filling does not hold the edge";

    internal static string SnugOnSoft => "a soft filling is not held by less cloth";

    internal static string OffToWash => "comes off easily to be washed";

    internal static string FewSeamsToDry => "few seams, dries flat";

    internal static string PipingDriesSlowly => "piping dries slowly";

    internal static string SewnUpAtEachWash => "sewn up by hand after each wash";

    internal static string CordsAndChildren => "no cords or ties where small children are";

    internal static string ButtonsAndChildren => "small parts come off: not for small children";

    internal static string EdgesShutIn => "its cut edges are shut in";

    internal static string FoldedNotCut => "corners are folded, not cut into";

    internal static string NotchesFray => "notches cut before sewing fray";

    internal static string ClipsFray => "its curves are clipped, and clips fray";

    internal static string BulkInGathers => "gathers are thick in this cloth";

    internal static string SecondLayerBehind => "a second layer behind it: nothing shows through";

    internal static string PrintInPieces => "cuts the print into the most pieces";

    internal static string NapDownTheWall => "the nap lies down the wall all round";

    internal static string NapRunsBack => "the nap lies down the front and up the back";

    internal static string PleatsHangStraight => "pleats hang straight";

    internal static string PlasticFaceDown => "a plastic zip, face down, and polyester thread last outdoors";

    internal static string TwoLayersOnly => "two layers lie at the seam";

    internal static string CornersCutAway => "the corner’s cloth is cut away before it is sewn";

    internal static string BulkInCorners => "opened corners are thick in this cloth";

    internal static string BulkInHem => "a double hem is thick in this cloth";

    internal static string BulkInPiping => "piping covered with it is thick";

    internal static string PipingHoldsThin => "piping holds a thin edge";

    internal static string PipingHoldsSlippery => "piping steadies an edge that slips";

    internal static string SecondLayerSteadies => "a second layer keeps the cloth from slipping";

    internal static string ElasticOnThin => "elastic sewn on drags a thin cloth";

    internal static string ElasticOnSlippery => "cloth that slips moves under elastic as it is sewn on";

    internal static string InvisibleOnThin => "an invisible zip pulls in a thin cloth";

    internal static string InvisibleOnSlippery => "cloth that slips moves beside an invisible zip as it is sewn";

    internal static string StretchesOver => "the cloth’s stretch pulls it smooth";

    internal static string PipingOnStretch => "piping sewn tight gathers a cloth that stretches";

    internal static string LongStripStretches => "long boxing grows unless it is stayed";

    internal static string PrintRunsOver => "the print runs over the front unbroken";

    internal static string JoinsInSight => "joins in sight break the print";

    internal static string StripeMeets => "the stripe meets at the front";

    internal static string BiasBesideStripe => "bias casing lies crosswise beside the stripe";

    internal static string CornersBreakStripe => "opened corners break the stripe";

    internal static string TwoFacesAlike => "two plates alike: either may lie on top";

    internal static string TailShows => "its tail shows on one side";

    internal static string SetOnTheFilling => "corners are set on the filling: it corrects itself";

    internal static string NothingToFit => "straight seams, nothing to set in";

    internal static string CutOnceForAll => "cut once and for all before it is tried";

    internal static string PipingTakesTime => "piping takes the most time";

    internal static string Quickest => "the quickest";

    internal static string LeastCloth => "the least cloth";

    internal static string CrispEdges => "crisp edges, a flat wall";

    internal static string PipingDrawsEdge => "piping draws the edge";

    internal static string SoftEdges => "soft edges, rounded corners";

    internal static string NothingHoldsWater => "nothing in it holds water";

    internal static string CordHoldsWater => "its cord holds water";

    internal static string HandClosingForMany => "each one closed by hand";

    internal static string QuickestForMany => "the fewest minutes, many times over";

    internal static string JoinOnTop => "the cloth’s width makes a join of it";

    internal static string OpensByHand => "opened and closed without a needle";

    internal static string TightToPutOn => "takes a pull to put on";

    internal static string AsTheOthers => "as the others of this job are made";

    internal static string ThinWall => "so thin a wall is hard to sew";

    internal static string SeamHalfWayUp => "so thin a wall is hard to sew: here the seam lies half way up";

    internal static string UnknownMatter(string word, string known) => $"“{word}” is nothing that may matter here. Known are {known}.";

    internal static string TooMany(int most) => $"At most {most} things can matter: leave the others out.";
}
