using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>
/// A flat bag open at one end: faces in one drop, in equal widths, or in a full middle and two sides where the cloth is
/// narrow. Every drop has its own hem and seam. See docs/handbook.md, "Bedding".
/// </summary>
internal static class BagOpenEnd
{
    /// <summary>Drafts the bag.</summary>
    public static ConstructedCover Construct(Worked measured, Worked length, CoverSpecification specification)
    {
        var sheet = specification.Choices.HasReadyBack ? new ReadySheet(measured, specification) : null;
        var width = sheet?.Width ?? measured;
        var end = new OpenEnd(width, specification);
        var (side, closed) = (specification.Rules[Rule.SideSeam], specification.Rules[Rule.ClosedEnd]);
        var cutLengths = (Front: length + closed + end.Front, Back: length + closed + end.Back);
        var back = end.IsAlike ? "Back face" : "Back face, with flap";
        var cuts = sheet is null
            ? (
                Front: new FaceCut(PieceRole.FaceFront, "Front face", cutLengths.Front, end.Front) { Side = side, Closed = closed },
                Back: new FaceCut(PieceRole.FaceBack, back, cutLengths.Back, end.Back) { Side = side, Closed = closed }
            )
            : (Front: sheet.Front(length, end), Back: sheet.Back(length, end));
        var cloths = (
            Front: specification.Cloths.KeyFor(PieceRole.FaceFront, PieceKind.Face),
            Back: specification.Cloths.KeyFor(PieceRole.FaceBack, PieceKind.Face)
        );
        var cutWidth = width + (2 * cuts.Front.Side);
        var drops = new FaceDrops(cutWidth, specification.On(cloths.Front), cuts.Front.Side);
        var backDrops =
            sheet is not null ? FaceDrops.Whole(sheet.Sheet, specification)
            : cloths.Front == cloths.Back ? drops
            : new FaceDrops(cutWidth, specification.On(cloths.Back));
        List<Check> checks =
        [
            .. drops.Checks,
            .. ReferenceEquals(drops, backDrops) ? [] : backDrops.Checks,
            .. sheet?.Checks(length, end) ?? [],
        ];
        if (!end.Opening.Value.IsPositive)
        {
            checks.Add(Check.Error("no-opening", BagsText.NoOpening, "openingShare"));
        }

        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var pieces = new List<Piece>();
        var seams = new List<Seam>();
        if (!ReferenceEquals(drops, backDrops))
        {
            var faces = new TwoClothFaces((drops, backDrops), width, end, cuts);
            pieces.AddRange(faces.Draw(length.Value, specification));
            seams.AddRange(faces.Seams());
        }
        else if (drops.Parts.Count == 1)
        {
            Whole(width, length, side, closed, end, cutWidth, cutLengths, specification, pieces, seams);
        }
        else
        {
            JoinedFaces.Draw(drops, length, side, closed, end, cutLengths, specification, pieces, seams);
        }

        var notions = new List<Notion>(end.Notions());
        if (specification.Choices.Closure == Closure.Ties)
        {
            var facing = PieceMaker.Rectangle(width.Value, specification.Rules[Rule.Hem].Value);
            pieces.Add(
                PieceMaker.Make(
                    specification,
                    PieceKind.Facing,
                    "Facing for the opening end",
                    2,
                    facing,
                    cutWidth,
                    specification.Rules[Rule.Hem] + (2 * side),
                    _ => side.Value
                ) with
                {
                    Use = PieceUse.Applied,
                    Cloth = ClothRole.Lining,
                }
            );
            seams.AddRange(FacingSeams(pieces));
        }

        return new()
        {
            Pieces = pieces,
            Seams = seams,
            Notions = notions,
            Finished =
            [
                new("W", "Finished width", width),
                new("L", "Finished length", length),
                new("faceCutLength", "Each drop, cut", cuts.Front.CutLength),
                new("opening", "Opening", end.Opening) { IsOpening = true },
            ],
            Checks = checks,
            Joins = (drops.Parts.Count + backDrops.Parts.Count - 2) * specification.Count,
        };
    }

