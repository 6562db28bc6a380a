using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Judgement;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class ReadingsAndPracticeTests
{
    [Theory]
    [InlineData(null, "21 1/2")]
    [InlineData("larger", "21 1/2")]
    [InlineData("smaller", "21")]
    [InlineData("mean", "21 1/4")]
    public void Of_two_readings_the_one_that_is_chosen_holds(string? use, string expected)
    {
        var reading = Registry.Read(Read("21 1/2", use));
        Assert.Equal(LengthReader.Read(expected, LengthUnit.Inch).Length, reading.Measures[Measure.Width]);
        Assert.Contains(reading.Checks, check => check.Code == "two-readings-disagree" && check.Level == CheckLevel.Warning);
    }

    [Fact]
    public void Readings_a_hands_unsteadiness_apart_agree_and_an_unreadable_one_is_told()
    {
        Assert.DoesNotContain(Registry.Read(Read("21 1/8", null)).Checks, check => check.Code == "two-readings-disagree");
        Assert.Contains(Registry.Read(Read("21 3/16", null)).Checks, check => check.Code == "two-readings-disagree");
        Assert.Contains(Registry.Read(Read("wide", null)).Checks, check => check is { Code: "unreadable", Measure: "width" });
        Assert.Contains(Registry.Read(Read("21 1/2", "best")).Checks, check => check.Code == "unknown-choice");
        Assert.Empty(Registry.Read(Read("", null)).Checks);
    }

    [Fact]
    public void Each_mend_of_a_disagreement_keeps_one_reading()
    {
        var input = Read("21 1/2", "mean");
        var mends = Registry.Read(input).Checks.Single(check => check.Code == "two-readings-disagree").Mends!;
        Assert.Equal(2, mends.Count);
        Assert.Equal("secondReadings.width", mends[0].Path);
        var second = Registry.Read(CheckTests.Put(input, mends[1].Path, mends[1].Value));
        Assert.Equal(Length.FromInches(21, 1, 2), second.Measures[Measure.Width]);
        Assert.DoesNotContain(second.Checks, check => check.Code == "two-readings-disagree");
    }

    [Fact]
    public void Practice_has_an_answer_and_a_ticket_has_just_one_slip()
    {
        var (sizes, tickets) = (0, 0);
        for (var seed = 0; seed < 300; seed++)
        {
            var task = Practice.Task(seed, seed % 2 == 0 ? LengthUnit.Inch : LengthUnit.Millimetre);
            if (task.Asked is { } asked)
            {
                sizes++;
                Assert.True(OwnFigure.Judge(task.Draft, asked.For, asked.Value.Value)!.Agrees);
            }
            else
            {
                tickets++;
                var wrong = Assert.Single(task.Ticket, line => line.Shown != line.Number.Value.Value);
                Assert.NotNull(wrong.Slip);
                var judged = OwnFigure.Judge(task.Draft, wrong.Number.For, wrong.Shown)!;
                Assert.False(judged.Agrees);
                Assert.NotEmpty(judged.Slips);
            }

            Assert.Equal(task.Asked?.For, Practice.Task(seed, seed % 2 == 0 ? LengthUnit.Inch : LengthUnit.Millimetre).Asked?.For);
        }

        Assert.True(sizes > 50 && tickets > 50, $"{sizes} sizes, {tickets} tickets");
    }

    private static CoverInput Read(string second, string? use) =>
        Thing.Inches("box-cushion", "width=21 depth=19 thickness=4") with
        {
            SecondReadings = new Dictionary<string, Entry> { ["width"] = Entry.Typed(second) },
            ReadingUse = use is null ? new Dictionary<string, string>() : new Dictionary<string, string> { ["width"] = use },
        };
}
