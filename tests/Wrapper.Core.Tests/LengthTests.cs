using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class LengthTests
{
    [Fact]
    public void A_64th_of_an_inch_and_a_micrometre_are_whole()
    {
        Assert.Equal(396_875, Length.FromInches(0, 1, 64).Nanometres);
        Assert.Equal(1_000, Length.FromMillimetres(0.001m).Nanometres);
        Assert.Equal(Length.FromInches(1), 64 * Length.FromInches(0, 1, 64));
    }

    [Fact]
    public void Arithmetic_does_not_overflow_in_silence()
    {
        var huge = Length.FromNanometres(long.MaxValue);
        Assert.Throws<OverflowException>(() => huge + Length.FromNanometres(1));
        Assert.Throws<OverflowException>(() => 2 * huge);
        Assert.Throws<OverflowException>(() => huge.Times(2m));
        Assert.Throws<OverflowException>(() => Length.FromMillimetres(double.NaN));
        Assert.Throws<OverflowException>(() => Length.FromMillimetres(double.PositiveInfinity));
    }

    [Fact]
    public void Cloth_rounds_up_and_cut_sizes_to_the_nearest_with_ties_up()
    {
        var quarterYard = Length.FromInches(9);
        Assert.Equal(Length.FromInches(18), Length.FromInches(9, 1, 64).RoundedUpTo(quarterYard));
        Assert.Equal(Length.FromInches(9), Length.FromInches(9).RoundedUpTo(quarterYard));
        Assert.Equal("22¼", LengthFormat.Inches.Rounded(Length.FromInches(22, 7, 32)));
        Assert.Equal("22 3⁄16", LengthFormat.Inches.Rounded(Length.FromInches(22, 13, 64)));
        Assert.Equal("566", LengthFormat.Millimetres.Rounded(Length.FromMillimetres(565.5m)));
        Assert.Equal("56.5", LengthFormat.Centimetres.Rounded(Length.FromMillimetres(565.15m)));
        Assert.Equal("−⅜", LengthFormat.Inches.Rounded(Length.FromInches(0, -3, 8)));
    }

    [Fact]
    public void Halves_of_odd_nanometres_round_away_from_zero()
    {
        Assert.Equal(2, Length.FromNanometres(3).Half().Nanometres);
        Assert.Equal(-2, Length.FromNanometres(-3).Half().Nanometres);
    }

    [Fact]
    public void A_yard_is_914_4_millimetres() => Assert.Equal(Length.FromMillimetres(914.4m), LengthUnit.Yard.One());
}
