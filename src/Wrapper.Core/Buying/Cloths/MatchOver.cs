namespace Wrapper.Core.Buying.Cloths;

/// <summary>Over what a pattern is matched: which pieces show the same place of it. See docs/handbook.md, "Cloth".</summary>
public enum MatchOver
{
    /// <summary>All covers of the job show the same place.</summary>
    Set,

    /// <summary>The pieces of each cover meet one another.</summary>
    Cover,

    /// <summary>Pieces lie where they fall.</summary>
    None,
}
