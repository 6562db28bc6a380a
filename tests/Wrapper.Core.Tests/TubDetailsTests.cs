using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What hangs on walls, holds them and lies under them; and zones in pairs: counts and figures by hand.</summary>
public sealed class TubDetailsTests
{
    [Theory]
    [InlineData("front", "Elastic strap, front to back", 22.5)] // three quarters of 30
    [InlineData("back", "Elastic strap, front to back", 22.5)]
    [InlineData("left", "Elastic strap, side to side", 34.5)] // of 46
    public void A_strap_holds_the_side_that_something_stands_in_the_way_of(string side, string name, double inches)
    {
        var table = Thing.Inches("table", "width=46 depth=30 drop=6") with
        {
            Obstacles =
            [
                new(side, Entry.Typed("8"), Entry.Typed("4"), Entry.Typed("5")),
                new(side, Entry.Typed("16"), Entry.Typed("4"), Entry.Typed("5")),
            ],
        };
        var strap = Thing.Drafted(table).Notions.Single(notion => notion.Kind.Word() == "strap");
        Assert.Equal((name, inches), (strap.Name, strap.Length.Value.Millimetres / 25.4));
        Assert.Equal(
            2,
            Thing
                .Drafted(
                    table with
                    {
                        Obstacles =
                        [
                            .. table.Obstacles,
                            new(side == "left" ? "front" : "right", Entry.Typed("8"), Entry.Typed("4"), Entry.Typed("5")),
                        ],
                    }
                )
                .Notions.Count(notion => notion.Kind.Word() == "strap")
        );
    }

    /// <summary>
    /// The hem edge with something under it: the stretch that is cut higher lies on a curve, and is longer than the straight.
    /// </summary>
    [Fact]
    public void The_hem_edge_is_as_long_as_it_is_drawn()
    {
        var plain = Thing.Drafted(Thing.Inches("table", "width=46 depth=30 drop=6"));
        Assert.Equal(152, Opening(plain), 1e-9);
        var eased = Thing.Drafted(
            Thing.Inches("table", "width=46 depth=30 drop=6") with
            {
                Obstacles = [new("front", Entry.Typed("8"), Entry.Typed("4"), Entry.Typed("3"))],
            }
        );
        var drawn = eased
            .Pieces.Where(piece => piece.Id == "wall")
            .Sum(piece => piece.PerCover * piece.StitchLine.LengthOf("hem").Millimetres / 25.4);
        Assert.Equal(drawn, Opening(eased), 1e-6);
        Assert.True(drawn > 152.5);
    }

    /// <summary>
    /// Joins by hand: walls of 100 in cloth of 54 are in two, the top in a middle and two sides when that is said; so often as there are
    /// covers.
    /// </summary>
    [Theory]
    [InlineData("o.plates=turned", 1, 2)]
    [InlineData("o.plates=middle-and-sides", 1, 4)]
    [InlineData("o.plates=middle-and-sides", 3, 12)]
    [InlineData("o.plates=turned o.strips=down", 1, 0)]
    public void Joins_of_walls_and_top_are_counted(string said, int count, int joins) =>
        Assert.Equal(
            joins,
            Thing.Drafted(Thing.Inches("table", "width=100 depth=30 drop=6", $"usable=54 r.seam=1/2 count={count} {said}")).Joins
        );

    [Fact]
    public void A_skirt_hangs_from_every_part_of_every_wall()
    {
        var draft = Thing.Drafted(
            Thing.Inches("ottoman", "width=60 depth=20 height=12 return=0", "usable=40 o.edge=skirt o.strips=across r.seam=1/2")
        );
        var hanging = draft.Seams.Single(seam => seam.First.Piece == "skirt" && seam.Second.Piece != "skirt");
        Assert.Equal(6, hanging.SecondSide.Count()); // 60 in two parts, twice; 20 in one, twice
        var walls =
            hanging.SecondSide.Sum(side => draft.Pieces.Single(piece => piece.Key == side.Piece).LengthOf(side.Edge).Millimetres) / 25.4;
        Assert.Equal(160, walls, 1e-6);
        Assert.True(FoldUp.Of(draft).Holds);
    }

