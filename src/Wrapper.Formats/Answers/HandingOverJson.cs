using Wrapper.Core.Sewing;

namespace Wrapper.Formats.Answers;

/// <summary>What whoever has a cover is told of it.</summary>
/// <param name="Opening">How it goes on and comes off, in sentences.</param>
/// <param name="Unpick">The place that was closed by hand; null where it opens by itself.</param>
/// <param name="Filled">A filling was put in.</param>
/// <param name="Cautions">What can hurt someone; none says that a rule is kept.</param>
public sealed record HandingOverJson(IReadOnlyList<string> Opening, string? Unpick, bool Filled, IReadOnlyList<string> Cautions)
{
    /// <summary>From what its order of sewing says.</summary>
    /// <param name="told">That.</param>
    /// <param name="cautions">The cautions of its draft.</param>
    public static HandingOverJson Of(HandingOver told, IReadOnlyList<string> cautions) =>
        new(told.Opening, told.Unpick, told.IsFilled, cautions);
}
