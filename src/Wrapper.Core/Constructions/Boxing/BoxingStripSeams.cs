using Wrapper.Core.Catalogue;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>The seams that bring plates, boxing and zip strips together.</summary>
internal static class BoxingStripSeams
{
    /// <summary>The four half-height seams where the boxing meets the ends of the two zip strips.</summary>
    public static IEnumerable<Seam> Ends(BoxingPieces boxing, ZipBoxingPieces zip)
    {
        var (first, last) = (boxing.KeyOf(1), boxing.KeyOf(boxing.Count));
        yield return new("end-1-upper", new(first, EdgeName.Of(EdgeSide.Left, EdgeLayer.Upper)), zip.Upper(zip.Count, EdgeName.Right));
        yield return new("end-1-lower", new(first, EdgeName.Of(EdgeSide.Left, EdgeLayer.Lower)), zip.Lower(1, EdgeName.Left));
        yield return new("end-2-upper", new(last, EdgeName.Of(EdgeSide.Right, EdgeLayer.Upper)), zip.Upper(1, EdgeName.Left));
        yield return new("end-2-lower", new(last, EdgeName.Of(EdgeSide.Right, EdgeLayer.Lower)), zip.Lower(zip.Count, EdgeName.Right));
    }

    /// <summary>The seams round both plates, with their piping.</summary>
    public static IEnumerable<Seam> Round(
        PlanPerimeter perimeter,
        PlatePair plates,
        BoxingPieces boxing,
        ZipBoxingPieces zip,
        BoxingStripLayout layout
    )
    {
        Caught? onTop = layout.PipedEdges >= 1 ? Caught.Piping : null;
        Caught? onBottom = layout.PipedEdges == 2 ? Caught.Piping : null;
        var wayIn = layout.HasZip ? null : WayIn(perimeter, layout);
        foreach (var (part, span) in boxing.Spans(perimeter))
        {
            yield return new(
                $"top-{span.Name}",
                plates.OnTop(perimeter, span),
                new(boxing.KeyOf(part), StripOutline.Long(EdgeSide.Top, span.Name)),
                onTop
            );
            yield return new(
                $"bottom-{span.Name}",
                plates.OnBottom(perimeter, span),
                new(boxing.KeyOf(part), StripOutline.Long(EdgeSide.Bottom, span.Name)),
                onBottom
            )
            {
                Gap = span == wayIn ? layout.Specification.Rules[Rule.Gap].Value : Length.Zero,
            };
        }

        var zipSpans = layout.HasZip ? zip.Spans(perimeter) : [];
        for (var i = 0; i < zipSpans.Count; i++)
        {
            var (part, span) = zipSpans[i];
            var (lowerPart, lowerSpan) = zipSpans[zipSpans.Count - 1 - i];
            yield return new(
                $"top-{span.Name}",
                plates.OnTop(perimeter, span),
                new(zip.KeyOf(part), StripOutline.Long(EdgeSide.Top, span.Name)),
                onTop
            );
            yield return new(
                $"bottom-{span.Name}",
                plates.OnBottom(perimeter, span),
                zip.Lower(lowerPart, StripOutline.Long(EdgeSide.Top, lowerSpan.Name)),
                onBottom
            );
        }
    }

    /// <summary>
    /// Where no closure is, the seam round the bottom plate is left open for the filling: along the back, where it is longest.
    /// </summary>
    private static PlanSpan WayIn(PlanPerimeter perimeter, BoxingStripLayout layout) =>
        perimeter.Spans.OrderBy(span => span.Whole == layout.Plan.Back ? 0 : 1).ThenByDescending(span => span.Length).First();
}
