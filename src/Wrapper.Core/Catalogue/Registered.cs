namespace Wrapper.Core.Catalogue;

/// <summary>The forms and constructions that inputs are read against: whoever reads is handed them and knows none by name.</summary>
/// <param name="Forms">The forms, as they are offered.</param>
/// <param name="Constructions">The constructions, by id.</param>
public sealed record Registered(IReadOnlyList<FormDefinition> Forms, IReadOnlyDictionary<string, ConstructionDefinition> Constructions);
