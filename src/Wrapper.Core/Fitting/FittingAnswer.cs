using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Fitting;

/// <summary>What becomes of a seam when a cover is mended after trying on.</summary>
public enum SeamMend
{
    /// <summary>It is not sewn yet and lies elsewhere on what is cut.</summary>
    Sew,

    /// <summary>It is sewn and has to be unpicked and sewn anew.</summary>
    Unpick,

    /// <summary>It is sewn and stays; at an end it is opened so far.</summary>
    OpenEnd,

    /// <summary>It is sewn and stays; at an end it is sewn on so far.</summary>
    SewOn,
}

/// <summary>How far from its raw edge a side of a seam is sewn, in millimetres.</summary>
/// <param name="Side">The side.</param>
/// <param name="From">Where the edge begins.</param>
/// <param name="To">Where it ends.</param>
public sealed record FittedSide(SeamSide Side, double From, double To);

/// <summary>A seam that a finding changes.</summary>
/// <param name="Seam">The seam.</param>
/// <param name="Mend">What becomes of it.</param>
/// <param name="Sides">How far from its raw edge each side is sewn from now on; none of lines inside a piece.</param>
public sealed record FittedSeam(SewnSeam Seam, SeamMend Mend, IReadOnlyList<FittedSide> Sides)
{
    /// <summary>What is sewn across its ends, and has to be opened there first: operations, the last sewn first.</summary>
    public IReadOnlyList<string> OpenFirst { get; init; } = [];

    /// <summary>
    /// By how much it is shorter at its two ends, in millimetres: opened there where it is above 0, sewn on where it is below.
    /// </summary>
    public (double Start, double End) Ends { get; init; }

    /// <summary>Of a line inside a piece: how far over it lies, in millimetres.</summary>
    public double LiesOver { get; init; }
}

/// <summary>An operation that was done and has to be done again.</summary>
/// <param name="Operation">Its id.</param>
/// <param name="Edges">Of what lies on edges, as piping and hems do: where they lie now.</param>
public sealed record ReopenedOperation(string Operation, IReadOnlyList<FittedSide> Edges);

/// <summary>What a finding makes of one cover. See docs/handbook.md, "Trying on".</summary>
/// <param name="Seams">The seams that change: those to unpick first, the last sewn first; then the others in the order of sewing.</param>
/// <param name="Again">The copies that have to be cut again, because too little of them would be left beyond a seam.</param>
/// <param name="Cut">The copies that stay cut, and where the corrected stitch line lies on each.</param>
/// <param name="Reopened">The operations that were done and have to be done again, in the order of sewing.</param>
/// <param name="Lacking">By how much the shortest allowance falls short of the least; nothing where all is well.</param>
public sealed record FittingAnswer(
    IReadOnlyList<FittedSeam> Seams,
    IReadOnlyList<PieceCopy> Again,
    IReadOnlyDictionary<PieceCopy, CutCopy> Cut,
    IReadOnlyList<ReopenedOperation> Reopened,
    double Lacking
);
