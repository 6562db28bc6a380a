namespace Wrapper.Core.Drafting;

/// <summary>A choice of the make-up that is made with words.</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Words">What can be chosen, the usual first.</param>
/// <param name="Constructions">The constructions it changes.</param>
public sealed record OptionDefinition(string Name, string Label, IReadOnlyList<string> Words, IReadOnlyList<string> Constructions);

/// <summary>Every choice there is; what is no choice is told and not passed over. See docs/handbook.md, "Make-up".</summary>
public static class OptionCatalogue
{
    private static readonly string[] Folded = [WrapNotched.Id, WrapFolded.Id, PanelsFolded.Id];
    private static readonly string[] Tubs = [TubNotched.Id, TubWalls.Id];
    private static readonly string[] Truth = ["false", "true"];

    /// <summary>All choices made with words, by name.</summary>
    public static IReadOnlyDictionary<string, OptionDefinition> All { get; } = new OptionDefinition[]
    {
        new("piping", "Piping", ["none", "top", "both"], [BoxingStrip.Id, BandEnds.Id, TubWalls.Id, Bag.Id, .. Folded]),
        new("slidePocket", "Slide pocket", Truth, [BoxingStrip.Id, .. Folded]),
        new("bias", "Piping on the bias", ["true", "false"], [BoxingStrip.Id, BandEnds.Id, TubWalls.Id, Bag.Id]),
        new("strips", "Strips lie", ["across", "down"], [BoxingStrip.Id, TubWalls.Id]),
        new("plates", "Large pieces", ["straight", "turned", "middle-and-sides"], [BoxingStrip.Id, .. Folded, TubWalls.Id, TubNotched.Id, BandEnds.Id, Envelope.Id, Flat.Id, Bag.Id, OutlineMargin.Id, PoufWrapped.Id]),
        new("closure", "Closure", ["zip", "closed-end-zip", "invisible-zip", "hook-and-loop", "pinned-tail", "gap", "buttons", "snaps", "overlap", "ties", "plain"], [BoxingStrip.Id, .. Folded, BandEnds.Id, Envelope.Id, Bag.Id, PoufWrapped.Id, Blocks.Id]),
        new("edge", "Lower edge", ["double-hem", "casing-elastic", "stretched-elastic", "drawstring", "overlocked-cord", "hook-and-loop", "skirt"], [.. Tubs, BandEnds.Id, OutlineMargin.Id]),
        new("notch", "Corner notch", ["seam-counted", "full-wall"], [TubNotched.Id]),
        new("returnCorners", "Corners of the return", ["open", "folded", "mitred"], [TubWalls.Id]),
        new("topCorners", "Corners of the top drop", ["cut-out", "pleated"], [TubWalls.Id]),
        new("roundedCorners", "Rounded corners", ["all", "front", "back"], [BoxingStrip.Id, WrapFolded.Id, PanelsFolded.Id, Bag.Id]),
        new("earSide", "Ear on the", ["left", "right"], [BoxingStrip.Id, Bag.Id]),
        new("zipSides", "Zip round", ["back", "three-sides"], [BoxingStrip.Id, PanelsFolded.Id]),
        new("join", "Joined in", ["middle-and-sides", "equal-widths"], [Bag.Id]),
        new("layers", "Layers", ["single", "reversible"], [Bag.Id]),
        new("hands", "Alike or in pairs", ["alike", "pairs"], [BoxingStrip.Id, Bag.Id, Envelope.Id, OutlineMargin.Id]),
        new("skirt", "Skirt", ["gathered", "box-pleats", "kick-pleats"], [TubWalls.Id, Blocks.Id]),
    }.ToDictionary(option => option.Name);

    /// <summary>Choices that are a number or a length: <c>zipShare</c>, <c>medallion</c>.</summary>
    public static IReadOnlySet<string> Figures { get; } = new HashSet<string> { "zipShare", "medallion" };

    /// <summary>Every name an option may have.</summary>
    public static IEnumerable<string> Names => All.Keys.Concat(Figures);
}
