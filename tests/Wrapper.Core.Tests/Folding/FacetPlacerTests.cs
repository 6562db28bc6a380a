using CsCheck;
using Wrapper.Core.Geometry;
using Wrapper.Core.Proof.Folding;
using Xunit;

namespace Wrapper.Core.Tests.Folding;

/// <summary>
/// Bodies taken apart into flat facets, each moved and turned on the table as cloth lies there, and put together again by
/// nothing but what is joined to what.
/// </summary>
public sealed class FacetPlacerTests
{
    [Fact]
    public void A_box_comes_together_whatever_its_size() =>
        (
            from size in Gen.Double[20, 900].Array[3]
            from turns in Gen.Double[0, 6.28].Array[6]
            from first in Gen.Int[0, 5]
            select (size, turns, first)
        ).ForMany(of =>
            Together(Prism([(0, 0), (of.size[0], 0), (of.size[0], of.size[1]), (0, of.size[1])], of.size[2], 1), of.turns, of.first)
        );

    [Fact]
    public void Prisms_and_blunted_pyramids_of_many_sides_come_together() =>
        (
            from sides in Gen.Int[3, 9]
            from radius in Gen.Double[60, 400]
            from height in Gen.Double[30, 300]
            from narrowed in Gen.Double[0.4, 1.6]
            from off in Gen.Double[-0.2, 0.2].Array[9]
            from turns in Gen.Double[0, 6.28].Array[11]
            from first in Gen.Int[0, 10]
            select (sides, radius, height, narrowed, off, turns, first)
        ).ForMany(of =>
        {
            var plan = Enumerable
                .Range(0, of.sides)
                .Select(i => (i + of.off[i]) * 2 * Math.PI / of.sides)
                .Select(angle => (of.radius * Math.Cos(angle), of.radius * Math.Sin(angle)))
                .ToArray();
            Together(Prism(plan, of.height, of.narrowed), of.turns, of.first % (of.sides + 2));
        });

    [Fact]
    public void Two_facets_that_only_meet_each_other_lie_on_one_another()
    {
        // A bag with no thickness: both faces alike, joined on three sides.
        var front = new Facet("front", 1, [new(0, 0), new(300, 0), new(300, 200), new(0, 200)]);
        var back = new Facet("back", 1, [new(0, 0), new(300, 0), new(300, 200), new(0, 200)]);
        foreach (var (mine, other) in new[] { (0, 0), (1, 3), (3, 1) })
        {
            front.Joints[mine] = new(back, other, false, "seam");
            back.Joints[other] = new(front, mine, false, "seam");
        }

        new FacetPlacer([front, back]).Place(front);
        Assert.All(back.Placed!, place => Assert.Equal(0, place.Z, 1e-9));
        Near(front.Placed![0], back.Placed![1]);
        Near(front.Placed![2], back.Placed![3]);
    }

    [Fact]
    public void Cloth_that_goes_on_flat_lies_in_one_plane()
    {
        var whole = new Facet("face", 1, [new(0, 0), new(100, 0), new(100, 200), new(0, 200)]);
        var side = new Facet("side", 1, [new(7, 3), new(47, 3), new(47, 203), new(7, 203)]);
        whole.Joints[1] = new(side, 3, true, "join");
        side.Joints[3] = new(whole, 1, true, "join");
        new FacetPlacer([whole, side]).Place(whole);
        Near(new(100, 0, 0), side.Placed![0]);
        Near(new(140, 0, 0), side.Placed![1]);
        Near(new(140, 200, 0), side.Placed![2]);
    }

    [Fact]
    public void What_is_joined_to_nothing_is_not_placed()
    {
        var alone = new Facet("alone", 1, [new(0, 0), new(10, 0), new(10, 10)]);
        var other = new Facet("other", 1, [new(0, 0), new(10, 0), new(10, 10)]);
        new FacetPlacer([alone, other]).Place(alone);
        Assert.NotNull(alone.Placed);
        Assert.Null(other.Placed);
    }

    [Fact]
    public void Angles_are_measured_inside_the_facet()
    {
        var facet = new Facet("dart", 1, [new(0, 0), new(60, 0), new(60, 60), new(30, 20), new(0, 60)]);
        Assert.Equal(Math.PI / 2, facet.AngleAt(0), 1e-9);
        Assert.Equal(Math.PI / 2, facet.AngleAt(1), 1e-9);
        Assert.Equal(Math.Atan2(30, 40), facet.AngleAt(2), 1e-9);
        Assert.Equal((2 * Math.PI) - (2 * Math.Atan2(30, 40)), facet.AngleAt(3), 1e-9); // turns in
        Assert.Equal(Math.PI, new Facet("straight", 1, [new(0, 0), new(30, 0), new(60, 0), new(30, 40)]).AngleAt(1), 1e-9);
        Assert.Equal(3 * Math.PI, Enumerable.Range(0, 5).Sum(facet.AngleAt), 1e-9);
        Assert.Equal(2400, facet.Area, 1e-9);
    }

