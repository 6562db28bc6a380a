namespace Wrapper.Core.Catalogue.Measuring;

/// <summary>
/// Where a measure is written on the drawing of its thing, as it is seen from in front, above and a little from the right.
/// </summary>
public enum MeasurePlace
{
    /// <summary>Along the lower front edge.</summary>
    FrontBottom,

    /// <summary>Along the lower right edge.</summary>
    RightBottom,

    /// <summary>Up the left of the front.</summary>
    FrontLeft,

    /// <summary>In the middle of the upper back edge.</summary>
    BackTop,

    /// <summary>From the front along the upper left edge.</summary>
    AlongTheTopLeft,

    /// <summary>From the left across the upper front edge, above it.</summary>
    AcrossTheTop,

    /// <summary>From the left across the upper front edge, below it.</summary>
    AcrossTheFront,

    /// <summary>Down the right of the front.</summary>
    DownTheRight,

    /// <summary>Across the middle of the front.</summary>
    InTheMiddle,

    /// <summary>Up the middle of the front.</summary>
    UpTheMiddle,

    /// <summary>Into the upper back edge from its right end.</summary>
    AtTheBackRight,

    /// <summary>From the back along the upper right edge.</summary>
    DownTheBackRight,
}
