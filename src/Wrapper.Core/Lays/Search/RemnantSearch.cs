using Wrapper.Core.Geometry;
using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Lays.Shapes;
using Wrapper.Core.Units;

namespace Wrapper.Core.Lays.Search;

/// <summary>
/// Lays what goes on bounded pieces of cloth before anything is laid on the roll: the largest remnant first, each with as much
/// of the job as it takes. What meets the pattern, lies on the fold or is pinned stays on the roll. See docs/lay.md.
/// </summary>
internal sealed class RemnantSearch(LayRequest request)
{
    /// <summary>Orders tried on each remnant.</summary>
    private const int MostOrders = 300;
    private const int Seed = 19_760_423;

    private readonly LayCloth _cloth = LayCloth.Of(request);

    public Lay Run(int steps, Func<bool> shouldStop, Action<Lay>? onShorter)
    {
        List<LayItem> all = [.. request.Pieces.SelectMany(piece => LayItem.CopiesOf(piece, _cloth))];
        var pinned = request.Pinned.Select(pin => (pin.Piece, pin.Copy)).ToHashSet();
        List<LayItem> free = [.. all.Where(item => !item.IsMatched && !item.Piece.OnFold && !pinned.Contains((item.Piece.Id, item.Copy)))];
        List<LayItem> kept = [.. all.Except(free)];
        var placements = new List<Placement>();
        foreach (var remnant in request.Remnants.OrderByDescending(remnant => remnant.Width.Millimetres * remnant.Length.Millimetres))
        {
            var laid = Fill(free, remnant, steps, shouldStop);
            free = [.. free.Except(laid.Select(place => place.Item))];
            placements.AddRange(
                laid.Select(place => new Placement(
                    place.Item.Piece.Id,
                    place.Item.Copy,
                    place.Shape.Turn,
                    Length.FromNanometres(place.X),
                    Length.FromNanometres(place.Y),
                    remnant.Id
                ))
            );
        }

        var bound = BoundOf(all, kept);
        var thumb = RuleOfThumb.Figure(all, _cloth, PatternAcross.Of(all, LayPins.PlacesOf(request, all), _cloth).Across!);
        var area = all.Sum(item => item.Shapes[0].Area);
        var roll = new LaySearch(request, placements.Select(placement => (placement.Piece, placement.Copy)).ToHashSet());
        return Whole(roll.Run(steps, shouldStop, onShorter is null ? null : lay => onShorter(Whole(lay))));

        Lay Whole(Lay onRoll) =>
            new(
                onRoll.Length,
                Length.FromNanometres(Math.Min(bound, onRoll.Length.Nanometres)),
                Length.FromNanometres(thumb),
                area,
                [.. placements, .. onRoll.Placements]
            );
    }

    /// <summary>As much of the pieces, by area, as goes on a remnant: small changes to an order, kept while nothing is lost.</summary>
    private List<LaidShape> Fill(List<LayItem> items, Remnant remnant, int steps, Func<bool> shouldStop)
    {
        var cloth = _cloth with { Usable = remnant.Width.Nanometres, Flaws = [] };
        var laying = new Laying(
            new(cloth, new Dictionary<string, long>(), [.. remnant.Gone.Select((outline, number) => Cut(outline, number, cloth))])
        );
        var gone = remnant.Gone.Count;
        var (random, length) = (new Random(Seed), remnant.Length.Nanometres);
        List<LayItem> order =
        [
            .. items.Where(item => item.Shapes.Exists(shape => Fits(shape, remnant))).OrderByDescending(item => item.Shapes[0].Area),
        ];
        var (best, bestArea) = (new List<LaidShape>(), 0.0);
        for (var step = 0; step < Math.Min(steps, MostOrders) && order.Count > 0 && best.Count < order.Count; step++)
        {
            var tried = step == 0 ? order : Changed(order, random);
            var area = 0.0;
            laying.Begin();
            foreach (var item in tried)
            {
                if (shouldStop() && step > 0) // the first order is gone through even so
                {
                    return best;
                }

                if (laying.Lowest(item, length, shouldStop) is { } place)
                {
                    laying.Put(place);
                    area += place.Shape.Area;
                }
            }

            if (area >= bestArea)
            {
                (best, bestArea, order) = ([.. laying.Places().Skip(gone)], area, tried);
            }
        }

        return best;
    }

    /// <summary>What was cut of a remnant lies where it was.</summary>
    private static LaidShape Cut(IReadOnlyList<Point> outline, int number, LayCloth cloth)
    {
        var item = LayItem.CopiesOf(new($"gone/{number}", 1, outline, [0]), cloth).First();
        return new(item, item.Shapes[0], outline.Min(point => point.X).Nanometres, outline.Min(point => point.Y).Nanometres);
    }

    private static bool Fits(LayShape shape, Remnant remnant) =>
        shape.Width <= remnant.Width.Nanometres && shape.Height <= remnant.Length.Nanometres;

    private static List<LayItem> Changed(List<LayItem> order, Random random)
    {
        var changed = new List<LayItem>(order);
        var (from, to) = (random.Next(changed.Count), random.Next(changed.Count));
        var moved = changed[from];
        changed.RemoveAt(from);
        changed.Insert(to, moved);
        return changed;
    }

    /// <summary>What the roll has to give whatever goes on the remnants: what fits on none of them, and the area beyond theirs.</summary>
    private long BoundOf(List<LayItem> all, List<LayItem> kept)
    {
        List<LayItem> certain =
        [
            .. all.Where(item =>
                kept.Contains(item) || !request.Remnants.Any(remnant => item.Shapes.Exists(shape => Fits(shape, remnant)))
            ),
        ];
        var remnants = request.Remnants.Sum(remnant =>
            (remnant.Width.Millimetres * remnant.Length.Millimetres)
            - remnant.Gone.Sum(outline => LayShape.Of(outline, 0).Area * (1 - 1e-9))
        );
        var over = (all.Sum(item => item.Shapes[0].Area) * (1 - 1e-9)) - remnants;
        var byArea = (long)(over / (_cloth.Usable / 1e6) * 1e6);
        return Math.Max(Math.Max(0, byArea), certain.Count == 0 ? 0 : LayBound.Of(certain, _cloth.Usable));
    }
}
