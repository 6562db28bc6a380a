using Wrapper.Core.Catalogue;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms.Finished;

/// <summary>What a thing's measures, its fit and the choices of its make-up say that the cover has to measure.</summary>
public static class Expectations
{
    /// <summary>The expectation of a cover that was read and found sensible.</summary>
    public static Expectation Of(CoverSpecification cover)
    {
        var thing = new MeasuredThing(cover);
        var medallion = cover.Choices.Medallion is { } diameter ? diameter.Millimetres : 0;
        return cover.Form.Id switch
        {
            "box-cushion" or "seat-pad" or "mattress" => new(BoxedThings.Of(thing), [], null, 0),
            "bolster" => new(SeatThings.Bolster(thing), [], null, 0),
            "ottoman" => new(SeatThings.Ottoman(thing), [], SeatThings.Skirt(thing), medallion),
            "pouf" => new(SeatThings.Pouf(thing), [], null, 0),
            "chair-back" => new(SeatThings.ChairBack(thing), [], null, 0),
            "fitted-sheet" => new(BeddingThings.Sheet(thing), [], null, 0),
            "changing-pad" => new(cover.Shape.Id == "flat" ? BeddingThings.Sheet(thing) : BeddingThings.Contoured(thing), [], null, 0),
            "duvet" => new(BeddingThings.Duvet(thing), [], null, 0),
            "pillowcase" => new(BeddingThings.Pillowcase(thing), [], null, 0),
            "table" => new(TableThings.Table(thing), [], null, medallion),
            "board" => new(TableThings.Board(thing), [], null, 0),
            "slipcover" => new(null, LooseThings.Slipcover(thing), LooseThings.Skirt(thing), 0),
            "throw-over" => new(null, LooseThings.ThrowOver(thing), null, 0),
            _ => throw new ArgumentOutOfRangeException(nameof(cover), cover.Form.Id, "Nothing says what the cover of this form has to measure."),
        };
    }

    /// <summary>A box closed all round.</summary>
    internal static ExpectedCover Box(double width, double depth, double height, double round) => new()
    {
        Sizes = [width, depth, height],
        Opening = 0,
        Area = (2 * width * depth) + (2 * (width + depth) * height),
        Round = round,
    };

    /// <summary>A rectangle with walls, open below.</summary>
    internal static ExpectedCover Tub(double width, double depth, double fall) => new()
    {
        Sizes = [width, depth, fall],
        Opening = 2 * (width + depth),
        Area = (width * depth) + (2 * (width + depth) * fall),
        Round = 2 * (width + depth),
    };
}
