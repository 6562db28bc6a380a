using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>Orders that were found by hand, and what an order says besides.</summary>
public sealed partial class WorkedOrdersTests
{
    private static readonly Schools Plain = Schools.Usual with { Finish = FinishSchool.None };

    private static readonly CoverInput Cushion = Thing.Inches(
        "box-cushion",
        "width=20 depth=18 thickness=4",
        "o.piping=both o.slidePocket=true construction=boxing-strip"
    );

    private static readonly CoverInput Bolster = Thing.Millimetres(
        "bolster",
        "diameter=165 length=610",
        "construction=band-ends o.piping=both"
    );

    private static readonly CoverInput Ottoman = Thing.Inches(
        "ottoman",
        "width=28 depth=20 height=15 return=2.5",
        "construction=tub-walls o.piping=top"
    );

    private static readonly CoverInput Reversible = Thing.Inches(
        "chair-back",
        "width=19.25 thickness=2.25 height=21",
        "construction=bag o.layers=reversible"
    );

    [Theory]
    [MemberData(nameof(Orders))]
    public void An_order_is_the_one_found_by_hand(string cover, string schools, string order) =>
        Assert.Equal(order, Written(Planned(Read(cover) with { Schools = SchoolsOf(schools) }, null)));

    [Fact]
    public void A_cushion_in_the_usual_school_finishes_each_seam_right_after_it()
    {
        var order = Planned(Cushion, Schools.Usual).Order;
        foreach (
            var (operation, place) in order
                .Select((operation, place) => (operation, place))
                .Where(entry => entry.operation.Kind is OperationKind.Zip or OperationKind.Seam)
        )
        {
            Assert.Equal((OperationKind.Finish, operation.Seams), (order[place + 1].Kind, order[place + 1].Seams));
        }
    }

    [Fact]
    public void A_slipcover_is_pinned_trimmed_piped_zipped_sewn_and_tried_before_its_skirt_is_sewn_on_and_hemmed()
    {
        static ZoneInput Zone(string name, int width, int height) =>
            new()
            {
                Name = name,
                Width = Entry.Number(width),
                Height = Entry.Number(height),
            };
        var chair = new CoverInput
        {
            Unit = "mm",
            Form = "slipcover",
            Shape = "zones",
            Construction = "blocks",
            Measures = new Dictionary<string, Entry>
            {
                ["skirtLength"] = Entry.Number(2600),
                ["skirtDrop"] = Entry.Number(180),
                ["zipLength"] = Entry.Number(600),
            },
            Options = new Dictionary<string, string> { ["skirt"] = "kick-pleats" },
            Zones = [Zone("Inside back", 610, 690), Zone("Outside back", 690, 610), Zone("Deck", 600, 550) with { Piped = ["top"] }],
            UsableWidth = Entry.Number(1350),
        };
        var plan = Planned(chair, Plain);
        Assert.Equal(
            "join skirt-join-1, join skirt-join-2, join skirt-join-3, make-piping, try-on, trim, "
                + "apply-piping blocks, zip, seam, try-on, seam, hem",
            Written(plan)
        );
        Assert.Equal("seam-skirt", plan.Order[^2].Id);
        Assert.Equal(3 * 2600 / 1000.0, plan.Order[^2].Minutes, 6);
        Assert.Equal([StopSign.OpenZip], plan.Order.Single(operation => operation.Id == "seam-blocks").Stops);
        Assert.Equal([StopSign.PipingRawToRaw], plan.Order.Single(operation => operation.Kind == OperationKind.ApplyPiping).Stops);
        Assert.Equal(
            plan.Order.Single(operation => operation.Kind == OperationKind.MakePiping).Millimetres,
            plan.Order.Single(operation => operation.Kind == OperationKind.ApplyPiping).Millimetres
        );
        Assert.Empty(OrderChecker.Faults(Thing.Drafted(chair), plan, Plain));
    }

