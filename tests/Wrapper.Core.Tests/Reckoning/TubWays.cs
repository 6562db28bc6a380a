namespace Wrapper.Core.Tests.Reckoning;

/// <summary>Floors with walls: sheets, pads, tables, ottomans, boards. See docs/handbook.md, "Tub", "Board".</summary>
internal static class TubWays
{
    private const string Bed =
        "width 600 1600; length 1000 2100; thickness 80 220; tuckUnder 30 90; r.seam 5 12; r.hem 15 35; "
        + "r.fit.width -8 8; r.fit.depth -8 8; r.fit.thickness -8 8";
    private const string Table =
        "width 700 1300; depth 500 900; drop 100 300; r.seam 5 16; r.hem 15 40; r.fit.width -8 8; r.fit.depth -8 8";

    public static IEnumerable<Way> All =>
        [
            new("fitted sheet, elastic in a casing", "fitted-sheet", "", Bed + "; r.elasticLap 10 40", x =>
                Sheet(x).Buy("elastic", (0.7 * 2 * (x.W + x.L)) + x["r.elasticLap"])
            ),
            new("fitted sheet, elastic stretched on", "fitted-sheet", "o.edge=stretched-elastic r.stretch=1.5", Bed, x =>
                Sheet(x).Buy("elastic", 2 * (x.W + x.L) / 1.5)
            ),
            new("fitted sheet, heavy elastic", "fitted-sheet", "r.elasticRatio=0.75", Bed + "; r.elasticLap 10 40", x =>
                Sheet(x).Buy("elastic", (0.75 * 2 * (x.W + x.L)) + x["r.elasticLap"])
            ),
            new("fitted sheet, notches cut the full wall", "fitted-sheet", "o.notch=full-wall", Bed, x =>
            {
                var wall = x.T + x["tuckUnder"] + x.Hem;
                var (across, along) = (x.W + (2 * wall), x.L + (2 * wall));
                return new Answer().Cut("top", across, along).Cloth("top", (across * along) - (4 * wall * wall));
            }),
            new("changing pad, flat", "changing-pad flat", "", Bed.Replace("600 1600", "330 480"), x => Sheet(x)),
            new(
                "changing pad, contoured",
                "changing-pad contoured",
                "",
                "length 600 900; overallWidth 330 420; sideHeight 60 120; rim 20 60; flatWidth 120 160; "
                    + "flatHeight 10 50; tuckUnder 30 90; r.seam 5 12; r.hem 10 25",
                x =>
                {
                    var across = (x["overallWidth"] - (2 * x["rim"]) - x["flatWidth"]) / 2;
                    var down = x["sideHeight"] - x["flatHeight"];
                    var over = (2 * x["sideHeight"]) + (2 * x["rim"]) + (2 * Math.Sqrt((across * across) + (down * down))) + x["flatWidth"];
                    return new Answer()
                        .Cut("band", x["length"] + (2 * x.S), over + (2 * (x["tuckUnder"] + x.Hem)))
                        .Cut("end", x["overallWidth"] + (2 * x.S), x["sideHeight"] + x["tuckUnder"] + x.Hem + x.S, 2);
                }
            ),
            new("table with walls", "table", "", Table, x =>
                new Answer()
                    .Cut("top", x.W + (2 * x.S), x.D + (2 * x.S))
                    .Cut("wall", x.W + (2 * x.S), x["drop"] + x.S + x.Hem, 2)
                    .Cut("wall", x.D + (2 * x.S), x["drop"] + x.S + x.Hem, 2)
            ),
            new("table in one piece", "table", "construction=tub-notched", Table, x =>
            {
                var wall = x["drop"] + x.Hem;
                return new Answer()
                    .Cut("top", x.W + (2 * wall), x.D + (2 * wall))
                    .Cloth("top", ((x.W + (2 * wall)) * (x.D + (2 * wall))) - (4 * (wall - x.S) * (wall - x.S)));
            }),
            new("table cloth", "table", "construction=flat", Table, x =>
                new Answer().Cut("top", x.W + (2 * (x["drop"] + x.Hem)), x.D + (2 * (x["drop"] + x.Hem)))
            ),
            new(
                "round table with a wall",
                "table round",
                "",
                "diameter 500 1000; drop 100 300; r.seam 5 16; r.hem 15 40; r.fit.width -8 8",
                x =>
                {
                    var d = x["diameter"] + x.Fit("width");
                    return new Answer()
                        .Cut("top", d + (2 * x.S), d + (2 * x.S))
                        .Cloth("top", Math.PI * ((d / 2) + x.S) * ((d / 2) + x.S))
                        .Cut("wall", (Math.PI * d) + (2 * x.S), x["drop"] + x.S + x.Hem);
                }
            ),
            new(
                "round table cloth",
                "table round",
                "construction=flat",
                "diameter 500 1000; drop 100 300; r.seam 5 16; r.hem 15 40; r.fit.width -8 8",
                x =>
                {
                    var cut = x["diameter"] + x.Fit("width") + (2 * (x["drop"] + x.Hem));
                    return new Answer().Cut("top", cut, cut).Cloth("top", Math.PI * cut * cut / 4);
                }
            ),
            new("oval table with a wall", "table oval", "", Table, x =>
                new Answer()
                    .Cut("top", x.W + (2 * x.S), x.D + (2 * x.S))
                    .Cut("wall", RoundAnOval(x.W / 2, x.D / 2) + (2 * x.S), x["drop"] + x.S + x.Hem)
            ),
            new("oval table cloth", "table oval", "construction=flat", Table, x =>
                new Answer().Cut("top", x.W + (2 * (x["drop"] + x.Hem)), x.D + (2 * (x["drop"] + x.Hem)))
            ),
            new(
                "ottoman, taped under",
                "ottoman",
                "",
                "width 400 900; depth 400 700; height 250 450; return 30 80; r.seam 5 16; r.hem 8 20; r.fit.width -8 8; r.fit.depth -8 8",
                x => Ottoman(x, 0).Buy("hook-and-loop", 2 * (x.W + x.D))
            ),
            new(
                "ottoman whose top comes over the edge",
                "ottoman",
                "",
                "width 400 900; depth 400 700; height 250 450; topDrop 20 60; return 30 80; r.seam 5 16; "
                    + "r.hem 8 20; r.fit.width -8 8; r.fit.depth -8 8",
                x => Ottoman(x, x["topDrop"])
            ),
            new(
                "tray board",
                "board tray",
                "",
                "width 300 600; depth 250 450; r.wall 70 110; r.casingTurn 6 14; r.cordTail 150 300; r.fit.width -5 5; r.fit.depth -5 5",
                x =>
                    new Answer()
                        .Cut("top", x.W + (2 * x["r.wall"]), x.D + (2 * x["r.wall"]))
                        .Buy("drawstring", (2 * (x.W + x.D)) + (2 * x["r.cordTail"]))
            ),
            new(
                "tray board, as much as its hem edge in elastic",
                "board tray",
                "o.edge=stretched-elastic r.stretch=1.25",
                "width 300 600; depth 250 450; r.wall 70 110",
                x => new Answer().Cut("top", x.W + (2 * x["r.wall"]), x.D + (2 * x["r.wall"])).Buy("elastic", 2 * (x.W + x.D) / 1.25)
            ),
            new(
                "pressing table",
                "board pressing-table",
                "",
                "width 900 1300; depth 500 800; drop 50 120; cornerRadius 10 90; r.casing 15 30; "
                    + "r.casingTurn 6 14; r.fit.width -5 5; r.fit.depth -5 5",
                x =>
                {
                    // The margin runs round every corner in a curve: a plate with corners as round as radius and wall together.
                    var wall = x["drop"] + x["r.casing"] + x["r.casingTurn"];
                    var (across, along, round) = (x.W + (2 * wall), x.D + (2 * wall), x["cornerRadius"] + wall);
                    return new Answer().Cut("top", across, along).Cloth("top", (across * along) - ((4 - Math.PI) * round * round));
                }
            ),
            new("table under a medallion", "table", "o.medallion=300mm", Table, x =>
                new Answer()
                    .Cut("top", x.W + (2 * x.S), x.D + (2 * x.S))
                    .Cut("wall", x.W + (2 * x.S), x["drop"] + x.S + x.Hem, 2)
                    .Cut("wall", x.D + (2 * x.S), x["drop"] + x.S + x.Hem, 2)
                    .Cut("medallion", 300 + (2 * x.S), 300 + (2 * x.S))
                    .Cut("facing", 300 + (2 * x.S), 300 + (2 * x.S))
            ),
            new(
                "ironing board",
                "board ironing",
                "",
                "length 1000 1400; widest 300 420; noseWidth 100 200; taperLength 250 450; r.margin 30 90; r.ironingTail 80 200",
                x => new Answer().Cut("top", x["widest"] + (2 * x["r.margin"]), x["length"] + (2 * x["r.margin"]))
            ),
        ];

    private static Answer Sheet(Paper x)
    {
        var wall = x.T + x["tuckUnder"] + x.Hem;
        return new Answer()
            .Cut("top", x.W + (2 * wall), x.L + (2 * wall))
            .Cloth("top", ((x.W + (2 * wall)) * (x.L + (2 * wall))) - (4 * (wall - x.S) * (wall - x.S)));
    }

    private static Answer Ottoman(Paper x, double over)
    {
        var high = x["height"] - over + x.S + x["return"] + x.Hem;
        return new Answer()
            .Cut("top", x.W + (2 * over) + (2 * x.S), x.D + (2 * over) + (2 * x.S))
            .Cut("wall", x.W + (2 * x.S), high, 2)
            .Cut("wall", x.D + (2 * x.S), high, 2);
    }

    /// <summary>Round an oval by adding up ten thousand short straights.</summary>
    private static double RoundAnOval(double a, double b) =>
        Enumerable
            .Range(0, 10_000)
            .Sum(i =>
            {
                var (from, to) = (i * Math.PI / 5_000, (i + 1) * Math.PI / 5_000);
                return double.Hypot(a * (Math.Cos(to) - Math.Cos(from)), b * (Math.Sin(to) - Math.Sin(from)));
            });
}
