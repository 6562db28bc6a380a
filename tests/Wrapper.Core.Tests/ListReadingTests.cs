using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>
/// Lists (points, stations, zones, obstacles, legs, corrections): each entry is told by its own number, and lists have an end.
/// </summary>
public sealed class ListReadingTests
{
    private static readonly Entry Unread = Entry.Typed("three cubits");

    private static readonly CoverInput Cushion = Thing.Millimetres("box-cushion", "width=500 depth=480 thickness=80");

    /// <summary>What is wrong, the cover, and the beginnings of what is said, in order.</summary>
    public static TheoryData<string, CoverInput, string> Unreadable =>
        new()
        {
            {
                "points across",
                Outline(At(Mm(0), Mm(0)), At(Unread, Mm(0)), At(Mm(400), Mm(300)), At(Unread, Mm(300))),
                "Point 2, across:|Point 4, across:"
            },
            {
                "points front to back",
                Outline(At(Mm(0), Unread), At(Mm(400), Mm(0)), At(Mm(400), Unread), At(Mm(0), Mm(300))),
                "Point 1, front to back:|Point 3, front to back:"
            },
            {
                "points' rise",
                Outline(At(Mm(0), Mm(0)), At(Mm(400), Mm(0)), At(Mm(400), Mm(300), Unread), At(Mm(0), Mm(300))),
                "Point 3, rise:"
            },
            {
                "too far",
                Outline(At(Mm(0), Mm(0)), At(Mm(400), Mm(0)), At(Mm(20_001), Mm(300)), At(Mm(0), Mm(300))),
                "Point 3, across is over 20 m"
            },
            {
                "stations",
                Stations((Mm(0), Mm(400)), (Unread, Mm(400)), (Mm(400), Unread)),
                "Station 2, from the front:|Station 3, width:"
            },
            {
                "stations out of range",
                Stations((Mm(-1), Mm(400)), (Mm(200), Mm(400)), (Mm(400), Mm(0))),
                "Station 1: it lies|Station 3: it lies"
            },
            {
                "zones without a name",
                Zones(Zone("", 400, 300), Zone("", 0, 300), Zone(" ", 400, 0)),
                "Part 2, width has to be|Part 3, height has to be"
            },
            {
                "zones' edges",
                Zones(Zone("Back", 400, 300) with { Tucks = ["under"] }, Zone("", 400, 300) with { Piped = ["round"] }),
                "Back: “under” is no edge|Part 2: “round” is no edge"
            },
            {
                "zones' count",
                Zones(Zone("Back", 400, 300) with { Count = 0 }, Zone("", 400, 300) with { Count = 101 }),
                "Back: how many|Part 2: how many"
            },
            { "zones' gap", Zones(Zone("Deck", 400, 300) with { FreeTuck = Unread }), "Deck, free gap:" },
            {
                "obstacles' side",
                Table(new("front", Mm(10), Mm(20), Mm(30)), new("under", Mm(10), Mm(20), Mm(30))),
                "Obstacle 2: “under” is no side"
            },
            { "obstacles' place", Table(new("front", Mm(10), Mm(20), Mm(30)), new("left", Unread, Mm(20), Mm(30))), "Obstacle 2, from:" },
            {
                "obstacles' length",
                Table(new("front", Mm(10), Mm(20), Mm(30)), new("left", Mm(0), Unread, Mm(30)), new("left", Mm(0), Mm(0), Mm(30))),
                "Obstacle 2, length:|Obstacle 3, length has to be"
            },
            {
                "obstacles' drop",
                Table(new("front", Mm(10), Mm(20), Mm(30)), new("left", Mm(0), Mm(20), Unread), new("left", Mm(0), Mm(20), Mm(-1))),
                "Obstacle 2, drop:|Obstacle 3, drop has to be"
            },
            { "legs", Thing.Millimetres("ottoman", "width=700 depth=500 height=380") with { Legs = [Mm(30), Mm(40), Unread] }, "Leg 3:" },
            {
                "legs of nothing",
                Thing.Millimetres("ottoman", "width=700 depth=500 height=380") with
                {
                    Legs = [Mm(30), Mm(0)],
                },
                "Leg 2 has to be"
            },
            {
                "corrections' side",
                Cushion with
                {
                    Corrections = [new("left", Mm(3)), new("under", Mm(3))],
                },
                "“under” is no side to take in"
            },
            {
                "corrections",
                Cushion with
                {
                    Corrections = [new("left", Unread), new("right", Mm(200.1m)), new("front", Mm(-200.1m))],
                },
                "Correction, left:|A correction of 200 mm|A correction of −200 mm"
            },
        };

