using Wrapper.Core.Checks;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>Hands a box cushion's finished plan and thickness to the construction that was chosen.</summary>
internal static class BoxCushionDrafter
{
    public static ConstructedCover Draft(CoverSpecification specification)
    {
        var sizes = new FinishedSizes(specification);
        var tapered = specification.Shape.Id == "trapezoid";
        var front = sizes.Of(tapered ? "frontWidth" : "width");
        var back = tapered ? sizes.Of("backWidth") : front;
        var depth = sizes.Of("depth");
        var thickness = sizes.Of("thickness");
        var checks = CushionChecks.Of(specification, front, back, depth, thickness).ToList();
        if (checks.Exists(check => check.Level == CheckLevel.Error))
        {
            return new() { Checks = checks };
        }

        var cover = specification.Construction switch
        {
            WrapNotched.Id => WrapNotched.Construct(front, depth, thickness, specification),
            WrapFolded.Id => WrapFolded.Construct(front, depth, thickness, specification),
            PanelsFolded.Id => PanelsFolded.Construct(front, depth, thickness, specification),
            _ => BoxingStrip.Construct(ClosedPlan.Tapered(front, back, depth), thickness, specification),
        };
        return cover with
        {
            Checks = [.. checks, .. cover.Checks],
            Notions = cover.Pieces.Count == 0 ? [] : [.. cover.Notions, Foam(specification, sizes, tapered)],
        };
    }

    private static Notion Foam(CoverSpecification specification, FinishedSizes sizes, bool tapered) => new(
        "foam",
        "Foam block",
        specification.Count,
        sizes.Filling("depth"),
        Widest(sizes, tapered),
        sizes.Filling("thickness"));

    private static Worked Widest(FinishedSizes sizes, bool tapered)
    {
        if (!tapered)
        {
            return sizes.Filling("width");
        }

        var (front, back) = (sizes.Filling("frontWidth"), sizes.Filling("backWidth"));
        return front.Value >= back.Value ? front : back;
    }
}
