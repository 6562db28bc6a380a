using CsCheck;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;
using Xunit;
using static Wrapper.Core.Tests.LayJobs;

namespace Wrapper.Core.Tests;

public sealed partial class LayPlannerTests
{
    [Fact]
    public void Any_lay_is_valid_and_lies_between_its_bound_and_the_rule_of_thumb() =>
        Jobs.ForMany(
            request =>
            {
                if (LayPlanner.Plan(request, 25) is not { Lay: { } lay } outcome)
                {
                    Assert.All(LayPlanner.Refuse(request), check => Assert.Equal("pattern-out-of-reach", check.Code));
                    return;
                }

                LayVerifier.Verify(request, lay);
                Assert.True(lay.Bound <= lay.Length, $"bound {lay.Bound} over length {lay.Length}");
                Assert.True(
                    request.Flaws.Count > 0 || lay.Length <= lay.RuleOfThumb,
                    $"length {lay.Length} over rule of thumb {lay.RuleOfThumb}"
                );
            },
            iter: 600
        );

    [Fact]
    public void Most_random_patterns_can_be_met() // the test above is worth nothing if they are refused
    {
        var (met, refused) = (0, 0);
        Jobs.ForMany(
            request =>
            {
                var isMatched =
                    (request.RepeatLength.IsPositive || request.RepeatWidth.IsPositive)
                    && request.Pieces.Any(piece => piece.Match is not null);
                if (isMatched)
                {
                    Interlocked.Increment(ref LayPlanner.Refuse(request).Count == 0 ? ref met : ref refused);
                }
            },
            iter: 300
        );
        Assert.True(met > Repeated.Share(60) && met > 3 * refused, $"{met} met, {refused} refused");
    }

    [Fact]
    public void Whatever_is_pinned_stays_and_the_rest_goes_round_it() =>
        Jobs.ForMany(
            request =>
            {
                if (LayPlanner.Plan(request, 5).Lay is not { } lay)
                {
                    return;
                }

                var lifted = Millimetres(request.RepeatLength.IsPositive ? 2 * request.RepeatLength.Millimetres : 333);
                var flawless = request with { Flaws = [] };
                var pinned = flawless with
                {
                    Pinned =
                    [
                        .. lay.Placements.Where((_, i) => i % 3 != 1).Select(placement => placement with { Y = placement.Y + lifted }),
                    ],
                };
                var round = Plan(pinned, 10);
                LayVerifier.Verify(pinned, round);
                Assert.True(round.Bound <= round.Length);
            },
            iter: 150
        );

    [Fact]
    public void Remnants_are_laid_first_and_leave_less_for_the_roll() =>
        Gen.Select(Jobs, Gen.Select(Gen.Int[150, 1200], Gen.Int[150, 1500]).Array[1, 3])
            .ForMany(
                (request, sizes) =>
                {
                    if (LayPlanner.Plan(request, 8).Lay is not { } without)
                    {
                        return;
                    }

                    var with = request with
                    {
                        Remnants =
                        [
                            .. sizes.Select((size, i) => new Remnant($"left {i}", Millimetres(size.Item1), Millimetres(size.Item2))),
                        ],
                    };
                    var lay = Plan(with, 8);
                    LayVerifier.Verify(with, lay);
                    Assert.True(lay.Bound <= lay.Length);
                    Assert.Equal(without.RuleOfThumb, lay.RuleOfThumb);
                    Assert.True(request.Flaws.Count > 0 || lay.Length <= lay.RuleOfThumb);
                },
                iter: 150
            );

