using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Units;
using Wrapper.Core.Working;
using Xunit;

namespace Wrapper.Core.Tests.Plans;

/// <summary>Where the joins of a strip fall: each case reckoned by hand, and the ones to either side of every limit.</summary>
public sealed class BoxingJoinsTests
{
    /// <summary>What is told, strip, front from and to, longest stretch; the joins. Nothing nearer than 50 to the ends.</summary>
    public static TheoryData<string, int, int, int, int, string> Cases =>
        new()
        {
            { "as long as the cloth gives", 900, 300, 600, 900, "" },
            { "a hair longer: beside the zip", 901, 300, 600, 900, "50" },
            { "one, as near the zip as the cloth allows", 1500, 700, 1200, 900, "600" },
            { "one, as near as the zip's pocket leaves", 930, 300, 600, 900, "50" },
            { "one, just where the front begins", 1500, 600, 1200, 900, "600" },
            { "the first part just as long as the cloth", 1800, 900, 1500, 900, "900" },
            { "the first part would be longer than the cloth: the front in the middle", 1801, 1000, 1500, 900, "800 1700" },
            { "front in the middle of its part", 2000, 800, 1300, 900, "600 1500" },
            { "front further on, still in the middle of its part", 2000, 1200, 1300, 900, "800 1700" },
            { "front near the beginning: its part begins the strip", 2000, 100, 500, 900, "900 1450" },
            { "front near the end: its part ends the strip", 2000, 1500, 1900, 900, "550 1100" },
            { "no sliver before it", 2000, 430, 560, 900, "900 1450" },
            { "what is before it is just long enough", 2000, 440, 560, 900, "50 950 1475" },
            { "a sliver before it, for the front needs it", 2000, 60, 930, 900, "45 945 1472.5" },
            { "the front just ends with its part", 2000, 85, 900, 900, "900 1450" },
            { "no sliver after it", 2000, 1200, 1820, 900, "550 1100" },
            { "a sliver after it, for the front needs it", 2000, 1090, 1930, 900, "530 1060 1960" },
            { "the front just begins with its part", 2000, 1100, 1920, 900, "550 1100" },
            { "what is after it is just long enough", 2000, 1200, 1800, 900, "525 1050 1950" },
            { "shared in three before and in three after", 5000, 2400, 2800, 900, "716.667 1433.333 2150 3050 3700 4350" },
        };

    [Theory]
    [MemberData(nameof(Cases))]
    public void Joins_fall_beside_the_front_and_clear_of_the_zip(string told, int strip, int from, int to, int longest, string places)
    {
        var plan = Plan(strip, from, to, longest);
        Assert.False(plan.OnFront, told);
        Assert.Equal(places, Told(plan));
    }

    [Theory]
    [InlineData(500, 1400, false, "500 1400")] // a front as long as the cloth gives is its own part
    [InlineData(500, 1401, true, "800.333 1100.667")] // thirds of 901, the outer ones with what lies beside the front
    public void A_front_longer_than_the_cloth_is_joined_in_thirds(int from, int to, bool onFront, string places)
    {
        var plan = Plan(2000, from, to, 900);
        Assert.Equal(onFront, plan.OnFront);
        Assert.Equal(places, Told(plan));
    }

    /// <summary>The back corners on the strip; the joins.</summary>
    [Theory]
    [InlineData(2000, 60, 1940, "550 1450")] // from corner to corner is more than the cloth gives: as without them
    [InlineData(1000, 100, 900, "100")] // the rest is just as long as the cloth
    [InlineData(1001, 100, 901, "100 901")] // a hair longer: the right corner too
    [InlineData(1100, 100, 1000, "100 1000")] // from corner to corner just as long as the cloth
    [InlineData(1000, 50, 950, "50 950")] // the corner is just clear of the zip
    [InlineData(1000, 49, 949, "100")] // and here it is not
    public void Joins_go_to_the_back_corners_where_they_can_be_reached(int strip, int left, int right, string places) =>
        Assert.Equal(places, Told(Plan(strip, (strip / 2) - 100, (strip / 2) + 100, 900, (left, right))));

    private static string Told(JoinPlan plan) =>
        string.Join(
            ' ',
            plan.Places.Select(place =>
                (place.Value.Nanometres / 1_000_000m).ToString("0.###", System.Globalization.CultureInfo.InvariantCulture)
            )
        );

    private static JoinPlan Plan(int strip, int from, int to, int longest, (int Left, int Right)? corners = null) =>
        new BoxingJoins
        {
            Strip = Of(strip),
            FrontStart = Of(from),
            FrontEnd = Of(to),
            Longest = Of(longest),
            ClearOfEnds = Of(50),
            BackCorners = corners is { } at ? (Of(at.Left), Of(at.Right)) : null,
        }.Place();

    private static Worked Of(int millimetres) =>
        Worked.Given("given", Length.FromMillimetres((decimal)millimetres), QuantitySource.Measure);
}
