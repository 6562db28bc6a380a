using System.Text.Json;
using Wrapper.Core.Pattern;
using Wrapper.Formats;
using Wrapper.Formats.Pictures;
using Wrapper.Store;

namespace Wrapper.Web.Endpoints;

/// <summary>What came of taking a job file in.</summary>
/// <param name="Id">The job it is now.</param>
/// <param name="Added">How many covers were added.</param>
/// <param name="Kept">How many stood there already, just so.</param>
/// <param name="LeftOut">The photographs and entries of work of the file that could not be kept, each with its reason.</param>
public sealed record JobImportedJson(string Id, int Added, int Kept, IReadOnlyList<string> LeftOut);

/// <summary>Takes job files into the store. What stands there is never overwritten.</summary>
internal sealed class JobImport(JobStore store, PhotoStore photos, WorkStore work, JobChanges changes)
{
    /// <summary>The file as a job of its own, under its own id where that is free.</summary>
    public JobImportedJson Make(JobFile file, string? id)
    {
        var job = id is { Length: > 0 and <= 64 } && !store.Knows(id) ? id : Guid.CreateVersion7().ToString("N");
        var (heading, cloth) = (new JobHeading(file.Name, file.Client, file.Place, file.Unit), JsonSerializer.Serialize(file.Cloth, OpenFormat.Json));
        if (store.Create(job, heading, cloth) is null)
        {
            job = Guid.CreateVersion7().ToString("N"); // taken by another in the meantime
            store.Create(job, heading, cloth);
        }

        var (ids, house) = (new Dictionary<string, string>(), HouseEndpoints.Rules(store));
        for (var i = 0; i < file.Covers.Count; i++)
        {
            Add(job, file.Covers[i], i, LetterIn(file, file.Covers[i]), file.Unit, house, ids);
        }

        return new(job, file.Covers.Count, 0, [.. AddPhotos(file, job, ids, []), .. AddWork(file, job, ids)]);
    }

    /// <summary>What the job has not yet: covers of other ids, and beside a cover that differs the file’s as another.</summary>
    public JobImportedJson Merge(JobFile file, JobJson job)
    {
        var (ids, house) = (new Dictionary<string, string>(), HouseEndpoints.Rules(store));
        var (added, kept) = (0, 0);
        foreach (var cover in file.Covers)
        {
            var same = job.Covers.FirstOrDefault(known => known.Id == cover.Id);
            if (same is not null && Text(same.Cover) == Text(cover with { Id = null }))
            {
                ids[same.Id] = same.Id;
                kept++;
                continue;
            }

            var named = same is null ? cover : cover with { Id = null, Name = $"{JobPlan.NameOf(cover)} (from the file)" };
            var id = Add(job.Id, named, job.Covers.Count + added, LetterIn(file, cover), job.Unit, house, ids);
            ids[cover.Id ?? id] = id;
            changes.Tell(job.Id, $"cover/{id}");
            added++;
        }

        return new(job.Id, added, kept, [.. AddPhotos(file, job.Id, ids, photos.List(job.Id)), .. AddWork(file, job.Id, ids)]);
    }

    private string Add(string job, CoverDocument cover, int position, int? letter, string unit, IReadOnlyDictionary<string, string> house, Dictionary<string, string> ids)
    {
        var id = cover.Id is { Length: > 0 and <= 64 } said && !ids.ContainsValue(said) ? said : Guid.CreateVersion7().ToString("N");
        ids[cover.Id ?? id] = id;
        var stored = cover with { Id = null };
        store.AddCover(job, id, position, Text(stored), CoverEndpoints.IsComplete(stored, unit, house), letter);
        return id;
    }

    /// <summary>The letter a cover has in its file, as a number; a file may say anything.</summary>
    private static int? LetterIn(JobFile file, CoverDocument cover) => PieceCodes.PlaceOf(file.Letters?.GetValueOrDefault(cover.Id ?? ""));

    /// <returns>The photographs that were left out, each with its reason.</returns>
    private List<string> AddPhotos(JobFile file, string job, Dictionary<string, string> ids, IReadOnlyList<StoredPhoto> there)
    {
        List<string> leftOut = [];
        foreach (var photo in (file.Photos ?? []).Where(photo => photo is not null))
        {
            if (Add(photo, job, ids.GetValueOrDefault(photo.Cover ?? ""), there) is { } reason)
            {
                leftOut.Add($"“{photo.Name}”: {reason}");
            }
        }

        return leftOut;
    }

    /// <returns>The entries of work that were left out, each with its reason.</returns>
    private List<string> AddWork(JobFile file, string job, Dictionary<string, string> ids)
    {
        var told = file.Work ?? [];
        if (told.Count > 0 && WorkEndpoints.NoRoom(work, job, told.Count) is { } full)
        {
            return [full];
        }

        var whole = told.Where(entry => WorkEndpoints.Problem(entry) is null).Select(entry => entry with { Cover = ids.GetValueOrDefault(entry.Cover, entry.Cover) }).ToList();
        work.Add(job, [.. whole.Select(WorkEndpoints.Stored)]);
        return [.. told.Select(WorkEndpoints.Problem).OfType<string>().Select(problem => $"An entry of the work: {problem}")];
    }

    /// <returns>Why it was left out; null where it stands in the job now.</returns>
    private string? Add(PhotoDocument photo, string job, string? cover, IReadOnlyList<StoredPhoto> there)
    {
        if (cover is null)
        {
            return "The cover it was taken of is not in the file.";
        }

        if (there.Any(known => known.CoverId == cover && known.Measure == photo.Measure && known.Name == photo.Name && photos.Find(job, known.Id)?.Content.AsSpan().SequenceEqual(photo.Content) == true))
        {
            return null;
        }

        if ((photo.Content.Length > Photograph.MostBytes ? PhotoEndpoints.TooLarge : PhotoEndpoints.NoRoom(photos, job, photo.Content.Length)) is { } tooMuch)
        {
            return tooMuch;
        }

        var (kept, problem) = Photograph.Read(photo.Content);
        if (kept is not null)
        {
            photos.Add(Guid.CreateVersion7().ToString("N"), job, cover, photo.Measure, photo.Name, new(kept.Type, kept.Content, kept.Thumbnail));
        }

        return problem;
    }

    private static string Text(CoverDocument cover) => JsonSerializer.Serialize(cover, OpenFormat.Json);
}
