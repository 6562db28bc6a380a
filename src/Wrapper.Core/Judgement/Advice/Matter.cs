namespace Wrapper.Core.Judgement.Advice;

/// <summary>What may matter to the maker of a cover; at most three are touched, none is needed (docs/handbook.md, “Advice”).</summary>
public enum Matter
{
    /// <summary>Crisp and tailored.</summary>
    Crisp,

    /// <summary>As little work as can be.</summary>
    LeastWork,

    /// <summary>As little cloth as can be.</summary>
    LeastCloth,

    /// <summary>It is washed often.</summary>
    WashedOften,

    /// <summary>It goes on and comes off easily.</summary>
    OnAndOff,

    /// <summary>It lives outdoors.</summary>
    Outdoors,

    /// <summary>It is used either side up.</summary>
    BothSides,

    /// <summary>Small children use it.</summary>
    Children,

    /// <summary>It is the first one somebody makes.</summary>
    FirstOne,

    /// <summary>It must look like the others of the job.</summary>
    LikeTheOthers,
}
