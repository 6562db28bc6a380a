using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>
/// The boxing: from one end of the zip round the sides and the front to its other end, seen from outside with the top up,
/// in one piece or joined.
/// </summary>
internal sealed class BoxingPieces
{
    private readonly BoxingStripLayout _layout;
    private readonly JoinPlan _joins;
    private readonly List<Check> _checks = [];

    public BoxingPieces(BoxingStripLayout layout)
    {
        _layout = layout;
        _joins = PlanJoins();
        Warn();
    }

    public IReadOnlyList<Check> Checks => _checks;

    public int Count => _joins.Places.Count + 1;

    private Length PocketDepth => 2 * _layout.Lap.Value;

    /// <summary>The place on the perimeter where the boxing begins: where the zip ends.</summary>
    public Length StartOn(PlanPerimeter perimeter) =>
        perimeter.EndOf(_layout.Plan.Back) + (_layout.HasZip ? _layout.ZipTurn.Value : Length.Zero);

    private Length EndOn(PlanPerimeter perimeter) =>
        _layout.HasZip ? perimeter.StartOf(_layout.Plan.Back) - _layout.ZipTurn.Value : StartOn(perimeter);

    public void Break(PlanPerimeter perimeter)
    {
        perimeter.Break(StartOn(perimeter));
        perimeter.Break(EndOn(perimeter));
        foreach (var place in _joins.Places)
        {
            perimeter.Break(StartOn(perimeter) + place.Value - PocketDepth);
        }
    }

    /// <summary>The stretches of the plan each part of the boxing is sewn to, with the part's number from 1.</summary>
    public IEnumerable<(int Part, PlanSpan Span)> Spans(PlanPerimeter perimeter)
    {
        var part = 1;
        var x = PocketDepth;
        foreach (var span in perimeter.Between(StartOn(perimeter), EndOn(perimeter)))
        {
            while (part < Count && x >= _joins.Places[part - 1].Value - PlanPerimeter.Near)
            {
                part++;
            }

            yield return (part, span);
            x += span.Length;
        }
    }

    public string KeyOf(int part) => Count == 1 ? "boxing" : $"boxing-{part}";

    public IReadOnlyList<Piece> Draw(PlanPerimeter perimeter)
    {
        var spans = Spans(perimeter).ToLookup(entry => entry.Part, entry => entry.Span);
        return [.. Enumerable.Range(1, Count).Select(part => DrawPart(perimeter, part, [.. spans[part]]))];
    }

    /// <summary>The joins; and where there is no zip, the seam that closes the ring.</summary>
    public IEnumerable<Seam> JoinSeams()
    {
        for (var part = 1; part < Count; part++)
        {
            yield return new($"boxing-join-{part}", new(KeyOf(part), EdgeName.Right), new(KeyOf(part + 1), EdgeName.Left));
        }

        if (!_layout.HasZip)
        {
            yield return new("ring", new(KeyOf(Count), EdgeName.Right), new(KeyOf(1), EdgeName.Left));
        }
    }

    /// <summary>The pocket's lap lies double: its out and back are caught together in the seams of the plates.</summary>
    public IEnumerable<Seam> PocketSeams()
    {
        if (_layout.Lap.Value.IsZero)
        {
            yield break;
        }

        foreach (var side in (EdgeSide[])[EdgeSide.Top, EdgeSide.Bottom])
        {
            yield return new(
                $"pocket-1-{side.Word()}",
                new(KeyOf(1), StripOutline.Long(side, LapOf(1, EdgeLayer.Under))),
                new(KeyOf(1), StripOutline.Long(side, LapOf(1, EdgeLayer.Over)))
            )
            {
                IsLaid = true,
            };
            yield return new(
                $"pocket-2-{side.Word()}",
                new(KeyOf(Count), StripOutline.Long(side, LapOf(2, EdgeLayer.Over))),
                new(KeyOf(Count), StripOutline.Long(side, LapOf(2, EdgeLayer.Under)))
            )
            {
                IsLaid = true,
            };
        }
    }

