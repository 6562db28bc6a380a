using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs;

/// <summary>The covers of a job with its cloths read, ready to be bought and cut.</summary>
/// <param name="Asked">The cloths.</param>
/// <param name="Buyer">The covers.</param>
internal sealed record JobOnCloths(JobCloths Asked, ClothBuyer Buyer)
{
    /// <summary>The cloths that something of the job may be cut from, each with its key.</summary>
    public IEnumerable<(string Key, ClothSpecification Cloth)> Cloths =>
        Asked
            .Readings.Where(reading => reading.Value.Cloth is { } cloth && Buyer.MayLieOn(cloth))
            .Select(reading => (reading.Key, reading.Value.Cloth!));

    /// <summary>Reads a job.</summary>
    /// <param name="unit">Its unit.</param>
    /// <param name="houseRules">The house’s rules, as typed.</param>
    /// <param name="covers">Its covers in their order.</param>
    /// <param name="cloth">Its first cloth, which carries the others.</param>
    /// <param name="lays">Lays found before; null where every lay is looked for.</param>
    public static JobOnCloths Of(
        LengthUnit unit,
        IReadOnlyDictionary<string, string> houseRules,
        IReadOnlyList<JobPlanCover> covers,
        ClothDocument cloth,
        LayMemory? lays = null
    )
    {
        var asked = new JobCloths(JobPlan.ClothsOf(cloth), unit);
        return new(
            asked,
            new ClothBuyer(
                [
                    .. covers.Select(cover => new JobCover(
                        cover.Key,
                        asked.InJob(cover.Cover, cover.Cover.ToInput(JobUnits.Name(unit), houseRules)),
                        JobPlan.NameOf(cover.Cover)
                    )),
                ],
                unit,
                HouseRules.Readable(houseRules, unit)
            )
            {
                Lays = lays,
            }
        );
    }
}
