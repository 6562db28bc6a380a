using System.Globalization;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Forms;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Endpoints.Open;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>A measuring sheet that was opened: its address, as text and as a code to photograph, and when it runs out.</summary>
/// <param name="Token">Its key, for this one job.</param>
/// <param name="Address">Where a phone finds it.</param>
/// <param name="Reachable">False while the application listens to this computer only.</param>
/// <param name="Code">The address as an SVG picture to be photographed.</param>
/// <param name="Expires">When it runs out.</param>
public sealed record SheetOpenedJson(string Token, string Address, bool Reachable, string Code, DateTimeOffset Expires);

/// <summary>A thing on a sheet.</summary>
public sealed record SheetCoverJson(string Id, CoverDocument Cover);

/// <summary>The measuring sheet of one job: its things and the catalogue they are measured by.</summary>
public sealed record SheetJson(
    string Name,
    string Client,
    string Place,
    [property: WordOf<JobUnit>] string Unit,
    CatalogueJson Catalogue,
    IReadOnlyList<SheetCoverJson> Covers
);

/// <summary>One field as it was filled in on a sheet.</summary>
/// <param name="Measure">The measure, or empty for a note on the thing itself.</param>
/// <param name="Note">It is a note, not a figure.</param>
/// <param name="Before">What the field held when the sheet was opened or last sent.</param>
/// <param name="Text">What it holds now, as typed.</param>
public sealed record SheetEntryJson(string Measure, bool Note, string Before, string Text);

/// <summary>What came of sending: the thing as it stands now, and the measures for which a second reading was kept.</summary>
public sealed record SheetSentJson(CoverDocument Cover, IReadOnlyList<string> SecondReadings);

internal static class SheetEndpoints
{
    private const int Attempts = 5;
    private const int LongestShown = 64;

