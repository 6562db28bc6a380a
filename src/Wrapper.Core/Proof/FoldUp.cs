using Wrapper.Core.English;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof.Folding;

namespace Wrapper.Core.Proof;

/// <summary>A flat part of a piece in space, and as it lies on the cloth.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Copy">Which copy of it; of what hangs from an edge, which stretch of it.</param>
/// <param name="Flat">Its corners on the flat, in millimetres of the piece's stitch-line coordinates; turned over for the second of facing
/// copies.</param>
/// <param name="Corners">The same corners in space.</param>
/// <param name="Seams">The seam that each side is sewn in, from its corner to the next; null at a crease and at an open edge.</param>
public sealed record FoldedFacet(
    string Piece,
    int Copy,
    IReadOnlyList<(double X, double Y)> Flat,
    IReadOnlyList<Place> Corners,
    IReadOnlyList<string?> Seams
);

/// <summary>A place where the folded cover does not close: two sides that are sewn together and lie apart.</summary>
/// <param name="Seam">The seam; null at a crease.</param>
/// <param name="Piece">The piece one of the sides is on.</param>
/// <param name="Gap">How far apart, in millimetres.</param>
/// <param name="One">One side, from end to end in space.</param>
/// <param name="Other">The other.</param>
public sealed record OpenPlace(string? Seam, string Piece, double Gap, (Place From, Place To) One, (Place From, Place To) Other);

/// <summary>One figure of the folded cover held against the thing.</summary>
/// <param name="What">What is measured: “size”, “open edges”, “cloth”, “way round”.</param>
/// <param name="Found">On the folded cover, in millimetres or square millimetres.</param>
/// <param name="Expected">As the thing says.</param>
/// <param name="Agrees">They agree within what the proof allows.</param>
/// <param name="IsArea">It is an area, in square millimetres.</param>
public sealed record FoldedFigure(string What, double Found, double Expected, bool Agrees, bool IsArea = false);

/// <summary>
/// The proof that a cover closes: it reads only stitch lines, fold lines and seams, places the pieces in space, and looks
/// whether everything that is sewn together lies together; then the result is held against what the thing's own measures say,
/// which drafting had no hand in. See docs/handbook.md, "Fold-up".
/// </summary>
public sealed record FoldUp
{
    /// <summary>What the proof asks of lengths and places: 0.1 mm.</summary>
    public const double Tolerance = 0.1;

    private const double AreaTolerance = 2;

    /// <summary>All facets that could be placed.</summary>
    public required IReadOnlyList<FoldedFacet> Facets { get; init; }

    /// <summary>The furthest apart that two places are which are sewn together, in millimetres.</summary>
    public required double Gap { get; init; }

    /// <summary>The length of all edges that stay open, in millimetres.</summary>
    public required double Opening { get; init; }

    /// <summary>The size of the folded cover along its largest face and square to it, in millimetres.</summary>
    public required Place Size { get; init; }

    /// <summary>What was measured on the folded cover, beside what the thing says.</summary>
    public required IReadOnlyList<FoldedFigure> Figures { get; init; }

    /// <summary>Where it does not close; empty when it does.</summary>
    public required IReadOnlyList<OpenPlace> Open { get; init; }

    /// <summary>The seams whose two sides are not as long as each other.</summary>
    public required IReadOnlyList<string> UnequalSeams { get; init; }

    /// <summary>What speaks against the cover; empty when it is proved.</summary>
    public required IReadOnlyList<string> Problems { get; init; }

    /// <summary>The cover closes and is as large as the thing says.</summary>
    public bool Holds => Problems.Count == 0;

    /// <summary>Folds up a draft.</summary>
    public static FoldUp Of(Draft draft) => Of(draft.Pieces, draft.Seams, draft.Thing, draft.Blocks);

