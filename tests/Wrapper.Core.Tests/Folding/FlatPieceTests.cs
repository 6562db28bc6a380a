using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof.Folding;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Folding;

/// <summary>A copy of a piece made ready to be folded: where its edges are divided, turned over, and rolled.</summary>
public sealed class FlatPieceTests
{
    /// <summary>A plate of 300 × 200 with a fold across it at 120, in mirrored pairs.</summary>
    private static Piece Plate =>
        Thing.Drafted(Thing.Millimetres("box-cushion", "width=300 depth=200 thickness=60")).Pieces.First(piece => piece.Id == "plate") with
        {
            StitchLine = Outline.Polygon(
                (EdgeName.Front, At(0, 0)),
                (EdgeName.Right, At(300, 0)),
                (EdgeName.Back, At(300, 200)),
                (EdgeName.Left, At(0, 200))
            ),
            InFacingPairs = true,
            Folds =
            [
                new(Edges.Named("crease"), [At(120, 0), At(120, 200)]),
                new(Edges.Named("bent"), [At(0, 50), At(40, 60), At(40, 0)], TrimsRight: true),
            ],
        };

    [Fact]
    public void A_fold_divides_the_edges_it_ends_on()
    {
        var flat = new FlatPiece(Plate, 1);
        Assert.Equal([40, 120], flat.StationsOf("front"));
        Assert.Equal([180], flat.StationsOf("back"));
        Assert.Equal([150], flat.StationsOf("left"));
        Assert.Empty(flat.StationsOf("right"));
        Assert.Equal(["bent", "crease"], flat.Folds.Select(fold => fold.Fold.Name.Word)); // what trims away comes first
        Assert.Equal(["bent-1", "bent-2"], Enumerable.Range(0, 2).Select(segment => flat.NameOf(flat.Folds[0].Fold, segment)));
    }

    [Fact]
    public void The_second_of_a_pair_lies_turned_over()
    {
        var (one, two) = (new FlatPiece(Plate, 1), new FlatPiece(Plate, 2));
        Assert.Equal(
            one.Corners().Select(corner => (-corner.Corner.X, corner.Corner.Y)).Order(),
            two.Corners().Select(corner => (corner.Corner.X, corner.Corner.Y)).Order()
        );
        Assert.Equal([180, 260], two.StationsOf("front")); // the same places, from the edge's other end
        Assert.Equal([120], two.StationsOf("back"));
        Assert.Equal([new(-40, 0), new(-40, 60), new(0, 50)], two.Folds[0].Points);
        Assert.Equal(["bent-2", "bent-1"], Enumerable.Range(0, 2).Select(segment => two.NameOf(two.Folds[0].Fold, segment)));
        Assert.Equal(
            one.Corners().Select(corner => corner.Corner),
            new FlatPiece(Plate with { InFacingPairs = false }, 2).Corners().Select(corner => corner.Corner)
        );
        Assert.True(new Facet("two", 2, [.. two.Corners().Select(corner => corner.Corner)]).Area > 0);
    }

    [Theory]
    [InlineData(0.0099, false)]
    [InlineData(0.01, true)]
    [InlineData(150, true)]
    [InlineData(39.9901, false)] // one is there already
    [InlineData(39.989, true)]
    [InlineData(40.0099, false)]
    [InlineData(40.011, true)]
    [InlineData(299.989, true)]
    [InlineData(299.9901, false)]
    [InlineData(-5, false)]
    [InlineData(305, false)]
    public void An_edge_is_divided_inside_it_and_once_at_a_place(double at, bool isNew)
    {
        var flat = new FlatPiece(Plate, 1);
        Assert.Equal(isNew, flat.AddStation("front", at));
        Assert.Equal(flat.StationsOf("front").Order(), flat.StationsOf("front"));
        Assert.Equal(isNew ? 3 : 2, flat.StationsOf("front").Count);
    }

