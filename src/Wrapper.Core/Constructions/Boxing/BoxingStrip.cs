using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>
/// Two plates and a wall: the boxing, with the zip in its own two strips at the back. Works on any closed plan and knows
/// no form. See docs/handbook.md, "Boxing strip".
/// </summary>
public static class BoxingStrip
{
    /// <summary>The construction's id.</summary>
    public const string Id = "boxing-strip";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Boxing strip",
            "Two plates and a wall: tailored, can be piped; more pieces and more sewing.",
            "crisp edges, a flat wall",
            "through the zip, easily if it turns the corners",
            "comes off whole; piping dries slowly",
            "show pieces, piping, firm foam"
        )
        {
            Brief = "boxed",
            Closures = [.. Closing.Zipped, Closure.Gap, Closure.Ties],
            CarriesPiping = true,
            Choices =
            [
                Choice.Piping,
                Choice.SlidePocket,
                Choice.Bias,
                Choice.Strips,
                Choice.Plates,
                Choice.Closure,
                Choice.RoundedCorners,
                Choice.EarSide,
                Choice.ZipSides,
                Choice.Hands,
            ],
        };

    /// <summary>Drafts the cover of a plan with a wall of this finished thickness.</summary>
    public static ConstructedCover Construct(ClosedPlan plan, Worked thickness, CoverSpecification specification)
    {
        var layout = new BoxingStripLayout(plan, thickness, specification);
        var checks = BoxingStripChecks.Of(layout).ToList();
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var boxing = new BoxingPieces(layout);
        var zip = new ZipBoxingPieces(layout);
        var plates = new PlatePair(plan, specification);
        checks.AddRange(plates.Checks);
        checks.AddRange(boxing.Checks);
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var perimeter = new PlanPerimeter(plan.Outline);
        boxing.Break(perimeter);
        zip.Break(perimeter);
        plates.Break(perimeter);
        zip.BreakAlike(perimeter);

        var boxingPieces = boxing.Draw(perimeter);
        var zipPieces = zip.Draw(perimeter);
        var platePieces = plates.Draw(perimeter);
        var seams = plates
            .JoinSeams()
            .Concat(boxing.JoinSeams())
            .Concat(zip.Seams())
            .Concat(layout.HasZip ? BoxingStripSeams.Ends(boxing, zip) : [])
            .Concat(boxing.PocketSeams())
            .Concat(BoxingStripSeams.Round(perimeter, plates, boxing, zip, layout))
            .ToList();

        var pieces = platePieces.Concat(zipPieces).Concat(boxingPieces).ToList();
        var notions = BoxingStripNotions.Of(layout, pieces, checks).ToList();
        var count = specification.Count;
        return new()
        {
            Pieces = pieces,
            Seams = seams,
            Notions = notions,
            Finished =
            [
                new("W", "Finished width", plan.Width),
                new("D", "Finished depth", plan.Depth),
                new("t", "Finished thickness", thickness),
                new("P", "Perimeter at the stitch line", plan.Perimeter) { Brief = "Perimeter" },
                .. layout.HasZip ? (FinishedSize[])[new("Z", "Zip run", layout.ZipRun) { IsOpening = true }] : [],
            ],
            Checks = checks,
            Joins = (count * (boxing.Count - 1 + (layout.HasZip ? 2 * (zip.Count - 1) : 0))) + plates.Joins,
        };
    }

    /// <summary>A boxed strip lying along a stretch of the perimeter.</summary>
    internal static Piece Strip(
        BoxingStripLayout layout,
        PieceKind kind,
        int number,
        int parts,
        int perCover,
        Outline stitchLine,
        Worked cutLength,
        Worked cutHeight,
        Func<EdgeName, Length> allowance,
        IReadOnlyList<Mark> marks,
        string name
    )
    {
        var part = parts == 1 ? null : new NumberedPart(name, number, parts);
        return new()
        {
            Key = parts == 1 ? kind.Word() : $"{kind.Word()}-{number}",
            Kind = kind,
            Name = part?.Name ?? name,
            Part = part,
            PerCover = perCover,
            Quantity = perCover * layout.Specification.Count,
            CutWidth = cutLength,
            CutLength = cutHeight,
            StitchLine = stitchLine,
            Allowances = stitchLine.Names.ToDictionary(edge => edge.Word, allowance),
            Turns = layout.StripTurns(kind),
            Marks = marks,
        };
    }
}
