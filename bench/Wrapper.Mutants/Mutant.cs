namespace Wrapper.Mutants;

/// <summary>What is changed.</summary>
internal enum MutantKind
{
    /// <summary>A sign or an operator of a sum: + for −, × for ÷.</summary>
    Operator,

    /// <summary>One side of a sum left out.</summary>
    DroppedTerm,

    /// <summary>How often something is taken: 3 for 2, 1 for 2.</summary>
    Factor,

    /// <summary>A minus before a figure taken off.</summary>
    Sign,

    /// <summary>Another rule asked for: the zip's turning for the seam.</summary>
    Allowance,

    /// <summary>Another figure of the same kind that is at hand.</summary>
    OtherFigure,

    /// <summary>Two arguments of one type the wrong way round.</summary>
    SwappedArguments,

    /// <summary>A comparison that takes in its limit, or leaves it out; equal for unequal.</summary>
    Comparison,

    /// <summary>And for or, or a not taken off.</summary>
    Logic,

    /// <summary>The two answers of a choice the wrong way round.</summary>
    Choice,
}

/// <summary>One small change of the code.</summary>
/// <param name="Id">Its number in this build.</param>
/// <param name="File">The file, from the repository's root.</param>
/// <param name="Line">The line, from 1.</param>
/// <param name="Kind">What is changed.</param>
/// <param name="Before">The code as it is.</param>
/// <param name="After">The code as it would be.</param>
/// <param name="IsStatic">It stands where the code runs once, when its type is first used: the change has to be there from the
/// start.</param>
/// <param name="Member">The member it stands in.</param>
internal sealed record Mutant(int Id, string File, int Line, MutantKind Kind, string Before, string After, bool IsStatic, string Member)
{
    /// <summary>It changes a figure, and not only which way is gone.</summary>
    public bool IsFormula => Kind is not (MutantKind.Comparison or MutantKind.Logic or MutantKind.Choice);

    /// <summary>What stays the same when lines move: where it stands and what it does.</summary>
    public string Name => $"{File}|{Member}|{Kind}|{Before}|{After}";
}
