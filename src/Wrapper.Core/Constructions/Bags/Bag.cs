using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.English;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>Two faces sewn together all round, one way in. See docs/handbook.md, "Bag".</summary>
public static class Bag
{
    /// <summary>The construction's id.</summary>
    public const string Id = "bag";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Bag",
            "Two faces sewn together, one way in.",
            "two faces, a seam round the edge",
            "through its one opening",
            "comes off whole, irons flat",
            "loose fillings, either face up"
        )
        {
            TurnsHems = true,
            Choices =
            [
                Choice.Piping,
                Choice.Bias,
                Choice.Plates,
                Choice.Closure,
                Choice.RoundedCorners,
                Choice.EarSide,
                Choice.Join,
                Choice.Layers,
                Choice.Back,
                Choice.Hands,
            ],
        };

    /// <summary>
    /// Drafts a closed bag round a plan: a pad. A rectangle with a thickness has its corners opened and sewn across; any
    /// other shape is grown by half the thickness.
    /// </summary>
    internal static ConstructedCover Closed(ClosedPlan plan, Worked thickness, CoverSpecification specification)
    {
        var seam = specification.Rules[Rule.Seam];
        var half = thickness.Value.Half();
        var isBoxed = half.IsPositive && IsRectangle(plan);
        var (w, d) = (plan.Width.Value, plan.Depth.Value);
        var outline =
            isBoxed ? CrossOutline.Whole(w, d, half)
            : half.IsZero ? plan.Outline
            : OutlineOffset.Offset(plan.Outline, half);
        if (!isBoxed && (outline.Edges.Length != plan.Outline.Edges.Length || !OutlineOffset.KeepsShape(plan.Outline, outline)))
        {
            var mend = new Mend(CommonText.ToMakeItWithABoxingStrip, "construction", BoxingStrip.Id);
            return new() { Checks = [Check.Error("corner-too-sharp", BagsText.CornerTooSharp, "construction", mend)] };
        }

        // A rectangle keeps its edges between the opened corners; a disc grows all round alike; any other shape is drawn to know.
        var isGrown = !isBoxed && half.IsPositive;
        var back =
            !isGrown ? plan.Edges[plan.Back]
            : plan.IsSmooth ? plan.Edges[plan.Back] + (thickness.TimesPi() / 4)
            : Worked.ReadOff("back edge, drawn half the thickness further out", outline.LengthOf(plan.Back));
        var way = new BagWayIn(back, thickness, specification);
        Worked AllowanceOf(EdgeName edge) => edge == plan.Back ? way.BackAllowance(seam) : seam;
        var cut = OutlineOffset.Offset(outline, outline.Names.ToDictionary(name => name.Word, name => AllowanceOf(name).Value));
        var (grownWidth, grownDepth) = isBoxed
            ? (plan.Width + thickness, plan.Depth + thickness)
            : (
                CutSize.Across(plan.Outline, plan.Width, _ => thickness / 2, outline),
                CutSize.Along(plan.Outline, plan.Depth, _ => thickness / 2, outline)
            );
        var cutWidth = CutSize.Across(outline, grownWidth, AllowanceOf, cut);
        var cutDepth = CutSize.Along(outline, grownDepth, AllowanceOf, cut);
        var lay = new PairedLay(specification, PieceKind.Face, [PieceRole.FaceFront, PieceRole.FaceBack], cutWidth.Value, cutDepth.Value);
        var checks = new List<Check>([.. lay.Checks, .. way.Checks()]);
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var broken = way.Break(outline, plan.Back);
        var faces = lay.Turned(
            PieceMaker.InFacingPairs(
                PieceMaker.Make(specification, PieceKind.Face, "Face", 2, broken, cutWidth, cutDepth, edge =>
                    edge.Function is EdgeFunction.WayIn or EdgeFunction.BesideWayIn ? way.BackAllowance(seam).Value : seam.Value
                )
            ) with
            {
                CutAs = cut, // of the whole back edge: a stretch of it shorter than a mitre would turn back on itself
                Folds = isBoxed ? [.. CrossOutline.CornerLines(w, d, half), .. CrossOutline.Creases(w, d, half)] : [],
            }
        );
        List<Piece> pieces = [faces];
        var notions = new List<Notion>(way.Notions());
        if (isBoxed)
        {
            notions.Add(new(NotionKind.CornerLine, "Corner line", 4 * specification.Count, thickness));
        }

        if (specification.Choices.Piping != Piping.None)
        {
            notions.AddRange(PipingCasing.Runs(specification, [Round(plan, thickness, isBoxed, outline)], pieces, checks));
        }

        return new()
        {
            Pieces = pieces,
            Seams =
            [
                .. Seams(broken, way, specification.Choices.Piping != Piping.None),
                .. isBoxed ? CrossOutline.CornerSeams("face", opened: true).Concat(CrossOutline.CornerSeams("face", opened: true, 2)) : [],
            ],
            Notions = notions,
            Finished =
            [
                new("W", "Finished width", plan.Width),
                new("D", "Finished depth", plan.Depth),
                new("t", "Finished thickness", thickness),
            ],
            Checks = checks,
        };
    }

    private static bool IsRectangle(ClosedPlan plan) =>
        plan.Front == EdgeName.Front
        && plan.Back == EdgeName.Back
        && plan.Outline.Edges.Length == 4
        && plan.Outline.Edges.All(edge => edge.Arc is null && (edge.Start.X == edge.End.X || edge.Start.Y == edge.End.Y));

    /// <summary>The way round a face at the stitch line.</summary>
    private static Worked Round(ClosedPlan plan, Worked thickness, bool isBoxed, Outline outline) =>
        isBoxed ? 2 * (plan.Width + plan.Depth + (2 * thickness))
        : thickness.Value.IsZero ? plan.Perimeter
        : plan.IsSmooth ? plan.Perimeter + thickness.TimesPi()
        : Worked.ReadOff("face, all round, drawn half the thickness further out", outline.Perimeter);

    private static IEnumerable<Seam> Seams(Outline outline, BagWayIn way, bool isPiped)
    {
        foreach (var edge in outline.Names)
        {
            var isWayIn = edge.Function == EdgeFunction.WayIn;
            yield return new(
                edge,
                new("face", edge),
                new("face", edge, 2),
                isWayIn && way.Takes is { } closure ? closure
                    : isPiped ? Caught.Piping
                    : null
            )
            {
                IsWayIn = isWayIn && way.Takes is null,
            };
        }
    }
}
