namespace Wrapper.Devices;

/// <summary>What a foot switch says. See docs/devices.md, "Foot switch".</summary>
public enum FootPedal
{
    /// <summary>Done, the next one.</summary>
    Next,

    /// <summary>Back to the one before.</summary>
    Back,

    /// <summary>Held down: the work rests, or goes on again.</summary>
    Hold,
}

/// <summary>One press of a foot switch: pressed once, sent once.</summary>
/// <param name="Device">What the switch calls itself.</param>
/// <param name="Pedal">What was pressed.</param>
public sealed record FootPress(string Device, FootPedal Pedal);
