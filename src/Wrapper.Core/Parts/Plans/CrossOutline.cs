using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Plans;

/// <summary>
/// A rectangle with a flap on each side that is folded down, its corners cut out as notches or left on to be opened and
/// sewn across. The rectangle's front left corner lies one flap in from the origin.
/// </summary>
internal static class CrossOutline
{
    private static readonly string[] Corners = ["front-right", "back-right", "back-left", "front-left"];

    /// <summary>
    /// The shape with its corners cut out. The flaps' outer edges are called after the sides, the notches' <c>…-a</c> and <c>…-b</c>.
    /// </summary>
    public static Outline Notched(Length width, Length depth, Length flap)
    {
        var (right, back, all, top) = (flap + width, flap + depth, width + (2 * flap), depth + (2 * flap));
        var zero = Length.Zero;
        return Outline.Polygon(
            ("front", new(flap, zero)),
            ("front-right-a", new(right, zero)),
            ("front-right-b", new(right, flap)),
            ("right", new(all, flap)),
            ("back-right-a", new(all, back)),
            ("back-right-b", new(right, back)),
            ("back", new(right, top)),
            ("back-left-a", new(flap, top)),
            ("back-left-b", new(flap, back)),
            ("left", new(zero, back)),
            ("front-left-a", new(zero, flap)),
            ("front-left-b", new(flap, flap))
        );
    }

    /// <summary>The whole rectangle, each side's edge between what becomes of its corners.</summary>
    public static Outline Whole(Length width, Length depth, Length flap)
    {
        var (right, back, all, top) = (flap + width, flap + depth, width + (2 * flap), depth + (2 * flap));
        var zero = Length.Zero;
        return Outline.Polygon(
            ("front-left-ear-b", new(zero, zero)),
            ("front", new(flap, zero)),
            ("front-right-ear-a", new(right, zero)),
            ("front-right-ear-b", new(all, zero)),
            ("right", new(all, flap)),
            ("back-right-ear-a", new(all, back)),
            ("back-right-ear-b", new(all, top)),
            ("back", new(right, top)),
            ("back-left-ear-a", new(flap, top)),
            ("back-left-ear-b", new(zero, top)),
            ("left", new(zero, back)),
            ("front-left-ear-a", new(zero, flap))
        );
    }

    /// <summary>The lines along which the flaps turn down.</summary>
    public static IEnumerable<Fold> Creases(Length width, Length depth, Length flap)
    {
        var (right, back) = (flap + width, flap + depth);
        yield return new("crease-front", [new(flap, flap), new(right, flap)]);
        yield return new("crease-right", [new(right, flap), new(right, back)]);
        yield return new("crease-back", [new(right, back), new(flap, back)]);
        yield return new("crease-left", [new(flap, back), new(flap, flap)]);
    }

    /// <summary>The lines of the corners that are sewn across; what lies outside them is trimmed or lies in a pleat.</summary>
    public static IEnumerable<Fold> CornerLines(Length width, Length depth, Length flap)
    {
        var (right, back, all, top) = (flap + width, flap + depth, width + (2 * flap), depth + (2 * flap));
        var zero = Length.Zero;
        yield return new("corner-front-right", [new(right, zero), new(right, flap), new(all, flap)], TrimsRight: true);
        yield return new("corner-back-right", [new(all, back), new(right, back), new(right, top)], TrimsRight: true);
        yield return new("corner-back-left", [new(flap, top), new(flap, back), new(zero, back)], TrimsRight: true);
        yield return new("corner-front-left", [new(zero, flap), new(flap, flap), new(flap, zero)], TrimsRight: true);
    }

    /// <summary>The outer edges of each ear lie on each other when it is folded diagonally.</summary>
    public static IEnumerable<Seam> EarSeams(string piece, int copy = 1) =>
        Corners.Select(corner => new Seam(
            copy == 1 ? $"ear-{corner}" : $"ear-{corner}-{copy}",
            new(piece, $"{corner}-ear-a", copy),
            new(piece, $"{corner}-ear-b", copy)
        )
        {
            IsLaid = true,
        });

    /// <summary>The seams that close the corners of one copy of a piece, cut out or opened.</summary>
    public static IEnumerable<Seam> CornerSeams(string piece, bool opened, int copy = 1, bool withBack = true)
    {
        foreach (var corner in Corners.Where(corner => withBack || !EdgeNames.IsPartOf(corner, "back")))
        {
            var id = copy == 1 ? $"corner-{corner}" : $"corner-{corner}-{copy}";
            yield return opened
                ? new(id, new(piece, $"corner-{corner}-1", copy), new(piece, $"corner-{corner}-2", copy))
                : new(id, new(piece, $"{corner}-a", copy), new(piece, $"{corner}-b", copy));
        }
    }
}
