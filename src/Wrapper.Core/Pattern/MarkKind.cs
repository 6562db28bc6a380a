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
}
