using Wrapper.Core.English;

namespace Wrapper.Core.Units;

/// <summary>
/// Recursive descent over the words of a typed length. A bare number is a plain count until its place in the sum says
/// that it is a length; then it takes the unit said once at the end of its sum, or else the job's unit.
/// </summary>
internal sealed class LengthExpressionReader(List<LengthToken> tokens, LengthUnit bareUnit)
{
    private int _at;

    /// <summary>
    /// A part of the sum: nanometres to the power of <c>Dimension</c>; 0 is a plain number. <c>Unit</c> is the one unit said in it, if one.
    /// </summary>
    private readonly record struct Part(Rational Value, int Dimension, LengthUnit? Unit, int Position);

    private LengthToken Current => tokens[_at];

    public Rational ReadAll()
    {
        var sum = Sum();
        if (Current.Kind != LengthTokenKind.End)
        {
            throw new UnreadableLengthException(Current.Position, LengthText.DoesNotFitHere(Current.Text));
        }

        return sum.Dimension switch
        {
            0 => sum.Value * Worth(bareUnit),
            1 => sum.Value,
            _ => throw new UnreadableLengthException(sum.Position, LengthText.LengthTimesLength),
        };
    }

    private static Rational Worth(LengthUnit unit) => Rational.Of(unit.One().Nanometres);

    private LengthToken Take() => tokens[_at++];

    private bool TryTake(LengthTokenKind kind)
    {
        if (Current.Kind != kind)
        {
            return false;
        }

        _at++;
        return true;
    }

    private void Expect(LengthTokenKind kind, string sign)
    {
        if (!TryTake(kind))
        {
            throw new UnreadableLengthException(Current.Position, LengthText.SignMissing(sign));
        }
    }

    private Part Sum()
    {
        var start = Current.Position;
        var negative = Current.Kind == LengthTokenKind.Minus;
        if (negative || Current.Kind == LengthTokenKind.Plus)
        {
            _at++;
        }

        var terms = new List<Part> { Signed(Product(), negative) };
        while (Current.Kind is LengthTokenKind.Plus or LengthTokenKind.Minus)
        {
            var minus = Take().Kind == LengthTokenKind.Minus;
            terms.Add(Signed(Product(), minus));
        }

        return Added(terms) with
        {
            Position = start,
        };
    }

    private static Part Signed(Part part, bool negative) => negative ? part with { Value = Rational.Of(0) - part.Value } : part;

    private Part Added(List<Part> terms)
    {
        var dimension = terms.Max(term => term.Dimension);
        var unit = ServingUnit(terms, dimension);
        var total = Rational.Of(0);
        foreach (var term in terms)
        {
            if (term.Dimension == dimension)
            {
                total += term.Value;
            }
            else if (dimension == 1)
            {
                var worth = unit ?? throw new UnreadableLengthException(term.Position, LengthText.UnitMissing(bareUnit.Sign()));
                total += term.Value * Worth(worth);
            }
            else
            {
                throw new UnreadableLengthException(term.Position, LengthText.LengthsAndAreasCannotBeAdded);
            }
        }

        return new(total, dimension, dimension == 1 ? unit : null, terms[0].Position);
    }

    /// <summary>The unit the bare numbers of a sum take: the one said once at its end, or the job's where the sum speaks it too.</summary>
    private LengthUnit? ServingUnit(List<Part> terms, int dimension)
    {
        if (dimension != 1)
        {
            return null;
        }

        var said = terms.Where(term => term.Dimension == 1).ToList();
        if (said.Count == 1 && terms[^1].Dimension == 1 && said[0].Unit is { } last)
        {
            return last;
        }

        return said.Any(term => term.Unit == bareUnit) ? bareUnit
            : terms.Count == said.Count && said.TrueForAll(term => term.Unit == said[0].Unit) ? said[0].Unit
            : null;
    }

    private Part Product()
    {
        var product = Factor();
        while (
            Current.Kind is LengthTokenKind.Times or LengthTokenKind.Divide
            || (Current.Kind == LengthTokenKind.Number && Current.Text == "π")
        )
        {
            var divide = Current.Kind == LengthTokenKind.Divide;
            if (Current.Kind != LengthTokenKind.Number)
            {
                _at++;
            }

            var factor = Factor();
            product = divide ? Divided(product, factor) : Multiplied(product, factor);
        }

        return product;
    }

