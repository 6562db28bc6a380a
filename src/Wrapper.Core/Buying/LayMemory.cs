using System.Text;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>
/// Lays that were planned to their end, for whoever asks for the same again: the file of a job shows the lay that is on the
/// screen without looking for it anew. The same request and steps give the same lay, so nothing it holds is ever out of date.
/// Held by the application, and handed to whoever buys.
/// </summary>
/// <param name="mostPlacements">How many placements all lays together may have; the lay asked for longest ago goes first.</param>
public sealed class LayMemory(int mostPlacements)
{
    private readonly Lock _gate = new();
    private readonly Dictionary<string, LinkedListNode<(string Key, LayOutcome Outcome)>> _byKey = [];
    private readonly LinkedList<(string Key, LayOutcome Outcome)> _byUse = new();
    private int _placements;

    /// <summary>How many lays it holds.</summary>
    public int Count => _byKey.Count;

    /// <summary>The lay of a request: as it is remembered, or else planned, and remembered where nothing cut it short.</summary>
    /// <param name="request">What is to be laid on what.</param>
    /// <param name="steps">The orders to try.</param>
    /// <param name="isFolded">It is cut double.</param>
    /// <param name="shouldStop">Asked now and then by the planner.</param>
    public LayOutcome Plan(LayRequest request, int steps, bool isFolded, Func<bool>? shouldStop)
    {
        var key = KeyOf(request, steps, isFolded);
        if (Find(key) is { } known)
        {
            return known;
        }

        var isCutShort = false;
        bool ShouldStop()
        {
            var stops = shouldStop?.Invoke() == true;
            isCutShort |= stops;
            return stops;
        }

        var outcome = isFolded ? LayPlanner.PlanOnFold(request, steps, ShouldStop) : LayPlanner.Plan(request, steps, ShouldStop);
        if (!isCutShort && outcome.Lay is not null)
        {
            Keep(key, outcome, outcome.Lay.Placements.Count);
        }

        return outcome;
    }

    private LayOutcome? Find(string key)
    {
        lock (_gate)
        {
            if (!_byKey.TryGetValue(key, out var node))
            {
                return null;
            }

            _byUse.Remove(node);
            _byUse.AddFirst(node);
            return node.Value.Outcome;
        }
    }

    private void Keep(string key, LayOutcome outcome, int placements)
    {
        lock (_gate)
        {
            if (placements > mostPlacements || _byKey.ContainsKey(key))
            {
                return;
            }

            _byKey[key] = _byUse.AddFirst((key, outcome));
            _placements += placements;
            while (_placements > mostPlacements)
            {
                var (oldest, gone) = _byUse.Last!.Value;
                _placements -= gone.Lay!.Placements.Count;
                _byUse.RemoveLast();
                _byKey.Remove(oldest);
            }
        }
    }

    /// <summary>All that a lay follows from, figure for figure.</summary>
    private static string KeyOf(LayRequest request, int steps, bool isFolded)
    {
        var key = new StringBuilder();
        Numbers(steps, Number(isFolded), Number(request.OneWay), Number(request.HalfDrop));
        Lengths(
            request.UsableWidth,
            request.RepeatLength,
            request.RepeatWidth,
            request.MotifAcross,
            request.Available,
            request.Space,
            request.CurveSpace
        );
        Each(request.Flaws, flaw => Lengths(flaw.From, flaw.To, flaw.Left, flaw.Right));
        Each(request.Pinned, Place);
        Each(request.Known, Place);
        Each(request.Remnants, remnant =>
        {
            Text(remnant.Id);
            Lengths(remnant.Width, remnant.Length);
            Each(remnant.Gone, Outline);
        });
        Each(request.Pieces, piece =>
        {
            Text(piece.Id);
            Text(piece.Match?.Group);
            Numbers(piece.Quantity, Number(piece.OnFold), Number(piece.Match?.AlongOnly == true));
            Lengths(piece.Match?.Along, piece.Match?.Across);
            Outline(piece.Corners);
            Each(piece.Turns, turn => Numbers(turn));
        });
        return key.ToString();

        static int Number(bool value) => value ? 1 : 0;

        void Numbers(params ReadOnlySpan<int> numbers)
        {
            foreach (var number in numbers)
            {
                key.Append(number).Append(',');
            }
        }

        // Its length stands before it, so that no text can be taken for what follows.
        void Text(string? text) => key.Append(text?.Length ?? -1).Append(':').Append(text);

        void Lengths(params ReadOnlySpan<Length?> lengths)
        {
            foreach (var length in lengths)
            {
                key.Append(length?.Nanometres).Append(',');
            }
        }

        void Each<T>(IReadOnlyList<T> entries, Action<T> write)
        {
            Numbers(entries.Count);
            foreach (var entry in entries)
            {
                write(entry);
            }
        }

        void Outline(IReadOnlyList<Point> corners) => Each(corners, corner => Lengths(corner.X, corner.Y));

        void Place(Placement place)
        {
            Text(place.Piece);
            Text(place.Remnant);
            Numbers(place.Copy, place.Turn);
            Lengths(place.X, place.Y);
        }
    }
}
