namespace Wrapper.Formats.Documents;

/// <summary>An edge of a piece's stitch line.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Length">In millimetres.</param>
/// <param name="Allowance">In millimetres.</param>
public sealed record EdgeJson(string Name, double Length, double Allowance);
