using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Reading;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>The cloths of a job: each is written by itself, or, as earlier clients do it, all of them at once.</summary>
internal static class ClothsOfJobEndpoints
{
    public static void MapClothsOfJob(this IEndpointRouteBuilder routes)
    {
        var jobs = routes.MapGroup("/api/jobs/{id}");
        jobs.MapPut("/cloths/{key}", Save)
            .Ruled(DocumentRules.Cloth)
            .WithName("saveClothOfJob")
            .WithSummary("Writes one of a job’s cloths; with If-None-Match: * it is added at the end of the list, or brought back.")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        jobs.MapDelete("/cloths/{key}", Delete)
            .WithName("deleteClothOfJob")
            .WithSummary("Marks one of a job’s cloths as deleted; its last cloth stays.")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        jobs.MapPut("/cloth", SaveAll)
            .Ruled(DocumentRules.Cloth)
            .WithName("saveCloth")
            .WithSummary("Writes a job’s first cloth and, where it carries “others”, the whole list.")
            .ProducesProblem(StatusCodes.Status412PreconditionFailed);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Save(
        string id,
        string key,
        ClothDocument cloth,
        JobStore store,
        JobChanges changes,
        HttpContext context
    )
    {
        var named = KeyIn(key);
        if (named.Length > IdRule.Longest)
        {
            return Wrong("too-long", $"The key of the cloth is longer than {IdRule.Longest} characters. Shorten it.");
        }

        if (cloth.Key is { Length: > 0 } own && own != named)
        {
            return Wrong("other-key", $"The cloth has the key “{own}”, but the address has “{named}”. Use the same key in both.");
        }

        var kept = cloth.Migrate() with { Key = named == CoverInput.UsualKey ? cloth.Key : named, Others = null };
        var cloths = store.Cloths.List(id);
        var document = JsonSerializer.Serialize(kept, OpenFormat.Json);
        if (JobSizeLimits.RefusalOfCloth(cloths, named, document) is { } refusal)
        {
            return refusal;
        }

        object? Stored() => StoredJobs.Find(store, id)?.Cloths.FirstOrDefault(known => known.Key == named);
        if (!Versions.IsNew(context))
        {
            return Versions.Write(context, version => changes.Drafts(id, store.Cloths.Save(id, named, document, version)), Stored, cloth);
        }

        return cloths.Count >= JsonLimits.Of("others") && cloths.All(known => known.Key != named)
            ? Wrong("too-many-cloths", $"A job has room for {JsonLimits.Of("others")} cloths. Remove one first.")
            : Versions.Answer(context, changes.Drafts(id, store.Cloths.Add(id, named, document)), null, Stored, cloth);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Delete(
        string id,
        string key,
        JobStore store,
        JobChanges changes,
        HttpContext context
    )
    {
        var named = KeyIn(key);
        return store.Cloths.List(id) is [var only] && only.Key == named
            ? Wrong("last-cloth", "This is the job’s last cloth. Add another one before you remove it.")
            : Versions.Write(
                context,
                version => changes.Drafts(id, store.Cloths.Delete(id, named, version)),
                () => StoredJobs.Find(store, id)?.Cloths.FirstOrDefault(known => known.Key == named),
                null
            );
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> SaveAll(
        string id,
        ClothDocument cloth,
        JobStore store,
        JobChanges changes,
        HttpContext context
    )
    {
        var migrated = cloth.Migrate();
        var written = JobCloths.KeyOf(migrated);
        if (migrated.Others is null && store.Cloths.List(id).Skip(1).Any(other => other.Key == written))
        {
            return Wrong("other-key", $"Another cloth of this job has the key “{written}”. Write that one at …/cloths/{written}.");
        }

        return
            JobSizeLimits.Refusal("cloth", JsonSerializer.Serialize(migrated, OpenFormat.Json), JobLimits.MostBytesOfCloth) is { } refusal
            ? refusal
            : Versions.Write(
                context,
                version => changes.Drafts(id, store.Cloths.SaveAll(id, StoredJobs.Cloths(migrated), migrated.Others is not null, version)),
                () => StoredJobs.Find(store, id)?.Cloth,
                cloth
            );
    }

    /// <summary>The key in an address; a slash in it is not decoded by the router.</summary>
    private static string KeyIn(string segment) => segment.Replace("%2F", "/", StringComparison.OrdinalIgnoreCase);

    private static ProblemHttpResult Wrong(string code, string text) => Refusals.Unprocessable([Check.Error(code, text, "key")]);
}
