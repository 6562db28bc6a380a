using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.English;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts;

/// <summary>What the constructions without a boxing strip have in common: figures, checks, and one large piece.</summary>
internal sealed class FoldedCover
{
    public FoldedCover(Worked width, Worked depth, Worked thickness, CoverSpecification specification)
    {
        Width = width;
        Depth = depth;
        Thickness = thickness;
        Specification = specification;
        Seam = specification.Rules[Rule.Seam];
        CutWidth = width + thickness + (2 * Seam);
    }

    public Worked Width { get; }

    public Worked Depth { get; }

    public Worked Thickness { get; }

    public CoverSpecification Specification { get; }

    public Worked Seam { get; }

    /// <summary>Half the thickness goes over each side.</summary>
    public Worked CutWidth { get; }

    public Length HalfThickness => Thickness.Value.Half();

    public IReadOnlyList<FinishedSize> Finished =>
        [new("W", "Finished width", Width), new("D", "Finished depth", Depth), new("t", "Finished thickness", Thickness)];

    /// <summary>Choices that only a boxing strip can carry are told, not dropped in silence.</summary>
    public IEnumerable<Check> ChoiceChecks()
    {
        var boxed = new Mend(CommonText.ToMakeItWithABoxingStrip, "construction", BoxingStrip.Id);
        if (Specification.Choices.Piping != Piping.None)
        {
            yield return Check.Warning(
                "piping-without-boxing",
                PartsText.PipingWithoutBoxing,
                "piping",
                boxed,
                new(PartsText.ToNoPiping, "options.piping", "none")
            );
        }

        if (Specification.Choices.SlidePocket)
        {
            yield return Check.Note("pocket-without-boxing", PartsText.PocketWithoutBoxing, "slidePocket", boxed);
        }
    }

    public static string Name(PieceKind kind) => kind == PieceKind.Wrap ? "Wrap" : "Panel";

    public Piece Piece(
        PieceKind kind,
        int perCover,
        Outline stitchLine,
        Worked cutLength,
        Func<EdgeName, Length> allowance,
        IReadOnlyList<Mark> marks,
        IReadOnlyList<int> turns
    ) =>
        new()
        {
            Key = kind.Word(),
            Kind = kind,
            Name = Name(kind),
            PerCover = perCover,
            Quantity = perCover * Specification.Count,
            CutWidth = CutWidth,
            CutLength = cutLength,
            StitchLine = stitchLine,
            Allowances = stitchLine.Edges.ToDictionary(edge => edge.Name.Word, edge => allowance(edge.Name)),
            Turns = turns,
            Marks = marks,
        };

    /// <summary>The lines of opened corners as they are chalked on the flat piece.</summary>
    public static IEnumerable<Mark> CornerMarks(IEnumerable<Fold> folds) =>
        folds
            .Where(fold => fold.TrimsRight)
            .SelectMany(fold =>
                fold.Through.Zip(fold.Through.Skip(1), (start, end) =>
                    new Mark(MarkKind.CornerLine, MarkText.Corner(fold.Name.At.Words), start, end)
                )
            );

    /// <summary>The lines across the opened corners, as long as the thickness.</summary>
    public Notion CornerLine() => new(NotionKind.CornerLine, "Corner line", 4 * Specification.Count, Thickness);

    /// <summary>Corners of a path, each given by the step from the one before, with the name of the edge that leaves it.</summary>
    public static Outline Path(IEnumerable<(EdgeName Edge, Length Dx, Length Dy)> steps)
    {
        var at = Point.Origin;
        var corners = new List<(EdgeName, Point)>();
        foreach (var (edge, dx, dy) in steps.Where(step => !step.Dx.IsZero || !step.Dy.IsZero)) // a zip that reaches nowhere has no edge
        {
            corners.Add((edge, at));
            at = at.Moved(dx, dy);
        }

        return Outline.Polygon(corners);
    }
}
