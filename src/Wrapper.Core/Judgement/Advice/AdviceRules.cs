using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.Pattern;
using static Wrapper.Core.Judgement.Advice.AdviceRule;

namespace Wrapper.Core.Judgement.Advice;

/// <summary>What makers say of one way and another, one rule a line (docs/handbook.md, “Advice”).</summary>
internal static class AdviceRules
{
    private static readonly string[] Wraps = ["wrap-notched", "wrap-folded"];
    private static readonly string[] Opened = ["wrap-folded", "panels-folded"];
    private static readonly string[] Folds = ["wrap-notched", "wrap-folded", "panels-folded"];
    private static readonly string[] Piped = ["piping:top", "piping:both"];
    private static readonly string[] Corded = ["closure:ties", "edge:drawstring", "edge:overlocked-cord"];

    /// <summary>All of them, in the order their reasons are said.</summary>
    public static IReadOnlyList<AdviceRule> All { get; } =
    [
        new(
            "curved-plan",
            facts => facts.HasCurvedPlan,
            For(AdviceText.FollowsCurve, "boxing-strip"),
            Against(AdviceText.PuckersAtCurve, Folds)
        ),
        new(
            "firm-filling",
            facts => facts.Filling == Filling.Firm,
            For(AdviceText.HoldsFirmEdge, "boxing-strip"),
            For(AdviceText.OpensWide, "zipSides:three-sides"),
            Against(AdviceText.FirmThroughShort, "zipSides:back", "closure:buttons"),
            ForWhere(AdviceText.SnugOnFirm, (way, facts) => way.IsOneOf(["fit:snug"]) && facts.IsBareFilling)
        ),
        new(
            "soft-filling",
            facts => facts.Filling == Filling.Soft,
            For(AdviceText.LetsSoftSettle, ["bag", .. Wraps]),
            For(AdviceText.GapForSoft, "closure:gap"),
            Against(AdviceText.SnugOnSoft, "fit:snug"),
            AgainstWhere(AdviceText.SoftLosesEdge, (way, facts) => way.IsOneOf(["boxing-strip"]) && !facts.IsPiped)
        ),
        new(
            "thin-wall",
            facts => facts.Thickness is { } thickness && thickness < AdviceFacts.LowWall,
            For(AdviceText.SeamHalfWayUp, "wrap-folded"),
            Against(AdviceText.ThinWall, "boxing-strip", "wrap-notched")
        ),
        new(
            "wash",
            facts => facts.Wants(Matter.WashedOften) || facts.Wants(Matter.Children),
            For(AdviceText.OffToWash, "closure:zip", "zipSides:three-sides"),
            For(AdviceText.FewSeamsToDry, [.. Wraps, "envelope"]),
            Against(AdviceText.PipingDriesSlowly, Piped),
            Against(AdviceText.SewnUpAtEachWash, "closure:gap")
        ),
        new(
            "children",
            facts => facts.Wants(Matter.Children),
            Forbids(AdviceText.CordsAndChildren, Corded),
            Forbids(AdviceText.ButtonsAndChildren, "closure:buttons", "closure:snaps", "closure:pinned-tail")
        ),
        new(
            "frays",
            facts => facts.Is(ClothTrait.Frays),
            For(AdviceText.EdgesShutIn, "boxing-strip"),
            For(AdviceText.FoldedNotCut, Opened),
            Against(AdviceText.NotchesFray, "wrap-notched", "tub-notched"),
            AgainstWhere(AdviceText.ClipsFray, (way, facts) => way.IsOneOf(["boxing-strip"]) && facts.HasCurvedPlan)
        ),
        new(
            "bulky",
            facts => facts.Is(ClothTrait.Bulky),
            For(AdviceText.TwoLayersOnly, "boxing-strip"),
            For(AdviceText.CornersCutAway, "wrap-notched"),
            Against(AdviceText.BulkInCorners, Opened),
            Against(AdviceText.BulkInHem, "edge:double-hem")
        ),
        new("bulky-piping", facts => facts.Is(ClothTrait.Bulky, PieceRole.Piping), Against(AdviceText.BulkInPiping, Piped)),
        new("bulky-skirt", facts => facts.Is(ClothTrait.Bulky, PieceRole.Skirt), Against(AdviceText.BulkInGathers, "skirt:gathered")),
        new(
            "thin-cloth",
            facts => facts.Is(ClothTrait.ShowsThrough),
            ForWhere(AdviceText.PipingHoldsThin, IsHeldByPiping),
            For(AdviceText.SecondLayerBehind, "layers:reversible"),
            Against(AdviceText.ElasticOnThin, "edge:stretched-elastic"),
            Against(AdviceText.InvisibleOnThin, "closure:invisible-zip")
        ),
        new(
            "slips",
            facts => facts.Is(ClothTrait.Slips),
            ForWhere(AdviceText.PipingHoldsSlippery, IsHeldByPiping),
            For(AdviceText.SecondLayerSteadies, "layers:reversible"),
            Against(AdviceText.ElasticOnSlippery, "edge:stretched-elastic"),
            Against(AdviceText.InvisibleOnSlippery, "closure:invisible-zip")
        ),
        new(
            "stretches",
            facts => facts.Is(ClothTrait.Stretches),
            For(AdviceText.StretchesOver, ["tub-notched", "tub-walls", "edge:casing-elastic", "edge:stretched-elastic", .. Wraps]),
            Against(AdviceText.PipingOnStretch, Piped),
            Against(AdviceText.LongStripStretches, "boxing-strip")
        ),
        new(
            "large-print",
            facts => facts.HasLargePrint,
            For(AdviceText.PrintRunsOver, Wraps),
            AgainstWhere(AdviceText.PrintInPieces, (way, _) => way.Kind == "construction" && way.TakesMostPieces),
            AgainstWhere(AdviceText.JoinsInSight, (way, _) => way.Kind == "construction" && way.IsJoinedInSight)
        ),
        new(
            "striped",
            facts => facts.Is(ClothTrait.Striped),
            For(AdviceText.StripeMeets, "boxing-strip"),
            Against(AdviceText.CornersBreakStripe, Opened)
        ),
        new(
            "striped-piping",
            facts => facts.Is(ClothTrait.Striped) && facts.Is(ClothTrait.Striped, PieceRole.Piping),
            Against(AdviceText.BiasBesideStripe, Piped)
        ),
        new(
            "nap",
            facts => facts.HasNap,
            For(AdviceText.NapDownTheWall, "boxing-strip", "tub-walls"),
            Against(AdviceText.NapRunsBack, Wraps)
        ),
        new(
            "both-sides",
            facts => facts.Wants(Matter.BothSides),
            For(AdviceText.TwoFacesAlike, "boxing-strip", "panels-folded", "bag"),
            Against(AdviceText.TailShows, "envelope")
        ),
        new(
            "easy",
            facts => facts.Wants(Matter.LeastWork) || facts.Wants(Matter.FirstOne),
            For(AdviceText.SetOnTheFilling, Opened),
            For(AdviceText.NothingToFit, "envelope", "tub-notched", "bag"),
            Against(AdviceText.CutOnceForAll, "wrap-notched"),
            Against(AdviceText.PipingTakesTime, Piped)
        ),
        new("least-work", facts => facts.Wants(Matter.LeastWork), ForWhere(AdviceText.Quickest, (way, _) => way.IsQuickest)),
        new("least-cloth", facts => facts.Wants(Matter.LeastCloth), ForWhere(AdviceText.LeastCloth, (way, _) => way.TakesLeastCloth)),
        new(
            "crisp",
            facts => facts.Wants(Matter.Crisp),
            For(AdviceText.CrispEdges, "boxing-strip", "tub-walls"),
            ForWhere(AdviceText.PipingDrawsEdge, (way, facts) => way.IsOneOf(Piped) && !facts.Wants(Matter.Outdoors)),
            For(AdviceText.SnugOnFirm, "fit:snug"),
            For(AdviceText.PleatsHangStraight, "skirt:box-pleats", "skirt:kick-pleats"),
            Against(AdviceText.SoftEdges, ["bag", .. Folds])
        ),
        new(
            "outdoors",
            facts => facts.Wants(Matter.Outdoors),
            ForWhere(AdviceText.NothingHoldsWater, (way, facts) => way.IsOneOf(["boxing-strip"]) && !facts.IsPiped),
            For(AdviceText.PlasticFaceDown, "closure:zip"),
            Against(AdviceText.CordHoldsWater, [.. Piped, "edge:drawstring", "edge:overlocked-cord"])
        ),
        new(
            "large-set",
            facts => facts.Count >= AdviceFacts.LargeSet,
            ForWhere(AdviceText.QuickestForMany, (way, _) => way.IsQuickest),
            Against(AdviceText.HandClosingForMany, "closure:gap")
        ),
        new(
            "wide-plate",
            facts => !facts.HasLargePrint,
            AgainstWhere(AdviceText.JoinOnTop, (way, _) => way.Kind == "construction" && way.IsJoinedInSight)
        ),
        new(
            "on-and-off",
            facts => facts.Wants(Matter.OnAndOff),
            For(AdviceText.OpensWide, "zipSides:three-sides"),
            For(AdviceText.OpensByHand, "closure:zip", "closure:hook-and-loop", "closure:snaps", "closure:ties"),
            Against(AdviceText.SewnUpAtEachWash, "closure:gap"),
            Against(AdviceText.TightToPutOn, "fit:snug")
        ),
        new(
            "like-the-others",
            facts => facts.Wants(Matter.LikeTheOthers),
            ForWhere(AdviceText.AsTheOthers, (way, facts) => way.Kind == "construction" && facts.Others.Contains(way.Word))
        ),
    ];

    /// <summary>Outdoors a cord holds water, whatever it does for the edge.</summary>
    private static bool IsHeldByPiping(AdvisedWay way, AdviceFacts facts) =>
        !facts.Wants(Matter.Outdoors) && (way.IsOneOf(Piped) || (facts.IsPiped && way.IsOneOf(["boxing-strip"])));

    /// <summary>Everything that speaks for and against a way.</summary>
    public static IReadOnlyList<AdviceReason> Of(AdvisedWay way, AdviceFacts facts) =>
        [.. All.Where(rule => rule.Holds(facts)).SelectMany(rule => rule.Of(way, facts)).DistinctBy(reason => reason.Text)];
}
