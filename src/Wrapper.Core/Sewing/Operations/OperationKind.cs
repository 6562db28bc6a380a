namespace Wrapper.Core.Sewing.Operations;

/// <summary>What is done in one go, in the order of the work's phases. See docs/handbook.md, "Operations".</summary>
public enum OperationKind
{
    /// <summary>Raw edges are overlocked, zigzagged or pinked.</summary>
    Finish,

    /// <summary>Notches, folds, points and names are chalked or snipped.</summary>
    Mark,

    /// <summary>Parts of a face or a strip are joined flat.</summary>
    Join,

    /// <summary>A dart is sewn.</summary>
    Dart,

    /// <summary>Cord is covered with casing.</summary>
    MakePiping,

    /// <summary>Loops are sewn in.</summary>
    Loops,

    /// <summary>Ties or straps are sewn in.</summary>
    Ties,

    /// <summary>The label is sewn in.</summary>
    Label,

    /// <summary>An edge is hemmed.</summary>
    Hem,

    /// <summary>Piping is sewn on an edge.</summary>
    ApplyPiping,

    /// <summary>A zip is sewn in.</summary>
    Zip,

    /// <summary>Hook-and-loop tape is sewn on.</summary>
    Tape,

    /// <summary>Buttons or snaps are put on.</summary>
    Buttons,

    /// <summary>The lap that hides a zip's slide is folded and pinned.</summary>
    Pocket,

    /// <summary>Two edges are sewn together.</summary>
    Seam,

    /// <summary>A corner is opened and sewn across.</summary>
    Corner,

    /// <summary>The cover is turned right side out.</summary>
    Turn,

    /// <summary>The cover is tried on the thing.</summary>
    TryOn,

    /// <summary>An opened corner is trimmed.</summary>
    Trim,

    /// <summary>An edge is turned to a casing.</summary>
    Casing,

    /// <summary>Elastic or cord is drawn in.</summary>
    Thread,

    /// <summary>The filling is put in.</summary>
    Fill,

    /// <summary>A seam or gap is closed by hand.</summary>
    CloseByHand,

    /// <summary>A finished edge is stitched down.</summary>
    EdgeStitch,

    /// <summary>A seam is pressed.</summary>
    Press,
}

/// <summary>Where an edge is turned.</summary>
public enum Turned
{
    /// <summary>While it is flat: seams catch it.</summary>
    Flat,

    /// <summary>When the cover is closed round it.</summary>
    Round,
}

/// <summary>What must be seen to because it cannot be undone. See docs/handbook.md, "Stop-signs".</summary>
public enum StopSign
{
    /// <summary>The zip has to be open, or the cover cannot be turned.</summary>
    OpenZip,

    /// <summary>The slide lies inside before the zip's ends are cut.</summary>
    SlideInside,

    /// <summary>The corner is tried before it is trimmed.</summary>
    TryBeforeTrimming,

    /// <summary>The edge is tried before elastic or cord goes in.</summary>
    FitBeforeElastic,

    /// <summary>The other layer lies out of the way.</summary>
    OtherLayerAway,

    /// <summary>The facing is slit and the good face is not.</summary>
    FacingSlit,

    /// <summary>Piping lies raw edge to raw edge.</summary>
    PipingRawToRaw,

    /// <summary>A band is not twisted before its ring is closed.</summary>
    RingNotTwisted,

    /// <summary>Elastic is not twisted and its tail is pinned.</summary>
    ElasticNotTwisted,
}
