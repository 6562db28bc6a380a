using CsCheck;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Both sides of a seam carry notches at the same stitched distance.</summary>
public sealed class SeamNotchesTests
{
    private const double Tolerance = 2; // as far as the two sides themselves may differ, and a mark beside another is left out

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Theory]
    [MemberData(nameof(Forms))]
    public void Notches_along_a_seam_of_a_random_cover_meet(string form)
    {
        var notches = 0;
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form))
        {
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        if (Drafter.Draft(input).Draft is not { } draft)
                        {
                            return;
                        }

                        foreach (
                            var seam in draft.Seams.Where(seam =>
                                !seam.IsLaid && seam.Ease.IsZero && seam.FirstGoesOn.Count == 0 && seam.SecondGoesOn.Count == 0
                            )
                        )
                        {
                            var (one, other) = (Along(draft, seam.First), Along(draft, seam.Second));
                            if (one is null || other is null)
                            {
                                continue;
                            }

                            var turned = TurnedOver(draft, seam.First) == TurnedOver(draft, seam.Second) && !IsApplied(draft, seam);
                            var theirs = turned ? [.. other.Value.At.Select(at => other.Value.Length - at)] : other.Value.At;
                            Assert.True(
                                one.Value.At.TrueForAll(at => theirs.Exists(their => Math.Abs(their - at) < Tolerance)),
                                $"{cell} {seam.Id}: {string.Join(" ", one.Value.At)} on one side, "
                                    + $"{string.Join(" ", theirs)} on the other; {Covers.Described(input)}"
                            );
                            Assert.True(
                                theirs.TrueForAll(at => one.Value.At.Exists(their => Math.Abs(their - at) < Tolerance)),
                                $"{cell} {seam.Id}: {string.Join(" ", theirs)} on the other side, "
                                    + $"{string.Join(" ", one.Value.At)} on this; {Covers.Described(input)}"
                            );
                            Interlocked.Add(ref notches, one.Value.At.Count);
                        }
                    },
                    iter: 3
                );
        }

        Console.WriteLine($"  {form}: {notches} notches meet");
    }

    [Fact]
    public void A_bolsters_ends_and_band_are_marked_in_quarters_and_between()
    {
        var draft = Thing.Drafted(Thing.Millimetres("bolster", "diameter=165 length=610", "construction=band-ends"));
        var (end, band) = (draft.Pieces[0], draft.Pieces[1]);
        Assert.Equal(8, end.Marks.Count(mark => mark.Kind == MarkKind.Notch));
        // Three quarters and four middles along each long edge of the band, and the ends of the zip.
        Assert.Equal(
            2 * 7,
            band.Marks.Count(mark =>
                mark.Kind == MarkKind.Notch && (mark.From.X == band.StitchLine.Bounds.Left || mark.From.X == band.StitchLine.Bounds.Right)
            )
        );
        Assert.Equal(
            4,
            band.Marks.Count(mark =>
                mark.Label is "start-left to start" or "start to start-right" or "finish-right to finish" or "finish to finish-left"
            )
        );
    }

    private static bool TurnedOver(Draft draft, SeamSide side) =>
        draft.Pieces.First(piece => piece.Key == side.Piece).LiesTurnedOver(side.Copy);

    private static bool IsApplied(Draft draft, Seam seam) =>
        draft.Pieces.Any(piece => piece.Use == PieceUse.Applied && (piece.Key == seam.First.Piece || piece.Key == seam.Second.Piece));

    /// <summary>How far along an edge its notches stand, those at its very ends left out; null for a line inside a piece.</summary>
    private static (List<double> At, double Length)? Along(Draft draft, SeamSide side)
    {
        var piece = draft.Pieces.First(piece => piece.Key == side.Piece);
        var all = piece.StitchLine.Edges;
        var edges = all.Where(edge => edge.Name == side.Edge).ToList();
        if (edges.Count == 0)
        {
            return null;
        }

        var first = edges.FindIndex(edge => all[(all.IndexOf(edge) + all.Length - 1) % all.Length].Name != side.Edge);
        edges = first <= 0 ? edges : [.. edges[first..], .. edges[..first]];
        var (found, before) = (new List<double>(), 0.0);
        var length = edges.Sum(edge => edge.Length.Millimetres);
        foreach (var edge in edges)
        {
            foreach (var mark in piece.Marks.Where(mark => mark.Kind == MarkKind.Notch))
            {
                if (DistanceAlong(edge, mark.From) is { } along && before + along > 3 && before + along < length - 3)
                {
                    found.Add(before + along);
                }
            }

            before += edge.Length.Millimetres;
        }

        return (found, length);
    }

    /// <summary>Along a straight by its share, along an arc by the angle at its centre.</summary>
    private static double? DistanceAlong(Edge edge, Point at)
    {
        if (edge.Arc is not { } arc)
        {
            var run = edge.End - edge.Start;
            var along = (at - edge.Start).Dot(run) / run.Dot(run);
            return along is < 0 or > 1 || (edge.Start + (along * run)).DistanceTo(at).Millimetres > 0.05
                ? null
                : along * edge.Length.Millimetres;
        }

        var radius = edge.Start.DistanceTo(arc.Centre).Millimetres;
        if (Math.Abs(at.DistanceTo(arc.Centre).Millimetres - radius) > 0.05)
        {
            return null;
        }

        var (from, to) = (edge.Start - arc.Centre, at - arc.Centre);
        var turned = Math.Atan2(from.Cross(to), from.Dot(to)) * (arc.CounterClockwise ? 1 : -1);
        var found = radius * (turned < -1e-9 ? turned + (2 * Math.PI) : Math.Max(turned, 0));
        return found > edge.Length.Millimetres + 0.05 ? null : found;
    }
}
