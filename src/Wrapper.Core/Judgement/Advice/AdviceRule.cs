namespace Wrapper.Core.Judgement.Advice;

/// <summary>Where these facts hold, something speaks for some ways and against others.</summary>
/// <param name="Id">What the rule is known by.</param>
/// <param name="Holds">Whether it has anything to say of this thing.</param>
/// <param name="Says">What it says, and of which ways.</param>
internal sealed record AdviceRule(string Id, Func<AdviceFacts, bool> Holds, params AdviceRule.Saying[] Says)
{
    /// <summary>What is said of the ways it is said of.</summary>
    internal sealed record Saying(Func<AdvisedWay, AdviceFacts, bool> Of, Speaks Speaks, string Text);

    public static Saying For(string text, params string[] ways) => new((way, _) => way.IsOneOf(ways), Speaks.For, text);

    public static Saying Against(string text, params string[] ways) => new((way, _) => way.IsOneOf(ways), Speaks.Against, text);

    public static Saying Forbids(string text, params string[] ways) => new((way, _) => way.IsOneOf(ways), Speaks.Forbids, text);

    public static Saying ForWhere(string text, Func<AdvisedWay, AdviceFacts, bool> of) => new(of, Speaks.For, text);

    public static Saying AgainstWhere(string text, Func<AdvisedWay, AdviceFacts, bool> of) => new(of, Speaks.Against, text);

    public IEnumerable<AdviceReason> Of(AdvisedWay way, AdviceFacts facts) =>
        Says.Where(saying => saying.Of(way, facts)).Select(saying => new AdviceReason(Id, saying.Speaks, saying.Text));
}
