using Wrapper.Core.Checks;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading.Readers;

namespace Wrapper.Core.Drafting;

/// <summary>What a cover's inputs came to: a draft, or the errors in the way of one.</summary>
/// <param name="Draft">Null when an error stands in the way.</param>
/// <param name="Reading">How the inputs were read.</param>
/// <param name="Checks">Everything noticed, in reading and in drafting, errors first.</param>
public sealed record DraftOutcome(Draft? Draft, CoverReading Reading, IReadOnlyList<Check> Checks);
