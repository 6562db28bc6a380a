using System.Globalization;
using Wrapper.Core.Units;

namespace Wrapper.Core.Working;

/// <summary>Writes worked numbers as sums in the unit of the job. The only place where working becomes words.</summary>
public sealed class WorkingWriter(LengthFormat format)
{
    /// <summary>The whole line for one number.</summary>
    public WorkingLine Line(string target, string name, Worked number)
    {
        var tokens = Tokens(number);
        return new(target, name, number.Value, Shown(number.Value), string.Join(' ', tokens.Select(token => token.Text)), tokens);
    }

    /// <summary>The sum as text, readable by <see cref="LengthReader"/> in the same unit.</summary>
    public string Expression(Worked number) => string.Join(' ', Tokens(number).Select(token => token.Text));

    /// <summary>
    /// A line for the number itself and one for each named result that stands in it, results first, none twice.
    /// </summary>
    public static IEnumerable<NamedResult> ResultsIn(Worked number)
    {
        foreach (var quantity in number.Terms.Select(term => term.Quantity))
        {
            IEnumerable<Worked> inner = quantity switch
            {
                NamedResult result => [result.Definition],
                RoundedUpQuantity rounded => [rounded.Sum],
                SlantQuantity slant => [slant.Rise, slant.Run],
                _ => [],
            };
            foreach (var result in inner.SelectMany(ResultsIn))
            {
                yield return result;
            }

            if (quantity is NamedResult named)
            {
                yield return named;
            }
        }
    }

    private static WorkingToken Sign(string text) => new(text, text);

    private static string Number(decimal number) => number.ToString("0.############################", CultureInfo.InvariantCulture);

    private string Shown(Length length) => format.IsWhole(length) ? format.Rounded(length) : $"≈{format.Rounded(length)}";

    private List<WorkingToken> Tokens(Worked number)
    {
        var tokens = new List<WorkingToken>();
        foreach (var term in number.Terms)
        {
            var negative = term.Factor.Multiplier < 0 != term.Quantity.Value.IsNegative; // 4 + (−⅜) is written 4 − ⅜
            if (tokens.Count > 0 || negative)
            {
                tokens.Add(Sign(negative ? "−" : "+"));
            }

            AddTerm(tokens, term.Factor with { Multiplier = Math.Abs(term.Factor.Multiplier) }, term.Quantity);
        }

        if (tokens.Count == 0)
        {
            tokens.Add(Sign("0"));
        }

        return tokens;
    }

    private void AddTerm(List<WorkingToken> tokens, Factor factor, Quantity quantity)
    {
        if (factor.Multiplier != 1)
        {
            tokens.Add(Sign(Number(factor.Multiplier)));
            tokens.Add(Sign("×"));
        }

        if (factor.Symbol is FactorSymbol.Pi or FactorSymbol.RootTwo)
        {
            tokens.Add(Sign(factor.Symbol == FactorSymbol.Pi ? "π" : "√(2)"));
            tokens.Add(Sign("×"));
        }

        AddQuantity(tokens, quantity);
        if (factor.Symbol == FactorSymbol.PerPi)
        {
            tokens.Add(Sign("÷"));
            tokens.Add(Sign("π"));
        }

        if (factor.Divisor != 1)
        {
            tokens.Add(Sign("÷"));
            tokens.Add(Sign(Number(factor.Divisor)));
        }
    }

    private void AddQuantity(List<WorkingToken> tokens, Quantity quantity)
    {
        switch (quantity)
        {
            case RoundedUpQuantity rounded:
                tokens.Add(Sign("⌈"));
                tokens.AddRange(Tokens(rounded.Sum));
                tokens.Add(Sign("⌉"));
                tokens.Add(Sign("to"));
                tokens.Add(Sign(format.Exact(rounded.Step)));
                break;
            case SlantQuantity slant:
                tokens.Add(Sign("√"));
                tokens.Add(Sign("("));
                AddSquare(tokens, slant.Rise);
                tokens.Add(Sign("+"));
                AddSquare(tokens, slant.Run);
                tokens.Add(Sign(")"));
                break;
            default:
                tokens.Add(FigureToken(quantity));
                break;
        }
    }

    private WorkingToken FigureToken(Quantity quantity)
    {
        var magnitude = quantity.Value.Abs();
        return new(format.Exact(magnitude), Shown(magnitude), quantity.Name, quantity.Source);
    }

    private void AddSquare(List<WorkingToken> tokens, Worked side)
    {
        for (var i = 0; i < 2; i++)
        {
            if (i == 1)
            {
                tokens.Add(Sign("×"));
            }

            tokens.Add(Sign("("));
            tokens.AddRange(Tokens(side));
            tokens.Add(Sign(")"));
        }
    }
}
