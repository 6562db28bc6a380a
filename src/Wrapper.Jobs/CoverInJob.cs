using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Drafting;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs;

/// <summary>One cover of a job, drafted on the job’s cloths as it is laid and cut from them.</summary>
public static class CoverInJob
{
    /// <summary>Reads, drafts and proves it.</summary>
    /// <param name="cover">The cover.</param>
    /// <param name="first">The job’s first cloth, which carries the others.</param>
    /// <param name="unit">The job’s unit.</param>
    /// <param name="houseRules">The house’s rules, as typed.</param>
    public static DraftOutcome Draft(
        CoverDocument cover,
        ClothDocument first,
        LengthUnit unit,
        IReadOnlyDictionary<string, string> houseRules
    ) => Proved.Draft(new JobCloths(JobPlan.ClothsOf(first), unit).InJob(cover, cover.ToInput(JobUnits.Name(unit), houseRules)));

    /// <summary>Only a complete, valid cover can be cut from; the drafting itself decides.</summary>
    public static bool IsComplete(CoverDocument cover, string unit, IReadOnlyDictionary<string, string> houseRules) =>
        // which cloths the job has is no matter of its measures
        Proved.Draft(cover.ToInput(unit, houseRules) with { Pieced = [] }).Draft
            is not null;
}
