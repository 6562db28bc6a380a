using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Reading;

/// <summary>
/// Turns what was measured into finished sizes: what the tape was laid on decides the conversion, then fit and the
/// corrections of trying on are added. See docs/handbook.md, "Measured from what".
/// </summary>
internal sealed class FinishedSizes(CoverSpecification specification)
{
    /// <summary>True when the measure was taken.</summary>
    public bool Has(Measure measure) => specification.Measures.ContainsKey(measure);

    /// <summary>
    /// The finished size of a measure, named so that longer sums show one figure for it; a rule's figure where the measure falls back on
    /// one.
    /// </summary>
    public Worked Of(Measure measure)
    {
        var definition = Definition(measure);
        if (!Has(measure))
        {
            return definition.Rule is { } rule ? specification.Rules[rule] : Worked.Zero;
        }

        var size = Converted(definition) + Fit(definition.Axis) + Corrected(definition.Axis);
        return Named(size, definition);
    }

    /// <summary>
    /// A finished width from the way round: the tape's figure by π first, because wadding and fit go on the width and not on the
    /// way round.
    /// </summary>
    public Worked AcrossFromRound(Measure measure)
    {
        var definition = Definition(measure);
        var taken = specification.MeasuredFrom == MeasuredFrom.OldCover ? Unshrunk(Taken(definition), definition) : Taken(definition);
        return (taken.DividedByPi().Named("diameter, from the way round") + Wadding(MeasureAxis.Width) + Added(MeasureAxis.Width)).Named(
            "finished diameter"
        );
    }

    /// <summary>A measure that keeps its size whatever the fit: as taken, or nothing when it is not.</summary>
    public Worked AsTaken(Measure measure) => Has(measure) ? Taken(Definition(measure)) : Worked.Zero;

    /// <summary>The size of the block of filling to order along a measure.</summary>
    public Worked Filling(Measure measure)
    {
        var definition = Definition(measure);
        if (specification.MeasuredFrom is MeasuredFrom.Filling or MeasuredFrom.PaddedFilling)
        {
            return Taken(definition);
        }

        var size = Of(measure);
        var crown = specification.Unit.IsImperial() ? Length.FromInches(0, 3, 8) : Length.FromMillimetres(10m);
        return definition.Axis == MeasureAxis.Thickness ? size + Worked.Given("crown", crown, QuantitySource.Default) : size;
    }

    /// <summary>
    /// What padding still to be put on adds to a dimension of the filling; nothing where the filling was not measured bare.
    /// </summary>
    public Worked Wadding(MeasureAxis axis)
    {
        var total = Worked.Zero;
        if (specification.MeasuredFrom != MeasuredFrom.Filling)
        {
            return total;
        }

        foreach (var layer in specification.Padding)
        {
            var faces = (layer.How, axis) switch
            {
                (PaddingHow.Top or PaddingHow.OverEdges, MeasureAxis.Thickness) => 1,
                (
                    PaddingHow.TopAndBottom
                        or PaddingHow.FrontWrap
                        or PaddingHow.AllOver
                        or PaddingHow.WoundWidth
                        or PaddingHow.WoundDepth,
                    MeasureAxis.Thickness
                ) => 2,
                (PaddingHow.FrontWrap, MeasureAxis.Depth) => 1,
                (PaddingHow.AllOver or PaddingHow.OverEdges, MeasureAxis.Width or MeasureAxis.Depth) => 2,
                (PaddingHow.WoundWidth, MeasureAxis.Width) or (PaddingHow.WoundDepth, MeasureAxis.Depth) => 2,
                _ => 0,
            };
            if (faces > 0)
            {
                total += faces * layer.Turns * Worked.Given("wadding", layer.Thickness, QuantitySource.Cover);
            }
        }

        return total;
    }

    /// <summary>What fit and corrections add along an axis.</summary>
    public Worked Added(MeasureAxis axis) => Fit(axis) + Corrected(axis);

    private static Worked Named(Worked size, MeasureDefinition definition) =>
        size.Terms.Length == 1 && size.Terms[0].Factor == Factor.One ? size : size.Named($"finished {definition.Label.ToLowerInvariant()}");

    private MeasureDefinition Definition(Measure measure)
    {
        foreach (var known in specification.Shape.Measures)
        {
            if (known.Measure == measure)
            {
                return known;
            }
        }

        throw new KeyNotFoundException($"The shape {specification.Shape.Id} has no measure “{measure}”.");
    }

    private Worked Taken(MeasureDefinition definition) =>
        Worked.Given(definition.Label.ToLowerInvariant(), specification.Measures[definition.Measure], QuantitySource.Measure, definition);

    private Worked Converted(MeasureDefinition definition)
    {
        var taken = Taken(definition);
        return specification.MeasuredFrom == MeasuredFrom.OldCover ? Unshrunk(taken, definition) : taken + Wadding(definition.Axis);
    }

    private Worked Unshrunk(Worked taken, MeasureDefinition definition)
    {
        var (across, along) = specification.OldCoverShrinkage;
        var share = definition.Axis == MeasureAxis.Width || definition.RunsAcross ? across : along;
        return share == 0 ? taken : taken.DividedBy(1 - share);
    }

    private Worked Fit(MeasureAxis axis) =>
        axis switch
        {
            MeasureAxis.Width => specification.Rules[Rule.FitWidth],
            MeasureAxis.Depth => specification.Rules[Rule.FitDepth],
            MeasureAxis.Thickness => specification.Rules[Rule.FitThickness],
            _ => Worked.Zero,
        };

    private Worked Corrected(MeasureAxis axis)
    {
        var total = Worked.Zero;
        foreach (var correction in specification.Corrections)
        {
            var sides = (axis, correction.Side) switch
            {

                (MeasureAxis.Width, "left" or "right")
                or
                (MeasureAxis.Depth, "front" or "back")
                or (MeasureAxis.Thickness, "top" or "bottom") => 1,
                (MeasureAxis.Width or MeasureAxis.Depth, "all") => 2,
                _ => 0,
            };
            if (sides > 0)
            {
                var name = correction.By.IsNegative ? $"taken in, {correction.Side}" : $"let out, {correction.Side}";
                total += sides * Worked.Given(name, correction.By, QuantitySource.Cover);
            }
        }

        return total;
    }
}
