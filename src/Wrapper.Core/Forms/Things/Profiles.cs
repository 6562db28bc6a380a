using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Things seen from their end, for a band to go over.</summary>
internal static class Profiles
{
    /// <summary>A rectangle that begins half way up its back.</summary>
    public static ClosedPlan Upright(Worked depth, Worked thickness)
    {
        var (d, t) = (depth.Value, thickness.Value);
        var zero = Length.Zero;
        var outline = Outline.Polygon(
            (EdgeName.Of(EdgeSide.Back, EdgeLayer.Upper), new(d, t.Half())),
            (EdgeName.Top, new(d, t)),
            (EdgeName.Front, new(zero, t)),
            (EdgeName.Bottom, new(zero, zero)),
            (EdgeName.Of(EdgeSide.Back, EdgeLayer.Lower), new(d, zero))
        );
        var half = thickness / 2;
        var edges = new Dictionary<string, Worked>
        {
            ["back-upper"] = half,
            ["top"] = depth,
            ["front"] = thickness,
            ["bottom"] = depth,
            ["back-lower"] = thickness - half,
        };
        return new(outline, edges, EdgeName.Bottom, EdgeName.Top, depth, thickness);
    }

    /// <summary>
    /// A pad with raised sides and a flat hollow, its sides carried down by what reaches under. It begins at the lower
    /// right; its opening is called <c>hem</c>.
    /// </summary>
    public static ClosedPlan Contour(Worked width, Worked side, Worked rim, Worked slope, Worked flat, Worked flatHeight, Worked under)
    {
        var (w, s, r, f, h, u) = (width.Value, side.Value, rim.Value, flat.Value, flatHeight.Value, under.Value);
        var (inner, zero) = ((w - f).Half(), Length.Zero);
        var (foot, top, hollow) = (zero, u + s, u + h);
        var outline = Outline.Polygon(
            (EdgeName.Hem, new(zero, foot)),
            (EdgeName.Right, new(w, foot)),
            (EdgeName.Right.As(EdgeFunction.Seam, "rim"), new(w, top)),
            (EdgeName.Right.As(EdgeFunction.Seam, "slope"), new(w - r, top)),
            (EdgeName.Of(EdgeSide.Flat), new(w - inner, hollow)),
            (EdgeName.Left.As(EdgeFunction.Seam, "slope"), new(inner, hollow)),
            (EdgeName.Left.As(EdgeFunction.Seam, "rim"), new(r, top)),
            (EdgeName.Left, new(zero, top))
        );
        var edges = new Dictionary<string, Worked>
        {
            ["hem"] = width,
            ["right"] = side + under,
            ["right-rim"] = rim,
            ["right-slope"] = slope,
            ["flat"] = flat,
            ["left-slope"] = slope,
            ["left-rim"] = rim,
            ["left"] = side + under,
        };
        return new(outline, edges, EdgeName.Hem, EdgeName.Of(EdgeSide.Flat), width, side + under);
    }
}