    [Theory]
    [MemberData(nameof(Unreadable))]
    public void An_entry_that_cannot_be_is_told_by_its_number(string what, CoverInput input, string told)
    {
        var errors = Drafter
            .Draft(input)
            .Checks.Where(check =>
                check.Level == CheckLevel.Error && check.Code is not ("outline-too-few-points" or "zones-missing" or "stations-missing")
            )
            .Select(check => check.Text)
            .ToList();
        var expected = told.Split('|');
        Assert.True(
            expected.Length == errors.Count
                && expected.Zip(errors).All(pair => pair.Second.StartsWith(pair.First, StringComparison.Ordinal)),
            $"{what}: {string.Join(" / ", errors)}"
        );
    }

    /// <summary>A list of just as many entries as there may be, and one more.</summary>
    [Theory]
    [InlineData("points", 200, "too-many-points")]
    [InlineData("stations", 100, "list-too-long")]
    [InlineData("zones", 100, "list-too-long")]
    [InlineData("obstacles", 100, "list-too-long")]
    [InlineData("legs", 100, "list-too-long")]
    [InlineData("corrections", 100, "list-too-long")]
    public void A_list_may_be_so_long_and_no_longer(string list, int most, string code)
    {
        Assert.DoesNotContain(Drafter.Draft(Long(list, most)).Checks, check => check.Code == code);
        Assert.Contains(Drafter.Draft(Long(list, most + 1)).Checks, check => check.Code == code && check.Measure == list);
    }

    [Fact]
    public void Just_twenty_metres_and_a_correction_of_just_twenty_centimetres_are_read()
    {
        Assert.DoesNotContain(
            Drafter.Draft(Outline(At(Mm(0), Mm(0)), At(Mm(20_000), Mm(0)), At(Mm(20_000), Mm(300)), At(Mm(0), Mm(300)))).Checks,
            check => check.Code == "measure-huge"
        );
        Assert.DoesNotContain(Drafter.Draft(Cushion with { Corrections = [new("left", Mm(200)), new("right", Mm(-200))] }).Checks, check =>
            check.Code == "correction-out-of-range"
        );
    }

    [Fact]
    public void A_zone_is_drafted_as_often_as_it_is_said()
    {
        var draft = Thing.Drafted(Zones(Zone("Wing", 300, 400) with { Count = 3 }, Zone("Arm", 300, 400) with { Count = 100 }));
        Assert.Equal([3, 100], draft.Pieces.Select(piece => piece.Quantity));
    }