    [Fact]
    public void Every_division_is_a_corner_with_its_edge_and_place()
    {
        var flat = new FlatPiece(Plate, 1);
        flat.AddStation("right", 80);
        Assert.Equal(
            [
                "(0, 0) front 0",
                "(40, 0) front 40",
                "(120, 0) front 120",
                "(300, 0) right 0",
                "(300, 80) right 80",
                "(300, 200) back 0",
                "(120, 200) back 180",
                "(0, 200) left 0",
                "(0, 50) left 150",
            ],
            flat.Corners()
                .Select(corner =>
                    FormattableString.Invariant($"({corner.Corner.X:0.###}, {corner.Corner.Y:0.###}) {corner.Edge} {corner.At:0.###}")
                )
        );
        Assert.Equal(["front", "right", "back", "left"], flat.Edges);
        Assert.Equal(200, flat.LengthOf("right"));
        Assert.True(flat.Has("left"));
        Assert.False(flat.Has("crease"));
    }

    /// <summary>A strip rolled along its length from 50 to 250: what divides one long edge there divides the other across it.</summary>
    [Theory]
    [InlineData(1, "front", 100, "back 200")]
    [InlineData(1, "back", 100, "front 200")]
    [InlineData(1, "front", 30, "")] // not rolled there
    [InlineData(1, "front", 49.991, "back 250.009")] // just where it begins
    [InlineData(1, "front", 49.98, "")]
    [InlineData(1, "front", 250.009, "back 49.991")]
    [InlineData(1, "front", 250.02, "")]
    [InlineData(2, "front", 100, "back 200")] // turned over: the same cloth
    [InlineData(2, "front", 30, "")]
    [InlineData(2, "front", 270, "")]
    public void On_a_roll_a_division_goes_across(int copy, string edge, double at, string across)
    {
        var rolled = Plate with { Folds = [], Rolls = [new(AlongX: true, Mm(50), Mm(250))] };
        var flat = new FlatPiece(rolled, copy);
        flat.AddStation(edge, at);
        Assert.Equal(
            across,
            string.Join(' ', flat.Ruled(edge, at).Select(added => FormattableString.Invariant($"{added.Edge} {added.At:0.###}")))
        );
        Assert.Equal(across.Length > 0 ? 1 : 0, flat.Rulings.Count);
        Assert.Empty(flat.Ruled(edge, at)); // and only once
        Assert.True(flat.RollsAlongX);
    }

    [Theory]
    [InlineData("right", 60, "left 140")]
    [InlineData("left", 60, "right 140")]
    [InlineData("right", 180, "")] // turned over, the right edge runs down: 20 from the front
    public void A_roll_may_go_the_other_way(string edge, double at, string across)
    {
        var flat = new FlatPiece(Plate with { Folds = [], Rolls = [new(AlongX: false, Mm(40), Mm(200))] }, 2);
        flat.AddStation(edge, at);
        Assert.Equal(
            across,
            string.Join(' ', flat.Ruled(edge, at).Select(added => FormattableString.Invariant($"{added.Edge} {added.At:0.###}")))
        );
        Assert.False(flat.RollsAlongX);
        Assert.Empty(new FlatPiece(Plate, 1).Ruled("right", 60)); // not rolled at all
        Assert.False(new FlatPiece(Plate, 1).RollsAlongX);
    }

    /// <summary>
    /// A disc: every chord is just as long as its arc, so that what is sewn to it is as long; and none stands off it by more than can be
    /// seen.
    /// </summary>
    [Theory]
    [InlineData(150)]
    [InlineData(700)]
    [InlineData(3000)]
    public void A_curve_keeps_its_length(int diameter)
    {
        var plate = Thing
            .Drafted(Thing.Millimetres("box-cushion", $"shape=round diameter={diameter} thickness=60"))
            .Pieces.First(piece => piece.Id == "plate");
        foreach (var copy in (int[])[1, 2])
        {
            var corners = new FlatPiece(plate, copy).Corners().Select(corner => corner.Corner).ToList();
            var round = corners.Zip(corners.Skip(1).Append(corners[0]), (a, b) => a.DistanceTo(b)).Sum();
            Assert.Equal(Math.PI * diameter, round, Math.PI * diameter * 1e-3);
            var centre = new FlatPoint(corners.Average(corner => corner.X), corners.Average(corner => corner.Y));
            Assert.All(corners, corner => Assert.InRange(corner.DistanceTo(centre), (diameter / 2.0) - 0.1, (diameter / 2.0) + 0.1));
            Assert.True(corners.Count > 40);
        }
    }

    private static Point At(int x, int y) => new(Mm(x), Mm(y));

    private static Length Mm(decimal millimetres) => Length.FromMillimetres(millimetres);
}
