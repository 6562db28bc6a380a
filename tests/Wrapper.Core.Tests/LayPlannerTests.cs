using CsCheck;
using Wrapper.Core.Checks;
using Wrapper.Core.Cloth;
using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class LayPlannerTests
{
    private static readonly int[][] TurnChoices = [[0], [0, 180], [0, 90, 180, 270], [90, 270]];

    /// <summary>Random jobs of rectangles, trapezoids, slanted strips and discs that all fit the cloth in some turn.</summary>
    private static Gen<LayRequest> Jobs { get; } =
        from usable in Gen.Int[1100, 2800]
        from oneWay in Gen.Bool
        from repeat in Choice.Of(0, 0, 150, 640)
        from space in Choice.Of(0, 0, 3)
        from pieces in PieceOf(usable).Array[1, 8]
        select new LayRequest
        {
            UsableWidth = Millimetres(usable),
            OneWay = oneWay,
            RepeatLength = Millimetres(repeat),
            Space = Millimetres(space),
            Pieces = [.. pieces.Select((piece, i) => piece with { Id = $"piece {i}" })],
        };

    [Fact]
    public void Any_lay_is_valid_and_lies_between_its_bound_and_the_rule_of_thumb() => Jobs.ForMany(
        request =>
        {
            var lay = Plan(request, 25);
            LayVerifier.Verify(request, lay);
            Assert.True(lay.Bound <= lay.Length, $"bound {lay.Bound} over length {lay.Length}");
            Assert.True(lay.Length <= lay.RuleOfThumb, $"length {lay.Length} over rule of thumb {lay.RuleOfThumb}");
        },
        iter: 400);

    [Fact]
    public void More_steps_never_make_it_longer_and_the_same_steps_give_the_same_lay() => Jobs.ForMany(
        request =>
        {
            var (few, same, more) = (Plan(request, 3), Plan(request, 3), Plan(request, 40));
            Assert.True(more.Length <= few.Length);
            Assert.Equal(few.Placements, same.Placements);
        },
        iter: 60);

    [Fact]
    public void No_bound_exceeds_an_optimum_known_by_construction()
    {
        // A full block of cloth cut into rows and each row into pieces: its length is the optimum.
        var dissections =
            from usable in Gen.Int[1100, 2800]
            from rows in (from height in Gen.Int[40, 600] from cuts in Gen.Int[30, 1000].Array[0, 5] select (height, cuts)).Array[1, 6]
            select (usable, rows);
        dissections.ForMany(
            dissection =>
            {
                var pieces = new List<LayPiece>();
                foreach (var (height, cuts) in dissection.rows)
                {
                    var stops = cuts.Where(cut => cut < dissection.usable).Append(0).Append(dissection.usable).Distinct().Order().ToList();
                    pieces.AddRange(stops.Zip(stops.Skip(1)).Select((stop, i) => Rectangle($"{pieces.Count} {i}", stop.Second - stop.First, height)));
                }

                var request = new LayRequest { UsableWidth = Millimetres(dissection.usable), Pieces = [.. pieces.Select((piece, i) => piece with { Id = $"{i}" })] };
                var optimum = Millimetres(dissection.rows.Sum(row => row.height));
                var lay = Plan(request, 20);
                LayVerifier.Verify(request, lay);
                Assert.True(lay.Bound <= optimum, $"bound {lay.Bound} over optimum {optimum}");
                Assert.True(lay.Length >= optimum - Millimetres(1e-6));
            },
            iter: 200);
    }

    [Fact]
    public void Wide_pieces_that_cannot_lie_side_by_side_are_stacked_in_the_bound()
    {
        var lay = Plan(new() { UsableWidth = Millimetres(1000), Pieces = [Rectangle("wide", 600, 100) with { Quantity = 5 }] }, 5);
        Assert.Equal(Millimetres(500), lay.Length);
        Assert.Equal(lay.Length, lay.Bound);
    }

    [Fact]
    public void The_longest_piece_bounds_the_lay()
    {
        var lay = Plan(new() { UsableWidth = Millimetres(1000), Pieces = [Rectangle("long", 50, 900), Rectangle("short", 50, 100)] }, 5);
        Assert.Equal((Millimetres(900), Millimetres(900)), (lay.Length, lay.Bound));
    }

    [Fact]
    public void Small_pieces_go_into_the_corners_a_bias_strip_leaves()
    {
        var bias = new LayPiece("bias", 1, [At(0, 0), At(1000, 1000), At(1000, 1200), At(0, 200)], [0, 180]);
        var lay = Plan(new() { UsableWidth = Millimetres(1000), Pieces = [bias, Rectangle("plate", 400, 400) with { Quantity = 2 }] }, 20);
        Assert.Equal(Millimetres(1200), lay.Length);
    }

    [Fact]
    public void With_a_nap_only_the_smaller_of_two_opposite_turns_stays()
    {
        var lay = Plan(
            new()
            {
                UsableWidth = Millimetres(1000),
                OneWay = true,
                Pieces = [Trapezoid("a", [0, 180]), Trapezoid("b", [90, 270]), Trapezoid("c", [180])],
            },
            10);
        Assert.Equal([("a", 0), ("b", 90), ("c", 180)], lay.Placements.Select(placement => (placement.Piece, placement.Turn)).Order());
    }

    [Theory]
    [InlineData("no-pieces")]
    [InlineData("cloth-width-out-of-range")]
    [InlineData("piece-wider-than-cloth")]
    [InlineData("quantity-out-of-range")]
    [InlineData("too-many-pieces")]
    [InlineData("unknown-turn")]
    [InlineData("outline-empty")]
    [InlineData("piece-id-twice")]
    [InlineData("too-many-corners")]
    public void What_cannot_be_laid_is_named(string code)
    {
        var good = Rectangle("good", 100, 100);
        var request = new LayRequest { UsableWidth = Millimetres(1000), Pieces = [good] };
        Assert.Empty(LayPlanner.Plan(request, 1).Checks);
        var bad = code switch
        {
            "no-pieces" => request with { Pieces = [] },
            "cloth-width-out-of-range" => request with { UsableWidth = Length.Zero },
            "piece-wider-than-cloth" => request with { Pieces = [Rectangle("wide", 1000.001, 100)] },
            "quantity-out-of-range" => request with { Pieces = [good with { Quantity = 0 }] },
            "too-many-pieces" => request with { Pieces = [good with { Quantity = int.MaxValue }, Rectangle("more", 1, 1) with { Quantity = int.MaxValue }] },
            "unknown-turn" => request with { Pieces = [good with { Turns = [45] }] },
            "outline-empty" => request with { Pieces = [good with { Corners = [At(0, 0), At(10, 0), At(20, 0)] }] },
            "piece-id-twice" => request with { Pieces = [good, good] },
            _ => request with { Pieces = [good with { Corners = [.. Enumerable.Range(0, 30_000).Select(i => At(i, i * i % 7))] }] },
        };
        var outcome = LayPlanner.Plan(bad, 1);
        Assert.Null(outcome.Lay);
        Assert.Contains(outcome.Checks, check => check.Code == code && check.Level == CheckLevel.Error && check.Measure is not null);
    }

    private static Lay Plan(LayRequest request, int steps)
    {
        var outcome = LayPlanner.Plan(request, steps);
        Assert.True(outcome.Lay is not null, string.Join("; ", outcome.Checks.Select(check => check.Text)));
        return outcome.Lay;
    }

    private static Gen<LayPiece> PieceOf(int usable) =>
        from kind in Gen.Int[0, 4]
        from width in Gen.Int[20, 1090]
        from height in Gen.Int[20, 1090]
        from quantity in Gen.Int[1, 6]
        from turns in Choice.Of(TurnChoices)
        from matched in Gen.Bool
        select (kind switch
        {
            0 => new LayPiece("", quantity, [At(0, 0), At(width, 0), At(width * 0.8, height), At(width * 0.1, height)], turns),
            1 => new LayPiece("", quantity, [At(5, 5), At(5 + (width / 2.0), 5 + (height / 2.0)), At(5 + (width / 2.0), 45 + (height / 2.0)), At(5, 45)], turns),
            2 => new LayPiece("", quantity, [.. Enumerable.Range(0, 24).Select(i => At(width / 2.0 * Math.Cos(-i * Math.PI / 12), width / 2.0 * Math.Sin(-i * Math.PI / 12)))], turns),
            _ => Rectangle("", Math.Min(width, usable), height) with { Quantity = quantity, Turns = turns },
        }) with
        {
            MatchLine = matched ? Millimetres(12) : null,
        };

    private static LayPiece Rectangle(string id, double width, double height) =>
        new(id, 1, [At(0, 0), At(width, 0), At(width, height), At(0, height)], [0, 180]);

    private static LayPiece Trapezoid(string id, int[] turns) => new(id, 1, [At(0, 0), At(300, 0), At(250, 200), At(50, 200)], turns);

    private static Length Millimetres(double millimetres) => Length.FromMillimetres(millimetres);

    private static Point At(double x, double y) => new(Millimetres(x), Millimetres(y));
}
