using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Jobs;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Yardages;

/// <summary>What a job takes of every one of its cloths: each is its own lay and its own figure to buy.</summary>
internal static class EveryCloth
{
    /// <summary>Drafts every cover once and lays each cloth.</summary>
    public static YardageJson Answer(
        YardageRequestJson request,
        AskedCloths asked,
        LengthUnit unit,
        IReadOnlyDictionary<Rule, Length> house,
        LaySearching search
    )
    {
        var example = !request.Covers.Any(cover => cover.Example != true);
        var buyer = new ClothBuyer(YardageRequests.Covers(request, asked, example), unit, house) { Lays = search.Lays };
        var shouldStop = search.ShouldStop!;
        var laid = asked
            .Readings.Where(reading => reading.Value.Cloth is not null)
            .Select(reading =>
                (
                    reading.Key,
                    Cloth: reading.Value.Cloth!,
                    reading.Value.Price,
                    Yardage: buyer.Buy(reading.Value.Cloth!, YardageRequests.StepsOf(request), shouldStop)
                )
            )
            .ToList();
        var drafts = laid.SelectMany(one => one.Yardage.Drafts).DistinctBy(draft => draft.Key).ToDictionary();
        var leftOut = laid.SelectMany(one => one.Yardage.LeftOut).Distinct().ToList();
        decimal?[] costs = [.. laid.Where(one => one.Yardage.Buy is not null).Select(one => one.Yardage.CostAt(one.Price, unit))];
        return new(
            null,
            null,
            null,
            null,
            [],
            YardageRequests.Answers(request, asked),
            example,
            [],
            YardageWriting.Shopping(drafts.Values, buyer, unit),
            leftOut,
            [
                .. asked
                    .Checks.Concat(laid.SelectMany(one => one.Yardage.Checks))
                    .DistinctBy(check => (check.Code, check.Text))
                    .Select(CheckJson.Of),
            ],
            drafts.Values.Sum(draft => draft.Joins),
            null,
            [],
            []
        )
        {
            Cloths = laid.ToDictionary(one => one.Key, one => Of(one.Cloth, one.Price, one.Yardage, buyer, unit)),
            Compared =
                request.Compare != true || example
                    ? []
                    :
                    [
                        .. ClothsCompared
                            .Of(
                                YardageRequests.Covers(request, asked, example),
                                [.. laid.Select(one => new PricedCloth(one.Cloth, one.Price, one.Yardage))],
                                unit,
                                house,
                                (YardageRequests.StepsOf(request), YardageAnswer.CompareSteps),
                                shouldStop
                            )
                            .Select(cloth => new ComparedClothJson(
                                cloth.Key,
                                cloth.InsteadOf,
                                [.. cloth.Widths.Select(width => YardageWriting.Width(width, unit))]
                            )),
                    ],
            Cost = costs.Length > 0 && costs.All(cost => cost is not null) ? costs.Sum() : null,
        };
    }

    private static ClothYardageJson Of(ClothSpecification cloth, decimal? price, Yardage yardage, ClothBuyer buyer, LengthUnit unit) =>
        new(
            cloth.UsableWidth.Millimetres,
            YardageWriting.Bought(yardage, unit, price, null),
            yardage.Lay is { } lay ? LayJson.Of(lay) : null,
            [.. yardage.Pieces.Select(piece => LaidPieceJson.Of(piece, cloth, yardage.Drafts))],
            yardage.LeftOut,
            [.. yardage.Checks.Select(CheckJson.Of)],
            yardage.Joins,
            [.. ClothBuyer.CutsOf(cloth, yardage).Select(stretch => YardageWriting.Cut(stretch, unit))],
            [.. buyer.OffcutsOf(cloth, yardage).Select(offcut => OffcutJson.Of(offcut, unit))]
        );
}
