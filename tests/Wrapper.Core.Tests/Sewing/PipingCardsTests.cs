using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Operations;
using Xunit;
using static Wrapper.Core.Tests.Sewing.SewingCardsTests;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>What is said of piping: how much is made, when it goes on, how its ends are joined.</summary>
public sealed class PipingCardsTests
{
    private const string Box = "o.piping=both o.slidePocket=true construction=boxing-strip";

    [Fact]
    public void So_much_is_made_as_its_runs_with_their_laps()
    {
        // P 80 1/2 and a lap of 3 in, twice; the bolster 165 x 610: 518.36 round and a lap of 75, twice
        Assert.Equal(167, MadeOf(Thing.Inches("box-cushion", "width=21.25 depth=19 thickness=4", Box)) / 25.4, 1e-6);
        var bolster = Thing.Millimetres("bolster", "diameter=165 length=610", "construction=band-ends o.piping=both");
        Assert.Equal(2 * ((165 * Math.PI) + 75), MadeOf(bolster), 1e-3);
    }

    [Fact]
    public void A_layered_seam_says_that_the_piping_is_laid_in_snipped_and_joined()
    {
        var box = Thing.Inches("box-cushion", "width=21.25 depth=19 thickness=4", Box) with
        {
            Schools = new Dictionary<string, string> { ["piping"] = "sandwich" },
        };
        var round = Cards(box).Where(card => card.Own is { Kind: OperationKind.Seam, IsRing: true }).ToList();
        Assert.Equal(2, round.Count);
        Assert.All(round, card =>
        {
            Assert.Contains("Lay the piping between them", card.Own.Text, StringComparison.Ordinal);
            Assert.Contains("snip its allowance", card.Own.Text, StringComparison.Ordinal);
            Assert.Contains(card.Hints, hint => hint.Contains("cut the cord so that its ends butt", StringComparison.Ordinal));
        });
    }

    [Fact]
    public void An_ottoman_with_a_top_drop_has_its_corners_sewn_before_one_run_goes_all_round()
    {
        var ottoman = Thing.Inches("ottoman", "width=28 depth=20 height=16 return=3 topDrop=4", "construction=tub-walls o.piping=top");
        var cards = Cards(ottoman).ToList();
        var piping = Assert.Single(cards, card => card.Own.Kind == OperationKind.ApplyPiping);
        Assert.Equal(96, piping.Own.Millimetres!.Value / 25.4, 1e-6);
        Assert.Contains(piping.Hints, hint => hint.Contains("cut the cord so that its ends butt", StringComparison.Ordinal));
        var corners = cards.Where(card => card.Own.Text.StartsWith("Fold the top right sides together", StringComparison.Ordinal)).ToList();
        Assert.Equal(4, corners.Count);
        Assert.All(corners, corner => Assert.True(cards.IndexOf(corner) < cards.IndexOf(piping)));
    }

    private static double MadeOf(CoverInput input) =>
        Cards(input).Single(card => card.Own.Kind == OperationKind.MakePiping).Own.Millimetres!.Value;
}
