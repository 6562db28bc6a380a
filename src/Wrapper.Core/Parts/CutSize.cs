using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts;

/// <summary>
/// The cut size of a shape: a sum where paper gives one, read off the drawing where only the drawing does. Which of the two is
/// decided by the shape and never by comparing the numbers. See docs/handbook.md, "Pieces".
/// </summary>
internal static class CutSize
{
    /// <summary>Across: the finished width and the allowance at each side; with the mitres of its points where it ends in points.</summary>
    /// <param name="outline">The finished outline.</param>
    /// <param name="finished">Its width.</param>
    /// <param name="allowance">What each edge is cut larger by.</param>
    /// <param name="cut">The cut line.</param>
    public static Worked Across(Outline outline, Worked finished, Func<EdgeName, Worked> allowance, Outline cut)
    {
        if (!Extents.AreSquareAcross(outline))
        {
            return Extents.MitresAcross(outline, edge => allowance(edge).Value) is { } mitres
                ? Mitred(finished, mitres)
                : Worked.ReadOff("across the cut line, over its pointed corners", cut.Bounds.Width);
        }

        var (left, right) = (
            Of(outline, box => outline.Bounds.Left - box.Left, allowance),
            Of(outline, box => box.Right - outline.Bounds.Right, allowance)
        );
        return left is not null && right is not null
            ? finished + left + right
            : Worked.ReadOff("across the cut line, where two allowances meet on a curve", cut.Bounds.Width);
    }

    /// <summary>Along: the finished depth and the allowance in front and at the back.</summary>
    public static Worked Along(Outline outline, Worked finished, Func<EdgeName, Worked> allowance, Outline cut)
    {
        if (!Extents.AreSquareAlong(outline))
        {
            return Worked.ReadOff("along the cut line, over its pointed corners", cut.Bounds.Height);
        }

        var (front, back) = (
            Of(outline, box => outline.Bounds.Bottom - box.Bottom, allowance),
            Of(outline, box => box.Top - outline.Bounds.Top, allowance)
        );
        return front is not null && back is not null
            ? finished + front + back
            : Worked.ReadOff("along the cut line, where two allowances meet on a curve", cut.Bounds.Height);
    }

    /// <summary>
    /// The allowance of the edges that reach one side of the box; null where they differ, and where a curve reaches it whose
    /// neighbours are cut with other allowances: their step may stand out further.
    /// </summary>
    private static Worked? Of(Outline outline, Func<Box, Length> beyond, Func<EdgeName, Worked> allowance)
    {
        var all = outline.Names.Select(allowance).DistinctBy(each => each.Value).Take(2).ToList();
        if (all is [{ } everywhere])
        {
            return everywhere; // whichever edges reach the side
        }

        var reaching = outline.Edges.Where(edge => Extents.Reaches(edge, beyond)).ToList();
        var concerned = reaching.Exists(edge => edge.Arc is not null) ? [.. outline.Edges] : reaching;
        var allowances = concerned.Select(edge => allowance(edge.Name)).DistinctBy(each => each.Value).Take(2).ToList();
        return allowances is [{ } only] ? only : null;
    }

    /// <summary>
    /// The cut length of one part of a shape that is split down its length: that of the whole where the part reaches as far,
    /// read off where it does not.
    /// </summary>
    public static Worked AlongPart(Outline whole, Worked cutLength, Outline part, Outline cut) =>
        Reaches(part.Bounds, whole.Bounds) ? cutLength : Worked.ReadOff("along the cut line of this part", cut.Bounds.Height);

    /// <summary>
    /// The cut width of a side of a shape split in a middle and two sides: half of what the middle leaves, and a join's two
    /// allowances; read off where the two sides differ.
    /// </summary>
    public static Worked SideAcross(
        Outline whole,
        Worked cutWidth,
        Worked middle,
        Worked join,
        Func<EdgeName, Length> allowance,
        Outline cut
    ) =>
        Extents.AreSquareAcross(whole) || (Extents.MitresAcross(whole, allowance) is { } mitres && mitres.Left == mitres.Right)
            ? ((cutWidth - middle) / 2) + (2 * join)
            : Worked.ReadOff("across the cut line of this part", cut.Bounds.Width);

    private static bool Reaches(Box part, Box whole) => (part.Bottom - whole.Bottom).Abs() <= Near && (part.Top - whole.Top).Abs() <= Near;

    private static readonly Length Near = Length.FromNanometres(500);

    private static Worked Mitred(Worked finished, (Length Left, Length Right) mitres) =>
        mitres.Left == mitres.Right
            ? finished + (2 * Worked.ReadOff("reach of a mitred corner", mitres.Left))
            : finished + Worked.ReadOff("reach of the left mitre", mitres.Left) + Worked.ReadOff("reach of the right mitre", mitres.Right);
}
