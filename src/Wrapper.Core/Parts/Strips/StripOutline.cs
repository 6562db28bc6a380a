using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Strips;

/// <summary>A stretch of a strip's length.</summary>
internal readonly record struct StripStretch(EdgeName Name, Length Length);

/// <summary>Draws the stitch line of a straight strip whose long edges are broken where the edges it is sewn to are.</summary>
internal static class StripOutline
{
    /// <summary>
    /// A strip of these stretches from left to right. Upper long edges are called <c>top-…</c>; lower ones
    /// <c>bottom-…</c>, or all one edge called <paramref name="bottom"/>. Ends are <c>left</c> and <c>right</c>, or
    /// <c>…-lower</c> and <c>…-upper</c> halves where two pieces meet them.
    /// </summary>
    public static Outline Draw(IReadOnlyList<StripStretch> stretches, Length height, EdgeName? bottom, bool halvedLeft, bool halvedRight)
    {
        var length = stretches.Aggregate(Length.Zero, (sum, stretch) => sum + stretch.Length);
        var edges = new List<(EdgeName, Point)>();
        if (bottom is null)
        {
            var x = Length.Zero;
            foreach (var stretch in stretches)
            {
                edges.Add((Long(EdgeSide.Bottom, stretch.Name), new(x, Length.Zero)));
                x += stretch.Length;
            }
        }
        else
        {
            edges.Add((bottom, Point.Origin));
        }

        if (halvedRight)
        {
            edges.Add((EdgeName.Of(EdgeSide.Right, EdgeLayer.Lower), new(length, Length.Zero)));
            edges.Add((EdgeName.Of(EdgeSide.Right, EdgeLayer.Upper), new(length, height.Half())));
        }
        else
        {
            edges.Add((EdgeName.Right, new(length, Length.Zero)));
        }

        var at = length;
        foreach (var stretch in stretches.Reverse())
        {
            edges.Add((Long(EdgeSide.Top, stretch.Name), new(at, height)));
            at -= stretch.Length;
        }

        if (halvedLeft)
        {
            edges.Add((EdgeName.Of(EdgeSide.Left, EdgeLayer.Upper), new(Length.Zero, height)));
            edges.Add((EdgeName.Of(EdgeSide.Left, EdgeLayer.Lower), new(Length.Zero, height.Half())));
        }
        else
        {
            edges.Add((EdgeName.Left, new(Length.Zero, height)));
        }

        return Outline.Polygon(edges);
    }

    /// <summary>The stretch of a long edge.</summary>
    /// <param name="side">Top or bottom.</param>
    /// <param name="stretch">Which stretch.</param>
    public static EdgeName Long(EdgeSide side, EdgeName stretch) =>
        EdgeName.Called($"{side.Word()}-{stretch}", new(side, stretch.Side, stretch.At.Layer), stretch.Function);
}
