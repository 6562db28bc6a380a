using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Rules;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

internal static class JobEndpoints
{
    /// <summary>The longest a name of a job or its client is, and what is looked for among them.</summary>
    public const int LongestName = JobLimits.LongestName;

    public static void MapJobs(this IEndpointRouteBuilder routes)
    {
        var jobs = routes.MapGroup("/api/jobs");
        jobs.MapPost("/", Create)
            .WithName("createJob")
            .WithSummary("Makes a job; sent again with the same id it makes no second one.")
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        jobs.MapGet("/{id}", Get)
            .WithName("job")
            .WithSummary("A job with its covers and cloths.")
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPut("/{id}", Save)
            .WithName("saveJob")
            .WithSummary("Writes a job’s heading.")
            .ProducesProblem(StatusCodes.Status412PreconditionFailed);
        jobs.MapDelete("/{id}", Delete)
            .WithName("deleteJob")
            .WithSummary("Marks a job as deleted.")
            .ProducesProblem(StatusCodes.Status412PreconditionFailed);
        jobs.MapPost("/{id}/restore", Restore)
            .WithName("restoreJob")
            .WithSummary("Brings a deleted job back.")
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPut("/{id}/archived", Archive)
            .WithName("archiveJob")
            .WithSummary("Puts a job away, or takes it out again.")
            .ProducesProblem(StatusCodes.Status412PreconditionFailed);
    }

    private static (JobHeading Heading, List<Check> Checks) Read(JobHeadingJson heading)
    {
        var checks = new List<Check>();
        if (JobUnits.Read(heading.Unit) is null)
        {
            checks.Add(UnknownUnit.Check(heading.Unit));
        }

        foreach (var (name, text) in ((string, string?)[])[("name", heading.Name), ("client", heading.Client), ("place", heading.Place)])
        {
            if (text?.Length > LongestName)
            {
                checks.Add(Check.Error("too-long", $"The {name} is longer than {LongestName} characters: shorten it.", name));
            }
        }

        return (new(heading.Name ?? "", heading.Client ?? "", heading.Place ?? "", heading.Unit ?? ""), checks);
    }

    private static Results<Created<JobJson>, ProblemHttpResult> Create(JobCreationJson body, JobStore store, HttpContext context)
    {
        var (heading, checks) = Read(new(body.Name, body.Client, body.Place, body.Unit));
        if (body.Id is { } said && !IdRule.IsId(said))
        {
            checks.Add(Check.Error("unusable-id", $"“id” {IdRule.Problem}", "id"));
        }

        if (checks.Count > 0)
        {
            return Refusals.Unprocessable(checks);
        }

        var cloth = new ClothDocument { Width = Entry.Typed(heading.Unit == "in" ? "54" : "137 cm") };
        var id = body.Id ?? Guid.CreateVersion7().ToString("N");
        store.Create(id, heading, StoredJobs.Cloths(cloth));
        if (StoredJobs.Find(store, id) is not { } job)
        {
            return TypedResults.Problem(
                "A job of this id was deleted: bring it back, or make this one under another id.",
                statusCode: StatusCodes.Status409Conflict
            );
        }

        Versions.Tag(context, job.Version);
        return TypedResults.Created($"/api/jobs/{id}", job);
    }

    private static Results<Ok<JobJson>, ProblemHttpResult> Get(string id, JobStore store, HttpContext context)
    {
        if (StoredJobs.Find(store, id) is not { } job)
        {
            return Versions.Missing();
        }

        Versions.Tag(context, job.Version);
        return TypedResults.Ok(job);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Save(string id, JobHeadingJson body, JobStore store, HttpContext context)
    {
        var (heading, checks) = Read(body);
        if (checks.Count > 0)
        {
            return Refusals.Unprocessable(checks);
        }

        return Versions.Write(context, version => store.SaveHeading(id, heading, version), () => StoredJobs.Find(store, id), heading);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Delete(string id, JobStore store, JobChanges changes, HttpContext context) =>
        Versions.Write(context, version => changes.Deleted(id, store.DeleteJob(id, version)), () => StoredJobs.Find(store, id), null);

    private static Results<Ok<SavedJson>, ProblemHttpResult> Restore(string id, JobStore store, HttpContext context)
    {
        var result = store.RestoreJob(id);
        return result.End == WriteEnd.Missing
            ? Versions.Missing()
            : Versions.Answer(context, result with { End = WriteEnd.Saved }, null, () => null, null);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Archive(string id, ArchivedJson body, JobStore store, HttpContext context) =>
        Versions.Write(context, version => store.Archive(id, body.Archived, version), () => StoredJobs.Find(store, id), body);
}
