using Wrapper.Core.Geometry;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>
/// The two strips with the zip between them. The lower is the same piece as the upper, turned half round, so that what is
/// its left end lies where the upper's right end lies.
/// </summary>
internal sealed class ZipBoxingPieces
{
    private readonly BoxingStripLayout _layout;

    public ZipBoxingPieces(BoxingStripLayout layout)
    {
        _layout = layout;
        if (layout.LongestStretch is { } longest)
        {
            Count = Math.Max(1, (int)Math.Ceiling(layout.ZipRun.Value.RatioTo(longest) - 1e-9));
        }
    }

    /// <summary>In how many parts each strip is cut.</summary>
    public int Count { get; } = 1;

    private Length PartLength => _layout.ZipRun.Value / Count;

    public string KeyOf(int part) => Count == 1 ? "zip-boxing" : $"zip-boxing-{part}";

    private Length StartOn(PlanPerimeter perimeter) => perimeter.StartOf(_layout.Plan.Back) - _layout.ZipTurn.Value;

    public void Break(PlanPerimeter perimeter)
    {
        for (var part = 0; part <= Count; part++)
        {
            perimeter.Break(StartOn(perimeter) + (part * _layout.ZipRun.Value / Count));
        }
    }

    /// <summary>The stretches of the upper plate along the zip, each with the part of the strip it is sewn to.</summary>
    public IReadOnlyList<(int Part, PlanSpan Span)> Spans(PlanPerimeter perimeter)
    {
        var x = Length.Zero;
        var spans = new List<(int, PlanSpan)>();
        foreach (var span in perimeter.Between(StartOn(perimeter), StartOn(perimeter) + _layout.ZipRun.Value))
        {
            spans.Add((Math.Min(Count, 1 + (int)Math.Floor((x + (span.Length / 2)).RatioTo(PartLength))), span));
            x += span.Length;
        }

        return spans;
    }

    public IReadOnlyList<Piece> Draw(PlanPerimeter perimeter)
    {
        var spans = Spans(perimeter).ToLookup(entry => entry.Part, entry => entry.Span);
        return [.. Enumerable.Range(1, Count).Select(part => DrawPart(part, [.. spans[part]]))];
    }

    /// <summary>The zip itself, and the joins of its strips.</summary>
    public IEnumerable<Seam> Seams()
    {
        for (var part = 1; part <= Count; part++)
        {
            yield return new(Count == 1 ? "zip" : $"zip-{part}", new(KeyOf(part), "zip"), new(KeyOf(Count + 1 - part), "zip", 2), "zip");
            if (part < Count)
            {
                yield return new($"zip-boxing-join-{part}-upper", new(KeyOf(part), "right"), new(KeyOf(part + 1), "left"));
                yield return new($"zip-boxing-join-{part}-lower", new(KeyOf(part), "right", 2), new(KeyOf(part + 1), "left", 2));
            }
        }
    }

    private Piece DrawPart(int part, List<PlanSpan> spans)
    {
        var height = _layout.Thickness.Value.Half();
        var outline = StripOutline.Draw([.. spans.Select(span => new StripStretch(span.Name, span.Length))], height, "zip", halvedLeft: false, halvedRight: false);
        var cutLength = Count == 1 ? _layout.ZipCutLength : (_layout.ZipRun / Count) + (2 * _layout.Seam);
        return BoxingStrip.Strip(
            _layout,
            "zip-boxing",
            part,
            Count,
            2,
            outline,
            cutLength,
            _layout.ZipCutHeight,
            edge => edge == "zip" ? _layout.ZipTurning.Value : _layout.Seam.Value,
            [.. Marks(spans, height)],
            "Zip boxing");
    }

    private static IEnumerable<Mark> Marks(List<PlanSpan> spans, Length height)
    {
        var x = Length.Zero;
        foreach (var (before, after) in spans.Zip(spans.Skip(1)))
        {
            x += before.Length;
            yield return Mark.At("notch", $"{before.Name} to {after.Name}", new(x, height));
        }

        var length = spans.Aggregate(Length.Zero, (sum, span) => sum + span.Length);
        yield return new("fold", "fold to the middle of the zip", Point.Origin, new(length, Length.Zero));
    }
}
