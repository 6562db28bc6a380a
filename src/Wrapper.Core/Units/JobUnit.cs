namespace Wrapper.Core.Units;

/// <summary>A unit that a job can be in.</summary>
public enum JobUnit
{
    /// <summary>Inches.</summary>
    In,

    /// <summary>Centimetres.</summary>
    Cm,

    /// <summary>Millimetres.</summary>
    Mm,
}

/// <summary>The units of jobs as units of length, and by their names in the open format.</summary>
public static class JobUnits
{
    /// <summary>The unit with this name: <c>in</c>, <c>cm</c> or <c>mm</c>; null for any other name.</summary>
    public static LengthUnit? Read(string? name) => Words.Read<JobUnit>(name)?.Length();

    /// <summary>The name of a job’s unit: <c>in</c>, <c>cm</c> or <c>mm</c>.</summary>
    public static string Name(LengthUnit unit) => Of(unit).Word();

    /// <summary>The job’s unit that a unit of length belongs to: inches for a foot, millimetres for a metre.</summary>
    public static JobUnit Of(LengthUnit unit) =>
        unit.IsImperial() ? JobUnit.In
        : unit == LengthUnit.Centimetre ? JobUnit.Cm
        : JobUnit.Mm;

    /// <summary>The unit of length a job’s unit is.</summary>
    public static LengthUnit Length(this JobUnit unit) =>
        unit switch
        {
            JobUnit.In => LengthUnit.Inch,
            JobUnit.Cm => LengthUnit.Centimetre,
            _ => LengthUnit.Millimetre,
        };
}
