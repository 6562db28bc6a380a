using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Constructions.WalledTubs;

/// <summary>
/// What is put on a tub besides its own seams: piping round the top, a skirt, straps over what stands in the way, a medallion.
/// </summary>
internal static class TubTrims
{
    /// <param name="plan">The plan of the top.</param>
    /// <param name="hems">The lower edges of the walls, in their order round the plan: what a skirt hangs from.</param>
    /// <param name="specification">The cover.</param>
    /// <param name="pieces">What is added to.</param>
    /// <param name="seams">The seams.</param>
    /// <param name="notions">The notions.</param>
    /// <param name="checks">The checks.</param>
    public static void Add(
        ClosedPlan plan,
        IReadOnlyList<SeamSide> hems,
        CoverSpecification specification,
        List<Piece> pieces,
        List<Seam> seams,
        List<Notion> notions,
        List<Check> checks
    )
    {
        if (specification.Choices.Piping != Piping.None)
        {
            notions.AddRange(PipingCasing.Runs(specification, [plan.Perimeter], pieces, checks));
        }

        if (specification.Choices.Edge == LowerEdge.Skirt)
        {
            var skirt = SkirtPieces.Draw(
                specification,
                plan.Perimeter,
                specification.Rules[Rule.SkirtDrop],
                corners: plan.IsSmooth ? 0 : 4
            );
            pieces.Add(skirt);
            seams.AddRange([.. SkirtPieces.Joins(skirt), SkirtPieces.Hanging(skirt, hems, plan.Perimeter)]);
        }

        AddStraps(plan, specification, notions);
        Medallion.Add(specification, pieces, seams, checks, plan);
    }

    /// <summary>A strap holds each side that something stands in the way of, across to the other side.</summary>
    private static void AddStraps(ClosedPlan plan, CoverSpecification specification, List<Notion> notions)
    {
        foreach (var across in specification.Obstacles.Select(obstacle => obstacle.Side is EdgeSide.Front or EdgeSide.Back).Distinct())
        {
            var gap = across ? plan.Depth : plan.Width;
            notions.Add(
                new(
                    NotionKind.Strap,
                    across ? "Elastic strap, front to back" : "Elastic strap, side to side",
                    specification.Count,
                    (3 * gap) / 4
                )
            );
        }
    }
}
