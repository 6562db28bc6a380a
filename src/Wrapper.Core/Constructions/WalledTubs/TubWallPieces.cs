using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.WalledTubs;

/// <summary>
/// The walls of a tub: one for each side of a rectangle, those across from each other alike unless something stands in the
/// way of one; a ring round a disc or an oval.
/// </summary>
internal sealed class TubWallPieces
{
    /// <summary>The one side of a disc or an oval.</summary>
    private static readonly EdgeName Ring = EdgeName.Of(EdgeSide.Ring);

    private readonly ClosedPlan _plan;
    private readonly TubDepth _depth;
    private readonly CoverSpecification _specification;
    private readonly Worked _seam;
    private readonly bool _openCorners;

    public TubWallPieces(ClosedPlan plan, TubDepth depth, CoverSpecification specification)
    {
        _plan = plan;
        _depth = depth;
        _specification = specification;
        _seam = specification.Rules[Rule.Seam];
        _openCorners = depth.Under.Value.IsPositive && !TubWalls.HoldsIn(specification) && !plan.IsSmooth;
        Height = depth.Drop - depth.TopDrop + depth.Under;
        CutHeight = Height + _seam + specification.Rules[Rule.Hem];
        Checks = [.. Noticed()];
    }

    public IReadOnlyList<Check> Checks { get; }

    /// <summary>The joins it takes to make the walls of all covers alike.</summary>
    public int Joins => Sides().Sum(side => Parts(side) - 1) * _specification.Count;

    /// <summary>The finished length of the hem edge before it is drawn in.</summary>
    public Worked Opening =>
        _specification.Obstacles.Count == 0
            ? _plan.IsSmooth
                ? _plan.Perimeter
                : Worked.Sum(_plan.Outline.Names.Select(name => _plan.Edges[name])).Named("opening")
            : Worked.ReadOff(
                "hem edge, with its curves",
                Sides()
                    .Aggregate(Length.Zero, (sum, side) =>
                        sum + HemOf(side, LengthOf(side).Value).Aggregate(Length.Zero, (length, edge) => length + edge.Length)
                    )
            );

    private Worked Height { get; }

    private Worked CutHeight { get; }

    /// <summary>The cover as this side sees it, on its own cloth: cloths take turns from the front round to the left.</summary>
    private CoverSpecification On(EdgeName side) => _specification.In(PieceRole.Wall, PieceKind.Wall, null, PlaceOf(side));

    private Length? Longest(EdgeName side) => On(side).UsableWidth is { } usable && !StripsDown(side) ? usable - (2 * _seam.Value) : null;

    private bool StripsDown(EdgeName side) => _specification.Choices.Strips == StripDirection.Down && !On(side).OneWay;

    private static int PlaceOf(EdgeName side) =>
        side.Side switch
        {
            EdgeSide.Left => 1,
            EdgeSide.Back => 2,
            EdgeSide.Right => 3,
            _ => 0,
        };

    private bool IsLikeItsOpposite(EdgeName side) =>
        _specification.Cloths.KeyFor(PieceRole.Wall, PieceKind.Wall, null, PlaceOf(side))
        == _specification.Cloths.KeyFor(PieceRole.Wall, PieceKind.Wall, null, (PlaceOf(side) + 2) % 4);

    /// <summary>The lower edges of all walls, in their order round the plan.</summary>
    public IEnumerable<SeamSide> Hems() =>
        Sides()
            .SelectMany(side =>
                Enumerable.Range(1, Parts(side)).Select(part => new SeamSide(KeyOf(side, part), EdgeName.Hem, CopyOf(side)))
            );

    public void Break(PlanPerimeter perimeter)
    {
        foreach (var side in Sides())
        {
            for (var part = 1; part < Parts(side); part++)
            {
                perimeter.Break(StartOf(perimeter, side) + (part * LengthOf(side).Value / Parts(side)));
            }
        }
    }

    public IReadOnlyList<Piece> Draw(PlanPerimeter perimeter)
    {
        var pieces = new List<Piece>();
        foreach (var side in Sides())
        {
            if (IsTwin(side))
            {
                continue;
            }

            var twins = Sides().Count(other => KeyOf(other, 1) == KeyOf(side, 1));
            for (var part = 1; part <= Parts(side); part++)
            {
                pieces.Add(DrawPart(perimeter, side, part, twins));
            }
        }

        return pieces;
    }

