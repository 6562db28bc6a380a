using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Web.Yardages;

/// <summary>The cloths a request is about: one by itself, or one among all of a job, whose covers give them to their roles.</summary>
internal sealed class AskedCloths
{
    private readonly JobCloths? _all;

    /// <summary>Reads what was sent.</summary>
    /// <param name="cloth">The cloth that is asked about; null where all are.</param>
    /// <param name="cloths">All the job's, by their keys; null where the one is the only one.</param>
    /// <param name="unit">The unit of the job.</param>
    public AskedCloths(ClothDocument? cloth, Dictionary<string, ClothDocument>? cloths, LengthUnit unit)
    {
        if (cloths is { Count: > 0 })
        {
            // The one asked about may be at another width than it has in the job: it stands in its own place.
            var asked = cloth is null ? null : JobCloths.KeyOf(cloth);
            _all = new(
                cloths
                    .Where(each => each.Value is not null)
                    .Select(each => each.Key == asked ? KeyValuePair.Create(each.Key, cloth!) : each),
                unit
            );
            var reading = asked is null ? null : _all.Readings.GetValueOrDefault(asked);
            Checks = reading is null ? _all.Checks : [.. reading.Checks, .. _all.ChecksBeside(asked!)];
            (Cloth, Price) = (reading?.Cloth, reading?.Price);
            return;
        }

        var only = ClothReader.Read(cloth!.Migrate(), unit);
        (Cloth, Price, Checks) = (only.Cloth is { } read ? read with { Key = null } : null, only.Price, only.Checks);
    }

    /// <summary>The cloth asked about; null where it cannot be read, or all are asked about.</summary>
    public ClothSpecification? Cloth { get; }

    /// <summary>What it costs; null for nothing said.</summary>
    public decimal? Price { get; }

    /// <summary>What was told of them.</summary>
    public IReadOnlyList<Check> Checks { get; }

    /// <summary>Those that are not asked about and can be read.</summary>
    public IEnumerable<ClothReading> Besides => Readings.Values.Where(reading => reading.Cloth is { } other && other.Key != Cloth?.Key);

    /// <summary>All of them by their keys; empty where there is one without.</summary>
    public IReadOnlyDictionary<string, ClothReading> Readings => _all?.Readings ?? new Dictionary<string, ClothReading>();

    /// <summary>A cover's inputs with these cloths to choose from.</summary>
    public CoverInput In(CoverDocument cover, string unit, IReadOnlyDictionary<string, string>? houseRules)
    {
        var input = cover.ToInput(unit, houseRules ?? new Dictionary<string, string>());
        return _all is null ? input with { Roles = JobCloths.RolesOf(cover) } : _all.InJob(cover, input);
    }
}
