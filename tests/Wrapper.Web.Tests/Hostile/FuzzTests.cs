using System.Globalization;
using Xunit;

namespace Wrapper.Web.Tests.Hostile;

/// <summary>Thousands of made-up requests: none is ever a fault of ours, and none keeps us from answering the next.</summary>
public sealed class FuzzTests(Application application) : IClassFixture<Application>
{
    private const int Seed = 20_261_128;

    /// <summary>In the tests; <c>./wrapper bench --load</c> sends more.</summary>
    private static int Cases =>
        int.TryParse(Environment.GetEnvironmentVariable("WRAPPER_FUZZ"), CultureInfo.InvariantCulture, out var said) ? said : 5000;

    /// <summary>A lay may go on for long; its sender does not wait, and that is tried as well.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(3);

    [Fact]
    public async Task No_request_is_ever_a_fault_of_ours()
    {
        await Furnish();
        var requests = new HostileRequests((await application.Send(HttpMethod.Get, "/api/openapi.json")).Body!, Seed);
        var (answers, faults) = (new SortedDictionary<int, int>(), new List<string>());
        for (var i = 0; i < Cases && faults.Count < 10; i++)
        {
            var request = requests[i];
            var (status, said) = await Answer(request);
            answers[status] = answers.GetValueOrDefault(status) + 1;
            if (status >= 500)
            {
                faults.Add($"{status}: {said}\n  {request}");
            }
        }

        Assert.True(faults.Count == 0, string.Join("\n", faults));
        // they come through to what is asked
        Assert.True(answers.GetValueOrDefault(200) > Cases / 10 && answers.GetValueOrDefault(422) > Cases / 20, string.Join(", ", answers));
        Assert.Equal(200, (await application.Send(HttpMethod.Get, "/api/health")).Status);
        TestContext.Current.SendDiagnosticMessage($"{Cases} requests: {string.Join(", ", answers)}");
    }

    private async Task Furnish()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "hostile", "name": "Hostile", "unit": "in" }""");
        await application.Send(
            HttpMethod.Put,
            "/api/jobs/hostile/covers/hostile",
            """{ "position": 0, "cover": { "form": "pouf" } }""",
            ("If-None-Match", "*")
        );
    }

    /// <summary>The status, and what a fault says; 0 where the answer was not waited for.</summary>
    private async Task<(int Status, string Said)> Answer(HostileRequest request)
    {
        using var message = new HttpRequestMessage(new(request.Method), new Uri(request.Address, UriKind.RelativeOrAbsolute));
        if (request.Type is { } type)
        {
            message.Content = new ByteArrayContent(request.Body);
            message.Content.Headers.TryAddWithoutValidation("Content-Type", type);
        }

        foreach (var (name, value) in request.Headers)
        {
            message.Headers.TryAddWithoutValidation(name, value);
        }

        using var ends = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        ends.CancelAfter(Patience);
        try
        {
            using var answer = await application.Client.SendAsync(message, HttpCompletionOption.ResponseHeadersRead, ends.Token);
            return ((int)answer.StatusCode, (int)answer.StatusCode < 500 ? "" : await answer.Content.ReadAsStringAsync(ends.Token));
        }
        catch (OperationCanceledException) when (!TestContext.Current.CancellationToken.IsCancellationRequested)
        {
            return (0, "");
        }
    }
}
