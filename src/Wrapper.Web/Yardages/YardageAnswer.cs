using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Jobs;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Yardages;

/// <summary>What a job has to buy of one of its cloths, and how it is laid.</summary>
internal static class YardageAnswer
{
    /// <summary>Orders a lay is tried in at each width that is compared.</summary>
    public const int CompareSteps = 12;

    /// <summary>
    /// Orders of the plain lay that shows what meeting the pattern costs: as many as the bench tries when the hand rests.
    /// </summary>
    private const int PlainSteps = 600;

    /// <summary>
    /// Drafts the covers asked about, lays what is cut from the cloth and says what to buy; of every cloth where none is named.
    /// </summary>
    public static YardageJson Of(YardageRequestJson request, LengthUnit unit, LaySearching search)
    {
        var house = HouseRules.Readable(request.HouseRules ?? [], unit);
        var asked = new AskedCloths(request.Cloth, request.Cloths, unit);
        return request.Cloth is null ? EveryCloth.Answer(request, asked, unit, house, search)
            : asked.Cloth is { } cloth ? OfCloth(request, asked, cloth, unit, house, search)
            : WithoutCloth(request, asked);
    }

    /// <summary>The drafts alone: the cloth cannot be read, so nothing is laid.</summary>
    private static YardageJson WithoutCloth(YardageRequestJson request, AskedCloths asked) =>
        new(
            UsableWidth: null,
            UsableWidthShown: null,
            Buy: null,
            Lay: null,
            Pieces: [],
            Covers: YardageRequests.Answers(request, asked),
            Example: false,
            Widths: [],
            Notions: [],
            LeftOut: [.. request.Covers.Select(cover => cover.Key)],
            Checks: [.. asked.Checks.Select(CheckJson.Of)],
            Joins: 0,
            Cloth: null,
            Cuts: [],
            Offcuts: []
        );

    private static YardageJson OfCloth(
        YardageRequestJson request,
        AskedCloths asked,
        ClothSpecification cloth,
        LengthUnit unit,
        IReadOnlyDictionary<Rule, Length> house,
        LaySearching search
    )
    {
        var (steps, shouldStop) = (YardageRequests.StepsOf(request), search.ShouldStop!);
        var buyer = new ClothBuyer(YardageRequests.Covers(request, asked, example: false), unit, house) { Lays = search.Lays };
        var yardage = buyer.Buy(cloth, steps, shouldStop);
        var example = yardage.Drafts.Count == 0 && request.Covers.Any(cover => cover.Example == true);
        if (example)
        {
            buyer = new(YardageRequests.Covers(request, asked, example: true), unit, house);
            yardage = buyer.Buy(cloth, steps, shouldStop);
        }

        var compares = request.Compare == true;
        var widths = compares ? buyer.Compare(cloth, yardage, SoldWidth.Offered(cloth, asked.Price, unit), CompareSteps, shouldStop) : [];
        var matchings =
            compares && cloth.HasPattern && yardage.Buy is not null
                ? Matched(buyer, cloth, yardage, Math.Max(steps, PlainSteps), shouldStop)
                : [];
        var meets = PatternMeetings.Of(cloth, yardage);
        return new(
            cloth.UsableWidth.Millimetres,
            LengthFormat.For(unit).Rounded(cloth.UsableWidth),
            YardageWriting.Bought(yardage, unit, asked.Price, MatchingOf(cloth, yardage, matchings)),
            yardage.Lay is { } lay ? LayJson.Of(lay) : null,
            [.. yardage.Pieces.Select(piece => LaidPieceJson.Of(piece, cloth, yardage.Drafts))],
            YardageRequests.Answers(request, asked),
            example,
            [.. widths.Select(width => YardageWriting.Width(width, unit))],
            YardageWriting.Shopping(buyer.OwnDrafts(cloth, yardage), buyer, unit),
            yardage.LeftOut,
            [.. asked.Checks.Concat(yardage.Checks).Concat(PatternChecks(request, meets, unit)).Select(CheckJson.Of)],
            yardage.Joins,
            YardageWriting.Roll(cloth),
            [.. ClothBuyer.CutsOf(cloth, yardage).Select(stretch => YardageWriting.Cut(stretch, unit))],
            [.. buyer.OffcutsOf(cloth, yardage).Select(offcut => OffcutJson.Of(offcut, unit))]
        )
        {
            Print = YardageWriting.Print(cloth, yardage),
            Matchings = YardageWriting.Matchings(matchings, unit),
            Meets = [.. meets.Select(PatternMeetingJson.Of)],
        };
    }

    /// <summary>How much more is bought because the pattern has to meet; null where it does not repeat, or nothing was compared.</summary>
    private static Length? MatchingOf(ClothSpecification cloth, Yardage yardage, Dictionary<MatchOver, Yardage> matchings) =>
        cloth.Repeats && matchings.GetValueOrDefault(MatchOver.None)?.Buy is { } plain ? yardage.Buy!.Value - plain.Value : null;

    private static IEnumerable<Check> PatternChecks(YardageRequestJson request, IReadOnlyList<PatternMeeting> meets, LengthUnit unit) =>
        PatternMeetings.Checks(
            meets,
            key => YardageRequests.NameOf(request, request.Covers.First(cover => cover.Key == key)),
            LengthFormat.For(unit)
        );

    /// <summary>
    /// What the job takes by over what the pattern is matched; nothing is laid twice: a single cover is the whole set, and with motifs all
    /// pieces are one group.
    /// </summary>
    private static Dictionary<MatchOver, Yardage> Matched(
        ClothBuyer buyer,
        ClothSpecification cloth,
        Yardage yardage,
        int steps,
        Func<bool> shouldStop
    )
    {
        var isOneGroup = cloth.MotifAcross is not null || yardage.Drafts.Count == 1;
        MatchOver Asked(MatchOver over) => isOneGroup && over == MatchOver.Cover ? MatchOver.Set : over;
        var laid = new Dictionary<MatchOver, Yardage> { [Asked(cloth.MatchOver)] = yardage };
        return Enum.GetValues<MatchOver>()
            .ToDictionary(
                over => over,
                over =>
                {
                    if (!laid.TryGetValue(Asked(over), out var known))
                    {
                        laid[over] = known = buyer.Buy(cloth with { MatchOver = over, Pinned = [], Kept = [] }, steps, shouldStop);
                    }

                    return known;
                }
            );
    }
}
