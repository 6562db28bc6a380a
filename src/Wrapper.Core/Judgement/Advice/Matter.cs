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

/// <summary>What the things that may matter are called, and how many of them may.</summary>
public static class Matters
{
    /// <summary>More do not outweigh one another any more.</summary>
    public const int Most = 3;

    /// <summary>What it is called on screen.</summary>
    public static string Label(this Matter matter) =>
        matter switch
        {
            Matter.Crisp => "crisp and tailored",
            Matter.LeastWork => "least work",
            Matter.LeastCloth => "least cloth",
            Matter.WashedOften => "washed often",
            Matter.OnAndOff => "on and off easily",
            Matter.Outdoors => "outdoors",
            Matter.BothSides => "both sides up",
            Matter.Children => "children",
            Matter.FirstOne => "first one I make",
            Matter.LikeTheOthers => "like the others",
            _ => throw new ArgumentOutOfRangeException(nameof(matter)),
        };
}
