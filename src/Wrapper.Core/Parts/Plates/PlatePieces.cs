using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Plates;

/// <summary>
/// The plates of a plan (top and bottom, or a top alone): whole, turned a quarter, or in a middle and two sides where the
/// cloth is too narrow.
/// </summary>
internal sealed class PlatePieces
{
    private readonly ClosedPlan _plan;
    private readonly CoverSpecification _specification;
    private readonly Worked _seam;
    private readonly string _id;
    private readonly string _word;
    private readonly PieceKind _kind;
    private readonly int _perCover;
    private readonly PlateLay _lay;
    private readonly PieceRole? _only;
    private readonly MiddleAndSides? _split;
    private readonly Outline _wholeCut;

    /// <summary>The plates of a plan on the cloth of this specification.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="specification">The cover, on the plates' cloth.</param>
    /// <param name="kind">What they are.</param>
    /// <param name="perCover">How many of one cloth.</param>
    /// <param name="only">The one of two that lie over each other which is cut from this cloth; null for both.</param>
    public PlatePieces(
        ClosedPlan plan,
        CoverSpecification specification,
        PieceKind kind = PieceKind.Plate,
        int perCover = 2,
        PieceRole? only = null
    )
    {
        _only = only;
        _plan = plan;
        _specification = specification;
        _seam = specification.Rules[Rule.Seam];
        _kind = kind;
        (_id, _word) = only is null ? (kind.Word(), kind.Word()) : ($"{kind.Word()}-{only.Word}", $"{only.Word} {kind.Word()}");
        _perCover = only is null ? perCover : 1;
        _wholeCut = OutlineOffset.Offset(plan.Outline, _seam.Value);
        CutWidth = CutSize.Across(plan.Outline, plan.Width, _ => _seam, _wholeCut);
        CutDepth = CutSize.Along(plan.Outline, plan.Depth, _ => _seam, _wholeCut);
        var joins = false;
        if (specification.UsableWidth is { } usable && usable < CutWidth.Value)
        {
            _split = MiddleAndSides.Of(plan.Outline, usable, JoinSeam);
            joins = _split.SplitsInThree(plan.Outline) && WidestSide() <= usable;
        }

        var chooser = new WidePieceLay(specification, _word, CutWidth.Value, CutDepth.Value, joins);
        _lay = chooser.Lay;
        Checks = OutlineOffset.KeepsEdges(plan.Outline, _wholeCut) ? chooser.Checks : [.. chooser.Checks, TooShort()];
    }

    public IReadOnlyList<Check> Checks { get; }

    /// <summary>The whole plate's cut width.</summary>
    public Worked CutWidth { get; }

    private Worked CutDepth { get; }

    public bool IsSplit => _lay == PlateLay.MiddleAndSides;

    /// <summary>The joins it takes to make the plates of all covers alike.</summary>
    public int Joins => IsSplit ? 2 * _perCover * _specification.Count : 0;

    private string Name => char.ToUpperInvariant(_word[0]) + _word[1..];

    private bool IsLower => _only == PieceRole.Bottom;

    private Length JoinSeam => _specification.Rules[Rule.JoinSeam].Value;

    private Length Usable => _specification.UsableWidth!.Value;

    /// <summary>The key of the plate, or of the part of it, that has this stretch of the perimeter.</summary>
    public string KeyAt(PlanPerimeter perimeter, PlanSpan span) => IsSplit ? $"{_id}-{PartAt(perimeter, span)}" : _id;

    public void Break(PlanPerimeter perimeter)
    {
        if (!IsSplit)
        {
            return;
        }

        var start = Length.Zero;
        foreach (var edge in _plan.Outline.Edges)
        {
            foreach (var along in _split!.Crossings(edge))
            {
                perimeter.Break(start + along);
            }

            start += edge.Length;
        }
    }

    public IReadOnlyList<Piece> Draw(PlanPerimeter perimeter) =>
        IsSplit
            ? [.. MiddleAndSides.Parts.Select(part => Part(perimeter, part))]
            : [Plate(_id, Name, new(perimeter.Spans.SelectMany(perimeter.EdgesOf)), CutWidth, _ => _seam.Value)];

    public IEnumerable<Seam> JoinSeams()
    {
        if (!IsSplit)
        {
            yield break;
        }

        for (var copy = 1; copy <= _perCover; copy++)
        {
            var face = copy == 1 && !IsLower ? "top" : "bottom";
            yield return new(
                $"{_kind.Word()}-join-left-{face}",
                new($"{_id}-left", EdgeName.JoinLeft, copy),
                new($"{_id}-middle", EdgeName.JoinLeft, copy),
                IsFlat: true
            );
            yield return new(
                $"{_kind.Word()}-join-right-{face}",
                new($"{_id}-right", EdgeName.JoinRight, copy),
                new($"{_id}-middle", EdgeName.JoinRight, copy),
                IsFlat: true
            );
        }
    }

    private Check TooShort() =>
        Check.Error(
            "edge-too-short-for-seam",
            PartsText.EdgeTooShortForSeam(_specification.Format.RoundedWithUnit(_seam.Value)),
            _specification.Measures.ContainsKey(Measure.CornerRadius) ? "cornerRadius" : "seam"
        );

    private string PartAt(PlanPerimeter perimeter, PlanSpan span) => _split!.PartOf(perimeter.EdgesOf(span).First());

    /// <summary>The middle is as wide as the cloth, or as the finished plate where only its seams are wider than the cloth.</summary>
    private Worked MiddleCut() => Usable <= _plan.Width.Value ? Worked.Given("usable width", Usable, QuantitySource.Cloth) : _plan.Width;

    /// <summary>The wider of the two sides as cut.</summary>
    private Length WidestSide() => Length.Max(_split!.Left - _wholeCut.Bounds.Left, _wholeCut.Bounds.Right - _split.Right) + JoinSeam;

    private Piece Part(PlanPerimeter perimeter, string part)
    {
        var spans = perimeter.Spans.Where(span => PartAt(perimeter, span) == part).SelectMany(perimeter.EdgesOf).ToList();
        var stitchLine = _split!.Closed(spans);
        var named = MiddleAndSides.PartOf(Name, part);
        var plate = Plate($"{_id}-{part}", named.Name, stitchLine, MiddleCut(), edge =>
            edge.Function == EdgeFunction.Join ? JoinSeam : _seam.Value
        );
        plate = plate with { Part = named, CutAs = _split.CutOf(_wholeCut, part, JoinSeam) };
        return plate with
        {
            CutWidth =
                part == "middle"
                    ? plate.CutWidth
                    : CutSize.SideAcross(
                        _plan.Outline,
                        CutWidth,
                        MiddleCut(),
                        _specification.Rules[Rule.JoinSeam],
                        _ => _seam.Value,
                        plate.CutLine
                    ),
            CutLength = CutSize.AlongPart(_plan.Outline, CutDepth, stitchLine, plate.CutLine),
        };
    }

    private Piece Plate(string key, string name, Outline stitchLine, Worked cutWidth, Func<EdgeName, Length> allowance)
    {
        var piece = PieceMaker.Make(_specification, _kind, name, _perCover, stitchLine, cutWidth, CutDepth, allowance);
        return piece with
        {
            Key = key,
            CopyRoles = _only is null ? PieceRole.Usual(_kind, _perCover) : [_only],
            InFacingPairs = _perCover == 2,
            IsTurnedOver = IsLower,
            Mirrored = (_perCover == 1 && !IsLower) || Symmetry.IsLeftRight(stitchLine) ? 0 : _specification.Count,
            Turns = _lay == PlateLay.Turned ? [90, 270] : [0, 180],
        };
    }
}
