using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Cutting;
using Wrapper.Core.Lays;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Cutting;

/// <summary>
/// What is cut anew keeps a sheet's hems where there are some left, and uses what is left of a piece of cloth from the shelf.
/// </summary>
public sealed class HemsAndRemnantsTests
{
    private const int Steps = 20;

    private static readonly ClothEdge Raw = new(ClothEdgeKind.Raw, Length.Zero, IsKept: false);

    private static readonly ClothSpecification Sheet = new(Length.FromInches(66), Length.Zero, false, Length.Zero)
    {
        Key = "sheet",
        ReadyLength = Length.FromInches(100),
        Edges = new(
            Raw,
            Raw,
            new(ClothEdgeKind.Hem, Length.FromInches(4), IsKept: true),
            new(ClothEdgeKind.Hem, Length.FromInches(1), IsKept: true)
        ),
    };

    private static readonly ClothSpecification Roll = new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero)
    {
        Remnants = [new("end", Length.FromInches(40), Length.FromInches(44))],
    };

    [Fact]
    public void Pillowcases_that_were_spoiled_are_cut_on_the_hems_that_are_left()
    {
        var cases = Thing.Inches("pillowcase", "width=20 length=30", "count=3") with
        {
            UsableWidth = null,
            Cloths = new Dictionary<string, DraftCloth> { ["sheet"] = Sheet.ForDraft },
            OwnCloth = "sheet",
        };
        var buyer = new ClothBuyer([new("c", cases)], LengthUnit.Inch, new Dictionary<Rule, Length>());
        var first = CuttingPlanner.Of(buyer, Sheet, CutProgress.None, Steps);
        Assert.Equal(6, first.Planned.Count);
        Assert.All(first.Planned, copy => Assert.True(IsOnHem(first, copy), copy.ToString()));
        foreach (var spoiled in Enumerable.Range(1, 6))
        {
            var cut = first
                .Planned.Select(
                    (copy, at) =>
                        new CutShape(copy.Cover, copy.Piece, copy.Copy, CuttingPlannerTests.OutlineOf(first, copy), IsSpoiled: at < spoiled)
                )
                .ToList();
            var again = CuttingPlanner.Of(buyer, Sheet, new() { Planned = first.Planned, Cut = cut }, Steps);
            Assert.Equal(spoiled, again.Planned.Count);
            Assert.All(again.Planned, copy => Assert.True(IsOnHem(again, copy), $"{copy} of {spoiled} is not on a hem"));
            Apart([.. cut.Select(shape => shape.Outline), .. again.Planned.Select(copy => CuttingPlannerTests.OutlineOf(again, copy))]);
            // Three go side by side on either hem of a sheet: no further sheet is begun than is needed.
            Assert.Equal((6 + spoiled + 5) / 6, (int)Math.Ceiling(again.Length.Inches / 100));
        }
    }

    [Fact]
    public void A_flaw_on_a_hem_is_not_cut_over()
    {
        var cases = Thing.Inches("pillowcase", "width=20 length=30", "count=1") with
        {
            UsableWidth = null,
            Cloths = new Dictionary<string, DraftCloth> { ["sheet"] = Sheet.ForDraft },
            OwnCloth = "sheet",
        };
        var buyer = new ClothBuyer([new("c", cases)], LengthUnit.Inch, new Dictionary<Rule, Length>());
        var flaw = new Flaw(Length.FromInches(1), Length.FromInches(3), Length.FromInches(10), Length.FromInches(12));
        var again = CuttingPlanner.Of(buyer, Sheet, new() { Flaws = [flaw] }, Steps);
        Assert.Equal(2, again.Planned.Count);
        Assert.All(again.Planned, copy => Assert.True(IsOnHem(again, copy), copy.ToString()));
        Apart([Box(flaw), .. again.Planned.Select(copy => CuttingPlannerTests.OutlineOf(again, copy))]);
    }

    [Fact]
    public void What_was_spoiled_on_a_piece_from_the_shelf_is_not_cut_out_of_its_own_hole()
    {
        var buyer = Cushions();
        var first = CuttingPlanner.Of(buyer, Roll, CutProgress.None, Steps);
        var onIt = first.Planned.Where(copy => copy.Remnant is not null).ToList();
        Assert.NotEmpty(onIt);
        foreach (var spoiled in onIt)
        {
            CutShape shape = new(
                spoiled.Cover,
                spoiled.Piece,
                spoiled.Copy,
                CuttingPlannerTests.OutlineOf(first, spoiled),
                IsSpoiled: true,
                spoiled.Remnant
            );
            var again = CuttingPlanner.Of(
                buyer,
                Roll,
                new()
                {
                    Planned = first.Planned,
                    IsPlannedSince = true,
                    Cut = [shape],
                },
                Steps
            );
            Assert.True(again.Relaid);
            Assert.Equal(first.Planned.Count, again.Planned.Count);
            Holds(again, [shape]);
        }
    }

    [Fact]
    public void A_piece_from_the_shelf_that_something_was_cut_from_goes_on_being_used()
    {
        var buyer = Cushions();
        var first = CuttingPlanner.Of(buyer, Roll, CutProgress.None, Steps);
        var onIt = first.Planned.Where(copy => copy.Remnant is not null).ToList();
        Assert.True(onIt.Count > 1);
        CutShape good = new(
            onIt[0].Cover,
            onIt[0].Piece,
            onIt[0].Copy,
            CuttingPlannerTests.OutlineOf(first, onIt[0]),
            IsSpoiled: false,
            onIt[0].Remnant
        );

        // The rest stays where it was.
        var next = CuttingPlanner.Of(
            buyer,
            Roll,
            new()
            {
                Planned = first.Planned,
                IsPlannedSince = true,
                Cut = [good],
            },
            Steps
        );
        Assert.False(next.Relaid);
        Assert.Equal(onIt.Skip(1), next.Planned.Where(copy => copy.Remnant is not null).OrderBy(copy => onIt.IndexOf(copy)));

        // Laid again because of a flaw on the roll, something still lies on it.
        var again = CuttingPlanner.Of(
            buyer,
            Roll,
            new()
            {
                Planned = first.Planned,
                Cut = [good],
                Flaws = [new(Length.Zero, Length.FromInches(2))],
            },
            Steps
        );
        Assert.True(again.Relaid);
        Assert.Contains(again.Planned, copy => copy.Remnant is not null);
        Holds(again, [good]);
    }

    private static ClothBuyer Cushions() =>
        new(
            [new("a", Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", "construction=boxing-strip count=2"))],
            LengthUnit.Inch,
            new Dictionary<Rule, Length>()
        );

    /// <summary>What lies on the piece from the shelf lies within it, beside what was cut of it.</summary>
    private static void Holds(CutPlan plan, IReadOnlyList<CutShape> cut)
    {
        var remnant = Roll.Remnants[0];
        var shapes = plan
            .Planned.Where(copy => copy.Remnant == remnant.Id)
            .Select(copy => CuttingPlannerTests.OutlineOf(plan, copy))
            .ToList();
        Assert.All(shapes.SelectMany(shape => shape), point =>
        {
            Assert.InRange(point.X.Millimetres, -0.1, remnant.Width.Millimetres + 0.1);
            Assert.InRange(point.Y.Millimetres, -0.1, remnant.Length.Millimetres + 0.1);
        });
        Apart([.. shapes, .. cut.Select(shape => shape.Outline)]);
    }

    private static bool IsOnHem(CutPlan plan, PlannedCopy copy)
    {
        // The openings are cut on the deep hem, at the near end, or turned round on the hem of the far end.
        var along = CuttingPlannerTests.OutlineOf(plan, copy).Select(point => point.Y.Inches).ToList();
        return copy.Turn == 180 ? along.Min() % 100 < 1e-3 : 100 - (along.Max() % 100) < 1e-3;
    }

    /// <summary>Held by a geometry library the planner does not know.</summary>
    private static void Apart(IReadOnlyList<IReadOnlyList<Geometry.Point>> shapes)
    {
        var cores = shapes.Select(shape => CuttingPlannerTests.Polygon(shape).Buffer(-0.1)).ToList();
        for (var i = 0; i < cores.Count; i++)
        {
            Assert.True(cores.Skip(i + 1).All(other => !cores[i].Intersects(other)), $"shape {i} lies on another");
        }
    }

    private static IReadOnlyList<Geometry.Point> Box(Flaw flaw) =>
        [
            new(flaw.Left!.Value, flaw.From),
            new(flaw.Right!.Value, flaw.From),
            new(flaw.Right!.Value, flaw.To),
            new(flaw.Left!.Value, flaw.To),
        ];
}
