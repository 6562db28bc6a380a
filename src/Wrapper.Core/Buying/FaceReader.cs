using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>Reads the face of a cloth; a slip becomes a check, and what waits for its repeat is drawn plain.</summary>
internal static class FaceReader
{
    private const string UsualGround = "#ecdcb9";
    private const string UsualInk = "#8a4b3a";

    /// <summary>The face of this cloth; null where nothing is said of it.</summary>
    public static ClothFace? Read(ClothFaceInput? said, ClothSpecification cloth, ClothFields fields)
    {
        if (said is null || (string.IsNullOrWhiteSpace(said.Kind) && string.IsNullOrWhiteSpace(said.Ground)))
        {
            return null;
        }

        var kind = Words.Read<FaceKind>(fields.Choice(said.Kind, "face", "face", [.. Words.All<FaceKind>()])) ?? FaceKind.Plain;
        var (ground, ink) = (Colour(said.Ground, UsualGround, fields), Colour(said.Ink, UsualInk, fields));
        var repeat = RepeatOf(kind, cloth);
        if (kind != FaceKind.Plain && !repeat.IsPositive)
        {
            fields.Say(Check.Warning("face-without-repeat", kind == FaceKind.Stripe ? BuyingText.StripeWithoutRepeat : BuyingText.FaceWithoutRepeats(kind.Word()), "cloth.face"));
            return new(FaceKind.Plain, ground, ink, Length.Zero);
        }

        var figure = fields.Optional(said.Figure, "face", "Width of the figure", repeat.Times(Usual(kind)), repeat) ?? Length.Zero;
        return new(kind, ground, ink, figure);
    }

    /// <summary>The repeat a figure has to find room in; zero where it is not said.</summary>
    private static Length RepeatOf(FaceKind kind, ClothSpecification cloth) => kind switch
    {
        FaceKind.Plain => Length.Zero,
        FaceKind.Stripe => cloth.RepeatWidth,
        _ => Length.Min(cloth.RepeatWidth, cloth.RepeatLength),
    };

    /// <summary>How much of its repeat a figure takes where nobody has said.</summary>
    private static decimal Usual(FaceKind kind) => kind == FaceKind.Motif ? 0.6m : kind == FaceKind.Check ? 0.3m : 0.5m;

    private static string Colour(string? said, string usual, ClothFields fields)
    {
        if (string.IsNullOrWhiteSpace(said))
        {
            return usual;
        }

        var text = said.Trim();
        if (text.Length == 7 && text[0] == '#' && text.Skip(1).All(char.IsAsciiHexDigit))
        {
            return text.ToLowerInvariant();
        }

        fields.Error("unreadable", BuyingText.NoColour(text), "face");
        return usual;
    }
}
