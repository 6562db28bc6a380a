using Wrapper.Formats.Documents;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>A measuring sheet meets what was changed at the bench meanwhile: nothing is overwritten.</summary>
public sealed class SheetEntriesTests
{
    private static readonly CoverDocument Seat = new()
    {
        Measures = Said.Of(("width", "21"), ("depth", "19")),
        Notes = new() { ["width"] = "bow" },
    };

    [Fact]
    public void What_the_bench_did_not_touch_is_written()
    {
        var (cover, second) = SheetEntries.Put(
            Seat,
            [new("width", false, "21", "21 1/4"), new("thickness", false, "", "4"), new("", true, "", "legs numbered")]
        );
        Assert.Equal(
            ("21 1/4", "4", "legs numbered"),
            (cover.Measures!["width"].GetString(), cover.Measures!["thickness"].GetString(), cover.Notes![""])
        );
        Assert.Empty(second);
    }

    [Fact]
    public void What_the_bench_changed_stays_and_the_sheets_figure_is_a_second_reading()
    {
        var (cover, second) = SheetEntries.Put(Seat, [new("width", false, "20", "22"), new("width", true, "", "leans")]);
        Assert.Equal(
            ("21", "22", "bow / leans"),
            (cover.Measures!["width"].GetString(), cover.SecondReadings!["width"].GetString(), cover.Notes!["width"])
        );
        Assert.Equal(["width"], second);
    }

    [Fact]
    public void A_field_cleared_on_the_sheet_is_cleared_only_if_the_bench_left_it()
    {
        Assert.DoesNotContain("depth", SheetEntries.Put(Seat, [new("depth", false, "19", "")]).Cover.Measures!.Keys);
        Assert.Equal("19", SheetEntries.Put(Seat, [new("depth", false, "18", "")]).Cover.Measures!["depth"].GetString());
    }

    [Fact]
    public void The_same_said_twice_changes_nothing()
    {
        var (cover, second) = SheetEntries.Put(Seat, [new("width", false, "", "21")]);
        Assert.Equal(
            Seat.Measures!.Select(one => (one.Key, one.Value.GetString())),
            cover.Measures!.Select(one => (one.Key, one.Value.GetString()))
        );
        Assert.Empty(second);
    }
}