    /// <summary>Folds up pieces at their seams and holds the result against the thing.</summary>
    /// <param name="pieces">The pieces.</param>
    /// <param name="seams">Their seams.</param>
    /// <param name="thing">What the cover has to measure.</param>
    /// <param name="blocks">Which pieces each block of a pinned cover is cut as.</param>
    public static FoldUp Of(
        IReadOnlyList<Piece> pieces,
        IReadOnlyList<Seam> seams,
        Expectation thing,
        IReadOnlyDictionary<string, IReadOnlyList<string>> blocks
    )
    {
        var problems = new List<string>();
        var unequal = LedgerProblems(pieces, seams, problems);
        problems.AddRange(SewnParts.Problems(pieces, seams, thing, blocks));
        if (thing.Cover is not { } expected || seams.Any(seam => seam.Edges.Any(side => !Has(pieces, side))))
        {
            return new()
            {
                Facets = [],
                Gap = 0,
                Opening = 0,
                Size = default,
                Figures = [],
                Open = [],
                UnequalSeams = unequal,
                Problems = problems,
            };
        }

        var net = new FoldNet(pieces, seams);
        problems.AddRange(net.Problems);
        new FacetPlacer(net.Facets).Place(LevelFace.Of(pieces, net.Facets));
        var placed = net.Facets.Where(facet => facet.Placed is not null).ToList();
        if (placed.Count < net.Facets.Count)
        {
            problems.Add(ProofText.PartsHangLoose(net.Facets.Count - placed.Count, net.Facets.Count));
        }

        var open = placed.SelectMany(OpenAt).OrderByDescending(place => place.Gap).ToList();
        var gap = placed.Select(GapOf).DefaultIfEmpty().Max();
        if (!(gap <= Tolerance))
        {
            problems.Add(ProofText.EdgesLieApart(gap));
        }

        var opening = net.Facets.Sum(OpenOf);
        var size = SizeOf([.. placed.Where(facet => !facet.IsLap)]);
        var figures = Measured(pieces, net, placed, opening, size, expected).ToList();
        problems.AddRange(
            figures
                .Where(figure => !figure.Agrees)
                .Select(figure => ProofText.FoldedToAnotherSize(figure.What, figure.Found, figure.Expected))
        );
        return new()
        {
            Facets =
            [
                .. placed.Select(facet => new FoldedFacet(
                    facet.Piece,
                    facet.Copy,
                    [.. facet.Corners.Select(corner => (corner.X, corner.Y))],
                    facet.Placed!,
                    [.. facet.Joints.Select(joint => joint?.Seam)]
                )),
            ],
            Gap = gap,
            Opening = opening,
            Size = size,
            Figures = figures,
            Open = open,
            UnequalSeams = unequal,
            Problems = problems,
        };
    }

    private static IEnumerable<FoldedFigure> Measured(
        IReadOnlyList<Piece> pieces,
        FoldNet net,
        List<Facet> placed,
        double opening,
        Place size,
        ExpectedCover expected
    )
    {
        double[] found = [size.X, size.Y, size.Z];
        foreach (var (one, other) in found.Order().Zip(expected.Sizes.Order())) // whichever face the folding began with lies level
        {
            yield return Figure("size", one, other, Tolerance);
        }

        var along = Tolerance + (expected.Smooth > 0 ? 0.05 : 0);
        yield return Figure("open edge", opening, expected.Opening, along);
        var cloth =
            pieces.Where(piece => piece.Use is PieceUse.Cover or PieceUse.Hung).Sum(piece => piece.PerCover * piece.StitchLine.Area)
            - net.TrimmedArea;
        yield return Figure("cloth between stitch lines", cloth, expected.Area, AreaTolerance + expected.Smooth) with
        {
            IsArea = true,
        };
        if (placed.Count > 0)
        {
            yield return Figure("way round its first face", LevelFace.Round(placed), expected.Round, along);
        }

        if (expected.Gather is { } gather)
        {
            yield return Figure("gather", opening - (expected.Opening - gather), gather, Tolerance);
        }
    }

