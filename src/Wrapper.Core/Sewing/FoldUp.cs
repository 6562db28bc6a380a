using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Sewing.Folding;

namespace Wrapper.Core.Sewing;

/// <summary>A flat part of a piece in space, and as it lies on the cloth.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Copy">Which copy of it.</param>
/// <param name="Flat">Its corners on the flat, in millimetres of the piece's stitch-line coordinates; turned over for the second of facing copies.</param>
/// <param name="Corners">The same corners in space.</param>
public sealed record FoldedFacet(string Piece, int Copy, IReadOnlyList<(double X, double Y)> Flat, IReadOnlyList<Place> Corners);

/// <summary>
/// The proof that a cover closes: it reads only stitch lines, fold lines and seams, places the pieces in space, and looks
/// whether everything that is sewn together lies together; only then is the result held against the form's measures. See
/// docs/handbook.md, "Fold-up".
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

    /// <summary>What speaks against the cover; empty when it is proved.</summary>
    public required IReadOnlyList<string> Problems { get; init; }

    /// <summary>The cover closes and is as large as it has to be.</summary>
    public bool Holds => Problems.Count == 0;

    /// <summary>Folds up a draft.</summary>
    public static FoldUp Of(Draft draft) => Of(draft.Pieces, draft.Seams, draft.Body, draft.Gather, draft.Blocks);

    /// <summary>Folds up pieces at their seams.</summary>
    public static FoldUp Of(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams, FoldedBody? body, GatheredRim? gather, IReadOnlyList<BlockFit> blocks)
    {
        var problems = new List<string>();
        LedgerProblems(pieces, seams, problems);
        BlockProblems(pieces, blocks, problems);
        if (body is null || problems.Count > 0)
        {
            // Sides of a seam that differ cannot be laid on each other: there is nothing to fold.
            return new() { Facets = [], Gap = 0, Opening = 0, Size = default, Problems = problems };
        }

        var net = new FoldNet(pieces, seams);
        problems.AddRange(net.Problems);
        new FacetPlacer(net.Facets).Place(First(net.Facets));
        var placed = net.Facets.Where(facet => facet.Placed is not null).ToList();
        if (placed.Count < net.Facets.Count)
        {
            problems.Add($"{net.Facets.Count - placed.Count} of {net.Facets.Count} parts hang in the air.");
        }

        var gap = placed.Select(GapOf).DefaultIfEmpty().Max();
        if (!(gap <= Tolerance))
        {
            problems.Add(FormattableString.Invariant($"Edges sewn together lie {gap:0.###} mm apart."));
        }

        var opening = net.Facets.Sum(OpenOf);
        var size = SizeOf([.. placed.Where(facet => !facet.IsLap)]);
        Compare("open edges", opening, body.Opening.Millimetres, problems);
        double[] found = [size.X, size.Y, size.Z], expected = [body.Across.Millimetres, body.Along.Millimetres, body.High.Millimetres];
        foreach (var (one, other) in found.Order().Zip(expected.Order())) // whichever face the folding began with lies level
        {
            Compare("one of its sizes", one, other, problems);
        }

        if (body.Area is { } area)
        {
            var cloth = pieces.Where(piece => !piece.IsLoose).Sum(piece => piece.PerCover * piece.StitchLine.Area) - net.TrimmedArea;
            if (!(Math.Abs(cloth - area) <= AreaTolerance))
            {
                problems.Add(FormattableString.Invariant($"Its cloth is {cloth:0.#} mm² and has to be {area:0.#} mm²."));
            }
        }

        if (gather is not null)
        {
            Compare("rim less what it is drawn to", opening - gather.DrawnTo.Perimeter.Millimetres, gather.Gather.Value.Millimetres, problems);
        }

        return new()
        {
            Facets = [.. placed.Select(facet => new FoldedFacet(facet.Piece, facet.Copy, [.. facet.Corners.Select(corner => (corner.X, corner.Y))], facet.Placed!))],
            Gap = gap,
            Opening = opening,
            Size = size,
            Problems = problems,
        };
    }

    private static Facet First(List<Facet> facets) => facets.Where(facet => facet.Piece == facets[0].Piece && facet.Copy == 1).MaxBy(facet => facet.Area)!;

    private static void LedgerProblems(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams, List<string> problems)
    {
        var byKey = pieces.ToDictionary(piece => piece.Key);
        foreach (var seam in seams)
        {
            if (byKey[seam.First.Piece].FindLength(seam.First.Edge) is not { } first || byKey[seam.Second.Piece].FindLength(seam.Second.Edge) is not { } second)
            {
                problems.Add($"Seam {seam.Id}: one of its edges is not there.");
                continue;
            }

            var difference = (first - second - seam.Ease).Millimetres;
            if (Math.Abs(difference) > Tolerance)
            {
                problems.Add(FormattableString.Invariant($"Seam {seam.Id}: its sides differ by {difference:0.###} mm."));
            }
        }
    }

    /// <summary>A zone, with its tucks, lies in its block with the allowance all round: no less, and nothing cut to waste.</summary>
    private static void BlockProblems(IReadOnlyList<Piece> pieces, IReadOnlyList<BlockFit> blocks, List<string> problems)
    {
        foreach (var block in blocks)
        {
            var parts = pieces.Where(piece => block.Pieces.Contains(piece.Key)).ToList();
            Compare($"{block.Zone} across", parts.Sum(part => part.StitchLine.Bounds.Width.Millimetres), block.Width.Millimetres, problems);
            foreach (var part in parts)
            {
                Compare($"{block.Zone} along", part.StitchLine.Bounds.Height.Millimetres, block.Height.Millimetres, problems);
                var least = part.Allowances.Where(allowance => !allowance.Key.StartsWith("join", StringComparison.Ordinal)).Min(allowance => allowance.Value);
                if (least < block.Allowance)
                {
                    problems.Add($"{block.Zone}: an edge has less than its allowance.");
                }
            }
        }
    }

    private static double GapOf(Facet facet)
    {
        var gap = 0.0;
        for (var side = 0; side < facet.Joints.Length; side++)
        {
            if (facet.Joints[side] is { Other.Placed: { } other } joint)
            {
                var (start, end) = (facet.Placed![side], facet.Placed[(side + 1) % facet.Corners.Length]);
                gap = Math.Max(gap, Math.Max((start - other[(joint.Side + 1) % other.Length]).Size, (end - other[joint.Side]).Size));
            }
        }

        return gap;
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
        return all.Count == 0 ? default : new(
            all.Max(place => place.X) - all.Min(place => place.X), all.Max(place => place.Y) - all.Min(place => place.Y), all.Max(place => place.Z) - all.Min(place => place.Z));
    }

    private static void Compare(string what, double found, double expected, List<string> problems)
    {
        if (!(Math.Abs(found - expected) <= Tolerance))
        {
            problems.Add(FormattableString.Invariant($"Folded up, {what} is {found:0.###} mm and has to be {expected:0.###} mm."));
        }
    }
}
