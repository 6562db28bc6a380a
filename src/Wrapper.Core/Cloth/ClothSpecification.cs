using Wrapper.Core.Units;

namespace Wrapper.Core.Cloth;

/// <summary>A cloth as it comes off the roll. See docs/handbook.md, "Cloth".</summary>
/// <param name="Width">Selvage to selvage.</param>
/// <param name="Selvage">What is cut off at each side.</param>
/// <param name="OneWay">It has a nap, or a print that points one way.</param>
/// <param name="RepeatLength">The pattern's repeat down the roll; zero for none.</param>
public sealed record ClothSpecification(Length Width, Length Selvage, bool OneWay, Length RepeatLength)
{
    /// <summary>What pieces can be laid on.</summary>
    public Length UsableWidth => Width - (2 * Selvage);
}
