using SkiaSharp;

namespace Wrapper.Formats.Pictures;

/// <summary>The colour a picture has on the whole: what is seen of a cloth where its print is too small to draw.</summary>
public static class PictureColour
{
    /// <summary>The mean of all its pixels, <c>#</c> and six digits.</summary>
    /// <param name="picture">A picture that can be read; anything else is an error.</param>
    /// <exception cref="ArgumentException">It is no picture.</exception>
    public static string Of(byte[] picture)
    {
        using var decoded = SKBitmap.Decode(picture) ?? throw new ArgumentException("This is no picture.", nameof(picture));
        var (red, green, blue) = (0L, 0L, 0L);
        var pixels = decoded.Pixels;
        foreach (var pixel in pixels)
        {
            (red, green, blue) = (red + pixel.Red, green + pixel.Green, blue + pixel.Blue);
        }

        return FormattableString.Invariant($"#{red / pixels.Length:x2}{green / pixels.Length:x2}{blue / pixels.Length:x2}");
    }
}
