namespace Wrapper.Core.Working;

/// <summary>An irrational number by which a figure may be multiplied.</summary>
public enum FactorSymbol
{
    /// <summary>None: the factor is a plain number.</summary>
    None,

    /// <summary>π, for lengths round a circle.</summary>
    Pi,

    /// <summary>1/π, for the diameter of what is so long round.</summary>
    PerPi,

    /// <summary>√2, for strips cut at 45°.</summary>
    RootTwo,
}

/// <summary>How often a figure is taken: times a whole or decimal number, divided by another, perhaps times π or √2.</summary>
public readonly record struct Factor(decimal Multiplier, decimal Divisor = 1, FactorSymbol Symbol = FactorSymbol.None)
{
    private const decimal Pi = 3.1415926535897932384626433833m;
    private const decimal RootTwo = 1.4142135623730950488016887242m;

    /// <summary>Taken once.</summary>
    public static Factor One => new(1);

    /// <summary>The factor as a number.</summary>
    public decimal Value =>
        Multiplier
        / Divisor
        * Symbol switch
        {
            FactorSymbol.Pi => Pi,
            FactorSymbol.PerPi => 1 / Pi,
            FactorSymbol.RootTwo => RootTwo,
            _ => 1,
        };

    /// <summary>This factor times a plain number.</summary>
    public Factor Times(decimal number) => this with { Multiplier = Multiplier * number };

    /// <summary>This factor divided by a plain number.</summary>
    /// <exception cref="DivideByZeroException">The number is 0.</exception>
    public Factor DividedBy(decimal number) =>
        number == 0 ? throw new DivideByZeroException("A figure cannot be shared into 0 parts.")
        : number == Multiplier ? this with { Multiplier = 1 }
        : this with { Divisor = Divisor * number };

    /// <summary>Can be added to the other factor of the same figure.</summary>
    public bool AddsTo(Factor other) => Divisor == other.Divisor && Symbol == other.Symbol;
}

/// <summary>One figure of a sum and how often it is taken.</summary>
public readonly record struct WorkedTerm(Factor Factor, Quantity Quantity);
