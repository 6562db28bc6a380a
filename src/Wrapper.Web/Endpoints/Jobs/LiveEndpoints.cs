using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Threading.Channels;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Units;
using Wrapper.Devices;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;
using Wrapper.Web.Requests;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>A reading a tape sends: what it calls itself, and the length as a number of millimetres or a text with its unit.</summary>
public sealed record TapeReadingJson(string? Device, Entry Length, string? Unit);

/// <summary>What the stand-in tape is told: what lies under it, how unsteady the hand is, and its unit.</summary>
public sealed record StandInTapeJson(Entry Length, Entry Jitter, string Unit);

/// <summary>A reading as it is handed on.</summary>
public sealed record TapeTextJson(string Device, string Text, double Millimetres, int Listeners);

/// <summary>A press of a foot switch: what it calls itself, and <c>next</c>, <c>back</c> or <c>hold</c>.</summary>
public sealed record FootPressJson(string? Device, [property: WordOf<FootPedal>] string? Pedal);

/// <summary>How many cards a press reached.</summary>
public sealed record FootPressedJson(int Listeners);

/// <summary>Something that happened while a job is open: a tape or a foot switch was pressed, or a part was written elsewhere.</summary>
/// <param name="Text">For a reading: as a person would type it. For a foot switch: what was pressed. For a part: its name.</param>
public sealed record LiveJson(string Text);

internal static class LiveEndpoints
{
    public static void MapLive(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/tape/readings", Send)
            .WithName("tapeReading")
            .WithSummary("A tape sends what it read; the measure that is lit takes it.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/tape/stand-in", StandIn)
            .WithName("standInTape")
            .WithSummary("The stand-in tape reads a dialled length and sends it like any other tape.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/foot-switch/presses", Press)
            .WithName("footPress")
            .WithSummary("A foot switch sends what was pressed; the card in hand obeys it.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapGet("/api/jobs/{id}/live", Live)
            .WithName("live")
            .TakesTime()
            .WithSummary(
                "Server-sent events while a job is open: “tape” with a reading, “foot” with a press, “written” with "
                    + "the part that changed. The stream of a job that is deleted ends."
            )
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static Results<Ok<TapeTextJson>, ProblemHttpResult> Send(TapeReadingJson reading, TapeFeed feed)
    {
        var unit = JobUnits.Read(reading.Unit ?? "mm");
        var read = EntryReader.Read(reading.Length, unit ?? LengthUnit.Millimetre);
        return unit is null || reading.Device?.Length > 100
                ? Refusals.Unprocessable([
                    Check.Error("unknown-unit", "A tape reads in in, cm or mm, and its name has at most 100 characters.", "unit"),
                ])
            : read.Length is not { IsNegative: false } length
                ? Refusals.Unprocessable([
                    Check.Error("unreadable", $"The reading: {read.Problem ?? "a tape cannot read below 0."}", "length"),
                ])
            : Sent(new(reading.Device ?? "tape", length, unit.Value), feed);
    }

    private static Results<Ok<TapeTextJson>, ProblemHttpResult> StandIn(StandInTapeJson told, TapeFeed feed, SimulatedTape tape)
    {
        var unit = JobUnits.Read(told.Unit);
        var (dialled, jitter) = (
            EntryReader.Read(told.Length, unit ?? LengthUnit.Millimetre),
            EntryReader.Read(told.Jitter, unit ?? LengthUnit.Millimetre)
        );
        if (unit is null || dialled.Length is not { IsNegative: false } length || jitter.Length is not { IsNegative: false } off)
        {
            return Refusals.Unprocessable([
                Check.Error(
                    "unreadable",
                    $"The tape: {dialled.Problem ?? jitter.Problem ?? "dial a length, a jitter and a unit (in, cm, mm)."}",
                    "length"
                ),
            ]);
        }

        TapeReading reading;
        lock (tape)
        {
            reading = tape.Read(length, off, unit.Value, "stand-in tape");
        }

        return Sent(reading, feed);
    }

    private static Results<Ok<TapeTextJson>, ProblemHttpResult> Sent(TapeReading reading, TapeFeed feed) =>
        TypedResults.Ok(new TapeTextJson(reading.Device, reading.Text, reading.Length.Millimetres, feed.Send(reading)));

    private static Results<Ok<FootPressedJson>, ProblemHttpResult> Press(FootPressJson press, FootSwitchFeed feed) =>
        Words.Read<FootPedal>(press.Pedal) is { } pedal && press.Device is not { Length: > 100 }
            ? TypedResults.Ok(new FootPressedJson(feed.Send(new(press.Device ?? "foot switch", pedal))))
            : Refusals.Unprocessable([
                Check.Error(
                    "unknown-pedal",
                    $"A foot switch sends {string.Join(", ", Words.All<FootPedal>())}, and its name has at most 100 characters.",
                    "pedal"
                ),
            ]);

    private static Results<ServerSentEventsResult<LiveJson>, ProblemHttpResult> Live(
        string id,
        [AsParameters] Feeds feeds,
        CancellationToken left
    // a browser does not ask again after a 404
    ) => feeds.Jobs.Stands(id) ? TypedResults.ServerSentEvents(Events(id, feeds, left)) : Versions.Missing();

    /// <summary>Where readings and changes come from.</summary>
    internal sealed record Feeds(
        JobStore Jobs,
        TapeFeed Tapes,
        FootSwitchFeed Switches,
        JobChanges Changes,
        IHostApplicationLifetime Lifetime
    );

    /// <summary>Readings and changes as they come, in one stream: a browser opens only a few streams to one server.</summary>
    private static async IAsyncEnumerable<SseItem<LiveJson>> Events(string id, Feeds feeds, [EnumeratorCancellation] CancellationToken left)
    {
        using var ends = CancellationTokenSource.CreateLinkedTokenSource(feeds.Lifetime.ApplicationStopping, left);
        var merged = Channel.CreateUnbounded<SseItem<LiveJson>>();
        var tape = Pump(feeds.Tapes.Listen(ends.Token), reading => new SseItem<LiveJson>(new(reading.Text), "tape"));
        var foot = Pump(feeds.Switches.Listen(ends.Token), press => new SseItem<LiveJson>(new(press.Pedal.Word()), "foot"));
        var written = PumpToEnd(feeds.Changes.Listen(id, ends.Token), part => new SseItem<LiveJson>(new(part), "written"));
        yield return new(new("open"), "open");
        while (await Next())
        {
            while (merged.Reader.TryRead(out var item))
            {
                yield return item;
            }
        }

        await ends.CancelAsync(); // the job was deleted, or the listener left
        await Task.WhenAll(tape, foot, written);

        async Task<bool> Next()
        {
            try
            {
                return await merged.Reader.WaitToReadAsync(ends.Token);
            }
            catch (OperationCanceledException)
            {
                return false;
            }
        }

        async Task PumpToEnd<T>(IAsyncEnumerable<T> source, Func<T, SseItem<LiveJson>> item)
        {
            await Pump(source, item);
            merged.Writer.TryComplete();
        }

        async Task Pump<T>(IAsyncEnumerable<T> source, Func<T, SseItem<LiveJson>> item)
        {
            try
            {
                await foreach (var one in source)
                {
                    merged.Writer.TryWrite(item(one));
                }
            }
            catch (OperationCanceledException)
            {
                // the listener left
            }
        }
    }
}
