using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Operations;

/// <summary>
/// What is made ready before seams are sewn: marks, edges that are finished first, piping, pockets. See docs/handbook.md, "Operations".
/// </summary>
/// <param name="cover">The cover.</param>
internal sealed class MakingOperations(SewingCover cover)
{
    /// <summary>The id of the operation that makes the piping.</summary>
    public const string MakingPiping = "make-piping";

    /// <summary>
    /// What is marked and sewn, with the finish of its edges as the school has it; with all edges first, only of pieces that are sewn by
    /// measure.
    /// </summary>
    public List<Operation> Finished(IReadOnlyList<Operation> sewn) =>
        [
            .. cover.Finish == FinishSchool.First ? FinishFirst() : [],
            .. Marks(),
            .. sewn,
            .. cover.Finish == FinishSchool.Each ? FinishEach(sewn) : [],
        ];

    /// <summary>Every piece is cut and marked; a face joined from strips only when it is whole.</summary>
    private IEnumerable<Operation> Marks() =>
        cover.Draft.Pieces.Select(piece => new Operation
        {
            Id = $"mark-{piece.Key}",
            Kind = OperationKind.Mark,
            Pieces = PieceCopy.AllOf(piece),
            SharedBy = SharedBy(piece),
            Minutes = piece.IsPieced ? 0 : cover.Rates.Of(OperationKind.Mark, 0, piece.PerCover) / SharedBy(piece),
            Text = SewingText.Mark(PieceWords.OfAll(piece), MarksOf(piece)),
        });

    /// <summary>Casing is cut once for the whole set.</summary>
    private int SharedBy(Piece piece) => piece.Use == PieceUse.Casing ? cover.Specification.Count : 1;

    /// <summary>All edges of each piece before anything is sewn.</summary>
    private IEnumerable<Operation> FinishFirst()
    {
        foreach (
            var piece in cover.Draft.Pieces.Where(piece =>
                piece.Use is not (PieceUse.Casing or PieceUse.Laid) && piece.Kind != PieceKind.Block
            )
        )
        {
            var edges = PieceCopy
                .AllOf(piece)
                .SelectMany(copy => piece.StitchLine.Names.Distinct().Select(edge => new SeamSide(piece.Key, edge, copy.Copy)))
                .ToList();
            var millimetres = piece.PerCover * piece.StitchLine.Perimeter.Millimetres;
            yield return new()
            {
                Id = $"finish-{piece.Key}",
                Kind = OperationKind.Finish,
                Pieces = PieceCopy.AllOf(piece),
                Edges = edges,
                Millimetres = millimetres,
                Minutes = cover.Rates.Of(OperationKind.Finish, millimetres, 1),
                Text = SewingText.FinishAll(PieceWords.OfAll(piece)),
            };
        }
    }

    /// <summary>The id of the operation that finishes a seam by itself.</summary>
    public static string FinishOf(Operation seam) => $"finish-{seam.Id}";

    /// <summary>Each seam's edges right after it is sewn.</summary>
    private IEnumerable<Operation> FinishEach(IEnumerable<Operation> sewn) =>
        sewn.Where(operation => operation.Kind != OperationKind.CloseByHand).Select(FinishAfter);

    private Operation FinishAfter(Operation operation)
    {
        var edges = cover.Lines.All.Where(line => operation.Seams.Contains(line.Sewn.Id)).SelectMany(line => line.Seam.Edges).ToList();
        var isHemmed = edges.TrueForAll(cover.Hemmed.Has); // before it was sewn
        return new()
        {
            Id = FinishOf(operation),
            Kind = OperationKind.Finish,
            Pieces = operation.Pieces,
            Edges = edges,
            Seams = operation.Seams,
            Points = [],
            Waits = operation.Waits,
            BelongsTo = operation.Id,
            After = [operation.Id],
            Millimetres = operation.Millimetres,
            Minutes = isHemmed ? 0 : cover.Rates.Of(OperationKind.Finish, operation.Millimetres ?? 0, 1),
            Text = isHemmed ? SewingText.FinishHemmed : SewingText.FinishSeam,
        };
    }

