using Wrapper.Core.Units;

namespace Wrapper.Core.Working;

/// <summary>One figure that stands in a sum under its own name: a measure, an allowance, or a result worked out before.</summary>
/// <remarks>Quantities are compared by identity: the same allowance used twice is written once, as <c>2 × ½</c>.</remarks>
public abstract class Quantity(string name, Length value, QuantitySource source)
{
    /// <summary>What the figure is called in the sum: “seam”, “width”, “perimeter”.</summary>
    public string Name { get; } = name;

    /// <summary>The figure, exact.</summary>
    public Length Value { get; } = value;

    /// <summary>Who gave it.</summary>
    public QuantitySource Source { get; } = source;
}

/// <summary>What a given figure is a figure of, such as a rule or a measure: who judges a sum asks for this, never for a name.</summary>
public interface IFigureSubject;

/// <summary>A figure that was given: read off the tape, or laid down as a rule.</summary>
public sealed class GivenQuantity(string name, Length value, QuantitySource source, IFigureSubject? of = null)
    : Quantity(name, value, source)
{
    /// <summary>What it is a figure of; null where it is neither a rule nor a measure of the form.</summary>
    public IFigureSubject? Of { get; } = of;
}

/// <summary>A figure read off the drawing: its name says what was measured there.</summary>
public sealed class DrawnQuantity(string name, Length value) : Quantity(name, value, QuantitySource.Drawn);

/// <summary>A figure that was worked out and got a name, so that longer sums can use it.</summary>
public sealed class NamedResult(string name, Worked definition) : Quantity(name, definition.Value, QuantitySource.Worked)
{
    /// <summary>How it was worked out.</summary>
    public Worked Definition { get; } = definition;
}

/// <summary>A sum rounded up to whole steps: casing widths, cloth to buy.</summary>
public sealed class RoundedUpQuantity(Worked sum, Length step) : Quantity("", sum.Value.RoundedUpTo(step), QuantitySource.Worked)
{
    /// <summary>The sum before rounding.</summary>
    public Worked Sum { get; } = sum;

    /// <summary>The step it is rounded up to.</summary>
    public Length Step { get; } = step;
}

/// <summary>The slant over two sides that are square to each other.</summary>
public sealed class SlantQuantity(Worked rise, Worked run) : Quantity("", SlantOf(rise.Value, run.Value), QuantitySource.Worked)
{
    /// <summary>One of the square sides.</summary>
    public Worked Rise { get; } = rise;

    /// <summary>The other square side.</summary>
    public Worked Run { get; } = run;

    private static Length SlantOf(Length rise, Length run) => Length.FromNanometresRounded(double.Hypot(rise.Nanometres, run.Nanometres));
}
