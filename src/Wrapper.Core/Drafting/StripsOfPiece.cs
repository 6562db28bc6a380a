using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>
/// The strips one piece is joined from. They are found on the piece lying so that they stand upright side by side: strips that
/// run across it are found on it turned a quarter, its front to the left. See docs/handbook.md, "Pieced cloth".
/// </summary>
internal sealed class StripsOfPiece
{
    /// <summary>
    /// Widths that are all given may miss the size of the piece by so much, which no tape tells: a third written as 6.67. The last takes
    /// what is left.
    /// </summary>
    private static readonly Length Near = Length.FromMillimetres(0.5m);

    private readonly Piece _piece;
    private readonly PiecedCloth _pieced;
    private readonly string _measure;
    private readonly CoverSpecification _specification;
    private readonly Worked _join;
    private readonly Outline _stitchLine;
    private readonly Outline _cutLine;
    private readonly List<Check> _checks = [];

    /// <summary>Finds the strips of a piece.</summary>
    /// <param name="piece">The piece as drafted.</param>
    /// <param name="word">The role whose strips it is joined from.</param>
    /// <param name="specification">The cover.</param>
    public StripsOfPiece(Piece piece, string word, CoverSpecification specification)
    {
        (_piece, _pieced, _measure, _specification) = (
            piece,
            specification.Cloths.Pieced[word],
            PiecedReader.MeasureOf(word),
            specification
        );
        _join = specification.Rules[Rule.JoinSeam];
        (_stitchLine, _cutLine) = (Upright(piece.StitchLine), Upright(piece.CutLine));
        Pieces = Widths() is { } widths ? Cut(widths) : [];
    }

    /// <summary>What was noticed; any error and there are no strips to cut.</summary>
    public IReadOnlyList<Check> Checks => _checks;

    /// <summary>The strips in their order.</summary>
    public IReadOnlyList<Piece> Pieces { get; }

    /// <summary>Their joins, on every copy of the piece.</summary>
    public IEnumerable<Seam> Joins =>
        from copy in Enumerable.Range(1, _piece.PerCover)
        from i in Enumerable.Range(0, Math.Max(0, Pieces.Count - 1))
        select new Seam(
            $"{_piece.Key}-strips-{i + 1}{(_piece.PerCover > 1 ? $"-{copy}" : "")}",
            new(Pieces[i].Key, NameOfJoin(i), copy),
            new(Pieces[i + 1].Key, NameOfJoin(i), copy),
            IsFlat: true
        );

    private static EdgeName NameOfJoin(int after) => EdgeName.Join.Part(after + 1);

    private string Whole => char.ToLowerInvariant(_piece.Name[0]) + _piece.Name[1..];

    private Outline Upright(Outline outline) => _pieced.IsAcross ? new(outline.Edges.Select(edge => edge.Turned(3))) : outline;

    private Outline AsDrafted(Outline outline) => _pieced.IsAcross ? new(outline.Edges.Select(edge => edge.Turned(1))) : outline;

    private string Shown(Length length) => _specification.Format.RoundedWithUnit(length);

    /// <summary>The finished widths: as given, and the rest in equal shares; null where they do not fill the piece.</summary>
    private List<Worked>? Widths()
    {
        var size = _stitchLine.Bounds.Width;
        var given = _pieced
            .Parts.Select(
                (part, i) => part.Width is { } width ? Worked.Given(PiecedText.GivenWidth(i + 1), width, QuantitySource.Cover) : null
            )
            .ToList();
        var sum = Worked.Sum(given.OfType<Worked>());
        var shares = given.Count(width => width is null);
        if (shares == 0 ? (sum.Value - size).Abs() > Near : sum.Value >= size)
        {
            Fail(
                "pieced-widths",
                shares == 0
                    ? PiecedText.DoNotFill(Whole, Shown(sum.Value), Shown(size))
                    : PiecedText.NothingLeft(Whole, Shown(sum.Value), Shown(size))
            );
            return null;
        }

        if (shares == 0)
        {
            (sum, shares) = (Worked.Sum(given.SkipLast(1).OfType<Worked>()), 1);
            given[^1] = null;
        }

        var rest = Worked.ReadOff(PiecedText.Finished(Whole, _pieced.IsAcross), size) - sum;
        var widths = given.Select(width => width ?? (rest / shares)).ToList();
        if (widths.MinBy(width => width.Value.Nanometres) is { } least && least.Value < 2 * _join.Value)
        {
            _checks.Add(Check.Warning("strip-narrow", PiecedText.TooNarrow(Whole, Shown(least.Value), Shown(_join.Value)), _measure));
        }

        return widths;
    }

