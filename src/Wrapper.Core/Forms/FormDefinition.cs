namespace Wrapper.Core.Forms;

/// <summary>One kind of thing that can be covered, as a person chooses and measures it.</summary>
/// <param name="Id">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Shapes">The shapes it comes in, the usual one first.</param>
public sealed record FormDefinition(string Id, string Label, IReadOnlyList<ShapeDefinition> Shapes)
{
    /// <summary>The shape of this id, or the first when none is named; null when there is no such shape.</summary>
    public ShapeDefinition? Shape(string? id) => id is null ? Shapes[0] : Shapes.FirstOrDefault(shape => shape.Id == id);
}

/// <summary>One shape of a form.</summary>
/// <param name="Id">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Measures">What is measured, in the order a hand takes it.</param>
/// <param name="Constructions">The ways it can be made, the usual one first.</param>
public sealed record ShapeDefinition(
    string Id, string Label, IReadOnlyList<MeasureDefinition> Measures, IReadOnlyList<string> Constructions);
