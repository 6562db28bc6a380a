using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Options;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>Another program holds the jobs' file: writing says so after a while, and all else goes on.</summary>
public sealed class HeldStoreTests(Application application) : IClassFixture<Application>
{
    private const int Deadline = 120_000;
    private const int Saves = 30;

    [Fact(Timeout = Deadline)]
    public async Task Reading_goes_on_while_thirty_saves_wait_and_they_are_told_why()
    {
        var ends = TestContext.Current.CancellationToken;
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "held", "unit": "in" }""");
        var file = application.Services.GetRequiredService<IOptions<ApplicationOptions>>().Value.DatabaseFile();
        await using var other = new SqliteConnection($"Data Source={file};Pooling=False");
        await other.OpenAsync(ends);
        await Execute("BEGIN IMMEDIATE");
        var saves = Enumerable
            .Range(0, Saves)
            .Select(i =>
                application.Send(
                    HttpMethod.Put,
                    $"/api/jobs/held/covers/{i}",
                    """{ "position": 0, "cover": { "form": "pouf" } }""",
                    ("If-None-Match", "*")
                )
            )
            .ToList();
        for (var i = 0; i < 20; i++)
        {
            Assert.Equal(200, (await application.Send(HttpMethod.Get, "/api/health")).Status);
            Assert.Equal(200, (await application.Send(HttpMethod.Get, "/api/jobs/held")).Status);
            Assert.Equal(200, (await application.Send(HttpMethod.Get, "/api/jobs")).Status);
        }

        Assert.Contains(saves, save => !save.IsCompleted); // sixty answers came before these
        foreach (var (status, body, _) in await Task.WhenAll(saves).WaitAsync(ends))
        {
            Assert.Equal(503, status);
            Assert.Contains("holds the jobs’ file", (string)body!["detail"]!, StringComparison.Ordinal);
        }

        await Execute("ROLLBACK");
        Assert.Equal(
            200,
            (
                await application.Send(
                    HttpMethod.Put,
                    "/api/jobs/held/covers/0",
                    """{ "position": 0, "cover": { "form": "pouf" } }""",
                    ("If-None-Match", "*")
                )
            ).Status
        );

        async Task Execute(string statement)
        {
            await using var command = other.CreateCommand();
#pragma warning disable CA2100 // one of two constants
            command.CommandText = statement;
#pragma warning restore CA2100
            await command.ExecuteNonQueryAsync(ends);
        }
    }
}
