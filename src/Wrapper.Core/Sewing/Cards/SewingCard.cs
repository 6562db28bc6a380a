using Wrapper.Core.Geometry;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing.Cards;

/// <summary>One thing to do at the machine, with all that is looked at while it is done. See docs/handbook.md, "Sewing cards".</summary>
/// <param name="Id">The id of its operation; <c>mark</c> for the card on which all pieces are marked.</param>
/// <param name="Operations">The operations it does, its own first: a seam's finishing belongs to the seam.</param>
/// <param name="Text">What to do, in a sentence or two.</param>
/// <param name="Pieces">The pieces in the hand, the one underneath first.</param>
public sealed record SewingCard(string Id, IReadOnlyList<Operation> Operations, string Text, IReadOnlyList<CardPiece> Pieces)
{
    /// <summary>The operation that gives the card its name.</summary>
    public Operation Own => Operations[0];

    /// <summary>The number that matters; null where none does.</summary>
    public CardFigure? Figure { get; init; }

    /// <summary>Where it begins and stops, what is snipped, eased in, left open.</summary>
    public IReadOnlyList<string> Hints { get; init; } = [];

    /// <summary>The edges that are sewn, finished or turned.</summary>
    public IReadOnlyList<LitEdge> Lit { get; init; } = [];

    /// <summary>The pieces that hang on others when the card is done.</summary>
    public IReadOnlyList<PieceCopy> SoFar { get; init; } = [];

    /// <summary>An estimate, by the house's rates.</summary>
    public double Minutes => Operations.Sum(operation => operation.Minutes);
}

/// <summary>A piece in the hand.</summary>
/// <param name="Copy">Which copy.</param>
/// <param name="Name">What it is called among its like: “top plate”.</param>
/// <param name="IsOver">It lies on top, wrong side up.</param>
public sealed record CardPiece(PieceCopy Copy, string Name, bool IsOver);

/// <summary>The one large number of a card.</summary>
/// <param name="Shown">As it is said: “½”.</param>
/// <param name="Unit">Its unit's sign; empty for a count.</param>
/// <param name="Of">What it is: “from the edge”.</param>
public sealed record CardFigure(string Shown, string Unit, string Of);

/// <summary>An edge of a piece that is taken hold of.</summary>
/// <param name="Copy">The copy it is on.</param>
/// <param name="Edge">Its name.</param>
/// <param name="IsOver">It is on the layer that lies on top, wrong side up.</param>
/// <param name="Leads">The machine follows it: its corners run in the direction it is sewn.</param>
/// <param name="Along">Its corners where it is found on the cloth.</param>
public sealed record LitEdge(PieceCopy Copy, EdgeName Edge, bool IsOver, bool Leads, IReadOnlyList<Point> Along);
