using Wrapper.Core.Catalogue;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Padding that lies under a cover.</summary>
internal static class PaddingLayers
{
    /// <summary>Each layer of padding is a piece too, as large as what it lies on.</summary>
    public static IEnumerable<Piece> Of(ConstructedCover cover, ClosedPlan plan, CoverSpecification specification)
    {
        if (cover.Pieces.Count == 0 || specification.MeasuredFrom != MeasuredFrom.Filling)
        {
            yield break;
        }

        for (var i = 0; i < specification.Padding.Count; i++)
        {
            var layer = specification.Padding[i];
            var wound = layer.How is PaddingHow.WoundWidth or PaddingHow.WoundDepth;
            var round = 2 * Worked.Given("padding", layer.Thickness, QuantitySource.Cover); // what it is wound round grows by itself on both faces
            var width = layer.How == PaddingHow.WoundWidth ? layer.Turns * (2 * (plan.Width + round)) : plan.Width;
            var length = layer.How == PaddingHow.WoundDepth ? layer.Turns * (2 * (plan.Depth + round)) : plan.Depth;
            yield return PieceMaker.Make(
                specification,
                "layer",
                wound ? $"Padding {i + 1}, wound round {layer.Turns} times" : $"Padding {i + 1}",
                wound ? 1 : layer.Turns,
                wound ? PieceMaker.Rectangle(width.Value, length.Value) : plan.Outline,
                width,
                length,
                _ => Length.Zero) with
            { Key = $"layer-{i + 1}", Use = PieceUse.Laid, Cloth = ClothRole.Padding };
        }
    }
}