    private static void Whole(
        Worked width,
        Worked length,
        Worked side,
        Worked closed,
        OpenEnd end,
        Worked cutWidth,
        (Worked Front, Worked Back) cut,
        CoverSpecification specification,
        List<Piece> pieces,
        List<Seam> seams
    )
    {
        var (w, l, shut) = (width.Value, length.Value, end.Shut.Value);
        List<(EdgeName, Point)> corners = [(EdgeName.Closed, Point.Origin), (EdgeName.Right, new(w, Length.Zero))];
        if (shut.IsPositive)
        {
            corners.AddRange([(EdgeName.EndRight, new(w, l)), (EdgeName.End, new(w - shut, l)), (EdgeName.EndLeft, new(shut, l))]);
        }
        else
        {
            corners.Add((EdgeName.End, new(w, l)));
        }

        corners.Add((EdgeName.Left, new(Length.Zero, l)));
        var outline = Outline.Polygon(corners);
        var front = Face(
            specification,
            end.IsAlike ? "Face" : "Front face",
            end.IsAlike ? 2 : 1,
            outline,
            cutWidth,
            cut.Front,
            side,
            closed,
            end.Front
        ) with
        {
            InFacingPairs = end.IsAlike,
        };
        pieces.Add(end.IsAlike ? front : front with { Key = "face-1" });
        if (!end.IsAlike)
        {
            pieces.Add(
                Face(specification, "Back face, with flap", 1, outline, cutWidth, cut.Back, side, closed, end.Back) with
                {
                    Key = "face-2",
                    CopyRoles = [PieceRole.FaceBack],
                    InFacingPairs = false,
                    Mirrored = specification.Count,
                }
            );
        }

        foreach (var edge in outline.Names)
        {
            if (edge != EdgeName.End || end.IsSewn)
            {
                // The back of two different faces is drawn as seen from outside, so that its left lies behind the front's right.
                var other = end.IsAlike ? edge : outline.Names.First(name => name.Mirrors(edge));
                seams.Add(
                    new(
                        edge,
                        new(pieces[0].Key, edge),
                        end.IsAlike ? new(pieces[0].Key, edge, 2) : new(pieces[1].Key, other),
                        edge == EdgeName.End ? Caught.Zip : null
                    )
                );
            }
        }
    }

    /// <summary>Each facing is sewn along the whole opening end of its face, whatever drops that is joined from.</summary>
    private static IEnumerable<Seam> FacingSeams(IReadOnlyList<Piece> pieces)
    {
        var ends = pieces
            .Where(piece => piece.Kind == PieceKind.Face)
            .SelectMany(piece =>
                from copy in Enumerable.Range(1, piece.PerCover)
                from edge in piece.StitchLine.Names
                where edge.Side == EdgeSide.End
                select new SeamSide(piece.Key, edge, copy)
            )
            .ToList();
        foreach (
            var (face, copies) in ((int, Func<SeamSide, bool>)[])
                [(1, side => IsOfFront(side, pieces)), (2, side => !IsOfFront(side, pieces))]
        )
        {
            var edges = ends.Where(copies).ToList();
            yield return new($"facing-{face}", new("facing", EdgeName.Back, face), edges[0]) { SecondGoesOn = [.. edges.Skip(1)] };
        }
    }

    private static bool IsOfFront(SeamSide side, IReadOnlyList<Piece> pieces) =>
        pieces.First(piece => piece.Key == side.Piece).CopyRoles[side.Copy - 1] == PieceRole.FaceFront;

    internal static Piece Face(
        CoverSpecification specification,
        string name,
        int perCover,
        Outline outline,
        Worked cutWidth,
        Worked cutLength,
        Worked side,
        Worked closed,
        Worked end,
        Length join = default
    ) => PieceMaker.Make(specification, PieceKind.Face, name, perCover, outline, cutWidth, cutLength, edge => edge.Side == EdgeSide.End
                ? end.Value
            : edge.Side == EdgeSide.Closed ? closed.Value
            : edge.Function == EdgeFunction.Join ? join
            : side.Value);
}
