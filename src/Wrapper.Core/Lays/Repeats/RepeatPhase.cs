namespace Wrapper.Core.Lays.Repeats;

/// <summary>Places along the roll that stand at the same phase of the pattern's repeat.</summary>
internal static class RepeatPhase
{
    /// <summary>The first place at or after y with y = phase (mod repeat); y itself where there is no repeat.</summary>
    public static long Next(long y, long repeat, long phase)
    {
        if (repeat <= 0)
        {
            return y;
        }

        var over = (((y - phase) % repeat) + repeat) % repeat;
        return over == 0 ? y : y + repeat - over;
    }
}
