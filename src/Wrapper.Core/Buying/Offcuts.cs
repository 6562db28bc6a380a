using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Lays.Shapes;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>A rectangle of the cloth bought that nothing is cut from and that is worth keeping.</summary>
/// <param name="X">From the left selvage's inner edge.</param>
/// <param name="Y">From the cut end of the roll.</param>
/// <param name="Width">Along the weft.</param>
/// <param name="Length">Along the warp.</param>
public sealed record Offcut(Length X, Length Y, Length Width, Length Length);

/// <summary>
/// What is left of the cloth after a lay, as rectangles: the largest first, none over another. See docs/handbook.md, "Remnants".
/// </summary>
public static class Offcuts
{
    /// <summary>The most that are named; what is smaller goes into the scrap bag.</summary>
    private const int Most = 12;

    /// <summary>An outline that is no rectangle blocks so many upright strips at the most.</summary>
    private const int StripsOfAShape = 12;

    /// <summary>The rectangles of at least this size both ways.</summary>
    /// <param name="lay">The lay.</param>
    /// <param name="request">What was laid on what.</param>
    /// <param name="bought">How much of the roll there is.</param>
    /// <param name="least">What is worth keeping.</param>
    public static IReadOnlyList<Offcut> Of(Lay lay, LayRequest request, Length bought, Length least)
    {
        var (cloth, end) = (LayCloth.Of(request), Math.Max(bought.Nanometres, lay.Length.Nanometres));
        List<LayBlock> taken = [.. cloth.Flaws];
        var pieces = request.Pieces.ToDictionary(piece => piece.Id);
        taken.AddRange(
            lay.Placements.Where(placement => placement.Remnant is null)
                .SelectMany(placement =>
                    Strips(LayShape.Of(pieces[placement.Piece].Corners, placement.Turn), placement.X.Nanometres, placement.Y.Nanometres)
                )
        );
        return Rectangles(taken, cloth.Usable, end, least);
    }

    /// <summary>The same of a cloth that was cut.</summary>
    /// <param name="cut">The cut lines of all that was cut, where they lay.</param>
    /// <param name="flaws">Stretches that are bad.</param>
    /// <param name="usable">How wide it is.</param>
    /// <param name="end">How much of it there is.</param>
    /// <param name="least">What is worth keeping.</param>
    public static IReadOnlyList<Offcut> After(
        IEnumerable<IReadOnlyList<Point>> cut,
        IEnumerable<Flaw> flaws,
        Length usable,
        Length end,
        Length least
    )
    {
        List<LayBlock> taken =
        [
            .. flaws.Select(flaw => new LayBlock(
                flaw.Left?.Nanometres ?? 0,
                flaw.Right?.Nanometres ?? usable.Nanometres,
                flaw.From.Nanometres,
                flaw.To.Nanometres
            )),
        ];
        taken.AddRange(
            cut.Where(outline => outline.Count > 2)
                .SelectMany(outline =>
                    Strips(LayShape.Of(outline, 0), outline.Min(point => point.X.Nanometres), outline.Min(point => point.Y.Nanometres))
                )
        );
        return Rectangles(taken, usable.Nanometres, end.Nanometres, least);
    }

    private static List<Offcut> Rectangles(List<LayBlock> taken, long usable, long end, Length least)
    {
        var kept = new List<Offcut>();
        while (kept.Count < Most && Largest(taken, usable, end, least.Nanometres) is { } block)
        {
            kept.Add(
                new(
                    Length.FromNanometres(block.Left),
                    Length.FromNanometres(block.From),
                    Length.FromNanometres(block.Right - block.Left),
                    Length.FromNanometres(block.To - block.From)
                )
            );
            taken.Add(block);
        }

        return kept;
    }

    private static IEnumerable<LayBlock> Strips(LayShape shape, long x, long y) =>
        shape.Slabs is not { } slabs
            ? [new(x, x + shape.Width, y, y + shape.Height)]
            : slabs
                .Chunk((slabs.Length + StripsOfAShape - 1) / StripsOfAShape)
                .Select(strip => new LayBlock(
                    x + strip[0].Left,
                    x + strip[^1].Right,
                    y + strip.Min(slab => Math.Min(slab.LowLeft, slab.LowRight)),
                    y + strip.Max(slab => Math.Max(slab.HighLeft, slab.HighRight))
                ));

    /// <summary>
    /// The largest free rectangle. One that cannot grow stands on the cut end or on something taken: from each such level
    /// upwards, the stretches still free across are narrowed by what begins on the way.
    /// </summary>
    private static LayBlock? Largest(List<LayBlock> taken, long usable, long end, long least)
    {
        LayBlock? best = null;
        var bestArea = 0.0;
        List<LayBlock> rising = [.. taken.OrderBy(block => block.From)];
        foreach (var from in taken.Select(block => block.To).Append(0).Distinct().Where(from => from + least <= end))
        {
            List<(long Left, long Right)> free = [(0, usable)];
            foreach (var block in rising.Where(block => block.To > from))
            {
                if (block.From - from >= least)
                {
                    Weigh(free, from, Math.Min(block.From, end));
                }

                free = [.. free.SelectMany(stretch => Without(stretch, block)).Where(stretch => stretch.Right - stretch.Left >= least)];
                if (free.Count == 0)
                {
                    break;
                }
            }

            Weigh(free, from, end);
        }

        return best;

        void Weigh(List<(long Left, long Right)> free, long from, long to)
        {
            foreach (var (left, right) in free)
            {
                var area = (double)(right - left) * (to - from);
                if (area > bestArea)
                {
                    (best, bestArea) = (new(left, right, from, to), area);
                }
            }
        }
    }

    private static IEnumerable<(long Left, long Right)> Without((long Left, long Right) stretch, LayBlock block)
    {
        if (block.Right <= stretch.Left || block.Left >= stretch.Right)
        {
            yield return stretch;
            yield break;
        }

        if (block.Left > stretch.Left)
        {
            yield return (stretch.Left, block.Left);
        }

        if (block.Right < stretch.Right)
        {
            yield return (block.Right, stretch.Right);
        }
    }
}
