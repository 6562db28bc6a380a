namespace Wrapper.Formats.Documents;

/// <summary>A piece of cloth on the house's shelf, as typed: what cloth it is, how wide and long, and which job it is left of.</summary>
public sealed record ShelfDocument(string Cloth = "", string Width = "", string Length = "", string From = "");

/// <summary>What the house has: its own rules, as typed, and the remnants on its shelf.</summary>
public sealed record HouseDocument
{
    /// <summary>Rules by name; what is not here is as usual.</summary>
    public Dictionary<string, string> Rules { get; init; } = [];

    /// <summary>The schools it sews by, by name; what is not here is as usual.</summary>
    public Dictionary<string, string> Schools { get; init; } = [];

    /// <summary>The remnants on the shelf.</summary>
    public List<ShelfDocument> Shelf { get; init; } = [];
}