    private List<Piece> Cut(List<Worked> widths)
    {
        var strips = new List<Piece>();
        var from = _stitchLine.Bounds.Left;
        for (var i = 0; i < widths.Count; i++)
        {
            var to = from + widths[i].Value;
            Length? left = i == 0 ? null : from;
            Length? right = i == widths.Count - 1 ? null : to;
            if (Slab.Of(_stitchLine, left, right, NameOfJoin(i - 1), NameOfJoin(i)) is not { } stitched)
            {
                Fail("pieced-shape", PiecedText.CannotBeCutStraight(Whole));
                return [];
            }

            strips.Add(
                Laid(
                    Strip(
                        i,
                        widths[i],
                        stitched,
                        _cutLine.IsConvex
                            ? Slab.Of(_cutLine, left - _join.Value, right + _join.Value, NameOfJoin(i - 1), NameOfJoin(i))
                            : null
                    )
                )
            );
            from = to;
        }

        return strips;
    }

    private Piece Strip(int index, Worked width, Outline stitched, Outline? cut)
    {
        var allowances = stitched
            .Names.Distinct()
            .ToDictionary(edge => edge.Word, edge => _piece.Allowances.GetValueOrDefault(edge, _join.Value));
        var drawn = cut ?? OutlineOffset.Offset(stitched, allowances);
        var wide = cut is null
            ? Worked.ReadOff(PiecedText.OfThisStrip, drawn.Bounds.Width)
            : width
                + Beyond(index == 0, drawn.Bounds.Left - stitched.Bounds.Left, isFirst: true)
                + Beyond(index == _pieced.Parts.Count - 1, stitched.Bounds.Right - drawn.Bounds.Right, isFirst: false);
        var size = _pieced.IsAcross ? _piece.CutWidth : _piece.CutLength;
        var isAsLong = cut is not null && (drawn.Bounds.Height - _cutLine.Bounds.Height).Abs() <= Length.FromNanometres(500);
        var length = isAsLong ? size : Worked.ReadOff(PiecedText.OfThisStrip, drawn.Bounds.Height);
        var outline = AsDrafted(stitched);
        return _piece with
        {
            Key = $"{_piece.Key}-part-{index + 1}",
            Kind = PieceKind.Part,
            Name = PiecedText.Strip(_piece.Name, index + 1),
            CopyRoles = _piece.CopyRoles,
            ClothKey = KeyOf(_pieced.Parts[index]),
            StitchLine = outline,
            Allowances = allowances,
            CutAs = cut is null ? null : AsDrafted(cut),
            CutWidth = _pieced.IsAcross ? length : wide,
            CutLength = _pieced.IsAcross ? wide : length,
            Mirrored = Symmetry.IsLeftRight(outline) ? 0 : _piece.Mirrored,
            Use = PieceUse.Joined,
            CopyTurns = [],
            FaceAt = null,
            Folds = [],
            Rolls = [],
            Marks = [],
        };
    }

    /// <summary>The join's allowance at an inner side; the piece's own at its outermost.</summary>
    private Worked Beyond(bool isOutermost, Length reach, bool isFirst) =>
        isOutermost ? Worked.ReadOff(PiecedText.OuterAllowance(isFirst, _pieced.IsAcross), reach.Abs()) : _join;

    private string? KeyOf(PiecedPart part) =>
        part.Cloth
        ?? _specification.Cloths.KeyOfCloth(
            _piece.CopyRoles[0],
            _piece.Kind,
            _piece.Zones,
            _piece.CopyPlaces.Count == 0 ? 0 : _piece.CopyPlaces[0]
        );

    /// <summary>With the way it lies on its cloth: straight, or a quarter turned where only so it is narrow enough.</summary>
    private Piece Laid(Piece strip)
    {
        var on = _specification.On(strip.ClothKey);
        if (on.UsableWidth is not { } usable || strip.CutWidth.Value <= usable)
        {
            return strip with { Turns = [0, 180] };
        }

        if (on.OneWay || strip.CutLength.Value > usable)
        {
            Fail("piece-wider-than-cloth", PiecedText.WiderThanItsCloth(strip.Name, Shown(strip.CutWidth.Value), Shown(usable)));
        }

        return strip with
        {
            Turns = [90, 270],
        };
    }

    private void Fail(string code, string text) =>
        _checks.Add(Check.Error(code, text, _measure, PiecedReader.Whole(_measure)) with { Concerns = CheckConcern.Cloth });
}
