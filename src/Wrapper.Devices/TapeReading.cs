using Wrapper.Core.Units;

namespace Wrapper.Devices;

/// <summary>One reading of a tape that speaks for itself: pressed once, sent once. See docs/devices.md, "Tape".</summary>
/// <param name="Device">What the tape calls itself.</param>
/// <param name="Length">What it read.</param>
/// <param name="Unit">The unit it is switched to: readings are to its own step, 1/16 in or 1 mm.</param>
public sealed record TapeReading(string Device, Length Length, LengthUnit Unit)
{
    /// <summary>The reading as a person would type it, with its unit, to the tape's own step.</summary>
    public string Text => LengthFormat.For(Unit).RoundedWithUnit(Length);
}
