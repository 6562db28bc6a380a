using CsCheck;
using NetTopologySuite.Geometries;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Cutting;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Cutting;

/// <summary>What is cut stays where it was; what is left is laid on what is left.</summary>
public sealed class CuttingPlannerTests
{
    private const int Steps = 20;
    private static readonly ClothSpecification Cloth = new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero);

    private static readonly ClothBuyer Buyer = new(
        [
            new("a", Cushions.Worked with { Count = 2 }),
            new("b", Thing.Inches("bolster", "diameter=6.5 length=24", "construction=band-ends") with { Count = 2 }),
        ],
        LengthUnit.Inch,
        new Dictionary<Catalogue.Rule, Length>()
    );

    private static readonly CutPlan First = CuttingPlanner.Of(Buyer, Cloth, CutProgress.None, Steps);

    [Fact]
    public void At_first_every_copy_is_on_one_card_by_the_lay_that_is_bought_for()
    {
        var yardage = Buyer.Buy(Cloth, Steps);
        Assert.Equal(yardage.Lay!.Length, First.Length);
        Assert.Equal(yardage.Pieces.Sum(piece => piece.Copies), First.Cards.Sum(card => card.Copies.Count));
        Assert.Equal(First.Planned.Count, First.Planned.Distinct().Count());
        Assert.False(First.Relaid);
        Assert.Empty(First.NoLonger);
        var alongs = First.Cards.Select(card => card.Copies[0].Along.Millimetres).ToList();
        Assert.False(alongs.Zip(alongs.Skip(1)).Any(pair => pair.First > pair.Second + 600), "no hand goes far back along the roll");
    }

    [Fact]
    public void What_is_ticked_leaves_the_rest_where_it_was()
    {
        var half = First.Planned.Take(First.Planned.Count / 2).ToList();
        var plan = CuttingPlanner.Of(Buyer, Cloth, Progress(half), Steps);
        Assert.False(plan.Relaid);
        Assert.Equal(First.Planned.Except(half).OrderBy(copy => copy.ToString()), plan.Planned.OrderBy(copy => copy.ToString()));
        Assert.Equal(First.Length, plan.Length);
        Assert.Empty(CuttingPlanner.Of(Buyer, Cloth, Progress(First.Planned), Steps).Cards);
    }

    [Fact]
    public void Spoiled_flawed_and_short_cloth_is_laid_again_on_what_is_left()
    {
        var cases =
            from seed in Gen.Int[0, 1_000_000]
            from cut in Gen.Int[1, First.Planned.Count - 1]
            from spoiled in Gen.Int[0, 3]
            from flawAt in Gen.Int[0, 60]
            from isFlawed in Gen.Bool
            from isShort in Gen.Bool
            select (seed, cut, spoiled, flawAt, isFlawed, isShort);
        var (relaid, beyond) = (0, 0);
        cases.ForMany(
            one =>
            {
                var shuffled = First
                    .Planned.Select((copy, at) => (copy, at))
                    .OrderBy(pair => (pair.at + 1) * (one.seed + 1) % 1009)
                    .Select(pair => pair.copy)
                    .ToList();
                var cut = First.Planned.Take(one.cut).ToList();
                var progress = Progress(cut) with
                {
                    Flaws = one.isFlawed
                        ?
                        [
                            new(
                                Length.FromInches(one.flawAt),
                                Length.FromInches(one.flawAt + 2),
                                Length.FromInches(5),
                                Length.FromInches(30)
                            ),
                        ]
                        : [],
                    Available = one.isShort ? First.Length - Length.FromInches(6) : null,
                    IsPlannedSince = false,
                };
                var bad = shuffled.Where(cut.Contains).Take(one.spoiled).ToHashSet();
                progress = progress with
                {
                    Cut = [.. progress.Cut.Select((shape, at) => shape with { IsSpoiled = bad.Contains(cut[at]) })],
                };
                var plan = CuttingPlanner.Of(Buyer, Cloth, progress, Steps);
                var toCut = First.Planned.Except(cut).Concat(bad).Select(Name).Order().ToList();
                Assert.Equal(toCut, plan.Planned.Concat(plan.NoLonger).Select(Name).Order());
                Assert.Equal(
                    plan.Planned.Select(Name).Order(),
                    plan.Cards.SelectMany(card => card.Copies.Select(copy => $"{card.Laid.Cover} {card.Laid.Piece.Key} {copy.Copy}"))
                        .Order()
                );
                Lies(plan, progress);
                Assert.Equal(plan.NoLonger.Count > 0, plan.Lacking.IsPositive);
                Interlocked.Add(ref relaid, plan.Relaid ? 1 : 0);
                Interlocked.Add(ref beyond, plan.NoLonger.Count);
            },
            iter: 40
        );
        Console.WriteLine($"  {relaid} of 40 laid again, {beyond} copies that no longer fit");
        Assert.True(relaid > Repeated.Share(10));
        Assert.True(beyond > 0 || Repeated.Few > 1, "none of them lacked cloth");
    }

    [Fact]
    public void What_is_left_when_all_is_cut_is_free_of_what_was_cut_spoiled_and_bad()
    {
        var spoiled = Progress([.. First.Planned]).Cut[0] with { IsSpoiled = true };
        var again = spoiled with
        {
            IsSpoiled = false,
            Outline = [.. spoiled.Outline.Select(point => point.Moved(Length.Zero, First.Length))],
        };
        var flaw = new Flaw(Length.FromInches(3), Length.FromInches(5), Length.FromInches(2), Length.FromInches(20));
        var end = First.Length + Length.FromInches(60);
        var progress = Progress([.. First.Planned]) with { Flaws = [flaw], Available = end };
        progress = progress with { Cut = [spoiled, .. progress.Cut.Skip(1), again] };
        var done = CuttingPlanner.Of(Buyer, Cloth, progress, Steps);
        Assert.Empty(done.Cards);
        Assert.NotEmpty(done.LeftOver);
        foreach (var left in done.LeftOver)
        {
            Assert.True(
                left.Width >= Length.FromInches(12)
                    && left.Length >= Length.FromInches(12)
                    && left.X + left.Width <= Cloth.UsableWidth
                    && left.Y + left.Length <= end,
                left.ToString()
            );
            Assert.True(
                left.X >= flaw.Right!.Value
                    || left.X + left.Width <= flaw.Left!.Value
                    || left.Y >= flaw.To
                    || left.Y + left.Length <= flaw.From,
                left.ToString()
            );
            Assert.All(progress.Cut, shape =>
                Assert.True(
                    shape.Outline.Max(point => point.X) <= left.X
                        || shape.Outline.Min(point => point.X) >= left.X + left.Width
                        || shape.Outline.Max(point => point.Y) <= left.Y
                        || shape.Outline.Min(point => point.Y) >= left.Y + left.Length,
                    $"{left} lies over {shape.Piece} {shape.Copy}"
                )
            );
        }

        // The roll beyond what was cut is the largest piece that is left.
        Assert.Contains(done.LeftOver, left => left.Width == Cloth.UsableWidth && left.Y + left.Length == end);
        // something is still to be cut
        Assert.Empty(CuttingPlanner.Of(Buyer, Cloth, Progress([.. First.Planned.Skip(1)]) with { Available = end }, Steps).LeftOver);
    }

    [Fact]
    public void A_lay_that_was_told_after_the_last_find_is_kept()
    {
        var progress = Progress([]) with { Planned = [], Flaws = [new(Length.FromInches(3), Length.FromInches(4))] };
        var again = CuttingPlanner.Of(Buyer, Cloth, progress, Steps);
        Assert.True(again.Relaid);
        var kept = CuttingPlanner.Of(Buyer, Cloth, progress with { Planned = again.Planned, IsPlannedSince = true }, Steps);
        Assert.False(kept.Relaid);
        Assert.Equal(again.Planned.OrderBy(copy => copy.ToString()), kept.Planned.OrderBy(copy => copy.ToString()));
    }

    [Fact]
    public void What_is_laid_again_goes_on_in_the_pattern_of_what_is_cut()
    {
        var striped = new ClothSpecification(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.FromInches(7));
        var first = CuttingPlanner.Of(Buyer, striped, CutProgress.None, Steps);
        Assert.True(InOnePattern(first.Planned), "the first lay meets the pattern");
        var plates = first.Planned.Where(copy => copy is { Cover: "a", Piece: "plate" }).ToList();
        var cut = plates
            .Take(2)
            .Select(copy => new CutShape(copy.Cover, copy.Piece, copy.Copy, OutlineOf(first, copy), IsSpoiled: copy == plates[1]))
            .ToList();
        foreach (var flaw in Enumerable.Range(1, 6))
        {
            var again = CuttingPlanner.Of(
                Buyer,
                striped,
                new()
                {
                    Planned = first.Planned,
                    Cut = cut,
                    Flaws = [new(Length.FromInches(17 * flaw), Length.FromInches((17 * flaw) + 1))],
                },
                Steps
            );
            Assert.True(again.Relaid);
            Assert.True(InOnePattern([.. again.Planned, plates[0]]), $"flaw at {17 * flaw} in");
        }

        static bool InOnePattern(IEnumerable<PlannedCopy> copies) =>
            copies
                .Where(copy => copy is { Cover: "a", Piece: "plate" })
                .Select(copy => Math.Round(copy.Y.Inches % 7, 3) % 7)
                .Distinct()
                .Count() == 1;
    }

    [Fact]
    public void Nothing_is_laid_over_the_end_of_a_ready_made_sheet()
    {
        var sheet = new ClothSpecification(Length.FromInches(54), Length.Zero, false, Length.Zero) { ReadyLength = Length.FromInches(90) };
        var first = CuttingPlanner.Of(Buyer, sheet, CutProgress.None, Steps);
        var cut = first.Planned[0];
        var again = CuttingPlanner.Of(
            Buyer,
            sheet,
            new() { Planned = first.Planned, Cut = [new(cut.Cover, cut.Piece, cut.Copy, OutlineOf(first, cut), IsSpoiled: true)] },
            Steps
        );
        Assert.True(again.Relaid);
        Assert.Equal(first.Planned.Count, again.Planned.Count);
        Assert.All(again.Planned, copy =>
        {
            var along = OutlineOf(again, copy).Select(point => point.Y.Inches).ToList();
            Assert.Equal(Math.Floor((along.Min() + 0.01) / 90), Math.Floor((along.Max() - 0.01) / 90));
        });
    }

    private static string Name(PlannedCopy copy) => $"{copy.Cover} {copy.Piece} {copy.Copy}";

    /// <summary>The first lay, with these copies cut by it.</summary>
    private static CutProgress Progress(IReadOnlyList<PlannedCopy> cut) =>
        new()
        {
            Planned = First.Planned,
            IsPlannedSince = true,
            Cut = [.. cut.Select(copy => new CutShape(copy.Cover, copy.Piece, copy.Copy, OutlineOf(First, copy), IsSpoiled: false))],
        };

    /// <summary>The cut line of a copy where a plan has it.</summary>
    internal static IReadOnlyList<Geometry.Point> OutlineOf(CutPlan plan, PlannedCopy copy)
    {
        var card = plan.Cards.First(card => card.Laid.Cover == copy.Cover && card.Laid.Piece.Key == copy.Piece && card.Turn == copy.Turn);
        return [.. card.Shape.Outline.Select(point => point.Moved(copy.X, copy.Y))];
    }

    /// <summary>Held by a geometry library the planner does not know: nothing lies on anything, on a flaw or off the cloth.</summary>
    private static void Lies(CutPlan plan, CutProgress progress)
    {
        var gone = progress.Cut.Select(shape => Polygon(shape.Outline)).ToList();
        var flaws = progress
            .Flaws.Select(flaw =>
                Polygon([
                    new(flaw.Left ?? Length.Zero, flaw.From),
                    new(flaw.Right ?? Cloth.UsableWidth, flaw.From),
                    new(flaw.Right ?? Cloth.UsableWidth, flaw.To),
                    new(flaw.Left ?? Length.Zero, flaw.To),
                ])
            )
            .ToList();
        var laid = new List<Polygon>();
        foreach (var copy in plan.Planned)
        {
            var outline = OutlineOf(plan, copy);
            Assert.All(outline, point => Assert.InRange(point.X.Millimetres, -0.1, Cloth.UsableWidth.Millimetres + 0.1));
            Assert.True(progress.Available is not { } there || outline.All(point => point.Y <= there), Name(copy));
            var shape = Polygon(outline);
            var core = shape.Buffer(-0.1);
            Assert.True(
                gone.Concat(flaws).Concat(laid).All(other => !core.Intersects(other.Buffer(-0.1))),
                $"{Name(copy)} lies on something"
            );
            laid.Add(shape);
        }
    }

    internal static Polygon Polygon(IReadOnlyList<Geometry.Point> corners) =>
        new(new LinearRing([.. corners.Append(corners[0]).Select(corner => new Coordinate(corner.X.Millimetres, corner.Y.Millimetres))]));
}
