using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>Top and bottom plate: whole, turned a quarter, or in a middle and two sides where the cloth is too narrow.</summary>
internal sealed class PlatePieces
{
    private static readonly string[] Parts = ["left", "middle", "right"];

    private readonly BoxingStripLayout _layout;
    private readonly PlateLay _lay;

    public PlatePieces(BoxingStripLayout layout)
    {
        _layout = layout;
        var wholeCut = OutlineOffset.Offset(layout.Plan.Outline, layout.Plan.Outline.Edges.ToDictionary(edge => edge.Name, _ => layout.Seam.Value));
        CutWidth = Extent("width", layout.Plan.Width, wholeCut.Bounds.Width);
        CutDepth = Extent("depth", layout.Plan.Depth, wholeCut.Bounds.Height);
        var joins = layout.Specification.UsableWidth is { } usable && usable < CutWidth.Value && MiddleStitched.IsPositive && SideCut().Value <= usable;
        var chooser = new WidePieceLay(layout.Specification, "plate", CutWidth.Value, CutDepth.Value, joins);
        _lay = chooser.Lay;
        Checks = chooser.Checks;
    }

    public IReadOnlyList<Check> Checks { get; }

    /// <summary>The whole plate's cut width.</summary>
    public Worked CutWidth { get; }

    private Worked CutDepth { get; }

    public bool IsSplit => _lay == PlateLay.MiddleAndSides;

    private Length JoinSeam => _layout.Specification.Rules["joinSeam"].Value;

    private Length Usable => _layout.Specification.UsableWidth!.Value;

    /// <summary>A full width in the middle; less where the sides would otherwise be slivers that cannot be sewn.</summary>
    private Length MiddleStitched => Length.Min(Usable - (2 * JoinSeam), _layout.Plan.Outline.Bounds.Width - (2 * JoinSeam));

    private (Length Left, Length Right) Cuts
    {
        get
        {
            var bounds = _layout.Plan.Outline.Bounds;
            var left = bounds.Left + (bounds.Width - MiddleStitched).Half();
            return (left, left + MiddleStitched);
        }
    }

    /// <summary>The key of the plate, or of the part of it, that has this stretch of the perimeter.</summary>
    public string KeyAt(PlanPerimeter perimeter, PlanSpan span) => IsSplit ? $"plate-{PartAt(perimeter, span)}" : "plate";

    public void Break(PlanPerimeter perimeter)
    {
        if (!IsSplit)
        {
            return;
        }

        foreach (var edge in _layout.Plan.Outline.Edges)
        {
            foreach (var x in (Length[])[Cuts.Left, Cuts.Right])
            {
                var (low, high) = (Length.Min(edge.Start.X, edge.End.X), Length.Max(edge.Start.X, edge.End.X));
                if (x > low && x < high)
                {
                    var share = (x - edge.Start.X).RatioTo(edge.End.X - edge.Start.X);
                    perimeter.Break(perimeter.StartOf(edge.Name) + edge.Length.Times(share));
                }
            }
        }
    }

    public IReadOnlyList<Piece> Draw(PlanPerimeter perimeter) => IsSplit
        ? [.. Parts.Select(part => Part(perimeter, part))]
        : [Plate("plate", "Plate", new(perimeter.Spans.Select(perimeter.EdgeOf)), CutWidth, _ => _layout.Seam.Value)];

    public IEnumerable<Seam> JoinSeams()
    {
        if (!IsSplit)
        {
            yield break;
        }

        for (var copy = 1; copy <= 2; copy++)
        {
            var face = copy == 1 ? "top" : "bottom";
            yield return new($"plate-join-left-{face}", new("plate-left", "join-left", copy), new("plate-middle", "join-left", copy));
            yield return new($"plate-join-right-{face}", new("plate-right", "join-right", copy), new("plate-middle", "join-right", copy));
        }
    }

    /// <summary>A cut size as the finished size and its seams, or as the mitred corners make it where sides slant.</summary>
    private Worked Extent(string name, Worked finished, Length cut)
    {
        var plain = finished + (2 * _layout.Seam);
        return (plain.Value - cut).Abs() <= Length.FromNanometres(4)
            ? plain
            : finished + Worked.Given($"mitred corners in {name}", cut - finished.Value, QuantitySource.Worked);
    }

    private string PartAt(PlanPerimeter perimeter, PlanSpan span)
    {
        var edge = perimeter.EdgeOf(span);
        var middle = (edge.Start.X + edge.End.X).Half();
        return middle < Cuts.Left ? "left" : middle > Cuts.Right ? "right" : "middle";
    }

    private Worked SideCut() =>
        ((CutWidth - Worked.Given("usable width", Usable, QuantitySource.Cloth)) / 2) + (2 * _layout.Specification.Rules["joinSeam"]);

    private Piece Part(PlanPerimeter perimeter, string part)
    {
        var edges = new List<Edge>();
        var spans = perimeter.Spans.Where(span => PartAt(perimeter, span) == part).Select(perimeter.EdgeOf).ToList();
        for (var i = 0; i < spans.Count; i++)
        {
            edges.Add(spans[i]);
            var next = spans[(i + 1) % spans.Count];
            if (spans[i].End != next.Start)
            {
                var onLeft = (spans[i].End.X - Cuts.Left).Abs() < (spans[i].End.X - Cuts.Right).Abs();
                edges.Add(new(onLeft ? "join-left" : "join-right", spans[i].End, next.Start));
            }
        }

        var cutWidth = part == "middle" ? Worked.Given("usable width", Usable, QuantitySource.Cloth) : SideCut();
        return Plate(
            $"plate-{part}",
            part == "middle" ? "Plate, middle" : $"Plate, {part} side",
            new(edges),
            cutWidth,
            edge => edge.StartsWith("join-", StringComparison.Ordinal) ? JoinSeam : _layout.Seam.Value);
    }

    private Piece Plate(string key, string name, Outline stitchLine, Worked cutWidth, Func<string, Length> allowance)
    {
        var count = _layout.Specification.Count;
        var allowances = stitchLine.Edges.ToDictionary(edge => edge.Name, edge => allowance(edge.Name));
        var cut = OutlineOffset.Offset(stitchLine, allowances).Bounds;
        return new()
        {
            Key = key,
            Id = "plate",
            Name = name,
            PerCover = 2,
            Quantity = 2 * count,
            Mirrored = Symmetry.IsLeftRight(stitchLine) ? 0 : count,
            CutWidth = AsDrawn(cutWidth, cut.Width),
            CutLength = AsDrawn(CutDepth, cut.Height),
            StitchLine = stitchLine,
            Allowances = allowances,
            Turns = _lay == PlateLay.Turned ? [90, 270] : [0, 180],
            Marks = [.. Marks(stitchLine)],
        };
    }

    /// <summary>The worked size, or what the cut line measures where the side part of a slanted plate ends short of the whole.</summary>
    private static Worked AsDrawn(Worked worked, Length drawn) =>
        (worked.Value - drawn).Abs() <= Length.FromNanometres(10) ? worked : Worked.Given("measured on the cut line", drawn, QuantitySource.Worked);

    private static IEnumerable<Mark> Marks(Outline stitchLine)
    {
        foreach (var edge in stitchLine.Edges)
        {
            var breaksAnEdge = edge.Name.Contains('-', StringComparison.Ordinal) && !edge.Name.StartsWith("join", StringComparison.Ordinal) && !edge.Name.EndsWith("-1", StringComparison.Ordinal);
            if (breaksAnEdge)
            {
                yield return Mark.At("notch", $"start of {edge.Name}", edge.Start);
            }
        }
    }
}
