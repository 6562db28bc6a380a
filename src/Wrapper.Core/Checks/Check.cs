namespace Wrapper.Core.Checks;

/// <summary>How much a check matters.</summary>
public enum CheckLevel
{
    /// <summary>Worth knowing.</summary>
    Note,

    /// <summary>It can be made, but it will disappoint.</summary>
    Warning,

    /// <summary>It cannot be made as it stands.</summary>
    Error,
}

/// <summary>What a check is about, for whoever has to choose among many.</summary>
public enum CheckConcern
{
    /// <summary>The measures and the make-up.</summary>
    MakeUp,

    /// <summary>A measure that is not taken yet.</summary>
    Untaken,

    /// <summary>The cloth: its width, its nap.</summary>
    Cloth,

    /// <summary>The drafting itself, which does not prove.</summary>
    Proof,
}

/// <summary>
/// A slip that was caught: what is wrong, which measure or choice it hangs on, and the mends there are. See docs/handbook.md, "Slips".
/// </summary>
/// <param name="Level">How much it matters.</param>
/// <param name="Code">A stable name in kebab-case.</param>
/// <param name="Text">What is wrong and what to do, for the maker.</param>
/// <param name="Measure">The measure, rule or option it hangs on; null when it hangs on none in particular.</param>
/// <param name="Mends">Changes to the inputs that would put it right; any one of them will do.</param>
/// <param name="Position">For a text that could not be read: where it stops making sense, from 0.</param>
public sealed record Check(
    CheckLevel Level,
    string Code,
    string Text,
    string? Measure = null,
    IReadOnlyList<Mend>? Mends = null,
    int? Position = null
)
{
    /// <summary>What it is about.</summary>
    public CheckConcern Concerns { get; init; }

    /// <summary>In two words, for a table of widths: what it does to this cover. Null where it is no matter of a width.</summary>
    public string? Brief { get; init; }

    /// <summary>Cannot be made.</summary>
    public static Check Error(string code, string text, string? measure, params Mend[] mends) =>
        new(CheckLevel.Error, code, text, measure, mends);

    /// <summary>Will disappoint.</summary>
    public static Check Warning(string code, string text, string? measure, params Mend[] mends) =>
        new(CheckLevel.Warning, code, text, measure, mends);

    /// <summary>Worth knowing.</summary>
    public static Check Note(string code, string text, string? measure, params Mend[] mends) =>
        new(CheckLevel.Note, code, text, measure, mends);
}

/// <summary>What is asked of several checks together.</summary>
public static class CheckList
{
    /// <summary>One of them stands in the way of a draft.</summary>
    public static bool HasError(this IEnumerable<Check> checks) => checks.Any(check => check.Level == CheckLevel.Error);
}

/// <summary>A change to the inputs that puts a check right.</summary>
/// <param name="Label">What the change does, as a button says it.</param>
/// <param name="Path">Which input: <c>options.plates</c>, <c>rules.zipTurn</c>, <c>measures.width</c>.</param>
/// <param name="Value">What to write there, as a person would type it.</param>
public sealed record Mend(string Label, string Path, string Value)
{
    /// <summary>What is written with it, in the same breath: two measures that are swapped.</summary>
    public IReadOnlyList<MendedInput> Also { get; init; } = [];
}

/// <summary>One input a mend writes.</summary>
/// <param name="Path">Which input.</param>
/// <param name="Value">What to write there.</param>
public sealed record MendedInput(string Path, string Value);
