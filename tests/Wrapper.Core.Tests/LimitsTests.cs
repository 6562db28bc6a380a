using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What may just be, and what a hair beyond it may not: on both sides of every limit a maker can run into.</summary>
public sealed partial class LimitsTests
{
    private const string Cushion = "width=20 depth=19 thickness=4";

    private const string Ell = "shape=outline thickness=4";

    [Theory]
    [MemberData(nameof(Limits))]
    public void A_hair_beyond_the_limit_is_told_and_the_limit_itself_is_not(
        string code,
        string form,
        string measures,
        string beyond,
        string just
    )
    {
        Assert.Contains(Drafter.Draft(Said(form, $"{measures} {beyond}")).Checks, check => check.Code == code);
        Assert.DoesNotContain(Drafter.Draft(Said(form, $"{measures} {just}")).Checks, check => check.Code == code);
    }

    /// <summary>Every measure of every form at the ends of what is likely, and just beyond.</summary>
    [Fact]
    public void A_measure_is_unlikely_only_beyond_what_is_likely()
    {
        foreach (var form in FormCatalogue.All)
        {
            foreach (var shape in form.Shapes)
            {
                foreach (var measure in shape.Measures)
                {
                    bool IsTold(Length length) =>
                        Drafter
                            .Draft(
                                new()
                                {
                                    Unit = "mm",
                                    Form = form.Id,
                                    Shape = shape.Id,
                                    Measures = new Dictionary<string, Entry> { [measure.Name] = Entry.Number(length.Nanometres / 1e6m) },
                                }
                            )
                            .Checks.Any(check => check.Code == "unlikely-measure" && check.Measure == measure.Name);

                    var hair = Length.FromMillimetres(0.01m);
                    Assert.False(IsTold(measure.LikelyMost), $"{form.Id} {measure.Name}");
                    Assert.True(
                        IsTold(measure.LikelyMost + hair) || measure.LikelyMost >= Length.FromMillimetres(20_000m),
                        $"{form.Id} {measure.Name}"
                    );
                    Assert.False(measure.LikelyLeast.IsPositive && IsTold(measure.LikelyLeast), $"{form.Id} {measure.Name}");
                    Assert.True(measure.LikelyLeast <= hair || IsTold(measure.LikelyLeast - hair), $"{form.Id} {measure.Name}");
                }
            }
        }
    }

    /// <summary>Every rule at the ends of its range, and just beyond.</summary>
    [Fact]
    public void A_rule_is_out_of_range_only_beyond_its_range()
    {
        bool IsTold(string rule, Entry value) =>
            Drafter
                .Draft(Said("box-cushion", Cushion) with { Rules = new Dictionary<string, Entry> { [rule] = value } })
                .Checks.Any(check => check.Code == "rule-out-of-range" && check.Measure == rule);

        foreach (var rule in Rule.All.Values)
        {
            Entry At(Length length) => Entry.Number(length.Nanometres / 1e6m);
            var hair = Length.FromMillimetres(0.01m);
            Assert.False(IsTold(rule.Name, At(rule.Least)), rule.Name);
            Assert.False(IsTold(rule.Name, At(rule.Most)), rule.Name);
            Assert.True(IsTold(rule.Name, At(rule.Least - hair)), rule.Name);
            Assert.True(IsTold(rule.Name, At(rule.Most + hair)), rule.Name);
        }

        foreach (var number in NumberRule.All.Values)
        {
            static Entry At(decimal value) => Entry.Typed(value.ToString(System.Globalization.CultureInfo.InvariantCulture));
            Assert.False(IsTold(number.Name, At(number.Least)), number.Name);
            Assert.False(IsTold(number.Name, At(number.Most)), number.Name);
            Assert.True(IsTold(number.Name, At(number.Least - 0.001m)), number.Name);
            Assert.True(IsTold(number.Name, At(number.Most + 0.001m)), number.Name);
        }
    }

    /// <summary>What was typed and in which unit; the mends that are offered for a measure nobody has.</summary>
    [Theory]
    [InlineData("54 yd", "54 in|54 cm")]
    [InlineData("5 mm", "5 in|5 ft")]
    [InlineData("0.5", "0.5 ft")]
    [InlineData("1500 in", "1500 mm")]
    public void The_units_in_which_a_number_would_be_likely_are_offered(string typed, string offered)
    {
        var check = Assert.Single(
            Drafter.Draft(Said("box-cushion", $"depth=19 thickness=4 width={typed.Replace(' ', '_')}")).Checks,
            check => check.Measure == "width"
        );
        Assert.Equal(offered, string.Join('|', check.Mends!.Select(mend => mend.Value)));
    }

