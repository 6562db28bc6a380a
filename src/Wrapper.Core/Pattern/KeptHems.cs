namespace Wrapper.Core.Pattern;

/// <summary>An end of a ready-made cloth.</summary>
public enum ClothEnd
{
    /// <summary>The near one.</summary>
    Start,

    /// <summary>The far one.</summary>
    End,
}

/// <summary>A side of a ready-made cloth.</summary>
public enum ClothSide
{
    /// <summary>Its left.</summary>
    Left,

    /// <summary>Its right.</summary>
    Right,
}

/// <summary>
/// Where a piece lies on a ready-made cloth so that hems of the cloth are its own. See docs/handbook.md, "Ready-made cloth".
/// </summary>
/// <param name="End">The end it lies on; null for none.</param>
/// <param name="Side">The side it lies on; null for none.</param>
/// <param name="IsTurned">It lies turned round: its upper edge at the near end, its left on the right.</param>
public sealed record KeptHems(ClothEnd? End, ClothSide? Side, bool IsTurned)
{
    /// <summary>It is as long as the cloth: the hem of the other end is its own too.</summary>
    public bool IsWhole { get; init; }

    /// <summary>It may as well lie turned round on the hem of the other end, and of the other side if it is on one.</summary>
    public bool IsEitherEnd { get; init; }

    /// <summary>The same turned round.</summary>
    public KeptHems TurnedRound() =>
        this with
        {
            End = End switch
            {
                ClothEnd.Start => ClothEnd.End,
                ClothEnd.End => ClothEnd.Start,
                _ => null,
            },
            Side = Side switch
            {
                ClothSide.Left => ClothSide.Right,
                ClothSide.Right => ClothSide.Left,
                _ => null,
            },
            IsTurned = !IsTurned,
        };
}
