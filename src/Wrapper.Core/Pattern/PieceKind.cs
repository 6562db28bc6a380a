namespace Wrapper.Core.Pattern;

/// <summary>What a piece is of a cover. See docs/handbook.md, "Pieces".</summary>
public enum PieceKind
{
    /// <summary>A plate of a boxed cover.</summary>
    Plate,

    /// <summary>The boxing that goes round the wall.</summary>
    Boxing,

    /// <summary>The part of the boxing that carries the zip.</summary>
    ZipBoxing,

    /// <summary>A cover of one piece folded over the thing.</summary>
    Wrap,

    /// <summary>A half of a folded cover, or an envelope’s panel.</summary>
    Panel,

    /// <summary>The band round a roll.</summary>
    Band,

    /// <summary>The end of a roll.</summary>
    End,

    /// <summary>The top of a tub, a flat cloth, a pouf.</summary>
    Top,

    /// <summary>A wall of a tub.</summary>
    Wall,

    /// <summary>A face of a bag.</summary>
    Face,

    /// <summary>What lines an edge or backs something sewn on.</summary>
    Facing,

    /// <summary>A side of a cube.</summary>
    Side,

    /// <summary>A strip between two sides of a cube.</summary>
    Strip,

    /// <summary>A block pinned on the thing and cut to it.</summary>
    Block,

    /// <summary>A skirt.</summary>
    Skirt,

    /// <summary>A medallion.</summary>
    Medallion,

    /// <summary>Casing for piping.</summary>
    Piping,

    /// <summary>A layer of padding.</summary>
    Layer,

    /// <summary>One of the strips that a pieced face is joined from.</summary>
    Part,
}
