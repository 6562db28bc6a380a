namespace Wrapper.Formats.Outlines;

/// <summary>A spline by its degree, knots, control points and weights: the curve that drawing programs keep.</summary>
/// <param name="degree">Its degree.</param>
/// <param name="knots">Its knots, never falling.</param>
/// <param name="points">Its control points.</param>
/// <param name="weights">A weight for each; empty for all alike.</param>
internal sealed class RationalSpline(int degree, double[] knots, (double X, double Y)[] points, double[] weights)
{
    private const int MostDegree = 11;

    /// <summary>What is given is a spline.</summary>
    public bool IsWhole =>
        degree is >= 1 and <= MostDegree
        && points.Length > degree
        && knots.Length == points.Length + degree + 1
        && (weights.Length == 0 || weights.Length == points.Length)
        && knots.Zip(knots.Skip(1)).All(pair => pair.First <= pair.Second)
        && knots[degree] < knots[points.Length]
        && weights.All(weight => weight > 0);

    /// <summary>Its stretches, one between each two knots that differ.</summary>
    public IEnumerable<DrawnPart> Parts()
    {
        for (var span = degree; span < points.Length; span++)
        {
            if (knots[span] < knots[span + 1])
            {
                var here = span;
                yield return new(false, t => At(here, knots[here] + (t * (knots[here + 1] - knots[here]))));
            }
        }
    }

    /// <summary>The point at a parameter of a span: control points drawn together step by step.</summary>
    private (double X, double Y) At(int span, double u)
    {
        var drawn = new (double X, double Y, double W)[degree + 1];
        for (var i = 0; i <= degree; i++)
        {
            var at = span - degree + i;
            var weight = weights.Length == 0 ? 1 : weights[at];
            drawn[i] = (points[at].X * weight, points[at].Y * weight, weight);
        }

        for (var step = 1; step <= degree; step++)
        {
            for (var i = degree; i >= step; i--)
            {
                var (low, high) = (knots[span - degree + i], knots[span + 1 + i - step]);
                var share = high > low ? (u - low) / (high - low) : 0;
                drawn[i] = (
                    Mixed(drawn[i - 1].X, drawn[i].X, share),
                    Mixed(drawn[i - 1].Y, drawn[i].Y, share),
                    Mixed(drawn[i - 1].W, drawn[i].W, share)
                );
            }
        }

        return (drawn[degree].X / drawn[degree].W, drawn[degree].Y / drawn[degree].W);
    }

    private static double Mixed(double from, double to, double share) => from + (share * (to - from));
}
