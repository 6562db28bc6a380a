using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>
/// Reads what comes in lists: points, stations, zones, obstacles, legs, corrections. What is wrong is told with its place in the list.
/// </summary>
internal sealed class ListReader(CoverInput input, LengthUnit unit, List<Check> checks)
{
    /// <summary>No outline has more corners than this.</summary>
    public const int MostPoints = 200;

    private const int MostEntries = 100;

    private static readonly string[] Sides = [.. EdgeName.Round.Select(side => side.Word)];
    private static readonly string[] ZoneEdges = ["left", "right", "top", "bottom"];
    private static readonly string[] CorrectionSides = ["left", "right", "front", "back", "top", "bottom", "all"];

    private readonly Dictionary<string, Length> _lengths = [];

    /// <summary>
    /// The lengths of corners and zones that could be read, by place in the list and name: <c>points.0.x</c>, <c>zones.0.width</c>.
    /// </summary>
    public IReadOnlyDictionary<string, Length> Lengths => _lengths;

    public IReadOnlyList<OutlineCorner> Points()
    {
        if (input.Points.Count > MostPoints)
        {
            Fail("too-many-points", ReadingText.TooManyPoints(input.Points.Count, MostPoints), "points");
            return [];
        }

        var corners = new List<OutlineCorner>();
        for (var i = 0; i < input.Points.Count; i++)
        {
            var point = input.Points[i];
            var (across, back) = (
                Read(point.X, $"Point {i + 1}, across", "points"),
                Read(point.Y, $"Point {i + 1}, front to back", "points")
            );
            var rise = point.Rise is { } bulge ? Read(bulge, $"Point {i + 1}, rise", "points") ?? Length.Zero : Length.Zero;
            Keep("points", i, "x", across);
            Keep("points", i, "y", back);
            Keep("points", i, "rise", rise);
            if (across is { } x && back is { } y)
            {
                corners.Add(new(new(x, y), rise));
            }
        }

        return corners;
    }

    public IReadOnlyList<(Length At, Length Width)> Stations()
    {
        if (TooMany(input.Stations.Count, "stations"))
        {
            return [];
        }

        var stations = new List<(Length At, Length Width)>();
        for (var i = 0; i < input.Stations.Count; i++)
        {
            var station = input.Stations[i];
            if (
                Read(station.At, $"Station {i + 1}, from the front", "stations") is { } at
                && Read(station.Width, $"Station {i + 1}, width", "stations") is { } width
            )
            {
                if (at.IsNegative || !width.IsPositive)
                {
                    Fail("station-out-of-range", ReadingText.StationOutOfRange(i + 1), "stations");
                }

                stations.Add((at, width));
            }
        }

        return stations;
    }

    public IReadOnlyList<Zone> Zones()
    {
        if (TooMany(input.Zones.Count, "zones"))
        {
            return [];
        }

        var zones = new List<Zone>();
        for (var i = 0; i < input.Zones.Count; i++)
        {
            var zone = input.Zones[i];
            var name = string.IsNullOrWhiteSpace(zone.Name) ? $"Part {i + 1}" : zone.Name.Trim();
            foreach (var edge in zone.Tucks.Concat(zone.Piped).Where(edge => !ZoneEdges.Contains(edge)))
            {
                Fail("unknown-choice", ReadingText.UnknownEdge(name, edge, string.Join(", ", ZoneEdges)), "zones");
            }

            if (zone.Count is < 1 or > 100)
            {
                Fail("count-out-of-range", ReadingText.ZoneCountOutOfRange(name), "zones");
            }

            var free = zone.FreeTuck is { } gap ? Read(gap, $"{name}, free gap", "zones") ?? Length.Zero : (Length?)null;
            var (across, up) = (
                Twice(
                    zone.Width,
                    zone.SecondWidth,
                    zone.ReadingUse,
                    new("zones", $"zones.{i}.width", $"zones.{i}.secondWidth"),
                    (name, "width")
                ),
                Twice(
                    zone.Height,
                    zone.SecondHeight,
                    zone.ReadingUse,
                    new("zones", $"zones.{i}.height", $"zones.{i}.secondHeight"),
                    (name, "height")
                )
            );
            Keep("zones", i, "width", across);
            Keep("zones", i, "height", up);
            if (across is { } width && up is { } height)
            {
                zones.Add(
                    new(
                        name,
                        width,
                        height,
                        zone.Tucks.ToHashSet(),
                        free ?? MeasureReader.Longest,
                        Math.Clamp(zone.Count, 1, 100),
                        zone.Pair,
                        zone.Slanted,
                        zone.Strip,
                        zone.Piped
                    )
                );
            }
        }

        return zones;
    }

