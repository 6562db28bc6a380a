using Wrapper.Core.Checks;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.Units;

namespace Wrapper.Core.Judgement.Advice;

/// <summary>Reads what matters to a maker (docs/handbook.md, “Advice”).</summary>
public static class MatterReader
{
    /// <summary>More than so many weigh nothing against one another any more.</summary>
    public static int Most => 3;

    /// <summary>An error at <c>matters</c> for a word that is none, or too many of them; null where all can be read.</summary>
    public static Check? Check(IReadOnlyList<string> matters) =>
        matters.FirstOrDefault(word => Words.Read<Matter>(word) is null) is { } unknown
            ? Checks.Check.Error("unknown-matter", AdviceText.UnknownMatter(unknown, string.Join(", ", Words.All<Matter>())), "matters")
        : matters.Count > Most ? Checks.Check.Error("too-many-matters", AdviceText.TooMany(Most), "matters")
        : null;
}
