using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Fitting;

/// <summary>
/// Where the pieces of a corrected draft lie on those of the draft before: both covers are folded up, the corrected one is stood
/// into the other so that it is smaller just where it was taken in, and each of its facets says where it lies on the flat piece.
/// See docs/handbook.md, "Trying on".
/// </summary>
internal sealed class FoldedMoves
{
    /// <summary>Steps nearer than this are one.</summary>
    private const double Alike = 0.25;

    /// <summary>More ways than this to lay a strip are not tried: of a strip bent round a curve each ruling would be one.</summary>
    private const int MostWays = 9;

    private readonly ILookup<PieceCopy, FacetInSpace> _before;
    private readonly ILookup<PieceCopy, FacetInSpace> _after;
    private readonly Place _stoodIn;

    /// <summary>Folds both up.</summary>
    /// <param name="before">The draft before.</param>
    /// <param name="after">The corrected draft.</param>
    /// <param name="findings">What lies between them.</param>
    public FoldedMoves(Draft before, Draft after, IReadOnlyList<Correction> findings)
    {
        _before = Read(before);
        _after = Read(after);
        if (IsFolded)
        {
            var (one, other) = (BoxOf(_before), BoxOf(_after));
            _stoodIn = new(
                StoodIn((one.Low.X, one.High.X), (other.Low.X, other.High.X), In(findings, "left"), In(findings, "right")),
                StoodIn((one.Low.Y, one.High.Y), (other.Low.Y, other.High.Y), In(findings, "front"), In(findings, "back")),
                StoodIn((one.Low.Z, one.High.Z), (other.Low.Z, other.High.Z), In(findings, "bottom"), In(findings, "top"))
            );
        }
    }

    /// <summary>Both could be folded up: without that nothing says where anything lies.</summary>
    public bool IsFolded => _before.Count > 0 && _after.Count > 0;

    /// <summary>The ways a copy can lie, the first facet's first; a piece that is not part of the folded cover stays.</summary>
    public IReadOnlyList<Shift> WaysOf(PieceCopy copy, Piece piece)
    {
        copy = OnOuterLayer(copy, piece);
        var ways = new List<Shift>();
        // A face lies as its largest part does: it is taken in where it was found. Only a strip that goes round leaves a choice.
        foreach (var facet in piece.IsFace ? _after[copy].OrderByDescending(AreaOf).Take(1) : _after[copy])
        {
            if (_before[copy].OrderBy(known => FarFrom(known, facet)).FirstOrDefault() is not { } nearest)
            {
                continue;
            }

            var (x, y) = (0d, 0d);
            foreach (var (corner, flat) in facet.Facet.Corners.Zip(facet.Facet.Flat))
            {
                var found = nearest.FlatOf(corner + _stoodIn);
                (x, y) = (x + found.X - flat.X, y + found.Y - flat.Y);
            }

            var count = facet.Facet.Corners.Count;
            var way = new Shift((piece.LiesTurnedOver(copy.Copy) ? -x : x) / count, y / count);
            if (!ways.Exists(known => known.DistanceTo(way) < Alike))
            {
                ways.Add(way);
            }
        }

        if (ways.Count > MostWays)
        {
            var sorted = ways.OrderBy(way => way.X + way.Y).ToList();
            ways = [sorted[0], sorted[sorted.Count / 2], sorted[^1]];
        }

        // Between two ways lies the one that shares the difference out.
        return ways.Count switch
        {
            0 => [default],
            1 => ways,
            _ =>
            [
                .. ways,
                new Shift((ways.Min(way => way.X) + ways.Max(way => way.X)) / 2, (ways.Min(way => way.Y) + ways.Max(way => way.Y)) / 2),
            ],
        };
    }

    /// <summary>
    /// A layer that lies in another is folded out beyond it and corrected as that is: its pieces lie as their like on the outer layer.
    /// </summary>
    private static PieceCopy OnOuterLayer(PieceCopy copy, Piece piece)
    {
        var outer = Enumerable
            .Range(1, piece.PerCover)
            .Where(known => piece.CopyRoles.ElementAtOrDefault(known - 1) != PieceRole.Inner)
            .ToList();
        return
            piece.CopyRoles.ElementAtOrDefault(copy.Copy - 1) == PieceRole.Inner
            && outer.Find(known => piece.LiesTurnedOver(known) == piece.LiesTurnedOver(copy.Copy)) is > 0 and var like
            ? copy with
            {
                Copy = like,
            }
            : copy;
    }

    private static double AreaOf(FacetInSpace facet)
    {
        var flat = facet.Facet.Flat;
        return Math.Abs(flat.Select((at, i) => (at.X * flat[(i + 1) % flat.Count].Y) - (flat[(i + 1) % flat.Count].X * at.Y)).Sum());
    }

    private double FarFrom(FacetInSpace before, FacetInSpace after) =>
        (after.Middle + _stoodIn - before.Middle).Size
        + (1000 * (1 - before.Normal.Dot(after.Normal)))
        + (before.Facet.Seams.Intersect(after.Facet.Seams).Any(seam => seam is not null) ? 0 : 10);

    private static double In(IReadOnlyList<Correction> findings, string side) =>
        -findings.Where(finding => finding.Side == side || finding.Side == "all").Sum(finding => finding.By.Millimetres);

    /// <summary>
    /// How far the corrected cover is moved along one axis: its low side lies so much further in, and what no finding explains is shared
    /// out.
    /// </summary>
    private static double StoodIn((double Low, double High) before, (double Low, double High) after, double low, double high) =>
        ((before.Low + low - after.Low) + (before.High - high - after.High)) / 2;

    private static ILookup<PieceCopy, FacetInSpace> Read(Draft draft) =>
        FoldedOutside
            .Of(draft)
            .Select(FacetInSpace.Of)
            .OfType<FacetInSpace>()
            .ToLookup(facet => new PieceCopy(facet.Facet.Piece, facet.Facet.Copy));

    private static (Place Low, Place High) BoxOf(ILookup<PieceCopy, FacetInSpace> facets)
    {
        var corners = facets.SelectMany(facet => facet).SelectMany(facet => facet.Facet.Corners).ToList();
        return (
            new(corners.Min(at => at.X), corners.Min(at => at.Y), corners.Min(at => at.Z)),
            new(corners.Max(at => at.X), corners.Max(at => at.Y), corners.Max(at => at.Z))
        );
    }
}
