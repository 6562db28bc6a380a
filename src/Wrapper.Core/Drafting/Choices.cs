namespace Wrapper.Core.Drafting;

/// <summary>What the tape was laid on. See docs/handbook.md, "Measured from what".</summary>
public enum MeasuredFrom
{
    /// <summary>The bare filling.</summary>
    Filling,

    /// <summary>The filling with its wadding on.</summary>
    PaddedFilling,

    /// <summary>The space the thing must fill.</summary>
    Space,

    /// <summary>An old cover, flat, at its seams.</summary>
    OldCover,
}

/// <summary>Which edges carry piping.</summary>
public enum Piping
{
    /// <summary>None.</summary>
    None,

    /// <summary>The top edge.</summary>
    Top,

    /// <summary>Top and bottom edge.</summary>
    Both,
}

/// <summary>Which way the long strips lie on the cloth.</summary>
public enum StripDirection
{
    /// <summary>Across the roll, selvage to selvage.</summary>
    Across,

    /// <summary>Down the roll: longer without a join, but the pattern turns a quarter.</summary>
    Down,
}

/// <summary>How a plate wider than the cloth is got out of it.</summary>
public enum PlateLay
{
    /// <summary>As it is, grain front to back.</summary>
    Straight,

    /// <summary>Turned a quarter.</summary>
    Turned,

    /// <summary>A full width in the middle and two equal sides.</summary>
    MiddleAndSides,
}

/// <summary>How a layer of padding lies on the filling.</summary>
public enum PaddingHow
{
    /// <summary>On the top face.</summary>
    Top,

    /// <summary>On the top and the bottom face.</summary>
    TopAndBottom,

    /// <summary>Over the top, round the front edge and under the bottom.</summary>
    FrontWrap,

    /// <summary>On every face.</summary>
    AllOver,
}

/// <summary>The choices of a cover's make-up that are not lengths. Null is unsaid.</summary>
public sealed record Choices
{
    /// <summary>Which edges carry piping.</summary>
    public Piping Piping { get; init; }

    /// <summary>A lap of boxing hides the zip's end and slide at both ends.</summary>
    public bool SlidePocket { get; init; }

    /// <summary>Piping casing cut on the bias; else on the straight grain.</summary>
    public bool Bias { get; init; } = true;

    /// <summary>Which way strips lie; null to go across, and down where the front would have to be joined.</summary>
    public StripDirection? Strips { get; init; }

    /// <summary>What is done with a plate wider than the cloth; null to take what works and say so.</summary>
    public PlateLay? Plates { get; init; }
}

/// <summary>A layer put on the filling first.</summary>
public sealed record Padding(Units.Length Thickness, PaddingHow How, int Turns);
