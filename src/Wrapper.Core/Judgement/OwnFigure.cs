using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Judgement;

/// <summary>A slip that would explain a figure worked out on paper.</summary>
/// <param name="Code">A stable name in kebab-case.</param>
/// <param name="Text">What was probably done.</param>
/// <param name="Value">What that gives.</param>
public sealed record Slip(string Code, string Text, Length Value)
{
    /// <summary>Yards and metres were mixed: such figures are written to the centimetre only.</summary>
    public bool MixesYards { get; init; }
}

/// <summary>What the core says of a maker's own figure.</summary>
/// <param name="Agrees">It is the number, to the workroom's step.</param>
/// <param name="Difference">The maker's figure less the number.</param>
/// <param name="Number">The number with its working.</param>
/// <param name="Slips">What would explain the difference, the likeliest first; empty when nothing known does.</param>
public sealed record FigureJudgement(bool Agrees, Length Difference, WorkingLine Number, IReadOnlyList<Slip> Slips)
{
    /// <summary>
    /// The slip that comes nearest where none explains the figure; null where one does, and where none comes nearer than the number
    /// itself.
    /// </summary>
    public NearSlip? Nearest { get; init; }

    /// <summary>With the nearest of all slips where none of them explains the figure; of equally near ones the likeliest.</summary>
    internal FigureJudgement WithNearest(IEnumerable<Slip> all, Length figure) =>
        Agrees || Slips.Count > 0
            ? this
            : this with
            {
                Nearest = Likelihood
                    .Ordered(all)
                    .Select(slip => new NearSlip(slip, figure - slip.Value))
                    .Where(near => near.Remaining.Abs() < Difference.Abs())
                    .MinBy(near => near.Remaining.Abs()),
            };
}

/// <summary>A slip that comes near a figure and does not explain all of it.</summary>
/// <param name="Slip">The slip.</param>
/// <param name="Remaining">The maker's figure less what the slip gives.</param>
public sealed record NearSlip(Slip Slip, Length Remaining);

/// <summary>
/// Holds a figure worked out on paper against the draft's own: whether it agrees, and if not, which of the usual slips gives
/// just that figure. See docs/handbook.md, "The maker's own figure".
/// </summary>
public static class OwnFigure
{
    private static readonly Rule[] Fits = [Rule.FitWidth, Rule.FitDepth, Rule.FitThickness];

    private static readonly Rule[] SeamAllowances = [Rule.Seam, Rule.LightSeam, Rule.TubSeam];

    /// <summary>Judges a figure for one of the draft's numbers, named as in its working; null when there is no such number.</summary>
    public static FigureJudgement? Judge(Draft draft, string target, Length figure)
    {
        if (draft.Numbers().FirstOrDefault(number => number.For == target) is not { } found)
        {
            return null;
        }

        var number = found.Value;
        var line = new WorkingWriter(draft.Format).Line(target, found.Name, number);
        var near = draft.Format.Step / 2;
        var agrees = (figure - number.Value).Abs() <= near;
        var known = agrees ? [] : Slips(draft, number, found.Quantity).ToList();
        var slips = known
            .Where(slip => (slip.Value - figure).Abs() <= UnitSlips.Near(slip, number.Value, near))
            .DistinctBy(slip => slip.Text);
        return new FigureJudgement(agrees, figure - number.Value, line, Likelihood.Ordered(slips)).WithNearest(known, figure);
    }

    /// <summary>Every slip that can be made on one of the draft's numbers and would show: what practice takes its tickets from.</summary>
    public static IReadOnlyList<Slip> SlipsOf(Draft draft, DraftNumber number)
    {
        return
        [
            .. Slips(draft, number.Value, 1)
                .Where(slip => (slip.Value - number.Value.Value).Abs() > draft.Format.Step && slip.Value.IsPositive)
                .DistinctBy(slip => slip.Value),
        ];
    }

    /// <summary>The seam allowances that any number of the draft goes back to.</summary>
    private static List<Quantity> SeamsOf(Draft draft) =>
        [
            .. draft
                .Numbers()
                .SelectMany(number => number.Value.Leaves())
                .Where(leaf => leaf is GivenQuantity { Of: Rule rule } && SeamAllowances.Contains(rule))
                .Distinct(),
        ];

