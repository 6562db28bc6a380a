using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Catalogue.Measuring;

/// <summary>The direction a measure runs on the thing, which fit and conversion follow.</summary>
public enum MeasureAxis
{
    /// <summary>Side to side.</summary>
    Width,

    /// <summary>Front to back, or along the length.</summary>
    Depth,

    /// <summary>Bottom to top.</summary>
    Thickness,

    /// <summary>A check on other measures; not drafted from.</summary>
    Diagonal,

    /// <summary>A detail that keeps its size whatever the fit: an ear, a flap, a radius.</summary>
    Detail,
}

/// <summary>A measure a form asks for. Every measure is a length.</summary>
/// <param name="Measure">What it is of.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Guidance">How to hold the tape.</param>
/// <param name="Axis">Which way it runs.</param>
/// <param name="ExampleInches">What a first drawing shows before it is taken, in an inch job.</param>
/// <param name="ExampleMillimetres">The same in a metric job.</param>
/// <param name="LikelyLeast">Less than this is probably a slip of the unit.</param>
/// <param name="LikelyMost">More than this is probably a slip of the unit.</param>
/// <param name="Optional">True when a draft can be made without it.</param>
/// <param name="MayBeZero">True when nothing is an answer: no flap, a knife edge, square corners.</param>
/// <param name="Rule">The rule that answers when the measure is not taken; null for none.</param>
public sealed record MeasureDefinition(
    Measure Measure,
    string Label,
    string Guidance,
    MeasureAxis Axis,
    string ExampleInches,
    string ExampleMillimetres,
    Length LikelyLeast,
    Length LikelyMost,
    bool Optional = false,
    bool MayBeZero = false,
    Rule? Rule = null
) : IFigureSubject
{
    /// <summary>Its name in the open format.</summary>
    public string Name => Measure.Name;

    /// <summary>A detail that runs from side to side: an old cover's shrank as its width did.</summary>
    public bool RunsAcross { get; init; }

    /// <summary>
    /// An example of the thing has this measure: it is asked for, or has a figure of its own to show and no rule that stands in.
    /// </summary>
    public bool IsInExamples => ExampleInches.Length > 0 && Rule is null && !(Optional && MayBeZero);

    /// <summary>What a first drawing shows before it is taken; null where it has no example.</summary>
    /// <param name="unit">The unit of the job.</param>
    public Length? Example(LengthUnit unit) => LengthReader.Read(unit.IsImperial() ? ExampleInches : ExampleMillimetres, unit).Length;

    /// <summary>Where it is written on the drawing; null for nowhere.</summary>
    public MeasurePlace? Place { get; init; }
}
