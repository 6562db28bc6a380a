using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>Where the joins of a boxing strip fall, and whether one had to fall on the front.</summary>
/// <param name="Places">Distances from the strip's left stitch line, increasing; empty for a strip in one piece.</param>
/// <param name="OnFront">True when the front itself is joined.</param>
internal sealed record JoinPlan(IReadOnlyList<Length> Places, bool OnFront)
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
    public required Length Strip { get; init; }

    /// <summary>Where the front begins on the strip.</summary>
    public required Length FrontStart { get; init; }

    /// <summary>Where the front ends.</summary>
    public required Length FrontEnd { get; init; }

    /// <summary>The longest stretch between two stitch lines that the cloth gives: usable width less two seams.</summary>
    public required Length Longest { get; init; }

    /// <summary>No join nearer to the strip's ends than this: the zip's pocket is folded there.</summary>
    public required Length ClearOfEnds { get; init; }

    /// <summary>The back corners on the strip when the boxing comes round them; null when the zip turns the corners.</summary>
    public (Length Left, Length Right)? BackCorners { get; init; }

    public JoinPlan Place()
    {
        if (Strip <= Longest)
        {
            return JoinPlan.None;
        }

        if (FrontEnd - FrontStart > Longest)
        {
            return new(InThirds(), true);
        }

        return new(AtBackCorners() ?? OneOnTheLeft() ?? FrontCentred(), false);
    }

    private IReadOnlyList<Length>? AtBackCorners()
    {
        if (BackCorners is not { } corners || corners.Left < ClearOfEnds)
        {
            return null;
        }

        return Strip - corners.Left <= Longest ? [corners.Left]
            : corners.Right - corners.Left <= Longest ? [corners.Left, corners.Right]
            : null;
    }

    /// <summary>One join, on the left side, as near the zip as the cloth allows; null when it would come on to the front.</summary>
    private IReadOnlyList<Length>? OneOnTheLeft()
    {
        var place = Length.Max(Strip - Longest, ClearOfEnds);
        return place <= FrontStart && place <= Longest ? [place] : null;
    }

    /// <summary>The part with the front is as long as the cloth gives and centred on the front; the rest is shared equally.</summary>
    private List<Length> FrontCentred()
    {
        var start = (FrontStart + FrontEnd - Longest).Half();
        start = WithoutSliver(Length.Min(Length.Max(start, Length.Zero), Strip - Longest));
        var places = new List<Length>();
        AddShared(places, Length.Zero, start);
        AddShared(places, start + Longest, Strip);
        return places;
    }

    /// <summary>A part too short to sew is not cut: the long part begins or ends with the strip, as long as it still takes in the whole front.</summary>
    private Length WithoutSliver(Length start)
    {
        var last = Strip - Longest;
        return start < ClearOfEnds && FrontEnd <= Longest ? Length.Zero
            : last - start < ClearOfEnds && FrontStart >= last ? last
            : start;
    }

    private List<Length> InThirds()
    {
        var third = (FrontEnd - FrontStart) / 3;
        var places = new List<Length>();
        AddShared(places, Length.Zero, FrontStart + third);
        AddShared(places, FrontStart + third, FrontEnd - third);
        AddShared(places, FrontEnd - third, Strip);
        return places;
    }

    /// <summary>Adds the joins at both ends of a stretch (not at the strip's own ends) and those that share it equally.</summary>
    private void AddShared(List<Length> places, Length from, Length to)
    {
        var run = to - from;
        var parts = StripParts.Of(run, Longest);
        for (var i = 0; i <= parts; i++)
        {
            var place = from + (i * run / parts);
            if (place > Length.Zero && place < Strip && !places.Contains(place))
            {
                places.Add(place);
            }
        }
    }
}