    public IReadOnlyList<Obstacle> Obstacles()
    {
        if (TooMany(input.Obstacles.Count, "obstacles"))
        {
            return [];
        }

        var obstacles = new List<Obstacle>();
        for (var i = 0; i < input.Obstacles.Count; i++)
        {
            var obstacle = input.Obstacles[i];
            var side = Sides.Contains(obstacle.Side) ? Words.Read<EdgeSide>(obstacle.Side) : null;
            if (side is null)
            {
                Fail("unknown-choice", ReadingText.UnknownObstacleSide(i + 1, obstacle.Side, string.Join(", ", Sides)), "obstacles");
            }
            else if (
                Read(obstacle.From, $"Obstacle {i + 1}, from", "obstacles") is { IsNegative: false } from
                && Positive(obstacle.Length, $"Obstacle {i + 1}, length", "obstacles") is { } length
                && Positive(obstacle.Drop, $"Obstacle {i + 1}, drop", "obstacles") is { } drop
            )
            {
                obstacles.Add(new(side.Value, from, length, drop));
            }
        }

        return obstacles;
    }

    public IReadOnlyList<Length> Legs()
    {
        if (TooMany(input.Legs.Count, "legs"))
        {
            return [];
        }

        var legs = new List<Length>();
        foreach (var entry in input.Legs)
        {
            if (Positive(entry, $"Leg {legs.Count + 1}", "legs") is { } leg)
            {
                legs.Add(leg);
            }
        }

        return legs;
    }

    public IReadOnlyList<Correction> Corrections()
    {
        if (TooMany(input.Corrections.Count, "corrections"))
        {
            return [];
        }

        var corrections = new List<Correction>();
        foreach (var correction in input.Corrections)
        {
            if (!CorrectionSides.Contains(correction.Side))
            {
                Fail(
                    "unknown-choice",
                    ReadingText.UnknownCorrectionSide(correction.Side, string.Join(", ", CorrectionSides)),
                    "corrections"
                );
            }
            else if (Read(correction.By, $"Correction, {correction.Side}", "corrections") is { } by)
            {
                if (by.Abs() > Length.FromMillimetres(200m))
                {
                    Fail(
                        "correction-out-of-range",
                        ReadingText.CorrectionOutOfRange(LengthFormat.For(unit).RoundedWithUnit(by)),
                        "corrections"
                    );
                }

                corrections.Add(new(correction.Side!, by));
            }
        }

        return corrections;
    }

    private void Keep(string list, int at, string name, Length? length)
    {
        if (length is { } read)
        {
            _lengths[$"{list}.{at}.{name}"] = read;
        }
    }

    private bool TooMany(int count, string list)
    {
        if (count > MostEntries)
        {
            Fail("list-too-long", ReadingText.ListTooLong(count, list, MostEntries), list);
        }

        return count > MostEntries;
    }

    /// <summary>What a zone's length comes to with its second reading, where there is one.</summary>
    private Length? Twice(Entry first, Entry? second, string? use, TwoReadings.Place place, (string Zone, string Side) of) =>
        Positive(first, $"{of.Zone}, {of.Side}", place.Measure) is not { } read ? null
        : second is not { } again
        || string.IsNullOrWhiteSpace(again.ToString())
        || Positive(again, $"{of.Zone}, {of.Side}, second reading", place.Measure) is not { } other
            ? read
        : new TwoReadings(unit, checks).Holding(read, other, again.ToString(), $"{of.Zone.ToLowerInvariant()}’s {of.Side}", use, place);

    private Length? Positive(Entry entry, string label, string measure)
    {
        var length = Read(entry, label, measure);
        if (length is { IsPositive: false })
        {
            Fail("measure-zero", ReadingText.MeasureZero(label), measure);
            return null;
        }

        return length;
    }

    private Length? Read(Entry entry, string label, string measure) => Read(entry, unit, label, measure, checks);

    /// <summary>A length that stands in a list; what cannot be one is told.</summary>
    public static Length? Read(Entry entry, LengthUnit unit, string label, string measure, List<Check> checks)
    {
        var reading = EntryReader.Read(entry, unit);
        if (reading.Length is not { } length)
        {
            checks.Add(Check.Error("unreadable", $"{label}: {reading.Problem}", measure));
            return null;
        }

        if (length.Abs() > MeasureReader.Longest)
        {
            checks.Add(Check.Error("measure-huge", ReadingText.MeasureHuge(label), measure));
            return null;
        }

        return length;
    }

    private void Fail(string code, string text, string measure) => checks.Add(Check.Error(code, text, measure));
}
