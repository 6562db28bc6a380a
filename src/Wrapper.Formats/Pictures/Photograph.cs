using SkiaSharp;

namespace Wrapper.Formats.Pictures;

/// <summary>
/// A photograph as it is kept: looked at once, no larger than any screen, upright, with nothing said in it of where and with
/// what it was taken, and a small picture of it beside. See docs/format.md, "Photographs".
/// </summary>
/// <param name="Type">Its media type: <c>image/jpeg</c>, or <c>image/png</c> where it can be seen through.</param>
/// <param name="Content">The picture.</param>
/// <param name="Thumbnail">The small picture, a JPEG.</param>
public sealed record Photograph(string Type, byte[] Content, byte[] Thumbnail)
{
    /// <summary>The most bytes that are looked at.</summary>
    public const int MostBytes = 8 * 1024 * 1024;

    /// <summary>The longest side that is kept, in pixels.</summary>
    public const int LongestSide = 2560;

    /// <summary>The longest side of the small picture.</summary>
    public const int LongestSideOfThumbnail = 320;

    /// <summary>Pixels that are decoded: larger JPEGs are read at a part of their size, other pictures are refused.</summary>
    private const long MostDecoded = 24_000_000;

    /// <summary>Pixels a picture may claim at all.</summary>
    private const long MostClaimed = 120_000_000;
    private const int Quality = 88;
    private const int QualityOfThumbnail = 80;

    /// <summary>Decoded pictures are large: two at a time.</summary>
    private static readonly SemaphoreSlim Room = new(2, 2);

    /// <summary>The photograph in these bytes, or why it cannot be kept.</summary>
    /// <param name="bytes">A JPEG, PNG or WebP.</param>
    public static (Photograph? Kept, string? Problem) Read(byte[] bytes)
    {
        using var data = SKData.CreateCopy(bytes);
        using var codec = SKCodec.Create(data);
        if (codec?.EncodedFormat is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp))
        {
            return (null, "This is no photograph that can be kept: send a JPEG, PNG or WebP.");
        }

        var claimed = (long)codec.Info.Width * codec.Info.Height;
        var size = codec.Info.Size;
        for (var scale = 0.5f; (long)size.Width * size.Height > MostDecoded && scale > 0.1f; scale /= 2)
        {
            size = codec.GetScaledDimensions(scale);
        }

        if (claimed > MostClaimed || (long)size.Width * size.Height > MostDecoded)
        {
            return (
                null,
                $"This photograph has {codec.Info.Width} × {codec.Info.Height} pixels, more than can be kept: send a smaller one."
            );
        }

        Room.Wait();
        try
        {
            return Read(bytes, codec, size);
        }
        finally
        {
            Room.Release();
        }
    }

    private static (Photograph? Kept, string? Problem) Read(byte[] bytes, SKCodec codec, SKSizeI size)
    {
        using var decoded = new SKBitmap(new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
        if (codec.GetPixels(decoded.Info, decoded.GetPixels()) != SKCodecResult.Success)
        {
            return (null, "This photograph is damaged, or broken off: take it again, or send another copy.");
        }

        using var upright = Upright(decoded, codec.EncodedOrigin);
        using var kept = Fitted(upright, LongestSide);
        using var small = Fitted(kept, LongestSideOfThumbnail);
        var isSeenThrough = codec.Info.AlphaType != SKAlphaType.Opaque;
        var type = isSeenThrough ? "image/png" : "image/jpeg";

        // What was kept before and comes again stays as it is, byte for byte: nothing gets worse by going out and in.
        var isAsKept =
            kept.Width == codec.Info.Width
            && kept.Height == codec.Info.Height
            && codec.EncodedOrigin == SKEncodedOrigin.TopLeft
            && codec.EncodedFormat == (isSeenThrough ? SKEncodedImageFormat.Png : SKEncodedImageFormat.Jpeg)
            && !PictureNotes.Stand(bytes);
        var content =
            isAsKept ? bytes
            : isSeenThrough ? Encoded(kept, SKEncodedImageFormat.Png, 100)
            : Encoded(kept, SKEncodedImageFormat.Jpeg, Quality);
        return (new(type, content, Encoded(small, SKEncodedImageFormat.Jpeg, QualityOfThumbnail)), null);
    }

    private static byte[] Encoded(SKBitmap picture, SKEncodedImageFormat format, int quality)
    {
        using var data = picture.Encode(format, quality);
        return data.ToArray();
    }

    /// <summary>The picture no longer than this; not made larger.</summary>
    private static SKBitmap Fitted(SKBitmap picture, int longest)
    {
        var scale = Math.Min(1, longest / (double)Math.Max(picture.Width, picture.Height));
        var fitted = new SKBitmap(
            picture.Info.WithSize(Math.Max(1, (int)Math.Round(scale * picture.Width)), Math.Max(1, (int)Math.Round(scale * picture.Height)))
        );
        picture.ScalePixels(fitted, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return fitted;
    }

    /// <summary>As it was seen, however the camera was held.</summary>
    private static SKBitmap Upright(SKBitmap picture, SKEncodedOrigin origin)
    {
        var isOnItsSide =
            origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        var (width, height) = (picture.Width, picture.Height);
        var upright = new SKBitmap(isOnItsSide ? picture.Info.WithSize(height, width) : picture.Info);
        using var canvas = new SKCanvas(upright);
        canvas.SetMatrix(
            origin switch
            {
                SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, width, 0, 1, 0, 0, 0, 1),
                SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, width, 0, -1, height, 0, 0, 1),
                SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, height, 0, 0, 1),
                SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightTop => new SKMatrix(0, -1, height, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, height, -1, 0, width, 0, 0, 1),
                SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, width, 0, 0, 1),
                _ => SKMatrix.Identity,
            }
        );
        canvas.DrawBitmap(picture, 0, 0, new SKSamplingOptions(SKFilterMode.Nearest));
        return upright;
    }
}
