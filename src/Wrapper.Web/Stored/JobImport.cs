using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Pattern;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Pictures;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;

namespace Wrapper.Web.Stored;

/// <summary>What came of importing a job file.</summary>
/// <param name="Id">The job it is now.</param>
/// <param name="Added">How many covers were added.</param>
/// <param name="Kept">How many stood there already, just so.</param>
/// <param name="LeftOut">The photographs and entries of work of the file that were left out, each with its reason.</param>
public sealed record JobImportedJson(string Id, int Added, int Kept, IReadOnlyList<string> LeftOut);

/// <summary>What came of importing a job file: what was stored, or why nothing was.</summary>
/// <param name="Imported">What was stored; null where nothing was.</param>
/// <param name="Refusal">Why nothing was; null where it was.</param>
internal sealed record JobImportResult(JobImportedJson? Imported, ProblemHttpResult? Refusal);

/// <summary>Takes job files into the store, each whole or not at all. What stands there is never overwritten.</summary>
internal sealed class JobImport(JobStore store, PhotoStore photos, WorkStore work, JobChanges changes)
{
    /// <summary>The file as a job of its own, under its own id where that is free.</summary>
    /// <param name="file">The file.</param>
    /// <param name="pictures">Its photographs, one after another.</param>
    public JobImportResult Make(JobFile file, IEnumerable<PhotoDocument> pictures)
    {
        if (JobSizeLimits.Refusal(file, (0, 0)) is { } refusal)
        {
            return new(null, refusal);
        }

        using var spool = new PhotoSpool();
        var ids = CoverIds(file);
        var house = StoredHouse.Rules(store);
        var covers = file
            .Covers.Select((cover, place) => Intake(cover, ids[place], place, LetterIn(file, cover), file.Unit, house))
            .ToList();
        var known = Known(file, ids);
        var brought = Photos(pictures, known, spool, _ => false, (0, 0));
        if (brought.Refusal is not null)
        {
            return new(null, brought.Refusal);
        }

        var (heading, cloths) = (new JobHeading(file.Name, file.Client, file.Place, file.Unit), StoredJobs.Cloths(file.Cloth));
        var (told, repeated) = Work(file, known);
        var job = file.Id is { } id && !store.Knows(id) ? id : NewId();
        while (!store.Take(new(job, (heading, cloths), covers, brought.Photos, told)))
        {
            job = NewId(); // taken by another in the meantime
        }

        return new(new(job, covers.Count, 0, [.. brought.LeftOut, .. repeated]), null);
    }

    /// <summary>What the job has not yet: covers of other ids, and beside a cover that differs the file’s as another.</summary>
    public JobImportResult Merge(JobFile file, JobJson job, IEnumerable<PhotoDocument> pictures)
    {
        var (ids, house) = (CoverIds(file), StoredHouse.Rules(store));
        var (covers, kept) = (new List<CoverIntake>(), 0);
        var merged = file
            .Covers.Select((cover, place) => (Cover: cover, Place: place, Same: job.Covers.FirstOrDefault(known => known.Id == cover.Id)))
            .ToList();
        foreach (var (cover, place, same) in merged)
        {
            if (same is not null && !job.IsBroken(JobPart.Cover(same.Id)) && Text(same.Cover) == Text(cover with { Id = null }))
            {
                kept++;
                continue;
            }

            var named = same is null ? cover : cover with { Name = $"{JobPlan.NameOf(cover)} (from the file)" };
            ids[place] = same is null ? ids[place] : NewId();
            covers.Add(Intake(named, ids[place], job.Covers.Count + covers.Count, LetterIn(file, cover), job.Unit, house));
        }

        if (
            JobSizeLimits.Refusal(
                file with
                {
                    Covers = [.. merged.Where(one => covers.Any(cover => cover.Id == ids[one.Place])).Select(one => one.Cover)],
                },
                store.WeightWithout(job.Id, "")
            ) is
            { } full
        )
        {
            return new(null, full);
        }

        using var spool = new PhotoSpool();
        var known = Known(file, ids);
        var there = photos.List(job.Id);
        var brought = Photos(
            pictures,
            known,
            spool,
            photo => IsThere(photo, job.Id, known.GetValueOrDefault(photo.Cover), there),
            photos.Weight(job.Id)
        );
        var (told, repeated) = Work(file, known);
        var (fresh, differing) = NotThere(told, job.Id);
        if (
            (brought.Refusal ?? (StoredEntries.NoRoom(work, job.Id, fresh.Count) is { } noRoom ? Refused(noRoom, "work") : null)) is
            { } refusal
        )
        {
            return new(null, refusal);
        }

        if (!store.Take(new(job.Id, null, covers, brought.Photos, fresh)))
        {
            return new(null, Versions.Missing());
        }

        covers.ForEach(cover => changes.Tell(job.Id, $"cover/{cover.Id}"));
        return new(new(job.Id, covers.Count, kept, [.. brought.LeftOut, .. repeated, .. differing]), null);
    }

    /// <summary>An id for each cover of the file: its own where that can be one and no other has it.</summary>
    private static List<string> CoverIds(JobFile file)
    {
        var taken = new HashSet<string>();
        return [.. file.Covers.Select(cover => IdRule.IsId(cover.Id) && taken.Add(cover.Id!) ? cover.Id! : NewId())];
    }

