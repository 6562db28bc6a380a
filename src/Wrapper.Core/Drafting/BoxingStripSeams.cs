using Wrapper.Core.Sewing;

namespace Wrapper.Core.Drafting;

/// <summary>The seams that bring plates, boxing and zip strips together.</summary>
internal static class BoxingStripSeams
{
    /// <summary>The four half-height seams where the boxing meets the ends of the two zip strips.</summary>
    public static IEnumerable<Seam> Ends(int boxingParts, int zipParts)
    {
        string Boxing(int part) => boxingParts == 1 ? "boxing" : $"boxing-{part}";
        string Zip(int part) => zipParts == 1 ? "zip-boxing" : $"zip-boxing-{part}";
        yield return new("end-1-upper", new(Boxing(1), "left-upper"), new(Zip(zipParts), "right"));
        yield return new("end-1-lower", new(Boxing(1), "left-lower"), new(Zip(1), "left", 2));
        yield return new("end-2-upper", new(Boxing(boxingParts), "right-upper"), new(Zip(1), "left"));
        yield return new("end-2-lower", new(Boxing(boxingParts), "right-lower"), new(Zip(zipParts), "right", 2));
    }

    /// <summary>The seams round both plates, with their piping.</summary>
    public static IEnumerable<Seam> Round(
        PlanPerimeter perimeter, PlatePieces plates, BoxingPieces boxing, ZipBoxingPieces zip, BoxingStripLayout layout)
    {
        var onTop = layout.PipedEdges >= 1 ? "piping" : null;
        var onBottom = layout.PipedEdges == 2 ? "piping" : null;
        foreach (var (part, span) in boxing.Spans(perimeter))
        {
            var plate = plates.KeyAt(perimeter, span);
            yield return new($"top-{span.Name}", new(plate, span.Name), new(boxing.KeyOf(part), $"top-{span.Name}"), onTop);
            yield return new($"bottom-{span.Name}", new(plate, span.Name, 2), new(boxing.KeyOf(part), $"bottom-{span.Name}"), onBottom);
        }

        var zipSpans = zip.Spans(perimeter);
        for (var i = 0; i < zipSpans.Count; i++)
        {
            var (part, span) = zipSpans[i];
            var (lowerPart, lowerSpan) = zipSpans[zipSpans.Count - 1 - i];
            var plate = plates.KeyAt(perimeter, span);
            yield return new($"top-{span.Name}", new(plate, span.Name), new(zip.KeyOf(part), $"top-{span.Name}"), onTop);
            yield return new($"bottom-{span.Name}", new(plate, span.Name, 2), new(zip.KeyOf(lowerPart), $"top-{lowerSpan.Name}", 2), onBottom);
        }
    }
}
