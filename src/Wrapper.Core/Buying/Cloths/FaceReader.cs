using Wrapper.Core.Checks;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>Reads the face of a cloth; a slip becomes a check, and what waits for its repeat is drawn plain.</summary>
internal static class FaceReader
{
    private const string UsualGround = "#ecdcb9";
    private const string UsualInk = "#8a4b3a";

    /// <summary>A picture of one repeat is kept small; what is longer was not made here.</summary>
    private const int LongestPicture = 200_000;
    private const int LongestName = 64;
    private static readonly string[] PictureTypes = ["data:image/jpeg;base64,", "data:image/png;base64,"];

    /// <summary>The face of this cloth; null where nothing is said of it.</summary>
    public static ClothFace? Read(ClothFaceDocument? said, ClothSpecification cloth, ClothFields fields)
    {
        if (said is null || (string.IsNullOrWhiteSpace(said.Kind) && string.IsNullOrWhiteSpace(said.Ground)))
        {
            return null;
        }

        var kind = fields.Choice<FaceKind>(said.Kind, "face", "face");
        var (ground, ink) = (Colour(said.Ground, UsualGround, fields), Colour(said.Ink, UsualInk, fields));
        var repeat = RepeatOf(kind, cloth);
        if (kind != FaceKind.Plain && !repeat.IsPositive)
        {
            fields.Say(
                Check.Warning(
                    "face-without-repeat",
                    kind == FaceKind.Stripe ? BuyingText.StripeWithoutRepeat : BuyingText.FaceWithoutRepeats(kind.Word()),
                    "cloth.face"
                )
            );
            return new(FaceKind.Plain, ground, ink, Length.Zero);
        }

        if (kind == FaceKind.Picture)
        {
            return new(kind, ground, ink, Length.Zero, Picture(said.Picture, fields));
        }

        var figure = fields.Optional(
            said.Figure,
            new("face", "Width of the figure", "width-of-the-figure"),
            repeat.Times(Usual(kind)),
            repeat
        ) ?? Length.Zero;
        return new(kind, ground, ink, figure);
    }

    /// <summary>The repeat a figure has to find room in; zero where it is not said.</summary>
    private static Length RepeatOf(FaceKind kind, ClothSpecification cloth) =>
        kind switch
        {
            FaceKind.Plain => Length.Zero,
            FaceKind.Stripe => cloth.RepeatWidth,
            _ => Length.Min(cloth.RepeatWidth, cloth.RepeatLength),
        };

    /// <summary>How much of its repeat a figure takes where nobody has said.</summary>
    private static decimal Usual(FaceKind kind) =>
        kind == FaceKind.Motif ? 0.6m
        : kind == FaceKind.Check ? 0.3m
        : 0.5m;

    /// <summary>What a picture is known by; null for one that came whole, or that is not chosen yet, which is drawn plain.</summary>
    private static string? Picture(string? said, ClothFields fields)
    {
        if (string.IsNullOrWhiteSpace(said))
        {
            fields.Say(Check.Warning("face-without-picture", BuyingText.FaceWithoutPicture, "cloth.face"));
            return null;
        }

        var type = PictureTypes.FirstOrDefault(known => said.AsSpan().StartsWith(known, StringComparison.Ordinal));
        if (type is null && said.Length <= LongestName && !said.Contains(':'))
        {
            return said;
        }

        if (type is null || said.Length > LongestPicture || !System.Buffers.Text.Base64.IsValid(said.AsSpan(type.Length)))
        {
            fields.Error("no-picture", BuyingText.NoPicture, "face");
        }

        return null;
    }

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
