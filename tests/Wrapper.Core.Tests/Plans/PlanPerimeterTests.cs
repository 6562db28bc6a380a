using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Plans;

/// <summary>The way round a plan and where it is broken.</summary>
public sealed class PlanPerimeterTests
{
    private static readonly Length Hair = Length.FromMillimetres(0.01m);

    /// <summary>400 × 300, from the front left corner: 1,400 round.</summary>
    private static PlanPerimeter Oblong =>
        new(
            Outline.Polygon(
                (EdgeName.Front, At(0, 0)),
                (EdgeName.Right, At(400, 0)),
                (EdgeName.Back, At(400, 300)),
                (EdgeName.Left, At(0, 300))
            )
        );

    /// <summary>200 × 100 with half a circle at its right end.</summary>
    private static PlanPerimeter Rounded =>
        new(
            new Outline([
                new(EdgeName.Front, At(0, 0), At(200, 0)),
                new(EdgeName.Right, At(200, 0), At(200, 100), new Arc(At(200, 50), true)),
                new(EdgeName.Back, At(200, 100), At(0, 100)),
                new(EdgeName.Left, At(0, 100), At(0, 0)),
            ])
        );

    [Fact]
    public void Edges_begin_and_end_where_the_tape_says()
    {
        var plan = Oblong;
        Assert.Equal(Mm(1400), plan.Total);
        Assert.Equal([Mm(0), Mm(400), Mm(700), Mm(1100)], new[] { "front", "right", "back", "left" }.Select(plan.StartOf));
        Assert.Equal([Mm(400), Mm(700), Mm(1100), Mm(1400)], new[] { "front", "right", "back", "left" }.Select(plan.EndOf));
        Assert.Equal(["front", "right", "back", "left"], plan.Spans.Select(span => span.Name.Word));
    }

    [Theory]
    [InlineData(-1, 1399)]
    [InlineData(0, 0)]
    [InlineData(1399, 1399)]
    [InlineData(1400, 0)]
    [InlineData(1500, 100)]
    public void A_place_is_brought_into_one_round(int station, int place) => Assert.Equal(Mm(place), Oblong.Wrapped(Mm(station)));

    [Fact]
    public void A_broken_edge_is_numbered_the_way_one_goes()
    {
        var plan = Oblong;
        plan.Break(Mm(150));
        plan.Break(Mm(100));
        plan.Break(Mm(750));
        Assert.Equal(
            ["front-1 0-100", "front-2 100-150", "front-3 150-400", "right 400-700", "back-1 700-750", "back-2 750-1100", "left 1100-1400"],
            plan.Spans.Select(Told)
        );
        plan.Break(Mm(-300)); // the left's own beginning: nothing new
        plan.Break(Mm(1500)); // as 100
        Assert.Equal(7, plan.Spans.Count);
        plan.Break(Mm(-150));
        Assert.Equal("left-2 1250-1400", Told(plan.Spans[^1]));
    }

    [Fact]
    public void Two_breaks_a_hundredth_apart_are_one_and_a_little_more_are_two()
    {
        foreach (var near in new[] { Mm(400) + Hair, Mm(400) - Hair, Hair, Mm(1400) - Hair, Mm(100) + Hair, Mm(100) - Hair })
        {
            var plan = Oblong;
            plan.Break(Mm(100));
            plan.Break(near);
            Assert.Equal(5, plan.Spans.Count);
        }

        var more = Hair + Length.FromNanometres(1);
        foreach (var far in new[] { Mm(400) + more, Mm(400) - more, more, Mm(1400) - more, Mm(100) + more, Mm(100) - more })
        {
            var plan = Oblong;
            plan.Break(Mm(100));
            plan.Break(far);
            Assert.Equal(6, plan.Spans.Count);
        }
    }

