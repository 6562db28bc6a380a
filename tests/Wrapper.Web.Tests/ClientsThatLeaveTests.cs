using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.TestHost;
using Microsoft.Extensions.DependencyInjection;
using Wrapper.Web.Planning;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>A client that leaves spoils nothing for those who ask the same afterwards.</summary>
public sealed class ClientsThatLeaveTests
{
    private const string Whole = """{ "pieces": [1, 2, 3] }""";

    [Fact]
    public async Task An_answer_that_was_half_written_when_its_client_left_is_not_kept()
    {
        var asked = 0;
        await using var server = await Start(async context =>
        {
            if (++asked == 1)
            {
                await context.Response.WriteAsync(Whole[..8], CancellationToken.None);
                context.Abort(); // as the writer of JSON does, the endpoint ends without an error
                return;
            }

            await context.Response.WriteAsync(Whole, CancellationToken.None);
        });
        using var client = server.GetTestClient();
        await Assert.ThrowsAnyAsync<Exception>(() => Ask(client));
        Assert.Equal((Whole, false), await Ask(client));
        Assert.Equal((Whole, true), await Ask(client)); // a whole one is kept
        Assert.Equal(2, asked);
    }

    private static async Task<WebApplication> Start(RequestDelegate answer)
    {
        var builder = WebApplication.CreateSlimBuilder();
        builder.WebHost.UseTestServer();
        builder.Services.AddOutputCache();
        var server = builder.Build();
        server.Use(
            async (context, next) =>
            {
                var body = new MemoryStream();
                await context.Request.Body.CopyToAsync(body, CancellationToken.None);
                body.Position = 0;
                context.Request.Body = body;
                await next(context);
            }
        );
        server.UseOutputCache();
        server.MapPost("/", answer).CacheOutput(new ResponseCachePolicy());
        await server.StartAsync(CancellationToken.None);
        return server;
    }

    private static async Task<(string Body, bool IsKept)> Ask(HttpClient client)
    {
        using var question = new StringContent("the same");
        using var response = await client.PostAsync(new Uri("/", UriKind.Relative), question);
        return (await response.Content.ReadAsStringAsync(), response.Headers.Age is not null);
    }
}
