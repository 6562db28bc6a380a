namespace Wrapper.Core.Catalogue;

/// <summary>What a cloth is like under the hands (docs/handbook.md, “Advice”).</summary>
public enum ClothTrait
{
    /// <summary>It gives when pulled.</summary>
    Stretches,

    /// <summary>It slides on itself and on the table.</summary>
    Slips,

    /// <summary>Its cut edges come undone.</summary>
    Frays,

    /// <summary>So thin that what lies under it is seen.</summary>
    ShowsThrough,

    /// <summary>Thick, stiff or heavy: four layers are hard to sew.</summary>
    Bulky,

    /// <summary>Woven or printed in stripes or checks.</summary>
    Striped,

    /// <summary>It bears the heat of an iron or a pot for longer.</summary>
    HeatProof,

    /// <summary>It bears sun and rain.</summary>
    Outdoor,

    /// <summary>It may be washed.</summary>
    Washable,
}
