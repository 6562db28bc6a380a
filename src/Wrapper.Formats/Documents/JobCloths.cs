using System.Text.Json;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Documents;

/// <summary>The cloths of a job by their keys, read once for all its covers. See docs/format.md, "Cloths".</summary>
public sealed class JobCloths
{
    private readonly Dictionary<string, ClothReading> _readings = [];
    private readonly Dictionary<string, DraftCloth> _drafted = [];
    private readonly Dictionary<string, IReadOnlyList<Check>> _checks = [];

    /// <summary>Reads them, in a job of this unit.</summary>
    public JobCloths(IEnumerable<KeyValuePair<string, ClothDocument>> cloths, LengthUnit unit)
    {
        foreach (var (key, cloth) in cloths)
        {
            var reading = ClothReader.Read(cloth.Migrate() with { Key = key }, unit);
            _readings[key] = reading;
            _checks[key] =
            [
                .. reading.Checks.Select(check =>
                    check with
                    {
                        Measure = check.Measure is { } field
                            ? $"cloths.{key}.{field[(field.IndexOf('.', StringComparison.Ordinal) + 1)..]}"
                            : $"cloths.{key}",
                    }
                ),
            ];
            if (reading.Cloth is { } read)
            {
                _drafted[key] = read.ForDraft;
            }
        }
    }

    /// <summary>What was told of them, each naming its field as <c>cloths.velvet.width</c>.</summary>
    public IReadOnlyList<Check> Checks => [.. _checks.Values.SelectMany(checks => checks)];

    /// <summary>What was told of all but one.</summary>
    public IEnumerable<Check> ChecksBeside(string key) => _checks.Where(checks => checks.Key != key).SelectMany(checks => checks.Value);

    /// <summary>What came of reading each, by its key.</summary>
    public IReadOnlyDictionary<string, ClothReading> Readings => _readings;

    /// <summary>The key of a job's cloth; its first may have none.</summary>
    public static string KeyOf(ClothDocument cloth) => cloth.Key is { Length: > 0 } key ? key : CoverInput.UsualKey;

    /// <summary>The cloths of a job, each by itself; one without a usable key gets a new one, so that none is lost.</summary>
    /// <param name="first">The first, which may carry the others.</param>
    public static IReadOnlyList<(string Key, ClothDocument Cloth)> Apart(ClothDocument first)
    {
        var cloths = new List<(string Key, ClothDocument Cloth)> { (KeyOf(first), first with { Others = null }) };
        foreach (var other in (first.Others ?? []).Where(other => other is not null))
        {
            var taken = cloths.Select(cloth => cloth.Key).ToHashSet(StringComparer.Ordinal);
            var key =
                other.Key is { Length: > 0 } own && !taken.Contains(own)
                    ? own
                    : Enumerable.Range(2, taken.Count + 1).Select(number => $"cloth-{number}").First(free => !taken.Contains(free));
            cloths.Add((key, other with { Key = key, Others = null }));
        }

        return cloths;
    }

    /// <summary>The cloths of a job in one document, as job files hold them: the first carries the others.</summary>
    /// <param name="cloths">All of them, in their order.</param>
    public static ClothDocument Together(IReadOnlyList<ClothDocument> cloths) =>
        cloths.Count switch
        {
            0 => new(),
            1 => cloths[0],
            _ => cloths[0] with { Others = [.. cloths.Skip(1)] },
        };

    /// <summary>A cover's inputs with these cloths to choose from.</summary>
    /// <param name="cover">The cover, which names its own cloth and gives others to its roles.</param>
    /// <param name="input">Its inputs without cloths.</param>
    public CoverInput In(CoverDocument cover, CoverInput input)
    {
        // A cloth for linings alone is no cover's own: where there is no other, nothing is joined for it. The usual cloth is looked for
        // by its key: an object in a browser puts keys that are numbers first, whatever order they were written in.
        var own = cover.Cloth?.Key is { Length: > 0 } key
            ? key
            : _readings
                .Where(reading => reading.Value.Cloth is not { Role: not ClothRole.Main })
                .OrderBy(reading => reading.Key != CoverInput.UsualKey)
                .FirstOrDefault()
                .Key;
        return own is null
            ? input with
            {
                Roles = RolesOf(cover),
            }
            : input with
            {
                Cloths = _drafted,
                OwnCloth = own,
                Roles = RolesOf(cover),
            };
    }

    /// <summary>The same in a job, where a cover whose cloth was taken off is cut from the first.</summary>
    public CoverInput InJob(CoverDocument cover, CoverInput input) =>
        In(cover.Cloth?.Key is { } key && !_readings.ContainsKey(key) ? cover with { Cloth = null } : cover, input);

    /// <summary>The keys given to each role: one, or several that take turns.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<string>> RolesOf(CoverDocument cover) =>
        (cover.Roles ?? []).ToDictionary(given => given.Key, given => (IReadOnlyList<string>)[.. Keys(given.Value)]);

    private static IEnumerable<string> Keys(JsonElement given) =>
        given.ValueKind == JsonValueKind.Array ? given.EnumerateArray().Select(JsonWords.Word) : [JsonWords.Word(given)];
}