    public static void MapSheets(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/jobs/{id}/sheet", Open)
            .WithName("openSheet")
            .WithSummary("Opens the measuring sheet of a job for a phone; it runs out after a day.")
            .ProducesProblem(StatusCodes.Status404NotFound);
        routes
            .MapDelete("/api/jobs/{id}/sheet", (string id, SheetStore sheets) =>
            {
                sheets.Close(id);
                return TypedResults.NoContent();
            })
            .WithName("closeSheet")
            .WithSummary("Closes the measuring sheet of a job.");
        var sheet = routes.MapGroup("/api/sheets/{token}");
        sheet.AddEndpointFilter(OnlyGoodCodes);
        sheet
            .MapGet("/", Read)
            .WithName("sheet")
            .WithSummary("The sheet: what is to be measured.")
            .ProducesProblem(StatusCodes.Status404NotFound);
        sheet
            .MapPut("/covers/{coverId}", Write)
            .Ruled(DocumentRules.SheetFields)
            .WithName("writeSheet")
            .WithSummary(
                "Sends fields of one thing; what was changed on the bench meanwhile is kept and the new figure becomes a second reading."
            )
            .ProducesProblem(StatusCodes.Status404NotFound);
        sheet
            .MapPost("/photos", Photograph)
            .WithName("sheetPhoto")
            .WithSummary("Sends a photograph from a sheet.")
            .Accepts<byte[]>("application/octet-stream")
            .Produces<PhotoJson>()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<IResult> Photograph(
        string token,
        string cover,
        string? measure,
        string? name,
        HttpRequest request,
        [AsParameters] Kept kept
    )
    {
        if (kept.Sheets.JobOf(token) is not { } id || StoredJobs.Find(kept.Jobs, id) is not { } job)
        {
            return Closed();
        }

        return job.Covers.FirstOrDefault(known => known.Id == cover) is { } thing && !IsAsked(thing.Cover, measure ?? "")
            ? NotAsked(measure!)
            : await PhotoEndpoints.Keep(id, cover, measure, name, request, kept.Photos, kept.Changes);
    }

    /// <summary>Where what a sheet sends is kept, and who is told.</summary>
    internal sealed record Kept(JobStore Jobs, SheetStore Sheets, PhotoStore Photos, JobChanges Changes);

    private static ProblemHttpResult NotAsked(string measure) =>
        Refusals.Unprocessable([
            Check.Error("unknown-measure", $"This thing has no measure “{measure[..Math.Min(measure.Length, LongestShown)]}”.", "measure"),
        ]);

    /// <summary>A measure of the thing as it stands, or the thing itself; where its form is not known nothing is.</summary>
    private static bool IsAsked(CoverDocument cover, string measure) =>
        measure.Length == 0
        || FormCatalogue.Find(cover.Form ?? "box-cushion")?.Shapes.Any(shape => shape.Measures.Any(known => known.Name == measure)) == true;

    /// <summary>Who sent too many wrong codes waits; a wrong one counts.</summary>
    private static async ValueTask<object?> OnlyGoodCodes(EndpointFilterInvocationContext call, EndpointFilterDelegate next)
    {
        var (http, codes) = (call.HttpContext, call.HttpContext.RequestServices.GetRequiredService<SheetTokenLimiter>());
        if (codes.MustWait(http.Connection.RemoteIpAddress))
        {
            http.Response.Headers.RetryAfter = SheetTokenLimiter.Window.TotalSeconds.ToString(CultureInfo.InvariantCulture);
            return TypedResults.Problem(
                "Too many wrong codes came from this device: wait a minute, then take the code at the bench again.",
                statusCode: StatusCodes.Status429TooManyRequests
            );
        }

        if (http.RequestServices.GetRequiredService<SheetStore>().JobOf((string)http.Request.RouteValues["token"]!) is null)
        {
            codes.Note(http.Connection.RemoteIpAddress);
        }

        return await next(call);
    }

    private static ProblemHttpResult Closed() =>
        TypedResults.Problem(
            "This sheet is closed or has run out. Ask for a new code at the bench; what is on this page can be saved as a file.",
            statusCode: StatusCodes.Status404NotFound
        );

    private static Results<Ok<SheetOpenedJson>, ProblemHttpResult> Open(
        string id,
        JobStore jobs,
        SheetStore sheets,
        SheetAddress address,
        HttpContext context
    )
    {
        if (jobs.Find(id) is null)
        {
            return Versions.Missing();
        }

        var (token, expires) = sheets.Open(id);
        var url = $"{address.Base ?? $"{context.Request.Scheme}://{context.Request.Host}"}/sheet/{token}";
        return TypedResults.Ok(new SheetOpenedJson(token, url, address.Base is not null, QrCode.Svg(url, "#fdf9f1"), expires));
    }

    private static Results<Ok<SheetJson>, ProblemHttpResult> Read(string token, JobStore jobs, SheetStore sheets)
    {
        if (sheets.JobOf(token) is not { } id || StoredJobs.Find(jobs, id) is not { } job)
        {
            return Closed();
        }

        return TypedResults.Ok(
            new SheetJson(
                job.Name,
                job.Client,
                job.Place,
                job.Unit,
                CatalogueEndpoints.Catalogue(),
                [.. job.Covers.Select(cover => new SheetCoverJson(cover.Id, cover.Cover))]
            )
        );
    }

    private static Results<Ok<SheetSentJson>, ProblemHttpResult> Write(
        string token,
        string coverId,
        IReadOnlyList<SheetEntryJson> entries,
        JobStore jobs,
        SheetStore sheets,
        JobChanges changes
    )
    {
        if (sheets.JobOf(token) is not { } id)
        {
            return Closed();
        }

        for (var attempt = 0; attempt < Attempts; attempt++)
        {
            if (StoredJobs.Find(jobs, id) is not { } job || job.Covers.FirstOrDefault(cover => cover.Id == coverId) is not { } stored)
            {
                return Versions.Missing();
            }

            if (job.IsBroken(JobPart.Cover(coverId)))
            {
                return Refusals.Unprocessable([TryingOnEndpoints.BrokenCover(stored)]);
            }

            if (entries.FirstOrDefault(entry => !IsAsked(stored.Cover, entry.Measure)) is { } unknown)
            {
                return NotAsked(unknown.Measure);
            }

            var (cover, second) = SheetEntries.Put(
                stored.Cover,
                [.. entries.Select(entry => new SheetEntry(entry.Measure, entry.Note, entry.Before, entry.Text))]
            );
            var document = JsonSerializer.Serialize(cover, OpenFormat.Json);
            if (JobSizeLimits.Refusal(jobs, id, coverId, document) is { } refusal)
            {
                return refusal;
            }

            var complete = CoverInJob.IsComplete(cover, job.Unit, StoredHouse.Rules(jobs));
            if (jobs.SaveCover(id, coverId, stored.Position, document, complete, stored.Version).End == WriteEnd.Saved)
            {
                changes.Tell(id, $"cover/{coverId}");
                return TypedResults.Ok(new SheetSentJson(cover, second));
            }
        }

        return TypedResults.Problem(
            "The bench is writing on the same thing: try again in a moment.",
            statusCode: StatusCodes.Status409Conflict
        );
    }
}
