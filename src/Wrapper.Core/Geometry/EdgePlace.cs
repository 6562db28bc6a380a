using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>Where on the cover an edge, a line or a seam lies.</summary>
/// <param name="Side">The side it lies on.</param>
/// <param name="Beside">At a corner: the other of its two sides; else none.</param>
/// <param name="Layer">Of two edges or lines that lie at the same place, which of them.</param>
public readonly record struct EdgePlace(EdgeSide Side, EdgeSide Beside = EdgeSide.None, EdgeLayer Layer = EdgeLayer.None)
{
    /// <summary>Nowhere in particular: there is only one of it.</summary>
    public static EdgePlace None { get; }

    /// <summary>The same place with left and right exchanged.</summary>
    public EdgePlace Mirrored() => new(Turned(Side), Turned(Beside), Layer);

    /// <inheritdoc />
    public override string ToString() => string.Join('-', Words);

    /// <summary>The words of it: the side, the side beside it and the layer.</summary>
    public IEnumerable<string> Words
    {
        get
        {
            if (Side != EdgeSide.None)
            {
                yield return Side.Word();
            }

            if (Beside != EdgeSide.None)
            {
                yield return Beside.Word();
            }

            if (Layer != EdgeLayer.None)
            {
                yield return Layer.Word();
            }
        }
    }

    private static EdgeSide Turned(EdgeSide side) =>
        side switch
        {
            EdgeSide.Left => EdgeSide.Right,
            EdgeSide.Right => EdgeSide.Left,
            _ => side,
        };
}

/// <summary>A side of the cover, seen with its front towards the maker.</summary>
public enum EdgeSide
{
    /// <summary>No side: there is only one such edge, or it goes all round.</summary>
    None,

    /// <summary>The front.</summary>
    Front,

    /// <summary>The right.</summary>
    Right,

    /// <summary>The back.</summary>
    Back,

    /// <summary>The left.</summary>
    Left,

    /// <summary>Above.</summary>
    Top,

    /// <summary>Below.</summary>
    Bottom,

    /// <summary>The slant of a corner that is cut off.</summary>
    Cut,

    /// <summary>An edge of an outline that has no front or back.</summary>
    Edge,

    /// <summary>The end of a bag that is sewn shut.</summary>
    Closed,

    /// <summary>The end of a bag that is open.</summary>
    End,

    /// <summary>Any of the sides of a face that are sewn to the other face.</summary>
    Side,

    /// <summary>The hollow of a pad with raised sides.</summary>
    Flat,

    /// <summary>The rounded tip of a margin.</summary>
    Nose,

    /// <summary>What goes round a post of a chair.</summary>
    Post,

    /// <summary>The lap of a slide pocket.</summary>
    Pocket,

    /// <summary>All round a disc or an oval.</summary>
    Ring,
}

/// <summary>Of two edges or lines that lie at the same place, which of them.</summary>
public enum EdgeLayer
{
    /// <summary>There is only one.</summary>
    None,

    /// <summary>The upper.</summary>
    Upper,

    /// <summary>The lower.</summary>
    Lower,

    /// <summary>The one at which a band begins.</summary>
    Start,

    /// <summary>The one at which it ends.</summary>
    Finish,

    /// <summary>The one that lies over.</summary>
    Over,

    /// <summary>The one that lies under.</summary>
    Under,
}

/// <summary>What becomes of an edge.</summary>
public enum EdgeFunction
{
    /// <summary>It is sewn to another, or hemmed where nothing meets it.</summary>
    Seam,

    /// <summary>A zip, or tape in its place, is sewn to it.</summary>
    Zip,

    /// <summary>It is sewn shut beside the zip.</summary>
    BesideZip,

    /// <summary>It joins parts that are cut one by one.</summary>
    Join,

    /// <summary>It stays open when the cover is sewn, to turn and fill it.</summary>
    WayIn,

    /// <summary>It is sewn shut beside what stays open.</summary>
    BesideWayIn,

    /// <summary>It is hemmed or cased.</summary>
    Hem,

    /// <summary>It closes a corner that is cut out or opened.</summary>
    Corner,

    /// <summary>It is laid on its fellow when the corner is folded to an ear.</summary>
    Ear,

    /// <summary>It is a long edge or an end of a strip of casing.</summary>
    Casing,

    /// <summary>It lies double in a slide pocket.</summary>
    Lap,

    /// <summary>It is turned in round a post or a leg.</summary>
    Return,
}
