using Xunit;

namespace Wrapper.Core.Tests;

public sealed partial class LimitsTests
{
    /// <summary>The check, the form, what is said; what is said to have it, and what just has it not.</summary>
    public static TheoryData<string, string, string, string, string> Limits =>
        new()
        {
            { "zip-run-too-long", "box-cushion", "shape=round diameter=20 thickness=4", "o.zipShare=0.9697", "o.zipShare=0.9666" },
            { "zip-run-too-short", "box-cushion", "shape=round diameter=20 thickness=4", "o.zipShare=0.0302", "o.zipShare=0.0334" },
            {
                "zip-run-too-short",
                "box-cushion",
                "shape=round diameter=20 thickness=4 o.slidePocket=true",
                "o.zipShare=0.062",
                "o.zipShare=0.0653"
            },
            { "zip-run-too-short", "box-cushion", "width=20 depth=19 thickness=4 o.slidePocket=true", "r.zipTurn=-8_1/16", "r.zipTurn=-8" },
            { "zip-run-too-short", "box-cushion", Cushion, "r.zipTurn=-9_1/16", "r.zipTurn=-9" },
            { "opening-too-small", "box-cushion", Cushion, "r.zipTurn=-1_1/16", "r.zipTurn=-1" },
            {
                "opening-too-small",
                "box-cushion",
                "shape=trapezoid frontWidth=20 backWidth=16 depth=19 thickness=4",
                "r.zipTurn=15/16",
                "r.zipTurn=1"
            },
            {
                "opening-too-small",
                "box-cushion",
                "shape=trapezoid frontWidth=16 backWidth=20 depth=19 thickness=4",
                "r.zipTurn=-1_1/16",
                "r.zipTurn=-1"
            },
            { "opening-too-small", "box-cushion", "shape=round diameter=20 thickness=4", "o.zipShare=0.2864", "o.zipShare=0.2865" },
            { "zip-turn-too-far", "box-cushion", Cushion, "r.zipTurn=18_9/16", "r.zipTurn=18_1/2" },
            {
                "join-on-front",
                "box-cushion",
                "width=53 depth=19 thickness=4 usable=54 o.strips=across o.plates=turned",
                "width=53_1/16",
                ""
            },
            {
                "corner-radius-too-large",
                "box-cushion",
                "width=20 depth=12 thickness=4 r.zipTurn=0",
                "cornerRadius=6_1/16",
                "cornerRadius=6"
            },
            {
                "corner-radius-too-large",
                "box-cushion",
                "width=20 depth=12 thickness=4 r.zipTurn=0 o.roundedCorners=front",
                "cornerRadius=10_1/16",
                "cornerRadius=10"
            },
            {
                "corner-radius-too-large",
                "chair-back",
                "shape=rounded width=18 thickness=2 height=21",
                "cornerRadius=9_7/16",
                "cornerRadius=9_3/8"
            },
            {
                "corner-radius-too-large",
                "chair-back",
                "shape=rounded width=40 thickness=2 height=12",
                "cornerRadius=11_1/16",
                "cornerRadius=11"
            },
            {
                "posts-too-wide",
                "chair-back",
                "shape=posts width=18 thickness=2 height=21 r.ease=0",
                "postWidth=9_1/2",
                "postWidth=9_7/16"
            },
            { "cloth-width-out-of-range", "box-cushion", Cushion, "usable=99.9mm", "usable=100mm" },
            { "cloth-width-out-of-range", "box-cushion", Cushion, "usable=20.0001m", "usable=20m" },
            { "measure-huge", "box-cushion", Cushion, "width=20.0001m", "width=20m" },
            { "count-out-of-range", "box-cushion", Cushion, "count=0", "count=1" },
            { "fit-too-snug", "box-cushion", Cushion, "r.fit.thickness=-2_1/16", "r.fit.thickness=-2" },
            { "fit-unlikely", "box-cushion", "width=18 depth=19 thickness=4", "r.fit.width=2_1/16", "r.fit.width=2" },
            { "fit-unlikely", "box-cushion", "width=22 depth=19 thickness=4", "r.fit.width=-2_1/16", "r.fit.width=-2" },
            { "nothing-left", "box-cushion", Cushion, "r.fit.thickness=-4", "r.fit.thickness=-2" },
            {
                "front-back-swapped",
                "box-cushion",
                "shape=trapezoid frontWidth=16 depth=19 thickness=4",
                "backWidth=16_1/16",
                "backWidth=16"
            },
            { "not-square", "box-cushion", Cushion + " diagonal1=27_1/2", "diagonal2=27_13/16", "diagonal2=27_3/4" },
            { "drop-beyond-floor", "ottoman", "width=28 depth=20 height=15", "floorHeight=14_15/16", "floorHeight=15" },
            { "bedding-snug", "duvet", "width=78 length=81", "r.fit.depth=-1/16", "r.fit.depth=0" },
            {
                "piece-wider-than-cloth",
                "pillowcase",
                "shape=flap width=50 length=26 flap=7 o.plates=turned",
                "usable=34_1/2",
                "usable=34_5/8"
            },
            {
                "piece-wider-than-cloth",
                "pillowcase",
                "shape=flange width=50 length=26 flange=2 o.plates=turned",
                "usable=30_1/2",
                "usable=30_3/4"
            },
            { "piece-wider-than-cloth", "pillowcase", "width=50 length=26", "usable=50_11/16", "usable=50_3/4" },
            {
                "piece-wider-than-cloth",
                "box-cushion",
                "width=60 depth=20 thickness=4 construction=panels-folded r.seam=1/2 r.zip=3/4 o.plates=turned",
                "usable=25_3/16",
                "usable=25_1/4"
            },
            {
                "piece-wider-than-cloth",
                "box-cushion",
                "width=60 depth=20 thickness=4 construction=wrap-folded r.seam=1/2 r.zip=3/4 o.plates=turned",
                "usable=49_7/16",
                "usable=49_1/2"
            },
            {
                "piece-wider-than-cloth",
                "box-cushion",
                "width=60 depth=20 thickness=4 construction=wrap-notched r.seam=1/2 r.zip=3/4 o.plates=turned",
                "usable=49_7/16",
                "usable=49_1/2"
            },
            {
                "piece-wider-than-cloth",
                "box-cushion",
                "width=60 depth=20 thickness=4 construction=envelope r.sideSeam=1 r.tail=9 o.plates=turned",
                "usable=31_15/16",
                "usable=32"
            },
            {
                "piece-wider-than-cloth",
                "box-cushion",
                "width=60 depth=20 thickness=4 construction=band-ends r.seam=1/2 r.zip=3/4 o.plates=turned",
                "usable=49_7/16",
                "usable=49_1/2"
            },
            {
                "piece-wider-than-cloth",
                "fitted-sheet",
                "width=60 length=50 thickness=4 tuckUnder=2 r.hem=1 r.seam=1/2 o.plates=turned",
                "usable=63_15/16",
                "usable=64"
            },
            {
                "piece-wider-than-cloth",
                "seat-pad",
                "width=60 depth=20 thickness=2 r.seam=1/2 o.plates=turned",
                "usable=22_15/16",
                "usable=23"
            },
            {
                "piece-wider-than-cloth",
                "chair-back",
                "width=60 height=20 thickness=2 r.seam=1/2 r.hem=1 r.ease=0 o.plates=turned",
                "usable=22_7/16",
                "usable=22_1/2"
            },
            { "piece-wider-than-cloth", "pouf", "size=22 wrap=2 r.seam=1/2", "usable=26_15/16", "usable=27" },
            { "piece-wider-than-cloth", "board", "shape=tray width=60 depth=12 r.wall=3 o.plates=turned", "usable=17_15/16", "usable=18" },
            {
                "piece-wider-than-cloth",
                "ottoman",
                "width=60 depth=20 height=15 topDrop=2 r.seam=1/2 o.plates=turned",
                "usable=24_15/16",
                "usable=25"
            },
            { "piece-wider-than-cloth", "box-cushion", "depth=60 thickness=4 r.seam=1/2 usable=54", "width=53_1/16", "width=53" },
            {
                "piece-wider-than-cloth",
                "box-cushion",
                "depth=30 thickness=4 r.seam=1/2 r.joinSeam=1/2 usable=20 o.plates=middle-and-sides",
                "width=57_1/8",
                "width=57"
            },
            {
                "piece-wider-than-cloth",
                "table",
                "depth=60 drop=8_3/4 r.hem=1_1/4 r.joinSeam=1/2 construction=flat usable=30 o.plates=middle-and-sides",
                "width=68_1/8",
                "width=68"
            },
            { "tuck-under-too-wide", "fitted-sheet", "width=46 length=22 thickness=4", "tuckUnder=11_1/16", "tuckUnder=11" },
            { "taper-out-of-range", "board", "shape=ironing length=48 widest=14 noseWidth=14", "taperLength=7", "taperLength=7_1/16" },
            {
                "tuck-under-too-wide",
                "changing-pad",
                "shape=contoured length=28 overallWidth=14 sideHeight=3 rim=2 flatWidth=7 flatHeight=1",
                "tuckUnder=7_1/16",
                "tuckUnder=7"
            },
            {
                "contour-too-wide",
                "changing-pad",
                "shape=contoured length=28 overallWidth=14 sideHeight=3 rim=2 flatHeight=1",
                "flatWidth=10_1/16",
                "flatWidth=10"
            },
            {
                "contour-is-flat",
                "changing-pad",
                "shape=contoured length=28 overallWidth=14 sideHeight=3 rim=2 flatWidth=10",
                "flatHeight=3",
                "flatHeight=2_15/16"
            },
            { "infant-caution", "fitted-sheet", "length=1200mm thickness=100mm", "width=800mm", "width=800.1mm" },
            { "notch-too-small", "table", "width=46 depth=30 drop=1/2 construction=tub-notched r.hem=0", "r.seam=1/2", "r.seam=7/16" },
            {
                "nothing-left",
                "table",
                "depth=600mm drop=300mm construction=tub-notched o.notch=full-wall r.seam=100mm",
                "width=200mm",
                "width=201mm"
            },
            {
                "nothing-left",
                "table",
                "width=600mm drop=300mm construction=tub-notched o.notch=full-wall r.seam=100mm",
                "depth=200mm",
                "depth=201mm"
            },
            { "opening-too-wide", "seat-pad", "width=16 depth=15 thickness=0", "r.gap=16_1/16", "r.gap=16" },
            { "opening-too-wide", "seat-pad", "width=16 depth=15 thickness=1 o.closure=zip", "r.zipClear=8", "r.zipClear=7_15/16" },
            { "thickness-over-half-depth", "seat-pad", "width=16 depth=8", "thickness=4_1/16", "thickness=4" },
            { "overlap-too-short", "pillowcase", "shape=flange width=20 length=26", "r.backOverlap=24.9mm", "r.backOverlap=25mm" },
            { "overlap-too-long", "pillowcase", "shape=flange width=20 length=26 flange=2", "r.backOverlap=30", "r.backOverlap=29_15/16" },
            { "padding-out-of-range", "box-cushion", Cushion, "padding=300.1mm", "padding=300mm" },
            { "padding-out-of-range", "box-cushion", Cushion, "padding=-1mm", "padding=0" },
            { "padding-out-of-range", "box-cushion", Cushion, "turns=21", "turns=20" },
            { "padding-out-of-range", "box-cushion", Cushion, "turns=0", "turns=1" },
            { "padding-out-of-range", "box-cushion", Cushion, "turns=1.5", "turns=2" },
            { "shrinkage-out-of-range", "box-cushion", Cushion, "r.shrinkage.along=50%", "r.shrinkage.along=49.9%" },
            { "shrinkage-out-of-range", "box-cushion", Cushion, "r.shrinkage.across=-0.1%", "r.shrinkage.across=0" },
            { "zip-run-too-long", "box-cushion", Ell + " points=triangle r.seam=5mm", "r.zipTurn=260mm", "r.zipTurn=250mm" },
        };
}
