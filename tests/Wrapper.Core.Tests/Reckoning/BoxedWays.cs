namespace Wrapper.Core.Tests.Reckoning;

/// <summary>Cushions and mattresses with two plates and a wall. See docs/handbook.md, "Boxing strip".</summary>
internal static class BoxedWays
{
    private const string Rules = "r.seam 5 16; r.zip 12 30; r.zipTurn 20 90; r.fit.width -12 12; r.fit.depth -12 12; r.fit.thickness -10 6";
    private const string Box = "width 300 900; depth 300 700; thickness 60 140; " + Rules;

    public static IEnumerable<Way> All =>
        [
            new("boxing strip, plain join", "box-cushion", "", Box, x =>
                Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W + (2 * x["r.zipTurn"]))
            ),
            new("boxing strip, the zip stays inside the back", "box-cushion", "", Box.Replace("zipTurn 20 90", "zipTurn -80 -20"), x =>
                Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W + (2 * x["r.zipTurn"]))
            ),
            new("boxing strip, slide pocket", "box-cushion", "o.slidePocket=true", Box + "; r.pocketLap 10 40", x =>
                Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W + (2 * x["r.zipTurn"]), 4 * x["r.pocketLap"])
            ),
            new("boxing strip, zip round three sides", "box-cushion", "o.zipSides=three-sides", Box.Replace("r.zipTurn 20 90; ", ""), x =>
                Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W + (2 * x.D * 2 / 3))
            ),
            new("boxing strip, hook-and-loop", "box-cushion", "o.closure=hook-and-loop", Box + "; r.tapeWidth 15 40", x =>
            {
                var (around, run) = (2 * (x.W + x.D), x.W + (2 * x["r.zipTurn"]));
                return Plates(x, x.W, x.D)
                    .Cut("zip-boxing", run + (2 * x.S), (x.T / 2) + x.S + x["r.tapeWidth"])
                    .Cut("zip-boxing", run + (2 * x.S), (x.T / 2) + x.S + (2 * x["r.tapeWidth"]))
                    .Cut("boxing", around - run + (2 * x.S), x.T + (2 * x.S))
                    .Buy("hook-and-loop", run);
            }),
            new("boxing strip, closed-end zip", "box-cushion", "o.closure=closed-end-zip", Box, x =>
                Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W + (2 * x["r.zipTurn"])).Buy("zip-closed-end", x.W + (2 * x["r.zipTurn"]))
            ),
            new("boxing strip, two alike and their piping", "box-cushion", "o.piping=both count=2", Box + "; r.pipingLap 30 100", x =>
            {
                var answer = new Answer().Cut("plate", x.W + (2 * x.S), x.D + (2 * x.S), 4);
                var run = x.W + (2 * x["r.zipTurn"]);
                return answer
                    .Cut("zip-boxing", run + (2 * x.S), (x.T / 2) + x.S + x.Z, 4)
                    .Cut("boxing", (2 * (x.W + x.D)) - run + (2 * x.S), x.T + (2 * x.S), 2)
                    .Buy("piping", (2 * (x.W + x.D)) + x["r.pipingLap"], 4)
                    .Buy("zip-roll", run + (2 * x.S), 2);
            }),
            new("boxing strip, piped on top only", "box-cushion", "o.piping=top", Box + "; r.pipingLap 30 100", x =>
                Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W + (2 * x["r.zipTurn"]))
                    .Buy("piping", (2 * (x.W + x.D)) + x["r.pipingLap"])
            ),
            new("rounded corners", "box-cushion", "", Box + "; cornerRadius 20 100", x =>
            {
                var (r, back) = (x["cornerRadius"], x.W - ((2 - (Math.PI / 2)) * x["cornerRadius"]));
                var (across, along) = (x.W + (2 * x.S), x.D + (2 * x.S));
                return Ring(Plates(x, x.W, x.D), x, (2 * (x.W + x.D)) - ((8 - (2 * Math.PI)) * r), back + (2 * x["r.zipTurn"]))
                    .Cloth("plate", (across * along) - ((4 - Math.PI) * (r + x.S) * (r + x.S)));
            }),
            new("rounded at the back only", "box-cushion", "o.roundedCorners=back", Box + "; cornerRadius 20 100", x =>
            {
                var (r, back) = (x["cornerRadius"], x.W - ((2 - (Math.PI / 2)) * x["cornerRadius"]));
                return Ring(Plates(x, x.W, x.D), x, (2 * (x.W + x.D)) - ((4 - Math.PI) * r), back + (2 * x["r.zipTurn"]));
            }),
            new("rounded at the front only", "box-cushion", "o.roundedCorners=front", Box + "; cornerRadius 20 100", x =>
                Ring(Plates(x, x.W, x.D), x, (2 * (x.W + x.D)) - ((4 - Math.PI) * x["cornerRadius"]), x.W + (2 * x["r.zipTurn"]))
            ),
            new(
                "tapered",
                "box-cushion trapezoid",
                "",
                "frontWidth 450 900; backWidth 400 800; depth 300 700; thickness 60 140; " + Rules,
                x =>
                {
                    var (front, back) = (x["frontWidth"] + x.Fit("width"), x["backWidth"] + x.Fit("width"));
                    var side = Math.Sqrt((x.D * x.D) + ((front - back) * (front - back) / 4));
                    var lean = Math.Abs(front - back) / 2 / x.D;
                    var widest = Math.Max(front, back) + (2 * x.S * (lean + Math.Sqrt(1 + (lean * lean))));
                    var answer = new Answer().Cut("plate", widest, x.D + (2 * x.S), 2);
                    return Ring(answer, x, front + back + (2 * side), back + (2 * x["r.zipTurn"]));
                }
            )
            {
                Where = x => Math.Abs(x["frontWidth"] - x["backWidth"]) / 2 / x.D < 0.55, // a sharper corner is cut off at two seams
            },
            new(
                "round, zip half way",
                "box-cushion round",
                "",
                "diameter 250 700; thickness 60 140; r.seam 5 16; r.zip 12 30; r.fit.width -12 12; r.fit.thickness -10 6",
                x =>
                {
                    var d = x["diameter"] + x.Fit("width");
                    return Ring(Plates(x, d, d), x, Math.PI * d, Math.PI * d / 2);
                }
            ),
            new(
                "round, zip a third of the way",
                "box-cushion round",
                "o.zipShare=1/3",
                "diameter 250 700; thickness 60 140; r.seam 5 16; r.zip 12 30; r.fit.width -12 12; r.fit.thickness -10 6",
                x =>
                {
                    var d = x["diameter"] + x.Fit("width");
                    return Ring(Plates(x, d, d), x, Math.PI * d, Math.PI * d / 3);
                }
            ),
            new(
                "two ears",
                "box-cushion t-shape",
                "",
                "width 500 900; depth 430 800; earWidth 60 110; earDepth 80 250; thickness 60 140; " + Rules,
                x =>
                    Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W - (2 * x["earWidth"]) + (2 * x["r.zipTurn"]))
                        .Cloth("plate", ((x.W + (2 * x.S)) * (x.D + (2 * x.S))) - (2 * x["earWidth"] * (x.D - x["earDepth"])))
            ),
            new(
                "one ear",
                "box-cushion l-shape",
                "",
                "width 500 900; depth 430 800; earWidth 60 110; earDepth 80 250; thickness 60 140; " + Rules,
                x =>
                    Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W - x["earWidth"] + (2 * x["r.zipTurn"]))
                        .Cloth("plate", ((x.W + (2 * x.S)) * (x.D + (2 * x.S))) - (x["earWidth"] * (x.D - x["earDepth"])))
            ),
            new(
                "seat pad with a wall",
                "seat-pad",
                "construction=boxing-strip o.closure=zip",
                Box.Replace("thickness 60 140", "thickness 40 90"),
                x => Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W + (2 * x["r.zipTurn"]))
            ),
            new(
                "seat pad with a wall, turned through a gap",
                "seat-pad",
                "construction=boxing-strip",
                "width 300 900; depth 300 700; thickness 40 90; r.seam 5 16; r.fit.width -12 12; r.fit.depth -12 12; r.fit.thickness -10 6",
                x => Plates(x, x.W, x.D).Cut("boxing", (2 * (x.W + x.D)) + (2 * x.S), x.T + (2 * x.S))
            ),
            new("mattress, zip round the head", "mattress", "", "width 600 1600; length 1500 2100; thickness 80 220; " + Rules, x =>
                Ring(Plates(x, x.W, x.L), x, 2 * (x.W + x.L), x.W + (2 * x["r.zipTurn"]))
            )
            {
                Where = x => x["r.zipTurn"] > 0,
            },
            new(
                "berth with a corner cut off",
                "mattress cut-corner",
                "",
                "width 700 1400; length 1700 2100; cutWidth 80 250; cutLength 100 400; thickness 80 220; " + Rules,
                x =>
                {
                    // Measured on the thing: the cut keeps its size whatever the fit.
                    var slant = double.Hypot(x["cutWidth"], x["cutLength"]);
                    var around = (2 * (x.W + x.L)) - x["cutWidth"] - x["cutLength"] + slant;
                    return Ring(Plates(x, x.W, x.L), x, around, x.W + (2 * x["r.zipTurn"]));
                }
            ),
            new(
                "space to be filled",
                "box-cushion",
                "from=space",
                "width 300 900; depth 300 700; thickness 60 140; r.seam 5 16; r.zip 12 30; r.zipTurn 20 90",
                x => Ring(Plates(x, x.W, x.D), x, 2 * (x.W + x.D), x.W + (2 * x["r.zipTurn"]))
            ),
            new(
                "old cover that shrank",
                "box-cushion",
                "from=old-cover r.shrinkage.along=5% r.shrinkage.across=4% r.prewash=true",
                "width 300 900; depth 300 700; thickness 60 140; r.seam 5 16; r.zip 12 30; r.zipTurn 20 90",
                x =>
                {
                    var (w, d, t) = (x["width"] / 0.96, x["depth"] / 0.95, x["thickness"] / 0.95);
                    var run = w + (2 * x["r.zipTurn"]);
                    return new Answer()
                        .Cut("plate", w + (2 * x.S), d + (2 * x.S), 2)
                        .Cut("zip-boxing", run + (2 * x.S), (t / 2) + x.S + x.Z, 2)
                        .Cut("boxing", (2 * (w + d)) - run + (2 * x.S), t + (2 * x.S));
                }
            ),
            new("drum", "pouf drum", "", "diameter 300 700; height 250 600; r.seam 5 16; r.zip 12 30; r.fit.width -12 12", x =>
            {
                var d = x["diameter"] + x.Fit("width");
                var run = Math.PI * d / 2;
                return Plates(x, d, d)
                    .Cut("zip-boxing", run + (2 * x.S), (x["height"] / 2) + x.S + x.Z, 2)
                    .Cut("boxing", (Math.PI * d) - run + (2 * x.S), x["height"] + (2 * x.S));
            }),
        ];

    private static Answer Plates(Paper x, double across, double along) =>
        new Answer().Cut("plate", across + (2 * x.S), along + (2 * x.S), 2);

    /// <summary>The wall: two halves with the zip between them, and the rest in one length.</summary>
    private static Answer Ring(Answer answer, Paper x, double around, double run, double laps = 0) =>
        answer.Cut("zip-boxing", run + (2 * x.S), (x.T / 2) + x.S + x.Z, 2).Cut("boxing", around - run + (2 * x.S) + laps, x.T + (2 * x.S));
}
