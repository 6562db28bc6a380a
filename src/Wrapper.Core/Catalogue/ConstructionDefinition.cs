namespace Wrapper.Core.Catalogue;

/// <summary>A way of making a flat cloth go round a thing, as it is offered.</summary>
/// <param name="Id">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Says">What speaks for it and against it, in one sentence.</param>
/// <param name="Look">How the finished cover looks.</param>
/// <param name="GoesOn">How it goes on and comes off.</param>
/// <param name="Washes">How it stands being taken off and washed.</param>
/// <param name="Suits">Who should take it, and for what.</param>
public sealed record ConstructionDefinition(string Id, string Label, string Says, string Look, string GoesOn, string Washes, string Suits)
{
    /// <summary>The ways it can be closed; null where whatever the thing offers will do.</summary>
    public IReadOnlyList<Closure>? Closures { get; init; }

    /// <summary>The choices that change something on it, as they are asked.</summary>
    public IReadOnlyList<Choice> Choices { get; init; } = [];

    /// <summary>Choices that are asked only to be refused with a word: a folded cover has no edge to carry piping.</summary>
    public IReadOnlyList<Choice> Refused { get; init; } = [];

    /// <summary>A word for it where there is room for one; empty for none.</summary>
    public string Brief { get; init; } = "";

    /// <summary>What stands in the way under the rim can be said: its edge goes under the thing.</summary>
    public bool GoesRoundObstacles { get; init; }

    /// <summary>Its edge seams can carry piping, so that make-ups with and without are worth comparing.</summary>
    public bool CarriesPiping { get; init; }

    /// <summary>Edges of it that nothing is sewn to are hemmed: where a cloth has a hem already, that may stay.</summary>
    public bool TurnsHems { get; init; }

    /// <summary>
    /// The ways a thing of this shape can be closed when it is made this way, the usual one first; empty where there is nothing to choose.
    /// </summary>
    public IReadOnlyList<Closure> ClosuresOf(ShapeDefinition shape) =>
        Closures is { } own ? [.. shape.Closures.Where(own.Contains)] : shape.Closures;
}
