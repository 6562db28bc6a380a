using Wrapper.Core.Costing;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Operations;
using Xunit;

namespace Wrapper.Core.Tests.Costing;

/// <summary>The minutes of whole covers, added up by hand.</summary>
public sealed class SewingTimeTests
{
    private const double Metre = 0.0254;

    /// <summary>Rates that were added later than the others, at nothing.</summary>
    private const string WithoutLaterRates = " r.minutesToPress=0 r.minutesPerBar=0";

    [Fact]
    public void Casing_that_is_cut_once_for_a_set_is_shared_among_its_covers()
    {
        // Twelve cushions 21 1/4 x 19 x 4, both edges piped, pockets, usable width 53: P is 80 1/2, Z 27 1/4, a run of piping 83 1/2.
        // 24 runs are 2004 in; a strip across is 53 x 1.4142 = 74.953 and each join takes 1.4142, so 28 strips for all twelve.
        var time = Time(12, WithoutLaterRates);
        var marked = (6 * 4) + (28 * 4 / 12.0);
        var piping = (2 * 83.5 * Metre * 3) + (2 * 80.5 * Metre * 3);
        var zip = 10 + (27.25 * Metre * 4);
        var seams = ((2 * 80.5) + (2 * 4)) * Metre * 3;
        var finished = ((2 * 80.5) + (2 * 4) + 4 + 27.25) * Metre * 2;
        var (join, turnAndTry) = (2, 3 + 7);
        Assert.Equal(marked + piping + zip + seams + finished + join + turnAndTry, time.Minutes / 12, 1e-6);
        Assert.InRange(time.Minutes / 12, 106, 106.5);
        var cutting = time.Parts.Single(part => part.What == "cut and mark");
        Assert.Equal(((12 * 6) + 28, 4m), (cutting.Amount, cutting.Each));
    }

    [Fact]
    public void A_zip_off_the_roll_has_two_bars_one_of_a_fixed_length_one_and_three_seams_are_pressed()
    {
        Assert.Equal(2 + 3, (Time(1, "").Minutes - Time(1, WithoutLaterRates).Minutes), 1e-6);
        double Zip(string closure) => Parts(Thing.Inches("box-cushion", $"width=20 depth=20 thickness=3 o.closure={closure}"), "zips");
        Assert.Equal(1, Zip("zip") - Zip("closed-end-zip"), 1e-6);
    }

    [Fact]
    public void Trimming_a_corner_is_half_a_minute_and_closing_by_hand_twelve_a_metre()
    {
        var wrap = Thing.Inches("box-cushion", "width=23 depth=18.5 thickness=4 construction=wrap-folded");
        Assert.Equal(4 * 0.5, Parts(wrap, "trimming corners"), 1e-6);
        // a pad with a gap of 5 1/2 in
        var pad = Thing.Inches("seat-pad", "width=16 depth=15 thickness=0 o.closure=gap");
        Assert.Equal(5.5 * Metre * 12, Parts(pad, "closing by hand, metres"), 1e-6);
    }

    [Fact]
    public void The_two_seams_of_a_cubes_strip_are_pressed_together()
    {
        var order = Order(Thing.Inches("pouf", "size=16 wrap=3", "construction=pouf-wrapped")).ToList();
        var pressed = order.Where(operation => operation is { Kind: OperationKind.Press, Seams.Count: > 0, BelongsTo: not null }).ToList();
        Assert.Equal(4, pressed.Count);
        Assert.All(pressed, press => Assert.Equal((2, 2.0), (press.Seams.Count, press.Minutes)));
    }

    [Fact]
    public void Nothing_is_finished_between_two_layers()
    {
        var back = Thing.Inches("chair-back", "width=19.25 thickness=2.25 height=21 construction=bag o.layers=reversible");
        Assert.DoesNotContain(Order(back), operation => operation.Kind == OperationKind.Finish);
        Assert.Contains(Order(back with { Options = new Dictionary<string, string>() }), operation =>
            operation.Kind == OperationKind.Finish
        );
    }

    private static SewingTime Time(int count, string rules)
    {
        var input = Thing.Inches(
            "box-cushion",
            "width=21.25 depth=19 thickness=4",
            $"usable=53 count={count} o.piping=both o.slidePocket=true construction=boxing-strip{rules}"
        );
        var outcome = Drafter.Draft(input);
        return SewingTime.Of(SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!), count);
    }

    private static double Parts(CoverInput input, string what)
    {
        var outcome = Drafter.Draft(input);
        return SewingTime
            .Of(SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!), 1)
            .Parts.Single(part => part.What == what)
            .Minutes;
    }

    private static IReadOnlyList<Operation> Order(CoverInput input)
    {
        var outcome = Drafter.Draft(input);
        return SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!).Order;
    }
}
