namespace Wrapper.Core.Pattern;

/// <summary>What is caught between the two sides of a seam.</summary>
public enum Caught
{
    /// <summary>A run of piping.</summary>
    Piping,

    /// <summary>A zip.</summary>
    Zip,

    /// <summary>Hook-and-loop tape, which laps.</summary>
    HookAndLoop,
}
