using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>A cloth of the job and what it costs at its own width.</summary>
/// <param name="Cloth">The cloth, with its key.</param>
/// <param name="Price">What a yard, a metre or one of it costs; null where nobody has said.</param>
/// <param name="AsItStands">What lies on it as the job stands.</param>
public sealed record PricedCloth(ClothSpecification Cloth, decimal? Price, Yardage AsItStands);

/// <summary>What one of a job's cloths comes to at every width it is sold in.</summary>
/// <param name="Key">The cloth's key.</param>
/// <param name="InsteadOf">The key of the cloth whose pieces are laid on it to see: nothing lies on it as the job stands. Null where
/// something does.</param>
/// <param name="Widths">Its widths; the marks of what could stand for each other are given among all of them.</param>
public sealed record ComparedCloth(string Key, string? InsteadOf, IReadOnlyList<WidthComparison> Widths);

/// <summary>
/// All cloths of a job side by side: each with what lies on it, at every width it is sold in; and those nothing lies on with what
/// they would take in the place of the covers' own. See docs/handbook.md, "How much to buy".
/// </summary>
public static class ClothsCompared
{
    /// <summary>Compares them.</summary>
    /// <param name="covers">The covers of the job.</param>
    /// <param name="cloths">Its cloths.</param>
    /// <param name="unit">The unit of the job.</param>
    /// <param name="houseRules">The house's rules.</param>
    /// <param name="steps">The most orders to try on a cloth at its own width, as what stands was tried, and on each of its others.</param>
    /// <param name="shouldStop">Asked between orders.</param>
    public static IReadOnlyList<ComparedCloth> Of(
        IReadOnlyList<JobCover> covers,
        IReadOnlyList<PricedCloth> cloths,
        LengthUnit unit,
        IReadOnlyDictionary<Rule, Length> houseRules,
        (int Own, int Others) steps,
        Func<bool>? shouldStop = null
    )
    {
        var asItStands = new ClothBuyer(covers, unit, houseRules);
        List<string> owns = [.. covers.Select(cover => cover.Input.OwnKey).OfType<string>().Distinct()];
        var own = owns.Count == 1 ? owns[0] : null; // covers of several cloths have no one cloth that another could stand for
        var compared = new List<ComparedCloth>();
        foreach (var (cloth, price, stands) in cloths)
        {
            var key = ClothBuyer.KeyOf(cloth);
            var isInstead = !asItStands.MayLieOn(cloth);
            if (!isInstead || (own is not null && cloth.Role == ClothRole.Main))
            {
                var buyer = isInstead
                    ? new ClothBuyer(
                        [.. covers.Select(cover => cover with { Input = cover.Input with { OwnCloth = key } })],
                        unit,
                        houseRules
                    )
                    : asItStands;
                IReadOnlyList<SoldWidth> offered =
                    cloth.SoldIn.Count > 0
                        ? SoldWidth.Offered(cloth, price, unit)
                        // a width nobody sells is not offered
                        : [new(new(LengthFormat.For(unit).RoundedWithUnit(cloth.Width), cloth.Width), price)];
                compared.Add(
                    new(
                        key,
                        isInstead ? own : null,
                        buyer.Compare(
                            cloth,
                            isInstead ? buyer.Estimate(cloth, steps.Own, shouldStop) : stands,
                            offered,
                            steps.Others,
                            shouldStop
                        )
                    )
                );
            }
        }

        return own is null ? compared : Marked(compared, own);
    }

    /// <summary>The covers' own cloth and those that could stand for it are marked among each other.</summary>
    private static List<ComparedCloth> Marked(List<ComparedCloth> compared, string own)
    {
        bool IsOneOf(ComparedCloth cloth) => cloth.Key == own || cloth.InsteadOf is not null;
        var marked = new Queue<WidthComparison>(WidthMarks.Given([.. compared.Where(IsOneOf).SelectMany(cloth => cloth.Widths)]));
        return
        [
            .. compared.Select(cloth => IsOneOf(cloth) ? cloth with { Widths = [.. cloth.Widths.Select(_ => marked.Dequeue())] } : cloth),
        ];
    }
}
