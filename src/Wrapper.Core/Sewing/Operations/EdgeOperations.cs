using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Operations;

/// <summary>
/// What is done at edges no seam takes: hems, casings, what is drawn in, buttons, loops, ties, tape under a base. See docs/handbook.md,
/// "Edge finishes".
/// </summary>
/// <param name="cover">The cover.</param>
internal sealed class EdgeOperations(SewingCover cover)
{
    /// <summary>The hems and casings.</summary>
    public IReadOnlyList<Operation> Hems() => [.. HemsOfCover(), .. HemsOfSkirt()];

    /// <summary>What goes through, on or into them.</summary>
    /// <param name="hems">The hems and casings.</param>
    public IEnumerable<Operation> Trims(IReadOnlyList<Operation> hems)
    {
        switch (cover.Edge)
        {
            case LowerEdge.CasingElastic or LowerEdge.StretchedElastic:
                yield return Drawn(
                    hems,
                    NotionKind.Elastic,
                    cover.Edge == LowerEdge.StretchedElastic ? SewingText.StretchElastic : SewingText.ThreadElastic,
                    [StopSign.ElasticNotTwisted]
                );
                break;
            case LowerEdge.Drawstring or LowerEdge.OverlockedCord:
                yield return Drawn(hems, NotionKind.Drawstring, SewingText.ThreadCord, []);
                break;
            case LowerEdge.HookAndLoop:
                yield return Over(hems, OperationKind.Tape, SewingText.TapeUnderBase, 1) with
                {
                    Id = "tape-under-base",
                };
                break;
        }

        foreach (var fastener in Fasteners([.. hems.Where(hem => !hem.Edges.Any(cover.Hemmed.IsRolled))]))
        {
            yield return fastener;
        }

        if (cover.Notion(NotionKind.Strap) is { } strap && hems.Count > 0)
        {
            yield return Over(
                hems,
                OperationKind.Ties,
                SewingText.Straps(cover.PerCover(strap), cover.Said(strap.Length.Value.Millimetres)),
                cover.PerCover(strap)
            ) with
            {
                Id = "ties-straps",
                HeldBy = hems[0].Id,
                After = [],
            };
        }
    }

    private IEnumerable<Operation> Fasteners(IReadOnlyList<Operation> hems)
    {
        if (cover.Notion(NotionKind.Loop) is { } loop && hems.Count > 0)
        {
            yield return Over(
                [hems[0]],
                OperationKind.Loops,
                SewingText.Loops(cover.PerCover(loop), cover.Said(loop.Length.Value.Millimetres)),
                cover.PerCover(loop)
            ) with
            {
                HeldBy = hems[0].Id,
                After = [],
            };
        }

        if (cover.Notion(NotionKind.Button) is { } button && hems.Count > 0)
        {
            var buttons = Over(
                [hems[^1]],
                OperationKind.Buttons,
                SewingText.Buttons(cover.PerCover(button), cover.Said(button.Length.Value.Millimetres)),
                cover.PerCover(button)
            );
            // the sheet's own hem is no operation
            yield return cover.Specification.Choices.HasReadyBack ? OnEdges(buttons, cover.OpenEdges[^1]) : buttons;
        }

        if (cover.Notion(NotionKind.Snap) is { } snap)
        {
            yield return Over(hems, OperationKind.Buttons, SewingText.Snaps(cover.PerCover(snap)), cover.PerCover(snap));
        }

        if (cover.Notion(NotionKind.Pin) is { } pin)
        {
            yield return Over(hems, OperationKind.Buttons, SewingText.Pins, cover.PerCover(pin));
        }
    }

    private Operation OnEdges(Operation fasteners, EdgePath opening) =>
        fasteners with
        {
            Pieces = PieceCopy.Of(opening.Edges),
            Edges = [.. opening.Edges.Where(side => !cover.Hemmed.Has(side))],
        };

    private Operation Drawn(IReadOnlyList<Operation> casings, NotionKind notion, string text, IReadOnlyList<StopSign> stops) =>
        Over(casings, OperationKind.Thread, text, 1) with
        {
            Stops = [StopSign.FitBeforeElastic, .. stops],
            Millimetres = cover.Notion(notion)?.Length.Value.Millimetres,
        };

    /// <summary>Something that lies on hems or casings and comes after them.</summary>
    private Operation Over(IReadOnlyList<Operation> hems, OperationKind kind, string text, int items)
    {
        var edges = hems.SelectMany(hem => hem.Edges).Where(side => !cover.Hemmed.Has(side)).ToList();
        var millimetres = hems.Sum(hem => hem.Millimetres ?? 0);
        return new()
        {
            Id = kind.Word(),
            Kind = kind,
            Pieces =
                hems.Count > 0
                    ? [.. hems.SelectMany(hem => hem.Pieces).Distinct()]
                    : [.. cover.Draft.Pieces.Where(piece => piece.Use == PieceUse.Cover).SelectMany(PieceCopy.AllOf)],
            Edges = edges,
            After = [.. hems.Select(hem => hem.Id)],
            Millimetres = millimetres > 0 ? millimetres : null,
            Minutes = cover.Rates.Of(kind, millimetres, items),
            Text = text,
        };
    }