    private static Part Multiplied(Part a, Part b) =>
        a.Dimension + b.Dimension <= 2
            ? new(a.Value * b.Value, a.Dimension + b.Dimension, a.Unit ?? b.Unit, a.Position)
            : throw new UnreadableLengthException(b.Position, LengthText.TooManyLengths);

    private static Part Divided(Part a, Part b)
    {
        if (b.Value.Sign == 0)
        {
            throw new UnreadableLengthException(b.Position, LengthText.NothingCanBeDividedBy0);
        }

        return b.Dimension <= a.Dimension
            ? new(a.Value / b.Value, a.Dimension - b.Dimension, b.Dimension == 0 ? a.Unit : null, a.Position)
            : throw new UnreadableLengthException(b.Position, LengthText.NumberOverLength);
    }

    private Part Factor()
    {
        var token = Current;
        switch (token.Kind)
        {
            case LengthTokenKind.Open:
                _at++;
                var inner = Sum();
                Expect(LengthTokenKind.Close, ")");
                return WithUnit(inner);
            case LengthTokenKind.Root:
                _at++;
                return Root(token, Factor());
            case LengthTokenKind.CeilingOpen:
                _at++;
                return RoundedUp(token);
            case LengthTokenKind.Number:
                return Quantity();
            case LengthTokenKind.End:
                throw new UnreadableLengthException(token.Position, LengthText.StopsTooSoon);
            default:
                throw new UnreadableLengthException(token.Position, LengthText.NumberMissingBefore(token.Text));
        }
    }

    private Part WithUnit(Part part)
    {
        if (Current.Kind != LengthTokenKind.Unit || part.Dimension != 0)
        {
            return part;
        }

        var unit = Take().Unit;
        return part with { Value = part.Value * Worth(unit), Dimension = 1, Unit = unit };
    }

    private static Part Root(LengthToken root, Part under)
    {
        if (under.Value.Sign < 0 || under.Dimension == 1)
        {
            throw new UnreadableLengthException(root.Position, LengthText.RootNeedsArea);
        }

        return under with
        {
            Value = under.Value.SquareRoot(),
            Dimension = under.Dimension / 2,
            Position = root.Position,
        };
    }

    /// <summary>Reads <c>⌈ sum ⌉ to step</c>: the sum rounded up to whole steps.</summary>
    private Part RoundedUp(LengthToken open)
    {
        var sum = Sum();
        Expect(LengthTokenKind.CeilingClose, "⌉");
        Expect(LengthTokenKind.To, "to");
        var step = Factor();
        if (step.Dimension != sum.Dimension || step.Value.Sign <= 0)
        {
            throw new UnreadableLengthException(step.Position, LengthText.StepOutOfRange);
        }

        return sum with
        {
            Value = Rational.Of((sum.Value / step.Value).Ceiling()) * step.Value,
            Position = open.Position,
        };
    }

    /// <summary>A number with its unit, and what a smaller unit adds to it: <c>1' 9 1/4"</c>, <c>1 yd 4 in</c>.</summary>
    private Part Quantity()
    {
        var number = Take();
        if (Current.Kind != LengthTokenKind.Unit)
        {
            return new(number.Value, 0, null, number.Position);
        }

        var unit = Take().Unit;
        var total = number.Value * Worth(unit);
        var smallest = unit;
        while (Current.Kind == LengthTokenKind.Number && Current.Text != "π")
        {
            var next = Take();
            LengthUnit nextUnit;
            if (Current.Kind == LengthTokenKind.Unit)
            {
                nextUnit = Take().Unit;
            }
            else if (smallest == LengthUnit.Foot)
            {
                nextUnit = LengthUnit.Inch;
            }
            else
            {
                throw new UnreadableLengthException(next.Position, LengthText.FollowsAUnit(next.Text));
            }

            if (nextUnit.One() >= smallest.One() || nextUnit.IsImperial() != smallest.IsImperial())
            {
                throw new UnreadableLengthException(next.Position, LengthText.SignAfterSign(nextUnit.Sign(), smallest.Sign()));
            }

            total += next.Value * Worth(nextUnit);
            smallest = nextUnit;
        }

        return new(total, 1, smallest == unit ? unit : null, number.Position);
    }
}