    /// <summary>
    /// Left to itself a boxing lies across while the cloth is as wide as its front and two seams, and down the roll when it is not.
    /// </summary>
    [Theory]
    [InlineData("width=53", "0 180")]
    [InlineData("width=53_1/16", "90 270")]
    public void A_boxing_lies_down_the_roll_when_its_front_is_wider_than_the_cloth(string width, string turns)
    {
        var draft = Thing.Drafted(Said("box-cushion", $"{width} depth=19 thickness=4 usable=54 r.seam=1/2 o.plates=turned"));
        Assert.Equal(turns, string.Join(' ', draft.Pieces.First(piece => piece.Id == "boxing").Turns));
    }

    [Theory]
    [InlineData(16, true)]
    [InlineData(15, false)]
    public void Thickness_and_depth_are_offered_to_be_swapped_when_swapped_they_would_do(int thickness, bool offered)
    {
        var check = Assert.Single(Drafter.Draft(Said("box-cushion", $"width=20 depth=8 thickness={thickness}")).Checks, check =>
            check.Code == "thickness-over-half-depth"
        );
        Assert.Equal(
            offered ? "thickness 8, depth 16" : "",
            string.Join(
                "; ",
                (check.Mends ?? []).Select(mend => $"{mend.Path[9..]} {mend.Value}, {mend.Also[0].Path[9..]} {mend.Also[0].Value}")
            )
        );
    }

    /// <summary>
    /// A three-cornered cushion has its front beside its back: the zip may turn on to it until the boxing has nothing left.
    /// </summary>
    [Fact]
    public void A_zip_that_leaves_no_boxing_is_offered_the_most_it_may_turn()
    {
        var check = Assert.Single(
            Drafter.Draft(Said("box-cushion", $"{Ell} points=triangle r.seam=5mm r.zipTurn=260mm") with { Unit = "mm" }).Checks,
            check => check.Code == "zip-run-too-long"
        );
        Assert.Equal("250 mm", Assert.Single(check.Mends!).Value); // half of the 500 of the other side
    }

    [Theory]
    [InlineData("width=3mm height=400mm", true)] // with pins of nothing a block of 3 mm can just be cut
    [InlineData("width=2.99mm height=400mm", false)]
    [InlineData("width=400mm height=3mm", true)]
    [InlineData("width=400mm height=2.99mm", false)]
    public void A_block_has_to_be_large_enough_to_cut(string zone, bool isDrafted)
    {
        var sizes = zone.Split(' ').Select(size => size.Split('=')[1]).ToList();
        var chair = new CoverInput
        {
            Unit = "mm",
            Form = "slipcover",
            Zones =
            [
                new()
                {
                    Name = "Wing",
                    Width = Entry.Typed(sizes[0]),
                    Height = Entry.Typed(sizes[1]),
                },
            ],
        };
        Assert.Equal(!isDrafted, Drafter.Draft(chair).Checks.Any(check => check.Code == "nothing-left"));
    }

    private static CoverInput Said(string form, string said)
    {
        var words = said.Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .Select(word => word.Split('=', 2))
            .GroupBy(word => word[0])
            .ToDictionary(group => group.Key, group => group.Last()[1]);
        string? Take(string name) => words.Remove(name, out var value) ? value : null;
        var (padding, turns, points) = (Take("padding"), Take("turns"), Take("points"));
        var input = Thing.Inches(form, string.Join(' ', words.Select(word => $"{word.Key}={word.Value}")));
        return input with
        {
            Padding =
                padding is null && turns is null
                    ? []
                    :
                    [
                        new(
                            Entry.Typed(padding ?? "6 mm"),
                            "wound-width",
                            decimal.Parse(turns ?? "1", System.Globalization.CultureInfo.InvariantCulture)
                        ),
                    ],
            Points = points is null
                ? []
                : [new(Entry.Number(0), Entry.Number(0)), new(Entry.Number(600), Entry.Number(0)), new(Entry.Number(0), Entry.Number(500))],
        };
    }
}
