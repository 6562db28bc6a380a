using Microsoft.Extensions.DependencyInjection;
using Wrapper.Store;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>What an older Wrapper stored and no rule lets through any more is shown as broken, in its place.</summary>
public sealed class BrokenStoreTests(Application application) : IClassFixture<Application>
{
    [Fact]
    public async Task A_heading_that_is_too_long_is_shortened_in_the_list_and_says_so()
    {
        var store = application.Services.GetRequiredService<JobStore>();
        store.Create("long", new(new string('n', 2_000), "Harbour Guest House", "", "in"), [new("main", "{}")]);
        store.Create("sound", new("Settee", "", "", "in"), [new("main", "{}")]);
        var lines = (await application.Send(HttpMethod.Get, "/api/jobs")).Body!.AsArray().ToDictionary(line => (string)line!["id"]!);
        Assert.Equal(new string('n', 200), (string)lines["long"]!["name"]!);
        Assert.Contains("Shorten it", (string)lines["long"]!["problem"]!, StringComparison.Ordinal);
        Assert.Null(lines["sound"]!["problem"]);
    }

    [Fact]
    public async Task The_houses_settings_name_what_is_wrong_and_can_be_written_again()
    {
        var store = application.Services.GetRequiredService<JobStore>();
        const string Stored = """{ "rules": { "seam": "1/2", "flange": 5 }, "shelf": [null] }""";
        store.SaveHouse(Stored, store.House().Version);
        var (_, house, tag) = await application.Send(HttpMethod.Get, "/api/house");
        Assert.Equal(
            ["“rules.flange” must be text, not a number. Replace it.", "“shelf.0” is null. Remove the entry, or fill it in."],
            house!["problems"]!.AsArray().Select(one => (string)one!)
        );
        Assert.Equal("1/2", (string)house["house"]!["rules"]!["seam"]!);
        using var client = application.CreateClient();
        Assert.Equal(
            Stored,
            await client.GetStringAsync(new Uri("/api/house/stored", UriKind.Relative), TestContext.Current.CancellationToken)
        );
        Assert.Equal(
            200,
            (await application.Send(HttpMethod.Put, "/api/house", house["house"]!.ToJsonString(), ("If-Match", tag!))).Status
        );
        Assert.Empty((await application.Send(HttpMethod.Get, "/api/house")).Body!["problems"]!.AsArray());
    }
}
