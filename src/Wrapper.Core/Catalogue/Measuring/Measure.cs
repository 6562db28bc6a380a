namespace Wrapper.Core.Catalogue.Measuring;

/// <summary>
/// What a measure is of, the same on every thing that is measured so: the words for it and how to hold the tape belong to
/// the form that asks. A form that measures something of its own names it in its own file.
/// </summary>
/// <param name="Name">Its name in the open format.</param>
public readonly record struct Measure(string Name)
{
    internal static Measure Width { get; } = new("width");

    internal static Measure Length { get; } = new("length");

    internal static Measure Diameter { get; } = new("diameter");

    internal static Measure Height { get; } = new("height");

    internal static Measure Depth { get; } = new("depth");

    internal static Measure Drop { get; } = new("drop");

    internal static Measure CornerRadius { get; } = new("cornerRadius");

    internal static Measure Return { get; } = new("return");

    internal static Measure TopDrop { get; } = new("topDrop");

    internal static Measure TuckUnder { get; } = new("tuckUnder");

    internal static Measure Thickness { get; } = new("thickness");

    internal static Measure FrontWidth { get; } = new("frontWidth");

    internal static Measure BackWidth { get; } = new("backWidth");

    internal static Measure FloorHeight { get; } = new("floorHeight");

    internal static Measure Diagonal1 { get; } = new("diagonal1");

    internal static Measure Diagonal2 { get; } = new("diagonal2");

    internal static Measure OverallWidth { get; } = new("overallWidth");

    internal static Measure CutWidth { get; } = new("cutWidth");

    internal static Measure CutLength { get; } = new("cutLength");

    internal static Measure EarWidth { get; } = new("earWidth");

    internal static Measure EarDepth { get; } = new("earDepth");

    /// <inheritdoc />
    public override string ToString() => Name;
}
