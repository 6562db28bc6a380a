using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;

namespace Wrapper.Jobs;

/// <summary>A cover with its sewing cards.</summary>
/// <param name="Letter">The letter it has in its job.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Draft">Its draft.</param>
/// <param name="Cards">Its cards, in the order of work.</param>
public sealed record SewnCover(string Letter, string Name, Draft Draft, IReadOnlyList<SewingCard> Cards)
{
    /// <summary>From what a cover was drafted from; null where it cannot be drafted yet.</summary>
    public static SewnCover? Of(string letter, string name, DraftOutcome outcome) =>
        outcome is { Draft: { } draft, Reading.Specification: { } specification }
            ? new(letter, name, draft, SewingCards.Of(SewingPlanner.Of(draft, specification), draft, specification))
            : null;
}