    /// <summary>
    /// Which edge of an outline is its front and which its back: those furthest that way that face it, of equals the longer.
    /// </summary>
    [Theory]
    [InlineData("0 0; 400 0; 400 300; 0 300", "edge-1", "edge-3")]
    [InlineData("0 300; 0 0; 400 0; 400 300", "edge-2", "edge-4")]
    [InlineData("0 0; 100 0; 100 20; 400 20; 400 300; 0 300", "edge-1", "edge-5")] // the step in front is nearer, though short
    [InlineData("0 0; 100 0; 200 40; 300 0; 500 0; 500 300; 0 300", "edge-4", "edge-6")] // both as near: the longer one
    [InlineData("0 0; 200 0; 300 40; 400 0; 500 0; 500 300; 0 300", "edge-1", "edge-6")] // the longer one the other way
    [InlineData("0 0; 400 0; 400 300; 300 400; 100 400; 0 300", "edge-1", "edge-4")]
    [InlineData("0 200; 100 0; 500 0; 500 500; 100 500", "edge-2", "edge-4")]
    public void The_front_and_the_back_are_found(string points, string front, string back)
    {
        var corners = Thing.Points(points);
        var draft = Thing.Drafted(Outline(corners) with { Rules = new Dictionary<string, Entry> { ["zipTurn"] = Entry.Number(25) } });
        Assert.Equal(
            Length.FromMillimetres(50m)
                + draft
                    .Pieces.First(piece => piece.Id == "plate")
                    .StitchLine.Names.Where(name => name == back || name.Word.StartsWith(back + "-", StringComparison.Ordinal))
                    .Select(name => draft.Pieces.First(piece => piece.Id == "plate").StitchLine.LengthOf(name))
                    .Aggregate((sum, next) => sum + next),
            draft.Notions.Single(notion => notion.Kind.Word() == "zip-run").Length.Value
        );
        var joined = Thing.Drafted(
            Outline(corners) with
            {
                UsableWidth = Entry.Number(520),
                Options = new Dictionary<string, string> { ["strips"] = "across" },
                Rules = new Dictionary<string, Entry> { ["zipTurn"] = Entry.Number(25) },
            }
        );
        Assert.DoesNotContain(joined.Pieces.First(piece => piece.Id == "plate").StitchLine.Names, name =>
            name.Word.StartsWith(front + "-", StringComparison.Ordinal)
        );
    }

    /// <summary>What is said of an outline that cannot be, with the numbers of its points.</summary>
    [Theory]
    [InlineData("0 0; 400 0; 400 300; 400 300; 0 300", "Points 3 and 4 lie on each other")]
    [InlineData("0 0; 400 0; 400 300; 0 300; 0 0", "Points 5 and 1 lie on each other")]
    [InlineData("0 0; 400 0; 0 300; 400 300", "The outline crosses itself: the edge after point 2 meets the edge after point 4")]
    [InlineData("0 0; 400 0; 400 300; 200 -100; 0 300", "The outline crosses itself: the edge after point 1 meets the edge after point 3")]
    [InlineData("0 0; 400 0; 400 300 160; 0 300 151", "The edge after point 4 cannot rise")]
    public void An_outline_that_cannot_be_is_told_by_the_numbers_of_its_points(string points, string told)
    {
        var corners = Thing.Points(points);
        Assert.Contains(Drafter.Draft(Outline(corners)).Checks, check =>
            check.Level == CheckLevel.Error && check.Text.StartsWith(told, StringComparison.Ordinal)
        );
    }

    private static CoverInput Long(string list, int count) =>
        list switch
        {
            "points" => Outline([
                .. Enumerable
                    .Range(0, count)
                    .Select(i =>
                        At(
                            Mm(Math.Round((decimal)(1000 * Math.Cos(2 * Math.PI * i / count)), 2)),
                            Mm(Math.Round((decimal)(1000 * Math.Sin(2 * Math.PI * i / count)), 2))
                        )
                    ),
            ]),
            "stations" => Stations([.. Enumerable.Range(0, count).Select(i => (Mm(5 * i), Mm(400)))]),
            "zones" => Zones([.. Enumerable.Range(0, count).Select(i => Zone($"Zone {i}", 300, 300))]),
            "obstacles" => Table([.. Enumerable.Range(0, count).Select(i => new ObstacleInput("front", Mm(10 * i), Mm(2), Mm(80)))]),
            "legs" => Thing.Millimetres("ottoman", "width=700 depth=500 height=380") with { Legs = [.. Enumerable.Repeat(Mm(1), count)] },
            _ => Cushion with { Corrections = [.. Enumerable.Repeat(new CorrectionInput("left", Mm(0.1m)), count)] },
        };

