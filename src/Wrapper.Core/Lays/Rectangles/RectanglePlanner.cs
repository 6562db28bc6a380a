using Wrapper.Core.Lays.Search;

namespace Wrapper.Core.Lays.Rectangles;

/// <summary>
/// Lays rectangles as short as it can while it may: passes of the beam, each with more ways than the one before, in two
/// lanes that weigh waste differently and run side by side.
/// </summary>
internal sealed class RectanglePlanner
{
    private const int FirstWays = 12;
    private const double Growth = 1.5;

    /// <summary>What one pass may keep in mind: ways times rectangles.</summary>
    private const int MostNodes = 1_000_000;

    private static readonly double[] Weights = [1, 2, 0.5];

    private readonly long _bound;
    private readonly Lane[] _lanes;

    public RectanglePlanner(RectangleItem[] items, long usable, long repeat, long bound)
    {
        _bound = bound;
        _lanes = [new(items, usable, repeat, 0.5), new(items, usable, repeat, 4)];
    }

    /// <summary>
    /// Goes on looking for a lay shorter than one known until each lane has taken so many steps since the beginning, or
    /// until told to stop. The outcome is the same on every machine: the lanes do not hear of each other.
    /// </summary>
    /// <param name="shorterThan">The length to beat.</param>
    /// <param name="steps">Steps of each lane, with those of earlier calls.</param>
    /// <param name="shouldStop">Asked now and then, by both lanes.</param>
    /// <param name="found">Told of each shorter lay, by one lane at a time; the lay it is given last is the shortest.</param>
    public void Run(long shorterThan, long steps, Func<bool> shouldStop, Action<RectangleLay> found) =>
        ParallelSearch.Shortest<RectangleLay>(
            _lanes.Length,
            shorterThan,
            _bound,
            shouldStop,
            (at, isOver, tell) =>
            {
                var lane = _lanes[at];
                var own = shorterThan;
                while (own > _bound && lane.MayBeat(own) && !Stops())
                {
                    if (lane.Pass(own, Stops) is { } lay)
                    {
                        own = lay.Length;
                        tell(own, lay);
                    }
                }

                bool Stops() => lane.Steps >= steps || isOver();
            },
            (_, lay) => found(lay)
        );

    /// <summary>Passes that weigh waste in one way, each with more ways side by side than the one before.</summary>
    private sealed class Lane(RectangleItem[] items, long usable, long repeat, double large)
    {
        private readonly RectangleBeam _beam = new(items, usable, repeat);
        private readonly int _mostWays = Math.Max(FirstWays, MostNodes / items.Length);
        private int _pass;
        private int _uncut;
        private int _ways = FirstWays;

        public long Steps => _beam.Expanded;

        /// <summary>
        /// Whether another pass can come to anything: there is cloth enough, and not every way has been gone with every weight.
        /// </summary>
        public bool MayBeat(long length) => _uncut < Weights.Length && _beam.MayBeat(length);

        public RectangleLay? Pass(long shorterThan, Func<bool> shouldStop)
        {
            _beam.Large = large * Weights[_pass % Weights.Length];
            _beam.Favour(_ways == _mostWays ? _pass : 0); // with as many ways as there may be, only other ways help
            _pass++;
            var lay = _beam.Run(_ways, shorterThan, shouldStop);
            _uncut = _beam.WasCut ? 0 : _uncut + 1;
            _ways = _beam.WasCut ? Math.Min((int)(_ways * Growth) + 1, _mostWays) : _ways;
            return lay;
        }
    }
}
