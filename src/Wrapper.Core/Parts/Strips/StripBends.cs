using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Strips;

/// <summary>Where a strip bends that goes round a plan: creased at corners, rolled along curves.</summary>
internal static class StripBends
{
    /// <summary>The bends of a strip along these stretches, the first of which begins so far from the strip's left end.</summary>
    public static (IReadOnlyList<Fold> Folds, IReadOnlyList<Roll> Rolls) Of(
        PlanPerimeter perimeter,
        IReadOnlyList<PlanSpan> spans,
        Length start,
        Length height
    )
    {
        var folds = new List<Fold>();
        var rolls = new List<Roll>();
        var x = start;
        for (var i = 0; i < spans.Count; i++)
        {
            if (x > Length.Zero && perimeter.TurnsAtStartOf(spans[i]))
            {
                folds.Add(new(EdgeName.Called($"fold-{spans[i].Name}", spans[i].Name.At), [new(x, Length.Zero), new(x, height)]));
            }

            foreach (var (from, to) in perimeter.CurvedIn(spans[i]))
            {
                rolls.Add(new(AlongX: true, x + from, x + to));
            }

            x += spans[i].Length;
        }

        return (folds, rolls);
    }
}
