using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.FoldedPanels;
using Wrapper.Core.Constructions.FoldedWraps;
using Wrapper.Core.Constructions.NotchedWraps;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Forms.Finished;

/// <summary>What covers of things with a flat top, a flat bottom and a wall have to measure: cushions, pads, mattresses.</summary>
internal static class BoxedFinish
{
    public static ExpectedCover Of(MeasuredThing thing)
    {
        var plan = ThingPlans.Of(thing);
        var (w, d, t) = (plan.Width, plan.Depth, thing.Up(Measure.Thickness));
        return thing.Cover.Construction switch
        {
            BoxingStrip.Id => Boxed(thing, plan, t),
            WrapNotched.Id or WrapFolded.Id or PanelsFolded.Id => PlainCover.Box(w, d, t, 2 * (w + d)),
            BandEnds.Id => PlainCover.Box(w, d, t, 2 * (d + t)),
            Constructions.Envelopes.Envelope.Id => Envelope(thing, w, d, t),
            _ => Pad(plan, thing.Cover.Shape.Id == "rectangle" && plan.IsRectangle, w, d, t),
        };
    }

    /// <summary>Two plates and a wall; the laps of a slide pocket lie double on the wall.</summary>
    public static ExpectedCover Boxed(MeasuredThing thing, ThingOutline plan, double height)
    {
        var hasPocket = thing.Cover.Choices.SlidePocket && thing.Cover.Choices.Closure is not (Closure.Gap or Closure.Ties);
        var laps = hasPocket ? 4 * thing.Figure(Rule.PocketLap) : 0;
        return new()
        {
            Sizes = [plan.Width, plan.Depth, height],
            Opening = 0,
            Area = (2 * plan.Area) + ((plan.Perimeter + laps) * height),
            Round = plan.Perimeter,
        };
    }

    /// <summary>A sleeve over the thing with a tail beyond its back, open there.</summary>
    private static ExpectedCover Envelope(MeasuredThing thing, double w, double d, double t)
    {
        var least = t + thing.Figure(Rule.TailClear);
        var tail = Math.Max(thing.Figure(Rule.Tail), least);
        return new()
        {
            Sizes = [w, d + tail, t],
            Opening = 2 * (w + t + (2 * tail)),
            Area = (2 * (w + t) * (d + (t / 2) + tail)) - (t * t), // the two front corners of both panels are trimmed
            Round = 2 * (w + d + tail),
        };
    }

    /// <summary>
    /// A rectangle has its corners opened and becomes a box; any other shape lies flat, half the thickness larger all round.
    /// </summary>
    private static ExpectedCover Pad(ThingOutline plan, bool isBoxed, double w, double d, double t)
    {
        if (t > 0 && isBoxed)
        {
            return PlainCover.Box(w, d, t, 2 * (w + d));
        }

        var face = plan.Grown(t / 2);
        return new()
        {
            Sizes = [face.Width, face.Depth, 0],
            Opening = 0,
            Area = 2 * face.Area,
            Round = face.Perimeter,
        };
    }
}