    [Fact]
    public void More_steps_never_make_it_longer_and_the_same_steps_give_the_same_lay() =>
        Jobs.ForMany(
            request =>
            {
                if (LayPlanner.Refuse(request).Count > 0)
                {
                    return;
                }

                var (few, same, more) = (Plan(request, 3), Plan(request, 3), Plan(request, 40));
                Assert.True(more.Length <= few.Length);
                Assert.Equal(few.Placements, same.Placements);
            },
            iter: 60
        );

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
                    pieces.AddRange(
                        stops.Zip(stops.Skip(1)).Select((stop, i) => Rectangle($"{pieces.Count} {i}", stop.Second - stop.First, height))
                    );
                }

                var request = new LayRequest
                {
                    UsableWidth = Millimetres(dissection.usable),
                    Pieces = [.. pieces.Select((piece, i) => piece with { Id = $"{i}" })],
                };
                var optimum = Millimetres(dissection.rows.Sum(row => row.height));
                var lay = Plan(request, 20);
                LayVerifier.Verify(request, lay);
                Assert.True(lay.Bound <= optimum, $"bound {lay.Bound} over optimum {optimum}");
                Assert.True(lay.Length >= optimum - Millimetres(1e-6));
            },
            iter: 200
        );
    }

    [Fact]
    public void Wide_pieces_that_cannot_lie_side_by_side_are_stacked_in_the_bound()
    {
        var lay = Plan(new() { UsableWidth = Millimetres(1000), Pieces = [Rectangle("wide", 600, 100) with { Quantity = 5 }] }, 5);
        Assert.Equal(Millimetres(500), lay.Length);
        Assert.Equal(lay.Length, lay.Bound);
    }

    [Theory]
    [InlineData(200, 8)]
    [InlineData(300, 12)]
    [InlineData(700, 20)]
    public void Parts_of_a_block_are_laid_into_the_block_again_and_that_is_proved(int steps, int size)
    {
        for (var seed = 0; seed < 4; seed++)
        {
            var (request, optimum) = Block(size, seed);
            var lay = Plan(request, steps);
            LayVerifier.Verify(request, lay);
            Assert.Equal((optimum, optimum), (lay.Length, lay.Bound));
        }
    }

    [Fact]
    public void Many_parts_of_a_block_come_within_a_few_hundredths_of_it()
    {
        var (request, optimum) = Block(60, 1);
        var lay = Plan(request, 300);
        LayVerifier.Verify(request, lay);
        Assert.InRange(lay.Length.RatioTo(optimum), 1, 1.04);
        Assert.Equal(lay.Placements, Plan(request, 300).Placements);
    }

    [Fact]
    public void Small_pieces_lie_in_the_notches_of_crosses_and_tees_into_one_another()
    {
        var crosses = new LayRequest
        {
            UsableWidth = Millimetres(1210),
            Pieces = [new LayPiece("cross", 4, Cross(600, 500, 120), [0, 180]), Rectangle("small", 115, 115) with { Quantity = 16 }],
        };
        var lay = Plan(crosses, 60);
        LayVerifier.Verify(crosses, lay);
        Assert.Equal(Millimetres(1000), lay.Length); // two rows of crosses and nothing besides
        var tees = new LayRequest { UsableWidth = Millimetres(1300), Pieces = [new LayPiece("tee", 8, Tee(400, 400), [0, 180])] };
        var nested = Plan(tees, 60);
        LayVerifier.Verify(tees, nested);
        Assert.Equal(Millimetres(800), nested.Length); // four across instead of three
        var flat = Plan(tees with { Pieces = [Rectangle("tee", 400, 400) with { Quantity = 8 }] }, 60);
        Assert.Equal(Millimetres(1200), flat.Length);
    }

    [Fact]
    public void Every_shorter_lay_is_told_as_it_is_found_and_is_valid()
    {
        var (request, _) = Block(40, 3);
        var told = new List<Lay>();
        var outcome = LayPlanner.Plan(request, 400, onShorter: told.Add);
        Assert.True(told.Count > 1);
        Assert.All(told, lay => LayVerifier.Verify(request, lay));
        Assert.True(told.Zip(told.Skip(1)).All(pair => pair.Second.Length < pair.First.Length));
        Assert.Equal(outcome.Lay!.Length, told[^1].Length);
    }

    [Fact]
    public void A_planner_that_is_told_to_stop_stops_and_keeps_what_it_has()
    {
        var (request, _) = Block(150, 2);
        var asked = 0;
        var lay = LayPlanner.Plan(request, int.MaxValue, () => Interlocked.Increment(ref asked) > 40).Lay!;
        LayVerifier.Verify(request, lay);
        Assert.True(lay.Length <= lay.RuleOfThumb);
    }

    [Fact]
    public void A_planner_asks_several_times_for_each_piece_so_that_drafts_do_not_wait_for_a_whole_one()
    {
        const int pieces = 60;
        var asked = 0;
        var request = new LayRequest
        {
            UsableWidth = Millimetres(1370),
            Pieces = [new("tee", pieces, LayJobs.Tee(300, 200), [0, 90, 180, 270])],
        };
        Assert.NotNull(LayPlanner.Plan(request, 1, () => Interlocked.Increment(ref asked) < 0).Lay);
        Assert.True(asked > 20 * pieces, $"Asked {asked} times.");
    }

    [Theory]
    [InlineData("510x100*6", 600)] // none beside another
    [InlineData("340x100*4", 200)] // two beside one another, never three
    [InlineData("260x100*7", 300)] // three, never four
    [InlineData("600x50*3 450x80*2", 230)] // the narrower go beside one another, not beside the wider
    [InlineData("100x700 900x40*3", 700)] // what is long and narrow leaves room
    public void Bounds_know_what_fits_side_by_side(string pieces, double length)
    {
        var request = new LayRequest
        {
            UsableWidth = Millimetres(1000),
            Pieces =
            [
                .. pieces
                    .Split(' ')
                    .Select(text => text.Split('x', '*'))
                    .Select(
                        (parts, i) =>
                            Rectangle($"{i}", Number(parts[0]), Number(parts[1])) with
                            {
                                Quantity = parts.Length > 2 ? (int)Number(parts[2]) : 1,
                            }
                    ),
            ],
        };
        var lay = Plan(request, 50);
        LayVerifier.Verify(request, lay);
        Assert.Equal((Millimetres(length), Millimetres(length)), (lay.Length, lay.Bound));
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
            10
        );
        Assert.Equal([("a", 0), ("b", 90), ("c", 180)], lay.Placements.Select(placement => (placement.Piece, placement.Turn)).Order());
    }

    private static Lay Plan(LayRequest request, int steps)
    {
        var outcome = LayPlanner.Plan(request, steps);
        Assert.True(outcome.Lay is not null, string.Join("; ", outcome.Checks.Select(check => check.Text)));
        return outcome.Lay;
    }

    private static double Number(string text) => double.Parse(text, System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>A block cut right across again and again, always its largest part.</summary>
    private static (LayRequest Request, Length Optimum) Block(int size, int seed)
    {
        var random = new Random((100 * size) + seed);
        var (usable, length) = (random.Next(1120, 2800), random.Next(1500, 4000));
        var parts = new List<(int Width, int Height)> { (usable, length) };
        while (parts.Count < size)
        {
            var (width, height) = parts.MaxBy(part => part.Width * part.Height);
            parts.Remove((width, height));
            var share = 0.25 + (0.5 * random.NextDouble());
            var cut = (int)(Math.Max(width, height) * share);
            parts.AddRange(width > height ? [(cut, height), (width - cut, height)] : [(width, cut), (width, height - cut)]);
        }

        return (
            new()
            {
                UsableWidth = Millimetres(usable),
                Pieces = [.. parts.Select((part, i) => Rectangle($"{i}", part.Width, part.Height))],
            },
            Millimetres(length)
        );
    }
}
