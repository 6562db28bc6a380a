using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The code of a sheet is not to be guessed. Apart from the other tests, for whoever tries too often is made to wait.</summary>
public sealed class SheetTokenLimiterTests(Application application) : IClassFixture<Application>
{
    [Fact]
    public async Task Who_tries_codes_is_made_to_wait()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "guessed", "unit": "in" }""");
        var token = (string)(await application.Send(HttpMethod.Post, "/api/jobs/guessed/sheet")).Body!["token"]!;
        for (var i = 0; i < SheetTokenLimiter.Most; i++)
        {
            Assert.Equal(200, (await application.Send(HttpMethod.Get, $"/api/sheets/{token}")).Status);
            Assert.Equal(404, (await application.Send(HttpMethod.Get, $"/api/sheets/{i:x64}")).Status);
        }

        var (status, body, _) = await application.Send(HttpMethod.Get, $"/api/sheets/{token}");
        Assert.Equal(429, status);
        Assert.Contains("wrong codes", (string)body!["detail"]!, StringComparison.Ordinal);
        Assert.Equal(200, (await application.Send(HttpMethod.Get, "/api/jobs/guessed")).Status); // all else goes on
    }
}
