namespace Wrapper.Core.Catalogue;

/// <summary>How piping comes into its seam.</summary>
public enum PipingSchool
{
    /// <summary>It is sewn on an edge before the seam that takes it in.</summary>
    First,

    /// <summary>All layers are sewn at once.</summary>
    Sandwich,
}

/// <summary>How a boxed cover is put together.</summary>
public enum RingSchool
{
    /// <summary>Boxing and zip are closed to a ring; then one plate, then the other.</summary>
    Ring,

    /// <summary>The boxing goes on the first plate from the front; then the ends, the zip strip, the other plate.</summary>
    Front,
}

/// <summary>How walls come to their top.</summary>
public enum WallSchool
{
    /// <summary>As a ring.</summary>
    Ring,

    /// <summary>One by one; then the corners down.</summary>
    OneByOne,
}

/// <summary>When raw edges are finished.</summary>
public enum FinishSchool
{
    /// <summary>Each seam right after it is sewn.</summary>
    Each,

    /// <summary>All edges before anything is sewn.</summary>
    First,

    /// <summary>Not at all.</summary>
    None,
}

/// <summary>What is done against layers that creep.</summary>
public enum CreepSchool
{
    /// <summary>Long seams are sewn the same way.</summary>
    SameWay,

    /// <summary>From a front corner outwards, both ways.</summary>
    FromACorner,
}

/// <summary>
/// The schools a house or a cover is sewn by: each only changes what the order is worked out from. See docs/handbook.md, "Schools".
/// </summary>
/// <param name="Piping">How piping comes into its seam.</param>
/// <param name="Ring">How a boxed cover is put together.</param>
/// <param name="Walls">How walls come to their top.</param>
/// <param name="Finish">When raw edges are finished.</param>
/// <param name="Creep">What is done against layers that creep.</param>
public sealed record Schools(PipingSchool Piping, RingSchool Ring, WallSchool Walls, FinishSchool Finish, CreepSchool Creep)
{
    /// <summary>What is done where nothing is said.</summary>
    public static Schools Usual { get; } =
        new(PipingSchool.First, RingSchool.Ring, WallSchool.Ring, FinishSchool.Each, CreepSchool.SameWay);
}
