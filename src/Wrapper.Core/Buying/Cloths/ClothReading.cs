using Wrapper.Core.Checks;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>What came of reading a cloth.</summary>
/// <param name="Cloth">Null when an error stands in the way.</param>
/// <param name="Price">The price of a yard (inch job) or metre; null for none.</param>
/// <param name="Checks">Errors and what waits to be finished, each naming its field as <c>cloth.width</c>.</param>
public sealed record ClothReading(ClothSpecification? Cloth, decimal? Price, IReadOnlyList<Check> Checks);
