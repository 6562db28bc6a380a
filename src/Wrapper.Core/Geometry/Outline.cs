using System.Collections.Immutable;
using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>
/// A closed shape on the flat cloth: named edges end to end, running counter-clockwise. Neighbours of one name are parts of
/// one edge: a straight with the halves of its rounded corners, or a smooth curve made of arcs. See docs/handbook.md, "Pieces".
/// </summary>
public sealed class Outline
{
    /// <summary>An outline of these edges.</summary>
    /// <exception cref="ArgumentException">
    /// There are fewer than two edges, an edge does not begin where the one before it ends, or the shape winds clockwise.
    /// </exception>
    public Outline(IEnumerable<Edge> edges)
    {
        Edges = [.. edges];
        if (Edges.Length < 2)
        {
            throw new ArgumentException("An outline needs at least two edges.", nameof(edges));
        }

        for (var i = 0; i < Edges.Length; i++)
        {
            if (Edges[i].End != Edges[(i + 1) % Edges.Length].Start)
            {
                throw new ArgumentException($"Edge “{Edges[i].Name}” does not meet the edge after it.", nameof(edges));
            }
        }

        if (SignedArea() <= 0)
        {
            throw new ArgumentException("An outline runs counter-clockwise and encloses an area.", nameof(edges));
        }
    }

    /// <summary>The edges, counter-clockwise.</summary>
    public ImmutableArray<Edge> Edges { get; }

    /// <summary>The box round the shape, curves included.</summary>
    public Box Bounds => _bounds ??= Box.Around(Edges);

    private Box? _bounds;

    /// <summary>The developed length all round: every straight and every arc measured along itself.</summary>
    public Length Perimeter => Edges.Aggregate(Length.Zero, (sum, edge) => sum + edge.Length);

    /// <summary>The area in square millimetres.</summary>
    public double Area => SignedArea();

    /// <summary>It turns inwards nowhere.</summary>
    public bool IsConvex
    {
        get
        {
            for (var i = 0; i < Edges.Length; i++)
            {
                if (
                    Edges[i].Arc is { CounterClockwise: false }
                    || Edges[i].DirectionAtEnd.Cross(Edges[(i + 1) % Edges.Length].DirectionAtStart) < -1e-6
                )
                {
                    return false;
                }
            }

            return true;
        }
    }

    /// <summary>The developed length of an edge, all its parts together.</summary>
    /// <exception cref="KeyNotFoundException">There is no such edge.</exception>
    public Length LengthOf(string name) => FindLength(name) ?? throw new KeyNotFoundException($"The outline has no edge “{name}”.");

    /// <summary>The same; null when there is no such edge.</summary>
    public Length? FindLength(string name)
    {
        Length? length = null;
        foreach (var edge in Edges)
        {
            if (edge.Name == name)
            {
                length = (length ?? Length.Zero) + edge.Length;
            }
        }

        return length;
    }

    /// <summary>The parts of an edge in their order, from where it begins; none when there is no such edge.</summary>
    public IReadOnlyList<Edge> PartsOf(string name)
    {
        var parts = Edges.Where(edge => edge.Name == name).ToList();
        if (parts.Count < 2 || Edges[0].Name != name || Edges[^1].Name != name)
        {
            return parts;
        }

        // The outline begins in the midst of this edge: its last stretch comes first.
        var fromEnd = Edges.Reverse().TakeWhile(edge => edge.Name == name).Count();
        return fromEnd == parts.Count ? parts : [.. parts[^fromEnd..], .. parts[..^fromEnd]];
    }

    /// <summary>The names of the edges, each once, in their order round the shape.</summary>
    public IEnumerable<EdgeName> Names
    {
        get
        {
            for (var i = 0; i < Edges.Length; i++)
            {
                if (i == 0 || Edges[i].Name != Edges[i - 1].Name)
                {
                    yield return Edges[i].Name;
                }
            }
        }
    }

    /// <summary>The edge of this name, or its first part.</summary>
    /// <exception cref="KeyNotFoundException">There is none.</exception>
    public Edge this[string name]
    {
        get
        {
            foreach (var edge in Edges)
            {
                if (edge.Name == name)
                {
                    return edge;
                }
            }

            throw new KeyNotFoundException($"The outline has no edge “{name}”.");
        }
    }

    /// <summary>An outline through these corners with straight edges; each edge begins at its corner.</summary>
    public static Outline Polygon(params IReadOnlyList<(EdgeName Edge, Point Corner)> corners) =>
        new(corners.Select((corner, i) => new Edge(corner.Edge, corner.Corner, corners[(i + 1) % corners.Count].Corner)));

    /// <summary>The same shape moved by so much.</summary>
    public Outline Moved(Length dx, Length dy) => new(Edges.Select(edge => edge.Moved(dx, dy)));

    private double SignedArea()
    {
        // Taken from the first corner, so that large offsets from the origin cost no precision.
        var origin = Edges[0].Start;
        var doubled = 0.0;
        foreach (var edge in Edges)
        {
            doubled += (edge.Start - origin).Cross(edge.End - origin);
            if (edge.Arc is { } arc)
            {
                var sweep = arc.Sweep(edge.Start, edge.End);
                var radius = arc.RadiusAt(edge.Start);
                doubled += radius * radius * (sweep - Math.Sin(sweep));
            }
        }

        return doubled / 2 / ((double)Length.NanometresPerMillimetre * Length.NanometresPerMillimetre);
    }
}
