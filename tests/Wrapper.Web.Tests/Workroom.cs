using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>A job of two cushions alike and what is told of the work on it.</summary>
internal static class Workroom
{
    private const string Cover = """
        { "id": "seat", "name": "Seat", "form": "box-cushion", "measures": { "width": "20", "depth": "18", "thickness": "4" },
          "construction": "boxing-strip", "count": "2" }
        """;

    /// <summary>Makes such a job; gives its id.</summary>
    public static async Task<string> Job(Application application, string cover = Cover)
    {
        var (status, made, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            $$"""{ "format": 2, "name": "Saloon", "unit": "in", "cloth": { "name": "Ticking", "width": "54" }, "covers": [{{cover}}] }"""
        );
        Assert.Equal(200, status);
        return (string)made!["id"]!;
    }

    /// <summary>Tells entries.</summary>
    public static async Task<(int Status, JsonNode Answer)> Tell(Application application, string job, params JsonObject[] entries)
    {
        var told = new JsonObject { ["entries"] = new JsonArray([.. entries.Select(entry => entry.DeepClone())]) };
        var (status, answer, _) = await application.Send(HttpMethod.Post, $"/api/jobs/{job}/work", told.ToJsonString());
        return (status, answer!);
    }

    /// <summary>A card of the first cushion was sewn.</summary>
    public static JsonObject Sewn(string id, string card, string by = "")
    {
        var entry = Entry(id, "sewn", ("cover", "seat"), ("number", 1), ("subject", card), ("minutes", 3.5));
        entry["by"] = by;
        return entry;
    }

    /// <summary>A copy of a card was cut where it lies.</summary>
    public static JsonObject Cut(string id, JsonNode cloth, JsonNode card, int copy)
    {
        var lies = card["copies"]!.AsArray().First(one => (int)one!["copy"]! == copy)!;
        var cut = new JsonObject
        {
            ["cloth"] = (string)cloth["key"]!,
            ["outline"] = new JsonArray([
                .. card["outline"]!
                    .AsArray()
                    .Select(corner => new JsonArray((double)corner![0]! + (double)lies["x"]!, (double)corner[1]! + (double)lies["y"]!)),
            ]),
            ["width"] = (double)card["size"]!["width"]!,
            ["length"] = (double)card["size"]!["length"]!,
            ["edges"] = card["size"]!["edges"]!.DeepClone(),
        };
        return Entry(id, "cut", ("cover", "seat"), ("number", copy), ("subject", (string)card["piece"]!), ("cut", cut));
    }

    /// <summary>An entry of any kind.</summary>
    public static JsonObject Entry(string id, string kind, params (string Field, JsonNode Value)[] rest)
    {
        var entry = new JsonObject
        {
            ["id"] = id,
            ["kind"] = kind,
            ["cover"] = "",
            ["number"] = 0,
            ["subject"] = "",
            ["at"] = "2026-03-14T09:26:00Z",
            ["by"] = "",
        };
        foreach (var (field, value) in rest)
        {
            entry[field] = value;
        }

        return entry;
    }
}