    [Fact]
    public void A_place_beside_a_break_is_that_break()
    {
        var plan = Oblong;
        plan.Break(Mm(100));
        Assert.Equal(Mm(100), plan.AtBreak(Mm(100) + Hair));
        Assert.Equal(Mm(100), plan.AtBreak(Mm(100) - Hair));
        Assert.Equal(Mm(102), plan.AtBreak(Mm(102)));
        Assert.Equal(Mm(1400), plan.AtBreak(Mm(1400) - Hair)); // once round
        Assert.Equal(Mm(-300), plan.AtBreak(Mm(-300) + Hair)); // told from where one asks
        Assert.Equal(Mm(1500), plan.AtBreak(Mm(1500) + Hair));
    }

    [Fact]
    public void Stretches_are_gone_through_from_one_place_to_another()
    {
        var plan = Oblong;
        plan.Break(Mm(100));
        plan.Break(Mm(900));
        Assert.Equal(["front-2", "right", "back-1"], plan.Between(Mm(100), Mm(900)).Select(span => span.Name.Word));
        Assert.Equal(["back-2", "left", "front-1"], plan.Between(Mm(900), Mm(100)).Select(span => span.Name.Word));
        Assert.Equal(
            ["front-2", "right", "back-1", "back-2", "left", "front-1"],
            plan.Between(Mm(100), Mm(100)).Select(span => span.Name.Word)
        );
        Assert.Equal(["back-2", "left", "front-1"], plan.Between(Mm(900) + Hair, Mm(1500)).Select(span => span.Name.Word));
        Assert.Equal(["front-1"], plan.Between(Mm(1400) - Hair, Mm(100) - Hair).Select(span => span.Name.Word));
    }

    [Fact]
    public void A_stretch_over_straight_and_curve_has_the_edges_of_both()
    {
        var plan = Rounded;
        plan.Break(Mm(50));
        var whole = plan.EdgesOf(new(EdgeName.Bottom, EdgeName.Front, Mm(50), Mm(200) + Quarter)).ToList();
        Assert.Equal(2, whole.Count);
        Assert.All(whole, edge => Assert.Equal("bottom", edge.Name));
        Assert.Equal((At(50, 0), At(200, 0)), (whole[0].Start, whole[0].End));
        Assert.Equal(250, whole[1].End.X.Millimetres, 1e-5);
        Assert.Equal(50, whole[1].End.Y.Millimetres, 1e-5);
        Assert.Equal(
            (Mm(150), Mm(150) + Quarter),
            Assert.Single(plan.CurvedIn(new(EdgeName.Bottom, EdgeName.Front, Mm(50), Mm(200) + Quarter)))
        );
        Assert.Equal(
            (Mm(0), Quarter),
            Assert.Single(plan.CurvedIn(new(Edges.Named("bow"), EdgeName.Right, Mm(200) + Quarter, Mm(200) + Quarter + Quarter)))
        );
        Assert.Empty(plan.CurvedIn(new(EdgeName.Front, EdgeName.Front, Mm(0), Mm(200))));
        Assert.Empty(plan.CurvedIn(new(EdgeName.Back, EdgeName.Back, plan.StartOf("back"), plan.EndOf("back"))));
        Assert.Single(plan.EdgesOf(plan.Spans[0]));
    }

    [Fact]
    public void A_corner_is_where_the_way_turns_and_not_where_a_curve_begins()
    {
        var plan = Rounded;
        plan.Break(Mm(50));
        Assert.Equal(
            ["front-1 True", "front-2 False", "right False", "back False", "left True"],
            plan.Spans.Select(span => $"{span.Name} {plan.TurnsAtStartOf(span)}")
        );
        Assert.All(Oblong.Spans, span => Assert.True(Oblong.TurnsAtStartOf(span)));
    }

    private static Length Quarter => Length.FromNanometresRounded(25 * Math.PI * 1e6);

    private static string Told(PlanSpan span) => $"{span.Name} {span.Start.Millimetres:0}-{span.End.Millimetres:0}";

    private static Point At(int x, int y) => new(Mm(x), Mm(y));

    private static Length Mm(decimal millimetres) => Length.FromMillimetres(millimetres);
}
