using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>Two faces sewn together all round, one way in. See docs/handbook.md, "Bag".</summary>
public static class Bag
{
    /// <summary>The construction's id.</summary>
    public const string Id = "bag";

    /// <summary>
    /// Drafts a closed bag round a plan: a pad. A rectangle with a thickness has its corners opened and sewn across; any
    /// other shape is grown by half the thickness.
    /// </summary>
    internal static ConstructedCover Closed(ClosedPlan plan, Worked thickness, CoverSpecification specification)
    {
        var seam = specification.Rules["seam"];
        var half = thickness.Value.Half();
        var isBoxed = half.IsPositive && plan is { Front: "front", Back: "back", Outline.Edges.Length: 4 } && plan.Outline.Edges.All(edge => edge.Arc is null && (edge.Start.X == edge.End.X || edge.Start.Y == edge.End.Y));
        var (w, d) = (plan.Width.Value, plan.Depth.Value);
        var outline = isBoxed ? CrossOutline.Whole(w, d, half)
            : half.IsZero ? plan.Outline
            : OutlineOffset.Offset(plan.Outline, half);
        if (!isBoxed && (outline.Edges.Length != plan.Outline.Edges.Length || !OutlineOffset.KeepsShape(plan.Outline, outline)))
        {
            return new() { Checks = [Check.Error("corner-too-sharp", "A corner of this outline is too sharp, or an edge beside an inner corner too short, to go half the thickness round: make the pad with a boxing strip.", "construction", new Mend("Make it with a boxing strip", "construction", BoxingStrip.Id))] };
        }

        var way = new BagWayIn(outline.LengthOf(plan.Back), thickness, specification);
        var (cutWidth, cutDepth) = (plan.Width + thickness + (2 * seam), plan.Depth + thickness + way.BackAllowance(seam) + seam);
        var lay = new WidePieceLay(specification, "face", cutWidth.Value, cutDepth.Value, canJoin: false);
        var checks = new List<Check>([.. lay.Checks, .. way.Checks()]);
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var broken = way.Break(outline, plan.Back);
        var faces = PieceMaker.InFacingPairs(PieceMaker.Make(
            specification, "face", "Face", 2, broken, cutWidth, cutDepth, edge => edge.StartsWith(plan.Back + "-w", StringComparison.Ordinal) ? way.BackAllowance(seam).Value : seam.Value)) with
        {
            Folds = isBoxed ? [.. CrossOutline.CornerLines(w, d, half), .. CrossOutline.Creases(w, d, half)] : [],
            Turns = lay.Turns,
        };
        List<Piece> pieces = [faces];
        var notions = new List<Notion>(way.Notions());
        if (isBoxed)
        {
            notions.Add(new("corner-line", "Corner line", 4 * specification.Count, thickness));
        }

        if (specification.Choices.Piping != Piping.None)
        {
            notions.AddRange(PipingCasing.Runs(specification, [Worked.Given("face, all round", outline.Perimeter, QuantitySource.Worked)], pieces, checks));
        }

        var bounds = outline.Bounds;
        return new()
        {
            Pieces = pieces,
            Seams = [.. Round(broken, plan.Back, way), .. isBoxed ? CrossOutline.CornerSeams("face", opened: true).Concat(CrossOutline.CornerSeams("face", opened: true, 2)) : []],
            Notions = notions,
            Finished = [new("W", "Finished width", plan.Width), new("D", "Finished depth", plan.Depth), new("t", "Finished thickness", thickness)],
            Steps = [.. way.Steps(isBoxed)],
            Checks = checks,
            Body = isBoxed
                ? new(w, d, thickness.Value, Length.Zero, (2 * FoldedBody.Of(w, d)) + FoldedBody.Of(2 * (w + d), thickness.Value))
                : new(bounds.Width, bounds.Height, Length.Zero, Length.Zero, 2 * outline.Area),
        };
    }

    private static IEnumerable<Seam> Round(Outline outline, string back, BagWayIn way)
    {
        foreach (var edge in outline.Names)
        {
            yield return new(edge, new("face", edge), new("face", edge, 2), edge == back + "-way-in" ? way.Takes : null);
        }
    }
}
