using Wrapper.Core.Lays.Shapes;

namespace Wrapper.Core.Lays.Search;

/// <summary>
/// Lays true shapes: each goes to the lowest place where it fits, in one order after another, each a little changed from
/// the best so far. Two lanes with their own seeds run side by side.
/// </summary>
internal sealed class ShapeSearch(IReadOnlyList<LayItem> items, LayGround ground, long bound)
{
    /// <summary>A piece of less than this part of the largest is small.</summary>
    private const double Small = 0.25;

    /// <summary>By how much each try aims to be shorter than the best.</summary>
    public const double Aim = 0.002;

    private readonly Lane[] _lanes = [new(items, ground, bound, 20_040_527), new(items, ground, bound, 19_991_231)];

    /// <summary>Goes on until each lane has tried so many orders since the beginning; says of every lay that is shorter.</summary>
    /// <param name="known">The best lay so far; its order is tried first.</param>
    /// <param name="shorterThan">The length to beat.</param>
    /// <param name="steps">Orders to try in each lane, with those of earlier calls.</param>
    /// <param name="shouldStop">Asked at every piece.</param>
    /// <param name="found">Told of each shorter lay, by one lane at a time; the one it is told of last is the shortest.</param>
    public void Run(IReadOnlyList<LaidShape> known, long shorterThan, int steps, Func<bool> shouldStop, Action<long, List<LaidShape>> found)
    {
        List<LayItem> start =
        [
            .. known
                .Where(place => !ground.Pinned.Contains(place))
                .OrderBy(place => place.Y)
                .ThenBy(place => place.X)
                .Select(place => place.Item),
        ];
        ParallelSearch.Shortest(
            _lanes.Length,
            shorterThan,
            bound,
            shouldStop,
            (at, isOver, tell) =>
            {
                var lane = _lanes[at];
                lane.Begin(start, shorterThan);
                while (lane.Steps < steps && lane.Length > bound && !isOver())
                {
                    if (lane.Try(isOver) is { } places)
                    {
                        tell(lane.Length, places);
                    }
                }
            },
            found
        );
    }

    private sealed class Lane(IReadOnlyList<LayItem> items, LayGround ground, long bound, int seed)
    {
        private readonly Laying _laying = new(ground);
        private readonly Random _random = new(seed);
        private readonly Queue<List<LayItem>> _waiting = new();
        private List<LayItem> _current = [];
        private double _currentLeft = double.MaxValue;

        /// <summary>The length to beat.</summary>
        public long Length { get; private set; } = long.MaxValue;

        /// <summary>Orders tried so far.</summary>
        public int Steps { get; private set; }

        /// <summary>Tries this order next, and at the beginning the usual ones after it.</summary>
        public void Begin(List<LayItem> order, long shorterThan)
        {
            if (shorterThan < Length)
            {
                Length = shorterThan;
                _currentLeft = double.MaxValue;
                _waiting.Enqueue(order);
                _waiting.Enqueue(SmallLast(order));
            }

            if (Steps == 0)
            {
                foreach (var usual in StartingOrders())
                {
                    _waiting.Enqueue(usual);
                }
            }
        }

        /// <summary>Tries one order; the places when it gives a shorter lay.</summary>
        public List<LaidShape>? Try(Func<bool> isOver)
        {
            Steps++;
            var order = _waiting.TryDequeue(out var next) ? next : Changed(_current);
            var (left, places) = PutDown(order, Math.Max(bound, Length - 1 - (long)(Length * Aim)), isOver);
            if (left <= _currentLeft)
            {
                (_current, _currentLeft) = (order, left);
            }

            if (left > 0)
            {
                return null;
            }

            Length = _laying.Top;
            _currentLeft = double.MaxValue; // measured against a shorter cloth from now on
            _waiting.Enqueue(order);
            return places;
        }

        /// <summary>The same order with the small pieces at its end: they go into the notches and gaps the large ones leave.</summary>
        private static List<LayItem> SmallLast(List<LayItem> order)
        {
            var small = order.Max(item => item.Shapes[0].Area) * Small;
            return
            [
                .. order.Where(item => item.Shapes[0].Area >= small),
                .. order.Where(item => item.Shapes[0].Area < small).OrderByDescending(item => item.Shapes[0].Area),
            ];
        }

        private IEnumerable<List<LayItem>> StartingOrders()
        {
            LayShape Paper(LayItem item) => item.OnPaper(ground.Cloth.Usable);
            yield return [.. items.OrderByDescending(item => Paper(item).Height).ThenByDescending(item => Paper(item).Width)];
            yield return [.. items.OrderByDescending(item => Paper(item).Width).ThenByDescending(item => Paper(item).Height)];
            yield return [.. items.OrderByDescending(item => Paper(item).Area).ThenByDescending(item => Paper(item).Height)];
            yield return [.. items.OrderByDescending(item => Math.Max(Paper(item).Width, Paper(item).Height))];
            yield return [.. items];
            yield return [.. items.OrderByDescending(item => Paper(item).Width + Paper(item).Height)];
        }

        private List<LayItem> Changed(List<LayItem> order)
        {
            var changed = new List<LayItem>(order);
            var (from, to, how) = (_random.Next(changed.Count), _random.Next(changed.Count), _random.Next(8));
            if (how == 0 && changed[from].Shapes.Count > 1)
            {
                changed[from] = changed[from].NextTurnFirst();
            }
            else if (how < 4)
            {
                (changed[from], changed[to]) = (changed[to], changed[from]);
            }
            else
            {
                var moved = changed[from];
                changed.RemoveAt(from);
                changed.Insert(to, moved);
            }

            return changed;
        }

        /// <summary>
        /// Puts the pieces down in this order on a cloth of this length; what would reach beyond it is left over, by its area.
        /// </summary>
        private (double Left, List<LaidShape> Places) PutDown(List<LayItem> order, long length, Func<bool> isOver)
        {
            var left = 0.0;
            _laying.Begin();
            foreach (var item in order)
            {
                if (isOver())
                {
                    return (double.MaxValue, []);
                }

                if (_laying.Lowest(item, length, isOver) is not { } place)
                {
                    left += item.Shapes[0].Area;
                    if (left > _currentLeft)
                    {
                        break; // no better than what is known
                    }

                    continue;
                }

                _laying.Put(place);
            }

            return (left, _laying.Places());
        }
    }
}
