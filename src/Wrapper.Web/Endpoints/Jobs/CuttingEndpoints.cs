using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Endpoints.Open;
using Wrapper.Web.Planning;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>The cutting of a job.</summary>
/// <param name="Unit">Its unit.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Entries">How many entries of its work are in this answer.</param>
/// <param name="Cloths">Its cloths.</param>
public sealed record CuttingJson([property: WordOf<JobUnit>] string Unit, string Name, int Entries, IReadOnlyList<ClothCuttingJson> Cloths);

internal static class CuttingEndpoints
{
    public static void MapCutting(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/jobs/{id}/cutting", Cutting)
            .WithName("cutting")
            .TakesTime()
            .WithSummary(
                "What is chalked and cut next of each cloth of a job, by what was told of the work; laid again at "
                    + "once where a piece was spoiled, a flaw was found or the cloth is shorter."
            )
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<Results<Ok<CuttingJson>, ProblemHttpResult>> Cutting(
        string id,
        bool? wrongSide,
        JobStore store,
        WorkStore work,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (StoredJobs.Find(store, id) is not { } job)
        {
            return Versions.Missing();
        }

        var entries = StoredEntries.All(work, id);
        var cutting = Of(job, store, entries);
        return TypedResults.Ok(
            new CuttingJson(
                job.Unit,
                job.Name,
                entries.Count,
                await planners.Run(
                    PlannerKind.Patient,
                    goesOn => cutting.Plan(wrongSide == true, FileEndpoints.Steps, Planners.Limited(goesOn)),
                    aborted
                )
            )
        );
    }

    /// <summary>A stored job at the table.</summary>
    public static JobCutting Of(JobJson job, JobStore store, IReadOnlyList<WorkEntry> entries) =>
        new(
            JobUnits.Read(job.Unit)!.Value,
            StoredHouse.Rules(store),
            [.. job.Covers.Select(cover => new JobPlanCover(cover.Id, cover.Cover, cover.Letter))],
            job.Cloth.Cloth,
            entries
        );
}
