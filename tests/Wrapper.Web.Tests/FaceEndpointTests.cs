using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using SkiaSharp;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>A picture made into the face of a cloth.</summary>
public sealed class FaceEndpointTests(Application application) : IClassFixture<Application>
{
    [Fact]
    public async Task A_picture_comes_back_small_with_the_colour_it_has_on_the_whole()
    {
        // Half red, half blue, and far larger than it is kept.
        using var picture = new SKBitmap(800, 400);
        picture.Erase(SKColors.Red);
        using (var canvas = new SKCanvas(picture))
        {
            using var blue = new SKPaint { Color = SKColors.Blue };
            canvas.DrawRect(400, 0, 400, 400, blue);
        }

        using var encoded = picture.Encode(SKEncodedImageFormat.Png, 100);
        var (status, body) = await Post(encoded.ToArray());
        Assert.Equal(200, status);
        var said = (string)body!["picture"]!;
        Assert.StartsWith("data:image/jpeg;base64,", said, StringComparison.Ordinal);
        using var made = SKBitmap.Decode(Convert.FromBase64String(said["data:image/jpeg;base64,".Length..]));
        Assert.Equal((320, 160), (made.Width, made.Height));
        var ground = SKColor.Parse((string)body["ground"]!);
        Assert.InRange(ground.Red, 120, 135);
        Assert.InRange(ground.Green, 0, 8);
        Assert.InRange(ground.Blue, 120, 135);
    }

    [Fact]
    public async Task What_is_no_picture_is_told_and_what_is_too_large_is_refused()
    {
        var (status, body) = await Post("<svg/>"u8.ToArray());
        Assert.Equal(422, status);
        Assert.Contains("JPEG, PNG or WebP", (string)body!["detail"]!, StringComparison.Ordinal);
        Assert.Equal(422, (await Post([])).Status);
        var (tooLarge, said) = await Post(new byte[9_000_000]);
        Assert.Equal(413, tooLarge);
        Assert.Contains("8 MB", (string)said!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_yardage_answers_the_name_its_picture_was_asked_by()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            """
            { "unit": "in", "steps": 1, "cloth": { "width": "54", "repeat": { "width": "9", "length": "12" }, "face": { "kind": "picture",
              "picture": "picture-1-2" } },
              "covers": [{ "key": "a", "cover": { "form": "box-cushion", "measures": { "width": "20", "depth": "20",
                "thickness": "4" } } }] }
            """
        );
        Assert.Equal(200, status);
        Assert.Equal(("picture", "picture-1-2"), ((string)body!["print"]!["kind"]!, (string)body["print"]!["picture"]!));
        Assert.Equal(228.6, (double)body["print"]!["width"]!, 6);
    }

    private async Task<(int Status, JsonNode? Body)> Post(byte[] bytes)
    {
        using var client = application.CreateClient();
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var response = await client.PostAsync(
            new Uri("/api/faces", UriKind.Relative),
            content,
            TestContext.Current.CancellationToken
        );
        return ((int)response.StatusCode, await response.Content.ReadFromJsonAsync<JsonNode>(TestContext.Current.CancellationToken));
    }
}