    /// <summary>
    /// Every slip there is on a sum: one figure of it wrong, the whole of it in another unit, or counted for one instead of several.
    /// </summary>
    private static IEnumerable<Slip> Slips(Draft draft, Worked number, int quantity)
    {
        var seams = SeamsOf(draft);
        foreach (var sum in Opened(number))
        {
            foreach (var slip in OfOneTerm(sum).Concat(MistakenSlips.Of(draft, sum, seams)))
            {
                yield return slip;
            }
        }

        foreach (var slip in Circumference(number, seams).Concat(UnitSlips.Of(number.Value)))
        {
            yield return slip;
        }

        if (quantity > 1)
        {
            yield return new("pieces-forgotten", JudgementText.PiecesForgotten(quantity), quantity * number.Value);
        }
    }

    /// <summary>The sum as it is written, and with every result in it written out to its measures and allowances.</summary>
    internal static IEnumerable<Worked> Opened(Worked number)
    {
        yield return number;
        var open = number;
        for (var depth = 0; depth < 6 && open.Terms.Any(term => term.Quantity is NamedResult); depth++)
        {
            open = open.WithResultsOpened();
            yield return open;
        }
    }

    private static IEnumerable<Slip> OfOneTerm(Worked sum)
    {
        foreach (var term in sum.Terms)
        {
            var (name, each) = (term.Quantity.Name, term.Quantity.Value);
            var one = Worked.Of(term.Quantity);
            var rest = sum.Without(term);
            var times = term.Factor.Multiplier / term.Factor.Divisor;
            var isAllowance = term.Quantity is GivenQuantity { Source: not QuantitySource.Measure };
            if (name.Length == 0 || each.IsZero)
            {
                continue;
            }

            if (Math.Abs(times) == 2 && term.Factor.Symbol == FactorSymbol.None)
            {
                yield return new(
                    isAllowance ? "allowance-counted-once" : "counted-once",
                    JudgementText.CountedOnceForBothEnds(name),
                    (rest + (times > 0 ? one : -one)).Value
                );
                yield return new("counted-four-times", JudgementText.CountedFourTimes(name), (rest + ((int)(2 * times) * one)).Value);
            }

            if (Math.Abs(times) == 4 && term.Factor.Symbol == FactorSymbol.None)
            {
                yield return new(
                    isAllowance ? "allowance-counted-once" : "counted-once",
                    JudgementText.CountedAtOneEnd(name),
                    (rest + (times > 0 ? 2 * one : -2 * one)).Value
                );
            }

            if (times is 0.5m or -0.5m)
            {
                yield return new("half-counted-whole", JudgementText.HalfCountedWhole(name), (rest + (times > 0 ? one : -one)).Value);
            }

            if (times == 1 && term.Factor.Symbol == FactorSymbol.None)
            {
                yield return new("half-forgotten", JudgementText.HalfForgotten(name), (rest + (one / 2)).Value);
                yield return new("counted-twice", JudgementText.CountedTwice(name), (rest + (2 * one)).Value);
            }

            var code = isAllowance
                ? term.Quantity is GivenQuantity { Of: Rule rule } && Fits.Contains(rule)
                    ? "fit-forgotten"
                    : "allowance-forgotten"
                : "figure-forgotten";
            yield return new(code, JudgementText.LeftOut(name), rest.Value);
            yield return new("wrong-way", JudgementText.WrongWay(name, times > 0), (rest - (sum - rest)).Value);
        }
    }

    /// <summary>
    /// Measured round the raw edge of a cut disc, or with the diameter's allowances forgotten: the two that hide each other.
    /// </summary>
    private static IEnumerable<Slip> Circumference(Worked number, IReadOnlyList<Quantity> seams)
    {
        foreach (var sum in Opened(number))
        {
            foreach (var term in sum.Terms.Where(term => term.Factor.Symbol == FactorSymbol.Pi))
            {
                foreach (var allowance in seams)
                {
                    var raw = number.Value + (2 * allowance.Value).Times(Math.PI);
                    yield return new("circumference-at-raw-edge", JudgementText.CircumferenceAtRawEdge(allowance.Name), raw);
                }

                // The band's own turnings: what is added for itself beside the way round.
                var turnings = sum
                    .Terms.Where(other =>
                        other.Quantity is GivenQuantity { Source: not QuantitySource.Measure } && other.Factor.Symbol == FactorSymbol.None
                    )
                    .ToList();
                if (turnings.Count > 0)
                {
                    var without = turnings.Aggregate(sum, (left, turning) => left.Without(turning));
                    yield return new("turnings-forgotten", JudgementText.TurningsForgotten, without.Value);
                    foreach (var allowance in seams)
                    {
                        yield return new(
                            "raw-edge-without-turnings",
                            JudgementText.RawEdgeWithoutTurnings(allowance.Name),
                            without.Value + (2 * allowance.Value).Times(Math.PI)
                        );
                    }
                }
            }
        }
    }
}
