using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Operations;

/// <summary>
/// What sews a cover's runs: joins, darts, closures, seams, corners, and what is closed by hand. See docs/handbook.md, "Operations".
/// </summary>
/// <param name="cover">The cover.</param>
internal sealed class SeamOperations(SewingCover cover)
{
    private readonly CoverFaces _joined = cover.Runs.OfJoins;

    /// <summary>One operation for each run, in the ledger's order.</summary>
    public IEnumerable<Operation> All() => cover.Runs.All.Select(Of);

    /// <summary>The id of the operation that sews a run.</summary>
    public static string IdOf(Run run) => $"{run.Kind.Word()}-{run.Lines[0].Sewn.Id}";

    private Operation Of(Run run)
    {
        var sides = run.Lines.SelectMany(line => line.Seam.Edges).ToList();
        var kind = run.Kind;
        var operation = new Operation
        {
            Id = IdOf(run),
            Kind = kind,
            Pieces = PieceCopy.Of(sides),
            Seams = [.. run.Lines.Select(line => line.Sewn.Id)],
            Points = run.Points,
            Waits = run.Lines[0].Waits,
            After = run.Follows is { } first ? [$"{kind.Word()}-{first}"] : [],
            Millimetres = run.Millimetres,
            Minutes =
                kind == OperationKind.Zip ? cover.Rates.OfZip(run.Millimetres, cover.BarsPerZip) : cover.Rates.Of(kind, run.Millimetres, 1),
            Text = TextOf(run, sides),
            Needs =
                kind == OperationKind.Zip ? [SewingText.NeedsZipFoot]
                : kind == OperationKind.CloseByHand ? [SewingText.NeedsHandNeedle]
                : [],
        };
        return kind switch
        {
            OperationKind.Zip when cover.HasZipOffTheRoll => operation with { Stops = [StopSign.SlideInside] },
            OperationKind.Join => operation with { Makes = MadeBy(run.Lines[0].Seam) },
            OperationKind.Seam when run.Lines[0].Seam.Takes == Caught.Piping && cover.Schools.Piping == PipingSchool.Sandwich =>
                operation with
                {
                    Text = $"{operation.Text} {SewingText.LayPipingIn}",
                    Edges = [.. run.Lines.Select(line => line.Seam.First)],
                    PipingGoesRound = run.IsRing,
                    Stops = [StopSign.PipingRawToRaw],
                    Needs = [SewingText.NeedsPipingFoot],
                },
            OperationKind.Seam when run.Lines[0].Seam.Takes == Caught.Piping => operation with { Needs = [SewingText.NeedsPipingFoot] },
            _ => operation,
        };
    }

    /// <summary>The last join of its strips makes a pieced face.</summary>
    private IReadOnlyList<string> MadeBy(Seam seam)
    {
        var whole = cover.Draft.Pieces.FirstOrDefault(piece => piece.JoinedFrom.Contains(seam.First.Piece));
        if (whole is null)
        {
            return [];
        }

        var last = cover.Lines.All.Last(line =>
            line.Kind == OperationKind.Join && whole.JoinedFrom.Contains(line.Seam.First.Piece) && line.Seam.First.Copy == seam.First.Copy
        );
        return ReferenceEquals(last.Seam, seam) ? [whole.Key] : [];
    }

