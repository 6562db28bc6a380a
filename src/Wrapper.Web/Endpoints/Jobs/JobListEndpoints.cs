using System.Globalization;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wrapper.Core.Checks;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>A line of the list of jobs.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Client">For whom.</param>
/// <param name="Place">Where the things stand.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="Version">The version of its heading.</param>
/// <param name="Updated">When it was last worked on.</param>
/// <param name="Covers">How many covers it has.</param>
/// <param name="CompleteCovers">How many of them can be cut from.</param>
/// <param name="Stage"><c>measure</c> while one of them cannot, else <c>cut</c>.</param>
/// <param name="Archived">It was put away.</param>
/// <param name="Figures">What is to be bought for it as it stands; null where nobody has found it yet.</param>
/// <param name="Problem">What is wrong with its name, client or place, which are shortened here; null for nothing.</param>
public sealed record JobLineJson(
    string Id,
    string Name,
    string Client,
    string Place,
    [property: WordOf<JobUnit>] string Unit,
    long Version,
    DateTimeOffset Updated,
    int Covers,
    int CompleteCovers,
    JobStage Stage,
    bool Archived,
    IReadOnlyList<FigureJson>? Figures,
    string? Problem
);

/// <summary>How much is bought of a cloth.</summary>
/// <param name="Cloth">What it is called.</param>
/// <param name="Figure">How much, as it is said.</param>
/// <param name="Unit">Of what: <c>yd</c> or <c>m</c>.</param>
/// <param name="Cost">What that costs; null without a price.</param>
public sealed record FigureJson(string Cloth, string Figure, string Unit, decimal? Cost);

/// <summary>
/// What the bench found is to be bought, and the versions it was found for.
/// </summary>
/// <param name="Heading">The version of the heading.</param>
/// <param name="Covers">The version of each cover by its id.</param>
/// <param name="Figures">What was found.</param>
/// <param name="Cloth">The versions of all cloths added up, from clients that write them at once; null where each is said.</param>
/// <param name="Cloths">The version of each cloth by its key.</param>
public sealed record FoundFiguresJson(
    long Heading,
    Dictionary<string, long> Covers,
    IReadOnlyList<FigureJson> Figures,
    long? Cloth = null,
    Dictionary<string, long>? Cloths = null
);

/// <summary>Whether what was found was kept: not where the job has been written since.</summary>
public sealed record FiguresKeptJson(bool Kept);

internal static class JobListEndpoints
{
    private const int UsuallyListed = 100;
    private const int MostListed = 500;
    private const int MostFigures = 50;
    private const int LongestFigure = 20;

    /// <summary>What one asks the list for.</summary>
    /// <param name="Find">Words that all stand in a job's name, client or place.</param>
    /// <param name="Stage"><c>measure</c> or <c>cut</c>: only jobs that are so far.</param>
    /// <param name="Archived">Those that were put away, in place of the others.</param>
    /// <param name="Sort"><c>worked</c>, <c>name</c> or <c>client</c>.</param>
    /// <param name="Limit">The most jobs on a page.</param>
    /// <param name="After">Where the page before ended, as its “Link” says.</param>
    internal sealed record Asked(
        [FromQuery(Name = "find")] string? Find,
        [FromQuery(Name = "stage")] string? Stage,
        [FromQuery(Name = "archived")] bool? Archived,
        [FromQuery(Name = "sort")] string? Sort,
        [FromQuery(Name = "limit")] int? Limit,
        [FromQuery(Name = "after")] string? After
    );

