namespace Wrapper.Core.Catalogue;

/// <summary>A way of making a flat cloth go round a thing, as it is offered.</summary>
/// <param name="Id">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Says">What speaks for it and against it, in one sentence.</param>
/// <param name="Look">How the finished cover looks.</param>
/// <param name="GoesOn">How it goes on and comes off.</param>
/// <param name="Washes">How it stands being taken off and washed.</param>
public sealed record ConstructionDefinition(string Id, string Label, string Says, string Look, string GoesOn, string Washes)
{
    /// <summary>The ways it can be closed; null where whatever the thing offers will do.</summary>
    public IReadOnlyList<string>? Closures { get; init; }

    /// <summary>The names of the choices that change something on it, as they are asked.</summary>
    public IReadOnlyList<string> Choices { get; init; } = [];

    /// <summary>The choices it has.</summary>
    public IReadOnlyList<OptionDefinition> Options => [.. Choices.Select(name => OptionCatalogue.All[name])];

    /// <summary>The ways a thing of this shape can be closed when it is made this way, the usual one first; empty where there is nothing to choose.</summary>
    public IReadOnlyList<string> ClosuresOf(ShapeDefinition shape) => Closures is { } own ? [.. shape.Closures.Where(own.Contains)] : shape.Closures;
}