    [Theory]
    [InlineData("bolster diameter=6.5 length=24 o.piping=both construction=band-ends", "seam closed-left, seam closed-right")]
    [InlineData(
        "duvet width=78 length=81 o.closure=buttons o.join=middle-and-sides usable=54 construction=bag",
        "join join-1-1, join join-1-2, join join-2-1, join join-2-2"
    )]
    [InlineData(
        "table shape=rectangle width=46 depth=30 drop=6.5 construction=tub-walls",
        "seam corner-front, seam corner-right, seam corner-back, seam corner-left"
    )]
    [InlineData(
        "table shape=rectangle width=46 depth=30 drop=6.5 construction=tub-walls o.topCorners=pleated",
        "seam corner-front, seam corner-right, seam corner-back, seam corner-left"
    )]
    [InlineData("board shape=tray width=18 depth=12 o.edge=drawstring construction=tub-notched", "")]
    public void What_is_crossed_and_what_is_joined_flat_is_pressed_before_that(string cover, string pressed)
    {
        var plan = Planned(Read(cover) with { Schools = SchoolsOf("finish=each") }, null);
        var after = plan
            .Order.Where(operation => operation.Kind == OperationKind.Press)
            .SelectMany(operation => operation.After)
            .Where(id => !id.StartsWith("finish", StringComparison.Ordinal));
        Assert.Equal(pressed, string.Join(", ", after.Select(id => string.Join(' ', id.Split('-', 2)))));
        // What belongs to a seam is on its card; the joins are pressed on one of their own.
        Assert.All(plan.Order.Where(operation => operation is { Kind: OperationKind.Press, BelongsTo: null }), press =>
            Assert.Contains(press, plan.Steps)
        );
        Assert.All(plan.Order.Where(operation => operation is { Kind: OperationKind.Press, BelongsTo: not null }), press =>
            Assert.DoesNotContain(press, plan.Steps)
        );
    }

    [Fact]
    public void A_label_is_caught_at_the_back_and_never_where_the_gap_is()
    {
        var zipped = Planned(
            Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", "construction=boxing-strip r.labels=1"),
            Schools.Usual
        ).Order;
        var label = zipped.Single(operation => operation.Kind == OperationKind.Label);
        Assert.Equal("seam-bottom-back", label.HeldBy);
        Assert.Equal(2, label.Minutes);
        var gapped = Planned(
            Thing.Inches("seat-pad", "width=16 depth=15 thickness=2", "construction=boxing-strip o.closure=gap r.labels=2"),
            Schools.Usual
        ).Order;
        var held = gapped.Single(operation => operation.Id == gapped.Single(operation => operation.Kind == OperationKind.Label).HeldBy);
        Assert.Null(held.Gap);
        Assert.Equal(4, gapped.Single(operation => operation.Kind == OperationKind.Label).Minutes);
        Assert.DoesNotContain(Planned(Cushion, Schools.Usual).Order, operation => operation.Kind == OperationKind.Label);
    }

    [Fact]
    public void Sandwiched_piping_is_sewn_in_with_its_seam()
    {
        var order = Planned(Cushion, Plain with { Piping = PipingSchool.Sandwich }).Order;
        Assert.DoesNotContain(order, operation => operation.Kind == OperationKind.ApplyPiping);
        var top = order.First(operation => operation.Seams.Contains("top-front"));
        Assert.Contains(new SeamSide("plate", EdgeName.Front), top.Edges);
        Assert.Contains(StopSign.PipingRawToRaw, top.Stops);
    }

    [Fact]
    public void From_a_front_corner_a_plate_is_sewn_both_ways()
    {
        var order = Planned(Cushion, Plain with { Creep = CreepSchool.FromACorner }).Order;
        var runs = order
            .Where(operation =>
                operation.Kind == OperationKind.Seam && operation.Seams.Any(seam => seam.StartsWith("top", StringComparison.Ordinal))
            )
            .ToList();
        Assert.Equal(["top-front", "top-right-1", "top-right-2"], runs[0].Seams);
        Assert.Equal(["top-left-2", "top-left-1", "top-back"], runs[1].Seams);
        Assert.Equal(runs[0].Points[0], runs[1].Points[0]);
        Assert.Equal(runs[0].Points[^1], runs[1].Points[^1]);
    }

