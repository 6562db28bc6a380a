using Wrapper.Formats.Validation;
using Wrapper.Store;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Hosting;

/// <summary>Fills an empty store with the job files of a directory.</summary>
internal static class DemoJobs
{
    public static void Load(JobStore store, JobImport import, string directory)
    {
        if (store.Jobs.Page(new(), 1, null).Jobs.Count > 0)
        {
            return;
        }

        foreach (var path in Directory.EnumerateFiles(directory, "*.json").OrderDescending(StringComparer.Ordinal))
        {
            var file = JobFile.Read(File.ReadAllText(path));
            var id = Path.GetFileNameWithoutExtension(path);
            import.Make(
                file with
                {
                    Id = id,
                    Covers = [.. file.Covers.Select((cover, place) => cover with { Id = $"{id}-{place + 1}" })],
                },
                file.Photos ?? []
            );
        }
    }
}
