using Wrapper.Core.Units;
using Wrapper.Core.Working;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class WorkedTests
{
    private static readonly WorkingWriter Inches = new(LengthFormat.Inches);

    private readonly Worked _width = Worked.Given("width", Length.FromInches(21, 1, 4), QuantitySource.Measure);
    private readonly Worked _depth = Worked.Given("depth", Length.FromInches(19), QuantitySource.Measure);
    private readonly Worked _seam = Worked.Given("seam", Length.FromInches(0, 1, 2), QuantitySource.Default);

    [Fact]
    public void The_same_figure_taken_twice_is_written_once()
    {
        Assert.Equal("21¼ + 2 × ½", Inches.Expression(_width + _seam + _seam));
        Assert.Equal("2 × 21¼ + 2 × 19", Inches.Expression(_width + _depth + _width + _depth));
        Assert.Equal("19", Inches.Expression(_width + _depth - _width));
        Assert.Equal("0", Inches.Expression(_width - _width));
    }

    [Fact]
    public void Two_figures_of_the_same_size_stay_two()
    {
        var zip = Worked.Given("zip turning", Length.FromInches(0, 1, 2), QuantitySource.House);
        Assert.Equal("19 + ½ + ½", Inches.Expression(_depth + _seam + zip));
        Assert.Equal(
            [null, "seam", null, "zip turning"],
            Inches.Line("x", "x", _depth + _seam + zip).Tokens.Skip(1).Select(token => token.Name)
        );
    }

    [Fact]
    public void A_fit_of_nothing_is_not_written_and_a_snug_one_is_taken_away()
    {
        Assert.Equal("21¼", Inches.Expression(_width + Worked.Given("fit", Length.Zero, QuantitySource.Default)));
        var snug = Worked.Given("fit", Length.FromInches(0, -3, 8), QuantitySource.Cover);
        Assert.Equal("21¼ − ⅜", Inches.Expression(_width + snug));
        Assert.Equal("− ⅜", Inches.Expression(snug));
        Assert.Equal("2 × 21¼ − 2 × ⅜", Inches.Expression(2 * (_width + snug)));
        Assert.Equal("21¼ + ⅜", Inches.Expression(_width - snug));
    }

    [Fact]
    public void A_named_result_shows_its_figure_and_keeps_its_own_sum()
    {
        var perimeter = ((2 * _width) + (2 * _depth)).Named("perimeter");
        var boxing = perimeter + (2 * _seam);
        Assert.Equal("80½ + 2 × ½", Inches.Expression(boxing));
        var result = Assert.Single(WorkingWriter.ResultsIn(boxing));
        Assert.Equal("2 × 21¼ + 2 × 19", Inches.Expression(result.Definition));
        Assert.Equal(Length.FromInches(81, 1, 2), boxing.Value);
    }

    [Fact]
    public void Halves_circles_slants_and_rounding_up_are_written_as_they_are_done()
    {
        Assert.Equal("21¼ ÷ 2 + ½", Inches.Expression((_width / 2) + _seam));
        Assert.Equal("π × 19", Inches.Expression(_depth.TimesPi()));
        Assert.Equal("√(2) × 19", Inches.Expression(_depth.TimesRootTwo()));
        Assert.Equal("⌈ 21¼ + ½ ⌉ to 1", Inches.Expression((_width + _seam).RoundedUpTo(Length.FromInches(1))));
        Assert.Equal(Length.FromInches(22), (_width + _seam).RoundedUpTo(Length.FromInches(1)).Value);
        var slant = Worked.Slant(_depth, (_width - _depth) / 2);
        Assert.Equal("√ ( ( 19 ) × ( 19 ) + ( 21¼ ÷ 2 − 19 ÷ 2 ) × ( 21¼ ÷ 2 − 19 ÷ 2 ) )", Inches.Expression(slant));
        Assert.Equal(Math.Sqrt((19 * 19) + (1.125 * 1.125)), slant.Value.Inches, 1e-7);
        Assert.Equal("21¼ ÷ 0.95", Inches.Expression(_width.DividedBy(0.95m)));
    }

    [Fact]
    public void Nothing_is_rounded_between_steps()
    {
        var third = Worked.Given("third", Length.FromNanometres(1), QuantitySource.Measure) / 3;
        Assert.Equal(1, (third + third + third).Value.Nanometres);
        Assert.Throws<DivideByZeroException>(() => _width / 0);
        Assert.Throws<InvalidOperationException>(() => _width.TimesPi().TimesPi());
    }

    [Fact]
    public void What_the_step_cannot_show_is_marked_for_the_eye_and_exact_in_the_sum()
    {
        var metric = Worked.Given("width", Length.FromMillimetres(540m), QuantitySource.Measure);
        var line = Inches.Line("W", "width", metric + _seam);
        Assert.Equal("≈21¾", line.Shown);
        Assert.Equal("≈21¼", line.Tokens[0].Shown);
        Assert.Equal("21.25984252 + ½", line.Expression);
        Assert.Equal(line.Value, LengthReader.Read(line.Expression, LengthUnit.Inch).Length);
    }
}
