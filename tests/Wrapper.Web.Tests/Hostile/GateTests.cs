using System.Collections.Concurrent;
using System.Globalization;
using System.Text.Json.Nodes;
using Microsoft.Extensions.DependencyInjection;
using Wrapper.Store;
using Xunit;

namespace Wrapper.Web.Tests.Hostile;

/// <summary>
/// Any document that is sent or stood in an older store is either refused with its field named, or can be listed, opened,
/// drafted, sewn, cut, exported and deleted again; it never harms another job.
/// </summary>
public sealed class GateTests(Application application) : IClassFixture<Application>
{
    private const int Seed = 20_261_201;
    private const string Bystander = "bystander";
    private const int AtOnce = 3;
    private const int MostFaults = 5;

    private static readonly List<JsonNode> Files =
    [
        .. Directory
            .GetFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json")
            .Order()
            .Select(file => JsonNode.Parse(File.ReadAllText(file))!),
    ];

    /// <summary>In the tests; <c>./wrapper bench --load</c> sends more.</summary>
    private static int Cases =>
        int.TryParse(Environment.GetEnvironmentVariable("WRAPPER_FUZZ"), CultureInfo.InvariantCulture, out var said) ? said : 5000;

    [Fact]
    public async Task A_document_is_refused_by_name_or_can_be_worked_with_and_harms_no_other_job()
    {
        await application.Send(HttpMethod.Post, "/api/jobs/import", Sound(Files[0], Bystander).ToJsonString());
        var before = (await application.Send(HttpMethod.Get, $"/api/jobs/{Bystander}/export")).Body!.ToJsonString();
        var (faults, ends) = (new ConcurrentBag<string>(), new ConcurrentDictionary<string, int>());
        await Parallel.ForEachAsync(
            Enumerable.Range(0, Cases),
            new ParallelOptions { MaxDegreeOfParallelism = AtOnce, CancellationToken = TestContext.Current.CancellationToken },
            async (number, _) =>
            {
                if (faults.Count >= MostFaults)
                {
                    return;
                }

                var (end, fault) = await Case(number);
                ends.AddOrUpdate(end, 1, (_, count) => count + 1);
                if (fault is not null)
                {
                    faults.Add($"#{number} {end}: {fault}");
                }
            }
        );

        Assert.True(faults.IsEmpty, string.Join("\n", faults));
        Assert.Equal(before, (await application.Send(HttpMethod.Get, $"/api/jobs/{Bystander}/export")).Body!.ToJsonString());
        foreach (var way in (string[])["cloth", "cover", "import", "older store", "work"])
        {
            // each way is gone through, and not only refused
            Assert.True(ends.GetValueOrDefault($"{way}: taken") > 0, string.Join(", ", ends));
            Assert.True(way == "older store" || ends.GetValueOrDefault($"{way}: refused") > 0, string.Join(", ", ends));
        }

        TestContext.Current.SendDiagnosticMessage($"{Cases} documents: {string.Join(", ", ends)}");
    }

    /// <summary>One document on its way in; how it ended, and what went wrong.</summary>
    private async Task<(string End, string? Fault)> Case(int number)
    {
        var random = new Random(Seed + number);
        var mutated = new MutatedDocument(random);
        var job = $"gate-{number}";
        var file = Sound(Files[random.Next(Files.Count)], job);
        var (way, status, answer) = (number % 5) switch
        {
            0 => await Import(mutated.Of(file), job),
            1 => await Write(
                file,
                job,
                "cover",
                "covers/one",
                new JsonObject { ["position"] = 0, ["cover"] = mutated.Of(file["covers"]![0]!) }
            ),
            2 => await Write(file, job, "cloth", "cloth", mutated.Of(file["cloth"]!)),
            3 => await Tell(file, job, mutated.Of(new JsonObject { ["entries"] = new JsonArray(Work()[random.Next(6)]!.DeepClone()) })),
            _ => await OlderStore(file, job, mutated, number),
        };
        if (status >= 500)
        {
            return ($"{way}: failed", $"{status} {answer?.ToJsonString()}");
        }

        if (status >= 400)
        {
            await application.Send(HttpMethod.Delete, $"/api/jobs/{job}", null, ("If-Match", "\"1\""));
            var named = status is 413 || !string.IsNullOrWhiteSpace((string?)answer?["detail"]);
            return ($"{way}: refused", named ? null : $"{status} without a word: {answer?.ToJsonString()}");
        }

        return ($"{way}: taken", await Worked((string?)answer?["id"] ?? job, random));
    }

