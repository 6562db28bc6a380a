using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Plans;

/// <summary>A stretch of a plan's edge between two breaks: a corner, a zip end, a join.</summary>
/// <param name="Name">The edge's name, numbered in the direction of travel where the edge is broken: <c>left-2</c>.</param>
/// <param name="Whole">The plan's edge it is part of.</param>
/// <param name="Start">Where it begins, measured round from the first corner of the plan.</param>
/// <param name="End">Where it ends.</param>
internal sealed record PlanSpan(EdgeName Name, EdgeName Whole, Length Start, Length End)
{
    public Length Length => End - Start;
}

/// <summary>
/// The way round a plan, broken wherever something begins or ends on either side of the seam, so that every seam joins
/// one whole edge of one piece to one whole edge of another.
/// </summary>
internal sealed class PlanPerimeter
{
    /// <summary>Two breaks no further apart than this are one.</summary>
    public static readonly Length Near = Length.FromMillimetres(0.01m);

    private readonly Outline _plan;
    private readonly Length[] _starts;
    private readonly List<Length> _breaks = [];
    private List<PlanSpan>? _spans;

    public PlanPerimeter(Outline plan)
    {
        _plan = plan;
        _starts = new Length[plan.Edges.Length + 1];
        for (var i = 0; i < plan.Edges.Length; i++)
        {
            _starts[i] = Total;
            if (i == 0 || plan.Edges[i].Name != plan.Edges[i - 1].Name)
            {
                _breaks.Add(Total);
            }

            Total += plan.Edges[i].Length;
        }

        _starts[^1] = Total;
    }

    /// <summary>The whole way round.</summary>
    public Length Total { get; }

    /// <summary>All stretches, counter-clockwise from the plan's first corner.</summary>
    public IReadOnlyList<PlanSpan> Spans => _spans ??= MakeSpans();

    /// <summary>Where an edge begins.</summary>
    public Length StartOf(string edge) => _starts[_plan.Edges.IndexOf(_plan[edge])];

    /// <summary>Where an edge ends.</summary>
    public Length EndOf(string edge) => StartOf(edge) + _plan.LengthOf(edge);

    /// <summary>A place brought into one round.</summary>
    public Length Wrapped(Length station) =>
        station < Length.Zero ? station + Total
        : station >= Total ? station - Total
        : station;

    /// <summary>Breaks the way here; a place within a hundredth of a millimetre of another break is that break.</summary>
    public void Break(Length station)
    {
        var place = Wrapped(station);
        if (Total - place <= Near)
        {
            return;
        }

        var at = _breaks.BinarySearch(place);
        if (at >= 0)
        {
            return;
        }

        at = ~at;
        if (place - _breaks[at - 1] > Near && (at == _breaks.Count || _breaks[at] - place > Near))
        {
            _breaks.Insert(at, place);
            _spans = null;
        }
    }

    /// <summary>The break that this place is, or the place itself where there is none yet.</summary>
    public Length AtBreak(Length station)
    {
        var place = Wrapped(station);
        var near = _breaks.Append(Total).MinBy(at => (at - place).Abs());
        return (near - place).Abs() <= Near ? station + near - place : station;
    }

    /// <summary>The stretches from one place to another, going counter-clockwise; both are breaks.</summary>
    public IEnumerable<PlanSpan> Between(Length from, Length to)
    {
        var start = Wrapped(from);
        var run = to == from ? Total : Wrapped(to - from); // from a place to itself is once round
        var spans = Spans;
        var first = 0;
        for (var i = 0; i < spans.Count; i++)
        {
            var away = (spans[i].Start - start).Abs();
            if (away <= Near || Total - away <= Near)
            {
                first = i;
                break;
            }
        }

        var done = Length.Zero;
        for (var i = first; run - done > Near; i++)
        {
            var span = spans[i % spans.Count];
            done += span.Length;
            yield return span;
        }
    }

    /// <summary>The stretch as an edge of a plate: one part, or several where it runs on from a straight into a curve.</summary>
    public IEnumerable<Edge> EdgesOf(PlanSpan span)
    {
        for (var i = 0; i < _plan.Edges.Length; i++)
        {
            var (start, end) = (_starts[i], _starts[i + 1]);
            if (end > span.Start && start < span.End)
            {
                yield return Partition.Cut(
                    _plan.Edges[i],
                    Length.Max(span.Start, start) - start,
                    Length.Min(span.End, end) - start,
                    span.Name
                );
            }
        }
    }

    /// <summary>The places on this stretch, from its start, between which it is curved.</summary>
    public IEnumerable<(Length From, Length To)> CurvedIn(PlanSpan span)
    {
        for (var i = 0; i < _plan.Edges.Length; i++)
        {
            var (start, end) = (_starts[i], _starts[i + 1]);
            if (_plan.Edges[i].Arc is not null && end > span.Start && start < span.End)
            {
                yield return (Length.Max(span.Start, start) - span.Start, Length.Min(span.End, end) - span.Start);
            }
        }
    }

    /// <summary>True when the plan turns a corner where this stretch begins.</summary>
    public bool TurnsAtStartOf(PlanSpan span)
    {
        for (var i = 0; i < _plan.Edges.Length; i++)
        {
            if ((_starts[i] - span.Start).Abs() <= Near)
            {
                var before = _plan.Edges[(i + _plan.Edges.Length - 1) % _plan.Edges.Length];
                return Math.Abs(before.DirectionAtEnd.Cross(_plan.Edges[i].DirectionAtStart)) > 1e-6;
            }
        }

        return false;
    }

    private List<PlanSpan> MakeSpans()
    {
        var spans = new List<PlanSpan>(_breaks.Count);
        var at = 0;
        foreach (var name in _plan.Names)
        {
            var (start, end) = (StartOf(name), EndOf(name));
            var first = at;
            while (at < _breaks.Count && _breaks[at] < end && _breaks[at] >= start)
            {
                at++;
            }

            for (var i = first; i < at; i++)
            {
                var to = i + 1 < at ? _breaks[i + 1] : end;
                spans.Add(new(at - first == 1 ? name : name.Part(i - first + 1), name, _breaks[i], to));
            }
        }

        return spans;
    }
}
