using Wrapper.Core.Constructions.FlatCloths;
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
            ("back-upper", new(d, t.Half())),
            ("top", new(d, t)),
            ("front", new(zero, t)),
            ("bottom", new(zero, zero)),
            ("back-lower", new(d, zero))
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
        return new(outline, edges, "bottom", "top", depth, thickness);
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
            ("hem", new(zero, foot)),
            ("right", new(w, foot)),
            ("right-rim", new(w, top)),
            ("right-slope", new(w - r, top)),
            ("flat", new(w - inner, hollow)),
            ("left-slope", new(inner, hollow)),
            ("left-rim", new(r, top)),
            ("left", new(zero, top))
        );
        var edges = new Dictionary<string, Worked>
        {
            ["hem"] = width,
            ["right"] = side + under,
            ["right-rim"] = rim,
            ["right-slope"] = slope,
            [Flat.Id] = flat,
            ["left-slope"] = slope,
            ["left-rim"] = rim,
            ["left"] = side + under,
        };
        return new(outline, edges, "hem", "flat", width, side + under);
    }
}
