namespace Wrapper.Core.Reading;

/// <summary>A corner of a free outline, from the front left corner on, counter-clockwise seen from above.</summary>
/// <param name="X">Across, to the right.</param>
/// <param name="Y">From front to back.</param>
/// <param name="Rise">How far the edge that leaves this corner bulges out of the straight at its middle; below 0 inwards.</param>
public sealed record PointInput(Entry X, Entry Y, Entry? Rise = null);

/// <summary>A width measured at a distance from the front.</summary>
/// <param name="At">How far from the front edge.</param>
/// <param name="Width">Side to side there.</param>
public sealed record StationInput(Entry At, Entry Width);

/// <summary>A zone of a loose cover that is cut as a rough block. See docs/handbook.md, "Blocks".</summary>
public sealed record ZoneInput
{
    /// <summary>What it is called: inside back, arm front.</summary>
    public string Name { get; init; } = "";

    /// <summary>Its greatest width between seams; for a slanted zone plumb, for a strip the length along its outer curve.</summary>
    public Entry Width { get; init; }

    /// <summary>Its greatest height between seams; for a strip the width of the wall.</summary>
    public Entry Height { get; init; }

    /// <summary>A second reading of the width.</summary>
    public Entry? SecondWidth { get; init; }

    /// <summary>A second reading of the height.</summary>
    public Entry? SecondHeight { get; init; }

    /// <summary>Which of two readings holds: <c>larger</c> (when nothing is said), <c>smaller</c> or <c>mean</c>.</summary>
    public string? ReadingUse { get; init; }

    /// <summary>Which edges go down a gap: <c>left</c>, <c>right</c>, <c>top</c>, <c>bottom</c>.</summary>
    public IReadOnlyList<string> Tucks { get; init; } = [];

    /// <summary>How deep the gap is that they go down.</summary>
    public Entry? FreeTuck { get; init; }

    /// <summary>How many there are on the thing.</summary>
    public int Count { get; init; } = 1;

    /// <summary>They come as a left and a right.</summary>
    public bool Pair { get; init; }

    /// <summary>The zone runs on a slant: its width is taken plumb.</summary>
    public bool Slanted { get; init; }

    /// <summary>A strip bent round a curve and eased in.</summary>
    public bool Strip { get; init; }

    /// <summary>Edges that carry piping.</summary>
    public IReadOnlyList<string> Piped { get; init; } = [];
}

/// <summary>
/// A point along the edge of a block as it was trimmed on the thing and laid flat; the points of a block follow one another
/// counter-clockwise.
/// </summary>
/// <param name="Block">The block’s key: <c>block-1</c>, <c>block-3-left</c>.</param>
/// <param name="Edge">The edge that begins here: <c>bottom</c>, <c>right</c>, <c>top</c>, <c>left</c>; null where the edge before goes
/// on.</param>
/// <param name="X">Across.</param>
/// <param name="Y">Along, from the lower edge up.</param>
public sealed record TrimmedInput(string? Block, string? Edge, Entry X, Entry Y);

/// <summary>Two edges of blocks that are sewn to one another.</summary>
/// <param name="Block">The key of one block.</param>
/// <param name="Edge">Its edge: <c>bottom</c>, <c>right</c>, <c>top</c>, <c>left</c>.</param>
/// <param name="To">The key of the other.</param>
/// <param name="ToEdge">Its edge.</param>
public sealed record BlockSeamInput(string? Block, string? Edge, string? To, string? ToEdge);

/// <summary>Something under the rim that limits the drop over a stretch of one side.</summary>
/// <param name="Side"><c>front</c>, <c>right</c>, <c>back</c> or <c>left</c>.</param>
/// <param name="From">From the side's left end, seen from outside.</param>
/// <param name="Length">How long the stretch is.</param>
/// <param name="Drop">How far down the cover may come there.</param>
public sealed record ObstacleInput(string? Side, Entry From, Entry Length, Entry Drop);

/// <summary>What trying on taught.</summary>
/// <param name="Side"><c>left</c>, <c>right</c>, <c>front</c>, <c>back</c>, <c>top</c>, <c>bottom</c> or <c>all</c>.</param>
/// <param name="By">How much to let out; below 0 to take in.</param>
public sealed record CorrectionInput(string? Side, Entry By);
