namespace Wrapper.Core.Reading;

/// <summary>Which of two readings of one measure counts.</summary>
public enum ReadingUse
{
    /// <summary>The larger one, unless the maker says otherwise.</summary>
    Larger,

    /// <summary>The smaller one.</summary>
    Smaller,

    /// <summary>Their mean.</summary>
    Mean,
}
