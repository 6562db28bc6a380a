using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>A width a cloth is sold in.</summary>
/// <param name="Width">The width.</param>
/// <param name="Price">What a yard (inch job) or metre of it costs; null where nobody has said.</param>
public sealed record SoldWidth(ClothWidth Width, decimal? Price)
{
    /// <summary>What a length of it costs, to the hundredth; null without a price.</summary>
    /// <param name="length">The length.</param>
    /// <param name="unit">The unit of the job, which says whether the price is of a yard or a metre.</param>
    public decimal? CostOf(Length length, LengthUnit unit) => CostOf(length, unit, Price);

    /// <summary>What a length costs at this price of a yard or metre, to the hundredth; null without one.</summary>
    public static decimal? CostOf(Length length, LengthUnit unit, decimal? price) =>
        price is { } each
            ? Math.Round(length.Nanometres / (decimal)(unit.IsImperial() ? LengthUnit.Yard : LengthUnit.Metre).One().Nanometres * each, 2)
            : null;

    /// <summary>
    /// What is compared: the widths the cloth is sold in and its own, the narrowest first; where nobody has said in which it is
    /// sold, the usual ones, without a price but at its own.
    /// </summary>
    /// <param name="cloth">The cloth.</param>
    /// <param name="price">What it costs at its own width.</param>
    /// <param name="unit">The unit of the job.</param>
    public static IReadOnlyList<SoldWidth> Offered(ClothSpecification cloth, decimal? price, LengthUnit unit)
    {
        var own = cloth.Width;
        if (cloth.SoldIn.Count == 0)
        {
            if (cloth.ReadyLength is not null)
            {
                return []; // a sheet comes as it comes
            }

            return [.. ClothWidth.Usual.Select(width => new SoldWidth(width, width.Width == own ? price : null))];
        }

        return
        [
            .. cloth
                .SoldIn.Where(sold => sold.Width.Width != own)
                .Append(
                    new(
                        cloth.SoldIn.FirstOrDefault(sold => sold.Width.Width == own)?.Width
                            ?? new(LengthFormat.For(unit).RoundedWithUnit(own), own),
                        price
                    )
                )
                .OrderBy(sold => sold.Width.Width),
        ];
    }
}
