using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms.Finished;

/// <summary>
/// The thing as it is to be covered, in millimetres: its measures, converted by what the tape lay on, with wadding, fit and
/// what trying on taught. Reckoned in plain numbers and apart from drafting, so that a slip there is not repeated here. See
/// docs/handbook.md, "Measured from what".
/// </summary>
internal sealed class MeasuredThing(CoverSpecification cover)
{
    public CoverSpecification Cover { get; } = cover;

    /// <summary>The finished diameter of its medallion; 0 for none.</summary>
    public double Medallion => Cover.Choices.Medallion is { } diameter ? diameter.Millimetres : 0;

    /// <summary>The width of the cloth that is given to the back face, washed; null where none is.</summary>
    public double? Sheet =>
        Cover.Cloths.Roles.ContainsKey(PieceRole.FaceBack.Word)
            ? Cover.In(PieceRole.FaceBack, PieceKind.Face).UsableWidth?.Millimetres
            : null;

    public bool Has(Measure measure) => Cover.Measures.ContainsKey(measure);

    /// <summary>A measure just as the tape gave it; 0 where it was not taken.</summary>
    public double Taken(Measure measure) => Cover.Measures.TryGetValue(measure, out var length) ? length.Millimetres : 0;

    public double Figure(Rule rule) => Cover.Rules.Peek(rule).Millimetres;

    /// <summary>Side to side.</summary>
    public double Across(Measure measure) => Unshrunk(Taken(measure), across: true) + Wadding(1, 0) + AddedAcross;

    /// <summary>Front to back, or along the length.</summary>
    public double Along(Measure measure) =>
        Unshrunk(Taken(measure), across: false) + Wadding(0, 1) + Figure(Rule.FitDepth) + Corrected("front", "back", 2);

    /// <summary>From below to above.</summary>
    public double Up(Measure measure) =>
        Unshrunk(Taken(measure), across: false) + WaddingUp + Figure(Rule.FitThickness) + Corrected("top", "bottom", 0);

    /// <summary>A detail that keeps its size whatever the fit; a rule's figure where it was not taken.</summary>
    public double Detail(Measure measure, bool across = false, Rule? rule = null) =>
        Has(measure) || rule is null ? Unshrunk(Taken(measure), across) : Figure(rule);

    /// <summary>What fit and trying on add to every width.</summary>
    public double AddedAcross => Figure(Rule.FitWidth) + Corrected("left", "right", 2);

    /// <summary>What an outline grows on each of its sides.</summary>
    public double GrowthAllRound =>
        (Figure(Rule.FitWidth) / 2)
        + (Wadding(1, 0) / 2)
        + Cover.Corrections.Where(correction => correction.Side == "all").Sum(correction => correction.By.Millimetres);

    /// <summary>What padding still to be put on adds from below to above.</summary>
    public double WaddingUp => Layers(how => how is PaddingHow.Top or PaddingHow.OverEdges ? 1 : 2);

    /// <summary>What padding adds from side to side, or from front to back.</summary>
    public double Wadding(int across, int along) =>
        Layers(how =>
            how switch
            {
                PaddingHow.AllOver or PaddingHow.OverEdges => 2,
                PaddingHow.WoundWidth => 2 * across,
                PaddingHow.WoundDepth => 2 * along,
                PaddingHow.FrontWrap => along,
                _ => 0,
            }
        );

    /// <summary>What an old cover measured before it shrank.</summary>
    public double Unshrunk(double size, bool across)
    {
        var share = across ? Cover.OldCoverShrinkage.Across : Cover.OldCoverShrinkage.Along;
        return Cover.MeasuredFrom == MeasuredFrom.OldCover ? size / (1 - (double)share) : size;
    }

    private double Layers(Func<PaddingHow, int> faces) =>
        Cover.MeasuredFrom == MeasuredFrom.Filling
            ? Cover.Padding.Sum(layer => faces(layer.How) * layer.Turns * layer.Thickness.Millimetres)
            : 0;

    private double Corrected(string one, string other, int all) =>
        Cover.Corrections.Sum(correction =>
            (
                correction.Side == one || correction.Side == other ? 1
                : correction.Side == "all" ? all
                : 0
            ) * correction.By.Millimetres
        );
}