    private static FoldedFigure Figure(string what, double found, double expected, double tolerance) =>
        new(what, found, expected, Math.Abs(found - expected) <= tolerance);

    private static bool Has(IReadOnlyList<Piece> pieces, SeamSide side) =>
        pieces.Any(piece => piece.Key == side.Piece && piece.FindLength(side.Edge) is not null);

    /// <summary>The seams whose sides differ, each told with by how much.</summary>
    private static List<string> LedgerProblems(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams, List<string> problems)
    {
        var byKey = pieces.ToDictionary(piece => piece.Key);
        var unequal = new List<string>();
        double? LengthOf(IEnumerable<SeamSide> sides)
        {
            var total = 0.0;
            foreach (var side in sides)
            {
                if (!byKey.TryGetValue(side.Piece, out var piece) || piece.FindLength(side.Edge) is not { } length)
                {
                    return null;
                }

                total += length.Millimetres;
            }

            return total;
        }

        foreach (var seam in seams)
        {
            if (LengthOf(seam.FirstSide) is not { } first || LengthOf(seam.SecondSide) is not { } second)
            {
                problems.Add(ProofText.EdgeOfSeam(seam.Id));
                unequal.Add(seam.Id);
                continue;
            }

            var difference = first - second - seam.Ease.Millimetres;
            if (Math.Abs(difference) > Tolerance)
            {
                problems.Add(ProofText.SidesDiffer(seam.Id, difference));
                unequal.Add(seam.Id);
            }
        }

        return unequal;
    }

    private static double GapOf(Facet facet)
    {
        var gap = 0.0;
        for (var side = 0; side < facet.Joints.Length; side++)
        {
            gap = Math.Max(gap, GapAt(facet, side) ?? 0);
        }

        return gap;
    }

    /// <summary>How far a side lies from the one it is joined to; null where it is joined to nothing that is placed.</summary>
    private static double? GapAt(Facet facet, int side)
    {
        if (facet.Joints[side] is not { Other.Placed: { } other } joint)
        {
            return null;
        }

        var (start, end) = (facet.Placed![side], facet.Placed[(side + 1) % facet.Corners.Length]);
        return Math.Max((start - other[(joint.Side + 1) % other.Length]).Size, (end - other[joint.Side]).Size);
    }

    private static IEnumerable<OpenPlace> OpenAt(Facet facet)
    {
        for (var side = 0; side < facet.Joints.Length; side++)
        {
            // Each joint is seen from both its sides; the one whose facet comes first in the piece list speaks.
            if (
                GapAt(facet, side) is { } gap
                && !(gap <= Tolerance)
                && facet.Joints[side] is { Other.Placed: { } other } joint
                && string.CompareOrdinal($"{facet.Piece} {facet.Copy} {side}", $"{joint.Other.Piece} {joint.Other.Copy} {joint.Side}") < 0
            )
            {
                yield return new(
                    joint.Seam,
                    facet.Piece,
                    gap,
                    (facet.Placed![side], facet.Placed[(side + 1) % facet.Corners.Length]),
                    (other[(joint.Side + 1) % other.Length], other[joint.Side])
                );
            }
        }
    }

    private static double OpenOf(Facet facet)
    {
        var open = 0.0;
        for (var side = 0; side < facet.Joints.Length; side++)
        {
            open += facet.Joints[side] is null ? facet.Corners[side].DistanceTo(facet.Corners[(side + 1) % facet.Corners.Length]) : 0;
        }

        return open;
    }

    private static Place SizeOf(List<Facet> facets)
    {
        var all = facets.SelectMany(facet => facet.Placed!).ToList();
        return all.Count == 0
            ? default
            : new(
                all.Max(place => place.X) - all.Min(place => place.X),
                all.Max(place => place.Y) - all.Min(place => place.Y),
                all.Max(place => place.Z) - all.Min(place => place.Z)
            );
    }
}
