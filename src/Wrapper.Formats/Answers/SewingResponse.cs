using System.Text.Json.Serialization;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Formats.Answers;

/// <summary>An edge of a piece in one cover.</summary>
/// <param name="Piece">The piece's key, with <c>/1</c>, <c>/2</c> … where the cover has several copies of it.</param>
/// <param name="Edge">The edge's name.</param>
public sealed record SewnEdgeJson(string Piece, string Edge);

/// <summary>One line of the ledger as it is sewn, between points of the finished cover.</summary>
/// <param name="Id">Its name in the ledger; <c>-rest</c> is added for what is sewn after the try-on.</param>
/// <param name="Sides">The edges that are sewn together.</param>
/// <param name="Ends">The points it begins and ends at; equal for a loop.</param>
/// <param name="Through">The points it passes over, in order.</param>
public sealed record SewnSeamJson(string Id, IReadOnlyList<SewnEdgeJson> Sides, IReadOnlyList<string> Ends, IReadOnlyList<string> Through);

/// <summary>What is done in one go without stopping.</summary>
public sealed record OperationJson
{
    /// <summary>Unique in its cover.</summary>
    public required string Id { get; init; }

    /// <summary>What is done: <c>mark</c>, <c>seam</c>, <c>zip</c> …</summary>
    public required OperationKind Kind { get; init; }

    /// <summary>The pieces it takes hold of.</summary>
    public required IReadOnlyList<string> Pieces { get; init; }

    /// <summary>What piping, hem, finish, tape, buttons or thread lies on.</summary>
    public required IReadOnlyList<SewnEdgeJson> Edges { get; init; }

    /// <summary>The seam it sews or belongs to, where it is one.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Seam { get; init; }

    /// <summary>The seams it sews without stopping, in sewing order, or belongs to, where there are several.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<string>? Seams { get; init; }

    /// <summary>Of a hem or casing: the points it ends on or passes.</summary>
    public required IReadOnlyList<string> Points { get; init; }

    /// <summary>What exists only afterwards.</summary>
    public required IReadOnlyList<string> Makes { get; init; }

    /// <summary>Of a hem or casing: <c>flat</c>, caught in seams, or <c>round</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Turned? Turned { get; init; }

    /// <summary>The operation that catches it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? HeldBy { get; init; }

    /// <summary>Operations a school or form puts before it.</summary>
    public required IReadOnlyList<string> After { get; init; }

    /// <summary>It is the seam that leaves only the opening.</summary>
    public required bool Closes { get; init; }

    /// <summary>Stop-signs by name.</summary>
    public required IReadOnlyList<StopSign> Stops { get; init; }

    /// <summary>The length left open, in millimetres.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? Gap { get; init; }

    /// <summary>It is sewn after the try-on by intention.</summary>
    public required bool Waits { get; init; }

    /// <summary>It is a closure whose own edge is the last seam.</summary>
    public required bool Last { get; init; }

    /// <summary>How long what is sewn is, in millimetres.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? Length { get; init; }

    /// <summary>An estimate by the house's rates.</summary>
    public required double Minutes { get; init; }

    /// <summary>Foot, thread, needle.</summary>
    public required IReadOnlyList<string> Needs { get; init; }

    /// <summary>What to do, in one sentence.</summary>
    public required string Text { get; init; }

    /// <summary>Its stop-signs in words.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? StopSign { get; init; }

    /// <summary>
    /// Of a set sewn in batches: the place in the whole order at which the first cover has it, from 1; the others follow at once.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Turn { get; init; }
}

/// <summary>The sewing of covers that are alike: worked out once for all of them.</summary>
/// <param name="Cover">The first of them, from 1.</param>
/// <param name="Covers">How many there are. All figures are for one of them.</param>
/// <param name="Finish">When raw edges are finished: <c>each</c>, <c>first</c> or <c>none</c>.</param>
/// <param name="Seams">Every line of the ledger that is sewn.</param>
/// <param name="Operations">What is done.</param>
/// <param name="Order">The operations' ids in the order of work.</param>
public sealed record SewingResponse(
    int Cover,
    int Covers,
    FinishSchool Finish,
    IReadOnlyList<SewnSeamJson> Seams,
    IReadOnlyList<OperationJson> Operations,
    IReadOnlyList<string> Order
)
{
    /// <summary>The sewing of a draft: one entry for each group of covers alike.</summary>
    /// <param name="plan">The order of one cover.</param>
    /// <param name="draft">The draft.</param>
    /// <param name="covers">How many covers are alike.</param>
    /// <param name="batch">They are sewn together, each operation on all of them before the next.</param>
    public static IReadOnlyList<SewingResponse> Of(SewingPlan plan, Draft draft, int covers, bool batch)
    {
        var names = draft
            .Pieces.SelectMany(piece => PieceCopy.AllOf(piece).Select(copy => (copy, Name: copy.NameOn(piece))))
            .ToDictionary(named => named.copy, named => named.Name);
        IReadOnlyList<SewnSeamJson> seams =
        [
            .. plan.Seams.Select(seam => new SewnSeamJson(
                seam.Id,
                [.. seam.Edges.Select(Edge)],
                [Point(seam.Start), Point(seam.End)],
                [.. seam.Through.Select(Point)]
            )),
        ];
        IReadOnlyList<string> order = [.. plan.Order.Select(operation => operation.Id)];
        return
        [
            new(
                1,
                covers,
                plan.Finish,
                seams,
                [.. plan.Order.Select((operation, place) => Operation(operation, batch ? (place * covers) + 1 : null))],
                order
            ),
        ];

        SewnEdgeJson Edge(SeamSide side) => new(names[PieceCopy.Of(side)], side.Edge);

        OperationJson Operation(Operation operation, int? turn) =>
            new()
            {
                Id = operation.Id,
                Kind = operation.Kind,
                Pieces = [.. operation.Pieces.Select(piece => names[piece])],
                Edges = [.. operation.Edges.Select(Edge)],
                Seam = operation.Seams.Count == 1 ? operation.Seams[0] : null,
                Seams = operation.Seams.Count > 1 ? operation.Seams : null,
                Points = operation.Turned is null ? [] : [.. operation.Points.Select(Point)],
                Makes = operation.Makes,
                Turned = operation.Turned,
                HeldBy = operation.HeldBy,
                After = operation.After,
                Closes = operation.Closes,
                Stops = [.. operation.Stops],
                Gap = operation.Gap,
                Waits = operation.Waits,
                Last = false,
                Length = operation.Millimetres,
                Minutes = operation.Minutes,
                Needs = operation.Needs,
                Text = operation.Text,
                StopSign = operation.StopSign,
                Turn = turn,
            };
    }

    private static string Point(int number) => string.Create(System.Globalization.CultureInfo.InvariantCulture, $"p{number}");
}
