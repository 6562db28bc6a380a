using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Constructions.Boxing;

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
        Count = StripParts.Of(layout.ZipRun.Value, layout.LongestStretch(PieceKind.ZipBoxing)?.Value);
    }

    /// <summary>In how many parts each strip is cut.</summary>
    public int Count { get; }

    private Length PartLength => _layout.ZipRun.Value / Count;

    /// <summary>Upper and lower strip are two different pieces where tape laps instead of a zip that meets.</summary>
    private bool Differ => _layout.HasTape;

    public string KeyOf(int part) => (Differ ? "zip-boxing-over" : "zip-boxing") + (Count == 1 ? "" : $"-{part}");

    /// <summary>An edge of the upper strip.</summary>
    public SeamSide Upper(int part, EdgeName edge) => new(KeyOf(part), edge);

    /// <summary>An edge of the lower strip, which is turned half round.</summary>
    public SeamSide Lower(int part, EdgeName edge) =>
        Differ ? new("zip-boxing-under" + (Count == 1 ? "" : $"-{part}"), edge) : new(KeyOf(part), edge, 2);

    private Length StartOn(PlanPerimeter perimeter) => perimeter.StartOf(_layout.Plan.Back) - _layout.ZipTurn.Value;

    public void Break(PlanPerimeter perimeter)
    {
        if (!_layout.HasZip)
        {
            return;
        }

        for (var part = 0; part <= Count; part++)
        {
            perimeter.Break(StartOn(perimeter) + (part * _layout.ZipRun.Value / Count));
        }
    }

    /// <summary>
    /// Breaks the zip's stretch as far from its one end as from its other, because the lower strip is the upper turned half round.
    /// </summary>
    public void BreakAlike(PlanPerimeter perimeter)
    {
        if (!_layout.HasZip)
        {
            return;
        }

        var done = Length.Zero;
        foreach (var (_, span) in Spans(perimeter))
        {
            perimeter.Break(StartOn(perimeter) + _layout.ZipRun.Value - done);
            done += span.Length;
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
        if (!_layout.HasZip)
        {
            return [];
        }

        var spans = Spans(perimeter).ToLookup(entry => entry.Part, entry => entry.Span);
        var parts = Enumerable.Range(1, Count);
        return Differ
            ?
            [
                .. parts.Select(part => DrawPart(perimeter, part, [.. spans[part]], "over")),
                .. parts.Select(part => DrawPart(perimeter, part, Turned(perimeter, part), "under")),
            ]
            : [.. parts.Select(part => DrawPart(perimeter, part, [.. spans[part]], null))];
    }

    /// <summary>The lower strip's stretches: what is its left end lies where the upper's right end lies.</summary>
    private List<PlanSpan> Turned(PlanPerimeter perimeter, int part)
    {
        var all = Spans(perimeter);
        return [.. all.Where(entry => entry.Part == part).Select(entry => entry.Span)];
    }

    /// <summary>The zip itself, and the joins of its strips.</summary>
    public IEnumerable<Seam> Seams()
    {
        for (var part = 1; _layout.HasZip && part <= Count; part++)
        {
            yield return new(
                Count == 1 ? "zip" : $"zip-{part}",
                Upper(part, EdgeName.Zip),
                Lower(Count + 1 - part, EdgeName.Zip),
                Differ ? Caught.HookAndLoop : Caught.Zip
            );
            if (part < Count)
            {
                yield return new($"zip-boxing-join-{part}-upper", Upper(part, EdgeName.Right), Upper(part + 1, EdgeName.Left));
                yield return new($"zip-boxing-join-{part}-lower", Lower(part, EdgeName.Right), Lower(part + 1, EdgeName.Left));
            }
        }
    }

    private Piece DrawPart(PlanPerimeter perimeter, int part, List<PlanSpan> spans, string? side)
    {
        var height = _layout.Thickness.Value.Half();
        var outline = StripOutline.Draw(
            [.. spans.Select(span => new StripStretch(span.Name, span.Length))],
            height,
            EdgeName.Zip,
            halvedLeft: false,
            halvedRight: false
        );
        var cutLength = Count == 1 ? _layout.ZipCutLength : (_layout.ZipRun / Count) + (2 * _layout.Seam);
        var cutHeight = side == "under" ? _layout.UnderFlapHeight : _layout.OverFlapHeight;
        var turning = cutHeight.Value - height - _layout.Seam.Value;
        var (folds, rolls) = BendsOf(perimeter, part, outline.Bounds.Width, height);
        var piece = BoxingStrip.Strip(
            _layout,
            PieceKind.ZipBoxing,
            part,
            Count,
            side is null ? 2 : 1,
            outline,
            cutLength,
            cutHeight,
            edge => edge == EdgeName.Zip ? turning : _layout.Seam.Value,
            [.. Marks(spans, height)],
            side switch
            {
                "over" => "Tape boxing, over-flap",
                "under" => "Tape boxing, under-flap",
                _ => "Zip boxing",
            }
        ) with
        {
            Folds = folds,
            Rolls = rolls,
        };
        return side is null ? piece : piece with { Key = side == "over" ? KeyOf(part) : Lower(part, EdgeName.Zip).Piece };
    }

    /// <summary>
    /// Where a part of the strip bends. The lower strip is the upper turned half round, so that what bends so far from the
    /// one end of the whole strip bends as far from its other.
    /// </summary>
    private (IReadOnlyList<Fold> Folds, IReadOnlyList<Roll> Rolls) BendsOf(PlanPerimeter perimeter, int part, Length width, Length height)
    {
        var (all, rolled) = StripBends.Of(perimeter, [.. Spans(perimeter).Select(entry => entry.Span)], Length.Zero, height);
        var (run, start, near) = (_layout.ZipRun.Value, (part - 1) * _layout.ZipRun.Value / Count, Length.FromMillimetres(0.01m));
        var places = new List<Length>();
        foreach (var place in all.SelectMany(fold => (Length[])[fold.Through[0].X, run - fold.Through[0].X]).Select(x => x - start))
        {
            if (place > near && place < width - near && !places.Exists(other => (other - place).Abs() < near))
            {
                places.Add(place);
            }
        }

        var folds = places.Select(
            (x, i) => new Fold(EdgeName.Called($"fold-{i + 1}", EdgePlace.None), [new(x, Length.Zero), new(x, height)])
        );
        var rolls = rolled
            .SelectMany(roll => (Roll[])[roll, new(AlongX: true, run - roll.To, run - roll.From)])
            .Select(roll => new Roll(AlongX: true, Length.Max(roll.From - start, Length.Zero), Length.Min(roll.To - start, width)))
            .Where(roll => roll.From < roll.To);
        return ([.. folds], [.. rolls]);
    }

    private static IEnumerable<Mark> Marks(List<PlanSpan> spans, Length height)
    {
        var x = Length.Zero;
        foreach (var (before, after) in spans.Zip(spans.Skip(1)))
        {
            x += before.Length;
            yield return Mark.At(MarkKind.Notch, $"{before.Name} to {after.Name}", new(x, height));
        }

        var length = spans.Aggregate(Length.Zero, (sum, span) => sum + span.Length);
        yield return new(MarkKind.Fold, BoxingText.FoldToTheMiddle, Point.Origin, new(length, Length.Zero));
    }
}
