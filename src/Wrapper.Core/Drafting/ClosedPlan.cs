using Wrapper.Core.Geometry;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>
/// A finished outline seen from above, front towards the maker, that a wall can be put round: what a form hands to a
/// construction that works on any closed plan.
/// </summary>
/// <param name="Outline">The outline at the stitch line, counter-clockwise from the left end of the front.</param>
/// <param name="Edges">The worked length of every edge by name.</param>
/// <param name="Front">The edge that is seen first and not joined while there is any other way.</param>
/// <param name="Back">The edge the zip sits on.</param>
/// <param name="Width">The whole width.</param>
/// <param name="Depth">The whole depth.</param>
public sealed record ClosedPlan(
    Outline Outline, IReadOnlyDictionary<string, Worked> Edges, string Front, string Back, Worked Width, Worked Depth)
{
    /// <summary>The length all round at the stitch line.</summary>
    public Worked Perimeter { get; } = Worked.Sum(Outline.Edges.Select(edge => Edges[edge.Name])).Named("perimeter");

    /// <summary>The edge before the back and the edge after it: the sides the zip turns on to.</summary>
    public (Edge Before, Edge After) SidesOfBack
    {
        get
        {
            var at = Outline.Edges.IndexOf(Outline[Back]);
            return (Outline.Edges[(at + Outline.Edges.Length - 1) % Outline.Edges.Length], Outline.Edges[(at + 1) % Outline.Edges.Length]);
        }
    }

    /// <summary>A rectangle or trapezoid, the back centred behind the front.</summary>
    public static ClosedPlan Tapered(Worked front, Worked back, Worked depth)
    {
        var step = (front.Value - back.Value).Half();
        var left = Units.Length.Min(Units.Length.Zero, step);
        var outline = Outline.Polygon(
            ("front", new(-left, Units.Length.Zero)),
            ("right", new(front.Value - left, Units.Length.Zero)),
            ("back", new(step + back.Value - left, depth.Value)),
            ("left", new(step - left, depth.Value)));
        var side = ReferenceEquals(front, back) || front.Value == back.Value
            ? depth
            : Worked.Slant(depth, (front - back) / 2).Named("side");
        return new(
            outline,
            new Dictionary<string, Worked> { ["front"] = front, ["right"] = side, ["back"] = back, ["left"] = side },
            "front",
            "back",
            front.Value >= back.Value ? front : back,
            depth);
    }
}
