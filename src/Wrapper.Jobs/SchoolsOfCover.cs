using Wrapper.Formats.Documents;

namespace Wrapper.Jobs;

/// <summary>The schools a cover of a job is sewn by. See docs/format.md, "Schools".</summary>
public static class SchoolsOfCover
{
    /// <summary>A cover with its schools said: its own, else those it was begun by, else the house’s.</summary>
    /// <param name="cover">The cover.</param>
    /// <param name="id">Its id.</param>
    /// <param name="house">The house’s schools.</param>
    /// <param name="work">The work on the job, as it was told.</param>
    public static CoverDocument Said(
        CoverDocument cover,
        string id,
        IReadOnlyDictionary<string, string> house,
        IReadOnlyList<WorkEntry> work
    )
    {
        var begun = WorkOfCloth.InForce(work).OfType<SewnEntry>().FirstOrDefault(entry => entry.Cover == id);
        IReadOnlyDictionary<string, string> others = begun is null ? house : begun.Schools ?? [];
        return others.Count == 0
            ? cover
            : cover with
            {
                Schools = others
                    .Concat(cover.Schools ?? [])
                    .GroupBy(school => school.Key)
                    .ToDictionary(school => school.Key, school => school.Last().Value),
            };
    }
}
