using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Forms.Finished;

/// <summary>What sheets, pads, duvet covers and pillowcases have to measure.</summary>
internal static class BeddingThings
{
    public static ExpectedCover Sheet(MeasuredThing thing)
    {
        var fall = thing.Up("thickness") + thing.Detail("tuckUnder", rule: "tuckUnder");
        return TableThings.OnePiece(thing, thing.Across("width"), thing.Along("length"), fall);
    }

    /// <summary>A pad with raised sides, its band drawn in underneath.</summary>
    public static ExpectedCover Contoured(MeasuredThing thing)
    {
        var (w, side, length) = (thing.Across("overallWidth"), thing.Up("sideHeight"), thing.Along("length"));
        var (rim, flat, flatHeight) = (thing.Detail("rim", across: true), thing.Detail("flatWidth", across: true), thing.Detail("flatHeight"));
        var under = thing.Detail("tuckUnder", rule: "tuckUnder");
        var (across, down) = ((w - flat - (2 * rim)) / 2, side - flatHeight);
        var over = (2 * (side + under)) + (2 * rim) + (2 * double.Hypot(across, down)) + flat;
        var end = (w * (side + under)) - ((flat + across) * down);
        return new()
        {
            Sizes = [w, side + under, length],
            Opening = 2 * (length + w),
            Area = (2 * end) + (over * length),
            Round = w + over,
        };
    }

    public static ExpectedCover Duvet(MeasuredThing thing)
    {
        var (w, l) = (thing.Across("width"), thing.Along("length"));
        var open = w * (1 - (2 * (double)thing.Cover.Rules.Number("openingShare")));
        return new()
        {
            Sizes = [w, l, 0],
            Opening = thing.Cover.Choices.Closure == "zip" ? 0 : 2 * open,
            Area = 2 * w * l,
            Round = 2 * (w + l),
        };
    }

    public static ExpectedCover Pillowcase(MeasuredThing thing)
    {
        var (w, l) = (thing.Across("width"), thing.Along("length"));
        if (thing.Cover.Shape.Id != "flange")
        {
            return new() { Sizes = [w, l, 0], Opening = 2 * w, Area = 2 * w * l, Round = 2 * (w + l) };
        }

        var (flange, overlap) = (thing.Detail("flange", rule: "flange"), thing.Rule("backOverlap"));
        (w, l) = (w + (2 * flange), l + (2 * flange));
        return new()
        {
            Sizes = [w, l, 0],
            Opening = 2 * (w + overlap),
            Area = w * ((2 * l) + overlap),
            Round = 2 * (w + l),
        };
    }
}
