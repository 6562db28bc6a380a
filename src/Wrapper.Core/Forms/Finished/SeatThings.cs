using Wrapper.Core.Catalogue;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Forms.Finished;

/// <summary>What covers of bolsters, ottomans, poufs and chair backs have to measure.</summary>
internal static class SeatThings
{
    public static ExpectedCover Bolster(MeasuredThing thing)
    {
        var diameter = thing.Has("diameter")
            ? thing.Across("diameter")
            : (thing.Unshrunk(thing.Taken("circumference"), across: true) / Math.PI) + thing.Wadding(1, 0) + thing.AddedAcross;
        var (round, length) = (Math.PI * diameter, thing.Along("length"));
        return new()
        {
            Sizes = [diameter, diameter, length],
            Opening = 0,
            Area = (round * diameter / 2) + (round * length),
            Round = round,
        };
    }

    public static ExpectedCover Ottoman(MeasuredThing thing)
    {
        var (w, d) = (thing.Across("width"), thing.Along("depth"));
        var under = thing.Detail("return", rule: "tuckUnder");
        var fall = thing.Up("height") + under;
        var tub = Expectations.Tub(w, d, fall);
        // The corners of what turns under are left open; a skirt hangs from the edge and closes it with its own.
        tub = tub with { Opening = tub.Opening + (8 * under) };
        return Skirt(thing) is { } skirt
            ? tub with { Sizes = [w, d, fall + skirt.Drop], Area = tub.Area + (skirt.Length * skirt.Drop) }
            : tub;
    }

    /// <summary>The skirt on the lower edge; null where the edge is finished otherwise.</summary>
    public static ExpectedSkirt? Skirt(MeasuredThing thing) => thing.Cover.Choices.Edge == "skirt"
        ? SkirtOf(thing, 2 * (thing.Across("width") + thing.Along("depth")), thing.Rule("skirtDrop"))
        : null;

    /// <summary>A skirt round so much: so many times as long, or longer by four depths of a pleat at each of four corners.</summary>
    public static ExpectedSkirt SkirtOf(MeasuredThing thing, double round, double drop) => new(
        thing.Cover.Choices.Skirt == "gathered" ? round * (double)thing.Cover.Rules.Number("fullness") : round + (16 * thing.Rule("pleatDepth")),
        round,
        drop);

    public static ExpectedCover Pouf(MeasuredThing thing)
    {
        if (thing.Cover.Shape.Id == "drum")
        {
            return BoxedThings.Boxed(thing, ThingPlans.Of(thing), thing.Up("height"));
        }

        var size = thing.Across("size");
        return Expectations.Box(size, size, size, 4 * size);
    }

    public static ExpectedCover ChairBack(MeasuredThing thing)
    {
        var (w, t, h) = (thing.Across("width") + thing.Rule("ease"), thing.Up("thickness"), thing.Along("height"));
        var (reversible, layers) = (thing.Cover.Choices.Reversible, thing.Cover.Choices.Reversible ? 2 : 1);
        if (thing.Cover.Shape.Id is not ("rounded" or "posts"))
        {
            return new()
            {
                Sizes = [w, layers * h, t],
                Opening = reversible ? 0 : 2 * (w + t),
                Area = layers * ((2 * w * h) + (((2 * h) + w) * t)),
                Round = 2 * (w + (layers * h)),
            };
        }

        // Cut to its curve, or open at its posts, it lies flat: as wide as the back and its thickness, half of that higher.
        var (across, up) = (w + t, h + (t / 2));
        var radius = thing.Cover.Shape.Id == "rounded" ? thing.Detail("cornerRadius") + (t / 2) : 0;
        var posts = thing.Cover.Shape.Id == "posts" ? 4 * layers * (thing.Detail("postWidth", across: true) + thing.Rule("postEase")) : 0;
        var face = (across * up) - ((2 - (Math.PI / 2)) * radius * radius);
        return new()
        {
            Sizes = [across, layers * up, 0],
            Opening = (reversible ? 0 : 2 * across) + posts,
            Area = 2 * layers * face,
            Round = (2 * across) + (2 * layers * up) - (layers * (4 - Math.PI) * radius),
        };
    }
}
