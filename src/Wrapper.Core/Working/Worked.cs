using System.Collections.Immutable;
using System.Runtime.InteropServices;
using Wrapper.Core.Units;

namespace Wrapper.Core.Working;

/// <summary>
/// A length that remembers how it came about: a sum of named figures, each taken so many times. Drafting is written in
/// these, so the working on screen, in print and in tests is the drafting's own arithmetic and not a second text.
/// See docs/handbook.md, "Working".
/// </summary>
public sealed class Worked
{
    private const long NotSummed = long.MinValue;

    private long _nanometres = NotSummed;

    private Worked(ImmutableArray<WorkedTerm> terms) => Terms = terms;

    /// <summary>Nothing: an empty sum.</summary>
    public static Worked Zero { get; } = new([]);

    /// <summary>The figures of the sum, in the order they are written.</summary>
    public ImmutableArray<WorkedTerm> Terms { get; }

    /// <summary>The length, summed without rounding between steps and rounded once to the nanometre.</summary>
    /// <exception cref="OverflowException">The sum is beyond the range of a length.</exception>
    public Length Value
    {
        get
        {
            // Summed when it is first asked for: most sums are only parts of longer ones.
            if (_nanometres == NotSummed)
            {
                _nanometres = Summed(Terms).Nanometres;
            }

            return Length.FromNanometres(_nanometres);
        }
    }

    /// <summary>A figure that was given.</summary>
    /// <param name="name">What it is called in a sum.</param>
    /// <param name="value">The figure.</param>
    /// <param name="source">Who gave it.</param>
    /// <param name="of">The rule or measure it is a figure of; null where it is neither.</param>
    public static Worked Given(string name, Length value, QuantitySource source, IFigureSubject? of = null) =>
        Of(new GivenQuantity(name, value, source, of));

    /// <summary>
    /// A figure no sum gives, read off the drawing. Drafting says so itself where it takes one; a sum never becomes one.
    /// </summary>
    public static Worked ReadOff(string what, Length value) => Of(new DrawnQuantity(what, value));

    /// <summary>A sum of this one figure.</summary>
    public static Worked Of(Quantity quantity) => new([new(Factor.One, quantity)]);

    /// <summary>The slant over two sides square to each other.</summary>
    public static Worked Slant(Worked rise, Worked run) => Of(new SlantQuantity(rise, run));

    /// <summary>The sum of several.</summary>
    public static Worked Sum(IEnumerable<Worked> parts)
    {
        var terms = new List<WorkedTerm>();
        foreach (var part in parts)
        {
            AddAll(terms, part);
        }

        return new([.. terms]);
    }

    /// <summary>This sum under a name: longer sums show its result and not its parts.</summary>
    public Worked Named(string name) =>
        Terms is [{ Quantity: NamedResult or GivenQuantity, Factor.Value: 1 } only] && only.Quantity.Name == name
            ? this
            : Of(new NamedResult(name, this));

    /// <summary>This sum rounded up to whole steps.</summary>
    public Worked RoundedUpTo(Length step) => Of(new RoundedUpQuantity(this, step));

    /// <summary>This sum times π.</summary>
    public Worked TimesPi() => WithSymbol(FactorSymbol.Pi);

    /// <summary>This sum divided by π: the diameter of what is so long round.</summary>
    public Worked DividedByPi() => WithSymbol(FactorSymbol.PerPi);

    /// <summary>This sum times √2.</summary>
    public Worked TimesRootTwo() => WithSymbol(FactorSymbol.RootTwo);

    /// <summary>This sum shared into equal parts, or divided by a plain number.</summary>
    /// <exception cref="DivideByZeroException">The number is 0.</exception>
    public Worked DividedBy(decimal number) => Map(term => term with { Factor = term.Factor.DividedBy(number) });

    /// <summary>This sum times a plain number: the share of an opening that its elastic is.</summary>
    public Worked TimesNumber(decimal number) => number == 0 ? Zero : Map(term => term with { Factor = term.Factor.Times(number) });

