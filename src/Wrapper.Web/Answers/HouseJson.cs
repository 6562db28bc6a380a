using Wrapper.Formats.Documents;

namespace Wrapper.Web.Answers;

/// <summary>The house's settings with their version.</summary>
/// <param name="Version">Goes up by one at every write.</param>
/// <param name="House">The settings.</param>
/// <param name="Pace">The minutes its own ticks say, by the names of the rules: they count where the house has no rule of its own.</param>
/// <param name="Problems">The rules the stored settings break; empty for sound ones. What can be read of them is in <c>house</c>.</param>
public sealed record HouseJson(long Version, HouseDocument House, IReadOnlyDictionary<string, string> Pace, IReadOnlyList<string> Problems);
