namespace Wrapper.Core.Pattern;

/// <summary>What a notion is. See docs/handbook.md, "Trims and notions".</summary>
public enum NotionKind
{
    /// <summary>A zip, cut or bought to its length.</summary>
    Zip,

    /// <summary>An invisible zip.</summary>
    ZipInvisible,

    /// <summary>A zip with closed ends, by its teeth.</summary>
    ZipClosedEnd,

    /// <summary>A zip off the roll by the length of its teeth, as it is asked for where none is sold so long.</summary>
    ZipByLength,

    /// <summary>Zip off the roll, as it is cut.</summary>
    ZipRoll,

    /// <summary>How far the zip reaches round the wall: a figure to mark, no ware.</summary>
    ZipRun,

    /// <summary>Where the zip stops: a figure to mark, no ware.</summary>
    ZipStop,

    /// <summary>The opening a zip leaves: a figure to mark, no ware.</summary>
    ZipOpening,

    /// <summary>Hook-and-loop tape.</summary>
    HookAndLoop,

    /// <summary>Elastic of a width.</summary>
    Elastic,

    /// <summary>Elastic for a strap.</summary>
    Strap,

    /// <summary>Cord to draw.</summary>
    Drawstring,

    /// <summary>What holds a drawn cord.</summary>
    CordStop,

    /// <summary>Each run of piping: a figure to sew by, no ware.</summary>
    Piping,

    /// <summary>Casing for piping: cut from the cloth, no ware.</summary>
    PipingCasing,

    /// <summary>Cord to cover for piping.</summary>
    Cord,

    /// <summary>A block of foam.</summary>
    Foam,

    /// <summary>Loose stuffing, in grams.</summary>
    Stuffing,

    /// <summary>A form to put in a bolster.</summary>
    BolsterForm,

    /// <summary>Thread.</summary>
    Thread,

    /// <summary>A button.</summary>
    Button,

    /// <summary>A snap.</summary>
    Snap,

    /// <summary>A pin.</summary>
    Pin,

    /// <summary>Elastic for a loop.</summary>
    Loop,

    /// <summary>A tie.</summary>
    Tie,

    /// <summary>A gap sewn up by hand: a figure to mark, no ware.</summary>
    Gap,

    /// <summary>The line of an opened corner: a figure to mark, no ware.</summary>
    CornerLine,

    /// <summary>A dart’s square: a figure to mark, no ware.</summary>
    DartSquare,
}
