using System.Text.Json;
using Wrapper.Formats;
using Wrapper.Store;
using Wrapper.Web.Endpoints;

namespace Wrapper.Web;

/// <summary>Fills an empty store with the job files of a directory.</summary>
internal static class DemoJobs
{
    public static void Load(JobStore store, string directory)
    {
        if (store.List().Count > 0)
        {
            return;
        }

        foreach (var path in Directory.EnumerateFiles(directory, "*.json").OrderDescending(StringComparer.Ordinal))
        {
            var file = JobFile.Read(File.ReadAllText(path));
            var id = Path.GetFileNameWithoutExtension(path);
            store.Create(id, new(file.Name, file.Client, file.Place, file.Unit), JsonSerializer.Serialize(file.Cloth, OpenFormat.Json));
            var house = HouseEndpoints.Rules(store);
            for (var i = 0; i < file.Covers.Count; i++)
            {
                var cover = file.Covers[i];
                store.AddCover(id, $"{id}-{i + 1}", i, JsonSerializer.Serialize(cover, OpenFormat.Json), CoverEndpoints.IsComplete(cover, file.Unit, house));
            }
        }
    }
}
