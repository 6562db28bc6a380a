namespace Wrapper.Core.Judgement.Advice;

/// <summary>Which way a reason speaks.</summary>
public enum Speaks
{
    /// <summary>For the way.</summary>
    For,

    /// <summary>Against it.</summary>
    Against,

    /// <summary>So much against it that it is not advised whatever else speaks for it.</summary>
    Forbids,
}

/// <summary>One thing that speaks for or against a way of making this very thing (docs/handbook.md, “Advice”).</summary>
/// <param name="Rule">The rule it comes of.</param>
/// <param name="Speaks">For or against.</param>
/// <param name="Text">Why, in a few words.</param>
public sealed record AdviceReason(string Rule, Speaks Speaks, string Text);