    private async Task<(string Way, int Status, JsonNode? Answer)> Import(JsonNode file, string job)
    {
        var (status, answer, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", HostileRequests.Escaped(file));
        var isStored = (await application.Send(HttpMethod.Get, $"/api/jobs/{job}")).Status == 200;
        return status >= 400 && isStored
            ? ("import", 500, JsonValue.Create($"{job}: refused, and stored all the same"))
            : ("import", status, answer);
    }

    private async Task<(string Way, int Status, JsonNode? Answer)> Write(
        JsonNode file,
        string job,
        string way,
        string part,
        JsonNode document
    )
    {
        await application.Send(HttpMethod.Post, "/api/jobs/import", file.ToJsonString());
        var (status, answer, _) = await application.Send(
            HttpMethod.Put,
            $"/api/jobs/{job}/{part}",
            HostileRequests.Escaped(document),
            ("If-Match", "\"1\"")
        );
        return (way, status, status < 400 ? null : answer);
    }

    private async Task<(string Way, int Status, JsonNode? Answer)> Tell(JsonNode file, string job, JsonNode told)
    {
        await application.Send(HttpMethod.Post, "/api/jobs/import", file.ToJsonString());
        var (status, answer, _) = await application.Send(HttpMethod.Post, $"/api/jobs/{job}/work", HostileRequests.Escaped(told));
        return ("work", status, status < 400 ? null : answer);
    }

    /// <summary>Documents as an older version may have stored them: past every rule.</summary>
    private async Task<(string Way, int Status, JsonNode? Answer)> OlderStore(
        JsonNode file,
        string job,
        MutatedDocument mutated,
        int number
    )
    {
        await application.Send(HttpMethod.Post, "/api/jobs/import", file.ToJsonString());
        var store = application.Services.GetRequiredService<JobStore>();
        store.SaveCover(job, "one", 0, HostileRequests.Escaped(mutated.Of(file["covers"]![0]!)), complete: true, 1);
        store.Cloths.Save(job, "main", HostileRequests.Escaped(mutated.Of(file["cloth"]!)), 1);
        store.SaveHeading(job, new(new string('n', number % 100 == 4 ? 2_200_000 : 201), "", "", "in"), 1);
        application
            .Services.GetRequiredService<WorkStore>()
            .Add(job, [new("old", "cut", "one", HostileRequests.Escaped(mutated.Of(Work()[0]!)), "plate", 1)]);
        return ("older store", 200, null);
    }

    /// <summary>What goes wrong where a job that was taken is worked with; null where nothing does.</summary>
    private async Task<string?> Worked(string job, Random random)
    {
        List<(HttpMethod Method, string Path, string? Body, int[] Good)> ways =
        [
            (HttpMethod.Get, "/api/jobs", null, [200]),
            (HttpMethod.Get, $"/api/jobs/{job}", null, [200]),
            (HttpMethod.Get, $"/api/jobs/{job}/work", null, [200]),
        ];
        if (random.Next(30) == 0)
        {
            ways.Add((HttpMethod.Get, $"/api/jobs/{job}/cutting", null, [200, 422]));
            ways.Add((HttpMethod.Get, $"/api/jobs/{job}/files/cut-list.csv", null, [200, 422]));
            ways.Add((HttpMethod.Get, $"/api/jobs?find={Uri.EscapeDataString("Teasel")}&sort=name", null, [200]));
        }

        foreach (var (method, path, body, good) in ways)
        {
            var (status, answer, _) = await application.Send(method, path, body);
            if (!good.Contains(status))
            {
                return $"{status} {method} {path}: {answer?.ToJsonString()}";
            }

            if (path == "/api/jobs" && !answer!.AsArray().Any(line => (string)line!["id"]! == job))
            {
                return "not in the list";
            }
        }

        return await Sewn(job) ?? await Ended(job);
    }

    private async Task<string?> Sewn(string job)
    {
        var (_, opened, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}");
        foreach (var cover in opened!["covers"]!.AsArray().Take(1))
        {
            var draft = cover!["cover"]!.DeepClone();
            draft["unit"] = "in";
            var (drafted, why, _) = await application.Send(HttpMethod.Post, "/api/draft", draft.ToJsonString());
            var (sewn, whyNot, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/covers/{(string)cover["id"]!}/sewing-cards");
            if (drafted is not (200 or 400 or 422) || sewn is not (200 or 422))
            {
                return $"{drafted} drafted, {sewn} sewn: {why?.ToJsonString()[..300]} {whyNot?.ToJsonString()}";
            }
        }

        return null;
    }

    /// <summary>
    /// A job goes out and comes in again, or says which part stands in the way; broken parts are repaired; and it can be deleted.
    /// </summary>
    private async Task<string?> Ended(string job)
    {
        var (status, opened, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}");
        foreach (var part in opened!["broken"]!.AsArray().Select(part => (string)part!["part"]!).ToList())
        {
            var version = part switch
            {
                "heading" => (long)opened["version"]!,
                "cloth" => (long)opened["cloth"]!["version"]!,
                _ => (long)opened["covers"]!.AsArray().First(cover => part == $"cover/{(string)cover!["id"]!}")!["version"]!,
            };
            var raw = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/stored?part={Uri.EscapeDataString(part)}");
            var repaired = await application.Send(
                HttpMethod.Post,
                $"/api/jobs/{job}/repair?part={Uri.EscapeDataString(part)}",
                null,
                ("If-Match", $"\"{version}\"")
            );
            if ((raw.Status, repaired.Status) != (200, 200))
            {
                return $"{raw.Status} raw, {repaired.Status} repaired {part}: {repaired.Body?.ToJsonString()}";
            }
        }

        (status, opened, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}");
        if (status != 200 || opened!["broken"]!.AsArray().Count > 0)
        {
            return $"{status}, still broken after its repair: {opened?["broken"]?.ToJsonString()}";
        }

        await application.Send(
            HttpMethod.Post,
            $"/api/jobs/{job}/work",
            """
            { "entries": [{ "id": "taken-back", "kind": "undone", "cover": "", "number": 0, "subject": "old",
            "at": "2026-03-14T09:26:00Z", "by": "" }] }
            """
        );
        var (exported, file, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/export");
        var copied = exported == 200 ? await application.Send(HttpMethod.Post, "/api/jobs/import", file!.ToJsonString()) : default;
        var copyGone = copied.Body?["id"] is { } copy
            ? (await application.Send(HttpMethod.Delete, $"/api/jobs/{(string)copy!}", null, ("If-Match", "\"1\""))).Status
            : 0;
        var gone = await application.Send(HttpMethod.Delete, $"/api/jobs/{job}", null, ("If-Match", $"\"{(long)opened["version"]!}\""));
        return (exported, copied.Status, copyGone, gone.Status) == (200, 200, 200, 200)
            ? null
            : $"exported {exported}, imported {copied.Status}, deleted {copyGone} and {gone.Status}: "
                + string.Concat(((exported == 200 ? copied.Body : file)?.ToJsonString() ?? "").Take(600));
    }

    /// <summary>A demo job with its first cover alone, under an id of its own.</summary>
    private static JsonObject Sound(JsonNode demo, string id)
    {
        var file = (JsonObject)demo.DeepClone();
        var cover = file["covers"]![0]!.DeepClone();
        cover["id"] = "one";
        (file["id"], file["covers"], file["work"]) = (id, new JsonArray(cover), Work());
        return file;
    }

    private static JsonArray Work() =>
        new(
            Workroom.Entry(
                "c1",
                "cut",
                ("cover", "one"),
                ("number", 1),
                ("subject", "plate"),
                (
                    "cut",
                    new JsonObject
                    {
                        ["cloth"] = "main",
                        ["outline"] = new JsonArray(new JsonArray(0, 0), new JsonArray(100, 0), new JsonArray(100, 80)),
                        ["width"] = 100,
                        ["length"] = 80,
                        ["edges"] = new JsonArray(
                            new JsonObject
                            {
                                ["name"] = "front",
                                ["length"] = 90,
                                ["allowance"] = 12.7,
                            }
                        ),
                    }
                )
            ),
            Workroom.Entry(
                "s1",
                "sewn",
                ("cover", "one"),
                ("number", 1),
                ("subject", "turn"),
                ("minutes", 3),
                (
                    "pace",
                    new JsonObject
                    {
                        ["kind"] = "seam",
                        ["metres"] = 1,
                        ["items"] = 1,
                        ["share"] = 1,
                    }
                )
            ),
            Workroom.Entry(
                "l1",
                "lay",
                ("subject", "main"),
                (
                    "lay",
                    new JsonArray(
                        new JsonObject
                        {
                            ["cover"] = "one",
                            ["piece"] = "plate",
                            ["copy"] = 1,
                            ["turn"] = 0,
                            ["x"] = 0,
                            ["y"] = 0,
                        }
                    )
                )
            ),
            Workroom.Entry("f1", "flaw", ("subject", "main"), ("stretch", new JsonArray(0, 100, 50, 80))),
            Workroom.Entry(
                "h1",
                "closed",
                ("cover", "one"),
                ("number", 1),
                ("subject", "handed-over"),
                (
                    "handOver",
                    new JsonObject
                    {
                        ["unpick"] = "",
                        ["thread"] = "slate",
                        ["filling"] = "none",
                        ["interliner"] = "none",
                        ["treatment"] = "",
                        ["leftOver"] = "",
                    }
                )
            ),
            Workroom.Entry(
                "t1",
                "finding",
                ("cover", "one"),
                ("number", 1),
                ("subject", "left"),
                (
                    "finding",
                    new JsonObject
                    {
                        ["found"] = new JsonArray(new JsonObject { ["side"] = "left", ["by"] = "-1/4" }),
                        ["lies"] = new JsonArray(
                            new JsonObject
                            {
                                ["piece"] = "plate",
                                ["copy"] = 1,
                                ["x"] = 1,
                                ["y"] = 2,
                            }
                        ),
                        ["reopened"] = new JsonArray(new JsonObject { ["card"] = "turn", ["texts"] = new JsonArray("Unpick it.") }),
                    }
                )
            )
        );
}
