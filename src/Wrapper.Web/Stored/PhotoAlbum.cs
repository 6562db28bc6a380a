using System.Buffers.Text;
using System.Globalization;
using System.Text.Json;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Pictures;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;

namespace Wrapper.Web.Stored;

/// <summary>The photographs of an uploaded job file, read one at a time into the same memory.</summary>
/// <param name="file">The file.</param>
/// <param name="ranges">Where they stand in it.</param>
/// <param name="room">Room for one of them.</param>
internal sealed class PhotoAlbum(FileStream file, IReadOnlyList<PhotoRange> ranges, LargeBuffer room) : IDisposable
{
    /// <summary>Of one alone.</summary>
    public static string TooLarge { get; } = $"This photograph is larger than {Photograph.MostBytes / 1024 / 1024} MB: send a smaller one.";

    private readonly byte[] _bytes = room.Take(ranges.Count == 0 ? 0 : ranges.Max(range => range.Length));

    /// <summary>
    /// The rules broken by the first unsound photograph; empty if all are sound. The pictures themselves are checked when they are decoded.
    /// </summary>
    public IReadOnlyList<RuleViolation> Violations() =>
        ranges
            .Index()
            .Select(photo => Violations(photo.Item, photo.Index.ToString(CultureInfo.InvariantCulture)))
            .FirstOrDefault(broken => broken.Count > 0)
        ?? [];

    /// <summary>Each with its picture, once they broke no rule.</summary>
    public IEnumerable<PhotoDocument> Photos() =>
        ranges.Select(range => JsonSerializer.Deserialize<PhotoDocument>(Read(range), OpenFormat.Json)!);

    public void Dispose() => room.GiveBack(_bytes);

    private IReadOnlyList<RuleViolation> Violations(PhotoRange range, string place)
    {
        try
        {
            var said = JsonSerializer.Deserialize<Said>(Read(range), OpenFormat.Json);
            var violations = DocumentRules.PhotoWithoutContent.Violations(
                JsonSerializer.SerializeToElement(said, OpenFormat.Json),
                "photos",
                place
            );
            return violations.Count > 0 || HoldsPicture(Read(range))
                ? violations
                :
                [
                    new(
                        ["photos", place, "content"],
                        $"“photos.{place}.content” must be a picture in base 64. Remove the photograph, or export the job again."
                    ),
                ];
        }
        catch (JsonException)
        {
            return [new(["photos", place], $"“photos.{place}” must be a photograph. Remove it, or export the job again.")];
        }
    }

    /// <summary>Its content is there and is base 64; where it stands twice, the later one counts.</summary>
    private static bool HoldsPicture(ReadOnlySpan<byte> photo)
    {
        var reader = new Utf8JsonReader(photo);
        var holds = false;
        while (reader.Read())
        {
            if (
                reader.TokenType == JsonTokenType.PropertyName
                && reader.CurrentDepth == 1
                && string.Equals(reader.GetString(), "content", StringComparison.OrdinalIgnoreCase)
            )
            {
                reader.Read();
                holds =
                    reader.TokenType == JsonTokenType.String
                    && (reader.ValueIsEscaped ? Base64.IsValid(reader.GetString()) : Base64.IsValid(reader.ValueSpan));
            }
        }

        return holds;
    }

    private ReadOnlySpan<byte> Read(PhotoRange range)
    {
        file.Seek(range.At, SeekOrigin.Begin);
        file.ReadExactly(_bytes, 0, range.Length);
        return _bytes.AsSpan(0, range.Length);
    }

    /// <summary>A photograph without its picture, which is passed over.</summary>
    private sealed record Said(string? Cover, string? Measure, string? Name, string? Type);
}
