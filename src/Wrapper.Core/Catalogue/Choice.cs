using System.Runtime.CompilerServices;

namespace Wrapper.Core.Catalogue;

/// <summary>
/// A choice of the make-up that is made with words; what is no choice is told and not passed over. See docs/handbook.md,
/// "Make-up".
/// </summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called on screen.</param>
/// <param name="Words">What can be chosen, the usual first.</param>
public sealed record Choice(string Name, string Label, IReadOnlyList<string> Words)
{
    private static readonly string[] Truth = ["false", "true"];

    private static readonly List<Choice> Listed = [];

    internal static Choice Piping { get; } = Listing("piping", "Piping", ["none", "top", "both"]);

    internal static Choice SlidePocket { get; } = Listing("slidePocket", "Slide pocket", Truth);

    internal static Choice Bias { get; } = Listing("bias", "Piping on the bias", ["true", "false"]);

    internal static Choice Strips { get; } = Listing("strips", "Strips lie", ["across", "down"]);

    internal static Choice Plates { get; } = Listing("plates", "Large pieces", ["straight", "turned", "middle-and-sides"]);

    internal static Choice Closure { get; } = Listing("closure", "Closure", Units.Words.All<Closure>());

    internal static Choice Edge { get; } = Listing("edge", "Lower edge", Units.Words.All<LowerEdge>());

    internal static Choice Notch { get; } = Listing("notch", "Corner notch", ["seam-counted", "full-wall"]);

    internal static Choice ReturnCorners { get; } = Listing("returnCorners", "Corners of the return", ["open", "folded", "mitred"]);

    internal static Choice TopCorners { get; } = Listing("topCorners", "Corners of the top drop", ["cut-out", "pleated"]);

    internal static Choice RoundedCorners { get; } = Listing("roundedCorners", "Rounded corners", ["all", "front", "back"]);

    internal static Choice EarSide { get; } = Listing("earSide", "Ear on the", ["left", "right"]);

    internal static Choice ZipSides { get; } = Listing("zipSides", "Zip round", ["back", "three-sides"]);

    internal static Choice Join { get; } = Listing("join", "Joined in", ["middle-and-sides", "equal-widths"]);

    internal static Choice Layers { get; } = Listing("layers", "Layers", ["single", "reversible"]);

    internal static Choice Back { get; } = Listing("back", "Back face", ["cut", "ready-sheet"]);

    internal static Choice Hands { get; } = Listing("hands", "Alike or in pairs", ["alike", "pairs"]);

    internal static Choice Skirt { get; } = Listing("skirt", "Skirt", ["gathered", "box-pleats", "kick-pleats"]);

    /// <summary>All choices made with words, by name, in the order they are shown.</summary>
    public static IReadOnlyDictionary<string, Choice> All { get; } = Listed.ToDictionary(choice => choice.Name);

    /// <summary>Choices that are a number or a length: <c>zipShare</c>, <c>medallion</c>, <c>printAcross</c>, <c>printAlong</c>.</summary>
    public static IReadOnlySet<string> Figures { get; } = new HashSet<string> { "zipShare", "medallion", "printAcross", "printAlong" };

    /// <summary>Every name an option may have.</summary>
    public static IEnumerable<string> Names => All.Keys.Concat(Figures);

    /// <summary>Each is listed once: one is the same as itself only.</summary>
    public bool Equals(Choice? other) => ReferenceEquals(this, other);

    /// <inheritdoc />
    public override int GetHashCode() => RuntimeHelpers.GetHashCode(this);

    private static Choice Listing(string name, string label, IReadOnlyList<string> words)
    {
        var choice = new Choice(name, label, words);
        Listed.Add(choice);
        return choice;
    }
}
