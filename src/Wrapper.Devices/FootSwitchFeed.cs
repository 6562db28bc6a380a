namespace Wrapper.Devices;

/// <summary>Carries presses of foot switches to the card in hand. A press nobody listens to is gone, as with a real switch.</summary>
public sealed class FootSwitchFeed : Feed<FootPress>;