    /// <summary>A layer of the lap of a slide pocket.</summary>
    private static EdgeName LapOf(int pocket, EdgeLayer layer) =>
        EdgeName.Called($"pocket-{pocket}-{layer.Word()}", new(EdgeSide.Pocket, Layer: layer), EdgeFunction.Lap);

    private JoinPlan PlanJoins()
    {
        if (_layout.LongestStretch(PieceKind.Boxing) is not { } longest)
        {
            return JoinPlan.None;
        }

        var plan = new PlanPerimeter(_layout.Plan.Outline);
        var start = StartOn(plan);
        var frontStart = (2 * _layout.Lap) + FromZipToFront();
        var snapped = Snapped(Joins(longest));
        return FitsCloth(snapped, longest.Value)
            ? snapped
            : Snapped(Joins(longest - Worked.ReadOff("a hair, for a join beside a corner", PlanPerimeter.Near)));

        // A join a hair beside a corner is at the corner; where that makes its part longer than the cloth, all give that hair.
        JoinPlan Snapped(JoinPlan joins) => joins with { Places = [.. joins.Places.Select(OnToCorner)] };

        Worked OnToCorner(Worked place)
        {
            var at = plan.AtBreak(start + place.Value - PocketDepth) - start + PocketDepth;
            return at == place.Value ? place : place + Worked.ReadOff("on to the corner a hair beside it", at - place.Value);
        }

        JoinPlan Joins(Worked most) =>
            new BoxingJoins
            {
                Strip = _layout.BoxingStitched,
                FrontStart = frontStart,
                FrontEnd = frontStart + _layout.Plan.Edges[_layout.Plan.Front],
                Longest = most,
                ClearOfEnds = (2 * _layout.Lap) + _layout.Seam,
                BackCorners = _layout.ZipTurn.Value.IsNegative
                    ? ((2 * _layout.Lap) - _layout.ZipTurn, _layout.BoxingStitched - (2 * _layout.Lap) + _layout.ZipTurn)
                    : null,
            }.Place();
    }

    /// <summary>The way from the end of the zip round to where the front begins.</summary>
    private Worked FromZipToFront()
    {
        var names = _layout.Plan.Outline.Names.ToList();
        var way = _layout.HasZip ? -_layout.ZipTurn : Worked.Zero;
        for (var i = names.IndexOf(_layout.Plan.Back) + 1; names[i % names.Count] != _layout.Plan.Front; i++)
        {
            way += _layout.Plan.Edges[names[i % names.Count]];
        }

        return way;
    }

    private bool FitsCloth(JoinPlan joins, Length longest) =>
        joins
            .Places.Append(_layout.BoxingStitched)
            .Zip(joins.Places.Prepend(Worked.Zero), (to, from) => to.Value - from.Value)
            .All(part => part <= longest);

    private void Warn()
    {
        var choices = _layout.Specification.Choices;
        if (_joins.OnFront)
        {
            _checks.Add(
                Check.Warning(
                    "join-on-front",
                    BoxingText.JoinOnFront,
                    "strips",
                    _layout.On(PieceKind.Boxing).OneWay ? [] : [new(CommonText.ToLayStripsDownTheRoll, "options.strips", "down")]
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                    Brief = BoxingText.FrontJoined,
                }
            );
        }
        else if (_layout.StripsDown(PieceKind.Boxing) && choices.Strips is null)
        {
            _checks.Add(
                Check.Note(
                    "strips-down",
                    BoxingText.StripsDown,
                    "strips",
                    new Mend(BoxingText.ToAcrossTheRollJoined, "options.strips", "across")
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                    Brief = BoxingText.StripsDownBriefly,
                }
            );
        }
        else if (
            choices.Strips == StripDirection.Down
            && (_layout.On(PieceKind.Boxing).OneWay || (_layout.HasZip && _layout.On(PieceKind.ZipBoxing).OneWay))
        )
        {
            _checks.Add(
                Check.Error(
                    "turned-on-nap",
                    BoxingText.TurnedOnNap,
                    "strips",
                    new Mend(BoxingText.ToLayStripsAcross, "options.strips", "across")
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                }
            );
        }
    }

