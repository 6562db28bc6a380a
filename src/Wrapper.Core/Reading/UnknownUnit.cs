using Wrapper.Core.Checks;
using Wrapper.Core.English;

namespace Wrapper.Core.Reading;

/// <summary>What is said where a job's unit is none (docs/handbook.md, “Numbers”).</summary>
public static class UnknownUnit
{
    /// <summary>An error at <c>unit</c> that names the units there are.</summary>
    /// <param name="said">What was given for a unit.</param>
    public static Check Check(string? said) => Checks.Check.Error("unknown-unit", ReadingText.UnknownUnit(said ?? ""), "unit");
}
