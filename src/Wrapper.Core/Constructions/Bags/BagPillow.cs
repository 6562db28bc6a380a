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
    /// <summary>Drafts a case open at one end; with a flap the back is longer by it and folds in.</summary>
    public static ConstructedCover Open(Worked width, Worked length, Worked flap, CoverSpecification specification)
    {
        var (seam, hem) = (specification.Rules[Rule.Seam], specification.Rules[Rule.Hem]);
        var (w, l) = (width.Value, length.Value);
        var outline = Outline.Polygon(
            ("closed", Point.Origin),
            ("right", new(w, Length.Zero)),
            ("end", new(w, l)),
            ("left", new(Length.Zero, l))
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
                edge == "end" ? (hem + more).Value : seam.Value
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
        SeamSide Behind(string edge) => hasFlap ? new("face-2", edge) : new("face", edge, 2);
        var front = pieces[0].Key;
        return new()
        {
            Pieces = pieces,
            Seams =
            [
                new("closed", new(front, "closed"), Behind("closed")),
                new("right", new(front, "right"), Behind("left")),
                new("left", new(front, "left"), Behind("right")),
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
            edge == "hem" ? hem.Value : seam.Value
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
            ("closed", Point.Origin),
            ("right-1", new(w, zero)),
            .. laps ? [("right-2", new(w, p - o))] : Array.Empty<(string, Point)>(),
            ("right-3", new(w, p)),
            ("end", new(w, l)),
            ("left-3", new(zero, l)),
            .. laps ? [("left-2", new(zero, p))] : Array.Empty<(string, Point)>(),
            ("left-1", new(zero, p - o)),
        ]);
    }

    /// <summary>One part of the back, hemmed at the edge that overlaps.</summary>
    private static Outline FlangedBack(Length w, Length p, Length o)
    {
        var (zero, laps) = (Length.Zero, o.IsPositive);
        return Outline.Polygon([
            ("edge", Point.Origin),
            ("right", new(w, zero)),
            .. laps ? [("right-over", new(w, p - o))] : Array.Empty<(string, Point)>(),
            ("hem", new(w, p)),
            .. laps ? [("left-over", new(zero, p))] : Array.Empty<(string, Point)>(),
            ("left", new(zero, p - o)),
        ]);
    }

    private static IReadOnlyList<Seam> FlangedSeams(bool laps) =>
        [
            new("closed", new("face-1", "closed"), new("face-2", "edge")),
            new("right-1", new("face-1", "right-1"), new("face-2", "left")),
            new("left-1", new("face-1", "left-1"), new("face-2", "right")),
            .. laps
                ? (Seam[])
                    [
                        new("right-2", new("face-1", "right-2"), new("face-2", "left-over")),
                        new("left-2", new("face-1", "left-2"), new("face-2", "right-over")),
                    ]
                : [],
            new("end", new("face-1", "end"), new("face-2", "edge", 2)),
            new("right-3", new("face-1", "right-3"), new("face-2", "right", 2)),
            new("left-3", new("face-1", "left-3"), new("face-2", "left", 2)),
        ];
}
