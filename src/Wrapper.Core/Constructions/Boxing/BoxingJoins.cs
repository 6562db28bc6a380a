using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Boxing;

/// <summary>Where the joins of a boxing strip fall, and whether one had to fall on the front.</summary>
/// <param name="Places">Distances from the strip's left stitch line, increasing; empty for a strip in one piece.</param>
/// <param name="OnFront">True when the front itself is joined.</param>
internal sealed record JoinPlan(IReadOnlyList<Worked> Places, bool OnFront)
{
    public static JoinPlan None { get; } = new([], false);
}

/// <summary>
/// Places the joins of a boxing strip that is too long for the cloth: as few as there can be, none on the front while
/// there is any other way. See docs/handbook.md, "Joins".
/// </summary>
internal sealed class BoxingJoins
{
    /// <summary>The strip from stitch line to stitch line, and its front.</summary>
    public required Worked Strip { get; init; }

    /// <summary>Where the front begins on the strip.</summary>
    public required Worked FrontStart { get; init; }

    /// <summary>Where the front ends.</summary>
    public required Worked FrontEnd { get; init; }

    /// <summary>The longest stretch between two stitch lines that the cloth gives: usable width less two seams.</summary>
    public required Worked Longest { get; init; }

    /// <summary>No join nearer to the strip's ends than this: the zip's pocket is folded there.</summary>
    public required Worked ClearOfEnds { get; init; }

    /// <summary>The back corners on the strip when the boxing comes round them; null when the zip turns the corners.</summary>
    public (Worked Left, Worked Right)? BackCorners { get; init; }

    public JoinPlan Place()
    {
        if (Strip.Value <= Longest.Value)
        {
            return JoinPlan.None;
        }

        if (FrontEnd.Value - FrontStart.Value > Longest.Value)
        {
            return new(InThirds(), true);
        }

        return new(AtBackCorners() ?? OneOnTheLeft() ?? FrontCentred(), false);
    }

    private IReadOnlyList<Worked>? AtBackCorners()
    {
        if (BackCorners is not { } corners || corners.Left.Value < ClearOfEnds.Value)
        {
            return null;
        }

        return Strip.Value - corners.Left.Value <= Longest.Value ? [corners.Left]
            : corners.Right.Value - corners.Left.Value <= Longest.Value ? [corners.Left, corners.Right]
            : null;
    }

    /// <summary>One join, on the left side, as near the zip as the cloth allows; null when it would come on to the front.</summary>
    private IReadOnlyList<Worked>? OneOnTheLeft()
    {
        var nearest = Strip - Longest;
        var place = nearest.Value >= ClearOfEnds.Value ? nearest : ClearOfEnds;
        return place.Value <= FrontStart.Value && place.Value <= Longest.Value ? [place] : null;
    }

    /// <summary>The part with the front is as long as the cloth gives and centred on the front; the rest is shared equally.</summary>
    private List<Worked> FrontCentred()
    {
        var (first, last) = (Worked.Zero, Strip - Longest);
        var centred = (FrontStart + FrontEnd - Longest) / 2;
        var start =
            centred.Value.IsNegative ? first
            : centred.Value > last.Value ? last
            : centred;
        start = WithoutSliver(start, last);
        var places = new List<Worked>();
        AddShared(places, first, start);
        AddShared(places, start + Longest, Strip);
        return places;
    }

    /// <summary>
    /// A part too short to sew is not cut: the long part begins or ends with the strip, as long as it still takes in the whole front.
    /// </summary>
    private Worked WithoutSliver(Worked start, Worked last) =>
        start.Value < ClearOfEnds.Value && FrontEnd.Value <= Longest.Value ? Worked.Zero
        : last.Value - start.Value < ClearOfEnds.Value && FrontStart.Value >= last.Value ? last
        : start;

    private List<Worked> InThirds()
    {
        var third = (FrontEnd - FrontStart) / 3;
        var places = new List<Worked>();
        AddShared(places, Worked.Zero, FrontStart + third);
        AddShared(places, FrontStart + third, FrontEnd - third);
        AddShared(places, FrontEnd - third, Strip);
        return places;
    }

    /// <summary>Adds the joins at both ends of a stretch (not at the strip's own ends) and those that share it equally.</summary>
    private void AddShared(List<Worked> places, Worked from, Worked to)
    {
        var run = to - from;
        var parts = StripParts.Of(run.Value, Longest.Value);
        for (var i = 0; i <= parts; i++)
        {
            var place =
                i == 0 ? from
                : i == parts ? to
                : from + (i * run / parts);
            if (place.Value > Length.Zero && place.Value < Strip.Value && !places.Exists(other => other.Value == place.Value))
            {
                places.Add(place);
            }
        }
    }
}