    public IEnumerable<Seam> Seams(PlanPerimeter perimeter, Func<PlanSpan, string> topAt)
    {
        Caught? takes = _specification.Choices.Piping == Piping.None ? null : Caught.Piping;
        var sides = Sides();
        for (var i = 0; i < sides.Count; i++)
        {
            var (side, next) = (sides[i], sides[(i + 1) % sides.Count]);
            for (var part = 1; part <= Parts(side); part++)
            {
                foreach (var span in SpansOf(perimeter, side, part))
                {
                    yield return new(
                        $"top-{span.Name}",
                        new(topAt(span), span.Name),
                        new(KeyOf(side, part), UpperEdge(span, side), CopyOf(side)),
                        takes
                    );
                }

                if (part < Parts(side))
                {
                    yield return new(
                        $"wall-join-{side}-{part}",
                        new(KeyOf(side, part), EdgeName.Right, CopyOf(side)),
                        new(KeyOf(side, part + 1), EdgeName.Left, CopyOf(side)),
                        IsFlat: !_plan.IsSmooth
                    );
                }
            }

            yield return new(
                $"corner-{side}",
                new(KeyOf(side, Parts(side)), EdgeName.Right, CopyOf(side)),
                new(KeyOf(next, 1), EdgeName.Left, CopyOf(next))
            )
            {
                At = side.At,
            };
        }
    }

    /// <summary>The sides in their order round the plan; a smooth one is a single side.</summary>
    private List<EdgeName> Sides() => _plan.IsSmooth ? [Ring] : [.. _plan.Outline.Names];

    private bool IsTwin(EdgeName side) => CopyOf(side) == 2;

    private bool HasTwin(EdgeName side) =>
        side != Ring
        && IsLikeItsOpposite(side)
        && !_specification.Obstacles.Any(obstacle => IsAcross(obstacle.Side) == IsAcross(side.Side));

    private int CopyOf(EdgeName side) => side.Side is EdgeSide.Back or EdgeSide.Left && HasTwin(side) ? 2 : 1;

    private string KeyOf(EdgeName side, int part)
    {
        var name =
            side == Ring ? "wall"
            : !HasTwin(side) ? $"wall-{side}"
            : IsAcross(side.Side) ? "wall-1"
            : "wall-2";
        return Parts(side) == 1 ? name : $"{name}-part-{part}";
    }

    private Worked LengthOf(EdgeName side) => side == Ring ? _plan.Perimeter : _plan.Edges[side];

    private Length StartOf(PlanPerimeter perimeter, EdgeName side) =>
        side == Ring ? perimeter.StartOf(_plan.Back) : perimeter.StartOf(side);

    private int Parts(EdgeName side) => StripParts.Of(LengthOf(side).Value, Longest(side));

    /// <summary>The stretch of the wall's upper edge; a wall that is cut twice is called after neither of its sides.</summary>
    private EdgeName UpperEdge(PlanSpan span, EdgeName side) =>
        !HasTwin(side) ? StripOutline.Long(EdgeSide.Top, span.Name)
        : span.Name.Number == 0 ? EdgeName.Top
        : EdgeName.Top.Part(span.Name.Number);

    private static bool IsAcross(EdgeSide side) => side is EdgeSide.Front or EdgeSide.Back;

    private IEnumerable<PlanSpan> SpansOf(PlanPerimeter perimeter, EdgeName side, int part)
    {
        var start = StartOf(perimeter, side);
        var (from, to) = ((part - 1) * LengthOf(side).Value / Parts(side), part * LengthOf(side).Value / Parts(side));
        return perimeter
            .Spans.Where(span => side == Ring || span.Whole == side)
            .Select(span => (Span: span, Middle: perimeter.Wrapped(span.Start - start) + span.Length.Half()))
            .Where(entry => entry.Middle > from && entry.Middle < to)
            .OrderBy(entry => entry.Middle)
            .Select(entry => entry.Span);
    }

    private List<Edge> HemOf(EdgeName side, Length length)
    {
        // Seen from outside, the left end of a side is where the plan, running counter-clockwise, comes to it.
        var obstacles = _specification.Obstacles.Where(obstacle => obstacle.Side == side.Side);
        return [.. HemLine.Draw(EdgeName.Hem, length, Height.Value, obstacles)];
    }

