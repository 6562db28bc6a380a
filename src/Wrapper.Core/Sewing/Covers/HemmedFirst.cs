using Wrapper.Core.Catalogue;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>
/// Edges that are hemmed while they are flat and sewn afterwards: the shut parts of an opening, and faces that are hemmed all round
/// before they meet, since one of them is a ready sheet. See docs/handbook.md, "Bedding".
/// </summary>
internal sealed class HemmedFirst
{
    private readonly Dictionary<SeamSide, Length> _depths = [];

    /// <summary>What the open ends are cut larger by, but for those whose hem came with the cloth.</summary>
    private readonly Dictionary<SeamSide, Length> _ends = [];

    /// <summary>What is hemmed first of a cover with these pieces.</summary>
    /// <param name="draft">The draft.</param>
    /// <param name="specification">What it was made from.</param>
    /// <param name="taken">Every edge a seam takes.</param>
    /// <param name="joins">The joins of a face's drops.</param>
    public HemmedFirst(Draft draft, CoverSpecification specification, IReadOnlySet<SeamSide> taken, IReadOnlySet<SeamSide> joins)
    {
        var faces = draft.Pieces.Where(piece => piece is { Kind: PieceKind.Face, Use: PieceUse.Cover }).ToList();
        var shut = ShutEnds.Of(faces, (piece, edge) => taken.Contains(new(piece.Key, edge)));
        Length? inset = specification.Choices is { HasReadyBack: true, Closure: not null }
            ? specification.Rules[Rule.SheetInset].Value
            : null;
        foreach (var piece in faces)
        {
            foreach (
                var side in PieceCopy
                    .AllOf(piece)
                    .SelectMany(copy => piece.StitchLine.Names.Distinct().Select(edge => new SeamSide(piece.Key, edge, copy.Copy)))
                    .Where(side => !joins.Contains(side))
            )
            {
                Add(piece, side, taken, shut.Contains((side.Piece, side.Edge)), inset);
            }
        }
    }

    /// <summary>One face is longer than the other at its open end: it has a flap, which folds in when both are hemmed.</summary>
    public bool HasFlap => _ends.Values.Distinct().Count() > 1;

    /// <summary>Edges in the overlap of a face in two parts: what its other part is sewn to by that edge catches them too.</summary>
    public HashSet<SeamSide> Lapped { get; } = [];

    /// <summary>The shut parts of an opening: stitched close to the folds.</summary>
    public HashSet<SeamSide> Shut { get; } = [];

    /// <summary>It is turned before it is sewn, and neither at an opening nor hemmed already as a ready sheet is.</summary>
    public bool IsRolled(SeamSide side) => DepthOf(side).IsPositive && !Shut.Contains(side);

    /// <summary>An edge has its hem before it is sewn.</summary>
    public bool Has(SeamSide side) => _depths.ContainsKey(side);

    /// <summary>How much of its allowance its hem has taken by then: nothing where the cloth came with it.</summary>
    public Length DepthOf(SeamSide side) => _depths.GetValueOrDefault(side);

    /// <summary>
    /// How much of what these edges are cut larger by folds in as a flap: the rest is their hem; zero where the faces end alike.
    /// </summary>
    public Length FlapOf(IEnumerable<SeamSide> edges) =>
        edges.Where(_ends.ContainsKey).Select(side => _ends[side] - _ends.Values.Min()).DefaultIfEmpty(Length.Zero).Max();

    private void Add(Piece piece, SeamSide side, IReadOnlySet<SeamSide> taken, bool isShut, Length? inset)
    {
        var turned = piece.Allowances[side.Edge];
        if (!taken.Contains(side))
        {
            if (piece.Roles.Count == 1 && PieceCopy.AllOf(piece).Any(other => taken.Contains(side with { Copy = other.Copy })))
            {
                Lapped.Add(side);
            }

            if (piece.Kept is null && side.Edge.Side == EdgeSide.End)
            {
                _ends[side] = turned;
            }
        }
        else if (isShut)
        {
            Shut.Add(side);
            _depths[side] = turned;
        }
        else if (inset is { } within && turned >= within)
        {
            _depths[side] = piece.Kept is { IsWhole: true } && side.Edge.Side == EdgeSide.Closed ? Length.Zero : turned - within;
        }
    }
}