    [Theory]
    [InlineData(null, 610, 450)]
    [InlineData("smaller", 600, 440)]
    [InlineData("mean", 605, 445)]
    public void A_parts_lengths_are_taken_twice_like_a_measure_and_the_draft_takes_what_holds(string? use, int width, int height)
    {
        var twice = Zones(Zone("Deck", 600, 450) with { SecondWidth = Mm(610), SecondHeight = Mm(440), ReadingUse = use });
        var reading = Registry.Read(twice);
        Assert.Equal(
            (Length.FromMillimetres((double)width), Length.FromMillimetres((double)height)),
            (reading.ListLengths["zones.0.width"], reading.ListLengths["zones.0.height"])
        );
        Assert.Equal(
            2,
            reading.Checks.Count(check => check is { Code: "two-readings-disagree", Measure: "zones", Level: CheckLevel.Warning })
        );
        Assert.Equal(
            ["zones.0.secondWidth", "zones.0.width"],
            reading.Checks.First(check => check.Code == "two-readings-disagree").Mends!.Select(mend => mend.Path)
        );
        var (drafted, once) = (Thing.Drafted(twice), Thing.Drafted(Zones(Zone("Deck", width, height))));
        Assert.Equal(
            (once.Pieces[0].CutWidth.Value, once.Pieces[0].CutLength.Value),
            (drafted.Pieces[0].CutWidth.Value, drafted.Pieces[0].CutLength.Value)
        );
    }

    [Fact]
    public void A_parts_second_reading_that_agrees_is_not_told_and_one_that_cannot_be_read_is()
    {
        Assert.DoesNotContain(Registry.Read(Zones(Zone("Deck", 600, 450) with { SecondWidth = Mm(603) })).Checks, check =>
            check.Code == "two-readings-disagree"
        );
        Assert.Empty(Registry.Read(Zones(Zone("Deck", 600, 450) with { SecondWidth = Entry.Typed(" ") })).Checks);
        Assert.Contains(Registry.Read(Zones(Zone("Deck", 600, 450) with { SecondHeight = Entry.Typed("tall") })).Checks, check =>
            check is { Code: "unreadable", Measure: "zones" }
            && check.Text.Contains("Deck, height, second reading", StringComparison.Ordinal)
        );
        Assert.Contains(Registry.Read(Zones(Zone("Deck", 600, 450) with { SecondHeight = Mm(-4) })).Checks, check =>
            check is { Code: "measure-zero", Measure: "zones" }
        );
        Assert.Contains(Registry.Read(Zones(Zone("Deck", 600, 450) with { SecondHeight = Mm(455), ReadingUse = "best" })).Checks, check =>
            check is { Code: "unknown-choice", Measure: "zones" }
        );
    }

    private static CoverInput Outline(params PointInput[] points) =>
        Thing.Millimetres("box-cushion", "shape=outline thickness=80") with
        {
            Points = points,
        };

    private static CoverInput Stations(params (Entry At, Entry Width)[] stations) =>
        Thing.Millimetres("seat-pad", "shape=stations depth=400 thickness=0") with
        {
            Stations = [.. stations.Select(station => new StationInput(station.At, station.Width))],
        };

    private static CoverInput Zones(params ZoneInput[] zones) =>
        new()
        {
            Unit = "mm",
            Form = "slipcover",
            Zones = zones,
        };

    private static CoverInput Table(params ObstacleInput[] obstacles) =>
        Thing.Millimetres("table", "width=1200 depth=700 drop=160") with
        {
            Obstacles = obstacles,
        };

    private static ZoneInput Zone(string name, int width, int height) =>
        new()
        {
            Name = name,
            Width = Mm(width),
            Height = Mm(height),
        };

    private static PointInput At(Entry x, Entry y, Entry? rise = null) => new(x, y, rise);

    private static Entry Mm(decimal millimetres) => Entry.Number(millimetres);
}
