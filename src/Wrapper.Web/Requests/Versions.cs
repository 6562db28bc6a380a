using System.Globalization;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Store;

namespace Wrapper.Web.Requests;

/// <summary>A write that went in.</summary>
/// <param name="Version">The new version.</param>
/// <param name="Complete">For a cover: whether it can be cut from.</param>
/// <param name="Letter">For a cover: its letter in the job, which its pieces are known by.</param>
public sealed record SavedJson(long Version, bool? Complete, string? Letter);

/// <summary>Versions as ETags: what a write was made from, and what to answer when someone else was faster.</summary>
internal static class Versions
{
    public static void Tag(HttpContext context, long version) =>
        context.Response.GetTypedHeaders().ETag = new($"\"{version.ToString(CultureInfo.InvariantCulture)}\"");

    /// <summary>The version a write says it was made from; null when it says none.</summary>
    public static long? Expected(HttpContext context) =>
        context.Request.GetTypedHeaders().IfMatch is [{ IsWeak: false } tag]
        && long.TryParse(tag.Tag.AsSpan().Trim('"'), NumberStyles.None, CultureInfo.InvariantCulture, out var version)
            ? version
            : null;

    /// <summary>True for a write that makes something new.</summary>
    public static bool IsNew(HttpContext context) =>
        context.Request.GetTypedHeaders().IfNoneMatch is [{ } tag] && tag.Equals(Microsoft.Net.Http.Headers.EntityTagHeaderValue.Any);

    public static ProblemHttpResult NotSaid() =>
        TypedResults.Problem(
            "Say in If-Match which version this was made from, or If-None-Match: * for something new.",
            statusCode: StatusCodes.Status428PreconditionRequired
        );

    public static ProblemHttpResult Missing() =>
        TypedResults.Problem("There is no such thing, or it was deleted.", statusCode: StatusCodes.Status404NotFound);

    /// <summary>A write made from the version that is said, and its answer.</summary>
    /// <param name="context">The request.</param>
    /// <param name="write">Writes what was made from this version.</param>
    /// <param name="stored">What stands in the store, for a stale write.</param>
    /// <param name="yours">What was to be written.</param>
    public static Results<Ok<SavedJson>, ProblemHttpResult> Write(
        HttpContext context,
        Func<long, WriteResult> write,
        Func<object?> stored,
        object? yours
    ) => Expected(context) is { } version ? Answer(context, write(version), null, stored, yours) : NotSaid();

    /// <summary>The answer to a write; a stale one gets both versions, and nothing was overwritten.</summary>
    public static Results<Ok<SavedJson>, ProblemHttpResult> Answer(
        HttpContext context,
        WriteResult result,
        (bool Complete, string Letter)? cover,
        Func<object?> stored,
        object? yours
    )
    {
        switch (result.End)
        {
            case WriteEnd.Saved:
                Tag(context, result.Version);
                return TypedResults.Ok(new SavedJson(result.Version, cover?.Complete, cover?.Letter));
            case WriteEnd.Missing:
                return Missing();
            default:
                Tag(context, result.Version);
                return TypedResults.Problem(
                    "This was changed elsewhere in the meantime. Nothing was overwritten: both versions are here.",
                    statusCode: StatusCodes.Status412PreconditionFailed,
                    extensions: new Dictionary<string, object?>
                    {
                        ["version"] = result.Version,
                        ["stored"] = stored(),
                        ["yours"] = yours,
                    }
                );
        }
    }
}
