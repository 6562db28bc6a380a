using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Fitting;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs.Fitting;

/// <summary>What a card says otherwise for one of the covers alike, since it was tried on.</summary>
/// <param name="Id">The card’s id.</param>
/// <param name="Figure">The number that matters.</param>
/// <param name="Hints">Its hints.</param>
/// <param name="Mend">What has to be unpicked or opened first, because it was done before the try-on; empty for nothing.</param>
public sealed record FittedCardJson(string Id, CardFigureJson? Figure, IReadOnlyList<string> Hints, IReadOnlyList<string> Mend);

/// <summary>The cards of one of the covers alike that say otherwise since it was tried on.</summary>
/// <param name="Number">Which.</param>
/// <param name="Found">What was found and decided, in words, the last first.</param>
/// <param name="Cards">The cards.</param>
public sealed record FittedCardsJson(int Number, IReadOnlyList<string> Found, IReadOnlyList<FittedCardJson> Cards);

/// <summary>The cards of covers that were tried on and corrected.</summary>
public static class FittedCards
{
    /// <summary>Of each of the covers alike that was corrected, what its cards say otherwise.</summary>
    /// <param name="cover">The cover.</param>
    /// <param name="cloth">The job’s first cloth, which carries the others.</param>
    /// <param name="unit">The job’s unit.</param>
    /// <param name="houseRules">The house’s rules, as typed.</param>
    /// <param name="work">The work on the job, as it was told.</param>
    /// <param name="usual">The cards of the cover as the job has it.</param>
    public static IReadOnlyList<FittedCardsJson> Of(
        JobPlanCover cover,
        ClothDocument cloth,
        LengthUnit unit,
        IReadOnlyDictionary<string, string> houseRules,
        IReadOnlyList<WorkEntry> work,
        IReadOnlyList<SewingCardJson> usual
    )
    {
        if (!work.OfType<FindingEntry>().Any(entry => entry.Cover == cover.Key))
        {
            return [];
        }

        var tried = new CoverTriedOn(cover, cloth, unit, houseRules, work);
        return
        [
            .. Enumerable
                .Range(1, tried.Count)
                .Where(number => tried.FindingsOf(number).Count > 0)
                .Select(number => Of(tried, number, unit, usual))
                .OfType<FittedCardsJson>(),
        ];
    }

    private static FittedCardsJson? Of(CoverTriedOn tried, int number, LengthUnit unit, IReadOnlyList<SewingCardJson> usual)
    {
        if (tried.Of(number, !tried.SewnBy(number).SequenceEqual(tried.Own)) is not { } hand)
        {
            return null;
        }

        var findings = tried.FindingsOf(number);
        var draft = hand.Cover.Draft;
        var cards = SewingCards.Of(
            SewingPlanner.Of(draft, hand.Specification),
            draft,
            hand.Specification,
            FittingPlanner.DistancesOf(hand.Cover)
        );
        var known = usual.ToDictionary(card => card.Id);
        var changed = new List<FittedCardJson>();
        foreach (var card in cards.Select(SewingCardJson.Of))
        {
            // What is ticked again since is mended.
            IReadOnlyList<string> mend = hand.Ticks.Contains(card.Id)
                ? []
                : findings
                    .Select(entry => entry.Finding.Reopened.FirstOrDefault(reopened => reopened.Card == card.Id)?.Texts)
                    .LastOrDefault(texts => texts is not null)
                    ?? [];
            if (
                mend.Count > 0
                || !known.TryGetValue(card.Id, out var before)
                || before.Figure != card.Figure
                || !before.Hints.SequenceEqual(card.Hints)
            )
            {
                changed.Add(new(card.Id, card.Figure, card.Hints, mend));
            }
        }

        return new(number, [.. findings.Reverse().Select(entry => FoundWords.Of(entry.Finding, hand.Specification, unit))], changed);
    }
}