    [Fact]
    public void Minutes_are_the_house_rates_over_what_is_sewn()
    {
        var order = Planned(Cushion, Plain).Order;
        var round = order.First(operation => operation.Seams.Contains("top-front"));
        Assert.Equal(3 * 76 * 0.0254, round.Minutes, 6);
        Assert.Equal(10 + (4 * 26 * 0.0254) + 2, order.First(operation => operation.Kind == OperationKind.Zip).Minutes, 6);
        Assert.Equal(3 * 2 * 79 * 0.0254, order.First(operation => operation.Kind == OperationKind.MakePiping).Minutes, 6);
        Assert.Equal(3 * 76 * 0.0254, order.First(operation => operation.Kind == OperationKind.ApplyPiping).Minutes, 6);
        Assert.Equal(7, order.First(operation => operation.Kind == OperationKind.TryOn).Minutes);
    }

    [Fact]
    public void Stop_signs_stand_where_a_mistake_cannot_be_undone()
    {
        var cushion = Planned(Cushion, Plain).Order;
        Assert.Contains(StopSign.OpenZip, cushion.Single(operation => operation.Closes).Stops);
        Assert.Equal(["end-2-lower", "end-2-upper"], cushion.Single(operation => operation.Stops.Contains(StopSign.RingNotTwisted)).Seams);
        Assert.Equal([StopSign.SlideInside], cushion.Single(operation => operation.Kind == OperationKind.Zip).Stops);
        Assert.Contains("zip’s ends", cushion.Single(operation => operation.Kind == OperationKind.Zip).StopSign, StringComparison.Ordinal);
        Assert.All(Planned(Reversible, Plain).Order.Where(operation => operation.Kind == OperationKind.Trim), trim =>
            Assert.Equal([StopSign.TryBeforeTrimming], trim.Stops)
        );
    }

    [Fact]
    public void Two_corners_of_an_ottoman_across_from_each_other_wait_for_the_try_on()
    {
        var plan = Planned(Ottoman, Plain);
        Assert.Equal(
            ["corner-front-rest", "corner-back-rest"],
            plan.Seams.Where(seam => seam.Id.EndsWith("-rest", StringComparison.Ordinal)).Select(seam => seam.Id)
        );
        foreach (var corner in (string[])["corner-front", "corner-back"])
        {
            var (upper, rest) = (plan.Seams.Single(seam => seam.Id == corner), plan.Seams.Single(seam => seam.Id == $"{corner}-rest"));
            Assert.Equal(upper.End, rest.Start);
            Assert.Equal(upper.Millimetres, rest.Millimetres, 6);
        }

        Assert.Equal(4, plan.Order.Count(operation => operation is { Kind: OperationKind.Hem, Turned: Turned.Round }));
    }

    [Fact]
    public void The_same_cover_has_the_same_order_every_time() =>
        Assert.Equal(Written(Planned(Bolster, Schools.Usual)), Written(Planned(Bolster, Schools.Usual)));

    [Theory]
    [InlineData("zip-zip", "seam-end-1-upper", "a closure before what touches its ends")]
    [InlineData("seam-end-1-upper", "seam-top-back", "sewn before it is crossed")]
    [InlineData("make-piping", "seam-bottom-back", "piping is made")]
    [InlineData("apply-piping-top-back", "seam-top-back", "piping on its edge")]
    [InlineData("pocket-end-1-upper", "seam-top-back", "a pocket before the plates")]
    [InlineData("mark-plate", "seam-top-back", "edges, marks, joins, darts")]
    [InlineData("press-seam-end-1-upper", "seam-top-back", "pressed before anything is sewn across it")]
    [InlineData("seam-bottom-back", "turn", "turned when it is closed")]
    public void An_operation_put_after_what_it_must_precede_is_told(string moved, string behind, string rule) =>
        Told(Cushion, moved, behind, rule);

    [Theory]
    [InlineData("try-on", "trim-corner-right-2", "tried before it is trimmed")]
    [InlineData("trim-corner-right-2", "seam-rim-front", "trimmed before the next seam")]
    [InlineData("seam-right", "corner-corner-right-2", "a corner after what runs into it")]
    public void So_is_one_of_a_chair_back(string moved, string behind, string rule) => Told(Reversible, moved, behind, rule);

