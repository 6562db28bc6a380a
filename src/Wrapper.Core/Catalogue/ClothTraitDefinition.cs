using Wrapper.Core.English;

namespace Wrapper.Core.Catalogue;

/// <summary>A trait of a cloth with what it asks for at the table and at the machine (docs/handbook.md, “Cloth”).</summary>
/// <param name="Trait">The trait.</param>
/// <param name="Label">What it is called: “slips”.</param>
/// <param name="Handling">Needle, thread, foot and finish it asks for.</param>
public sealed record ClothTraitDefinition(ClothTrait Trait, string Label, string Handling)
{
    /// <summary>Every trait, in the order they are offered.</summary>
    public static IReadOnlyList<ClothTraitDefinition> All { get; } =
    [
        new(ClothTrait.Stretches, TraitText.Stretches, TraitText.HandlingOfStretches),
        new(ClothTrait.Slips, TraitText.Slips, TraitText.HandlingOfSlips),
        new(ClothTrait.Frays, TraitText.Frays, TraitText.HandlingOfFrays),
        new(ClothTrait.ShowsThrough, TraitText.ShowsThrough, TraitText.HandlingOfShowsThrough),
        new(ClothTrait.Bulky, TraitText.Bulky, TraitText.HandlingOfBulky),
        new(ClothTrait.Striped, TraitText.Striped, TraitText.HandlingOfStriped),
        new(ClothTrait.HeatProof, TraitText.HeatProof, TraitText.HandlingOfHeatProof),
        new(ClothTrait.Outdoor, TraitText.Outdoor, TraitText.HandlingOfOutdoor),
        new(ClothTrait.Washable, TraitText.Washable, TraitText.HandlingOfWashable),
    ];
}
