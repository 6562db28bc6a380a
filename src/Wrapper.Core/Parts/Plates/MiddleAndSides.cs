using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Plates;

/// <summary>
/// The two join lines that make a wide piece a full width in the middle and two equal sides; less than a full width where
/// the sides would otherwise be slivers that cannot be sewn. See docs/handbook.md, "Pieces wider than the cloth".
/// </summary>
/// <param name="Left">The left join line.</param>
/// <param name="Right">The right join line.</param>
internal sealed record MiddleAndSides(Length Left, Length Right)
{
    /// <summary>The parts from left to right, as keys end on them.</summary>
    public static IReadOnlyList<string> Parts { get; } = ["left", "middle", "right"];

    /// <summary>The lines on an outline for a cloth of this usable width.</summary>
    public static MiddleAndSides Of(Outline outline, Length usable, Length join)
    {
        var bounds = outline.Bounds;
        var middle = Length.Min(usable, bounds.Width) - (2 * join);
        var left = bounds.Left + (bounds.Width - middle).Half();
        return new(left, left + middle);
    }

    /// <summary>There is a middle, and each line crosses the outline twice, so that there are three parts and no more.</summary>
    public bool SplitsInThree(Outline outline) =>
        Left < Right
        && Array.TrueForAll((Length[])[Left, Right], x => outline.Edges.Sum(edge => Partition.Crossings(edge, x).Count()) == 2);

    /// <summary>Where an edge crosses the lines, in their order along it.</summary>
    public IEnumerable<Length> Crossings(Edge edge) => Partition.Crossings(edge, Left).Concat(Partition.Crossings(edge, Right)).Order();

    /// <summary>The part that an edge lies in which crosses neither line: any place inside it tells.</summary>
    public string PartOf(Edge edge)
    {
        var x = Partition.PointAlong(edge, edge.Length.Half()).X;
        return x < Left ? "left"
            : x > Right ? "right"
            : "middle";
    }

    /// <summary>The edges of one part closed along the join lines, by edges called <c>join-left</c> and <c>join-right</c>.</summary>
    public Outline Closed(IReadOnlyList<Edge> kept)
    {
        var edges = new List<Edge>();
        for (var i = 0; i < kept.Count; i++)
        {
            edges.Add(kept[i]);
            var (end, next) = (kept[i].End, kept[(i + 1) % kept.Count].Start);
            if (end != next)
            {
                edges.Add(new((end.X - Left).Abs() < (end.X - Right).Abs() ? EdgeName.JoinLeft : EdgeName.JoinRight, end, next));
            }
        }

        return new(edges);
    }

    /// <summary>
    /// The cut line of a part of a convex shape: that of the whole, cut straight along the joins' raw edges, so that a curve that
    /// runs nearly along a join does not carry its hem past it. Null where the shape turns in, and every part is cut for itself.
    /// </summary>
    public Outline? CutOf(Outline wholeCut, string part, Length join) =>
        !wholeCut.IsConvex
            ? null
            : part switch
            {
                "left" => Slab.Of(wholeCut, null, Left + join, EdgeName.JoinLeft, EdgeName.JoinLeft),
                "right" => Slab.Of(wholeCut, Right - join, null, EdgeName.JoinRight, EdgeName.JoinRight),
                _ => Slab.Of(wholeCut, Left - join, Right + join, EdgeName.JoinLeft, EdgeName.JoinRight),
            };

    /// <summary>Which part of a face called so it is.</summary>
    public static SidePart PartOf(string whole, string part) => new(whole, Words.Read<EdgeSide>(part) ?? EdgeSide.None);
}
