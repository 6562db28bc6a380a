using Wrapper.Core.Units;

namespace Wrapper.Devices;

/// <summary>A stand-in for a tape: reads a dialled length as an unsteady hand would, a little off each time.</summary>
/// <param name="seed">The same seed reads the same.</param>
public sealed class SimulatedTape(int seed)
{
    private readonly Random _hand = new(seed);

    /// <summary>A reading of a length, off by no more than the jitter either way and never below nothing, to the tape's own step.</summary>
    /// <param name="dialled">What lies under the tape.</param>
    /// <param name="jitter">How unsteady the hand is.</param>
    /// <param name="unit">The unit the tape is switched to.</param>
    /// <param name="device">What it calls itself.</param>
    public TapeReading Read(Length dialled, Length jitter, LengthUnit unit, string device)
    {
        var off = jitter.Times((decimal)((2 * _hand.NextDouble()) - 1));
        var read = Length.Max(dialled + off, Length.Zero).RoundedTo(LengthFormat.For(unit).Step);
        return new(device, read, unit);
    }
}
