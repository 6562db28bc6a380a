using Wrapper.Core.Lays.Repeats;

namespace Wrapper.Core.Lays.Rectangles;

/// <summary>A rectangle to lay, in nanometres.</summary>
/// <param name="Width">Across the cloth.</param>
/// <param name="Height">Along the roll.</param>
/// <param name="MayTurn">It may also lie turned a quarter.</param>
/// <param name="Phase">Where its lower edge has to stand in the pattern's repeat; below zero for anywhere.</param>
internal readonly record struct RectangleItem(long Width, long Height, bool MayTurn, long Phase = -1)
{
    /// <summary>The narrowest it can lie.</summary>
    public long Least => MayTurn ? Math.Min(Width, Height) : Width;

    /// <summary>How far it is lifted off the level it lies on to meet a pattern of this repeat.</summary>
    public long Lift(long level, long repeat) => Phase < 0 ? 0 : RepeatPhase.Next(level, repeat, Phase) - level;
}

/// <summary>Where a rectangle lies: its least corner.</summary>
internal readonly record struct RectanglePlace(int Item, bool Turned, long X, long Y);

/// <summary>Rectangles laid.</summary>
/// <param name="Length">The length taken.</param>
/// <param name="Places">One for each item.</param>
internal sealed record RectangleLay(long Length, IReadOnlyList<RectanglePlace> Places);
