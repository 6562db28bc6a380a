using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Poufs;

/// <summary>
/// A soft cube whose top and bottom come over its edges, its sides held by strips round the corners. See docs/handbook.md, "Wrapped cube".
/// </summary>
public static class PoufWrapped
{
    /// <summary>The construction's id.</summary>
    public const string Id = "pouf-wrapped";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Wrapped cube",
            "Top and bottom come over the edges, strips go round the corners.",
            "rounded corners, strips between the sides",
            "filled through a gap or zip",
            "filling has to come out first",
            "a loose filling, cloths in contrast"
        )
        {
            Choices = [Choice.Plates, Choice.Closure],
        };

    /// <summary>Drafts the cover of a cube.</summary>
    internal static ConstructedCover Construct(Worked size, Worked wrap, CoverSpecification specification)
    {
        var (seam, format) = (specification.Rules[Rule.Seam], specification.Format);
        var (a, w) = (size.Value, wrap.Value);
        var side = size - (2 * wrap);
        if (!side.Value.IsPositive)
        {
            return new()
            {
                Checks =
                [
                    Check.Error(
                        "wrap-too-deep",
                        PoufsText.WrapTooDeep(format.RoundedWithUnit(w), format.RoundedWithUnit(a)),
                        "wrap",
                        new Mend(PoufsText.ToATenthOfTheSize, "measures.wrap", format.RoundedWithUnit((a / 10).RoundedTo(format.Step)))
                    ),
                ],
            };
        }

        var cutTop = size + (2 * wrap) + (2 * seam);
        var lay = new PairedLay(specification, PieceKind.Top, [PieceRole.Top, PieceRole.Bottom], cutTop.Value, cutTop.Value);
        if (lay.Checks.HasError())
        {
            return new() { Checks = lay.Checks };
        }

        var gap =
            specification.Choices.Closure == Closure.Zip
                ? side.Named("zip")
                : size.TimesNumber(specification.Rules.Number(NumberRule.GapShare)).Named("gap");
        return new()
        {
            Pieces = [lay.Turned(Top(size, wrap, cutTop, specification)), Strip(side, wrap, specification), Wall(side, specification)],
            Seams = [.. Seams(specification.Choices.Closure, gap.Value)],
            Notions =
            [
                specification.Choices.Closure == Closure.Zip
                    ? new(NotionKind.Zip, "Zip, in a lower seam", specification.Count, gap)
                    : new(NotionKind.Gap, "Gap, sewn up by hand", specification.Count, gap),
                new(NotionKind.DartSquare, PoufsText.DartSquareMarkedAtEachCorner, 8 * specification.Count, wrap + seam),
            ],
            Finished = [new("A", "Finished cube", size), new("ring", "Ring of sides and strips", (4 * size).Named("ring"))],
            Checks = lay.Checks,
        };
    }

    /// <summary>Top and bottom: a cross whose corners are sewn to dart squares.</summary>
    private static Piece Top(Worked size, Worked wrap, Worked cut, CoverSpecification specification)
    {
        var (a, w, seam) = (size.Value, wrap.Value, specification.Rules[Rule.Seam].Value);
        var outline = InThirds(CrossOutline.Whole(a, a, w), w);
        return PieceMaker.Make(specification, PieceKind.Top, "Top and bottom", 2, outline, cut, cut, _ => seam) with
        {
            InFacingPairs = true,
            Folds = [.. CrossOutline.CornerLines(a, a, w), .. CrossOutline.Creases(a, a, w)],
            Marks =
            [
                new(MarkKind.Dart, "dart square, front left", new(Length.Zero, w), new(w, w)),
                new(MarkKind.Dart, "dart square, front right", new(a + w, w), new(a + (2 * w), w)),
            ],
        };
    }

    /// <summary>The halves of a strip's ends, to either side of its crease.</summary>
    private static readonly EdgeName FirstHalf = EdgeName.Called("1", EdgePlace.None);

    private static readonly EdgeName SecondHalf = EdgeName.Called("2", EdgePlace.None);

    /// <summary>The strip that goes round an upright edge, creased down its middle.</summary>
    private static Piece Strip(Worked side, Worked wrap, CoverSpecification specification)
    {
        var (w, seam) = (wrap.Value, specification.Rules[Rule.Seam]);
        var outline = StripOutline.Draw([new(FirstHalf, w), new(SecondHalf, w)], side.Value, null, halvedLeft: false, halvedRight: false);
        return PieceMaker.Make(specification, PieceKind.Strip, "Strip", 4, outline, (2 * wrap) + (2 * seam), side + (2 * seam), _ =>
            seam.Value
        ) with
        {
            Folds = [new(EdgeName.Called("crease", EdgePlace.None), [new(w, Length.Zero), new(w, side.Value)])],
            CopyPlaces = [3, 2, 1, 0],
        };
    }

    private static Piece Wall(Worked side, CoverSpecification specification)
    {
        var seam = specification.Rules[Rule.Seam];
        var (outline, cut) = (PieceMaker.Rectangle(side.Value, side.Value), side + (2 * seam));
        return PieceMaker.Make(specification, PieceKind.Side, "Side", 4, outline, cut, cut, _ => seam.Value) with
        {
            CopyPlaces = [0, 3, 2, 1],
        };
    }

    /// <summary>
    /// The ring: side, strip, side, strip; top and bottom are sewn to it, each of their sides to half a strip, a side and half a strip.
    /// </summary>
    private static IEnumerable<Seam> Seams(Closure? closure, Length gap)
    {
        foreach (var copy in (int[])[1, 2])
        {
            foreach (var seam in CrossOutline.CornerSeams("top", opened: true, copy).Concat(CrossOutline.EarSeams("top", copy)))
            {
                yield return seam;
            }
        }

        for (var face = 1; face <= 4; face++)
        {
            var (name, before, next) = (EdgeName.Round[face - 1], face == 1 ? 4 : face - 1, (face % 4) + 1);
            foreach (
                var (copy, level, edge) in ((int, EdgeSide, EdgeName)[])
                    [(1, EdgeSide.Top, EdgeName.Back), (2, EdgeSide.Bottom, EdgeName.Front)]
            )
            {
                yield return new(
                    $"{level.Word()}-{name}-1",
                    new("top", name.Part(1), copy),
                    new("strip", StripOutline.Long(level, SecondHalf), before)
                );
                var isWayIn = level == EdgeSide.Bottom && name == EdgeName.Back;
                yield return new(
                    $"{level.Word()}-{name}-2",
                    new("top", name.Part(2), copy),
                    new("side", edge, face),
                    closure == Closure.Zip && isWayIn ? Caught.Zip : null
                )
                {
                    Gap = isWayIn && closure != Closure.Zip ? gap : Length.Zero,
                };
                yield return new(
                    $"{level.Word()}-{name}-3",
                    new("top", name.Part(3), copy),
                    new("strip", StripOutline.Long(level, FirstHalf), face)
                );
            }

            yield return new($"ring-{name}-1", new("side", EdgeName.Right, face), new("strip", EdgeName.Left, face));
            yield return new($"ring-{name}-2", new("strip", EdgeName.Right, face), new("side", EdgeName.Left, next));
        }
    }

    /// <summary>Each side of a rim broken where the strips end on it.</summary>
    private static Outline InThirds(Outline outline, Length wrap)
    {
        var edges = new List<Edge>();
        foreach (var edge in outline.Edges)
        {
            if (!EdgeName.Round.Contains(edge.Name))
            {
                edges.Add(edge);
                continue;
            }

            edges.Add(Partition.Cut(edge, Length.Zero, wrap, edge.Name.Part(1)));
            edges.Add(Partition.Cut(edge, wrap, edge.Length - wrap, edge.Name.Part(2)));
            edges.Add(Partition.Cut(edge, edge.Length - wrap, edge.Length, edge.Name.Part(3)));
        }

        return new(edges);
    }
}
