using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.NotchedTubs;

/// <summary>One piece with its corners cut out, open underneath. See docs/handbook.md, "Tub in one piece".</summary>
public static class TubNotched
{
    /// <summary>The construction's id.</summary>
    public const string Id = "tub-notched";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Tub in one piece",
            "Corners cut out, open underneath: fewest seams.",
            "plain, soft corners",
            "pulled over and drawn in",
            "off in a moment, dries flat",
            "least sewing, cloth that gives"
        )
        {
            GoesRoundObstacles = true,
            Choices = [Choice.Plates, Choice.Edge, Choice.Notch],
        };

    /// <summary>Drafts the cover of a rectangle.</summary>
    /// <param name="width">Finished width.</param>
    /// <param name="depth">Finished depth.</param>
    /// <param name="fall">What hangs below the top.</param>
    /// <param name="hem">All folds of the hem or casing.</param>
    /// <param name="specification">The cover.</param>
    internal static ConstructedCover Construct(Worked width, Worked depth, TubDepth fall, Worked hem, CoverSpecification specification)
    {
        var seam = specification.Rules[Rule.Seam];
        var full = specification.Choices.FullWallNotch;
        var wall = (fall.Drop + fall.Under + hem).Named("wall");
        var (cutWidth, cutDepth) = (width + (2 * wall), depth + (2 * wall));
        var (w, d, hang) = full
            ? (width - (2 * seam), depth - (2 * seam), fall.Drop + fall.Under + seam)
            : (width, depth, fall.Drop + fall.Under);
        var opening = (2 * (w + d)).Named("opening");
        var finish = new EdgeFinish(specification, opening);
        var onTop = specification.In(PieceRole.Top, PieceKind.Top);
        var lay = new WidePieceLay(onTop, "top", cutWidth.Value, cutDepth.Value, canJoin: true);
        List<Check> checks = [.. lay.Checks, .. finish.Checks(), .. Noticed(wall, w, d, hang, full, specification)];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var hems = (Func<EdgeName, Length>)(edge => edge.Function == EdgeFunction.Seam ? hem.Value : seam.Value);
        var outline = Outline(w.Value, d.Value, hang.Value, specification);
        var whole = PieceMaker.Make(specification, PieceKind.Top, "Top", 1, outline, cutWidth, cutDepth, hems) with
        {
            Folds = [.. CrossOutline.Creases(w.Value, d.Value, hang.Value)],
            Turns = lay.Turns,
        };
        var parts =
            lay.Lay == PlateLay.MiddleAndSides
                ? SheetSplit.Of(
                    whole,
                    w + (2 * hang),
                    onTop,
                    [.. outline.Names.Where(name => name.Function == EdgeFunction.Corner).Select(name => name.Word)]
                )
                : SheetSplit.None(whole);
        checks.AddRange(parts.Checks);
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        return new()
        {
            Pieces = parts.Pieces,
            Seams = [.. parts.Joins, .. CrossOutline.CornerSeams("top", opened: false).Select(parts.Moved)],
            Notions = [.. finish.Notions()],
            Finished =
            [
                new("W", "Finished width", w),
                new("D", "Finished depth", d),
                new("wall", "Wall, with its hem", wall),
                new("notch", "Corner notch, square", full ? wall : wall - seam),
                new("opening", CommonText.EdgeBeforeItIsDrawn, opening) { IsOpening = true },
            ],
            Checks = checks,
            Joins = parts.Joins.Count * specification.Count,
        };
    }

    private static Length OpenEdges(Outline outline) =>
        ((string[])["front", "right", "back", "left"]).Aggregate(Length.Zero, (sum, side) => sum + outline.LengthOf(side));

    private static IEnumerable<Check> Noticed(
        Worked wall,
        Worked width,
        Worked depth,
        Worked hang,
        bool full,
        CoverSpecification specification
    )
    {
        var (format, seam) = (specification.Format, specification.Rules[Rule.Seam].Value);
        if (!width.Value.IsPositive || !depth.Value.IsPositive)
        {
            yield return Check.Error(
                "nothing-left",
                NotchedTubsText.NothingLeft,
                "notch",
                new Mend(NotchedTubsText.ToCountTheSeam, "options.notch", "seam-counted")
            );
        }

        if (wall.Value <= seam)
        {
            yield return Check.Error("notch-too-small", NotchedTubsText.NotchTooSmall(format.RoundedWithUnit(wall.Value)), "seam");
        }
        else if (full)
        {
            yield return Check.Note(
                "notch-full-wall",
                NotchedTubsText.NotchFullWall(format.RoundedWithUnit(wall.Value), format.RoundedWithUnit(2 * seam)),
                "notch",
                new Mend(NotchedTubsText.ToCountTheSeam, "options.notch", "seam-counted")
            );
        }

        foreach (
            var (side, length) in ((EdgeSide, Length)[])
                [(EdgeSide.Front, width.Value), (EdgeSide.Right, depth.Value), (EdgeSide.Back, width.Value), (EdgeSide.Left, depth.Value)]
        )
        {
            foreach (
                var check in HemLine.Checks(
                    side.Word(),
                    length,
                    hang.Value,
                    specification.Obstacles.Where(obstacle => obstacle.Side == side),
                    format
                )
            )
            {
                yield return check;
            }
        }
    }

    /// <summary>The cross, its flaps' edges easing up over what stands in their way.</summary>
    private static Outline Outline(Length width, Length depth, Length hang, CoverSpecification specification)
    {
        var cross = CrossOutline.Notched(width, depth, hang);
        if (specification.Obstacles.Count == 0)
        {
            return cross;
        }

        var edges = new List<Edge>();
        foreach (var edge in cross.Edges)
        {
            var obstacles = specification.Obstacles.Where(obstacle => edge.Name.At == new EdgePlace(obstacle.Side)).ToList();
            edges.AddRange(
                obstacles.Count == 0
                    ? [edge]
                    : HemLine
                        .Draw(edge.Name, edge.Length, hang, obstacles)
                        .Select(part =>
                            part.Turned(
                                    edge.Name.Side switch
                                    {
                                        EdgeSide.Right => 1,
                                        EdgeSide.Back => 2,
                                        EdgeSide.Left => 3,
                                        _ => 0,
                                    }
                                )
                                .Moved(edge.Start.X, edge.Start.Y)
                        )
            );
        }

        return new(edges);
    }
}
