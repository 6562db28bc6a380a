using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>Reads the schools of a cover by their words. See docs/format.md, "Schools".</summary>
internal static class SchoolReader
{
    /// <summary>The schools that are said, the usual ones where nothing is; an error for each word or name there is not.</summary>
    /// <param name="words">A word for each school that is said, by its name.</param>
    /// <param name="checks">Where errors go.</param>
    public static Schools Read(IReadOnlyDictionary<string, string> words, List<Check> checks)
    {
        var schools = Schools.Usual;
        foreach (var (name, word) in words)
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

        return schools;
    }

    private static T? Said<T>(string name, string word, List<Check> checks)
        where T : struct, Enum
    {
        var value = Words.Read<T>(word);
        if (value is null)
        {
            checks.Add(
                Check.Error(
                    "unknown-school",
                    ReadingText.UnknownSchool(name, word, string.Join(", ", Words.All<T>())),
                    $"schools.{name}",
                    new Mend(ReadingText.ToSchool(Words.All<T>()[0]), $"schools.{name}", Words.All<T>()[0])
                )
            );
        }

        return value;
    }

    private static Schools Unknown(Schools schools, string name, List<Check> checks)
    {
        checks.Add(Check.Error("unknown-school", ReadingText.UnknownSchoolName(name), $"schools.{name}"));
        return schools;
    }
}
