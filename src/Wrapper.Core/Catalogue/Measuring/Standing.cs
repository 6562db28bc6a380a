namespace Wrapper.Core.Catalogue.Measuring;

/// <summary>How a thing stands when one meets it, beside how its cover is folded up: with its first piece lying flat.</summary>
public enum Standing
{
    /// <summary>As it was folded up: a cushion lies on its plate.</summary>
    Lying,

    /// <summary>On its lower edge: what runs along the piece stands up.</summary>
    Upright,

    /// <summary>On its side: a roll lies along a bed.</summary>
    OnItsSide,
}
