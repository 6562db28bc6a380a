using System.IO.Pipelines;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Formats.Documents;

namespace Wrapper.Formats.Validation;

/// <summary>A whole job in one file: docs/format.md, docs/job.schema.json.</summary>
public sealed record JobFile
{
    /// <summary>The format that is written.</summary>
    public const int Current = 2;

    private static readonly JsonSerializerOptions Written = new(OpenFormat.Json)
    {
        WriteIndented = true,
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>
    /// Work and photographs: a full job’s outlines would take three times the room with each number on a line of its own.
    /// </summary>
    private static readonly JsonSerializerOptions OnOneLine = new(Written) { WriteIndented = false };

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
    /// <exception cref="JsonException">It breaks a rule, or is not a job file.</exception>
    public static JobFile Read(string json)
    {
        var reading = Open(Encoding.UTF8.GetBytes(json));
        return reading.Document ?? throw new JsonException(reading.Violations[0].Text);
    }

    /// <summary>Reads a job file of any format there has been, through the rules of its documents.</summary>
    /// <param name="json">The file; its photographs have a rule of their own, <see cref="DocumentRules.PhotoWithoutContent"/>.</param>
    public static DocumentReading<JobFile> Open(ReadOnlyMemory<byte> json)
    {
        var reading = DocumentReading.Read<JobFile>(json, DocumentRules.JobFile);
        return reading.Document switch
        {
            null => reading,
            { Format: > Current } later => new(
                null,
                [
                    new(
                        ["format"],
                        $"“format” is {later.Format}: a later version of Wrapper wrote this job file. This version reads up to {Current}."
                    ),
                ]
            ),
            var file => new(
                file with
                {
                    Format = Current,
                    Cloth = file.Cloth.Migrate(),
                    Covers = [.. file.Covers.Select(cover => cover.Migrate())],
                },
                []
            ),
        };
    }

    /// <summary>Writes a file as its parts come, so that no more than one photograph is in memory.</summary>
    /// <param name="to">Where to.</param>
    /// <param name="photos">Its photographs, one after another.</param>
    /// <param name="left">The receiver has gone.</param>
    public async Task Write(Stream to, IEnumerable<PhotoDocument> photos, CancellationToken left)
    {
        var pipe = PipeWriter.Create(to, new(leaveOpen: true));
        await using (var writer = new Utf8JsonWriter(pipe, new() { Indented = true, Encoder = Written.Encoder }))
        {
            writer.WriteStartObject();
            foreach (var (name, value) in JsonSerializer.SerializeToNode(this with { Photos = null, Work = null }, Written)!.AsObject())
            {
                writer.WritePropertyName(name);
                JsonSerializer.Serialize(writer, value, Written);
            }

            await WriteList(writer, "photos", photos);
            await WriteList(writer, "work", Work ?? []);
            writer.WriteEndObject();
        }

        await pipe.WriteAsync("\n"u8.ToArray(), left);
        await pipe.CompleteAsync();

        async Task WriteList<T>(Utf8JsonWriter writer, string name, IEnumerable<T> entries)
        {
            writer.WriteStartArray(name);
            foreach (var entry in entries)
            {
                writer.WriteRawValue(JsonSerializer.SerializeToUtf8Bytes(entry, OnOneLine), skipInputValidation: true);
                writer.Flush(); // into the pipe, which goes on without keeping a thread waiting
                await pipe.FlushAsync(left);
            }

            writer.WriteEndArray();
        }
    }

    /// <summary>The schema of a job file, as it is published: its rules.</summary>
    public static string Schema() => DocumentRules.JobFileSchema("A Wrapper job, format 2").ToJsonString(Written) + "\n";
}

/// <summary>A photograph in a job file.</summary>
/// <param name="Cover">The id of the cover it hangs on.</param>
/// <param name="Measure">The measure; empty for the thing itself.</param>
/// <param name="Name">The name of its file.</param>
/// <param name="Type">Its media type.</param>
/// <param name="Content">The picture, in base 64.</param>
public sealed record PhotoDocument(string Cover, string Measure, string Name, string Type, byte[] Content);
