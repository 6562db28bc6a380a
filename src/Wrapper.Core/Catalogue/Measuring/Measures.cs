namespace Wrapper.Core.Catalogue.Measuring;

/// <summary>Measures that several forms ask for.</summary>
internal static class Measures
{
    public static MeasureDefinition Width { get; } =
        Across(Measure.Width, "Width", "Side to side across the middle, edge to edge.", "21", "540 mm");

    public static MeasureDefinition FrontWidth { get; } =
        Across(Measure.FrontWidth, "Front width", "Along the front edge, corner to corner.", "22", "560 mm");

    public static MeasureDefinition BackWidth { get; } =
        Across(Measure.BackWidth, "Back width", "Along the back edge, corner to corner.", "18", "460 mm") with
        {
            Place = MeasurePlace.BackTop,
        };

    public static MeasureDefinition Diameter { get; } =
        Across(Measure.Diameter, "Diameter", "Across the middle at the widest, edge to edge.", "16", "400 mm");

    public static MeasureDefinition Depth { get; } =
        Along(Measure.Depth, "Depth", "Middle of the front edge to the middle of the back, tape flat, not pressed in.", "19", "480 mm");

    public static MeasureDefinition Length { get; } =
        Along(Measure.Length, "Length", "End to end along the middle.", "75", "1900 mm", 6000m);

    public static MeasureDefinition Thickness { get; } =
        Up(
            Measure.Thickness,
            "Thickness",
            "Stand the tape against the side, at rest: do not press the filling down.",
            "4",
            "100 mm",
            12m,
            500m
        );

    public static MeasureDefinition CornerRadius { get; } =
        Detail(
            Measure.CornerRadius,
            "Corner radius",
            "Lay a square into the corner: from its inside corner to where the edge begins to bend.",
            "2",
            "50 mm"
        ) with
        {
            Place = MeasurePlace.AtTheBackRight,
            Optional = true,
            MayBeZero = true,
        };

    public static IReadOnlyList<MeasureDefinition> Ears { get; } =
    [
        Detail(Measure.EarWidth, "Ear width", "How far the ear sticks out sideways past the body, on one side.", "4", "100 mm") with
        {
            Place = MeasurePlace.AcrossTheFront,
            RunsAcross = true,
        },
        Detail(Measure.EarDepth, "Ear depth", "The ear from its front edge to its back edge.", "6", "150 mm") with
        {
            Place = MeasurePlace.AlongTheTopLeft,
        },
    ];

    public static IReadOnlyList<MeasureDefinition> Diagonals { get; } =
    [Diagonal(Measure.Diagonal1, "Diagonal, front left to back right"), Diagonal(Measure.Diagonal2, "Diagonal, front right to back left")];

    public static MeasureDefinition FloorHeight { get; } =
        Detail(Measure.FloorHeight, "Height above the floor", "From the top down to the floor, if the cover hangs near it.", "", "") with
        {
            Optional = true,
        };

    public static MeasureDefinition Across(
        Measure measure,
        string label,
        string guidance,
        string inches,
        string millimetres,
        decimal most = 3500m
    ) => new(measure, label, guidance, MeasureAxis.Width, inches, millimetres, Mm(60m), Mm(most)) { Place = MeasurePlace.FrontBottom };

    public static MeasureDefinition Along(
        Measure measure,
        string label,
        string guidance,
        string inches,
        string millimetres,
        decimal most = 3500m
    ) => new(measure, label, guidance, MeasureAxis.Depth, inches, millimetres, Mm(60m), Mm(most)) { Place = MeasurePlace.RightBottom };

    public static MeasureDefinition Up(
        Measure measure,
        string label,
        string guidance,
        string inches,
        string millimetres,
        decimal least,
        decimal most
    ) => new(measure, label, guidance, MeasureAxis.Thickness, inches, millimetres, Mm(least), Mm(most)) { Place = MeasurePlace.FrontLeft };

    public static MeasureDefinition Detail(
        Measure measure,
        string label,
        string guidance,
        string inches,
        string millimetres,
        decimal most = 3500m
    ) => new(measure, label, guidance, MeasureAxis.Detail, inches, millimetres, Mm(3m), Mm(most));

    private static MeasureDefinition Diagonal(Measure measure, string label) =>
        new(
            measure,
            label,
            "Corner to corner: if the two diagonals differ, the thing is not square.",
            MeasureAxis.Diagonal,
            "",
            "",
            Mm(60m),
            Mm(8000m),
            Optional: true
        );

    private static Units.Length Mm(decimal millimetres) => Units.Length.FromMillimetres(millimetres);

    /// <summary>The width of what lies on a bed.</summary>
    public static MeasureDefinition MattressWidth { get; } = Width with { ExampleInches = "36", ExampleMillimetres = "900 mm" };
}
