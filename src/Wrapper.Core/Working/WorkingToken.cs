using Wrapper.Core.Units;

namespace Wrapper.Core.Working;

/// <summary>One word of a line of working: a sign, or a figure with its name.</summary>
/// <param name="Text">The word exactly as the expression has it: all words joined by spaces are the expression.</param>
/// <param name="Shown">The word for the eye: a figure rounded to the workroom's step, with ≈ where that is not exact.</param>
/// <param name="Name">What the figure is; null for a sign.</param>
/// <param name="Source">Who gave the figure; null for a sign.</param>
public sealed record WorkingToken(string Text, string Shown, string? Name = null, QuantitySource? Source = null);

/// <summary>A worked number written out for a person.</summary>
/// <param name="For">Which number: a piece's key and dimension, or a result's name.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Value">The number, exact.</param>
/// <param name="Shown">The number to the workroom's step.</param>
/// <param name="Expression">The sum in the job's unit: the reader of measures reads it back to <paramref name="Value"/>.</param>
/// <param name="Tokens">The same sum word by word, with the names of its figures.</param>
public sealed record WorkingLine(
    string For,
    string Name,
    Length Value,
    string Shown,
    string Expression,
    IReadOnlyList<WorkingToken> Tokens
);