    [Theory]
    [InlineData("try-on", "hem-wall-1-1-left-return", "a round hem after the try-on")]
    [InlineData("try-on", "seam-corner-front-rest", "it waits for the try-on")]
    [InlineData("seam-corner-front-rest", "hem-wall-1-1-left-return", "a hem turned Round")]
    public void So_is_one_of_an_ottoman(string moved, string behind, string rule) => Told(Ottoman, moved, behind, rule);

    [Fact]
    public void A_seam_that_is_left_out_and_one_that_is_not_finished_are_told()
    {
        var (draft, plan) = (Thing.Drafted(Cushion), Planned(Cushion, Schools.Usual));
        Assert.Empty(OrderChecker.Faults(draft, plan, Schools.Usual));
        var without = plan with { Order = [.. plan.Order.Where(operation => operation.Id != "seam-end-2-lower")] };
        Assert.Contains(OrderChecker.Faults(draft, without, Schools.Usual), fault =>
            fault.StartsWith("sewn 0 times: end-2", StringComparison.Ordinal)
        );
        var raw = plan with { Order = [.. plan.Order.Where(operation => operation.Id != "finish-zip-zip")] };
        Assert.Contains(OrderChecker.Faults(draft, raw, Schools.Usual), fault =>
            fault.StartsWith("each seam is finished", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void An_unknown_school_is_an_error_with_its_mend()
    {
        var outcome = Drafter.Draft(
            Cushion with
            {
                Schools = new Dictionary<string, string>
                {
                    ["piping"] = "sandwich",
                    ["ring"] = "square",
                    ["colour"] = "red",
                },
            }
        );
        Assert.Null(outcome.Draft);
        Assert.Equal(
            ["schools.ring", "schools.colour"],
            outcome.Checks.Where(check => check.Code == "unknown-school").Select(check => check.Measure)
        );
        Assert.Equal("ring", Assert.Single(outcome.Checks[0].Mends!).Value);
    }

    private static void Told(CoverInput input, string moved, string behind, string rule)
    {
        var (draft, plan) = (Thing.Drafted(input), Planned(input, Plain));
        Assert.Empty(OrderChecker.Faults(draft, plan, Plain));
        var order = plan.Order.ToList();
        var operation = order.Single(each => each.Id == moved);
        order.Remove(operation);
        order.Insert(order.IndexOf(order.Single(each => each.Id == behind)) + 1, operation);
        Assert.Contains(OrderChecker.Faults(draft, plan with { Order = order }, Plain), fault =>
            fault.StartsWith(rule, StringComparison.Ordinal)
        );
    }

    private static SewingPlan Planned(CoverInput input, Schools? schools)
    {
        var outcome = Drafter.Draft(input);
        Assert.True(outcome.Draft is not null, string.Join("; ", outcome.Checks.Select(check => check.Text)));
        return SewingPlanner.Of(
            outcome.Draft,
            schools is null ? outcome.Reading.Specification! : outcome.Reading.Specification! with { Schools = schools }
        );
    }

    private static CoverInput Read(string cover)
    {
        var parts = cover.Split(' ', 2);
        return Thing.Inches(parts[0], parts[1]);
    }

    private static Dictionary<string, string> SchoolsOf(string said) =>
        said.Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .Select(part => part.Split('='))
            .Append(["finish", said.Contains("finish", StringComparison.Ordinal) ? "first" : "none"])
            .DistinctBy(part => part[0])
            .ToDictionary(part => part[0], part => part[1]);

    /// <summary>Without marking and pressing, which no order found by hand has.</summary>
    private static string Written(SewingPlan plan) =>
        string.Join(
            ", ",
            plan.Order.Where(operation => operation.Kind is not (OperationKind.Mark or OperationKind.Press))
                .Select(operation =>
                    operation.Seams.Count > 0 && operation.Seams[0] != "zip" ? $"{operation.Kind.Word()} {operation.Seams[0]}"
                    : operation.Kind == OperationKind.ApplyPiping
                        ? operation.Id.Replace("apply-piping-", "apply-piping ", StringComparison.Ordinal)
                    : operation.Kind.Word()
                )
        );
}