    public static void MapJobList(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/jobs", List)
            .WithName("jobs")
            .WithSummary(
                "Jobs, the one last worked on first unless sorted otherwise: a page of them, with the address of the next as “Link”."
            )
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPut("/api/jobs/{id}/figures", Keep)
            .WithName("keepFigures")
            .WithSummary("Keeps what the bench found is to be bought, for the list of jobs; not where the job has been written since.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static Results<Ok<List<JobLineJson>>, ProblemHttpResult> List([AsParameters] Asked asked, JobStore store, HttpContext context)
    {
        List<Check> checks = [];
        void Wrong(string code, string text, string measure) => checks.Add(Check.Error(code, text, measure));
        if (asked.Limit is < 1 or > MostListed)
        {
            Wrong("limit-out-of-range", $"A page of the list holds between 1 and {MostListed} jobs.", "limit");
        }

        if (asked.Find?.Length > JobEndpoints.LongestName)
        {
            Wrong("too-long", $"What is looked for is longer than {JobEndpoints.LongestName} characters: shorten it.", "find");
        }

        var (stage, sort) = (Words.Read<JobStage>(asked.Stage), Words.Read<JobSort>(asked.Sort ?? JobSort.Worked.Word()));
        if (asked.Stage is not null && stage is null)
        {
            Wrong("unknown-stage", $"“{asked.Stage}” is no stage of a job: say measure or cut.", "stage");
        }

        if (sort is null)
        {
            Wrong("unknown-sort", $"The list is not sorted by “{asked.Sort}”: say worked, name or client.", "sort");
        }

        var from = asked.After is null ? null : PlaceOf(asked.After, sort);
        if (asked.After is not null && from is null)
        {
            Wrong("unknown-place", "“after” is no place in the list: follow the address of the page before.", "after");
        }

        if (checks.Count > 0)
        {
            return Refusals.Unprocessable(checks);
        }

        var page = store.Jobs.Page(new(asked.Find ?? "", stage, asked.Archived ?? false, sort!.Value), asked.Limit ?? UsuallyListed, from);
        if (page.Next is { } next)
        {
            context.Response.Headers.Link = $"</api/jobs{Next(asked, next)}>; rel=\"next\"";
        }

        return TypedResults.Ok(page.Jobs.Select(Line).ToList());
    }

    private static QueryString Next(Asked asked, JobPlace next) =>
        QueryString.Create(
            new Dictionary<string, string?>
            {
                ["find"] = asked.Find,
                ["stage"] = asked.Stage,
                ["archived"] = asked.Archived is true ? "true" : null,
                ["sort"] = asked.Sort,
                ["limit"] = asked.Limit?.ToString(CultureInfo.InvariantCulture),
                ["after"] = $"{next.Row}~{next.Key}",
            }.Where(part => part.Value is not null)
        );

    /// <summary>A job may have no name and no client; when it was worked on is always known.</summary>
    private static JobPlace? PlaceOf(string after, JobSort? sort) =>
        after.Split('~', 2) is [var row, { Length: <= JobEndpoints.LongestName } key]
        && (key.Length > 0 || sort != JobSort.Worked)
        && long.TryParse(row, CultureInfo.InvariantCulture, out var number)
            ? new(key, number)
            : null;

    private static JobLineJson Line(JobSummary summary)
    {
        var heading = StoredJobs.Shortened(summary.Job.Heading);
        return new(
            summary.Job.Id,
            heading.Name,
            heading.Client,
            heading.Place,
            heading.Unit,
            summary.Job.Version,
            summary.Job.Updated,
            summary.Covers,
            summary.CompleteCovers,
            summary.Stage,
            summary.Job.IsArchived,
            summary.Figures is { } figures ? DocumentReading.Read<List<FigureJson>>(figures, DocumentRules.Figures).Document : null,
            StoredJobs.Problem(summary.Job.Heading)
        );
    }

    private static Results<Ok<FiguresKeptJson>, ProblemHttpResult> Keep(string id, FoundFiguresJson found, FigureStore figures)
    {
        if (
            found.Figures.Count > MostFigures
            || found.Figures.Any(figure =>
                figure.Cloth.Length > JobEndpoints.LongestName || figure.Figure.Length > LongestFigure || figure.Unit.Length > LongestFigure
            )
        )
        {
            return Refusals.Unprocessable([
                Check.Error(
                    "too-long",
                    $"A job has at most {MostFigures} figures to buy, each of at most {LongestFigure} characters, of "
                        + $"cloths with names of at most {JobEndpoints.LongestName}.",
                    "figures"
                ),
            ]);
        }

        var versions = new Dictionary<string, long>(found.Covers) { ["heading"] = found.Heading };
        foreach (var (key, version) in found.Cloths ?? [])
        {
            versions[JobPart.Cloth(key)] = version;
        }

        if (found is { Cloth: { } together, Cloths: null })
        {
            versions["cloth"] = together;
        }

        return TypedResults.Ok(new FiguresKeptJson(figures.Keep(id, versions, JsonSerializer.Serialize(found.Figures, OpenFormat.Json))));
    }
}
