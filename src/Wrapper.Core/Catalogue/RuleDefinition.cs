using Wrapper.Core.Units;

namespace Wrapper.Core.Catalogue;

/// <summary>A rule of the workroom that has a usual figure in inches and a twin in metric, not a conversion. See docs/handbook.md, "Defaults".</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called on screen and in the working.</param>
/// <param name="Imperial">The usual figure in an inch house.</param>
/// <param name="Metric">The usual figure in a metric house.</param>
/// <param name="Least">Less than this cannot be.</param>
/// <param name="Most">More than this cannot be.</param>
public sealed record RuleDefinition(string Name, string Label, Length Imperial, Length Metric, Length Least, Length Most);

/// <summary>A rule that is a plain number, the same in inches and metric.</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Usual">The usual figure.</param>
/// <param name="Least">Less than this cannot be.</param>
/// <param name="Most">More than this cannot be.</param>
public sealed record NumberRuleDefinition(string Name, string Label, decimal Usual, decimal Least, decimal Most);
