namespace Wrapper.Core.Units;

internal enum LengthTokenKind
{
    Number,
    Unit,
    Plus,
    Minus,
    Times,
    Divide,
    Open,
    Close,
    Root,
    CeilingOpen,
    CeilingClose,
    To,
    End,
}

/// <summary>One word of a typed length, with where it stands in the text.</summary>
internal readonly record struct LengthToken(
    LengthTokenKind Kind,
    int Position,
    string Text,
    Rational Value = default,
    LengthUnit Unit = default
);
