using Wrapper.Core.Units;

namespace Wrapper.Core.Forms;

/// <summary>The direction a measure runs on the thing, which fit and conversion follow.</summary>
public enum MeasureAxis
{
    /// <summary>Side to side.</summary>
    Width,

    /// <summary>Front to back.</summary>
    Depth,

    /// <summary>Bottom to top.</summary>
    Thickness,

    /// <summary>A check on other measures; not drafted from.</summary>
    Diagonal,
}

/// <summary>A measure a form asks for.</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Guidance">How to hold the tape.</param>
/// <param name="Axis">Which way it runs.</param>
/// <param name="ExampleInches">What a first drawing shows before it is taken, in an inch job.</param>
/// <param name="ExampleMillimetres">The same in a metric job.</param>
/// <param name="LikelyLeast">Less than this is probably a slip of the unit.</param>
/// <param name="LikelyMost">More than this is probably a slip of the unit.</param>
/// <param name="Optional">True when a draft can be made without it.</param>
public sealed record MeasureDefinition(
    string Name,
    string Label,
    string Guidance,
    MeasureAxis Axis,
    string ExampleInches,
    string ExampleMillimetres,
    Length LikelyLeast,
    Length LikelyMost,
    bool Optional = false);
