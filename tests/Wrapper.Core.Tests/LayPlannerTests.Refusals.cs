using CsCheck;
using Wrapper.Core.Checks;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;
using Xunit;
using static Wrapper.Core.Tests.LayJobs;

namespace Wrapper.Core.Tests;

public sealed partial class LayPlannerTests
{
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
    [InlineData("outline-crosses-itself")]
    [InlineData("cloth-out-of-range")]
    [InlineData("half-drop-without-repeats")]
    [InlineData("motif-without-repeat")]
    [InlineData("flaw-out-of-range")]
    [InlineData("remnant-out-of-range")]
    [InlineData("remnant-id-twice")]
    [InlineData("pattern-out-of-reach")]
    [InlineData("pinned-unknown")]
    [InlineData("pinned-turn")]
    [InlineData("pinned-twice")]
    [InlineData("pinned-outside")]
    [InlineData("pinned-taken")]
    public void What_cannot_be_laid_is_named(string code)
    {
        var good = Rectangle("good", 100, 100);
        var request = new LayRequest { UsableWidth = Millimetres(1000), Pieces = [good] };
        Assert.Empty(LayPlanner.Plan(request, 1).Checks);

        // Each of these is all but a slip: the next step is one.
        var patterned = request with
        {
            RepeatLength = Millimetres(300),
            RepeatWidth = Millimetres(950),
            HalfDrop = true,
            MotifAcross = Millimetres(50),
            Pieces = [good with { Match = new("", Length.Zero) }],
        };
        var two = request with
        {
            Pieces = [good with { Quantity = 2 }],
            Pinned = [new("good", 1, 180, Length.Zero, Length.Zero), new("good", 2, 0, Millimetres(100), Length.Zero)],
        };
        var cut = request with
        {
            CurveSpace = Length.Zero,
            Flaws = [new(Millimetres(5), Millimetres(5.001))],
            Remnants = [new("left", Millimetres(5), Millimetres(0.001)), new("right", Millimetres(5), Millimetres(5))],
        };
        var edge = request with { Pinned = [new("good", 1, 0, Millimetres(900), Length.Zero)] };
        Assert.All((LayRequest[])[patterned, two, cut, edge], near => Assert.Empty(LayPlanner.Plan(near, 1).Checks));
        var bad = code switch
        {
            "no-pieces" => request with { Pieces = [] },
            "cloth-width-out-of-range" => request with { UsableWidth = Length.Zero },
            "piece-wider-than-cloth" => request with { Pieces = [Rectangle("wide", 1000.001, 100)] },
            "quantity-out-of-range" => request with { Pieces = [good with { Quantity = 0 }] },
            "too-many-pieces" => request with
            {
                Pieces = [good with { Quantity = int.MaxValue }, Rectangle("more", 1, 1) with { Quantity = int.MaxValue }],
            },
            "unknown-turn" => request with { Pieces = [good with { Turns = [45] }] },
            "outline-empty" => request with { Pieces = [good with { Corners = [At(0, 0), At(10, 0), At(20, 0)] }] },
            "outline-crosses-itself" => request with { Pieces = [good with { Corners = [At(0, 0), At(100, 100), At(100, 0), At(0, 70)] }] },
            "piece-id-twice" => request with { Pieces = [good, good] },
            "cloth-out-of-range" => request with { CurveSpace = Millimetres(-1) },
            "half-drop-without-repeats" => request with { HalfDrop = true, RepeatLength = Millimetres(300) },
            "motif-without-repeat" => request with { MotifAcross = Millimetres(50), RepeatLength = Millimetres(300) },
            "flaw-out-of-range" => request with { Flaws = [new(Millimetres(5), Millimetres(5))] },
            "remnant-out-of-range" => request with { Remnants = [new("left", Millimetres(5), Length.Zero)] },
            "remnant-id-twice" => request with
            {
                Remnants = [new("left", Millimetres(5), Millimetres(5)), new("left", Millimetres(6), Millimetres(5))],
            },
            "pattern-out-of-reach" => patterned with { MotifAcross = Millimetres(49) },
            "pinned-unknown" => request with { Pinned = [new("good", 2, 0, Length.Zero, Length.Zero)] },
            "pinned-turn" => request with { Pinned = [new("good", 1, 90, Length.Zero, Length.Zero)] },
            "pinned-twice" => two with { Pinned = [.. two.Pinned, new("good", 1, 0, Millimetres(300), Length.Zero)] },
            "pinned-outside" => request with { Pinned = [new("good", 1, 0, Millimetres(900.001), Length.Zero)] },
            "pinned-taken" => two with { Pinned = [two.Pinned[0], new("good", 2, 0, Millimetres(99.9), Length.Zero)] },
            _ => request with { Pieces = [good with { Corners = [.. Enumerable.Range(0, 30_000).Select(i => At(i, i * i % 7))] }] },
        };
        var outcome = LayPlanner.Plan(bad, 1);
        Assert.Null(outcome.Lay);
        Assert.Contains(outcome.Checks, check => check.Code == code && check.Level == CheckLevel.Error && check.Measure is not null);
    }
}
