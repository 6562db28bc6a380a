using NetTopologySuite.Geometries;
using Wrapper.Core.Drafting;
using Wrapper.Core.Fitting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Fitting;

/// <summary>
/// Random findings on random covers, cut and sewn half through: a geometry library the planner does not know holds what is
/// left beyond every seam, and that what stays sewn lies where it was sewn.
/// </summary>
public sealed class FittingPropertiesTests
{
    private const double Near = 0.75;

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Theory]
    [MemberData(nameof(Forms))]
    public void Every_seam_keeps_its_least_and_what_stays_sewn_lies_where_it_was(string form)
    {
        var (answers, kept, again, stayed, distances) = (0, 0, 0, 0, 0);
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form))
        {
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        if (Drafter.Draft(input) is not { Draft: { } draft, Reading.Specification: { } specification })
                        {
                            return;
                        }

                        var chance = new Random(Covers.Described(input).Aggregate(17, (sum, letter) => unchecked((sum * 31) + letter)));
                        var sides = SeamPlaces.SidesOf(specification);
                        var side = sides[chance.Next(sides.Count)].Side;
                        var by = $"{chance.Next(-15, 12)} mm";
                        var after = Drafter.Draft(input with { Corrections = [.. input.Corrections, new(side, Entry.Typed(by))] });
                        if (
                            after is not { Draft: { } corrected, Reading.Specification.Corrections: [.., var finding] }
                            || finding.By == Length.Zero
                        )
                        {
                            return;
                        }

                        var cut = draft
                            .Pieces.SelectMany(piece => PieceCopy.AllOf(piece).Select(copy => (copy, piece)))
                            .ToDictionary(at => at.copy, at => new CutCopy(at.piece, default));
                        var order = SewingPlanner.Of(draft, specification).Order;
                        var done = order.Take(chance.Next(order.Count + 1)).ToList();
                        if (
                            FittingPlanner.Of(
                                new(draft, cut),
                                specification,
                                corrected,
                                [finding],
                                [.. done.Select(operation => operation.Id)]
                            )
                            is not { } answer
                        )
                        {
                            return;
                        }

                        var told = $"{cell} {side} {by} {Covers.Described(input)}";
                        Interlocked.Increment(ref answers);
                        Interlocked.Add(ref again, answer.Again.Count);
                        Interlocked.Add(ref kept, LeastIsKept(draft, corrected, answer, told));
                        Interlocked.Add(ref distances, DistancesAreTrue(corrected, answer, told));
                        Interlocked.Add(ref stayed, Stays(draft, corrected, answer, done, told));
                    },
                    iter: 1
                );
        }

        Console.WriteLine(
            $"  {form}: {answers} findings, {kept} edges with their least, {again} copies cut again, "
                + $"{stayed} seams that stay, {distances} distances"
        );
        Assert.True(answers == 0 || kept > 0, form);
    }

    /// <summary>Beyond every edge of a seam stays the least, on every copy that is not cut again.</summary>
    private static int LeastIsKept(Draft draft, Draft corrected, FittingAnswer answer, string told)
    {
        var edges = 0;
        var least = FittingPlanner.Least(draft.Format).Millimetres;
        foreach (var side in corrected.Seams.SelectMany(seam => seam.Edges).Distinct())
        {
            var now = corrected.Pieces.First(piece => piece.Key == side.Piece);
            if (
                !answer.Cut.TryGetValue(PieceCopy.Of(side), out var copy)
                || !copy.CutAs.Allowances.TryGetValue(side.Edge, out var allowance)
                || allowance.Millimetres < least
                || copy.CutAs.StitchLine.FindLength(side.Edge) is null
            )
            {
                continue;
            }

            var line = Line(now, side.Edge, copy.Lies);
            var within = Ring(copy.CutAs.CutLine).Buffer(-(least - Near));
            Assert.True(within.Covers(Middle(line)), $"{side.Piece} {side.Edge} of {told}");
            edges++;
        }

        return edges;
    }

    /// <summary>
    /// A straight edge is sewn as far from its raw edge, at its beginning and at its end, as a geometry library measures from the line
    /// the raw edge runs on.
    /// </summary>
    private static int DistancesAreTrue(Draft corrected, FittingAnswer answer, string told)
    {
        var measured = 0;
        foreach (var (side, from, to) in answer.Seams.SelectMany(seam => seam.Sides))
        {
            var copy = answer.Cut[PieceCopy.Of(side)];
            var (cut, sewn) = (
                Line(copy.CutAs, side.Edge, default),
                Line(corrected.Pieces.First(piece => piece.Key == side.Piece), side.Edge, copy.Lies)
            );
            if (cut.NumPoints != 2 || sewn.NumPoints != 2 || !copy.CutAs.Allowances.TryGetValue(side.Edge, out var allowance))
            {
                continue;
            }

            var along = new LineSegment(cut[0], cut[1]);
            double FromRaw(Coordinate at) => allowance.Millimetres + (along.DistancePerpendicular(at) * along.OrientationIndex(at));
            Assert.True(Math.Abs(FromRaw(sewn[0]) - from) < 1e-3, $"{side.Piece} {side.Edge} begins {from} of {told}");
            Assert.True(Math.Abs(FromRaw(sewn[1]) - to) < 1e-3, $"{side.Piece} {side.Edge} ends {to} of {told}");
            measured++;
        }

        return measured;
    }

    /// <summary>A seam that is sewn and of which nothing is said lies on both pieces where it was sewn.</summary>
    private static int Stays(Draft draft, Draft corrected, FittingAnswer answer, List<Operation> done, string told)
    {
        var seams = 0;
        var spoken = answer.Seams.Select(seam => seam.Seam.Id.Replace("-rest", "", StringComparison.Ordinal)).ToHashSet();
        foreach (
            var id in done.Where(operation => operation.IsSewing).SelectMany(operation => operation.Seams).Where(id => !spoken.Contains(id))
        )
        {
            if (draft.Seams.FirstOrDefault(known => known.Id == id) is not { FirstGoesOn.Count: 0, SecondGoesOn.Count: 0 } seam)
            {
                continue;
            }

            foreach (var side in seam.Edges)
            {
                Assert.True(
                    answer.Cut.TryGetValue(PieceCopy.Of(side), out var copy),
                    $"{id} of {told}: its piece is cut again and nothing is unpicked"
                );
                var (before, after) = (
                    Line(copy.CutAs, side.Edge, default),
                    Line(corrected.Pieces.First(piece => piece.Key == side.Piece), side.Edge, copy.Lies)
                );
                Assert.True(
                    NetTopologySuite.Algorithm.Distance.DiscreteHausdorffDistance.Distance(before, after) < Near,
                    $"{id}, {side.Piece} {side.Edge} of {told}"
                );
            }

            seams++;
        }

        Assert.All(answer.Seams, seam =>
            Assert.Equal(seam.Mend == SeamMend.Sew, !done.Exists(operation => operation.IsSewing && operation.Seams.Contains(seam.Seam.Id)))
        );
        return seams;
    }

    /// <summary>The line without its ends, beside which the next edge begins.</summary>
    private static LineString Middle(LineString line)
    {
        var indexed = new NetTopologySuite.LinearReferencing.LengthIndexedLine(line);
        return (LineString)indexed.ExtractLine(line.Length * 0.3, line.Length * 0.7);
    }

    private static LineString Line(Piece piece, Core.Geometry.EdgeName edge, Shift by) =>
        new([.. EdgeLine.Of(piece, edge).Select(point => new Coordinate(point.X.Millimetres + by.X, point.Y.Millimetres + by.Y))]);

    private static Polygon Ring(Core.Geometry.Outline outline)
    {
        Coordinate[] corners =
        [
            .. Core.Geometry.Flattening.Flatten(outline).Select(point => new Coordinate(point.X.Millimetres, point.Y.Millimetres)),
        ];
        return new(new([.. corners, corners[0]]));
    }
}
