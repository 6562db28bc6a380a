using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>
/// The way into a closed bag, in its back edge: a gap sewn up by hand, wide enough for a hand, or the whole edge for foam;
/// a zip; or ties.
/// </summary>
internal sealed class BagWayIn
{
    private readonly CoverSpecification _specification;
    private readonly Length _back;

    public BagWayIn(Worked whole, Worked thickness, CoverSpecification specification)
    {
        (_specification, _back) = (specification, whole.Value);
        var rules = specification.Rules;
        Opening =
            IsZip ? (whole - (2 * rules[Rule.ZipClear])).Named("zip opening")
            : specification.Choices.Closure == Closure.Ties || (thickness.Value.IsPositive && !rules.Says(Rule.Gap)) ? whole
            : rules[Rule.Gap];
    }

    public Worked Opening { get; }

    /// <summary>What is caught in the seam of the way in.</summary>
    public Caught? Takes => IsZip ? Caught.Zip : null;

    private bool IsZip => _specification.Choices.Closure == Closure.Zip;

    public Worked BackAllowance(Worked seam) => IsZip ? _specification.Rules[Rule.Zip] : seam;

    /// <summary>The outline with its back edge broken where the way in begins and ends.</summary>
    public Outline Break(Outline outline, EdgeName back)
    {
        var perimeter = new PlanPerimeter(outline);
        var shut = (_back - Opening.Value).Half();
        if (shut > Length.FromMillimetres(0.1m))
        {
            perimeter.Break(perimeter.StartOf(back) + shut);
            perimeter.Break(perimeter.EndOf(back) - shut);
        }

        return new(perimeter.Spans.SelectMany(span => perimeter.EdgesOf(span).Select(edge => edge with { Name = NameOf(span, back) })));
    }

    public IEnumerable<Check> Checks() =>
        OpeningWidth.Check(Opening.Value, PartsText.BackEdge, _back, IsZip ? "zipClear" : "gap", _specification.Format) is { } tooWide
            ? [tooWide]
            : [];

    public IEnumerable<Notion> Notions()
    {
        var count = _specification.Count;
        switch (_specification.Choices.Closure)
        {
            case Closure.Zip:
                yield return new(NotionKind.ZipClosedEnd, "Closed-end zip, teeth", count, Opening);
                break;
            case Closure.Ties:
                yield return new(NotionKind.Tie, "Ties, at the back corners", 4 * count, _specification.Rules[Rule.Tie]);
                break;
            default:
                yield return new(NotionKind.Gap, "Gap, sewn up by hand", count, Opening);
                break;
        }
    }

    /// <summary>The back edge is the way in, or has it in the second of its three parts.</summary>
    private static EdgeName NameOf(PlanSpan span, EdgeName back) =>
        span.Whole != back ? span.Name
        : span.Name.Number is 0 or 2 ? back.As(EdgeFunction.WayIn, "way-in")
        : back.As(EdgeFunction.BesideWayIn, span.Name.Number == 1 ? "w-right" : "w-left");
}
