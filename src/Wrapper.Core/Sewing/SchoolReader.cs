using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing;

/// <summary>Reads the schools of a house or a cover by their words. See docs/format.md, "Schools".</summary>
public static class SchoolReader
{
    /// <summary>The schools that are said, the usual ones where nothing is.</summary>
    /// <param name="words">A word for each school that is said, by its name.</param>
    /// <returns>The schools, and an error for each word or name there is not.</returns>
    public static (Schools Schools, IReadOnlyList<Check> Checks) Read(IReadOnlyDictionary<string, string>? words)
    {
        var checks = new List<Check>();
        var schools = Schools.Usual;
        foreach (var (name, word) in words ?? new Dictionary<string, string>())
        {
            schools = name switch
            {
                "piping" => Said<PipingSchool>(name, word, checks) is { } piping ? schools with { Piping = piping } : schools,
                "ring" => Said<RingSchool>(name, word, checks) is { } ring ? schools with { Ring = ring } : schools,
                "walls" => Said<WallSchool>(name, word, checks) is { } walls ? schools with { Walls = walls } : schools,
                "finish" => Said<FinishSchool>(name, word, checks) is { } finish ? schools with { Finish = finish } : schools,
                "creep" => Said<CreepSchool>(name, word, checks) is { } creep ? schools with { Creep = creep } : schools,
                _ => Unknown(schools, name, checks),
            };
        }

        return (schools, checks);
    }

    private static T? Said<T>(string name, string word, List<Check> checks)
        where T : struct, Enum
    {
        var value = Words.Read<T>(word);
        if (value is null)
        {
            checks.Add(Check.Error("unknown-school", SewingText.UnknownSchool(name, word, string.Join(", ", Words.All<T>())), $"schools.{name}", new Mend(SewingText.ToSchool(Words.All<T>()[0]), $"schools.{name}", Words.All<T>()[0])));
        }

        return value;
    }

    private static Schools Unknown(Schools schools, string name, List<Check> checks)
    {
        checks.Add(Check.Error("unknown-school", SewingText.UnknownSchoolName(name), $"schools.{name}"));
        return schools;
    }
}
