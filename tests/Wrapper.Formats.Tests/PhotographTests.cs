using System.Buffers.Binary;
using SkiaSharp;
using Wrapper.Formats.Pictures;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>Photographs are looked at, turned upright and rid of what they say besides; what is none is told.</summary>
public sealed class PhotographTests
{
    /// <summary>Red at the upper left, else blue.</summary>
    private static byte[] Picture(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        bitmap.Erase(SKColors.Blue);
        using (var canvas = new SKCanvas(bitmap))
        using (var red = new SKPaint { Color = SKColors.Red })
        {
            canvas.DrawRect(0, 0, width / 2f, height / 2f, red);
        }

        using var data = bitmap.Encode(format, 95);
        return data.ToArray();
    }

    /// <summary>The same JPEG with a segment that says how the camera was held and where it stood.</summary>
    private static byte[] Held(byte[] jpeg, ushort orientation)
    {
        byte[] exif =
        [
            .. "Exif\0\0MM\0*\0\0\0\u0008"u8,
            0,
            1, // one entry: the orientation
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            (byte)(orientation >> 8),
            (byte)orientation,
            0,
            0,
            0,
            0,
            0,
            0,
            .. "GPS 53.1 N"u8,
        ];
        var length = new byte[2];
        BinaryPrimitives.WriteUInt16BigEndian(length, (ushort)(exif.Length + 2));
        return [0xFF, 0xD8, 0xFF, 0xE1, .. length, .. exif, .. jpeg[2..]];
    }

    [Theory]
    [InlineData(1, 300, 200, 0.25, 0.25)]
    [InlineData(3, 300, 200, 0.75, 0.75)]
    [InlineData(6, 200, 300, 0.75, 0.25)]
    [InlineData(8, 200, 300, 0.25, 0.75)]
    [InlineData(2, 300, 200, 0.75, 0.25)]
    [InlineData(5, 200, 300, 0.25, 0.25)]
    [InlineData(7, 200, 300, 0.75, 0.75)]
    [InlineData(4, 300, 200, 0.25, 0.75)]
    public void It_is_turned_upright_and_says_nothing_besides(int orientation, int width, int height, double redAcross, double redDown)
    {
        var (kept, problem) = Photograph.Read(Held(Picture(300, 200, SKEncodedImageFormat.Jpeg), (ushort)orientation));
        Assert.Null(problem);
        Assert.Equal("image/jpeg", kept!.Type);
        using var picture = SKBitmap.Decode(kept.Content);
        Assert.Equal((width, height), (picture.Width, picture.Height));
        Assert.True(picture.GetPixel((int)(redAcross * width), (int)(redDown * height)) is { Red: > 200, Blue: < 60 });
        Assert.DoesNotContain("GPS", System.Text.Encoding.Latin1.GetString(kept.Content), StringComparison.Ordinal);
        Assert.DoesNotContain("Exif", System.Text.Encoding.Latin1.GetString(kept.Content), StringComparison.Ordinal);
        var (again, _) = Photograph.Read(kept.Content);
        Assert.Equal(kept.Content, again!.Content); // it goes out and in as it is
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Png)]
    [InlineData(SKEncodedImageFormat.Webp)]
    public void A_large_one_is_kept_as_large_as_a_screen_with_a_small_one_beside(SKEncodedImageFormat format)
    {
        var (kept, problem) = Photograph.Read(Picture(4000, 3000, format));
        Assert.Null(problem);
        using var picture = SKBitmap.Decode(kept!.Content);
        using var small = SKBitmap.Decode(kept.Thumbnail);
        Assert.Equal((2560, 1920), (picture.Width, picture.Height));
        Assert.Equal((320, 240), (small.Width, small.Height));
    }

    [Fact]
    public void What_can_be_seen_through_stays_so()
    {
        using var clear = new SKBitmap(new SKImageInfo(40, 40, SKColorType.Rgba8888, SKAlphaType.Premul));
        clear.Erase(SKColors.Transparent);
        using var data = clear.Encode(SKEncodedImageFormat.Png, 100);
        var (kept, _) = Photograph.Read(data.ToArray());
        Assert.Equal("image/png", kept!.Type);
        Assert.Equal(data.ToArray(), kept.Content);
    }

    [Fact]
    public void A_png_of_nine_hundred_million_pixels_is_refused_before_it_is_decoded()
    {
        var picture = Picture(8, 8, SKEncodedImageFormat.Png);
        BinaryPrimitives.WriteInt32BigEndian(picture.AsSpan(16), 30_000);
        BinaryPrimitives.WriteInt32BigEndian(picture.AsSpan(20), 30_000);
        BinaryPrimitives.WriteUInt32BigEndian(picture.AsSpan(29), Crc(picture.AsSpan(12, 17)));
        var (kept, problem) = Photograph.Read(picture);
        Assert.Null(kept);
        Assert.Contains("30000 × 30000 pixels", problem, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(3)]
    [InlineData(200)]
    public void What_is_none_or_broken_off_is_told(int length)
    {
        foreach (var format in (SKEncodedImageFormat[])[SKEncodedImageFormat.Jpeg, SKEncodedImageFormat.Png, SKEncodedImageFormat.Webp])
        {
            var (kept, problem) = Photograph.Read(Picture(400, 300, format)[..length]);
            Assert.Null(kept);
            Assert.EndsWith(".", problem, StringComparison.Ordinal);
        }

        Assert.NotNull(Photograph.Read("<svg xmlns='http://www.w3.org/2000/svg'/>"u8.ToArray()).Problem);
    }

    private static uint Crc(ReadOnlySpan<byte> bytes)
    {
        var crc = uint.MaxValue;
        foreach (var one in bytes)
        {
            crc ^= one;
            for (var bit = 0; bit < 8; bit++)
            {
                crc = (crc & 1) == 1 ? (crc >> 1) ^ 0xEDB88320 : crc >> 1;
            }
        }

        return ~crc;
    }
}
