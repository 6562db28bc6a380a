namespace Wrapper.Core.Pattern;

/// <summary>What is chalked or snipped on a piece. See docs/handbook.md, "Marks".</summary>
public enum MarkKind
{
    /// <summary>A snip into the allowance.</summary>
    Notch,

    /// <summary>A line the cloth is folded on.</summary>
    Fold,

    /// <summary>A line sewn across an opened corner.</summary>
    CornerLine,

    /// <summary>The square of a dart.</summary>
    Dart,

    /// <summary>Where a zip stops.</summary>
    ZipStop,

    /// <summary>Which way is up.</summary>
    Top,

    /// <summary>A place that meets another.</summary>
    MatchPoint,

    /// <summary>Where the needle turns at a corner inside the piece.</summary>
    DrillPoint,

    /// <summary>Where a gap begins or ends that is closed by hand.</summary>
    GapEnd,

    /// <summary>Where what was closed by hand is unpicked when the cover has to come off.</summary>
    UnpickPoint,
}
