namespace Wrapper.Core.Working;

/// <summary>Where a given figure comes from: the working says which rule gave the number.</summary>
public enum QuantitySource
{
    /// <summary>Taken with the tape.</summary>
    Measure,

    /// <summary>The trade's usual figure, nothing else having been said.</summary>
    Default,

    /// <summary>Said for this job.</summary>
    Job,

    /// <summary>The house's own rule.</summary>
    House,

    /// <summary>Said for this cover.</summary>
    Cover,

    /// <summary>A property of the cloth.</summary>
    Cloth,

    /// <summary>Worked out from other figures.</summary>
    Worked,

    /// <summary>Read off the drawing, because no sum gives it: a curve, a mitre, a smooth side.</summary>
    Drawn,
}
