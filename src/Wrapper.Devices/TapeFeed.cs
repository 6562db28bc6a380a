namespace Wrapper.Devices;

/// <summary>Carries readings from tapes to whoever is measuring. A reading nobody listens to is gone, as with a real tape.</summary>
public sealed class TapeFeed : Feed<TapeReading>;
