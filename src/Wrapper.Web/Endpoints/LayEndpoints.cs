using System.Diagnostics;
using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Threading.Channels;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Cloth;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Wrapper.Formats;

namespace Wrapper.Web.Endpoints;

/// <summary>The repeat of a pattern.</summary>
public sealed record RepeatJson(Entry? Length, Entry? Width);

/// <summary>The cloth of a lay.</summary>
public sealed record LayClothJson(Entry? UsableWidth, string? Nap, RepeatJson? Repeat, Entry? Space);

/// <summary>A piece to lay; <c>matchLine</c> is how far its match line lies above the lower edge of its box.</summary>
public sealed record LayPieceJson(string? Id, int? Quantity, double[][]? Outline, int[]? Turns, double? MatchLine);

/// <summary>A lay to plan, for so many seconds, or for so many steps and then the same on every machine.</summary>
public sealed record LayRequestJson(LayClothJson? Cloth, LayPieceJson[]? Pieces, double? Seconds, int? Steps);

/// <summary>Where a copy lies.</summary>
public sealed record PlacementJson(string Piece, int Copy, int Turn, double X, double Y)
{
    /// <summary>From the core's placement.</summary>
    public static PlacementJson Of(Placement placement) =>
        new(placement.Piece, placement.Copy, placement.Turn, placement.X.Millimetres, placement.Y.Millimetres);
}

/// <summary>A lay: its length without end trim, a proven lower bound, and where everything lies.</summary>
/// <param name="Length">Without end trim, in millimetres.</param>
/// <param name="Bound">No lay is shorter than this.</param>
/// <param name="Proved">The length is the bound: this is the shortest there is.</param>
/// <param name="RuleOfThumb">What a maker works out on paper.</param>
/// <param name="Placements">Where every copy lies.</param>
public sealed record LayJson(double Length, double Bound, bool Proved, double RuleOfThumb, IReadOnlyList<PlacementJson> Placements)
{
    /// <summary>From the core's lay.</summary>
    public static LayJson Of(Lay lay) => new(
        lay.Length.Millimetres, lay.Bound.Millimetres, lay.Length == lay.Bound, lay.RuleOfThumb.Millimetres, [.. lay.Placements.Select(PlacementJson.Of)]);
}

internal static class LayEndpoints
{
    private const double MostSeconds = 60;
    private const int MostSteps = 100_000;

