using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Plates;

/// <summary>A disc sewn on the middle of a top, turned through a slit in its facing. See docs/handbook.md, "Medallions".</summary>
internal static class Medallion
{
    public static void Add(CoverSpecification specification, List<Piece> pieces, List<Seam> seams, List<Check> checks, ClosedPlan plan)
    {
        if (specification.Choices.Medallion is not { } finished)
        {
            return;
        }

        if (finished > Length.Min(plan.Width.Value, plan.Depth.Value))
        {
            checks.Add(Check.Error("medallion-too-large", PartsText.MedallionTooLarge, "medallion"));
            return;
        }

        var seam = specification.Rules[Rule.Seam];
        var diameter = Worked.Given("medallion", finished, QuantitySource.Cover);
        var cut = diameter + (2 * seam);
        var disc = PlanShapes.Round(diameter).Outline;
        var piece = PieceMaker.Make(specification, PieceKind.Medallion, "Medallion", 1, disc, cut, cut, _ => seam.Value) with
        {
            Use = PieceUse.Applied,
        };
        pieces.Add(piece);
        seams.AddRange(disc.Names.Select(edge => new Seam($"medallion-{edge}", new("medallion", edge), new("facing", edge))));
        pieces.Add(
            piece with
            {
                Key = "facing",
                Kind = PieceKind.Facing,
                Name = "Medallion facing, slit to turn",
                Cloth = ClothRole.Lining,
            }
        );
    }
}
