using Wrapper.Core.Catalogue;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading;

/// <summary>What the drafting asks of a cloth: what its pieces are joined, turned and cut larger for.</summary>
/// <param name="UsableWidth">What pieces can lie on, as the cloth lies on the table.</param>
/// <param name="OneWay">It has a nap or a print that points one way.</param>
public sealed record DraftCloth(Length UsableWidth, bool OneWay)
{
    /// <summary>What it loses across and along when it is washed, as parts of one.</summary>
    public (decimal Across, decimal Along) Shrinkage { get; init; }

    /// <summary>It is washed before it is cut; null where nobody has said, and then the cover's rule holds.</summary>
    public bool? IsPrewashed { get; init; }

    /// <summary>How thick it is; null where nobody has said.</summary>
    public Length? Thickness { get; init; }

    /// <summary>How long it is, where it is ready made; null for a roll.</summary>
    public Length? Length { get; init; }

    /// <summary>Its edges, where it is ready made; null where nothing is said of them.</summary>
    public ClothEdges? Edges { get; init; }

    /// <summary>What it is like under the hands.</summary>
    public IReadOnlyList<ClothTrait> Traits { get; init; } = [];

    /// <summary>What it is called where something is said of it; null for its key.</summary>
    public string? Name { get; init; }
}
