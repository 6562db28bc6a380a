using Wrapper.Core.English.Workroom;
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
            );
        }

        foreach (
            var seam in sewn.Where(operation =>
                operation is { Kind: OperationKind.Seam, Waits: false, IsRing: false, Points.Count: > 1 }
                && (cover.Runs.Passed.Contains(operation.Points[0]) || cover.Runs.Passed.Contains(operation.Points[^1]))
            )
        )
        {
            yield return Press($"press-{seam.Id}", seam.Pieces, [.. Done(seam)], SewingText.PressSeam) with
            {
                Seams = seam.Seams,
                BelongsTo = seam.Id,
            };
        }
    }

    /// <summary>Pleated corners are tacked, not sewn flat.</summary>
    private bool IsPleat => cover.Specification.Choices.PleatedTopCorners && cover.Runs.HasWalls;

    /// <summary>A seam, and its finish where each is finished by itself.</summary>
    private IEnumerable<string> Done(Operation seam) =>
        cover.Schools.Finish == Catalogue.FinishSchool.Each ? [seam.Id, MakingOperations.FinishOf(seam)] : [seam.Id];

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
