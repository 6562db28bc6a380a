namespace Wrapper.Core.Catalogue;

/// <summary>A choice of the make-up that is made with words.</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Words">What can be chosen, the usual first.</param>
public sealed record OptionDefinition(string Name, string Label, IReadOnlyList<string> Words);

/// <summary>Every choice there is; what is no choice is told and not passed over. See docs/handbook.md, "Make-up".</summary>
public static class OptionCatalogue
{
    private static readonly string[] Truth = ["false", "true"];

    /// <summary>All choices made with words, by name.</summary>
    public static IReadOnlyDictionary<string, OptionDefinition> All { get; } = new OptionDefinition[]
    {
        new("piping", "Piping", ["none", "top", "both"]),
        new("slidePocket", "Slide pocket", Truth),
        new("bias", "Piping on the bias", ["true", "false"]),
        new("strips", "Strips lie", ["across", "down"]),
        new("plates", "Large pieces", ["straight", "turned", "middle-and-sides"]),
        new("closure", "Closure", ["zip", "closed-end-zip", "invisible-zip", "hook-and-loop", "pinned-tail", "gap", "buttons", "snaps", "overlap", "ties", "plain"]),
        new("edge", "Lower edge", ["double-hem", "casing-elastic", "stretched-elastic", "drawstring", "overlocked-cord", "hook-and-loop", "skirt"]),
        new("notch", "Corner notch", ["seam-counted", "full-wall"]),
        new("returnCorners", "Corners of the return", ["open", "folded", "mitred"]),
        new("topCorners", "Corners of the top drop", ["cut-out", "pleated"]),
        new("roundedCorners", "Rounded corners", ["all", "front", "back"]),
        new("earSide", "Ear on the", ["left", "right"]),
        new("zipSides", "Zip round", ["back", "three-sides"]),
        new("join", "Joined in", ["middle-and-sides", "equal-widths"]),
        new("layers", "Layers", ["single", "reversible"]),
        new("hands", "Alike or in pairs", ["alike", "pairs"]),
        new("skirt", "Skirt", ["gathered", "box-pleats", "kick-pleats"]),
    }.ToDictionary(option => option.Name);

    /// <summary>Choices that are a number or a length: <c>zipShare</c>, <c>medallion</c>.</summary>
    public static IReadOnlySet<string> Figures { get; } = new HashSet<string> { "zipShare", "medallion" };

    /// <summary>Every name an option may have.</summary>
    public static IEnumerable<string> Names => All.Keys.Concat(Figures);
}
