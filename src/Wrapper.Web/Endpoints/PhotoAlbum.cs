using System.Globalization;
using System.Text.Json;
using Wrapper.Formats;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;

namespace Wrapper.Web.Endpoints;

/// <summary>The photographs of an uploaded job file, read one at a time into the same memory.</summary>
/// <param name="file">The file.</param>
/// <param name="ranges">Where they stand in it.</param>
internal sealed class PhotoAlbum(FileStream file, IReadOnlyList<PhotoRange> ranges)
{
    private byte[] _bytes = [];

    /// <summary>The rules that what is said of them breaks; their pictures are looked at when they are decoded.</summary>
    public IReadOnlyList<RuleViolation> Violations()
    {
        foreach (var (place, range) in ranges.Index())
        {
            var said = JsonSerializer.Deserialize<Said>(Read(range), OpenFormat.Json);
            var violations = DocumentRules.PhotoWithoutContent.Violations(JsonSerializer.SerializeToElement(said, OpenFormat.Json), "photos", place.ToString(CultureInfo.InvariantCulture));
            if (violations.Count > 0)
            {
                return violations;
            }
        }

        return [];
    }

    /// <summary>Each with its picture.</summary>
    /// <exception cref="JsonException">A picture is missing, or is not base 64.</exception>
    public IEnumerable<PhotoDocument> Photos() => ranges.Select(range => JsonSerializer.Deserialize<PhotoDocument>(Read(range), OpenFormat.Json)!)
        .Select(photo => photo.Content is null ? throw new JsonException("A photograph has no content.") : photo);

    private ReadOnlySpan<byte> Read(PhotoRange range)
    {
        if (_bytes.Length < range.Length)
        {
            _bytes = new byte[range.Length]; // not from a pool: a pool would hold what one file in a hundred needs
        }

        file.Seek(range.At, SeekOrigin.Begin);
        file.ReadExactly(_bytes, 0, range.Length);
        return _bytes.AsSpan(0, range.Length);
    }

    /// <summary>A photograph without its picture, which is passed over.</summary>
    private sealed record Said(string? Cover, string? Measure, string? Name, string? Type);
}