    private string TextOf(Run run, IReadOnlyList<SeamSide> sides)
    {
        var seam = run.Lines[0].Seam;
        var (one, other) = (Copies(run, seam.First), Copies(run, seam.Second));
        var where = PieceWords.Along(run.Lines.SelectMany(line => line.Seam.FirstSide).Select(side => side.Edge));
        switch (run.Kind)
        {
            case OperationKind.Join:
                return _joined.Of(seam.First) == _joined.Of(seam.Second) && one == other
                    ? SewingText.JoinToRing(one)
                    : SewingText.Join(one, other);
            case OperationKind.Dart:
                return cover.Specification.Choices.PleatedTopCorners && cover.Runs.HasWalls
                    ? SewingText.Pleat(Corner(run))
                    : SewingText.Dart(cover.CornerOf(run.Lines[0], Corner(run)));
            case OperationKind.Corner:
                return cover.Pieces[seam.First.Piece].StitchLine.FindLength(seam.First.Edge) is null
                    ? SewingText.CornerAcross(cover.OpenedCorner(run.Lines[0]), cover.Said(run.Millimetres))
                    : SewingText.CornerOfNotch(Corner(run));
            case OperationKind.Zip:
                return SewingText.Zip(AtEdges(sides));
            case OperationKind.Tape:
                return SewingText.Tape(AtEdges(sides));
            case OperationKind.CloseByHand:
                return SewingText.CloseSeam(run.Lines[0].Waits ? CornerAfter(run) : SewingText.Opening);
        }

        if (run.Lines[0].Waits)
        {
            return cover.IsLayered ? SewingText.SeamOfLayers : SewingText.SeamRest(CornerAfter(run));
        }

        if (cover.Pieces[seam.First.Piece].Use == PieceUse.Hung && seam.Id == "skirt")
        {
            return SewingText.SkirtOn;
        }

        if (run.Lines.Count == 1 && cover.Lines.All.Any(line => line.Waits && line.Seam == seam))
        {
            return SewingText.SeamOfHalf(CornerAfter(run));
        }

        if (one == other)
        {
            return SewingText.SeamOfOne(one, SewingText.Where(cover.Pieces[seam.First.Piece].Kind == PieceKind.Top ? Corner(run) : where));
        }

        if (cover.Pieces[seam.First.Piece].Kind == PieceKind.Wall && cover.Pieces[seam.Second.Piece].Kind == PieceKind.Wall)
        {
            return SewingText.SeamOfCorner(one, other, CornerAfter(run));
        }

        return cover.Runs.PlateOf(run) is { } plate
            ? RoundPlate(run, plate)
            : SewingText.SeamOf(one, other, IsRound(seam.First) && IsRound(seam.Second) ? "" : SewingText.Where(where));
    }

    /// <summary>Its piece is named by where it stands round the thing: with its neighbour that says which edge.</summary>
    private bool IsRound(SeamSide side) => cover.Pieces[side.Piece].Kind is PieceKind.Side or PieceKind.Strip;

    private string RoundPlate(Run run, int plate)
    {
        var onPlate = run
            .Lines.Select(line =>
                cover.Runs.IsOn(plate, line.Seam.First)
                    ? (Plate: line.Seam.First, Strip: line.Seam.Second)
                    : (Plate: line.Seam.Second, Strip: line.Seam.First)
            )
            .ToList();
        var strips = PieceCopy.Of(onPlate.Select(sides => sides.Strip));
        return SewingText.SeamRound(
            run.IsRing ? cover.Words.Ring(strips) : cover.Words.List(strips),
            cover.Words.List(PieceCopy.Of(onPlate.Select(sides => sides.Plate))),
            run.IsRing ? " all round" : SewingText.Where(PieceWords.Along(onPlate.Select(sides => sides.Plate.Edge))),
            onPlate.All(sides => cover.Pieces[sides.Plate.Piece].StitchLine.PartsOf(sides.Plate.Edge).Any(edge => edge.Arc is not null))
        );
    }

    /// <summary>Which corner: “front left”.</summary>
    private static string Corner(Run run) => PieceWords.Corner(run.Lines[0].Seam.At);

    private static string CornerAfter(Run run) => PieceWords.CornerAfter(run.Lines[0].Seam.At);

    private string AtEdges(IReadOnlyList<SeamSide> sides) =>
        sides.All(side => cover.Pieces[side.Piece].Kind == PieceKind.ZipBoxing)
            ? SewingText.ZipStrips
            : cover.Words.List(PieceCopy.Of(sides));

    private string Copies(Run run, SeamSide side) =>
        cover.Words.List(
            PieceCopy.Of(
                run.Lines.SelectMany(line => ReferenceEquals(side, run.Lines[0].Seam.First) ? line.Seam.FirstSide : line.Seam.SecondSide)
            )
        );
}
