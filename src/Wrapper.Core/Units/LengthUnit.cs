namespace Wrapper.Core.Units;

/// <summary>A unit a person can say a length in.</summary>
public enum LengthUnit
{
    /// <summary>Millimetre.</summary>
    Millimetre,

    /// <summary>Centimetre, 10 mm.</summary>
    Centimetre,

    /// <summary>Metre, 1000 mm.</summary>
    Metre,

    /// <summary>Inch, 25.4 mm exactly.</summary>
    Inch,

    /// <summary>Foot, 12 in.</summary>
    Foot,

    /// <summary>Yard, 36 in or 0.9144 m exactly.</summary>
    Yard,
}

/// <summary>What the units are worth and how they are called.</summary>
public static class LengthUnits
{
    /// <summary>One of this unit, as a length.</summary>
    public static Length One(this LengthUnit unit) =>
        unit switch
        {
            LengthUnit.Millimetre => Length.FromNanometres(Length.NanometresPerMillimetre),
            LengthUnit.Centimetre => Length.FromNanometres(10 * Length.NanometresPerMillimetre),
            LengthUnit.Metre => Length.FromNanometres(1000 * Length.NanometresPerMillimetre),
            LengthUnit.Inch => Length.FromNanometres(Length.NanometresPerInch),
            LengthUnit.Foot => Length.FromNanometres(12 * Length.NanometresPerInch),
            LengthUnit.Yard => Length.FromNanometres(36 * Length.NanometresPerInch),
            _ => throw new ArgumentOutOfRangeException(nameof(unit)),
        };

    /// <summary>The unit's short sign: mm, cm, m, in, ft, yd.</summary>
    public static string Sign(this LengthUnit unit) =>
        unit switch
        {
            LengthUnit.Millimetre => "mm",
            LengthUnit.Centimetre => "cm",
            LengthUnit.Metre => "m",
            LengthUnit.Inch => "in",
            LengthUnit.Foot => "ft",
            LengthUnit.Yard => "yd",
            _ => throw new ArgumentOutOfRangeException(nameof(unit)),
        };

    /// <summary>True for inch, foot and yard.</summary>
    public static bool IsImperial(this LengthUnit unit) => unit is LengthUnit.Inch or LengthUnit.Foot or LengthUnit.Yard;

    /// <summary>Reads a unit's word or sign as people write it (in, inches, ", ″, cm, yds …); null when it is none.</summary>
    public static LengthUnit? FromWord(string word) =>
        word.ToLowerInvariant() switch
        {
            "mm" or "millimetre" or "millimetres" or "millimeter" or "millimeters" => LengthUnit.Millimetre,
            "cm" or "centimetre" or "centimetres" or "centimeter" or "centimeters" => LengthUnit.Centimetre,
            "m" or "metre" or "metres" or "meter" or "meters" => LengthUnit.Metre,
            "in" or "inch" or "inches" or "ins" or "\"" or "″" or "”" or "“" or "''" or "′′" or "’’" => LengthUnit.Inch,
            "ft" or "foot" or "feet" or "'" or "′" or "’" => LengthUnit.Foot,
            "yd" or "yds" or "yard" or "yards" => LengthUnit.Yard,
            _ => null,
        };
}
