using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>How the upper corners of an upright bag are made.</summary>
internal enum UpperCorners
{
    /// <summary>Opened and sewn across on a line as long as the thickness.</summary>
    Boxed,

    /// <summary>Cut to the curve of the thing.</summary>
    Rounded,

    /// <summary>Left open for a post each.</summary>
    Open,
}

/// <summary>
/// A bag upside down over something upright, open below: one layer with a hem, or two layers joined round the opening. See
/// docs/handbook.md, "Bag upside down".
/// </summary>
internal static class BagOverBack
{
    /// <summary>Drafts the bag.</summary>
    /// <param name="width">Finished width, ease included.</param>
    /// <param name="thickness">Of the thing.</param>
    /// <param name="height">From its lower edge to the top.</param>
    /// <param name="corners">How the upper corners are made.</param>
    /// <param name="corner">The radius of a rounded corner or the width of a post's opening.</param>
    /// <param name="specification">The cover.</param>
    public static ConstructedCover Construct(
        Worked width,
        Worked thickness,
        Worked height,
        UpperCorners corners,
        Worked corner,
        CoverSpecification specification
    )
    {
        var (seam, hem) = (specification.Rules[Rule.Seam], specification.Rules[Rule.Hem]);
        var reversible = specification.Choices.Reversible;
        var lower = reversible ? seam : hem;
        var layers = reversible ? 2 : 1;
        var (cutWidth, cutHeight) = (width + thickness + (2 * seam), height + (thickness / 2) + seam + lower);
        IReadOnlyList<PieceRole> copies = reversible
            ? PieceRole.Halves(PieceRole.Outer, PieceRole.Inner, 4)
            : [PieceRole.FaceFront, PieceRole.FaceBack];
        var lay = new PairedLay(specification, PieceKind.Face, copies, cutWidth.Value, cutHeight.Value);
        List<Check> checks = [.. lay.Checks, .. Noticed(width, thickness, height, corners, corner, specification)];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var (w, h, half) = (width.Value, height.Value, thickness.Value.Half());
        var outline = StitchLine(w, h, half, corners, corner.Value);
        var piece = lay.Turned(
            PieceMaker.Make(specification, PieceKind.Face, "Panel", 2 * layers, outline, cutWidth, cutHeight, edge =>
                edge == EdgeName.Lower ? lower.Value : seam.Value
            ) with
            {
                InFacingPairs = true,
                Folds = corners == UpperCorners.Boxed ? [.. Lines(w, h, half)] : [],
            }
        );
        var opening = (2 * (width + thickness)).Named("opening");
        var isBoxed = corners == UpperCorners.Boxed;
        return new()
        {
            Pieces = [piece],
            Seams =
            [
                .. Enumerable.Range(0, layers).SelectMany(layer => Layer(outline, layer, corners)),
                .. reversible ? Rim(specification.Rules[Rule.Gap].Value) : [],
            ],
            Notions =
            [
                .. isBoxed ? (Notion[])[new(NotionKind.CornerLine, "Corner line", 2 * layers * specification.Count, thickness)] : [],
                .. reversible
                    ? (Notion[])
                        [new(NotionKind.Gap, BagsText.TurningGapClosedByTheEdge, specification.Count, specification.Rules[Rule.Gap])]
                    : [],
            ],
            Finished =
            [
                new("W", "Finished width", width),
                new("T", "Thickness", thickness),
                new("H", "Height", height),
                new("opening", "Lower edge, all round", opening) { IsOpening = true },
            ],
            Checks = checks,
        };
    }

    private static IEnumerable<Check> Noticed(
        Worked width,
        Worked thickness,
        Worked height,
        UpperCorners corners,
        Worked corner,
        CoverSpecification specification
    )
    {
        var format = specification.Format;
        if (corners == UpperCorners.Rounded && (corner.Value > (width.Value + thickness.Value).Half() || corner.Value > height.Value))
        {
            var half = thickness.Value.Half(); // the cover's radius is the back's and half its thickness
            var most = (Length.Min((width.Value + thickness.Value).Half(), height.Value) - half).RoundedDownTo(format.Step);
            yield return Check.Error(
                "corner-radius-too-large",
                BagsText.CornerRadiusTooLarge(format.RoundedWithUnit(corner.Value - half)),
                "cornerRadius",
                new Mend(BagsText.ToCornerRadiusMost(format.RoundedWithUnit(most)), "measures.cornerRadius", format.RoundedWithUnit(most))
            );
        }

        if (corners == UpperCorners.Open && 2 * corner.Value >= width.Value + thickness.Value)
        {
            yield return Check.Error("posts-too-wide", BagsText.PostsTooWide, "postWidth");
        }

        if (
            specification.Choices.Reversible
            && OpeningWidth.Check(specification.Rules[Rule.Gap].Value, PartsText.LowerEdge, (width + thickness).Value, "gap", format)
                is { } tooWide
        )
        {
            yield return tooWide;
        }
    }

