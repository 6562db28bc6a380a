using Wrapper.Core.Forms;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>
/// Turns what was measured into finished sizes: what the tape was laid on decides the conversion, then the fit is added.
/// See docs/handbook.md, "Measured from what".
/// </summary>
internal sealed class FinishedSizes(CoverSpecification specification)
{
    /// <summary>The finished size of a measure, named so that longer sums show one figure for it.</summary>
    public Worked Of(string measure)
    {
        var definition = specification.Shape.Measures.First(known => known.Name == measure);
        var size = Converted(definition) + Fit(definition.Axis);
        return size.Terms.Length == 1 && size.Terms[0].Factor == Factor.One ? size : size.Named($"finished {definition.Label.ToLowerInvariant()}");
    }

    /// <summary>The size of the block of filling to order along a measure.</summary>
    public Worked Filling(string measure)
    {
        var definition = specification.Shape.Measures.First(known => known.Name == measure);
        if (specification.MeasuredFrom is MeasuredFrom.Filling or MeasuredFrom.PaddedFilling)
        {
            return Taken(definition);
        }

        var size = Of(measure);
        var crown = specification.Unit.IsImperial() ? Length.FromInches(0, 3, 8) : Length.FromMillimetres(10m);
        return definition.Axis == MeasureAxis.Thickness ? size + Worked.Given("crown", crown, QuantitySource.Default) : size;
    }

    private Worked Taken(MeasureDefinition definition) =>
        Worked.Given(definition.Label.ToLowerInvariant(), specification.Measures[definition.Name], QuantitySource.Measure);

    private Worked Converted(MeasureDefinition definition)
    {
        var taken = Taken(definition);
        return specification.MeasuredFrom switch
        {
            MeasuredFrom.Filling => taken + Wadding(definition.Axis),
            MeasuredFrom.OldCover => Unshrunk(taken, definition.Axis),
            _ => taken,
        };
    }

    private Worked Unshrunk(Worked taken, MeasureAxis axis)
    {
        var (across, along) = specification.OldCoverShrinkage;
        var share = axis == MeasureAxis.Width ? across : along;
        return share == 0 ? taken : taken.DividedBy(1 - share);
    }

    private Worked Wadding(MeasureAxis axis)
    {
        var total = Worked.Zero;
        foreach (var layer in specification.Padding)
        {
            var faces = (layer.How, axis) switch
            {
                (PaddingHow.Top, MeasureAxis.Thickness) => 1,
                (PaddingHow.TopAndBottom or PaddingHow.FrontWrap or PaddingHow.AllOver, MeasureAxis.Thickness) => 2,
                (PaddingHow.FrontWrap, MeasureAxis.Depth) => 1,
                (PaddingHow.AllOver, MeasureAxis.Width or MeasureAxis.Depth) => 2,
                _ => 0,
            };
            total += faces * layer.Turns * Worked.Given("wadding", layer.Thickness, QuantitySource.Cover);
        }

        return total;
    }

    private Worked Fit(MeasureAxis axis) => axis switch
    {
        MeasureAxis.Width => specification.Rules["fit.width"],
        MeasureAxis.Depth => specification.Rules["fit.depth"],
        _ => specification.Rules["fit.thickness"],
    };
}
