using Wrapper.Core.Catalogue;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Padding that lies under a cover.</summary>
internal static class PaddingLayers
{
    /// <summary>
    /// The cover with its layers of padding among its pieces; as it is where it could not be drafted, or where the padding was measured
    /// with the thing.
    /// </summary>
    public static ConstructedCover Under(ConstructedCover cover, ClosedPlan plan, CoverSpecification specification) =>
        cover.Pieces.Count == 0 || specification.MeasuredFrom != MeasuredFrom.Filling
            ? cover
            : cover with
            {
                Pieces = [.. cover.Pieces, .. Of(plan, specification)],
            };

    /// <summary>Each layer of padding is a piece too, as large as what it lies on.</summary>
    private static IEnumerable<Piece> Of(ClosedPlan plan, CoverSpecification specification)
    {
        for (var i = 0; i < specification.Padding.Count; i++)
        {
            var layer = specification.Padding[i];
            var wound = layer.How is PaddingHow.WoundWidth or PaddingHow.WoundDepth;
            // what it is wound round grows by itself on both faces
            var round = 2 * Worked.Given("padding", layer.Thickness, QuantitySource.Cover);
            var width = layer.How == PaddingHow.WoundWidth ? layer.Turns * (2 * (plan.Width + round)) : plan.Width;
            var length = layer.How == PaddingHow.WoundDepth ? layer.Turns * (2 * (plan.Depth + round)) : plan.Depth;
            yield return PieceMaker.Make(
                specification,
                PieceKind.Layer,
                wound ? $"Padding {i + 1}, wound round {layer.Turns} times" : $"Padding {i + 1}",
                wound ? 1 : layer.Turns,
                wound ? PieceMaker.Rectangle(width.Value, length.Value) : plan.Outline,
                width,
                length,
                _ => Length.Zero
            ) with
            {
                Key = $"layer-{i + 1}",
                Use = PieceUse.Laid,
                Cloth = ClothRole.Padding,
            };
        }
    }
}