    private Piece DrawPart(PlanPerimeter perimeter, int part, List<PlanSpan> spans)
    {
        var lap = _layout.Lap.Value;
        var stretches = spans.Select(span => new StripStretch(span.Name, span.Length)).ToList();
        if (part == 1 && !lap.IsZero)
        {
            stretches.InsertRange(0, [new(LapOf(1, EdgeLayer.Under), lap), new(LapOf(1, EdgeLayer.Over), lap)]);
        }

        if (part == Count && !lap.IsZero)
        {
            stretches.AddRange([new(LapOf(2, EdgeLayer.Over), lap), new(LapOf(2, EdgeLayer.Under), lap)]);
        }

        var height = _layout.Thickness.Value;
        var outline = StripOutline.Draw(
            stretches,
            height,
            null,
            halvedLeft: part == 1 && _layout.HasZip,
            halvedRight: part == Count && _layout.HasZip
        );
        var bends = StripBends.Of(perimeter, spans, part == 1 ? PocketDepth : Length.Zero, height);
        var pocket = PocketFolds(part, height).ToList(); // a pocket that ends at a corner bends there already
        return BoxingStrip.Strip(
            _layout,
            PieceKind.Boxing,
            part,
            Count,
            1,
            outline,
            CutLength(part),
            _layout.BoxingCutHeight,
            _ => _layout.Seam.Value,
            [.. Marks(stretches, height)],
            "Boxing"
        ) with
        {
            Folds =
            [
                .. bends.Folds.Where(bend => !pocket.Exists(fold => (fold.Through[0].X - bend.Through[0].X).Abs() < PlanPerimeter.Near)),
                .. pocket,
            ],
            Rolls = bends.Rolls,
        };
    }

    private IEnumerable<Fold> PocketFolds(int part, Length height)
    {
        if (_layout.Lap.Value.IsZero)
        {
            yield break;
        }

        var lap = _layout.Lap.Value;
        if (part == 1)
        {
            yield return Upright(EdgeName.Called("pocket-fold-1", new(EdgeSide.Pocket)), lap);
            yield return Upright(EdgeName.Called("pocket-end-1", new(EdgeSide.Pocket)), 2 * lap);
        }

        if (part == Count)
        {
            var end = _layout.BoxingStitched.Value - (part == 1 ? Length.Zero : _joins.Places[part - 2].Value);
            yield return Upright(EdgeName.Called("pocket-fold-2", new(EdgeSide.Pocket)), end - lap);
            yield return Upright(EdgeName.Called("pocket-end-2", new(EdgeSide.Pocket)), end - (2 * lap));
        }

        Fold Upright(EdgeName name, Length x) => new(name, [new(x, Length.Zero), new(x, height)]);
    }

    /// <summary>The cut length of a part: the whole strip, the cloth's width, or what is left, each with its two seams.</summary>
    private Worked CutLength(int part)
    {
        if (Count == 1)
        {
            return _layout.BoxingCutLength;
        }

        var from = part == 1 ? Worked.Zero : _joins.Places[part - 2];
        var to = part == Count ? _layout.BoxingStitched : _joins.Places[part - 1];
        return to - from + (2 * _layout.Seam);
    }

    private static IEnumerable<Mark> Marks(List<StripStretch> stretches, Length height)
    {
        var x = Length.Zero;
        for (var i = 0; i < stretches.Count; i++)
        {
            if (i > 0)
            {
                var (before, after) = (stretches[i - 1].Name, stretches[i].Name);
                if (before.Function == EdgeFunction.Lap && after.Function == EdgeFunction.Lap)
                {
                    yield return new(MarkKind.Fold, "pocket fold", new(x, Length.Zero), new(x, height));
                }
                else
                {
                    yield return Mark.At(MarkKind.Notch, $"{before} to {after}", new(x, Length.Zero));
                    yield return Mark.At(MarkKind.Notch, $"{before} to {after}", new(x, height));
                }
            }

            x += stretches[i].Length;
        }
    }
}
