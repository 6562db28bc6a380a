using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Slips in what is given as a list: points, stations, zones, obstacles, corrections; and in what such a thing takes.</summary>
public sealed class ListSlipsTests
{
    private static readonly PointInput[] Square = Thing.Points("0 0;20 0;20 16;0 16");

    /// <summary>Code, the cover that makes the slip, and one that nearly does.</summary>
    public static TheoryData<string, CoverInput, CoverInput> Slips =>
        new()
        {
            { "stations-incomplete", Pad("0 16", "15 14"), Pad("0 16", "15 14") with { Stations = [At("0", "16"), At("15", "14")] } },
            { "stations-out-of-order", Pad("0 16", "8 15", "8 14", "15 14"), Pad("0 16", "8 15", "8_1/4 14_15/16", "15 14") },
            { "pair-without-partner", Zoned(new() { Count = 3, Pair = true }), Zoned(new() { Count = 4, Pair = true }) },
            {
                "nothing-left",
                Thing.Inches("slipcover", "r.stripSpare=1") with
                {
                    Zones =
                    [
                        new()
                        {
                            Name = "Border",
                            Strip = true,
                            Width = Entry.Typed("0.0001 mm"),
                            Height = Entry.Typed("4"),
                        },
                    ],
                },
                Thing.Inches("slipcover", "r.stripSpare=1") with
                {
                    Zones =
                    [
                        new()
                        {
                            Name = "Border",
                            Strip = true,
                            Width = Entry.Typed("8"),
                            Height = Entry.Typed("4"),
                        },
                    ],
                }
            },
            {
                "tuck-shortened",
                Zoned(new() { Tucks = ["left"], FreeTuck = Entry.Typed("2 15/16") }),
                Zoned(new() { Tucks = ["left"], FreeTuck = Entry.Typed("3") })
            },
            { "skirt-without-drop", Zoned(new(), "skirtLength=100"), Zoned(new(), "skirtLength=100 skirtDrop=6") },
            { "one-fit-for-outline", Outlined("r.fit.width=1/4 r.fit.depth=1/2"), Outlined("r.fit.width=1/4 r.fit.depth=1/4") },
            {
                "correction-without-side",
                Outlined("") with
                {
                    Corrections = [new("left", Entry.Typed("1/4"))],
                },
                Outlined("") with
                {
                    Corrections = [new("all", Entry.Typed("1/4"))],
                }
            },
            {
                "obstacles-on-a-curve",
                Thing.Inches("table", "shape=round diameter=40 drop=8") with
                {
                    Obstacles = [new("front", Entry.Typed("8"), Entry.Typed("8"), Entry.Typed("6"))],
                },
                Thing.Inches("table", "width=40 depth=40 drop=8") with
                {
                    Obstacles = [new("front", Entry.Typed("12"), Entry.Typed("8"), Entry.Typed("6"))],
                }
            },
            {
                "obstacles-on-joined-wall",
                Thing.Inches("table", "width=60 depth=30 drop=8 usable=53 o.strips=across") with
                {
                    Obstacles = [new("front", Entry.Typed("16"), Entry.Typed("8"), Entry.Typed("6"))],
                },
                Thing.Inches("table", "width=60 depth=30 drop=8 usable=62 o.strips=across") with
                {
                    Obstacles = [new("front", Entry.Typed("16"), Entry.Typed("8"), Entry.Typed("6"))],
                }
            },
            {
                "fit-too-large-for-outline",
                Thing.Inches("box-cushion", "shape=outline thickness=2 r.fit.width=-1 r.zipTurn=0") with
                {
                    Points = Thing.Points("0 0;20 0;20 16;0 16;0 8.2;-0.2 8;0 7.8"),
                },
                Thing.Inches("box-cushion", "shape=outline thickness=2 r.fit.width=-1 r.zipTurn=0") with
                {
                    Points = Square,
                }
            },
            {
                "slot-too-narrow",
                Thing.Inches("box-cushion", "shape=outline thickness=2 r.zipTurn=-1") with
                {
                    Points = Thing.Points("0 0;20 0;20 16;10.4 16;10.4 10;9.6 10;9.6 16;0 16"),
                },
                Thing.Inches("box-cushion", "shape=outline thickness=2 r.zipTurn=-1") with
                {
                    Points = Thing.Points("0 0;20 0;20 16;11 16;11 10;9 10;9 16;0 16"),
                }
            },
            {
                "corner-too-sharp",
                Thing.Inches("seat-pad", "shape=outline thickness=2") with
                {
                    Points = Thing.Points("0 0;20 0;19 6"),
                },
                Thing.Inches("seat-pad", "shape=outline thickness=2") with
                {
                    Points = Square,
                }
            },
            { "contour-is-flat", Contour("rim=2 flatWidth=10 flatHeight=3"), Contour("rim=2 flatWidth=7 flatHeight=1") },
            { "zip-reach-capped", Notched("5 1/16"), Notched("5") },
            {
                "hot-work-caution",
                Thing.Inches("board", "shape=ironing length=48 widest=14 noseWidth=6"),
                Thing.Inches("table", "width=40 depth=30 drop=8")
            },
        };

    [Theory]
    [MemberData(nameof(Slips))]
    public void A_slip_is_caught_a_near_miss_is_not_and_its_mend_removes_it(string code, CoverInput slip, CoverInput nearMiss)
    {
        var caught = Drafter.Draft(slip).Checks.Where(check => check.Code == code).ToList();
        Assert.True(caught.Count > 0, string.Join("; ", Drafter.Draft(slip).Checks.Select(check => check.Code)));
        var near = Drafter.Draft(nearMiss).Checks;
        Assert.DoesNotContain(near, check => check.Code == code);
        Assert.DoesNotContain(near, check => check.Level == CheckLevel.Error);
        foreach (var mend in caught.SelectMany(check => check.Mends ?? []))
        {
            var after = Drafter.Draft(CheckTests.Mended(slip, mend)).Checks;
            Assert.DoesNotContain(after, left => left.Code == code);
            Assert.DoesNotContain(after, left => left.Level == CheckLevel.Error);
        }
    }

    private static CoverInput Pad(params string[] stations) =>
        Thing.Inches("seat-pad", "shape=stations depth=15 thickness=1") with
        {
            Stations =
            [
                .. stations
                    .Skip(stations.Length == 2 ? 1 : 0)
                    .Select(station => station.Split(' ').Select(part => part.Replace('_', ' ')).ToArray())
                    .Select(parts => At(parts[0], parts[1])),
            ],
        };

    private static StationInput At(string from, string width) => new(Entry.Typed(from), Entry.Typed(width));

    private static CoverInput Zoned(ZoneInput zone, string measures = "") =>
        Thing.Inches("slipcover", measures) with
        {
            Zones = [zone with { Name = "Inside back", Width = Entry.Typed("24"), Height = Entry.Typed("26") }],
        };

    private static CoverInput Outlined(string said) =>
        Thing.Inches("box-cushion", "shape=outline thickness=4", said) with
        {
            Points = Square,
        };

    private static CoverInput Contour(string measures) =>
        Thing.Inches("changing-pad", "shape=contoured length=28 overallWidth=14 sideHeight=3 " + measures);

    private static CoverInput Notched(string reach) =>
        Thing.Inches("box-cushion", "width=26 depth=15 thickness=3_1/2 construction=wrap-notched") with
        {
            Rules = Cushions.Typed(("zipReach", reach)),
        };
}
