using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.WalledTubs;

/// <summary>The top of a tub that comes down over the edge before the walls begin; its corners are cut out or laid in a pleat.</summary>
internal sealed class DroppedTop
{
    private readonly ClosedPlan _plan;
    private readonly Worked _drop;
    private readonly CoverSpecification _specification;
    private readonly Worked _cutWidth;
    private readonly Worked _cutDepth;
    private readonly WidePieceLay _lay;

    public DroppedTop(ClosedPlan plan, Worked drop, CoverSpecification specification)
    {
        (_plan, _drop, _specification) = (plan, drop, specification);
        var seam = specification.Rules[Rule.Seam];
        _cutWidth = plan.Width + (2 * drop) + (2 * seam);
        _cutDepth = plan.Depth + (2 * drop) + (2 * seam);
        _lay = new(specification.In(PieceRole.Top, PieceKind.Top), "top", _cutWidth.Value, _cutDepth.Value, canJoin: false);
        Checks = _lay.Checks;
    }

    public IReadOnlyList<Check> Checks { get; }

    /// <summary>The top, its rims broken where the walls' joins end on them.</summary>
    public Piece Draw(PlanPerimeter perimeter)
    {
        var seam = _specification.Rules[Rule.Seam].Value;
        var (w, d, drop) = (_plan.Width.Value, _plan.Depth.Value, _drop.Value);
        var outline = Pleated ? CrossOutline.Whole(w, d, drop) : CrossOutline.Notched(w, d, drop);
        var edges = new List<Edge>();
        foreach (var edge in outline.Edges)
        {
            var spans = perimeter.Spans.Where(span => span.Whole == edge.Name).ToList();
            var start = spans.Count == 0 ? Length.Zero : spans[0].Start;
            edges.AddRange(
                spans.Count < 2 ? [edge] : spans.Select(span => Partition.Cut(edge, span.Start - start, span.End - start, span.Name))
            );
        }

        return PieceMaker.Make(_specification, PieceKind.Top, "Top", 1, new(edges), _cutWidth, _cutDepth, _ => seam) with
        {
            Folds = [.. CrossOutline.Creases(w, d, drop), .. Pleated ? CrossOutline.CornerLines(w, d, drop) : []],
            Turns = _lay.Turns,
        };
    }

    public IEnumerable<Seam> Seams() => CrossOutline.CornerSeams("top", Pleated).Concat(Pleated ? CrossOutline.EarSeams("top") : []);

    private bool Pleated => _specification.Choices.PleatedTopCorners;
}
