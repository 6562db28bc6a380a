using Wrapper.Core.Forms;

namespace Wrapper.Core.Drafting;

/// <summary>A way of making a flat cloth go round a thing, as it is offered.</summary>
/// <param name="Id">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Says">What speaks for it and against it, in one sentence.</param>
/// <param name="Look">How the finished cover looks.</param>
/// <param name="GoesOn">How it goes on and comes off.</param>
/// <param name="Washes">How it stands being taken off and washed.</param>
public sealed record ConstructionDefinition(string Id, string Label, string Says, string Look, string GoesOn, string Washes)
{
    /// <summary>The ways it can be closed; null where whatever the thing offers will do.</summary>
    public IReadOnlyList<string>? Closures { get; init; }

    /// <summary>The choices it has.</summary>
    public IReadOnlyList<OptionDefinition> Options => [.. OptionCatalogue.All.Values.Where(option => option.Constructions.Contains(Id))];
}

/// <summary>Every construction there is. See docs/drafting.md.</summary>
public static class ConstructionCatalogue
{
    private static readonly string[] Zipped = ["zip", "closed-end-zip", "invisible-zip", "hook-and-loop"];
    private static readonly string[] BoxingClosures = [.. Zipped, "gap", "ties"];
    private static readonly string[] Flapped = ["snaps", "hook-and-loop", "pinned-tail"];

    /// <summary>The ways a thing of this shape can be closed when it is made this way, the usual one first; empty where there is nothing to choose.</summary>
    public static IReadOnlyList<string> ClosuresOf(ShapeDefinition shape, string construction) =>
        All.GetValueOrDefault(construction)?.Closures is { } own ? [.. shape.Closures.Where(own.Contains)] : shape.Closures;

    /// <summary>The constructions, by id.</summary>
    public static IReadOnlyDictionary<string, ConstructionDefinition> All { get; } = new ConstructionDefinition[]
    {
        new(BoxingStrip.Id, "Boxing strip", "Two plates and a wall: tailored, can be piped; more pieces and more sewing.", "crisp edges, a flat wall", "through the zip, easily if it turns the corners", "comes off whole; piping dries slowly") { Closures = BoxingClosures },
        new(WrapNotched.Id, "Wrap, corners notched first", "One piece, corners cut out before sewing: exact, but no second look.", "soft front edge, the cloth runs over it", "opens like a mouth", "comes off whole, little bulk") { Closures = Zipped },
        new(WrapFolded.Id, "Wrap, corners folded after", "One piece sewn flat, corners opened after: quick and self-correcting, no piping.", "soft front edge, corners a little rounded", "through the back", "comes off whole; trimmed corners want finishing") { Closures = Zipped },
        new(PanelsFolded.Id, "Two panels, corners folded after", "Two panels with the zip in one edge, all corners opened.", "seam round the middle, corners folded", "through the back", "comes off whole; trimmed corners want finishing") { Closures = Zipped },
        new(BandEnds.Id, "Band and ends", "A band over the profile, closed by two ends.", "the cloth runs round without a seam", "through the band, or pulled over", "comes off whole") { Closures = Zipped },
        new(Envelope.Id, "Envelope", "A sleeve with a tail that folds in, fitted on the thing.", "plain, soft sides, no hardware", "slips in, the tail folds under", "off in a moment; nothing to rust or catch") { Closures = Flapped },
        new(TubNotched.Id, "Tub in one piece", "Corners cut out, open underneath: fewest seams.", "plain, soft corners", "pulled over and drawn in", "off in a moment, dries flat"),
        new(TubWalls.Id, "Tub with walls", "A top and separate walls, open underneath: crisp edges, piping, contrast.", "crisp top edge, separate walls", "dropped over from above", "off in a moment; corners want finishing"),
        new(Bag.Id, "Bag", "Two faces sewn together, one way in.", "two faces, a seam round the edge", "through its one opening", "comes off whole, irons flat"),
        new(PoufWrapped.Id, "Wrapped cube", "Top and bottom come over the edges, strips go round the corners.", "rounded corners, strips between the sides", "filled through a gap or zip", "filling has to come out first"),
        new(Flat.Id, "Flat cloth", "One cloth, hemmed all round.", "hangs in folds", "laid on", "washes and irons as one cloth"),
        new(OutlineMargin.Id, "Outline with margin", "The board's outline and a margin that is drawn in underneath.", "smooth on top, gathered underneath", "drawn tight underneath", "off in a moment, dries flat"),
        new(Blocks.Id, "Blocks for pinning", "Rough pieces with allowances, pinned on the thing and trimmed.", "follows the thing as it is pinned", "as it is fitted", "wash the cloth before cutting"),
    }.ToDictionary(construction => construction.Id);
}
