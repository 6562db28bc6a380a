namespace Wrapper.Core.Tests.Reckoning;

/// <summary>
/// Cushions from one folded piece or two panels, bands with ends, sleeves. See docs/handbook.md, "Wrap", "Band and ends", "Envelope".
/// </summary>
internal static class FoldedWays
{
    private const string Fit = "r.fit.width -12 12; r.fit.depth -12 12; r.fit.thickness -10 6";
    private const string Box = "width 300 900; depth 300 700; thickness 60 140; " + Fit;
    private const string Seams = "; r.seam 5 16; r.zip 12 30";

    public static IEnumerable<Way> All =>
        [
            new("corners cut first", "box-cushion", "construction=wrap-notched", Box + Seams + "; r.zipReach 20 200", x =>
                Wrap(x)
                    .Cloth(
                        "wrap",
                        ((x.W + x.T + (2 * x.S)) * 2 * (x.D + x.T + x.Z))
                            - (2 * x.T * ((x.T / 2) + x.Z - x.S))
                            - (2 * x.T * ((x.T / 2) - x.S))
                    )
                    .Buy("zip", x.W + (2 * Math.Min(x["r.zipReach"], x.D / 3)))
            ),
            new(
                "corners cut first, hook-and-loop",
                "box-cushion",
                "construction=wrap-notched o.closure=hook-and-loop",
                Box + "; r.seam 5 16; r.tapeWidth 15 40; r.zipReach 20 100",
                x => new Answer().Cut("wrap", x.W + x.T + (2 * x.S), (2 * x.D) + (2 * x.T) + (3 * x["r.tapeWidth"]))
            ),
            new("corners opened out", "box-cushion", "construction=wrap-folded", Box + Seams, x =>
                Wrap(x)
                    .Cloth("wrap", (x.W + x.T + (2 * x.S)) * 2 * (x.D + x.T + x.Z))
                    .Chalk("wrap", "corner-line", x.T / 2, 16) // four corners, both layers, each side of the seam
                    .Buy("zip-roll", x.W + x.T + (2 * x.S))
                    .Buy("zip-closed-end", x.W)
            ),
            new("two panels", "box-cushion", "construction=panels-folded", Box + Seams + "; r.zipClear 5 20", x =>
                new Answer()
                    .Cut("panel", x.W + x.T + (2 * x.S), x.D + x.T + x.S + x.Z, 2)
                    .Cloth("panel", (x.W + x.T + (2 * x.S)) * (x.D + x.T + x.S + x.Z))
                    .Buy("zip-opening", x.W - (2 * x["r.zipClear"]))
            ),
            new("two panels, zip round three sides", "box-cushion", "construction=panels-folded o.zipSides=three-sides", Box + Seams, x =>
                new Answer().Cut("panel", x.W + x.T + (2 * x.Z), x.D + x.T + x.S + x.Z, 2)
            ),
            new(
                "two panels, hook-and-loop",
                "box-cushion",
                "construction=panels-folded o.closure=hook-and-loop",
                Box + "; r.seam 5 16; r.tapeWidth 15 40",
                x =>
                    new Answer()
                        .Cut("panel", x.W + x.T + (2 * x.S), x.D + x.T + x.S + x["r.tapeWidth"])
                        .Cut("panel", x.W + x.T + (2 * x.S), x.D + x.T + x.S + (2 * x["r.tapeWidth"]))
            ),
            new(
                "mattress in two panels",
                "mattress",
                "construction=panels-folded",
                "width 600 1600; length 1500 2100; thickness 80 220" + Seams + "; " + Fit,
                x => new Answer().Cut("panel", x.W + x.T + (2 * x.S), x.L + x.T + x.S + x.Z, 2)
            ),
            new("waterfall", "box-cushion", "construction=band-ends", Box + Seams + "; r.bandClosedEnd 5 30", x =>
                new Answer()
                    .Cut("end", x.D + (2 * x.S), x.T + (2 * x.S), 2)
                    .Cut("band", x.W + (2 * x.S), (2 * (x.D + x.T)) + (2 * x.Z))
                    .Buy("zip", x.W - (2 * x["r.bandClosedEnd"]))
            ),
            new(
                "bolster",
                "bolster",
                "",
                "diameter 120 260; length 500 1200; r.seam 5 16; r.zip 12 30; r.bolsterClosedEnd 20 60; "
                    + "r.fit.width -8 8; r.fit.depth -8 8; r.pipingLap 30 90",
                x =>
                {
                    var d = x["diameter"] + x.Fit("width");
                    return new Answer()
                        .Cut("end", d + (2 * x.S), d + (2 * x.S), 2)
                        .Cloth("end", Math.PI * ((d / 2) + x.S) * ((d / 2) + x.S))
                        .Cut("band", x.L + (2 * x.S), (Math.PI * d) + (2 * x.Z))
                        .Buy("zip", x.L - (2 * x["r.bolsterClosedEnd"]));
                }
            ),
            new(
                "bolster by its circumference, piped",
                "bolster",
                "o.piping=both",
                "circumference 400 800; length 500 1200; r.seam 5 16; r.zip 12 30; r.fit.width -8 8; r.pipingLap 30 90",
                x =>
                {
                    var d = (x["circumference"] / Math.PI) + x.Fit("width");
                    return new Answer()
                        .Cut("end", d + (2 * x.S), d + (2 * x.S), 2)
                        .Cloth("end", Math.PI * ((d / 2) + x.S) * ((d / 2) + x.S))
                        .Cut("band", x.L + (2 * x.S), (Math.PI * d) + (2 * x.Z))
                        .Buy("piping", (Math.PI * d) + x["r.pipingLap"], 2);
                }
            ),
            new(
                "bolster whose old cover shrank",
                "bolster",
                "from=old-cover r.shrinkage.along=5% r.shrinkage.across=5% r.prewash=true",
                "circumference 400 800; length 500 1200; r.seam 5 16; r.zip 12 30",
                x =>
                {
                    var d = x["circumference"] / 0.95 / Math.PI;
                    return new Answer()
                        .Cut("end", d + (2 * x.S), d + (2 * x.S), 2)
                        .Cut("band", (x["length"] / 0.95) + (2 * x.S), (Math.PI * d) + (2 * x.Z));
                }
            ),
            new("sleeve", "box-cushion", "construction=envelope", Box + "; r.sideSeam 8 40; r.tail 250 400", x =>
                Sleeve(x, x.W, x.D, x["r.tail"])
            ),
            new(
                "sleeve with its tail at the least",
                "box-cushion",
                "construction=envelope",
                Box + "; r.sideSeam 8 40; r.tail 0 60; r.tailClear 60 140",
                x => Sleeve(x, x.W, x.D, x.T + x["r.tailClear"])
            ),
            new(
                "sleeve over a round cushion",
                "box-cushion round",
                "construction=envelope",
                "diameter 250 700; thickness 60 140; r.sideSeam 8 40; r.tail 250 400; " + Fit.Replace("r.fit.depth -12 12; ", ""),
                x => Sleeve(x, x["diameter"] + x.Fit("width"), x["diameter"] + x.Fit("width"), x["r.tail"])
            ),
            new("wrapped cube", "pouf cube", "", "size 350 700; wrap 20 120; r.seam 5 16; r.fit.width -8 8", x =>
            {
                var a = x["size"] + x.Fit("width");
                var (side, strip) = (a - (2 * x["wrap"]) + (2 * x.S), (2 * x["wrap"]) + (2 * x.S));
                return new Answer()
                    .Cut("top", a + (2 * x["wrap"]) + (2 * x.S), a + (2 * x["wrap"]) + (2 * x.S), 2)
                    .Cloth("top", (a + (2 * x["wrap"]) + (2 * x.S)) * (a + (2 * x["wrap"]) + (2 * x.S)))
                    .Cut("strip", strip, side, 4)
                    .Cut("side", side, side, 4);
            }) { Where = x => x["size"] + x.Fit("width") - (2 * x["wrap"]) > 60 },
        ];

    private static Answer Wrap(Paper x) => new Answer().Cut("wrap", x.W + x.T + (2 * x.S), (2 * x.D) + (2 * x.T) + (2 * x.Z));

    private static Answer Sleeve(Paper x, double across, double along, double tail) =>
        new Answer().Cut("panel", across + x.T + (2 * x["r.sideSeam"]), along + (x.T / 2) + x["r.sideSeam"] + tail, 2);
}
