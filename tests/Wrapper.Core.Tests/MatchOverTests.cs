using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Over what a pattern is matched: the whole set, each cover, or not at all.</summary>
public sealed class MatchOverTests
{
    private static readonly ClothSpecification Printed = new(Length.FromInches(54), Length.FromInches(0, 1, 2), true, Length.FromInches(20))
    {
        RepeatWidth = Length.FromInches(11),
    };

    [Fact]
    public void The_set_meets_as_one_each_cover_by_itself_or_nothing_at_all()
    {
        string Groups(MatchOver over) =>
            string.Join(
                ' ',
                RequestOf(over).Pieces.Select(piece => piece.Match?.Group).Distinct().Select(group => group is null ? "-" : $"[{group}]")
            );
        Assert.Equal("[] -", Groups(MatchOver.Set));
        Assert.Equal("[one] - [two]", Groups(MatchOver.Cover));
        Assert.Equal("-", Groups(MatchOver.None));
        Assert.Equal(Length.FromInches(20), RequestOf(MatchOver.Cover).RepeatLength);
        Assert.True(
            RequestOf(MatchOver.None) is { RepeatLength.IsZero: true, RepeatWidth.IsZero: true, HalfDrop: false, MotifAcross: null }
        );
    }

    [Fact]
    public void The_less_has_to_meet_the_less_cloth_it_takes()
    {
        var (set, cover, none) = (Need(MatchOver.Set), Need(MatchOver.Cover), Need(MatchOver.None));
        Assert.True(none < set, $"{none.Inches} {set.Inches}");
        Assert.True(none <= cover, $"{none.Inches} {cover.Inches}");
        Assert.All(Meetings(MatchOver.Cover), meeting => Assert.True(meeting.Holds));
        Assert.NotEmpty(Meetings(MatchOver.Cover));
        Assert.Empty(Meetings(MatchOver.None));
    }

    [Fact]
    public void It_is_read_and_a_slip_is_named()
    {
        ClothReading Read(string? over) =>
            ClothReader.Read(new() { Width = Entry.Typed("54"), Repeat = new(Entry.Typed("6"), Over: over) }, LengthUnit.Inch);
        Assert.Equal(MatchOver.Set, Read(null).Cloth!.MatchOver);
        Assert.Equal(MatchOver.Cover, Read("cover").Cloth!.MatchOver);
        Assert.True(Read("none").Cloth is { HasPattern: true, Repeats: false });
        var check = Assert.Single(Read("some").Checks);
        Assert.Equal((CheckLevel.Error, "unknown-choice", "cloth.matchOver"), (check.Level, check.Code, check.Measure));
    }

    private static Length Need(MatchOver over) => Buyer().Buy(Cloth(over), 60).Need!.Value;

    private static IReadOnlyList<PatternMeeting> Meetings(MatchOver over) => PatternMeetings.Of(Cloth(over), Buyer().Buy(Cloth(over), 10));

    private static Lays.LayRequest RequestOf(MatchOver over) => ClothBuyer.RequestOf(Cloth(over), Buyer().Drafted(Cloth(over)).Pieces);

    private static ClothSpecification Cloth(MatchOver over) => Printed with { MatchOver = over };

    private static ClothBuyer Buyer() =>
        new(
            [
                new("one", Thing.Inches("box-cushion", "width=22 depth=20 thickness=4", "count=2")),
                new("two", Thing.Inches("box-cushion", "width=17 depth=14 thickness=3", "count=2")),
            ],
            LengthUnit.Inch,
            new Dictionary<Rule, Length>()
        );
}
