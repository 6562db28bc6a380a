using System.Buffers;
using System.Text.Json;
using Wrapper.Formats.Rules;

namespace Wrapper.Formats.Validation;

/// <summary>Where a photograph of a job file stands in it.</summary>
/// <param name="At">The first byte.</param>
/// <param name="Length">How many bytes.</param>
public readonly record struct PhotoRange(long At, int Length);

/// <summary>
/// A job file, looked through from its first byte to its last without taking it into memory: the limits are kept, the pictures are
/// left where they are, and what stands beside them is small enough to be read at once.
/// </summary>
/// <param name="Json">The file without its photographs, without white space.</param>
/// <param name="Photos">Where its photographs stand.</param>
public sealed record JobFileScan(ReadOnlyMemory<byte> Json, IReadOnlyList<PhotoRange> Photos)
{
    private const int UsualBuffer = 64 * 1024;

    /// <summary>Looks through a file.</summary>
    /// <param name="file">The file; it can be sought in afterwards.</param>
    /// <param name="room">Room for its longest text.</param>
    /// <param name="left">The sender has gone.</param>
    /// <returns>The scan, or what in the file is more than is taken.</returns>
    /// <exception cref="JsonException">It is not JSON, or nested too deeply.</exception>
    public static async Task<(JobFileScan? Scan, LimitExceeded? Exceeded)> Of(Stream file, LargeBuffer room, CancellationToken left)
    {
        ArgumentNullException.ThrowIfNull(file);
        ArgumentNullException.ThrowIfNull(room);
        var walk = new Walk();
        var buffer = room.Take(UsualBuffer);
        try
        {
            for (var filled = 0; ; )
            {
                var read = await file.ReadAsync(buffer.AsMemory(filled), left);
                filled += read;
                var (used, exceeded) = walk.Go(buffer.AsSpan(0, filled), isLast: read == 0);
                if (exceeded is not null || read == 0)
                {
                    return (exceeded is null ? new(walk.Json, walk.Photos) : null, exceeded);
                }

                buffer.AsSpan(used, filled - used).CopyTo(buffer);
                filled -= used;
                if (filled == buffer.Length)
                {
                    if (IsTooLong(walk, filled) is { } tooLong)
                    {
                        return (null, tooLong);
                    }

                    buffer = room.Enlarged(buffer, 2 * buffer.Length);
                }
            }
        }
        finally
        {
            room.GiveBack(buffer);
        }
    }

    /// <summary>One token fills the buffer: only a photograph may be as long as that.</summary>
    private static LimitExceeded? IsTooLong(Walk walk, int bytes) =>
        bytes <= (walk.AwaitsPhotograph ? JsonLimits.MostBytesOfPhotograph : JsonLimits.MostBytesOfText) ? null
        : walk.AwaitsPhotograph ? new("content", "A photograph in the file is larger than 8 MB. Remove it, or save it smaller.")
        : JsonLimits.TooLong(walk.Name);

    /// <summary>The way through the file's tokens, a buffer at a time.</summary>
    private sealed class Walk
    {
        private readonly JsonLimits _limits = new(isJobFile: true);
        private readonly ArrayBufferWriter<byte> _json = new();
        private readonly List<PhotoRange> _photos = [];
        private JsonReaderState _state = new(new() { MaxDepth = JsonLimits.DeepestLooked });
        private long _before;
        private long _photoBegins;
        private int _depth;
        private bool _isInPhotos;
        private bool _needsComma;

        public ReadOnlyMemory<byte> Json => _json.WrittenMemory;

        public IReadOnlyList<PhotoRange> Photos => _photos;

        public bool AwaitsPhotograph => _limits.AwaitsPhotograph;

        public string Name => _limits.Name;

        /// <summary>Goes as far as the buffer allows; how many bytes of it are done with.</summary>
        public (int Used, LimitExceeded? Exceeded) Go(ReadOnlySpan<byte> buffer, bool isLast)
        {
            var reader = new Utf8JsonReader(buffer, isLast, _state);
            while (reader.Read())
            {
                if (_limits.Next(ref reader) is { } exceeded)
                {
                    return (0, exceeded);
                }

                Take(ref reader);
                if (_json.WrittenCount > JobLimits.MostBytesBesidePhotos)
                {
                    return (
                        0,
                        new(
                            "request",
                            $"The file holds more than {JobLimits.MostBytesBesidePhotos / 1024 / 1024} MB "
                                + "besides its photographs. Split the job."
                        )
                    );
                }
            }

            _state = reader.CurrentState;
            _before += reader.BytesConsumed;
            return ((int)reader.BytesConsumed, null);
        }

        private void Take(ref Utf8JsonReader reader)
        {
            var isEnd = reader.TokenType is JsonTokenType.EndObject or JsonTokenType.EndArray;
            _depth -= isEnd ? 1 : 0;
            if (_isInPhotos && !(isEnd && _depth == 1))
            {
                TakePhoto(ref reader, isEnd);
            }
            else
            {
                _isInPhotos =
                    reader.TokenType == JsonTokenType.StartArray
                    && _depth == 1
                    && string.Equals(_limits.Name, "photos", StringComparison.OrdinalIgnoreCase);
                Write(ref reader, isEnd);
            }

            _depth += reader.TokenType is JsonTokenType.StartObject or JsonTokenType.StartArray ? 1 : 0;
        }

        /// <summary>Inside the list of photographs; each is an object at its second level.</summary>
        private void TakePhoto(ref Utf8JsonReader reader, bool isEnd)
        {
            if (_depth != 2)
            {
                return;
            }

            if (isEnd)
            {
                _photos.Add(new(_photoBegins, (int)(_before + reader.BytesConsumed - _photoBegins)));
            }
            else if (reader.TokenType is JsonTokenType.StartObject or JsonTokenType.StartArray)
            {
                _photoBegins = _before + reader.TokenStartIndex;
            }
            else
            {
                // whoever reads it says that it is none
                _photos.Add(new(_before + reader.TokenStartIndex, (int)(reader.BytesConsumed - reader.TokenStartIndex)));
            }
        }

        private void Write(ref Utf8JsonReader reader, bool isEnd)
        {
            if (_needsComma && !isEnd)
            {
                _json.Write(","u8);
            }

            var isText = reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName;
            _json.Write(isText ? "\""u8 : default);
            _json.Write(reader.ValueSpan);
            _json.Write(isText ? "\""u8 : default);
            _json.Write(reader.TokenType == JsonTokenType.PropertyName ? ":"u8 : default);
            _needsComma = reader.TokenType is not (JsonTokenType.PropertyName or JsonTokenType.StartArray or JsonTokenType.StartObject);
        }
    }
}
