using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Xunit;

namespace Wrapper.Core.Tests.Reckoning;

/// <summary>Sums of casing and of notches as they stand on a maker's paper: joined strips, unwashed strips, long seams.</summary>
public sealed class CasingAndNotchesTests
{
    /// <summary>Squares of every size, one cushion and many: some of them are just long enough for one strip more.</summary>
    public static TheoryData<int> Counts => [1, 2, 5, 12];

    [Theory]
    [MemberData(nameof(Counts))]
    public void Bias_strips_are_as_few_as_reach_round_with_their_slanted_joins(int count)
    {
        // Each strip is as long as the diagonal of the cloth's width. A join takes a seam off both strips, measured along the slant; the
        // slanted end of the first takes the casing's width once.
        var (strip, join) = (53 * Math.Sqrt(2), 2 * 0.5 * Math.Sqrt(2));
        for (var side = 8; side < 48; side++)
        {
            var casing = CasingOf(side, count, "o.bias=true");
            AssertFewest(casing.PerCover, strip, join, Runs(side, count) + Inches(casing.CutLength.Value));
            Assert.Equal(strip, Inches(casing.CutWidth.Value), 1e-6);
        }
    }

    [Theory]
    [MemberData(nameof(Counts))]
    public void Strips_on_the_straight_grain_are_as_few_as_reach_round_with_their_joins(int count)
    {
        for (var side = 8; side < 48; side++)
        {
            var casing = CasingOf(side, count, "o.bias=false");
            AssertFewest(casing.PerCover, 53, 2 * 0.5, Runs(side, count));
            Assert.Equal(53, Inches(casing.CutWidth.Value), 1e-6);
        }
    }

    [Fact]
    public void Bias_casing_of_unwashed_cloth_is_longer_and_wider_than_it_is_when_washed()
    {
        // Washed: a parallelogram over 53 in of width that rises 53, and w √2 high. Unwashed its corners lie 1 ÷ 0.92 further across and
        // 1 ÷ 0.95 further along: its long side is the hypotenuse of 53 ÷ 0.92 and 53 ÷ 0.95, its width its area through that side.
        var washed = CasingOf(20, 1, "o.bias=true");
        var casing = CasingOf(20, 1, "o.bias=true", "r.shrinkage.across=8% r.shrinkage.along=5% r.prewash=false");
        var usable = Inches(casing.StitchLine.Bounds.Width);
        var (across, along) = (usable / 0.92, usable / 0.95);
        var side = Math.Sqrt((across * across) + (along * along));
        Assert.Equal(side, Inches(casing.CutWidth.Value), 1e-5);
        var height = Inches(casing.StitchLine.Bounds.Height) - usable;
        Assert.Equal(Inches(washed.CutLength.Value) * Math.Sqrt(2), height, 1e-5);
        Assert.Equal(across * height / 0.95 / side, Inches(casing.CutLength.Value), 1e-5);
        Assert.Equal(53, across, 0.01); // the cloth is 53 wide before it is washed
    }

    [Theory]
    [InlineData(899, "")]
    [InlineData(900, "450")]
    [InlineData(1500, "750")]
    [InlineData(2000, "1000")]
    [InlineData(2400, "800 1600")]
    [InlineData(3200, "800 1600 2400")]
    public void A_long_seam_is_notched_in_equal_parts_of_a_metre_at_most_on_both_of_its_sides(int length, string places)
    {
        var draft = Thing.Drafted(Thing.Millimetres("pillowcase", $"width=500 length={length}"));
        Assert.All(draft.Pieces, face =>
        {
            Assert.Equal(places, NotchesAt(face, face.StitchLine.Bounds.Left));
            Assert.Equal(places, NotchesAt(face, face.StitchLine.Bounds.Right));
        });
    }

    private static string NotchesAt(Piece face, Units.Length x) =>
        string.Join(
            ' ',
            face.Marks.Where(mark => mark.Kind == MarkKind.Notch && mark.From.X == x)
                .Select(mark => (int)Math.Round(mark.From.Y.Millimetres))
                .Order()
        );

    /// <summary>The strips reach as far as is needed, and one strip less would not.</summary>
    private static void AssertFewest(int strips, double strip, double join, double needed)
    {
        double Joined(int count) => (count * strip) - ((count - 1) * join);
        Assert.True(Joined(strips) >= needed - 1e-6, $"{strips} strips give {Joined(strips)} of {needed}");
        Assert.True(strips == 1 || Joined(strips - 1) < needed, $"{strips - 1} strips give {Joined(strips - 1)} of {needed}");
    }

    /// <summary>Both edges of every cushion, each with its lap.</summary>
    private static double Runs(int side, int count) => count * 2 * ((4 * side) + 2);

    private static Piece CasingOf(int side, int count, string said, string rules = "") =>
        Thing
            .Drafted(
                Thing.Inches(
                    "box-cushion",
                    $"width={side} depth={side} thickness=4",
                    $"construction=boxing-strip usable=53 count={count} o.piping=both r.seam=1/2 r.pipingLap=2 {said} {rules}"
                )
            )
            .Pieces.Single(piece => piece.Kind == PieceKind.Piping);

    private static double Inches(Units.Length length) => length.Millimetres / 25.4;
}
