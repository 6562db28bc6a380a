using Wrapper.Core.Units;

namespace Wrapper.Core.Forms;

/// <summary>A cushion with a wall of one height all round. See docs/handbook.md, "Box cushions".</summary>
public static class BoxCushion
{
    /// <summary>The form's id.</summary>
    public const string Id = "box-cushion";

    private static readonly MeasureDefinition Depth = Plan(
        "depth", "Depth", "Middle of the front edge to the middle of the back, tape flat, not pressed in.", MeasureAxis.Depth, "19", "480 mm");

    private static readonly MeasureDefinition Thickness = new(
        "thickness",
        "Thickness",
        "Stand the tape against the side, at rest: do not press the filling down.",
        MeasureAxis.Thickness,
        "4",
        "100 mm",
        Length.FromMillimetres(12m),
        Length.FromMillimetres(500m));

    private static readonly MeasureDefinition[] Diagonals =
    [
        Diagonal("diagonal1", "Diagonal, front left to back right"),
        Diagonal("diagonal2", "Diagonal, front right to back left"),
    ];

    /// <summary>The form: a rectangle or a trapezoid that is narrower at the back.</summary>
    public static FormDefinition Form { get; } = new(
        Id,
        "Box cushion",
        [
            new(
                "rectangle",
                "Square corners",
                [
                    Plan("width", "Width", "Side to side across the middle, edge to edge.", MeasureAxis.Width, "21", "540 mm"),
                    Depth,
                    Thickness,
                    .. Diagonals,
                ],
                ["boxing-strip", "wrap-notched", "wrap-folded", "panels-folded"]),
            new(
                "trapezoid",
                "Tapered",
                [
                    Plan("frontWidth", "Front width", "Along the front edge, corner to corner.", MeasureAxis.Width, "22", "560 mm"),
                    Plan("backWidth", "Back width", "Along the back edge, corner to corner.", MeasureAxis.Width, "18", "460 mm"),
                    Depth,
                    Thickness,
                    .. Diagonals,
                ],
                ["boxing-strip"]),
        ]);

    private static MeasureDefinition Plan(string name, string label, string guidance, MeasureAxis axis, string inches, string millimetres) =>
        new(name, label, guidance, axis, inches, millimetres, Length.FromMillimetres(60m), Length.FromMillimetres(3500m));

    private static MeasureDefinition Diagonal(string name, string label) => new(
        name, label, "Corner to corner: if the two diagonals differ, the thing is not square.", MeasureAxis.Diagonal, "", "", Length.FromMillimetres(60m), Length.FromMillimetres(5000m), Optional: true);
}