    /// <summary>The id in the store of each cover, by its id in the file; the first of those that share one.</summary>
    private static Dictionary<string, string> Known(JobFile file, List<string> ids) =>
        file
            .Covers.Select((cover, place) => (InFile: cover.Id ?? ids[place], InStore: ids[place]))
            .DistinctBy(cover => cover.InFile)
            .ToDictionary(cover => cover.InFile, cover => cover.InStore);

    private static CoverIntake Intake(
        CoverDocument cover,
        string id,
        int position,
        int? letter,
        string unit,
        IReadOnlyDictionary<string, string> house
    )
    {
        var stored = cover with { Id = null };
        return new(id, position, Text(stored), CoverInJob.IsComplete(stored, unit, house), letter);
    }

    /// <summary>The letter a cover has in its file, as a number; a file may say anything.</summary>
    private static int? LetterIn(JobFile file, CoverDocument cover) => PieceCodes.PlaceOf(file.Letters?.GetValueOrDefault(cover.Id ?? ""));

    /// <summary>
    /// The photographs of a file as they are stored; one that cannot be is left out and named, more than a job holds are refused.
    /// </summary>
    private static ImportedPhotos Photos(
        IEnumerable<PhotoDocument> pictures,
        Dictionary<string, string> known,
        PhotoSpool spool,
        Func<PhotoDocument, bool> isThere,
        (int Count, long Bytes) there
    )
    {
        var (taken, leftOut) = (new List<PhotoIntake>(), new List<string>());
        foreach (var photo in pictures)
        {
            if (!known.TryGetValue(photo.Cover, out var cover))
            {
                leftOut.Add($"“{photo.Name}”: The cover it was taken of is not in the file.");
                continue;
            }

            if (isThere(photo))
            {
                continue;
            }

            var (kept, problem) =
                photo.Content.Length > Photograph.MostBytes ? (null, PhotoAlbum.TooLarge) : Photograph.Read(photo.Content);
            if (kept is null)
            {
                leftOut.Add($"“{photo.Name}”: {problem}");
                continue;
            }

            there = (there.Count + 1, there.Bytes + kept.Content.Length);
            if (there.Count > JobLimits.MostPhotos || there.Bytes > JobLimits.MostBytesOfPhotos)
            {
                return new(
                    [],
                    [],
                    Refused(
                        $"A job holds {JobLimits.MostPhotos} photographs or "
                            + $"{JobLimits.MostBytesOfPhotos / 1024 / 1024} MB. Remove some from the file or the job.",
                        "photos"
                    )
                );
            }

            taken.Add(new(NewId(), cover, photo.Measure, photo.Name, spool.Keep(kept)));
        }

        return new(taken, leftOut, null);
    }

    private bool IsThere(PhotoDocument photo, string job, string? cover, IReadOnlyList<StoredPhoto> there) =>
        there.Any(known =>
            known.CoverId == cover
            && known.Measure == photo.Measure
            && known.Name == photo.Name
            && photos.Find(job, known.Id)?.Content.AsSpan().SequenceEqual(photo.Content) == true
        );

    /// <summary>The work of a file on the covers as they are called in the store; an id that comes twice counts once.</summary>
    private static (List<StoredWork> Told, List<string> LeftOut) Work(JobFile file, Dictionary<string, string> known)
    {
        var told = (file.Work ?? [])
            .Select(entry => StoredEntries.Stored(entry with { Cover = known.GetValueOrDefault(entry.Cover, entry.Cover) }))
            .ToList();
        var first = told.DistinctBy(entry => entry.Id).ToList();
        return (
            first,
            [
                .. told.Except(first)
                    .Where(entry => first.All(other => other.Id != entry.Id || other.Document != entry.Document))
                    .Select(entry => $"Entry of work “{entry.Id}”: another entry of the file has this id."),
            ]
        );
    }

    /// <summary>Entries the job does not have yet; one it has with other content is left out and named.</summary>
    private (List<StoredWork> Fresh, List<string> LeftOut) NotThere(List<StoredWork> told, string job)
    {
        var there = work.List(job).ToDictionary(entry => entry.Id);
        var differing = told.Where(entry => there.TryGetValue(entry.Id, out var known) && known.Document != entry.Document);
        return (
            [.. told.Where(entry => !there.ContainsKey(entry.Id))],
            [.. differing.Select(entry => $"Entry of work “{entry.Id}”: the job has another entry with this id.")]
        );
    }

    private static ProblemHttpResult Refused(string text, string about) => Refusals.Unprocessable([Check.Error("too-much", text, about)]);

    private static string NewId() => Guid.CreateVersion7().ToString("N");

    private static string Text(CoverDocument cover) => JsonSerializer.Serialize(cover, OpenFormat.Json);

    /// <summary>The photographs of a file.</summary>
    /// <param name="Photos">Those to store.</param>
    /// <param name="LeftOut">Those left out, each with its reason.</param>
    /// <param name="Refusal">Why nothing of the file is stored; null where it is.</param>
    private sealed record ImportedPhotos(IReadOnlyList<PhotoIntake> Photos, IReadOnlyList<string> LeftOut, ProblemHttpResult? Refusal);
}