    [Fact]
    public void The_corners_of_a_return_that_nothing_draws_in_are_left_open()
    {
        int OpenCorners(string said) =>
            Thing
                .Drafted(Thing.Inches("ottoman", "width=28 depth=20 height=15", said))
                .Pieces.Where(piece => piece.Id == "wall")
                .Max(piece => piece.StitchLine.Names.Count());
        Assert.True(
            OpenCorners("") > OpenCorners("o.edge=double-hem r.tuckUnder=0"),
            "with a return the side edges are in two: sewn, and open under the base"
        );
        var table = Thing.Drafted(Thing.Inches("table", "width=46 depth=30 drop=6"));
        Assert.All(table.Pieces.Where(piece => piece.Id == "wall"), wall => Assert.Equal(4, wall.StitchLine.Names.Count()));
    }

    /// <summary>Layers of padding by hand: as large as the board, or wound round it with what they add themselves.</summary>
    [Fact]
    public void Layers_of_padding_are_pieces_too()
    {
        PaddingInput Layer(string how, int turns) => new(Entry.Typed("1/8"), how, turns);
        CoverInput Board(params PaddingInput[] padding) => Thing.Inches("board", "shape=tray width=12 depth=18") with { Padding = padding };
        var layers = Thing
            .Drafted(Board(Layer("wound-width", 3), Layer("top", 2), Layer("wound-depth", 2)))
            .Pieces.Where(piece => piece.Id == "layer")
            .ToList();
        Assert.Equal(["layer-1", "layer-2", "layer-3"], layers.Select(layer => layer.Key));
        Assert.Equal([1, 2, 1], layers.Select(layer => layer.PerCover));
        Assert.All(layers, layer => Assert.Equal(PieceUse.Laid, layer.Use));
        Assert.DoesNotContain(Thing.Drafted(Board(Layer("top", 2)) with { MeasuredFrom = "padded-filling" }).Pieces, piece =>
            piece.Id == "layer"
        );
        Assert.Equal("top", Assert.Single(Thing.Drafted(Board()).Pieces).Id);
    }

    [Fact]
    public void Three_of_a_pair_are_cut_two_and_two_and_said()
    {
        var chair = new CoverInput
        {
            Unit = "in",
            Form = "slipcover",
            Zones =
            [
                new()
                {
                    Name = "Wing",
                    Width = Entry.Typed("10"),
                    Height = Entry.Typed("20"),
                    Count = 3,
                    Pair = true,
                },
            ],
        };
        var draft = Thing.Drafted(chair);
        Assert.Equal([2, 2], draft.Pieces.Select(piece => piece.Quantity));
        Assert.Contains(draft.Checks, check => check.Code == "pair-without-partner");
        Assert.DoesNotContain(Thing.Drafted(chair with { Zones = [chair.Zones[0] with { Count = 2 }] }).Checks, check =>
            check.Code == "pair-without-partner"
        );
    }

    [Theory]
    [InlineData("", false)] // it goes down no gap
    [InlineData("bottom", true)]
    public void A_shallow_gap_is_told_only_where_something_goes_down_it(string tucks, bool isTold)
    {
        var chair = new CoverInput
        {
            Unit = "in",
            Form = "slipcover",
            Zones =
            [
                new()
                {
                    Name = "Wing",
                    Width = Entry.Typed("10"),
                    Height = Entry.Typed("20"),
                    Tucks = tucks.Length == 0 ? [] : [tucks],
                    FreeTuck = Entry.Typed("2"),
                },
            ],
        };
        Assert.Equal(isTold, Thing.Drafted(chair).Checks.Any(check => check.Code == "tuck-shortened"));
        // pins of 1½ in all round, and the gap's 2
        Assert.Equal(isTold ? "13 × 25" : "13 × 23", Thing.Pieces(chair)[0]["block ×1 ".Length..]);
    }

    [Fact]
    public void All_corrections_of_an_outline_add_up()
    {
        PointInput At(int x, int y) => new(Entry.Number(x), Entry.Number(y));
        var berth = Thing.Millimetres("box-cushion", "shape=outline thickness=80") with
        {
            Points = [At(0, 0), At(500, 0), At(500, 400), At(0, 400)],
            Corrections = [new("all", Entry.Number(3)), new("all", Entry.Number(4)), new("top", Entry.Number(9))],
        };
        Assert.Equal(Length.FromMillimetres(514m), Thing.Drafted(berth).Pieces[0].StitchLine.Bounds.Width);
    }

    private static double Opening(Draft draft) => draft.Finished.Single(size => size.Key == "opening").Value.Value.Millimetres / 25.4;
}