    private IEnumerable<Operation> HemsOfCover()
    {
        var paths = cover.OpenEdges.Select(WithoutKept).Where(path => path.Edges.Count > 0).ToList();
        if (cover.Specification.Choices.HasReadyBack && cover.Closure is not null)
        {
            return AllRound(paths);
        }

        if (cover.Edge is { } edge)
        {
            return edge == LowerEdge.Skirt ? paths.Where(IsReturn).Select(Return)
                : paths.Exists(IsReturn) ? paths.Select(Return)
                : [Round(edge, paths)];
        }

        return paths
            .Select(path =>
                IsFlat(path) ? Hem(path, Turned.Flat, SewingText.HemFlat(PiecesOf(path))) : Hem(path, Turned.Round, SewingText.HemRound)
            )
            .GroupBy(hem => hem.Turned)
            .SelectMany(Together);
    }

    /// <summary>
    /// Both faces are hemmed all round before they meet a ready sheet, which has hems of its own where it is not cut: at the opening, and
    /// rolled along all else.
    /// </summary>
    private IEnumerable<Operation> AllRound(IReadOnlyList<EdgePath> openings)
    {
        var rolled = cover.PathsOf(cover.Draft.Pieces.Where(piece => piece.Kind == PieceKind.Face), cover.Hemmed.IsRolled);
        return openings
            .Select(path => Hem(path, Turned.Flat, SewingText.HemFlat(PiecesOf(path))))
            .Concat(rolled.Select(path => Hem(path, Turned.Flat, SewingText.HemRolled(PiecesOf(path)))));
    }

    /// <summary>Round hems are sewn in one go; flat ones each by itself.</summary>
    private static IEnumerable<Operation> Together(IGrouping<Turned?, Operation> hems)
    {
        if (hems.Key == Turned.Flat)
        {
            return hems;
        }

        var all = hems.ToList();
        return
        [
            all[0] with
            {
                Id = "hem",
                Pieces = [.. all.SelectMany(hem => hem.Pieces).Distinct()],
                Edges = [.. all.SelectMany(hem => hem.Edges)],
                Points = [.. all.SelectMany(hem => hem.Points).Distinct()],
                Millimetres = all.Sum(hem => hem.Millimetres),
                Minutes = all.Sum(hem => hem.Minutes),
            },
        ];
    }

    private IEnumerable<Operation> HemsOfSkirt()
    {
        var skirt = cover.Draft.Pieces.FirstOrDefault(piece => piece.Use == PieceUse.Hung);
        if (skirt is not null)
        {
            var path = cover.PathsOf([skirt], side => !cover.Taken.Contains(side));
            yield return Together(path.Select(part => Hem(part, Turned.Round, SewingText.HemSkirt)).GroupBy(hem => hem.Turned).First())
                .First() with
            {
                Id = "hem-skirt",
            };
        }
    }

    private Operation Round(LowerEdge edge, IReadOnlyList<EdgePath> paths)
    {
        var isCasing = edge is LowerEdge.CasingElastic or LowerEdge.Drawstring or LowerEdge.OverlockedCord;
        var text = edge switch
        {
            LowerEdge.CasingElastic => SewingText.CasingForElastic,
            LowerEdge.Drawstring => SewingText.CasingForCord,
            LowerEdge.OverlockedCord => SewingText.OverlockOverCord,
            _ => SewingText.HemRound,
        };
        var hems = paths.Select(path => Hem(path, Turned.Round, text)).ToList();
        var kind = isCasing ? OperationKind.Casing : OperationKind.Hem;
        return Together(hems.GroupBy(hem => hem.Turned).First()).First() with
        {
            Id = kind.Word(),
            Kind = kind,
            Stops = isCasing ? [StopSign.FitBeforeElastic] : [],
        };
    }

    private Operation Return(EdgePath path) => Hem(path, Turned.Round, SewingText.HemReturn(PiecesOf(path)));

    private Operation Hem(EdgePath path, Turned turned, string text)
    {
        var millimetres = path.Edges.Sum(side => cover.Pieces[side.Piece].LengthOf(side.Edge).Millimetres);
        return new()
        {
            Id = $"hem-{path.Edges[0].Piece}-{path.Edges[0].Copy}-{path.Edges[0].Edge}",
            Kind = OperationKind.Hem,
            Pieces = PieceCopy.Of(path.Edges),
            Edges = path.Edges,
            Points = [.. path.Points.Distinct()],
            Turned = turned,
            Millimetres = millimetres,
            Minutes = cover.Rates.Of(OperationKind.Hem, millimetres, 1),
            Text = text,
        };
    }

    private string PiecesOf(EdgePath path) => cover.Words.List(PieceCopy.Of(path.Edges));

    private bool IsReturn(EdgePath path) => path.Edges.Any(side => side.Edge.Function == EdgeFunction.Return);

    /// <summary>A kept hem is there already: its edge is cut where it is, or a flap beyond the finished line.</summary>
    private EdgePath WithoutKept(EdgePath path) =>
        path with
        {
            Edges =
            [
                .. path.Edges.Where(side =>
                    cover.Pieces[side.Piece] is not { Kept: not null } piece
                    || !(piece.Allowances[side.Edge].IsZero || (cover.Specification.Choices.HasReadyBack && side.Edge.Side == EdgeSide.End))
                ),
            ],
        };

    /// <summary>
    /// Sides catch its ends: what is closed by buttons, snaps, a flap or ties, an end that is partly sewn shut, and an edge a seam runs
    /// across, as a flange's back in two parts.
    /// </summary>
    private bool IsFlat(EdgePath path)
    {
        if (path.IsRing)
        {
            return false;
        }

        return cover.Hemmed.HasFlap
            || cover.Runs.Passed.Contains(path.Points[0])
            || cover.Runs.Passed.Contains(path.Points[^1])
            || cover.Closure
                is Closure.Buttons
                    or Closure.Snaps
                    or Closure.Overlap
                    or Closure.Ties
                    or Closure.PinnedTail
                    or Closure.HookAndLoop;
    }
}
