using Wrapper.Core.Units;

namespace Wrapper.Core.Pattern;

/// <summary>
/// How far the middle of a motif, or of a stripe, lies off the middle of a cover's face; nothing where it is centred. See
/// docs/handbook.md, "The print".
/// </summary>
/// <param name="Across">To the right of the middle; below 0 to the left.</param>
/// <param name="Along">To the back of it; below 0 to the front.</param>
public readonly record struct PrintLed(Length Across, Length Along);