    private Piece DrawPart(PlanPerimeter perimeter, EdgeName side, int part, int twins)
    {
        var spans = SpansOf(perimeter, side, part).ToList();
        var (length, height, under) = (
            spans.Aggregate(Length.Zero, (sum, span) => sum + span.Length),
            Height.Value,
            _openCorners ? _depth.Under.Value : Length.Zero
        );
        var hem = Parts(side) == 1 ? HemOf(side, length) : [new Edge(EdgeName.Hem, Point.Origin, new(length, Length.Zero))];
        var edges = new List<Edge>(hem);
        // at a join the return is sewn too
        var (underRight, underLeft) = (part == Parts(side) ? under : Length.Zero, part == 1 ? under : Length.Zero);
        if (underRight.IsPositive)
        {
            edges.Add(new(EdgeName.Right.As(EdgeFunction.Return, "return"), new(length, Length.Zero), new(length, under)));
        }

        edges.Add(new(EdgeName.Right, new(length, underRight), new(length, height)));
        var x = length;
        foreach (var span in Enumerable.Reverse(spans))
        {
            edges.Add(new(UpperEdge(span, side), new(x, height), new(x - span.Length, height)));
            x -= span.Length;
        }

        edges[^1] = edges[^1] with { End = new(Length.Zero, height) };
        edges.Add(new(EdgeName.Left, new(Length.Zero, height), new(Length.Zero, underLeft)));
        if (underLeft.IsPositive)
        {
            edges.Add(new(EdgeName.Left.As(EdgeFunction.Return, "return"), new(Length.Zero, under), Point.Origin));
        }

        var whole = LengthOf(side) + (2 * _seam);
        var cutLength = Parts(side) == 1 ? whole : (LengthOf(side) / Parts(side)) + (2 * _seam);
        var hemAllowance = _specification.Rules[Rule.Hem].Value;
        var piece = PieceMaker.Make(
            _specification,
            PieceKind.Wall,
            NumberOf(side, part)?.Name ?? NameOf(side),
            twins,
            new(edges),
            cutLength,
            CutHeight,
            edge => edge == EdgeName.Hem ? hemAllowance : _seam.Value
        );
        return piece with
        {
            Key = KeyOf(side, part),
            PartName = PartOf(side, part),
            Part = NumberOf(side, part),
            CopyPlaces = [.. Enumerable.Repeat(PlaceOf(side), twins)],
            Turns = StripsDown(side) ? [90, 270] : [0, 180],
            Folds = under.IsPositive
                ? [new(EdgeName.Called("return-fold", EdgePlace.None), [new(length, under), new(Length.Zero, under)])]
                : [],
            Rolls = _plan.IsSmooth ? [new(AlongX: true, Length.Zero, length)] : [],
            Marks = [new(MarkKind.Top, "top", new(length.Half(), height), new(length.Half(), height))],
        };
    }

    private string NameOf(EdgeName side) =>
        side == Ring ? "Wall"
        : !HasTwin(side) ? $"Wall, {side}"
        : IsAcross(side.Side) ? "Wall, front and back"
        : "Wall, left and right";

    private NumberedPart? NumberOf(EdgeName side, int part) =>
        Parts(side) == 1 ? null : new(WalledTubsText.PartsOf(NameOf(side)), part, Parts(side));

    private string? PartOf(EdgeName side, int part) => Parts(side) == 1 ? null : WalledTubsText.PartOf(part, Parts(side));

    private IEnumerable<Check> Noticed()
    {
        var format = _specification.Format;
        if (Sides().Select(Longest).Min() is { } longest && longest < Length.FromMillimetres(50m))
        {
            yield return Check.Error("cloth-too-narrow-for-strips", WalledTubsText.ClothTooNarrowForStrips, "seam");
        }

        if (!(_depth.Drop.Value - _depth.TopDrop.Value).IsPositive)
        {
            yield return Check.Error(
                "top-drop-too-deep",
                WalledTubsText.TopDropTooDeep,
                "topDrop",
                new Mend(WalledTubsText.ToNoTopDrop, "measures.topDrop", "0")
            );
        }

        foreach (var side in Sides())
        {
            foreach (
                var check in HemLine.Checks(
                    side,
                    LengthOf(side).Value,
                    Height.Value,
                    _specification.Obstacles.Where(obstacle => obstacle.Side == side.Side),
                    format
                )
            )
            {
                yield return check;
            }
        }

        if (_plan.IsSmooth && _specification.Obstacles.Count > 0)
        {
            yield return Check.Error("obstacles-on-a-curve", WalledTubsText.ObstaclesOnACurve, "obstacles");
        }
        else if (_specification.Obstacles.Count > 0 && Sides().Exists(side => Parts(side) > 1))
        {
            yield return Check.Error(
                "obstacles-on-joined-wall",
                WalledTubsText.ObstaclesOnJoinedWall,
                "strips",
                new Mend(CommonText.ToLayStripsDownTheRoll, "options.strips", "down")
            );
        }
    }
}
