using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;

namespace Wrapper.Core.Forms.Things;

/// <summary>The shapes of flat, boxed things, with the ways a rectangle and every other shape can be made.</summary>
internal static class BoxedShapes
{
    /// <summary>The shapes of flat, boxed things, with the ways a rectangle and every other shape can be made.</summary>
    public static IReadOnlyList<ShapeDefinition> All(string[] rectangle, string[] others, IReadOnlyList<Closure> closures) =>
        [
            new(
                "rectangle",
                "Square corners",
                [Measures.Width, Measures.Depth, Measures.Thickness, Measures.CornerRadius, .. Measures.Diagonals],
                rectangle
            )
            {
                Closures = closures,
            },
            new(
                "trapezoid",
                "Tapered",
                [Measures.FrontWidth, Measures.BackWidth, Measures.Depth, Measures.Thickness, Measures.CornerRadius, .. Measures.Diagonals],
                others
            )
            {
                Closures = closures,
            },
            new("round", "Round", [Measures.Diameter, Measures.Thickness], others) { HasCurvedPlan = true, Closures = closures },
            new(
                "t-shape",
                "T, two ears",
                [Measures.Width, Measures.Depth, .. Measures.Ears, Measures.Thickness, Measures.CornerRadius],
                others
            )
            {
                HasCurvedPlan = true,
                Closures = closures,
            },
            new(
                "l-shape",
                "L, one ear",
                [Measures.Width, Measures.Depth, .. Measures.Ears, Measures.Thickness, Measures.CornerRadius],
                others
            )
            {
                HasOneEar = true,
                HasCurvedPlan = true,
                Closures = closures,
            },
            new("outline", "Free outline", [Measures.Thickness, Measures.CornerRadius], others)
            {
                HasCurvedPlan = true,
                List = MeasureList.Points,
                Closures = closures,
            },
        ];
}
