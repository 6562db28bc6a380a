namespace Wrapper.Core.Catalogue;

/// <summary>How an open lower edge is finished, in the order it is offered. See docs/handbook.md, "Edge finishes".</summary>
public enum LowerEdge
{
    /// <summary>Turned twice and sewn.</summary>
    DoubleHem,

    /// <summary>Elastic drawn through a casing.</summary>
    CasingElastic,

    /// <summary>Elastic sewn on stretched.</summary>
    StretchedElastic,

    /// <summary>A cord drawn through a casing.</summary>
    Drawstring,

    /// <summary>A cord caught under an overlock.</summary>
    OverlockedCord,

    /// <summary>Hook-and-loop tape round the base.</summary>
    HookAndLoop,

    /// <summary>A skirt, gathered or pleated.</summary>
    Skirt,
}
