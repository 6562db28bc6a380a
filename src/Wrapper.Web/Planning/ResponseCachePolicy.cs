using System.Diagnostics;
using System.Security.Cryptography;
using Microsoft.AspNetCore.OutputCaching;

namespace Wrapper.Web.Planning;

/// <summary>
/// Caches answers that depend on nothing but their request, by its address and body: a job that is opened again, a change that
/// is undone, a second tablet. The cache is in memory only, and an answer that was cut short is not cached.
/// </summary>
public sealed class ResponseCachePolicy : IOutputCachePolicy
{
    /// <summary>What all answers that are kept take together, in bytes; the one asked for longest ago goes first.</summary>
    public const long MostBytes = 48 * 1024 * 1024;

    private static readonly object Began = new();

    /// <summary>Looks for the same question: its address and every byte of it.</summary>
    public ValueTask CacheRequestAsync(OutputCacheContext context, CancellationToken cancellation)
    {
        if (context.HttpContext.Request.Body is MemoryStream question)
        {
            context.EnableOutputCaching = context.AllowCacheLookup = context.AllowCacheStorage = true;
            context.AllowLocking = false; // whoever waited for another would be left without an answer when that one leaves
            context.CacheVaryByRules.VaryByValues["question"] = Convert.ToHexString(SHA256.HashData(question));
            question.Position = 0;
            context.HttpContext.Items[Began] = Stopwatch.GetTimestamp();
        }

        return ValueTask.CompletedTask;
    }

    /// <summary>What is kept stays right.</summary>
    public ValueTask ServeFromCacheAsync(OutputCacheContext context, CancellationToken cancellation) => ValueTask.CompletedTask;

    /// <summary>
    /// A refusal is not kept, nor what planners were cut short for, nor an answer whose client left while it was written: only a part of it
    /// may be there.
    /// </summary>
    public ValueTask ServeResponseAsync(OutputCacheContext context, CancellationToken cancellation)
    {
        context.AllowCacheStorage &=
            context.HttpContext.Response.StatusCode == StatusCodes.Status200OK
            && !context.HttpContext.RequestAborted.IsCancellationRequested
            && context.HttpContext.Items[Began] is long began
            && Stopwatch.GetElapsedTime(began).TotalSeconds < Planners.MostSeconds;
        return ValueTask.CompletedTask;
    }
}

/// <summary>Marks endpoints as they are mapped.</summary>
internal static class ResponseCaching
{
    /// <summary>The answer follows from the question alone, and is kept.</summary>
    public static RouteHandlerBuilder KeepsAnswers(this RouteHandlerBuilder endpoint) => endpoint.CacheOutput(new ResponseCachePolicy());
}
