using Wrapper.Core.Geometry;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Formats.Answers;

/// <summary>A copy of a piece.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Copy">Which copy in one cover, from 1.</param>
public sealed record CopyJson(string Piece, int Copy);

/// <summary>A piece in the hand.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Copy">Which copy in one cover, from 1.</param>
/// <param name="Name">What it is called among its like.</param>
/// <param name="Over">It lies on top, wrong side up.</param>
public sealed record CardPieceJson(string Piece, int Copy, string Name, bool Over);

/// <summary>The one large number of a card.</summary>
/// <param name="Shown">As it is said: “½”.</param>
/// <param name="Unit">Its unit’s sign; empty for a count.</param>
/// <param name="Of">What it is: “from the edge”.</param>
public sealed record CardFigureJson(string Shown, string Unit, string Of);

/// <summary>An edge that is taken hold of.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Copy">Which copy in one cover, from 1.</param>
/// <param name="Over">It is on the layer that lies on top.</param>
/// <param name="Leads">The machine follows it: its corners run in the direction it is sewn.</param>
/// <param name="Along">Its corners on the flat piece.</param>
public sealed record LitEdgeJson(string Piece, int Copy, bool Over, bool Leads, IReadOnlyList<double[]> Along);

/// <summary>Something that must be seen to first, because it cannot be undone after.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Text">What to see to.</param>
public sealed record CardStopJson(StopSign Name, string Text);

/// <summary>One thing to do at the machine.</summary>
public sealed record SewingCardJson
{
    /// <summary>The id of its operation; <c>mark</c> where all pieces are marked.</summary>
    public required string Id { get; init; }

    /// <summary>The operations it does.</summary>
    public required IReadOnlyList<string> Operations { get; init; }

    /// <summary>What is done: <c>seam</c>, <c>zip</c> …</summary>
    public required OperationKind Kind { get; init; }

    /// <summary>What to do.</summary>
    public required string Text { get; init; }

    /// <summary>The number that matters.</summary>
    public required CardFigureJson? Figure { get; init; }

    /// <summary>Where it begins and stops, what is snipped, eased in, left open: a sentence each.</summary>
    public required IReadOnlyList<string> Hints { get; init; }

    /// <summary>The pieces in the hand, the one underneath first.</summary>
    public required IReadOnlyList<CardPieceJson> Pieces { get; init; }

    /// <summary>The edges that are taken hold of.</summary>
    public required IReadOnlyList<LitEdgeJson> Lit { get; init; }

    /// <summary>The seams of the ledger that are sewn.</summary>
    public required IReadOnlyList<string> Seams { get; init; }

    /// <summary>It is sewn without stopping and ends where it begins.</summary>
    public required bool Ring { get; init; }

    /// <summary>What must be seen to first.</summary>
    public required IReadOnlyList<CardStopJson> Stops { get; init; }

    /// <summary>Foot, thread, needle.</summary>
    public required IReadOnlyList<string> Needs { get; init; }

    /// <summary>An estimate for one cover.</summary>
    public required double Minutes { get; init; }

    /// <summary>What the house’s own pace is told by.</summary>
    public required WorkPace Pace { get; init; }

    /// <summary>The copies that hang on others when it is done.</summary>
    public required IReadOnlyList<CopyJson> SoFar { get; init; }

    /// <summary>From the core’s card.</summary>
    public static SewingCardJson Of(SewingCard card) =>
        new()
        {
            Id = card.Id,
            Operations = [.. card.Operations.Select(operation => operation.Id)],
            Kind = card.Own.Kind,
            Text = card.Text,
            Figure = card.Figure is { } figure ? new(figure.Shown, figure.Unit, figure.Of) : null,
            Hints = card.Hints,
            Pieces = [.. card.Pieces.Select(piece => new CardPieceJson(piece.Copy.Piece, piece.Copy.Copy, piece.Name, piece.IsOver))],
            Lit =
            [
                .. card.Lit.Select(edge => new LitEdgeJson(
                    edge.Copy.Piece,
                    edge.Copy.Copy,
                    edge.IsOver,
                    edge.Leads,
                    [.. edge.Along.Select(Corner)]
                )),
            ],
            Seams = card.Own.IsSewing ? card.Own.Seams : [],
            Ring = card.Own.IsSewing && card.Own.IsRing,
            Stops = [.. card.Own.Stops.Select(stop => new CardStopJson(stop, SewingPlanner.TextOf(stop)))],
            Needs = [.. card.Operations.SelectMany(operation => operation.Needs).Distinct()],
            Minutes = card.Minutes,
            Pace = new(
                card.Own.Kind.Word(),
                (card.Own.Millimetres ?? 0) / 1000,
                card.Operations.Count(operation => operation.Kind == card.Own.Kind),
                card.Minutes > 0 ? card.Own.Minutes / card.Minutes : 1
            ),
            SoFar = [.. card.SoFar.Select(copy => new CopyJson(copy.Piece, copy.Copy))],
        };

    private static double[] Corner(Point point) => [point.X.Millimetres, point.Y.Millimetres];
}
