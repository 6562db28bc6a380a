using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;

namespace Wrapper.Core.Sewing.Operations;

/// <summary>
/// What is pressed: the joins and darts of flat pieces all at once, before anything is sewn across them, and each seam that
/// another will cross, right after it is sewn. See docs/handbook.md, "Pressing".
/// </summary>
/// <param name="cover">The cover.</param>
internal sealed class PressOperations(SewingCover cover)
{
    /// <summary>What is pressed of what is sewn.</summary>
    public IEnumerable<Operation> All(IReadOnlyList<Operation> sewn)
    {
        var flat = sewn.Where(operation => operation.Kind is OperationKind.Join || (operation.Kind == OperationKind.Dart && !IsPleat))
            .ToList();
        if (flat.Count > 0)
        {
            yield return Press(
                "press-joins",
                [.. flat.SelectMany(operation => operation.Pieces).Distinct()],
                [.. flat.SelectMany(Done)],
                SewingText.PressJoins(
                    flat.Exists(operation => operation.Kind == OperationKind.Join),
                    flat.Exists(operation => operation.Kind == OperationKind.Dart)
                )
            ) with
            {
                Seams = [.. flat.SelectMany(operation => operation.Seams)],
                Minutes = cover.Rates.Of(OperationKind.Press, 0, flat.Count),
            };
        }

        var crossed = sewn.Where(operation =>
            operation is { Kind: OperationKind.Seam, Waits: false, IsRing: false, Points.Count: > 1 }
            && (cover.Runs.Passed.Contains(operation.Points[0]) || cover.Runs.Passed.Contains(operation.Points[^1]))
        );
        foreach (var seams in crossed.GroupBy(seam => StripOf(seam)?.ToString() ?? seam.Id).Select(group => group.ToList()))
        {
            var last = seams[^1];
            var text = seams.Count > 1 ? SewingText.PressBothSeams : SewingText.PressSeam;
            yield return Press(
                $"press-{last.Id}",
                [.. seams.SelectMany(seam => seam.Pieces).Distinct()],
                [.. seams.SelectMany(Done)],
                text
            ) with
            {
                Seams = [.. seams.SelectMany(seam => seam.Seams)],
                Minutes = cover.Rates.Of(OperationKind.Press, 0, seams.Count),
                BelongsTo = last.Id,
            };
        }
    }

    /// <summary>The strip between two sides that a seam sews on: its two seams are pressed together. Null for any other seam.</summary>
    private PieceCopy? StripOf(Operation seam) =>
        seam.Pieces.Where(copy => cover.Pieces[copy.Piece].Kind == PieceKind.Strip).Select(copy => (PieceCopy?)copy).FirstOrDefault();

    /// <summary>Pleated corners are tacked, not sewn flat.</summary>
    private bool IsPleat => cover.Specification.Choices.PleatedTopCorners && cover.Runs.HasWalls;

    /// <summary>A seam, and its finish where each is finished by itself.</summary>
    private IEnumerable<string> Done(Operation seam) =>
        cover.Finish == Catalogue.FinishSchool.Each ? [seam.Id, MakingOperations.FinishOf(seam)] : [seam.Id];

    private static Operation Press(string id, IReadOnlyList<PieceCopy> pieces, IReadOnlyList<string> after, string text) =>
        new()
        {
            Id = id,
            Kind = OperationKind.Press,
            Pieces = pieces,
            After = after,
            Needs = [SewingText.NeedsIron],
            Text = text,
        };
}