    /// <summary>The piping is made in one go, and where it is sewn on first, each run by itself.</summary>
    public IEnumerable<Operation> Piping()
    {
        var runs = cover.Runs.All.Where(run => run.Lines[0].Seam.Takes == Caught.Piping).ToList();
        if (runs.Count == 0)
        {
            yield break;
        }

        yield return Made(cover.PipingWithLaps);
        if (cover.Schools.Piping == PipingSchool.Sandwich)
        {
            yield break;
        }

        // Each edge carries one run of piping however the seam is parted.
        foreach (var group in runs.GroupBy(run => cover.Runs.PlateOf(run) ?? -1))
        {
            var lines = group.SelectMany(run => run.Lines).ToList();
            var sides = lines
                .Select(line => group.Key >= 0 && !cover.Runs.IsOn(group.Key, line.Seam.First) ? line.Seam.Second : line.Seam.First)
                .ToList();
            var millimetres = group.Sum(run => run.Millimetres);
            yield return new()
            {
                Id = $"apply-piping-{lines[0].Sewn.Id}",
                Kind = OperationKind.ApplyPiping,
                Pieces = PieceCopy.Of(sides),
                Edges = sides,
                PipingGoesRound = IsClosed(lines),
                After = [MakingPiping, .. CornersOf(sides[0])],
                Millimetres = millimetres,
                Minutes = cover.Rates.Of(OperationKind.ApplyPiping, millimetres, 1),
                Stops = [StopSign.PipingRawToRaw],
                Needs = [SewingText.NeedsPipingFoot],
                Text = SewingText.ApplyPiping(cover.Words.List(PieceCopy.Of(sides))),
            };
        }
    }

    /// <summary>Lines that go all round: each of their ends is met by another.</summary>
    private static bool IsClosed(IReadOnlyList<SeamLine> lines) =>
        lines.SelectMany(line => new[] { line.Sewn.Start, line.Sewn.End }).CountBy(point => point).All(met => met.Value % 2 == 0);

    /// <summary>The corners of the piece itself are sewn before piping goes round it in one run.</summary>
    private IEnumerable<string> CornersOf(SeamSide side) =>
        cover
            .Runs.All.Where(run =>
                run.Kind is OperationKind.Seam or OperationKind.Dart
                && run.Lines.SelectMany(line => line.Seam.Edges).All(edge => PieceCopy.Of(edge) == PieceCopy.Of(side))
            )
            .Select(SeamOperations.IdOf);

    /// <summary>So much piping is made.</summary>
    public Operation Made(double millimetres)
    {
        var casing = cover.Draft.Pieces.FirstOrDefault(piece => piece.Use == PieceUse.Casing);
        return new()
        {
            Id = MakingPiping,
            Kind = OperationKind.MakePiping,
            Pieces = casing is null ? [] : PieceCopy.AllOf(casing),
            Makes = ["made-piping"],
            Millimetres = millimetres,
            Minutes = cover.Rates.Of(OperationKind.MakePiping, millimetres, 1),
            Needs = [SewingText.NeedsPipingFoot],
            Text = SewingText.MakePiping(cover.Said(millimetres)),
        };
    }

    /// <summary>The lap at each end of the zip, after the join it belongs to.</summary>
    public IEnumerable<Operation> Pockets(IReadOnlyList<Operation> seams)
    {
        var laps = cover.Lines.Laid.Where(lap => cover.Pieces[lap.First.Piece].Kind == PieceKind.Boxing).ToList();
        foreach (var lap in laps.DistinctBy(lap => lap.First.Edge.At.Layer == EdgeLayer.Under))
        {
            var ends = new[] { lap.First, lap.Second }
                .SelectMany(side =>
                {
                    var (start, end) = cover.Lines.Points.EndsOf(side);
                    return new[] { start, end };
                })
                .ToHashSet();
            var join = seams.FirstOrDefault(seam =>
                seam.Kind == OperationKind.Seam
                && !seam.IsRing
                && seam.Pieces.Any(piece => cover.Pieces[piece.Piece].Kind == PieceKind.ZipBoxing)
                && seam.Pieces.Any(piece => cover.Pieces[piece.Piece].Kind == PieceKind.Boxing)
                && (ends.Contains(seam.Points[0]) || ends.Contains(seam.Points[^1]))
            );
            if (join is null)
            {
                continue;
            }

            yield return new()
            {
                Id = $"pocket-{join.Seams[0]}",
                Kind = OperationKind.Pocket,
                Pieces = join.Pieces,
                Seams = join.Seams,
                After = [join.Id],
                Minutes = 0,
                Text = SewingText.Pocket(lap.First.Edge.At.Layer == EdgeLayer.Under ? "on the left" : "on the right"),
            };
        }
    }

    private static string MarksOf(Piece piece) =>
        string.Join(
            ", ",
            piece
                .Marks.GroupBy(mark => mark.Kind)
                .OrderBy(group => group.Key)
                .Select(group => SewingText.MarkWord(group.Key.Word(), group.Count()))
        );
}
