namespace Wrapper.Core.Catalogue;

/// <summary>What is inside a cover, as far as it speaks for one way of making it or another (docs/handbook.md, “Advice”).</summary>
public enum Filling
{
    /// <summary>Nothing that is put in: a table, a chair, a sheet.</summary>
    None,

    /// <summary>A block that keeps its shape: foam, a mattress.</summary>
    Firm,

    /// <summary>Soft or loose: down, fibre, beads.</summary>
    Soft,
}
