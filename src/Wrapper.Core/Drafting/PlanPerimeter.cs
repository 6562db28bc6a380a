using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>A stretch of a plan's edge between two breaks: a corner, a zip end, a join.</summary>
/// <param name="Name">The edge's name, numbered in the direction of travel where the edge is broken: <c>left-2</c>.</param>
/// <param name="Edge">The plan's edge it is part of.</param>
/// <param name="Start">Where it begins, measured round from the first corner of the plan.</param>
/// <param name="End">Where it ends.</param>
internal sealed record PlanSpan(string Name, Edge Edge, Length Start, Length End)
{
    public Length Length => End - Start;
}

/// <summary>
/// The way round a plan, broken wherever something begins or ends on either side of the seam, so that every seam joins
/// one whole edge of one piece to one whole edge of another.
/// </summary>
internal sealed class PlanPerimeter
{
    private readonly Outline _plan;
    private readonly Length[] _starts;
    private readonly SortedSet<Length> _breaks = [];
    private IReadOnlyList<PlanSpan>? _spans;

    public PlanPerimeter(Outline plan)
    {
        _plan = plan;
        _starts = new Length[plan.Edges.Length];
        for (var i = 0; i < plan.Edges.Length; i++)
        {
            _starts[i] = Total;
            _breaks.Add(Total);
            Total += plan.Edges[i].Length;
        }
    }

    /// <summary>The whole way round.</summary>
    public Length Total { get; }

    /// <summary>All stretches, counter-clockwise from the plan's first corner.</summary>
    public IReadOnlyList<PlanSpan> Spans => _spans ??= [.. MakeSpans()];

    /// <summary>Where an edge begins.</summary>
    public Length StartOf(string edge) => _starts[_plan.Edges.IndexOf(_plan[edge])];

    /// <summary>Where an edge ends.</summary>
    public Length EndOf(string edge) => StartOf(edge) + _plan[edge].Length;

    /// <summary>A place brought into one round.</summary>
    public Length Wrapped(Length station) =>
        station < Length.Zero ? station + Total : station >= Total ? station - Total : station;

    /// <summary>Breaks the way here; a place within a hundredth of a millimetre of another break is that break.</summary>
    public void Break(Length station)
    {
        var place = Wrapped(station);
        var near = Length.FromMillimetres(0.01m);
        if (_breaks.GetViewBetween(place - near, place + near).Count == 0 && Total - place > near)
        {
            _breaks.Add(place);
            _spans = null;
        }
    }

    /// <summary>The stretches from one place to another, going counter-clockwise; both are breaks.</summary>
    public IEnumerable<PlanSpan> Between(Length from, Length to)
    {
        var near = Length.FromMillimetres(0.01m);
        var start = Wrapped(from);
        var run = Wrapped(to - from);
        var first = Spans.Select((span, i) => (span, i)).First(entry => (entry.span.Start - start).Abs() <= near || Total - (entry.span.Start - start).Abs() <= near).i;
        var done = Length.Zero;
        for (var i = first; run - done > near; i++)
        {
            var span = Spans[i % Spans.Count];
            done += span.Length;
            yield return span;
        }
    }

    /// <summary>Where a place lies on the flat.</summary>
    public Point PointAt(PlanSpan span, Length station)
    {
        var edge = span.Edge;
        var along = station - StartOf(edge.Name);
        if (along.IsZero)
        {
            return edge.Start;
        }

        if (station == EndOf(edge.Name))
        {
            return edge.End;
        }

        var share = along.RatioTo(edge.Length);
        if (edge.Arc is not { } arc)
        {
            return edge.Start + (share * (edge.End - edge.Start));
        }

        var angle = share * arc.Sweep(edge.Start, edge.End);
        var from = edge.Start - arc.Centre;
        return arc.Centre + new Vector(
            (from.X * Math.Cos(angle)) - (from.Y * Math.Sin(angle)), (from.X * Math.Sin(angle)) + (from.Y * Math.Cos(angle)));
    }

    /// <summary>The stretch as an edge of a plate.</summary>
    public Edge EdgeOf(PlanSpan span) => new(span.Name, PointAt(span, span.Start), PointAt(span, span.End), span.Edge.Arc);

    private IEnumerable<PlanSpan> MakeSpans()
    {
        foreach (var edge in _plan.Edges)
        {
            var (start, end) = (StartOf(edge.Name), EndOf(edge.Name));
            List<Length> stops = [.. _breaks.Where(place => place >= start && place < end), end];
            for (var i = 0; i + 1 < stops.Count; i++)
            {
                var name = stops.Count == 2 ? edge.Name : $"{edge.Name}-{i + 1}";
                yield return new(name, edge, stops[i], stops[i + 1]);
            }
        }
    }
}
