using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Constructions.FlatCloths;

/// <summary>One flat cloth, hemmed all round. See docs/handbook.md, "Flat cloth".</summary>
public static class Flat
{
    /// <summary>The construction's id.</summary>
    public const string Id = "flat";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Flat cloth",
            "One cloth, hemmed all round.",
            "hangs in folds",
            "laid on",
            "washes and irons as one cloth",
            "tables laid and cleared daily"
        )
        {
            TurnsHems = true,
            Choices = [Choice.Plates],
        };

    /// <summary>Drafts the cloth of this finished outline.</summary>
    internal static ConstructedCover Construct(ClosedPlan plan, CoverSpecification specification)
    {
        var hem = specification.Rules[Rule.Hem];
        var (cutWidth, cutDepth) = (plan.Width + (2 * hem), plan.Depth + (2 * hem));
        var onTop = specification.In(PieceRole.Top, PieceKind.Top);
        var lay = new WidePieceLay(onTop, "top", cutWidth.Value, cutDepth.Value, canJoin: true);
        var whole = PieceMaker.Make(specification, PieceKind.Top, "Cloth", 1, plan.Outline, cutWidth, cutDepth, _ => hem.Value) with
        {
            Turns = lay.Turns,
        };
        var parts = lay.Lay == PlateLay.MiddleAndSides ? SheetSplit.Of(whole, plan.Width, onTop) : SheetSplit.None(whole);
        List<Check> checks = [.. lay.Checks, .. parts.Checks];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        List<Piece> pieces = [.. parts.Pieces];
        List<Pattern.Seam> seams = [.. parts.Joins];
        Medallion.Add(specification, pieces, seams, checks, plan);
        return new()
        {
            Pieces = pieces,
            Seams = seams,
            Finished =
            [
                new("W", "Finished width", plan.Width),
                new("D", "Finished depth", plan.Depth),
                new("opening", "Hem, all round", plan.Perimeter) { IsOpening = true },
            ],
            Checks = checks,
            Joins = parts.Joins.Count * specification.Count,
        };
    }
}
