using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization;
using Wrapper.Core.Reading;

namespace Wrapper.Formats;

/// <summary>A whole job in one file: docs/format.md, docs/job.schema.json.</summary>
public sealed record JobFile
{
    /// <summary>The format that is written.</summary>
    public const int Current = 2;

    private static readonly JsonSerializerOptions Written = new(OpenFormat.Json) { WriteIndented = true, Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    /// <summary>The format’s version: 2; 1 is read for ever.</summary>
    public int Format { get; init; } = Current;

    /// <summary>What the job is known by where it comes from.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Id { get; init; }

    /// <summary>What the job is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>Who it is for.</summary>
    public string Client { get; init; } = "";

    /// <summary>Where it is.</summary>
    public string Place { get; init; } = "";

    /// <summary><c>in</c>, <c>cm</c> or <c>mm</c>.</summary>
    public string Unit { get; init; } = "in";

    /// <summary>The cloth, which carries the others.</summary>
    public ClothDocument Cloth { get; init; } = new();

    /// <summary>The covers in their order.</summary>
    public List<CoverDocument> Covers { get; init; } = [];

    /// <summary>The letters of its covers by their ids; a cover without one gets the next that nobody has.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, string>? Letters { get; init; }

    /// <summary>The photographs that hang on covers and measures.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<PhotoDocument>? Photos { get; init; }

    /// <summary>What was cut, sewn and found, in the order it was told.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<WorkEntry>? Work { get; init; }

    /// <summary>Reads a job file of any format there has been.</summary>
    /// <exception cref="JsonException">It is no job file, or one of a later format.</exception>
    public static JobFile Read(string json)
    {
        var file = JsonSerializer.Deserialize<JobFile>(json, OpenFormat.Json);
        return file switch
        {
            { Format: > Current } => throw new JsonException($"This job file is of format {file.Format}, from a later Wrapper: this one reads up to {Current}."),
            { Format: >= 1 } when file.Covers.TrueForAll(cover => cover is not null) => file with { Format = Current, Cloth = file.Cloth.Brought(), Covers = [.. file.Covers.Select(cover => cover.Brought())] },
            _ => throw new JsonException("This is not a Wrapper job file."),
        };
    }

    /// <summary>The file’s text.</summary>
    public string Write() => JsonSerializer.Serialize(this, Written) + "\n";

    /// <summary>The schema of a job file, as it is published.</summary>
    public static string Schema()
    {
        var schema = OpenFormat.Json.GetJsonSchemaAsNode(typeof(JobFile), new JsonSchemaExporterOptions
        {
            TreatNullObliviousAsNonNullable = true,
            TransformSchemaNode = (context, node) => context.TypeInfo.Type switch
            {
                var type when type == typeof(Entry) || type == typeof(Entry?) => new JsonObject { ["description"] = "A number of millimetres, or a length as it is typed.", ["type"] = new JsonArray("number", "string", "null") },
                var type when type == typeof(ClothChoice) => new JsonObject { ["description"] = "The key of one of the job's cloths, or a cloth.", ["type"] = new JsonArray("string", "object", "null") },
                _ => node,
            },
        });
        var all = new JsonObject { ["$schema"] = "https://json-schema.org/draft/2020-12/schema", ["title"] = "A Wrapper job, format 2" };
        foreach (var (name, value) in schema.AsObject().ToList())
        {
            schema.AsObject().Remove(name);
            all[name] = value;
        }

        return all.ToJsonString(Written) + "\n";
    }
}

/// <summary>A photograph in a job file.</summary>
/// <param name="Cover">The id of the cover it hangs on.</param>
/// <param name="Measure">The measure; empty for the thing itself.</param>
/// <param name="Name">The name of its file.</param>
/// <param name="Type">Its media type.</param>
/// <param name="Content">The picture, in base 64.</param>
public sealed record PhotoDocument(string Cover, string Measure, string Name, string Type, byte[] Content);
