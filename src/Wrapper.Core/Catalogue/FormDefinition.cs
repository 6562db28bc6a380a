using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Units;

namespace Wrapper.Core.Catalogue;

/// <summary>One kind of thing that can be covered, as a person chooses and measures it.</summary>
/// <param name="Id">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Shapes">The shapes it comes in, the usual one first.</param>
public sealed record FormDefinition(string Id, string Label, IReadOnlyList<ShapeDefinition> Shapes)
{
    /// <summary>Rules of this form's own that stand for a general one: its seam for the seam.</summary>
    public IReadOnlyDictionary<Rule, Rule> RuleVariants { get; init; } = new Dictionary<Rule, Rule>();

    /// <summary>Its filling may be pressed a little: a snug cover is one of the make-ups worth comparing.</summary>
    public bool MayBeSnug { get; init; }

    /// <summary>What is inside it.</summary>
    public Filling Filling { get; init; }

    /// <summary>
    /// It is measured in one way alone: nothing is put into it or on it, and it has no cover that could be measured instead.
    /// </summary>
    public bool IsMeasuredBare { get; init; }

    /// <summary>What the tape may lie on, the usual first; one alone is not asked about.</summary>
    public IReadOnlyList<TapeLies> TapeMayLieOn =>
        (Filling, IsMeasuredBare) switch
        {
            (_, true) => [new(MeasuredFrom.Filling, Bare)],
            (Filling.None, _) =>
            [
                new(MeasuredFrom.Filling, Bare),
                new(MeasuredFrom.PaddedFilling, "its padding"),
                new(MeasuredFrom.OldCover, "an old cover"),
            ],
            _ =>
            [
                new(MeasuredFrom.Filling, Bare),
                new(MeasuredFrom.PaddedFilling, "filling with its wadding"),
                new(MeasuredFrom.Space, "the space it must fill"),
                new(MeasuredFrom.OldCover, "an old cover"),
            ],
        };

    /// <summary>What one lays the tape on, where the cover has another name than the thing; else as the form is called.</summary>
    public string? Covers { get; init; }

    private string Bare => Filling == Filling.None ? $"the {(Covers ?? Label).ToLowerInvariant()} itself" : "the bare filling";

    /// <summary>It is furniture or bedding, for which most countries have fire rules.</summary>
    public bool IsUnderFireRules { get; init; } = true;

    /// <summary>The thing is heavy, or stands on legs: two have to move it.</summary>
    public bool IsHeavy { get; init; }

    /// <summary>It stands on legs that a skirt has to clear, and each may take some of the base.</summary>
    public bool HasLegs { get; init; }

    /// <summary>Hot irons stand on it.</summary>
    public bool IsIronedOn { get; init; }

    /// <summary>
    /// How large it is at most where it may be an infant’s, by its width and, where that says more, its length; null where no infant lies
    /// on or under it.
    /// </summary>
    public (Length Width, Length? Length)? LargestOfInfants { get; init; }

    /// <summary>Worn either side out, it may be made of two layers.</summary>
    public bool MayBeReversible { get; init; }

    /// <summary>Its back may be a ready sheet.</summary>
    public bool MayHaveReadyBack { get; init; }

    /// <summary>“A box cushion”, “An ottoman”.</summary>
    public string WithArticle => $"{("AEIO".Contains(Label[0], StringComparison.Ordinal) ? "An" : "A")} {Label.ToLowerInvariant()}";

    /// <summary>The shape of this id, or the first when none is named; null when there is no such shape.</summary>
    public ShapeDefinition? Shape(string? id) => id is null ? Shapes[0] : Shapes.FirstOrDefault(shape => shape.Id == id);
}

/// <summary>A list a shape is measured by besides its measures.</summary>
public enum MeasureList
{
    /// <summary>The corners of an outline.</summary>
    Points,

    /// <summary>Widths at distances from the front.</summary>
    Stations,

    /// <summary>Zones cut as blocks.</summary>
    Zones,
}

/// <summary>One shape of a form.</summary>
/// <param name="Id">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Measures">What is measured, in the order a hand takes it.</param>
/// <param name="Constructions">The ways it can be made, the usual one first.</param>
public sealed record ShapeDefinition(
    string Id,
    string Label,
    IReadOnlyList<MeasureDefinition> Measures,
    IReadOnlyList<string> Constructions
)
{
    /// <summary>The list it is measured by; null for none.</summary>
    public MeasureList? List { get; init; }

    /// <summary>The ways it can be closed, the usual one first; empty where there is nothing to choose.</summary>
    public IReadOnlyList<Closure> Closures { get; init; } = [];

    /// <summary>The ways its lower edge can be finished, the usual one first; empty where there is nothing to choose.</summary>
    public IReadOnlyList<LowerEdge> Edges { get; init; } = [];

    /// <summary>It has an ear on one side, which may be the left or the right.</summary>
    public bool HasOneEar { get; init; }

    /// <summary>Its plan is round, stepped or free: what is wrapped round it puckers.</summary>
    public bool HasCurvedPlan { get; init; }

    /// <summary>How it stands when one meets it.</summary>
    public Standing Stands { get; init; }
}
