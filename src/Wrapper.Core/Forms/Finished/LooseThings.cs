using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms.Finished;

/// <summary>What the blocks of loose covers have to hold.</summary>
internal static class LooseThings
{
    public static IReadOnlyList<ExpectedZone> Slipcover(MeasuredThing thing) =>
        [.. thing.Cover.Zones.SelectMany((zone, i) => zone.Pair
            ? (string[])[$"block-{i + 1}-left", $"block-{i + 1}-right"]
            : [$"block-{i + 1}"], (zone, key) => (zone, key)).Select(entry => ZoneOf(entry.zone, entry.key, thing))];

    public static IReadOnlyList<ExpectedZone> ThrowOver(MeasuredThing thing)
    {
        var (tuck, spare, hem) = (Math.Min(thing.Rule("tuck"), thing.Taken("freeTuck")), thing.Rule("tuckSpare"), thing.Rule("hem"));
        var arm = new ExpectedZone("block-arm-left", thing.Across("armDepth") + spare, thing.Along("armRun") + tuck, hem, hem);
        return
        [
            new("block-seat", thing.Across("seatWidth") + (2 * tuck), thing.Along("seatRun") + spare, hem, hem),
            arm,
            arm with { Zone = "block-arm-right" },
        ];
    }

    /// <summary>The skirt of a slipcover; null where it has none.</summary>
    public static ExpectedSkirt? Skirt(MeasuredThing thing) => thing.Has("skirtLength") && thing.Has("skirtDrop")
        ? SeatThings.SkirtOf(thing, thing.Taken("skirtLength"), thing.Taken("skirtDrop"))
        : null;

    /// <summary>A zone with what goes down into the gaps at its edges; a strip has a spare of its own along its long sides.</summary>
    private static ExpectedZone ZoneOf(Zone zone, string key, MeasuredThing thing)
    {
        var pin = thing.Rule("pin");
        if (zone.Strip)
        {
            return new(key, zone.Width.Millimetres, zone.Height.Millimetres, pin, thing.Rule("stripSpare") / 2);
        }

        var tuck = Math.Min(thing.Rule("tuck"), zone.FreeTuck.Millimetres);
        double At(params string[] edges) => edges.Count(zone.Tucks.Contains) * tuck;
        return new(key, zone.Width.Millimetres + At("left", "right"), zone.Height.Millimetres + At("top", "bottom"), pin, pin);
    }
}
