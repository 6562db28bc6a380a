using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing;

/// <summary>
/// Edges that are hemmed while they are flat and sewn afterwards: the shut parts of an opening, and faces that are hemmed all round
/// before they meet, since one of them is a ready sheet. See docs/handbook.md, "Bedding".
/// </summary>
internal sealed class HemmedFirst
{
    private readonly Dictionary<SeamSide, Length> _depths = [];

    /// <summary>What is hemmed first of a cover with these pieces.</summary>
    /// <param name="draft">The draft.</param>
    /// <param name="specification">What it was made from.</param>
    /// <param name="taken">Every edge a seam takes.</param>
    /// <param name="joins">The joins of a face's drops.</param>
    public HemmedFirst(Draft draft, CoverSpecification specification, IReadOnlySet<SeamSide> taken, IReadOnlySet<SeamSide> joins)
    {
        var isSheetBehind = specification.Choices is { HasReadyBack: true, Closure: not null };
        var inset = specification.Rules[Rule.SheetInset].Value;
        var faces = draft.Pieces.Where(piece => piece is { Kind: PieceKind.Face, Use: PieceUse.Cover }).ToList();
        var shut = ShutEnds.Of(faces, (piece, edge) => taken.Contains(new(piece.Key, edge)));
        var sides = faces.SelectMany(piece => PieceCopy.AllOf(piece).SelectMany(copy => piece.StitchLine.Names.Distinct().Select(edge => (Piece: piece, Side: new SeamSide(piece.Key, edge, copy.Copy)))));
        foreach (var (piece, side) in sides.Where(entry => taken.Contains(entry.Side) && !joins.Contains(entry.Side)))
        {
            var turned = piece.Allowances[side.Edge];
            if (shut.Contains((side.Piece, side.Edge)))
            {
                Shut.Add(side);
                _depths[side] = turned;
            }
            else if (isSheetBehind && turned >= inset)
            {
                _depths[side] = turned - inset;
            }
        }
    }

    /// <summary>The shut parts of an opening: stitched close to the folds.</summary>
    public HashSet<SeamSide> Shut { get; } = [];

    /// <summary>It is turned before it is sewn, and neither at an opening nor hemmed already as a ready sheet is.</summary>
    public bool IsRolled(SeamSide side) => DepthOf(side).IsPositive && !Shut.Contains(side);

    /// <summary>An edge has its hem before it is sewn.</summary>
    public bool Has(SeamSide side) => _depths.ContainsKey(side);

    /// <summary>How much of its allowance its hem has taken by then: nothing where the cloth came with it.</summary>
    public Length DepthOf(SeamSide side) => _depths.GetValueOrDefault(side);
}
