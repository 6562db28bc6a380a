using Wrapper.Core.Buying;
using Wrapper.Core.Lays;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats;

namespace Wrapper.Web.Endpoints;

/// <summary>What every endpoint reads of a job alike: its unit, its cloth, the house's rules.</summary>
internal static class JobReading
{
    /// <summary>In millimetres.</summary>
    private const double FarthestPlace = 1e6;

    /// <summary>The unit by its name; null when there is none of this name.</summary>
    public static LengthUnit? UnitOf(string? unit) => unit switch
    {
        "in" => LengthUnit.Inch,
        "cm" => LengthUnit.Centimetre,
        "mm" => LengthUnit.Millimetre,
        _ => null,
    };

    /// <summary>The cloth as the core reads it; what a hostile client leaves out is unsaid.</summary>
    public static ClothInput InputOf(ClothDocument cloth) => new()
    {
        Width = Typed(cloth.Width),
        Selvage = Typed(cloth.Selvage),
        Nap = cloth.Nap,
        Grain = cloth.Grain,
        Layers = cloth.Layers,
        Role = cloth.Role,
        RepeatLength = Typed(cloth.RepeatLength),
        RepeatWidth = Typed(cloth.RepeatWidth),
        Match = cloth.Match,
        Motif = Typed(cloth.Motif),
        Space = Typed(cloth.Space),
        CurveSpace = Typed(cloth.CurveSpace),
        ShrinkageAlong = cloth.ShrinkageAlong,
        ShrinkageAcross = cloth.ShrinkageAcross,
        Spare = cloth.Spare,
        Flaws = [.. (cloth.Flaws ?? []).Select(flaw => new FlawInput(Typed(flaw?.From), Typed(flaw?.To), Typed(flaw?.Left), Typed(flaw?.Right)))],
        Remnants = [.. (cloth.Remnants ?? []).Select(remnant => new RemnantInput(remnant?.Name, Typed(remnant?.Width), Typed(remnant?.Length)))],
        Pinned = Places(cloth.Pinned),
        Kept = Places(cloth.Kept),
        Price = cloth.Price,
    };

    private static Entry Typed(string? text) => Entry.Typed(text ?? "");

    /// <summary>Places that can be on a cloth at all; the others are as good as unsaid.</summary>
    private static IReadOnlyList<Placement> Places(List<PlaceDocument>? places) =>
    [
        .. (places ?? []).Where(place => place?.Piece is not null && Math.Abs(place.X) < FarthestPlace && Math.Abs(place.Y) < FarthestPlace)
            .Select(place => new Placement(place.Piece, place.Copy, place.Turn, Length.FromMillimetres(place.X), Length.FromMillimetres(place.Y), place.Remnant)),
    ];
}