    /// <summary>The sum without one of its figures.</summary>
    public Worked Without(WorkedTerm term) => new(Terms.Remove(term));

    /// <summary>The sum with every result in it that has a name written out as what it was worked out from.</summary>
    public Worked WithResultsOpened()
    {
        var sum = Zero;
        foreach (var term in Terms)
        {
            var canOpen =
                term.Quantity is NamedResult named
                && (
                    term.Factor.Symbol == FactorSymbol.None || named.Definition.Terms.All(inner => inner.Factor.Symbol == FactorSymbol.None)
                );
            sum += canOpen ? ((NamedResult)term.Quantity).Definition.By(term.Factor) : new Worked([term]);
        }

        return sum;
    }

    /// <summary>The measures and rules the number goes back to.</summary>
    public IEnumerable<Quantity> Leaves() =>
        Terms.SelectMany(term =>
            term.Quantity switch
            {
                NamedResult result => result.Definition.Leaves(),
                RoundedUpQuantity rounded => rounded.Sum.Leaves(),
                SlantQuantity slant => slant.Rise.Leaves().Concat(slant.Run.Leaves()),
                _ => [term.Quantity],
            }
        );

    private Worked By(Factor factor) =>
        Map(term =>
            term with
            {
                Factor = new(
                    term.Factor.Multiplier * factor.Multiplier,
                    term.Factor.Divisor * factor.Divisor,
                    factor.Symbol == FactorSymbol.None ? term.Factor.Symbol : factor.Symbol
                ),
            }
        );

    /// <summary>Sum; a figure that stands in both is written once.</summary>
    public static Worked operator +(Worked a, Worked b)
    {
        if (b.Terms.IsEmpty)
        {
            return a;
        }

        var terms = new List<WorkedTerm>(a.Terms.Length + b.Terms.Length);
        terms.AddRange(a.Terms);
        AddAll(terms, b);
        return new([.. terms]);
    }

    /// <summary>Difference.</summary>
    public static Worked operator -(Worked a, Worked b) => a + (-b);

    /// <summary>The same figures taken away instead of added.</summary>
    public static Worked operator -(Worked a) => a.Map(term => term with { Factor = term.Factor.Times(-1) });

    /// <summary>So many times.</summary>
    public static Worked operator *(int count, Worked a) =>
        count == 0 ? Zero : a.Map(term => term with { Factor = term.Factor.Times(count) });

    /// <summary>Shared into equal parts.</summary>
    public static Worked operator /(Worked a, int parts) => a.DividedBy(parts);

    /// <inheritdoc />
    public override string ToString() => Value.ToString();

    private static void AddAll(List<WorkedTerm> terms, Worked sum)
    {
        foreach (var term in sum.Terms)
        {
            Add(terms, term);
        }
    }

    private static void Add(List<WorkedTerm> terms, WorkedTerm added)
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
            total +=
                term.Quantity.Value.Nanometres
                * term.Factor.Multiplier
                / term.Factor.Divisor
                * (term.Factor with { Multiplier = 1, Divisor = 1 }).Value;
        }

        return Length.FromNanometres(decimal.ToInt64(decimal.Round(total, MidpointRounding.AwayFromZero)));
    }

    private Worked Map(Func<WorkedTerm, WorkedTerm> change)
    {
        var terms = new WorkedTerm[Terms.Length];
        for (var i = 0; i < terms.Length; i++)
        {
            terms[i] = change(Terms[i]);
        }

        return new(ImmutableCollectionsMarshal.AsImmutableArray(terms));
    }

    private Worked WithSymbol(FactorSymbol symbol) =>
        Map(term =>
            term.Factor.Symbol == FactorSymbol.None
                ? term with
                {
                    Factor = term.Factor with { Symbol = symbol },
                }
                : throw new InvalidOperationException("A figure takes one irrational factor only.")
        );
}
