using System.Diagnostics.CodeAnalysis;

namespace Wrapper.Core.Reading;

/// <summary>Whether a cloth looks the same with its pieces turned round. See docs/handbook.md, "Cloth".</summary>
public enum Nap
{
    /// <summary>Pieces may be turned by 180°.</summary>
    Either,

    /// <summary>It has a nap, or a print with an up and a down.</summary>
    OneWay,
}

/// <summary>Which way the warp of a cloth runs on its pieces. See docs/handbook.md, "Cloth".</summary>
public enum Grain
{
    /// <summary>Down the piece.</summary>
    Down,

    /// <summary>Pieces may be turned by a quarter: the cloth may be railroaded, or looks the same both ways.</summary>
    Either,
}

/// <summary>How a cloth lies on the cutting table.</summary>
public enum ClothLayers
{
    /// <summary>Open.</summary>
    [SuppressMessage("Naming", "CA1720", Justification = "One layer is what the trade and the open format call single.")]
    Single,

    /// <summary>Folded along its middle and cut double.</summary>
    Fold,
}

/// <summary>How a pattern goes on from one repeat across to the next. See docs/handbook.md, "Cloth".</summary>
public enum RepeatMatch
{
    /// <summary>At the same height.</summary>
    Straight,

    /// <summary>Half a repeat lower.</summary>
    HalfDrop,
}
