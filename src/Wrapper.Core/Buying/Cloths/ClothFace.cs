using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>What is seen of a cloth: one colour, or a figure that comes again with its repeat. See docs/handbook.md, "The print".</summary>
public enum FaceKind
{
    /// <summary>One colour.</summary>
    Plain,

    /// <summary>A stripe down the roll in every repeat across.</summary>
    Stripe,

    /// <summary>A stripe down the roll and one across it in every repeat.</summary>
    Check,

    /// <summary>A figure by itself in every repeat.</summary>
    Motif,

    /// <summary>A picture of one repeat, as someone took it.</summary>
    Picture,
}

/// <summary>The face of a cloth, as it is drawn.</summary>
/// <param name="Kind">What is on it.</param>
/// <param name="Ground">The colour of the ground: <c>#e8d9b5</c>.</param>
/// <param name="Ink">The colour of the figure.</param>
/// <param name="Figure">How wide the stripe is, or the motif across.</param>
/// <param name="Picture">What its picture is known by to who asks; null where there is none, or where it came whole.</param>
public sealed record ClothFace(FaceKind Kind, string Ground, string Ink, Length Figure, string? Picture = null);
