using System.Text;
using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests.Hostile;

/// <summary>
/// Every address of the OpenAPI document in turn: a wrong method, a wrong type, no content, a huge one, and each hostile text in it.
/// </summary>
public sealed class EveryEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Job = "every-endpoint";
    private static readonly string[] AllMethods = ["GET", "PUT", "POST", "DELETE", "PATCH"];

    /// <summary>A stream or a lay may go on for long; its sender does not wait.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(20);

    [Fact]
    public async Task A_method_it_does_not_know_is_405()
    {
        var known = await Known();
        Assert.True(known.Count > 30);
        foreach (var path in known.GroupBy(endpoint => endpoint.Path))
        {
            // /api/jobs/import is a job's address too
            var taken = known.Where(endpoint => endpoint.Covers(path.Key)).Select(endpoint => endpoint.Method);
            foreach (var method in AllMethods.Except(taken))
            {
                Assert.Equal((path.Key, method, 405), (path.Key, method, await Status(method, Address(path.First()), null, [])));
            }
        }
    }

    [Fact]
    public async Task A_type_it_does_not_read_is_415()
    {
        foreach (var endpoint in await Known())
        {
            if (endpoint.Content == "application/json")
            {
                foreach (var type in new[] { "text/plain", "application/xml", "image/png", "nonsense", "multipart/form-data; boundary=x" })
                {
                    Assert.Equal(
                        (endpoint.Path, type, 415),
                        (endpoint.Path, type, await Status(endpoint.Method, Address(endpoint), type, "{}"u8.ToArray()))
                    );
                }
            }
        }
    }

    [Theory]
    [InlineData("")]
    [InlineData("nonsense")]
    [InlineData("{")]
    [InlineData("null")]
    [InlineData("[]")]
    [InlineData("5")]
    public async Task No_content_or_none_of_its_kind_is_said_to_be_the_senders(string content)
    {
        foreach (var endpoint in await Known())
        {
            if (endpoint.Content is { } type)
            {
                var status = await Status(endpoint.Method, Address(endpoint), type, Encoding.UTF8.GetBytes(content));
                // a sheet on which nothing was changed
                var nothingTyped = content == "[]" && endpoint.Path.StartsWith("/api/sheets/", StringComparison.Ordinal);
                Assert.True(status is >= 400 and < 500 || nothingTyped, $"{status}: {endpoint.Method} {endpoint.Path} “{content}”");
            }
        }
    }

    [Fact]
    public async Task A_huge_content_is_413()
    {
        var huge = Encoding.UTF8.GetBytes($$"""{ "name": "{{new string('x', 3_000_000)}}" }""");
        foreach (var endpoint in await Known())
        {
            if (endpoint.Content == "application/json" && endpoint.Path != "/api/jobs/import") // a job's file carries its photographs
            {
                Assert.Equal(
                    (endpoint.Path, 413),
                    (endpoint.Path, await Status(endpoint.Method, Address(endpoint), endpoint.Content, huge))
                );
            }
        }
    }

    [Fact]
    public async Task Each_hostile_text_in_every_address_and_content_is_never_a_fault_of_ours()
    {
        var (known, answers, faults) = (await Known(), 0, new List<string>());
        foreach (var endpoint in known)
        {
            for (var i = 0; i < HostileValues.Texts.Count; i++)
            {
                foreach (var (address, body) in With(endpoint, HostileValues.Texts[i], i))
                {
                    var status = await Status(endpoint.Method, address, endpoint.Content, body);
                    answers += status > 0 ? 1 : 0;
                    if (status >= 500)
                    {
                        faults.Add($"{status}: {endpoint.Method} {address} {Encoding.UTF8.GetString(body)[..Math.Min(body.Length, 800)]}");
                    }
                }
            }
        }

        Assert.True(faults.Count == 0, string.Join("\n", faults.Take(10)));
        Assert.True(answers > 30 * known.Count, $"{answers} answers of {known.Count} addresses");
    }

    /// <summary>The text in the address, and in one place of each sound content; another place with every text.</summary>
    private static IEnumerable<(string Address, byte[] Body)> With(KnownEndpoint endpoint, string text, int number)
    {
        if (endpoint.Path.Contains('{') || endpoint.Query.Count > 0)
        {
            var said = HostileRequests.Sendable(text);
            var query = string.Join('&', endpoint.Query.Select(name => $"{name}={Uri.EscapeDataString(said)}"));
            yield return (
                $"{endpoint.With(_ => said is "" or "." or ".." ? "_" : said)}?{query}".TrimEnd('?'),
                Encoding.UTF8.GetBytes(endpoint.Content is null ? "" : "{}")
            );
        }

        if (endpoint.Content == "text/plain")
        {
            yield return (Address(endpoint), Encoding.UTF8.GetBytes(text));
        }

        foreach (var sound in SoundBodies.For(endpoint.Path))
        {
            var body = JsonNode.Parse(sound)!;
            var places = HostileRequests.Places(body).ToList();
            var (parent, key) = places[number * 7 % places.Count];
            if (parent is JsonObject members)
            {
                members[(string)key] = text;
            }
            else
            {
                parent[(int)key] = text;
            }

            yield return (Address(endpoint), Encoding.UTF8.GetBytes(HostileRequests.Escaped(body)));
        }
    }

    private async Task<IReadOnlyList<KnownEndpoint>> Known()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", $$"""{ "id": "{{Job}}", "name": "Every endpoint", "unit": "in" }""");
        return KnownEndpoint.Of((await application.Send(HttpMethod.Get, "/api/openapi.json")).Body!);
    }

    private static string Address(KnownEndpoint endpoint) => endpoint.With(_ => Job);

    /// <summary>0 where the answer was not waited for.</summary>
    private async Task<int> Status(string method, string address, string? type, byte[] content)
    {
        using var request = new HttpRequestMessage(new(method), new Uri(address, UriKind.Relative));
        if (type is not null)
        {
            request.Content = new ByteArrayContent(content);
            request.Content.Headers.TryAddWithoutValidation("Content-Type", type);
        }

        if (method is "PUT" or "DELETE")
        {
            request.Headers.TryAddWithoutValidation("If-Match", "\"1\"");
        }

        using var ends = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        ends.CancelAfter(Patience);
        try
        {
            using var answer = await application.Client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, ends.Token);
            return (int)answer.StatusCode;
        }
        catch (OperationCanceledException) when (!TestContext.Current.CancellationToken.IsCancellationRequested)
        {
            return 0;
        }
    }
}
