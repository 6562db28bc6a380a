using System.Buffers.Binary;

namespace Wrapper.Formats.Pictures;

/// <summary>Whether a picture carries more than its pixels: where it was taken, with what, by whom.</summary>
internal static class PictureNotes
{
    private const int FirstOfPng = 8;

    /// <summary>The chunks of a PNG that are its pixels and how they look.</summary>
    private static readonly HashSet<string> Pixels = ["IHDR", "PLTE", "IDAT", "IEND", "tRNS", "sRGB", "gAMA", "cHRM", "sBIT", "iCCP"];

    /// <summary>They stand in these bytes of a JPEG or PNG; what cannot be gone through to its pixels counts as if they did.</summary>
    public static bool Stand(ReadOnlySpan<byte> bytes) => bytes[0] == 0xFF ? InJpeg(bytes) : InPng(bytes);

    private static bool InJpeg(ReadOnlySpan<byte> bytes)
    {
        for (var at = 2; at + 4 <= bytes.Length && bytes[at] == 0xFF; )
        {
            var marker = bytes[at + 1];
            if (marker == 0xDA)
            {
                return false; // the pixels begin
            }

            var isNote = marker is (>= 0xE1 and <= 0xEF and not 0xEE) or 0xFE;
            if (isNote && !(marker == 0xE2 && bytes[(at + 4)..].StartsWith("ICC_PROFILE"u8)))
            {
                return true; // no colour profile
            }

            at += 2 + BinaryPrimitives.ReadUInt16BigEndian(bytes[(at + 2)..]);
        }

        return true;
    }

    private static bool InPng(ReadOnlySpan<byte> bytes)
    {
        for (var at = FirstOfPng; at + 8 <= bytes.Length; )
        {
            var (length, kind) = (
                BinaryPrimitives.ReadUInt32BigEndian(bytes[at..]),
                System.Text.Encoding.ASCII.GetString(bytes.Slice(at + 4, 4))
            );
            if (!Pixels.Contains(kind))
            {
                return true;
            }

            if (kind == "IEND")
            {
                return at + 12 < bytes.Length;
            }

            at = (int)Math.Min(bytes.Length, at + 12 + (long)length);
        }

        return true;
    }
}
