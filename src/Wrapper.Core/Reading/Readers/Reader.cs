using Wrapper.Core.Checks;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>What all parts of the reading have: the unit of a bare number, and the checks that gather.</summary>
/// <param name="unit">The unit of a bare number.</param>
/// <param name="checks">Where what is wrong is told.</param>
internal abstract class Reader(LengthUnit unit, List<Check> checks)
{
    protected LengthUnit Unit { get; } = unit;

    protected List<Check> Checks { get; } = checks;

    protected void Fail(string code, string text, string? measure, int? position = null) =>
        Checks.Add(Check.Error(code, text, measure) with { Position = position });

    /// <summary>A length; null, and told, when it cannot be read.</summary>
    protected Length? ReadLength(Entry entry, string name, string label)
    {
        var reading = EntryReader.Read(entry, Unit);
        if (reading.Length is null)
        {
            Fail("unreadable", $"{label}: {reading.Problem}", name, reading.Position);
        }

        return reading.Length;
    }
}
