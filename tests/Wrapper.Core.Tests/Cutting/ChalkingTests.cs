using System.Numerics;
using Wrapper.Core.Cutting;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Cutting;

/// <summary>Whoever chalks by a card gets the piece, turned over and round as it lies.</summary>
public sealed class ChalkingTests
{
    private const double Tolerance = 0.11; // flattened curves stand out a little

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Theory]
    [MemberData(nameof(Forms))]
    public void Chalked_by_its_card_a_piece_of_a_random_cover_is_the_piece(string form)
    {
        var (shapes, marks) = (0, 0);
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form))
        {
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        foreach (var piece in Drafter.Draft(input).Draft?.Pieces.Where(piece => !piece.IsPieced) ?? [])
                        {
                            for (var way = 0; way < 16; way++)
                            {
                                var (turn, isMirrored, isWrongSide) = (way % 4 * 90, way / 4 % 2 == 1, way / 8 == 1);
                                var shape = Chalking.Of(piece, isMirrored, turn, isWrongSide);
                                var told =
                                    $"{cell} {piece.Key} at {turn}, mirrored {isMirrored}, wrong side "
                                    + $"{isWrongSide}: {Covers.Described(input)}";
                                Assert.True(IsPiece(shape, piece, turn, isMirrored, isWrongSide), told);
                                Assert.True(
                                    shape.Marks.All(mark =>
                                        IsThere(mark.From, shape, piece) && (mark.To is not { } to || IsThere(to, shape, piece))
                                    ),
                                    told
                                );
                                Interlocked.Increment(ref shapes);
                                Interlocked.Add(ref marks, shape.Marks.Count);
                            }
                        }
                    },
                    iter: 2
                );
        }

        Console.WriteLine($"  {form}: {shapes} shapes chalked, {marks} marks");
        Assert.True(shapes > 0, form);
    }

    /// <summary>Its corners lie where those of the piece come to lie, and it is as large.</summary>
    private static bool IsPiece(ChalkShape shape, Piece piece, int turn, bool isMirrored, bool isWrongSide)
    {
        var corners = piece.CutLine.Edges.Select(edge => Placed(edge.Start)).ToList();
        var least = new Complex(
            Flattening.Flatten(piece.CutLine).Min(point => Placed(point).Real),
            Flattening.Flatten(piece.CutLine).Min(point => Placed(point).Imaginary)
        );
        var chalked = shape.Corners.Select(corner => new Complex(corner.At.X.Millimetres, corner.At.Y.Millimetres) + least).ToList();
        return chalked.TrueForAll(corner => corners.Exists(other => Complex.Abs(other - corner) < Tolerance))
            && Math.Abs(AreaOf(shape.Outline) - AreaOf(Flattening.Flatten(piece.CutLine))) < 1e-3 * AreaOf(shape.Outline)
            && Math.Abs(shape.Corners.Sum(corner => corner.ToNext.Millimetres) - piece.CutLine.Perimeter.Millimetres) < 0.01
            && shape.Corners[0].At.Y.Millimetres <= shape.Corners.Min(corner => corner.At.Y.Millimetres) + Tolerance
            && Turning(shape.Corners) > 0;

        Complex Placed(Point point)
        {
            var lying =
                new Complex(isMirrored ? -point.X.Millimetres : point.X.Millimetres, point.Y.Millimetres)
                * Complex.FromPolarCoordinates(1, turn * Math.PI / 180);
            return isWrongSide ? new(-lying.Real, lying.Imaginary) : lying;
        }
    }

    /// <summary>
    /// A mark on an edge is found by its distance from the corner before it, no further off than an allowance; none is lost.
    /// </summary>
    private static bool IsThere(ChalkPlace place, ChalkShape shape, Piece piece)
    {
        var widest = piece.Allowances.Values.Max() + Length.FromMillimetres(2m);
        if (place.Corner is not { } number)
        {
            return place.At.X >= -widest
                && place.At.X <= shape.Across + widest
                && place.At.Y >= -widest
                && place.At.Y <= shape.Along + widest;
        }

        var (from, to) = (shape.Corners[number - 1], shape.Corners[number % shape.Corners.Count]);
        if (place.Distance.IsNegative || place.Distance > from.ToNext + Length.FromMillimetres(0.1m))
        {
            return false;
        }

        var along = (to.At - from.At).Unit;
        return !from.Rise.IsZero
            || (
                (place.At - (from.At + (place.Distance.Nanometres * along))).Size < widest.Nanometres * 1.5
                && Math.Abs((place.At - from.At).Dot(along) - place.Distance.Nanometres)
                    < 1_000_000 + (place.Distance.IsZero || place.Distance == from.ToNext ? widest.Nanometres : 0)
            );
    }

    private static double AreaOf(IReadOnlyList<Point> corners) =>
        Math.Abs(
            corners
                .Select(
                    (corner, i) =>
                        (corner.X.Millimetres * corners[(i + 1) % corners.Count].Y.Millimetres)
                        - (corners[(i + 1) % corners.Count].X.Millimetres * corner.Y.Millimetres)
                )
                .Sum() / 2
        );

    /// <summary>Above nothing where the corners go round counter-clockwise.</summary>
    private static double Turning(IReadOnlyList<ChalkCorner> corners) =>
        corners
            .Select(
                (corner, i) =>
                    (corner.At.X.Millimetres * corners[(i + 1) % corners.Count].At.Y.Millimetres)
                    - (corners[(i + 1) % corners.Count].At.X.Millimetres * corner.At.Y.Millimetres)
            )
            .Sum();

    [Fact]
    public void A_plate_lying_along_the_roll_is_chalked_from_the_corner_at_the_cut_end()
    {
        var plate = Thing.Drafted(Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", "construction=boxing-strip")).Pieces[0];
        var shape = Chalking.Of(plate, isMirrored: false, 90);
        Assert.True(shape.IsBox);
        Assert.Equal((19.0, 21.0), (shape.Across.Inches, shape.Along.Inches));
        Assert.Equal(
            [(0.0, 0.0), (19.0, 0.0), (19.0, 21.0), (0.0, 21.0)],
            shape.Corners.Select(corner => (corner.At.X.Inches, corner.At.Y.Inches))
        );
        Assert.Equal([19.0, 21.0, 19.0, 21.0], shape.Corners.Select(corner => corner.ToNext.Inches));
    }

    [Fact]
    public void A_disc_is_chalked_round_its_middle()
    {
        var end = Thing.Drafted(Thing.Inches("bolster", "diameter=7 length=24", "construction=band-ends")).Pieces[0];
        var circle = Chalking.Of(end, isMirrored: false, 0).Circle!.Value;
        Assert.Equal(4.0, circle.Radius.Inches, 3);
        Assert.Equal(4.0, circle.Centre.X.Inches, 2);
    }

    [Fact]
    public void A_fold_line_is_told_where_it_runs_out_and_not_from_the_edge_beside_it()
    {
        var wall = Thing
            .Drafted(Thing.Inches("ottoman", "width=24 depth=20 height=15", "construction=tub-walls o.edge=hook-and-loop"))
            .Pieces.First(piece => piece.Kind == PieceKind.Wall);
        var shape = Chalking.Of(wall, isMirrored: false, 0);
        var all = shape.Marks.Where(mark => mark.Kind == MarkKind.Fold).ToList();
        Assert.NotEmpty(all);
        foreach (var fold in all)
        {
            var isAlong = fold.From.At.X == fold.To!.At.X;
            var (first, second) = (EdgeOf(fold.From), EdgeOf(fold.To));
            Assert.NotEqual(first, second);
            Assert.Contains(new[] { first, second }, edge => IsUpright(edge) != isAlong); // at least one end runs out on an edge it crosses
        }

        var hem = all.MaxBy(fold => fold.From.At.DistanceTo(fold.To!.At))!;
        Assert.All(new[] { hem.From, hem.To! }, place => Assert.Equal(hem.From.At.X != hem.To!.At.X, IsUpright(EdgeOf(place))));

        int EdgeOf(ChalkPlace place) => place.Corner!.Value - 1;
        bool IsUpright(int edge) => shape.Corners[edge].At.X == shape.Corners[(edge + 1) % shape.Corners.Count].At.X;
    }
}