    public static void MapLays(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/lay", Plan)
            .WithName("lay")
            .WithSummary("Lays pieces on a cloth as short as can be found, with a proven lower bound.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes.MapPost("/api/lay/live", Improve)
            .WithName("layLive")
            .WithSummary("The same as server-sent events: “lay” with the first lay at once and with every shorter one as it is found, “end” with the last. Who leaves stops the planner.")
            .Produces<LayJson>(StatusCodes.Status200OK, "text/event-stream")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<Ok<LayJson>, ProblemHttpResult>> Plan(LayRequestJson request, CancellationToken left)
    {
        var checks = new List<Check>();
        if (Read(request, checks) is not { } lay)
        {
            return Refusals.Unprocessable(checks);
        }

        var outcome = await Task.Run(() => LayPlanner.Plan(lay, StepsOf(request), Stops(request, left)), left);
        return outcome.Lay is { } planned ? TypedResults.Ok(LayJson.Of(planned)) : Refusals.Unprocessable(outcome.Checks);
    }

    private static Results<ServerSentEventsResult<LayJson>, ProblemHttpResult> Improve(LayRequestJson request, CancellationToken left)
    {
        var checks = new List<Check>();
        if (Read(request, checks) is not { } lay)
        {
            return Refusals.Unprocessable(checks);
        }

        var refused = LayPlanner.Refuse(lay);
        return refused.HasError() ? Refusals.Unprocessable(refused) : TypedResults.ServerSentEvents(Lays(lay, request, left));
    }

    private static async IAsyncEnumerable<SseItem<LayJson>> Lays(LayRequest lay, LayRequestJson request, [EnumeratorCancellation] CancellationToken left)
    {
        // Only the newest lay waits for a slow reader: what is longer is of no use any more.
        var found = Channel.CreateBounded<Lay>(new BoundedChannelOptions(1) { FullMode = BoundedChannelFullMode.DropOldest });
        var planning = Task.Run(
            () =>
            {
                try
                {
                    return LayPlanner.Plan(lay, StepsOf(request), Stops(request, left), shorter => found.Writer.TryWrite(shorter)).Lay!;
                }
                finally
                {
                    found.Writer.Complete();
                }
            },
            CancellationToken.None);
        await foreach (var shorter in found.Reader.ReadAllAsync(left))
        {
            yield return new(LayJson.Of(shorter), "lay");
        }

        yield return new(LayJson.Of(await planning), "end");
    }

    private static int StepsOf(LayRequestJson request) => request.Steps is { } steps ? Math.Min(steps, MostSteps) : int.MaxValue;

    private static Func<bool> Stops(LayRequestJson request, CancellationToken left)
    {
        var seconds = Math.Min(request.Seconds ?? 2, MostSeconds);
        var clock = Stopwatch.StartNew();
        return () => left.IsCancellationRequested || (request.Steps is null && clock.Elapsed.TotalSeconds >= seconds);
    }

    private static LayRequest? Read(LayRequestJson request, List<Check> checks)
    {
        if (request.Seconds is < 0 or double.NaN || request.Steps is < 0)
        {
            checks.Add(Check.Error("time-out-of-range", "Seconds and steps cannot be below 0.", request.Steps is < 0 ? "steps" : "seconds"));
        }

        if (request.Cloth?.Nap is not (null or "either" or "one-way"))
        {
            checks.Add(Check.Error("unknown-choice", $"“{request.Cloth.Nap}” is no nap: choose either or one-way.", "nap"));
        }

        var usable = Length(request.Cloth?.UsableWidth, "usableWidth", checks, required: true);
        var space = Length(request.Cloth?.Space, "space", checks);
        var repeat = Length(request.Cloth?.Repeat?.Length, "repeat", checks);
        var pieces = (request.Pieces ?? []).Select((piece, i) => Piece(piece, i, checks)).ToList();
        return checks.Count > 0 ? null : new()
        {
            UsableWidth = usable,
            OneWay = request.Cloth?.Nap == "one-way",
            RepeatLength = repeat,
            Space = space,
            Pieces = pieces,
        };
    }

    private static Length Length(Entry? entry, string name, List<Check> checks, bool required = false)
    {
        if (entry is not { } said)
        {
            if (required)
            {
                checks.Add(Check.Error("measure-missing", $"“{name}” is not said.", name));
            }

            return Core.Units.Length.Zero;
        }

        var reading = EntryReader.Read(said, LengthUnit.Millimetre);
        if (reading.Length is { } length && length.Abs() < Core.Units.Length.FromMillimetres(1e7m))
        {
            return length;
        }

        checks.Add(Check.Error("unreadable", $"“{name}”: {reading.Problem ?? "this is longer than any cloth."}", name));
        return Core.Units.Length.Zero;
    }

    private static LayPiece Piece(LayPieceJson? piece, int index, List<Check> checks)
    {
        var id = string.IsNullOrEmpty(piece?.Id) ? $"piece {index + 1}" : piece.Id;
        var corners = new List<Point>();
        foreach (var corner in piece?.Outline ?? [])
        {
            if (corner is not { Length: 2 } || corner.Any(number => !double.IsFinite(number) || Math.Abs(number) > 1e6))
            {
                checks.Add(Check.Error("outline-out-of-range", $"Piece “{id}”: every corner is a pair of millimetres up to a million.", id));
                break;
            }

            corners.Add(new(Core.Units.Length.FromMillimetres(corner[0]), Core.Units.Length.FromMillimetres(corner[1])));
        }

        if (piece?.MatchLine is { } line && !(Math.Abs(line) < 1e6))
        {
            checks.Add(Check.Error("outline-out-of-range", $"Piece “{id}”: the match line is out of range.", id));
            return new(id, 1, corners, [0]);
        }

        Length? match = piece?.MatchLine is { } place ? Core.Units.Length.FromMillimetres(place) : null;
        return new(id, piece?.Quantity ?? 1, corners, piece?.Turns ?? [0, 180], match is { } along ? new LayMatch("", along) : null);
    }
}
