namespace Wrapper.Core.Drafting;

/// <summary>The names the open format knows, so that a misspelt one is told and not passed over.</summary>
internal static class OptionCatalogue
{
    /// <summary>Options of the open format that other forms use; on this one they change nothing and that is said.</summary>
    public static readonly HashSet<string> OfOtherForms =
    [
        "closure", "edge", "notch", "roundedCorners", "earSide", "zipShare", "join", "layers", "legs", "medallion", "obstacles", "corrections",
    ];

    /// <summary>Rules of the open format that other forms use.</summary>
    public static readonly HashSet<string> RulesOfOtherForms =
    [
        "hem", "sideSeam", "closedEnd", "ease", "pin", "tuck", "tail", "gap", "margin", "wall", "cordTail", "casing", "casingTurn",
        "stretch", "elasticRatio", "buttonSpacing", "prewash", "tuckUnder",
    ];
}
