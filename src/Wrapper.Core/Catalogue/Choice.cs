using System.Runtime.CompilerServices;
using Wrapper.Core.Catalogue.Measuring;

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

    private static readonly Dictionary<string, string> NothingElse = [];

    internal static Choice Piping { get; } = Listing("piping", "Piping", ["none", "top", "both"]).Compared();

    internal static Choice SlidePocket { get; } =
        Listing("slidePocket", "Slide pocket", Truth).Saying(("false", "plain join"), ("true", "pocket"));

    internal static Choice Bias { get; } =
        Listing("bias", "Casing cut", ["true", "false"]).Saying(("true", "on the bias"), ("false", "straight")).With(Piping);

    internal static Choice Strips { get; } = Listing("strips", "Strips lie", ["across", "down"]).LeftToTheDraft();

    internal static Choice Plates { get; } = Listing("plates", "Large pieces", ["straight", "turned", "middle-and-sides"]).LeftToTheDraft();

    internal static Choice Closure { get; } = Listing("closure", "Closure", Units.Words.All<Closure>()).Compared();

    internal static Choice Edge { get; } = Listing("edge", "Lower edge", Units.Words.All<LowerEdge>()).Compared();

    internal static Choice Notch { get; } = Listing("notch", "Corner notch", ["seam-counted", "full-wall"]);

    internal static Choice ReturnCorners { get; } =
        Listing("returnCorners", "Corners of the return", ["open", "folded", "mitred"]).Taking(Measure.Return);

    internal static Choice TopCorners { get; } =
        Listing("topCorners", "Corners of the top drop", ["cut-out", "pleated"]).Taking(Measure.TopDrop);

    internal static Choice RoundedCorners { get; } = Listing("roundedCorners", "Rounded corners", ["all", "front", "back"]);

    internal static Choice EarSide { get; } = Listing("earSide", "Ear on the", ["left", "right"]);

    internal static Choice ZipSides { get; } = Listing("zipSides", "Zip round", ["back", "three-sides"]).Compared();

    internal static Choice Join { get; } = Listing("join", "Joined in", ["middle-and-sides", "equal-widths"]).LeftToTheDraft();

    internal static Choice Layers { get; } = Listing("layers", "Layers", ["single", "reversible"]).Compared();

    internal static Choice Back { get; } = Listing("back", "Back face", ["cut", "ready-sheet"]);

    internal static Choice Hands { get; } = Listing("hands", "Alike or in pairs", ["alike", "pairs"]);

    internal static Choice Skirt { get; } = Listing("skirt", "Skirt", ["gathered", "box-pleats", "kick-pleats"]).Compared();

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

    /// <summary>Make-ups with each of its words are compared side by side.</summary>
    public bool IsCompared { get; private set; }

    /// <summary>While nothing is chosen the draft decides.</summary>
    public bool IsLeftToTheDraft { get; private set; }

    /// <summary>It makes a difference only where this choice is not at its first word; null for any.</summary>
    public Choice? Needs { get; private set; }

    /// <summary>It makes a difference only where this measure was taken; null for any.</summary>
    public Measure? NeedsMeasure { get; private set; }

    /// <summary>What its words are called on screen, where that is not the word itself.</summary>
    public IReadOnlyDictionary<string, string> Said { get; private set; } = NothingElse;

    /// <summary>It makes a difference on a thing of this form and shape.</summary>
    public bool IsFor(FormDefinition form, ShapeDefinition shape) =>
        this == Back ? form.MayHaveReadyBack
        : this == EarSide ? shape.HasOneEar
        : this != RoundedCorners || shape.Measures.Any(measure => measure.Measure == Measure.CornerRadius);

    private Choice Compared()
    {
        IsCompared = true;
        return this;
    }

    private Choice LeftToTheDraft()
    {
        IsLeftToTheDraft = true;
        return this;
    }

    private Choice With(Choice other)
    {
        Needs = other;
        return this;
    }

    private Choice Taking(Measure measure)
    {
        NeedsMeasure = measure;
        return this;
    }

    private Choice Saying(params (string Word, string Said)[] words)
    {
        Said = words.ToDictionary(word => word.Word, word => word.Said);
        return this;
    }

    private static Choice Listing(string name, string label, IReadOnlyList<string> words)
    {
        var choice = new Choice(name, label, words);
        Listed.Add(choice);
        return choice;
    }
}
