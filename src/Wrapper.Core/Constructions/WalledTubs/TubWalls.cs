using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Constructions.WalledTubs;

/// <summary>
/// A top and separate walls, open underneath. Works on a rectangle, a disc or an oval and knows no form. See
/// docs/handbook.md, "Tub with walls".
/// </summary>
public static class TubWalls
{
    /// <summary>The construction's id.</summary>
    public const string Id = "tub-walls";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Tub with walls",
            "A top and separate walls, open underneath: crisp edges, piping, contrast.",
            "crisp top edge, separate walls",
            "dropped over from above",
            "off in a moment; corners want finishing",
            "show pieces, piping, contrast"
        )
        {
            GoesRoundObstacles = true,
            CarriesPiping = true,
            TurnsHems = true,
            Choices =
            [
                Choice.Piping,
                Choice.Bias,
                Choice.Strips,
                Choice.Plates,
                Choice.Edge,
                Choice.ReturnCorners,
                Choice.TopCorners,
                Choice.Skirt,
            ],
        };

    /// <summary>Drafts the cover of a plan.</summary>
    internal static ConstructedCover Construct(ClosedPlan plan, TubDepth depth, CoverSpecification specification)
    {
        var walls = new TubWallPieces(plan, depth, specification);
        var top = depth.TopDrop.Value.IsZero ? null : new DroppedTop(plan, depth.TopDrop, specification);
        var plates = new PlatePieces(plan, specification.In(PieceRole.Top, PieceKind.Top), PieceKind.Top, 1);
        var finish = new EdgeFinish(specification, walls.Opening);
        List<Check> checks = [.. top?.Checks ?? plates.Checks, .. walls.Checks, .. finish.Checks()];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var perimeter = new PlanPerimeter(plan.Outline);
        walls.Break(perimeter);
        if (top is null)
        {
            plates.Break(perimeter);
        }

        List<Piece> pieces = [.. top is null ? plates.Draw(perimeter) : [top.Draw(perimeter)], .. walls.Draw(perimeter)];
        var notions = new List<Notion>(finish.Notions());
        List<Seam> seams =
        [
            .. top is null ? plates.JoinSeams() : top.Seams(),
            .. walls.Seams(perimeter, span => top is null ? plates.KeyAt(perimeter, span) : "top"),
        ];
        TubTrims.Add(plan, [.. walls.Hems()], specification, pieces, seams, notions, checks);
        return new()
        {
            Pieces = pieces,
            Seams = seams,
            Notions = notions,
            Finished =
            [
                new("W", "Finished width", plan.Width),
                new("D", "Finished depth", plan.Depth),
                new("drop", "Drop", depth.Drop),
                new("opening", CommonText.EdgeBeforeItIsDrawn, walls.Opening) { IsOpening = true },
            ],
            Checks = checks,
            Joins = walls.Joins + (top is null ? plates.Joins : 0),
        };
    }

    /// <summary>Elastic or cord draws the edge in, so that the corner seams run to the raw edge.</summary>
    internal static bool HoldsIn(CoverSpecification specification) =>
        specification.Choices.Edge
            is LowerEdge.CasingElastic
                or LowerEdge.StretchedElastic
                or LowerEdge.Drawstring
                or LowerEdge.OverlockedCord;
}
