namespace Wrapper.Core.Catalogue;

/// <summary>What a rule is about: rules are shown by it, in this order.</summary>
public enum RuleGroup
{
    /// <summary>How much larger or smaller than the thing the cover is.</summary>
    Fit,

    /// <summary>Seam allowances, and what is sewn shut.</summary>
    Seams,

    /// <summary>Hems, margins and turned edges.</summary>
    Hems,

    /// <summary>Zips, tape, flaps, buttons, gaps.</summary>
    Closing,

    /// <summary>Piping and its casing.</summary>
    Piping,

    /// <summary>Elastic and cord in casings.</summary>
    Elastic,

    /// <summary>Ties.</summary>
    Ties,

    /// <summary>Ease, tucks, skirts, flanges.</summary>
    Shape,

    /// <summary>What is bought besides: filling, thread, labels.</summary>
    Supplies,

    /// <summary>How cloth is measured out and bought; said by the house.</summary>
    Cutting,

    /// <summary>Minutes; said by the house.</summary>
    Time,
}
