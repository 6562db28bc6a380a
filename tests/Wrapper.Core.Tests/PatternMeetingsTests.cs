using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Whether a pattern meets at the seams where it is meant to, measured on the lay.</summary>
public sealed class PatternMeetingsTests
{
    private static readonly ClothSpecification Printed = new(Length.FromInches(54), Length.FromInches(0, 1, 2), true, Length.FromInches(7))
    {
        RepeatWidth = Length.FromInches(5),
    };

    public static TheoryData<string, bool, bool> Jobs =>
        new()
        {
            { "box-cushion width=22 depth=20 thickness=4", false, false },
            { "box-cushion width=22 depth=20 thickness=4", true, false },
            { "box-cushion width=22 depth=20 thickness=4", true, true },
            { "ottoman width=24 depth=20 height=15", false, false },
            { "ottoman width=24 depth=20 height=15", true, true },
        };

    [Theory]
    [MemberData(nameof(Jobs))]
    public void A_lay_meets_the_pattern_wherever_it_goes_on(string thing, bool halfDrop, bool unwashed)
    {
        var cloth = Printed with { HalfDrop = halfDrop, ShrinkageAlong = 0.04m, ShrinkageAcross = 0.02m, IsPrewashed = !unwashed };
        var meetings = PatternMeetings.Of(cloth, Bought(thing, cloth));
        Assert.NotEmpty(meetings);
        Assert.All(meetings, meeting =>
            Assert.True(meeting.Off < Length.FromMillimetres(0.1m), $"{meeting.Seam} {meeting.Off.Millimetres}")
        );
        Assert.Empty(PatternMeetings.Checks(meetings, _ => "", LengthFormat.For(LengthUnit.Inch)));
    }

    [Theory]
    [InlineData(0, 1, 1)] // an inch along
    [InlineData(2, 0, 2)]
    [InlineData(3, 4, 3.605551275463989)] // 3 across is 2 the other way, 4 along is 3 the other way
    [InlineData(5, 7, 0)] // a whole repeat each way shows the same
    public void What_was_put_down_elsewhere_is_off_by_so_much_and_named_with_its_seam(double across, double along, double inches)
    {
        var yardage = Bought("box-cushion width=22 depth=20 thickness=4", Printed);
        var boxing = yardage.Pieces.First(piece =>
            piece.Piece.Id == "boxing" && PatternMeetings.Of(Printed, Moved(yardage, piece.LayId, 1, 0)).Any(meeting => !meeting.Holds)
        );
        var meetings = PatternMeetings.Of(Printed, Moved(yardage, boxing.LayId, across, along));
        Assert.Equal(inches, meetings.Max(meeting => meeting.Off.Inches), 4);
        var checks = PatternMeetings.Checks(meetings, _ => "Seat", LengthFormat.For(LengthUnit.Inch)).ToList();
        Assert.Equal(inches > 0.125, checks.Count == 1);
        if (checks is [{ } check])
        {
            Assert.Equal((CheckLevel.Warning, "pattern-does-not-meet"), (check.Level, check.Code));
            Assert.StartsWith("Seat: the pattern is off at the seam ", check.Text, StringComparison.Ordinal);
            Assert.Contains(meetings.First(meeting => !meeting.Holds).Seam, check.Text, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_cloth_without_a_pattern_meets_nothing()
    {
        var plain = Printed.Plain;
        Assert.Empty(PatternMeetings.Of(plain, Bought("box-cushion width=22 depth=20 thickness=4", plain)));
    }

    private static Yardage Moved(Yardage yardage, string piece, double across, double along) =>
        yardage with
        {
            Lay = yardage.Lay! with
            {
                Placements =
                [
                    .. yardage.Lay.Placements.Select(place =>
                        place.Piece == piece
                            ? place with
                            {
                                X = place.X + Length.FromMillimetres((decimal)(across * 25.4)),
                                Y = place.Y + Length.FromMillimetres((decimal)(along * 25.4)),
                            }
                            : place
                    ),
                ],
            },
        };

    private static Yardage Bought(string thing, ClothSpecification cloth)
    {
        var (form, measures) = (thing.Split(' ')[0], thing[(thing.IndexOf(' ', StringComparison.Ordinal) + 1)..]);
        var yardage = new ClothBuyer([new("c", Thing.Inches(form, measures))], LengthUnit.Inch, new Dictionary<Rule, Length>()).Buy(
            cloth,
            10
        );
        Assert.True(yardage.Lay is not null, string.Join("; ", yardage.Checks.Select(check => check.Text)));
        return yardage;
    }
}
