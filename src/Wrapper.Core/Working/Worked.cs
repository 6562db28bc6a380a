using System.Collections.Immutable;
using Wrapper.Core.Units;

namespace Wrapper.Core.Working;

/// <summary>
/// A length that remembers how it came about: a sum of named figures, each taken so many times. Drafting is written in
/// these, so the working on screen, in print and in tests is the drafting's own arithmetic and not a second text.
/// See docs/handbook.md, "Working".
/// </summary>
public sealed class Worked
{
    private Worked(ImmutableArray<WorkedTerm> terms)
    {
        Terms = terms;
        Value = Summed(terms);
    }

    /// <summary>Nothing: an empty sum.</summary>
    public static Worked Zero { get; } = new([]);

    /// <summary>The figures of the sum, in the order they are written.</summary>
    public ImmutableArray<WorkedTerm> Terms { get; }

    /// <summary>The length, summed without rounding between steps and rounded once to the nanometre.</summary>
    public Length Value { get; }

    /// <summary>A figure that was given.</summary>
    public static Worked Given(string name, Length value, QuantitySource source) =>
        Of(new GivenQuantity(name, value, source));

    /// <summary>A sum of this one figure.</summary>
    public static Worked Of(Quantity quantity) => new([new(Factor.One, quantity)]);

    /// <summary>The slant over two sides square to each other.</summary>
    public static Worked Slant(Worked rise, Worked run) => Of(new SlantQuantity(rise, run));

    /// <summary>The sum of several.</summary>
    public static Worked Sum(IEnumerable<Worked> parts) => parts.Aggregate(Zero, (sum, part) => sum + part);

    /// <summary>This sum under a name: longer sums show its result and not its parts.</summary>
    public Worked Named(string name) =>
        Terms is [{ Quantity: NamedResult or GivenQuantity, Factor.Value: 1 } only] && only.Quantity.Name == name
            ? this
            : Of(new NamedResult(name, this));

    /// <summary>This sum rounded up to whole steps.</summary>
    public Worked RoundedUpTo(Length step) => Of(new RoundedUpQuantity(this, step));

    /// <summary>This sum times π.</summary>
    public Worked TimesPi() => WithSymbol(FactorSymbol.Pi);

    /// <summary>This sum times √2.</summary>
    public Worked TimesRootTwo() => WithSymbol(FactorSymbol.RootTwo);

    /// <summary>This sum shared into equal parts, or divided by a plain number.</summary>
    /// <exception cref="DivideByZeroException">The number is 0.</exception>
    public Worked DividedBy(decimal number) => Map(term => term with { Factor = term.Factor.DividedBy(number) });

    /// <summary>Sum; a figure that stands in both is written once.</summary>
    public static Worked operator +(Worked a, Worked b)
    {
        var terms = a.Terms.ToBuilder();
        foreach (var term in b.Terms)
        {
            Add(terms, term);
        }

        return new(terms.ToImmutable());
    }

    /// <summary>Difference.</summary>
    public static Worked operator -(Worked a, Worked b) => a + (-b);

    /// <summary>The same figures taken away instead of added.</summary>
    public static Worked operator -(Worked a) => a.Map(term => term with { Factor = term.Factor.Times(-1) });

    /// <summary>So many times.</summary>
    public static Worked operator *(int count, Worked a) => count == 0 ? Zero : a.Map(term => term with { Factor = term.Factor.Times(count) });

    /// <summary>Shared into equal parts.</summary>
    public static Worked operator /(Worked a, int parts) => a.DividedBy(parts);

    /// <inheritdoc />
    public override string ToString() => Value.ToString();

    private static void Add(ImmutableArray<WorkedTerm>.Builder terms, WorkedTerm added)
    {
        if (added.Quantity.Value.IsZero)
        {
            return; // a fit of nothing, an allowance of nothing: not worth a word in the sum
        }

        for (var i = 0; i < terms.Count; i++)
        {
            if (ReferenceEquals(terms[i].Quantity, added.Quantity) && terms[i].Factor.AddsTo(added.Factor))
            {
                var multiplier = terms[i].Factor.Multiplier + added.Factor.Multiplier;
                if (multiplier == 0)
                {
                    terms.RemoveAt(i);
                }
                else
                {
                    terms[i] = terms[i] with { Factor = terms[i].Factor with { Multiplier = multiplier } };
                }

                return;
            }
        }

        terms.Add(added);
    }

    private static Length Summed(ImmutableArray<WorkedTerm> terms)
    {
        var total = 0m;
        foreach (var term in terms)
        {
            total += term.Quantity.Value.Nanometres * term.Factor.Multiplier / term.Factor.Divisor
                * (term.Factor with { Multiplier = 1, Divisor = 1 }).Value;
        }

        return Length.FromNanometres(decimal.ToInt64(decimal.Round(total, MidpointRounding.AwayFromZero)));
    }

    private Worked Map(Func<WorkedTerm, WorkedTerm> change) => new([.. Terms.Select(change)]);

    private Worked WithSymbol(FactorSymbol symbol) => Map(term => term.Factor.Symbol == FactorSymbol.None
        ? term with { Factor = term.Factor with { Symbol = symbol } }
        : throw new InvalidOperationException("A figure takes one irrational factor only."));
}
