namespace Wrapper.Core.Tests.Reckoning;

/// <summary>Two faces and a way in: pads, backs, bedding; and rough pieces for pinning. See docs/handbook.md, "Bag", "Blocks".</summary>
internal static class BagWays
{
    private const string Duvet = "width 1200 2400; length 1800 2300; r.sideSeam 8 25; r.closedEnd 8 25";

    public static IEnumerable<Way> All =>
        [
            new(
                "seat pad, boxed corners",
                "seat-pad",
                "",
                "width 300 600; depth 300 600; thickness 20 80; r.seam 5 16; r.fit.width -8 8; r.fit.depth -8 8; r.fit.thickness -5 5",
                x => new Answer().Cut("face", x.W + x.T + (2 * x.S), x.D + x.T + (2 * x.S), 2)
            ),
            new(
                "seat pad, knife edge",
                "seat-pad",
                "",
                "width 300 600; depth 300 600; thickness 0 0; r.seam 5 16; r.fit.width -8 8; r.fit.depth -8 8",
                x => new Answer().Cut("face", x.W + (2 * x.S), x.D + (2 * x.S), 2)
            ),
            new("seat pad, round", "seat-pad round", "", "diameter 300 600; thickness 20 80; r.seam 5 16; r.fit.width -8 8", x =>
            {
                var cut = x["diameter"] + x.Fit("width") + x["thickness"] + (2 * x.S);
                return new Answer().Cut("face", cut, cut, 2);
            }),
            new(
                "chair back, single",
                "chair-back",
                "",
                "width 380 600; thickness 20 80; height 350 700; r.seam 5 16; r.ease 10 40; r.hem 15 40; r.fit.width -8 8",
                x =>
                    new Answer().Cut(
                        "face",
                        x.W + x["thickness"] + (2 * x.S) + x["r.ease"],
                        x["height"] + (x["thickness"] / 2) + x.S + x.Hem,
                        2
                    )
            ),
            new(
                "chair back, reversible",
                "chair-back",
                "o.layers=reversible",
                "width 380 600; thickness 20 80; height 350 700; r.seam 5 16; r.ease 10 40; r.fit.width -8 8",
                x =>
                    new Answer().Cut(
                        "face",
                        x.W + x["thickness"] + (2 * x.S) + x["r.ease"],
                        x["height"] + (x["thickness"] / 2) + (2 * x.S),
                        4
                    )
            ),
            new(
                "headboard",
                "headboard",
                "",
                "width 700 1600; height 400 900; thickness 30 120; r.seam 5 16; r.hem 15 40; "
                    + "r.fit.width -8 8; r.fit.depth -8 8; r.fit.thickness -5 5",
                x => new Answer().Cut("face", x.W + x.T + (2 * x.S), x["height"] + x.Fit("depth") + (x.T / 2) + x.S + x.Hem, 2)
            ),
            new("duvet, buttons", "duvet", "o.closure=buttons", Duvet + "; r.doubleHem 40 90; r.buttonSpacing 120 300; r.loop 30 60", x =>
            {
                var open = x["width"] * 2 / 3;
                var count = Math.Max(3, (int)Math.Ceiling((open / x["r.buttonSpacing"]) - 1e-9) - 1);
                return Faces(x, x["r.doubleHem"]).Buy("loop", x["r.loop"], count);
            }),
            new("duvet, zip", "duvet", "o.closure=zip", Duvet + "; r.zip 12 30", x =>
                Faces(x, x.Z).Buy("zip-closed-end", x["width"] * 2 / 3)
            ),
            new("duvet, plain hem", "duvet", "o.closure=plain", Duvet + "; r.hem 20 80", x => Faces(x, x.Hem)),
            new("duvet, open over its whole end", "duvet", "o.closure=plain r.openingShare=0", Duvet + "; r.hem 20 80", x =>
                Faces(x, x.Hem).Cloth("face", (x["width"] + (2 * x["r.sideSeam"])) * (x["length"] + x["r.closedEnd"] + x.Hem))
            ),
            new("duvet, ties", "duvet", "o.closure=ties", Duvet + "; r.hem 40 80", x =>
                Faces(x, x["r.sideSeam"]).Cut("facing", x["width"] + (2 * x["r.sideSeam"]), x.Hem + (2 * x["r.sideSeam"]), 2)
            ),
            new("duvet, overlap", "duvet", "o.closure=overlap", Duvet + "; r.doubleHem 40 90; r.overlapFlap 120 260", x =>
                new Answer()
                    .Cut("face", x["width"] + (2 * x["r.sideSeam"]), x["length"] + x["r.closedEnd"] + x["r.doubleHem"])
                    .Cut("face", x["width"] + (2 * x["r.sideSeam"]), x["length"] + x["r.closedEnd"] + x["r.doubleHem"] + x["r.overlapFlap"])
            ),
            new(
                "duvet in equal widths",
                "duvet",
                "o.closure=plain o.join=equal-widths usable=1400mm",
                "width 1500 2400; length 1800 2300; r.sideSeam 8 25; r.closedEnd 8 25; r.hem 20 80; r.joinSeam 8 20",
                x =>
                {
                    var whole = x["width"] + (2 * x["r.sideSeam"]);
                    return new Answer().Cut("face", (whole + (2 * x["r.joinSeam"])) / 2, x["length"] + x["r.closedEnd"] + x.Hem, 4);
                }
            ),
            new(
                "duvet, middle and sides",
                "duvet",
                "o.closure=plain o.join=middle-and-sides usable=1400mm",
                "width 1700 2400; length 1800 2300; r.sideSeam 8 25; r.closedEnd 8 25; r.hem 20 80; r.joinSeam 8 20",
                x =>
                {
                    var side = (x["width"] + (2 * x["r.sideSeam"]) + (4 * x["r.joinSeam"]) - 1400) / 2;
                    var tall = x["length"] + x["r.closedEnd"] + x.Hem;
                    return new Answer().Cut("face", 1400, tall, 2).Cut("face", side, tall, 4);
                }
            ),
            new(
                "pillowcase, plain",
                "pillowcase",
                "",
                "width 400 700; length 500 900; r.seam 5 16; r.hem 15 60; r.fit.width 0 10; r.fit.depth 0 10",
                x => new Answer().Cut("face", x.W + (2 * x.S), x.L + x.S + x.Hem, 2)
            ),
            new("pillowcase, flap", "pillowcase flap", "", "width 400 700; length 500 900; flap 100 220; r.seam 5 16; r.hem 15 60", x =>
                new Answer().Cut("face", x.W + (2 * x.S), x.L + x.S + x.Hem).Cut("face", x.W + (2 * x.S), x.L + x["flap"] + x.S + x.Hem)
            ),
            new(
                "pillowcase, flange",
                "pillowcase flange",
                "",
                "width 400 700; length 500 900; flange 20 80; r.seam 5 16; r.hem 15 60; r.backOverlap 80 200",
                x =>
                {
                    // The back is in two hemmed parts that lie over one another by the overlap.
                    var (across, along) = (x["width"] + (2 * x["flange"]) + (2 * x.S), x["length"] + (2 * x["flange"]) + (2 * x.S));
                    var part = ((along + x["r.backOverlap"]) / 2) + x.Hem;
                    return new Answer().Cut("face", across, along).Cut("face", across, part, 2);
                }
            ),
            new(
                "sofa in three tucked pieces",
                "throw-over",
                "",
                "seatWidth 900 1700; seatRun 1500 2200; armRun 1000 1500; armDepth 700 1000; freeTuck 0 "
                    + "150; r.tuck 40 110; r.tuckSpare 40 120; r.hem 10 40",
                x =>
                {
                    var tuck = Math.Min(x["r.tuck"], x["freeTuck"]);
                    return new Answer()
                        .Cut("block", x["seatWidth"] + (2 * tuck) + (2 * x.Hem), x["seatRun"] + x["r.tuckSpare"] + (2 * x.Hem))
                        .Cut("block", x["armDepth"] + x["r.tuckSpare"] + (2 * x.Hem), x["armRun"] + tuck + (2 * x.Hem))
                        .Cut("block", x["armDepth"] + x["r.tuckSpare"] + (2 * x.Hem), x["armRun"] + tuck + (2 * x.Hem));
                }
            ),
        ];

    private static Answer Faces(Paper x, double open) =>
        new Answer().Cut("face", x["width"] + (2 * x["r.sideSeam"]), x["length"] + x["r.closedEnd"] + open, 2);
}
