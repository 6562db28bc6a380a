using CsCheck;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Tests;

/// <summary>Cushions to test with.</summary>
internal static class Cushions
{
    /// <summary>The worked example: 21¼ × 19 × 4, seam ½, zip ¾, turn 3, pocket 1, piped both edges.</summary>
    public static CoverInput Worked =>
        new()
        {
            Unit = "in",
            Form = "box-cushion",
            Shape = "rectangle",
            Measures = Typed(("width", "21 1/4"), ("depth", "19"), ("thickness", "4")),
            Rules = Typed(("seam", "1/2"), ("zip", "3/4"), ("zipTurn", "3"), ("pocketLap", "1")),
            Options = new Dictionary<string, string> { ["slidePocket"] = "true", ["piping"] = "both" },
        };

    /// <summary>Random cushions of every shape and construction, in inches and metric, on and off a cloth.</summary>
    public static Gen<CoverInput> Any { get; } =
        from construction in Choice.Of("boxing-strip", "boxing-strip", "boxing-strip", "wrap-notched", "wrap-folded", "panels-folded")
        from unit in Choice.Of("in", "cm", "mm")
        from tapered in Gen.Bool
        from width in Gen.Int[16 * 10, 16 * 80]
        from narrower in Gen.Int[-16 * 4, 16 * 4]
        from depth in Gen.Int[16 * 12, 16 * 40]
        from thickness in Gen.Int[16 * 2, 16 * 6]
        from fit in Gen.Int[-6, 6].Array[3]
        from pocket in Gen.Bool
        from piping in Choice.Of("none", "top", "both")
        from bias in Gen.Bool
        from measuredFrom in Choice.Of("filling", "padded-filling", "space", "old-cover")
        from turn in Gen.Int[-16 * 2, 16 * 6]
        from usable in Choice.Of(0m, 44m, 53m, 59m, 110m)
        from nap in Choice.Of("either", "one-way")
        from strips in Choice.Of("", "", "across", "down")
        from count in Gen.Int[1, 6]
        select new CoverInput
        {
            Unit = unit,
            Form = "box-cushion",
            Shape = tapered && construction == "boxing-strip" ? "trapezoid" : "rectangle",
            Measures =
                tapered && construction == "boxing-strip"
                    ? Sixteenths(("frontWidth", width), ("backWidth", width + narrower), ("depth", depth), ("thickness", thickness))
                    : Sixteenths(("width", width), ("depth", depth), ("thickness", thickness)),
            MeasuredFrom = measuredFrom,
            Construction = construction,
            Rules = Sixteenths(("fit.width", fit[0]), ("fit.depth", fit[1]), ("fit.thickness", fit[2]), ("zipTurn", turn)),
            Options = new Dictionary<string, string>
            {
                ["slidePocket"] = pocket ? "true" : "false",
                ["piping"] = piping,
                ["bias"] = bias ? "true" : "false",
                ["strips"] = strips,
            },
            UsableWidth = usable == 0 ? null : Entry.Number(usable * 25.4m),
            Nap = nap,
            Count = count,
        };

    public static Dictionary<string, Entry> Typed(params (string Name, string Text)[] entries) =>
        entries.ToDictionary(entry => entry.Name, entry => Entry.Typed(entry.Text));

    private static Dictionary<string, Entry> Sixteenths(params (string Name, int Sixteenths)[] entries) =>
        entries.ToDictionary(entry => entry.Name, entry => Entry.Number(entry.Sixteenths * 1.5875m));
}
