using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Judgement.Advice;

/// <summary>What is known of one thing, its cloth and its use when it is decided how to make it (docs/handbook.md, “Advice”).</summary>
public sealed record AdviceFacts
{
    /// <summary>From this repeat on a motif is so large that it shows when it is cut.</summary>
    public static Length LargeMotif { get; } = Length.FromMillimetres(300m);

    /// <summary>From so many alike on the minutes of one count more than its look.</summary>
    public static int LargeSet => 6;

    /// <summary>Below this finished thickness a wall is hard to sew.</summary>
    public static Length LowWall { get; } = Length.FromMillimetres(38m);

    /// <summary>What is inside.</summary>
    public Filling Filling { get; init; }

    /// <summary>The filling itself was measured, with nothing on it.</summary>
    public bool IsBareFilling { get; init; } = true;

    /// <summary>Its plan is round, stepped or free.</summary>
    public bool HasCurvedPlan { get; init; }

    /// <summary>Finished; null for what has none.</summary>
    public Length? Thickness { get; init; }

    /// <summary>How many alike.</summary>
    public int Count { get; init; } = 1;

    /// <summary>Piping is on it as it stands.</summary>
    public bool IsPiped { get; init; }

    /// <summary>What the cloth is like.</summary>
    public IReadOnlyList<ClothTrait> Traits { get; init; } = [];

    /// <summary>What the cloths of roles that are given one of their own are like; the others are cut from the cover's.</summary>
    public IReadOnlyDictionary<PieceRole, IReadOnlyList<ClothTrait>> RoleTraits { get; init; } =
        new Dictionary<PieceRole, IReadOnlyList<ClothTrait>>();

    /// <summary>The cloth has a nap, or a print that points one way.</summary>
    public bool OneWay { get; init; }

    /// <summary>The cloth's repeat down the roll.</summary>
    public Length Repeat { get; init; }

    /// <summary>What matters to the maker.</summary>
    public IReadOnlyList<Matter> Matters { get; init; } = [];

    /// <summary>How the other covers of the job are made.</summary>
    public IReadOnlyList<string> Others { get; init; } = [];

    /// <summary>It shades one way and has no print: pile, or a finish brushed down.</summary>
    public bool HasNap => OneWay && !Repeat.IsPositive;

    /// <summary>Its print is so large, or points one way, that it shows where it is cut.</summary>
    public bool HasLargePrint => Repeat >= LargeMotif || (OneWay && Repeat.IsPositive);

    /// <summary>The cloth is like this.</summary>
    public bool Is(ClothTrait trait) => Traits.Contains(trait);

    /// <summary>The cloth that pieces of this role are cut from is like this.</summary>
    public bool Is(ClothTrait trait, PieceRole role) => RoleTraits.GetValueOrDefault(role, Traits).Contains(trait);

    /// <summary>This matters.</summary>
    public bool Wants(Matter matter) => Matters.Contains(matter);
}
