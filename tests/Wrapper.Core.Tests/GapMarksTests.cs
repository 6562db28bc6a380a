using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>The last seam's gap is marked where it begins and ends, on both layers, in the seam that is sewn last.</summary>
public sealed class GapMarksTests
{
    private const double Near = 0.01;

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Fact]
    public void A_boxed_pad_stays_open_in_the_middle_of_the_back_of_its_bottom()
    {
        var draft = Thing.Drafted(
            Thing.Inches("seat-pad", "width=16 depth=15 thickness=2", "construction=boxing-strip o.closure=gap r.gap=6")
        );
        var plate = draft.Pieces.Single(piece => piece.Kind == PieceKind.Plate);
        var ends = plate.Marks.Where(mark => mark.Kind == MarkKind.GapEnd).ToList();
        Assert.All(ends, mark => Assert.Equal("gap end: bottom only", mark.Label));
        Assert.Equal([5.0, 11.0], ends.Select(mark => mark.From.X.Inches).Order());
        Assert.All(ends, mark => Assert.Equal(15.0, mark.From.Y.Inches));
        Assert.Equal(8.0, plate.Marks.Single(mark => mark.Kind == MarkKind.UnpickPoint).From.X.Inches);
        var boxing = draft.Pieces.Single(piece => piece.Kind == PieceKind.Boxing);
        var onBoxing = boxing
            .Marks.Where(mark => mark.Kind == MarkKind.GapEnd)
            .Select(mark => mark.From)
            .OrderBy(point => point.X)
            .ToList();
        Assert.Equal(6.0, onBoxing[0].DistanceTo(onBoxing[1]).Inches);
    }

    [Fact]
    public void A_cube_whose_gap_is_longer_than_its_side_stays_open_into_the_strips_beside_it()
    {
        var draft = Thing.Drafted(Thing.Inches("pouf", "size=20 wrap=3", "construction=pouf-wrapped o.closure=gap r.gapShare=0.8"));
        // The side is 14 wide and the gap 16: it ends an inch along each strip.
        var strip = draft.Pieces.Single(piece => piece.Kind == PieceKind.Strip);
        var ends = strip.Marks.Where(mark => mark.Kind == MarkKind.GapEnd).ToList();
        Assert.Equal(2, ends.Count);
        Assert.Equal([1.0, 5.0], ends.Select(mark => mark.From.X.Inches).Order());
        var top = draft.Pieces.Single(piece => piece.Kind == PieceKind.Top);
        var onTop = top.Marks.Where(mark => mark.Kind == MarkKind.GapEnd).ToList();
        Assert.Equal(16.0, onTop[0].From.DistanceTo(onTop[1].From).Inches);
        Assert.All(onTop, mark => Assert.Equal("gap end: bottom only", mark.Label));
        Assert.Equal(
            "unpick here one day: back only",
            draft.Pieces.Single(piece => piece.Kind == PieceKind.Side).Marks.Single(mark => mark.Kind == MarkKind.UnpickPoint).Label
        );
    }

    [Fact]
    public void A_reversible_back_is_closed_by_a_row_all_round_and_has_nothing_to_unpick()
    {
        // 18, a thickness of 1, ease of ¾
        var draft = Thing.Drafted(Thing.Inches("chair-back", "width=18 height=20 thickness=1", "o.layers=reversible r.gap=5"));
        var face = draft.Pieces.Single(piece => piece.Kind == PieceKind.Face);
        var ends = face.Marks.Where(mark => mark.Kind == MarkKind.GapEnd).ToList();
        Assert.Equal([7.375, 12.375], ends.Select(mark => mark.From.X.Inches).Order());
        Assert.All(ends, mark => Assert.Equal("gap end: outer layer 2 and inner layer 3 only", mark.Label));
        Assert.DoesNotContain(face.Marks, mark => mark.Kind == MarkKind.UnpickPoint);
    }

    [Theory]
    [InlineData("seat-pad", "width=10 depth=10 thickness=2", "construction=boxing-strip o.closure=gap r.gap=41")]
    [InlineData("chair-back", "width=10 height=20 thickness=1", "o.layers=reversible r.gap=12")]
    public void A_gap_that_does_not_go_into_its_seam_is_told_with_a_mend(string form, string measures, string more)
    {
        var check = Assert.Single(Drafter.Draft(Thing.Inches(form, measures, more)).Checks, check => check.Code == "opening-too-wide");
        Assert.Equal("gap", check.Measure);
        Assert.Single(check.Mends!);
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void Both_layers_of_the_seam_that_leaves_a_gap_carry_its_ends_as_far_apart_as_it_is_long(string form)
    {
        var gaps = 0;
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form))
        {
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        if (
                            Drafter.Draft(input) is not { Draft: { } draft, Reading.Specification: { } specification }
                            || draft.Seams.Any(seam => seam.IsWayIn)
                        )
                        {
                            return;
                        }

                        var last = SewingPlanner
                            .Of(draft, specification)
                            .Order.FirstOrDefault(operation => operation is { Gap: > 0, Closes: true });
                        if (last is null)
                        {
                            return;
                        }

                        var told = $"{last.Id} of {cell} {Covers.Described(input)}";
                        // Copies that are cut alike carry each other's marks: an edge they share is counted once.
                        var seams = last
                            .Seams.Select(id => draft.Seams.First(seam => seam.Id == id))
                            .DistinctBy(seam => (seam.First.Piece, seam.First.Edge))
                            .ToList();
                        var marked = seams
                            .Select(seam => (First: Stations(draft, seam.First), Second: Stations(draft, seam.Second)))
                            .ToList();
                        Assert.True(
                            marked.Sum(seam => seam.First.Count) == 2,
                            $"{marked.Sum(seam => seam.First.Count)} on the first side, {told}"
                        );
                        Assert.All(marked, seam => Assert.True(Agree(seam.First, seam.Second), told));
                        Assert.True(
                            Math.Abs(Between(draft, seams) - last.Gap!.Value) < Near,
                            $"{Between(draft, seams)} for {last.Gap}, {told}"
                        );
                        Interlocked.Increment(ref gaps);
                    },
                    iter: 2
                );
        }

        Console.WriteLine($"  {form}: {gaps} gaps");
    }

    /// <summary>The stitched distances from both ends of an edge at which a gap ends on it.</summary>
    private static List<(double FromStart, double FromEnd)> Stations(Draft draft, SeamSide side)
    {
        var piece = draft.Pieces.First(known => known.Key == side.Piece);
        var length = piece.StitchLine.LengthOf(side.Edge).Millimetres;
        var found = new List<(double, double)>();
        foreach (var mark in piece.Marks.Where(mark => mark.Kind == MarkKind.GapEnd))
        {
            var before = 0.0;
            foreach (var edge in piece.StitchLine.PartsOf(side.Edge))
            {
                if (Along(edge, mark.From) is { } along)
                {
                    found.Add((before + along, length - before - along));
                    break;
                }

                before += edge.Length.Millimetres;
            }
        }

        return found;
    }

    /// <summary>Measured by angles about the centre, as no drafting code does.</summary>
    private static double? Along(Edge edge, Point at)
    {
        if (edge.Arc is not { } arc)
        {
            var (one, other) = (edge.Start.DistanceTo(at).Millimetres, edge.End.DistanceTo(at).Millimetres);
            return one + other - edge.Length.Millimetres < Near ? one : null;
        }

        var radius = arc.Centre.DistanceTo(edge.Start).Millimetres;
        if (Math.Abs(arc.Centre.DistanceTo(at).Millimetres - radius) > Near)
        {
            return null;
        }

        double Angle(Point point) => Math.Atan2((point.Y - arc.Centre.Y).Millimetres, (point.X - arc.Centre.X).Millimetres);
        var turned = (Angle(at) - Angle(edge.Start)) * (arc.CounterClockwise ? 1 : -1);
        var along = radius * ((turned + (4 * Math.PI) + 1e-9) % (2 * Math.PI));
        return along < edge.Length.Millimetres + Near ? along : null;
    }

    private static bool Agree(List<(double FromStart, double FromEnd)> first, List<(double FromStart, double FromEnd)> second)
    {
        bool Same(IEnumerable<double> one, IEnumerable<double> other) =>
            one.Order().Zip(other.Order()).All(pair => Math.Abs(pair.First - pair.Second) < Near);
        // Copies that are cut alike carry the marks of each other: what has to be there is.
        return first.Count <= second.Count
            && (
                first.Count == 0
                || (
                    Same(first.Select(at => at.FromStart), second.Select(at => at.FromStart))
                    || Same(first.Select(at => at.FromStart), second.Select(at => at.FromEnd))
                )
            );
    }

    /// <summary>From the one end to the other along the seam, through whole seams where it goes on.</summary>
    private static double Between(Draft draft, List<Seam> seams)
    {
        var stations = seams.Select(seam => Stations(draft, seam.First)).ToList();
        var at = stations.FindIndex(found => found.Count > 0);
        if (stations[at].Count == 2)
        {
            return Math.Abs(stations[at][0].FromStart - stations[at][1].FromStart);
        }

        var lengths = seams
            .Select(seam => draft.Pieces.First(piece => piece.Key == seam.First.Piece).StitchLine.LengthOf(seam.First.Edge).Millimetres)
            .ToList();
        var to = stations.FindLastIndex(found => found.Count > 0);
        var between = lengths.Skip(at + 1).Take(to - at - 1).Sum();
        // The way from one to the other is the shorter or the longer way about; the gap is that through its middle.
        var all = lengths.Sum();
        double[] ways =
        [
            stations[at][0].FromEnd + between + stations[to][0].FromStart,
            stations[at][0].FromStart + between + stations[to][0].FromEnd,
            all - (stations[at][0].FromEnd + between + stations[to][0].FromStart),
            all - (stations[at][0].FromStart + between + stations[to][0].FromEnd),
        ];
        var gap = seams.Concat(draft.Seams).First(seam => seam.Gap.IsPositive).Gap.Millimetres;
        return ways.MinBy(way => Math.Abs(way - gap));
    }
}