    private static Outline StitchLine(Length width, Length height, Length half, UpperCorners corners, Length corner)
    {
        var (all, top) = (width + (2 * half), height + half);
        var zero = Length.Zero;
        switch (corners)
        {
            case UpperCorners.Boxed:
                return Outline.Polygon(
                    (EdgeName.Lower, new(zero, zero)),
                    (EdgeName.Right, new(all, zero)),
                    (EdgeName.Right.As(EdgeFunction.Ear, "ear-a"), new(all, height)),
                    (EdgeName.Right.As(EdgeFunction.Ear, "ear-b"), new(all, top)),
                    (EdgeName.Upper, new(all - half, top)),
                    (EdgeName.Left.As(EdgeFunction.Ear, "ear-a"), new(half, top)),
                    (EdgeName.Left.As(EdgeFunction.Ear, "ear-b"), new(zero, top)),
                    (EdgeName.Left, new(zero, height))
                );
            case UpperCorners.Rounded:
                var (right, left) = (new Point(all - corner, top - corner), new Point(corner, top - corner));
                var edges = new List<Edge> { new(EdgeName.Lower, Point.Origin, new(all, zero)) };
                Add(EdgeName.Right, new(all, zero), new(all, top - corner));
                edges.Add(new(EdgeName.Upper, new(all, top - corner), new(all - corner, top), new Arc(right, true)));
                Add(EdgeName.Upper, new(all - corner, top), new(corner, top));
                edges.Add(new(EdgeName.Upper, new(corner, top), new(zero, top - corner), new Arc(left, true)));
                Add(EdgeName.Left, new(zero, top - corner), Point.Origin);
                return new(edges);

                void Add(EdgeName name, Point from, Point to)
                {
                    if (from != to)
                    {
                        edges.Add(new(name, from, to));
                    }
                }
            default:
                return Outline.Polygon(
                    (EdgeName.Lower, new(zero, zero)),
                    (EdgeName.Right, new(all, zero)),
                    (PostOf(EdgeSide.Right), new(all, top)),
                    (EdgeName.Upper, new(all - corner, top)),
                    (PostOf(EdgeSide.Left), new(corner, top)),
                    (EdgeName.Left, new(zero, top))
                );
        }
    }

    private static IEnumerable<Fold> Lines(Length width, Length height, Length half)
    {
        var (right, all, top) = (half + width, width + (2 * half), height + half);
        var zero = Length.Zero;
        yield return new(CornerOf(EdgeSide.Right), [new(all, height), new(right, height), new(right, top)], TrimsRight: true);
        yield return new(CornerOf(EdgeSide.Left), [new(half, top), new(half, height), new(zero, height)], TrimsRight: true);
        yield return new(CrossOutline.CreaseOf(EdgeSide.Right), [new(right, zero), new(right, height)]);
        yield return new(EdgeName.Called("crease-upper", EdgeName.Upper.At), [new(right, height), new(half, height)]);
        yield return new(CrossOutline.CreaseOf(EdgeSide.Left), [new(half, height), new(half, zero)]);
    }

    private static EdgeName PostOf(EdgeSide side) => EdgeName.Called($"post-{side.Word()}", new(EdgeSide.Post, side));

    private static EdgeName CornerOf(EdgeSide side) => EdgeName.Called($"corner-{side.Word()}", new(side), EdgeFunction.Corner);

    private static IEnumerable<Seam> Layer(Outline outline, int layer, UpperCorners corners)
    {
        var (front, back) = ((2 * layer) + 1, (2 * layer) + 2);
        var suffix = layer == 0 ? "" : "-inside";
        foreach (var edge in outline.Names.Where(edge => edge != EdgeName.Lower && edge.Side != EdgeSide.Post))
        {
            yield return new($"{edge}{suffix}", new("face", edge, front), new("face", edge, back));
        }

        if (corners == UpperCorners.Boxed)
        {
            foreach (var copy in (int[])[front, back])
            {
                foreach (var corner in (EdgeName[])[CornerOf(EdgeSide.Right), CornerOf(EdgeSide.Left)])
                {
                    yield return new($"{corner}-{copy}", new("face", corner.Part(1), copy), new("face", corner.Part(2), copy));
                }
            }
        }
    }

    /// <summary>The layers joined round the opening: the second pushed up inside the first lies face to face with it.</summary>
    private static IEnumerable<Seam> Rim(Length gap)
    {
        yield return new("rim-front", new("face", EdgeName.Lower), new("face", EdgeName.Lower, 4));
        yield return new("rim-back", new("face", EdgeName.Lower, 2), new("face", EdgeName.Lower, 3)) { Gap = gap };
    }
}
