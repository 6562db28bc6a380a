using Wrapper.Core.Catalogue;

namespace Wrapper.Core.Forms;

/// <summary>A cushion with a wall of one height all round. See docs/handbook.md, "Box cushions".</summary>
public static class BoxCushion
{
    /// <summary>The form's id.</summary>
    public const string Id = "box-cushion";

    private static readonly string[] Boxed = ["boxing-strip", "envelope"];
    private static readonly string[] Zipped = ["zip", "closed-end-zip", "invisible-zip", "snaps", "hook-and-loop", "pinned-tail"];

    /// <summary>The form.</summary>
    public static FormDefinition Form { get; } = new(Id, "Box cushion", Shapes(["boxing-strip", "wrap-notched", "wrap-folded", "panels-folded", "band-ends", "envelope"], Boxed, Zipped));

    /// <summary>The shapes of flat, boxed things, with the ways a rectangle and every other shape can be made.</summary>
    internal static IReadOnlyList<ShapeDefinition> Shapes(string[] rectangle, string[] others, string[] closures) =>
    [
        new("rectangle", "Square corners", [Measures.Width, Measures.Depth, Measures.Thickness, Measures.CornerRadius, .. Measures.Diagonals], rectangle) { Closures = closures },
        new("trapezoid", "Tapered", [Measures.FrontWidth, Measures.BackWidth, Measures.Depth, Measures.Thickness, Measures.CornerRadius, .. Measures.Diagonals], others) { Closures = closures },
        new("round", "Round", [Measures.Diameter, Measures.Thickness], others) { Closures = closures },
        new("t-shape", "T, two ears", [Measures.Width, Measures.Depth, .. Measures.Ears, Measures.Thickness, Measures.CornerRadius], others) { Closures = closures },
        new("l-shape", "L, one ear", [Measures.Width, Measures.Depth, .. Measures.Ears, Measures.Thickness, Measures.CornerRadius], others) { Closures = closures },
        new("outline", "Free outline", [Measures.Thickness, Measures.CornerRadius], others) { List = MeasureList.Points, Closures = closures },
    ];
}