    [Fact]
    public void A_facet_tries_when_it_has_learnt_enough()
    {
        var facet = new Facet(
            "many",
            1,
            [.. Enumerable.Range(0, 40).Select(i => new FlatPoint(Math.Cos(i * Math.PI / 20), Math.Sin(i * Math.PI / 20)))]
        );
        var worth = new List<int>();
        for (var i = 0; i < 40; i++)
        {
            facet.Learn(i, new(i, 0, 0), 1);
            facet.Learn(i, new(99, 0, 0), 2); // known already: the first stands
            if (facet.IsWorthTrying)
            {
                worth.Add(i + 1);
            }
        }

        Assert.Equal([1, 2, 3, 4, 5, 6, 7, 8, 16, 32, 40], worth);
        Assert.Equal(7, facet.Known[7]!.Value.X);
        Assert.Equal(1, facet.KnownSince[7]);
    }

    /// <summary>
    /// The faces of a prism whose top is drawn in or let out evenly: each face its corners in space, outwards counter-clockwise.
    /// </summary>
    private static Place[][] Prism((double X, double Y)[] plan, double height, double narrowed)
    {
        var (cx, cy) = (plan.Average(point => point.X), plan.Average(point => point.Y));
        var low = plan.Select(point => new Place(point.X, point.Y, 0)).ToArray();
        var high = plan.Select(point => new Place(cx + ((point.X - cx) * narrowed), cy + ((point.Y - cy) * narrowed), height)).ToArray();
        var count = plan.Length;
        return
        [
            [.. Enumerable.Range(0, count).Select(i => low[count - 1 - i])],
            high,
            .. Enumerable.Range(0, count).Select(i => new[] { low[i], low[(i + 1) % count], high[(i + 1) % count], high[i] }),
        ];
    }

    /// <summary>
    /// Lays the faces flat, joins them, has them placed, and holds every two corners to the distance they have on the body.
    /// </summary>
    private static void Together(Place[][] body, double[] turns, int first)
    {
        var facets = body.Select((face, i) => new Facet($"face-{i}", 1, Flattened(face, turns[i], 13 * i))).ToList();
        for (var a = 0; a < body.Length; a++)
        {
            for (var side = 0; side < body[a].Length; side++)
            {
                var (start, end) = (body[a][side], body[a][(side + 1) % body[a].Length]);
                for (var b = 0; b < body.Length; b++)
                {
                    var meets = Array.FindIndex(body[b], corner => (corner - end).Size < 1e-9);
                    if (b != a && meets >= 0 && (body[b][(meets + 1) % body[b].Length] - start).Size < 1e-9)
                    {
                        facets[a].Joints[side] = new(facets[b], meets, false, "seam");
                    }
                }
            }
        }

        Assert.All(facets, facet => Assert.All(facet.Joints, Assert.NotNull));
        new FacetPlacer(facets).Place(facets[first]);
        var there = body.SelectMany(face => face).ToList();
        var found = facets
            .SelectMany(facet => facet.Placed ?? throw new InvalidOperationException($"{facet.Piece} is not placed."))
            .ToList();
        for (var i = 0; i < there.Count; i++)
        {
            for (var j = i + 1; j < there.Count; j++)
            {
                Assert.Equal((there[i] - there[j]).Size, (found[i] - found[j]).Size, 1e-4);
            }
        }

        // Distances are the same for a body turned inside out: the first face looks up, and all else lies below it.
        Assert.All(found, place => Assert.True(place.Z < 1e-6, $"{place} lies above the face that everything hangs from"));
    }

    private static FlatPoint[] Flattened(Place[] face, double turn, double away)
    {
        var along = (face[1] - face[0]).Unit;
        var normal = (face[1] - face[0]).Cross(face[2] - face[1]).Unit;
        var left = normal.Cross(along);
        return
        [
            .. face.Select(corner => corner - face[0])
                .Select(corner => (X: corner.Dot(along), Y: corner.Dot(left)))
                .Select(at => new FlatPoint(
                    away + (at.X * Math.Cos(turn)) - (at.Y * Math.Sin(turn)),
                    -away + (at.X * Math.Sin(turn)) + (at.Y * Math.Cos(turn))
                )),
        ];
    }

    private static void Near(Place expected, Place found) => Assert.True((expected - found).Size < 1e-6, $"{expected}, but {found}");
}
