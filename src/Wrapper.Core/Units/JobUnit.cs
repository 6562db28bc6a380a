namespace Wrapper.Core.Units;

/// <summary>The units a job can be in, by their names in the open format.</summary>
public static class JobUnit
{
    /// <summary>The unit of a name: <c>in</c>, <c>cm</c> or <c>mm</c>; null when there is none of this name.</summary>
    public static LengthUnit? Read(string? unit) =>
        unit switch
        {
            "in" => LengthUnit.Inch,
            "cm" => LengthUnit.Centimetre,
            "mm" => LengthUnit.Millimetre,
            _ => null,
        };

    /// <summary>The name of a job’s unit: <c>in</c>, <c>cm</c> or <c>mm</c>.</summary>
    public static string Name(LengthUnit unit) =>
        unit.IsImperial() ? "in"
        : unit == LengthUnit.Centimetre ? "cm"
        : "mm";
}
