using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Forms.Finished;

/// <summary>Covers that many things have: a box closed all round, a rectangle with walls, a cloth laid flat, a skirt.</summary>
internal static class PlainCover
{
    /// <summary>A box closed all round.</summary>
    public static ExpectedCover Box(double width, double depth, double height, double round) =>
        new()
        {
            Sizes = [width, depth, height],
            Opening = 0,
            Area = (2 * width * depth) + (2 * (width + depth) * height),
            Round = round,
        };

    /// <summary>A rectangle with walls, open below.</summary>
    public static ExpectedCover Tub(double width, double depth, double fall) =>
        new()
        {
            Sizes = [width, depth, fall],
            Opening = 2 * (width + depth),
            Area = (width * depth) + (2 * (width + depth) * fall),
            Round = 2 * (width + depth),
        };

    public static ExpectedCover Sheet(double width, double depth, double edge, double area, double smooth) =>
        new()
        {
            Sizes = [width, depth, 0],
            Opening = edge,
            Area = area,
            Round = edge,
            Smooth = smooth,
        };

    /// <summary>A skirt round so much: so many times as long, or longer by four depths of a pleat at each of four corners.</summary>
    public static ExpectedSkirt SkirtOf(MeasuredThing thing, double round, double drop) =>
        new(
            thing.Cover.Choices.Skirt == SkirtMake.Gathered
                ? round * (double)thing.Cover.Rules.Number(NumberRule.Fullness)
                : round + (16 * thing.Figure(Rule.PleatDepth)),
            round,
            drop
        );

    /// <summary>A bag over something upright, open below; two layers joined round the opening are closed.</summary>
    public static ExpectedCover OverBack(double width, double thickness, double height, int layers) =>
        new()
        {
            Sizes = [width, layers * height, thickness],
            Opening = layers == 2 ? 0 : 2 * (width + thickness),
            Area = layers * ((2 * width * height) + (((2 * height) + width) * thickness)),
            Round = 2 * (width + (layers * height)),
        };
}
