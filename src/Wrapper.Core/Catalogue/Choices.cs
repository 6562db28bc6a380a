using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Catalogue;

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

    /// <summary>On the top and down over all edges.</summary>
    OverEdges,

    /// <summary>Wound round the width: the width and the thickness grow, the other way does not.</summary>
    WoundWidth,

    /// <summary>Wound round the depth.</summary>
    WoundDepth,
}

/// <summary>Which corners are rounded.</summary>
public enum RoundedCorners
{
    /// <summary>All outer corners.</summary>
    All,

    /// <summary>Those of the front.</summary>
    Front,

    /// <summary>Those of the back.</summary>
    Back,
}

/// <summary>What is done with the corners of a return.</summary>
public enum ReturnCorners
{
    /// <summary>Left open.</summary>
    Open,

    /// <summary>Folded.</summary>
    Folded,

    /// <summary>Mitred.</summary>
    Mitred,
}

/// <summary>How a skirt is made.</summary>
public enum SkirtMake
{
    /// <summary>Gathered.</summary>
    Gathered,

    /// <summary>In box pleats.</summary>
    BoxPleats,

    /// <summary>With a pleat at each corner.</summary>
    KickPleats,
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

    /// <summary>How it is closed; null where there is nothing to close.</summary>
    public Closure? Closure { get; init; }

    /// <summary>How its lower edge is finished; null where there is none.</summary>
    public LowerEdge? Edge { get; init; }

    /// <summary>The corner notch is cut as large as the wall, and the cover comes out smaller by two seams.</summary>
    public bool FullWallNotch { get; init; }

    /// <summary>What is done with the corners of a return.</summary>
    public ReturnCorners ReturnCorners { get; init; }

    /// <summary>The corners of a top that comes over the edge are laid in a pleat; else cut out.</summary>
    public bool PleatedTopCorners { get; init; }

    /// <summary>Which corners the corner radius belongs to.</summary>
    public RoundedCorners RoundedCorners { get; init; }

    /// <summary>The ear of an L is on the right, seen from above with the front towards the maker; else on the left.</summary>
    public bool EarOnTheRight { get; init; }

    /// <summary>The zip runs round the back and two thirds of both sides.</summary>
    public bool ZipOnThreeSides { get; init; }

    /// <summary>A face wider than the cloth is joined as a middle and two sides; false in equal widths; null for what is usual.</summary>
    public bool? MiddleAndSides { get; init; }

    /// <summary>Two layers, either side out.</summary>
    public bool Reversible { get; init; }

    /// <summary>The back is a ready sheet with its hems.</summary>
    public bool HasReadyBack { get; init; }

    /// <summary>Half of the covers are the mirror image of the other half.</summary>
    public bool InPairs { get; init; }

    /// <summary>How a skirt is made.</summary>
    public SkirtMake Skirt { get; init; }

    /// <summary>The part of the way round that a zip takes where there is no back edge.</summary>
    public decimal ZipShare { get; init; } = 0.5m;

    /// <summary>The finished diameter of a medallion; null for none.</summary>
    public Length? Medallion { get; init; }

    /// <summary>Where the print is led on the cover's faces, and on what goes on from them.</summary>
    public PrintLed Print { get; init; }
}

/// <summary>A layer put on the filling first.</summary>
public sealed record Padding(Units.Length Thickness, PaddingHow How, int Turns);
