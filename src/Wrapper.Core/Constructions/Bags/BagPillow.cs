using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>
/// A small flat bag: hemmed at its open end, with a flap that folds in, or with a flat border all round. See docs/handbook.md,
/// "Pillowcases".
/// </summary>
internal static class BagPillow
{
    /// <summary>The edge of either part of the back that lies at an end of the case.</summary>
    private static readonly EdgeName Edge = EdgeName.Of(EdgeSide.Edge);

    /// <summary>The stretches of its sides that lie over the other part.</summary>
    private static readonly EdgeName RightOver = EdgeName.Right.As(EdgeFunction.Seam, "over");

    private static readonly EdgeName LeftOver = EdgeName.Left.As(EdgeFunction.Seam, "over");

    /// <summary>Drafts a case open at one end; with a flap the back is longer by it and folds in.</summary>
    public static ConstructedCover Open(Worked width, Worked length, Worked flap, CoverSpecification specification)
    {
        var (seam, hem) = (specification.Rules[Rule.Seam], specification.Rules[Rule.Hem]);
        var (w, l) = (width.Value, length.Value);
        var outline = Outline.Polygon(
            (EdgeName.Closed, Point.Origin),
            (EdgeName.Right, new(w, Length.Zero)),
            (EdgeName.End, new(w, l)),
            (EdgeName.Left, new(Length.Zero, l))
        );
        var cutWidth = width + (2 * seam);
        var cutFront = length + seam + hem;
        var lay = new PairedLay(
            specification,
            PieceKind.Face,
            [PieceRole.FaceFront, PieceRole.FaceBack],
            cutWidth.Value,
            (cutFront + flap).Value
        );
        if (lay.Checks.HasError())
        {
            return new() { Checks = lay.Checks };
        }

        var hasFlap = flap.Value.IsPositive;
        Piece Face(string name, int count, Worked more) =>
            PieceMaker.Make(specification, PieceKind.Face, name, count, outline, cutWidth, cutFront + more, edge =>
                edge == EdgeName.End ? (hem + more).Value : seam.Value
            );
        Piece[] pieces = hasFlap
            ?
            [
                Face("Front", 1, Worked.Zero) with
                {
                    Key = "face-1",
                    Turns = lay.Turns(PieceRole.FaceFront),
                },
                Face("Back, with flap", 1, flap) with
                {
                    Key = "face-2",
                    CopyRoles = [PieceRole.FaceBack],
                    Turns = lay.Turns(PieceRole.FaceBack),
                    Marks = [new(MarkKind.Fold, "flap folds in", new(Length.Zero, l), new(w, l))],
                },
            ]
            : [lay.Turned(Face("Face", 2, Worked.Zero))];
        SeamSide Behind(EdgeName edge) => hasFlap ? new("face-2", edge) : new("face", edge, 2);
        var front = pieces[0].Key;
        return new()
        {
            Pieces = pieces,
            Seams =
            [
                new("closed", new(front, EdgeName.Closed), Behind(EdgeName.Closed)),
                new("right", new(front, EdgeName.Right), Behind(EdgeName.Left)),
                new("left", new(front, EdgeName.Left), Behind(EdgeName.Right)),
            ],
            Finished =
            [
                new("W", "Finished width", width),
                new("L", "Finished length", length),
                .. hasFlap ? (FinishedSize[])[new("flap", "Flap", flap)] : [],
            ],
            Checks = lay.Checks,
        };
    }

    /// <summary>Drafts a case with a border: the back is in two hemmed parts that overlap.</summary>
    public static ConstructedCover Flanged(Worked width, Worked length, Worked flange, CoverSpecification specification)
    {
        var (seam, hem, overlap) = (specification.Rules[Rule.Seam], specification.Rules[Rule.Hem], specification.Rules[Rule.BackOverlap]);
        var (across, along) = (width + (2 * flange), length + (2 * flange));
        var part = (along + overlap) / 2;
        var (w, l, p, o) = (across.Value, along.Value, part.Value, overlap.Value);
        var cutWidth = across + (2 * seam);
        var lay = new PairedLay(
            specification,
            PieceKind.Face,
            [PieceRole.FaceFront, PieceRole.FaceBack],
            cutWidth.Value,
            (along + (2 * seam)).Value
        );
        List<Check> checks = [.. lay.Checks, .. OverlapChecks(o, l, specification)];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var laps = o.IsPositive; // without an overlap no edge of it is there to be sewn
        var (front, back) = (FlangedFront(w, l, p, o), FlangedBack(w, p, o));
        var frontPiece = PieceMaker.Make(specification, PieceKind.Face, "Front", 1, front, cutWidth, along + (2 * seam), _ =>
            seam.Value
        ) with
        {
            Key = "face-1",
            Turns = lay.Turns(PieceRole.FaceFront),
        };
        var backPiece = PieceMaker.Make(specification, PieceKind.Face, "Back, in two parts", 2, back, cutWidth, part + seam + hem, edge =>
            edge == EdgeName.Hem ? hem.Value : seam.Value
        ) with
        {
            Key = "face-2",
            CopyRoles = [PieceRole.FaceBack, PieceRole.FaceBack],
            Turns = lay.Turns(PieceRole.FaceBack),
        };
        return new()
        {
            Pieces = [frontPiece, backPiece],
            Seams = FlangedSeams(laps),
            Finished = [new("W", "Finished width", across), new("L", "Finished length", along), new("flange", "Flange", flange)],
            Checks = checks,
        };
    }

