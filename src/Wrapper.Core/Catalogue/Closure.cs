namespace Wrapper.Core.Catalogue;

/// <summary>How a cover is closed, in the order it is offered. See docs/handbook.md, "Closures".</summary>
public enum Closure
{
    /// <summary>A zip off the roll, or whatever zip suits the place.</summary>
    Zip,

    /// <summary>A zip with closed ends, its teeth as long as the opening.</summary>
    ClosedEndZip,

    /// <summary>A zip that does not show, sewn in open.</summary>
    InvisibleZip,

    /// <summary>Hook-and-loop tape, lapped.</summary>
    HookAndLoop,

    /// <summary>A tail tucked in and pinned.</summary>
    PinnedTail,

    /// <summary>A gap, sewn up by hand.</summary>
    Gap,

    /// <summary>Buttons with their loops or holes.</summary>
    Buttons,

    /// <summary>Snaps.</summary>
    Snaps,

    /// <summary>An edge that laps far over the other.</summary>
    Overlap,

    /// <summary>Ties.</summary>
    Ties,

    /// <summary>Nothing: the edges lie together.</summary>
    Plain,
}
