using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Operations;
using Xunit;
using static Wrapper.Core.Tests.Sewing.SewingCardsTests;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>What a card says: the right piece by a name a maker knows, and the right distance.</summary>
public sealed class CardWordsTests
{
    private const string Shut = "Where the opening is shut lay fold on fold and stitch ⅛ in from the folds.";

    [Theory]
    [InlineData("buttons", "⅝", "from the edge", true)]
    [InlineData("overlap", "⅝", "from the edge", true)]
    [InlineData("zip", "⅝", "from the edge; end: ¾ in", false)] // the ends beside a zip are raw edges
    public void A_duvet_s_seam_says_what_its_sides_are_sewn_at_and_what_its_hemmed_end_is(
        string closure,
        string shown,
        string of,
        bool isShut
    )
    {
        var round = Assert.Single(
            Cards(Thing.Inches("duvet", "width=78 length=81", $"o.closure={closure} usable=100 construction=bag")),
            card => card.Own.Kind == OperationKind.Seam
        );
        Assert.Equal((shown, of), (round.Figure!.Shown, round.Figure.Of));
        Assert.Equal(isShut, round.Hints.Contains(Shut));
    }

    [Fact]
    public void An_opening_is_hemmed_from_side_to_side_and_carries_its_fold_line_there()
    {
        var input = Thing.Inches("duvet", "width=78 length=81", "o.closure=buttons o.join=middle-and-sides usable=54 construction=bag");
        var hems = Cards(input).Where(card => card.Own.Kind == OperationKind.Hem).ToList();
        Assert.Equal(2, hems.Count);
        Assert.All(hems, hem => Assert.Equal(78, hem.Own.Millimetres!.Value / 25.4, 3));
        Assert.All(Drafter.Draft(input).Draft!.Pieces, piece =>
            Assert.InRange(
                piece.Marks.Where(mark => mark.Kind == MarkKind.Fold).Sum(mark => mark.From.DistanceTo(mark.To).Millimetres),
                piece.StitchLine.Bounds.Width.Millimetres - 40, // beside a longer line a short one goes without saying
                piece.StitchLine.Bounds.Width.Millimetres
            )
        );
        var buttons = Cards(input).Single(card => card.Own.Kind == OperationKind.Buttons).Own;
        Assert.All(buttons.Edges, side => Assert.DoesNotContain("end-", side.Edge, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("pillowcase", "shape=flap width=20 length=26 flap=7", "construction=bag", "1¼", "7 in")]
    [InlineData("duvet", "width=78 length=81", "o.closure=overlap usable=100 construction=bag", "2½", "8 in")]
    public void A_flap_is_hemmed_flat_at_its_hem_and_folds_in_for_the_sides(
        string form,
        string measures,
        string make,
        string hem,
        string flap
    )
    {
        var cards = Cards(Thing.Inches(form, measures, make));
        var hems = cards.Where(card => card.Own.Kind == OperationKind.Hem).ToList();
        Assert.Equal([hem, hem], hems.Select(card => card.Figure!.Shown));
        Assert.Contains(
            flap,
            Assert.Single(hems.SelectMany(card => card.Hints), hint => hint.StartsWith("Its flap", StringComparison.Ordinal)),
            StringComparison.Ordinal
        );
        var ids = cards.Select(card => card.Id).ToList();
        Assert.All(hems, card => Assert.True(ids.IndexOf(card.Id) < ids.FindIndex(id => id.StartsWith("seam", StringComparison.Ordinal))));
    }

    [Fact]
    public void The_parts_of_a_flange_s_back_are_hemmed_along_one_edge_each()
    {
        var hems = Cards(Thing.Inches("pillowcase", "shape=flange width=20 length=26 flange=2", "construction=bag"))
            .Where(card => card.Own.Kind == OperationKind.Hem)
            .ToList();
        // what overlaps is caught in the sides
        Assert.Equal(["hem", "hem"], hems.SelectMany(card => card.Own.Edges).Select(side => side.Edge.Word));
        Assert.Equal(["1¼", "1¼"], hems.Select(card => card.Figure!.Shown));
    }

    [Fact]
    public void Before_a_ready_sheet_the_other_face_is_hemmed_all_round_and_sewn_inside_the_hems()
    {
        var input = Thing.Inches("duvet", "width=66 length=81", "o.back=ready-sheet o.closure=buttons o.join=middle-and-sides usable=54");
        var draft = Drafter.Draft(input).Draft!;
        var cards = Cards(input);
        var hems = cards.Where(card => card.Own.Kind == OperationKind.Hem).ToList();
        var front = draft.Pieces.Where(piece => piece.Roles.Contains(PieceRole.FaceFront)).ToList();
        var outer = front
            .SelectMany(piece =>
                PieceCopy
                    .AllOf(piece)
                    .SelectMany(copy => piece.StitchLine.Names.Distinct().Select(edge => new SeamSide(piece.Key, edge, copy.Copy)))
            )
            .Where(side => !draft.Seams.Any(seam => seam.IsFlat && seam.Edges.Contains(side)));
        Assert.Equal(
            outer.OrderBy(side => side.ToString()),
            hems.SelectMany(hem => hem.Own.Edges)
                .Where(side => front.Exists(piece => piece.Key == side.Piece))
                .OrderBy(side => side.ToString())
        );
        Assert.Contains(hems, hem =>
            (hem.Figure!.Shown, hem.Text) == ("1", "Turn a roll hem along the sides and the closed end of the front face.")
        );
        var seams = cards.Where(card => card.Own.Kind == OperationKind.Seam).ToList();
        Assert.All(seams, seam =>
            Assert.Equal(
                seam.Text.Contains("closed end", StringComparison.Ordinal) ? ("⅜", "inside the hemmed edges") : ("⅛", "from the folds"),
                (seam.Figure!.Shown, seam.Figure.Of)
            )
        );
        Assert.Contains(seams, seam => seam.Text.Contains("side", StringComparison.Ordinal) && seam.Hints.Contains(Shut));
        Assert.All(seams, seam =>
            Assert.EndsWith("Its edges are hemmed: there is nothing to finish.", seam.Text, StringComparison.Ordinal)
        );
        Assert.All(seams, seam => Assert.Equal(0, seam.Operations.Single(operation => operation.Kind == OperationKind.Finish).Minutes));
        Assert.All(cards.Single(card => card.Own.Kind == OperationKind.Buttons).Own.Edges, side =>
            Assert.DoesNotContain(front, piece => piece.Key == side.Piece)
        );
    }

    [Theory]
    [InlineData("board", "shape=tray width=18 depth=12", "o.edge=drawstring construction=tub-notched", "1¼")]
    [InlineData("board", "shape=tray width=18 depth=12", "o.edge=drawstring r.hem=1 construction=tub-notched", "1")]
    [InlineData(
        "board",
        "shape=pressing-table width=46 depth=30 drop=3 cornerRadius=2",
        "o.edge=drawstring construction=tub-notched",
        "1¼"
    )] // its outline itself is grown
    // nothing is turned
    [InlineData("board", "shape=ironing length=48 widest=14 noseWidth=6", "o.edge=overlocked-cord construction=outline-margin", null)]
    public void A_casing_says_how_much_of_the_edge_is_turned(string form, string measures, string make, string? turned) =>
        Assert.Equal(turned, Cards(Thing.Inches(form, measures, make)).Single(card => card.Own.Kind == OperationKind.Casing).Figure?.Shown);

    [Theory]
    [InlineData(
        "table",
        "shape=rectangle width=46 depth=30 drop=6.5",
        "construction=tub-walls",
        "Sew the right wall to the back wall, upper edges level: the back right corner."
    )]
    [InlineData(
        "table",
        "shape=rectangle width=46 depth=30 drop=6.5",
        "construction=tub-walls",
        "Pin the walls to the top, notch to corner, and sew all round."
    )]
    [InlineData(
        "ottoman",
        "width=28 depth=20 height=15 return=2.5",
        "construction=tub-walls o.edge=hook-and-loop",
        "Sew the front right corner from the top half of the way down: it is tried on with that corner open."
    )]
    [InlineData(
        "ottoman",
        "width=28 depth=20 height=15 return=2.5",
        "construction=tub-walls o.edge=hook-and-loop",
        "Close the back left corner by hand"
    )]
    [InlineData(
        "pouf",
        "shape=cube size=22 wrap=2.25",
        "construction=pouf-wrapped",
        "Sew the back right strip to the back side, right sides together."
    )]
    [InlineData(
        "pouf",
        "shape=cube size=22 wrap=2.25",
        "construction=pouf-wrapped",
        "Sew the left-hand side to the front left strip, right sides together."
    )]
    [InlineData(
        "pouf",
        "shape=cube size=22 wrap=2.25",
        "construction=pouf-wrapped",
        "Sew the dart back left of the bottom from its point to the raw edge."
    )]
    [InlineData(
        "chair-back",
        "width=19.25 thickness=2.25 height=21",
        "construction=bag o.layers=reversible",
        "Open the left corner of the inner layer until seam lies on seam"
    )]
    [InlineData(
        "chair-back",
        "width=19.25 thickness=2.25 height=21",
        "construction=bag o.layers=reversible",
        "Trim the opened right corner of the outer layer to the seam’s width and finish it."
    )]
    [InlineData(
        "duvet",
        "width=78 length=81",
        "o.closure=buttons o.join=middle-and-sides usable=54 construction=bag",
        "Join the outer drop 1 of the front face to the middle drop of the front face."
    )]
    [InlineData(
        "duvet",
        "width=78 length=81",
        "o.closure=buttons o.join=middle-and-sides usable=54 construction=bag",
        "Sew the front face to the back face, right sides together: end, side, closed end."
    )]
    [InlineData(
        "box-cushion",
        "width=78 depth=26 thickness=5",
        "construction=boxing-strip o.strips=across usable=54",
        "Pin the boxing and upper zip boxing to the top plate, notch to corner, and sew all round."
    )]
    [InlineData(
        "pillowcase",
        "shape=flange width=20 length=26",
        "construction=bag",
        "Pin the back, in two parts to the front, notch to corner, and sew all round."
    )]
    [InlineData(
        "pillowcase",
        "shape=flange width=20 length=26",
        "construction=bag",
        "Hem the open edge of the back, in two parts 1 while it is flat."
    )]
    public void A_piece_is_called_by_where_it_stands_on_the_thing(string form, string measures, string make, string said) =>
        Assert.Contains(Cards(Thing.Inches(form, measures, make)), card => card.Text.StartsWith(said, StringComparison.Ordinal));

    [Fact]
    public void No_two_cards_of_a_cover_say_the_same_of_other_edges()
    {
        foreach (
            var input in (CoverInput[])
                [
                    Thing.Inches("pouf", "shape=cube size=22 wrap=2.25", "construction=pouf-wrapped"),
                    Thing.Inches("chair-back", "width=19.25 thickness=2.25 height=21", "construction=bag o.layers=reversible"),
                    Thing.Inches("ottoman", "width=28 depth=20 height=15 return=2.5", "construction=tub-walls o.edge=hook-and-loop"),
                ]
        )
        {
            var texts = Cards(input).Select(card => card.Text).ToList();
            Assert.Equal(texts.Distinct(), texts);
        }
    }

    [Theory]
    [InlineData("chair-back", "width=18 height=20 thickness=2", "construction=bag", false)]
    [InlineData("headboard", "width=60 height=24 thickness=3", "construction=bag", false)]
    [InlineData("seat-pad", "width=18 depth=17 thickness=2", "construction=bag o.closure=gap", true)]
    public void What_goes_over_something_that_stands_is_not_filled(string form, string measures, string make, bool isFilled) =>
        Assert.Equal(isFilled, Cards(Thing.Inches(form, measures, make)).Any(card => card.Own.Kind == OperationKind.Fill));

    [Fact]
    public void A_piped_seam_is_graded_and_a_plain_one_is_not()
    {
        var cards = Cards(Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", "construction=boxing-strip o.piping=top"));
        Assert.Contains(cards.Single(card => card.Id == "seam-top-back").Hints, hint =>
            hint.Contains("in steps", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(cards.Single(card => card.Id == "seam-bottom-back").Hints, hint =>
            hint.Contains("in steps", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_skirt_hangs_from_the_edge_of_the_base_and_is_sewn_on_when_its_corners_are()
    {
        var skirted = Drafter.Draft(Thing.Inches("ottoman", "width=24 depth=20 height=15", "construction=tub-walls o.edge=skirt"));
        Assert.DoesNotContain(skirted.Draft!.Checks, check => check.Code == "skirt-on-return");
        Assert.All(skirted.Draft.Pieces.Where(piece => piece.Kind == PieceKind.Wall), wall =>
            Assert.DoesNotContain(wall.StitchLine.Names, edge => edge.Word.EndsWith("-return", StringComparison.Ordinal))
        );
        var order = SewingPlanner.Of(skirted.Draft, skirted.Reading.Specification!).Order.Select(operation => operation.Id).ToList();
        Assert.All(order.Where(id => id.StartsWith("seam-corner-", StringComparison.Ordinal)), corner =>
            Assert.True(order.IndexOf(corner) < order.IndexOf("seam-skirt"))
        );
        var under = Drafter
            .Draft(Thing.Inches("ottoman", "width=24 depth=20 height=15 return=2.5", "construction=tub-walls o.edge=skirt"))
            .Draft!;
        var told = Assert.Single(under.Checks, check => check.Code == "skirt-on-return");
        Assert.Equal(("return", "0"), (told.Measure, Assert.Single(told.Mends!).Value));
    }
}