    /// <summary>What is wrong with how far the two parts of the back overlap.</summary>
    private static IEnumerable<Check> OverlapChecks(Length overlap, Length along, CoverSpecification specification)
    {
        var usual = new Mend(BagsText.ToUsualOverlap, "rules.backOverlap", specification.Unit.IsImperial() ? "6 in" : "150 mm");
        if (overlap >= along)
        {
            yield return Check.Error("overlap-too-long", BagsText.OverlapTooLong, "backOverlap", usual);
        }
        else if (overlap < Length.FromMillimetres(25m))
        {
            var text = BagsText.OverlapTooShort(specification.Format.RoundedWithUnit(overlap));
            yield return Check.Warning("overlap-too-short", text, "backOverlap", usual);
        }
    }

    /// <summary>The front, its sides divided where the parts of the back begin and end.</summary>
    private static Outline FlangedFront(Length w, Length l, Length p, Length o)
    {
        var (zero, laps) = (Length.Zero, o.IsPositive);
        return Outline.Polygon([
            (EdgeName.Closed, Point.Origin),
            (EdgeName.Right.Part(1), new(w, zero)),
            .. laps ? [(EdgeName.Right.Part(2), new(w, p - o))] : Array.Empty<(EdgeName, Point)>(),
            (EdgeName.Right.Part(3), new(w, p)),
            (EdgeName.End, new(w, l)),
            (EdgeName.Left.Part(3), new(zero, l)),
            .. laps ? [(EdgeName.Left.Part(2), new(zero, p))] : Array.Empty<(EdgeName, Point)>(),
            (EdgeName.Left.Part(1), new(zero, p - o)),
        ]);
    }

    /// <summary>One part of the back, hemmed at the edge that overlaps.</summary>
    private static Outline FlangedBack(Length w, Length p, Length o)
    {
        var (zero, laps) = (Length.Zero, o.IsPositive);
        return Outline.Polygon([
            (Edge, Point.Origin),
            (EdgeName.Right, new(w, zero)),
            .. laps ? [(RightOver, new(w, p - o))] : Array.Empty<(EdgeName, Point)>(),
            (EdgeName.Hem, new(w, p)),
            .. laps ? [(LeftOver, new(zero, p))] : Array.Empty<(EdgeName, Point)>(),
            (EdgeName.Left, new(zero, p - o)),
        ]);
    }

    private static IReadOnlyList<Seam> FlangedSeams(bool laps) =>
        [
            new("closed", new("face-1", EdgeName.Closed), new("face-2", Edge)),
            new(EdgeName.Right.Part(1), new("face-1", EdgeName.Right.Part(1)), new("face-2", EdgeName.Left)),
            new(EdgeName.Left.Part(1), new("face-1", EdgeName.Left.Part(1)), new("face-2", EdgeName.Right)),
            .. laps
                ? (Seam[])
                    [
                        new(EdgeName.Right.Part(2), new("face-1", EdgeName.Right.Part(2)), new("face-2", LeftOver)),
                        new(EdgeName.Left.Part(2), new("face-1", EdgeName.Left.Part(2)), new("face-2", RightOver)),
                    ]
                : [],
            new("end", new("face-1", EdgeName.End), new("face-2", Edge, 2)),
            new(EdgeName.Right.Part(3), new("face-1", EdgeName.Right.Part(3)), new("face-2", EdgeName.Right, 2)),
            new(EdgeName.Left.Part(3), new("face-1", EdgeName.Left.Part(3)), new("face-2", EdgeName.Left, 2)),
        ];
}
