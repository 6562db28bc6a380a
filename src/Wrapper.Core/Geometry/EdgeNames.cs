namespace Wrapper.Core.Geometry;

/// <summary>
/// How the edges of a piece are called: after the side they belong to, and where a side is in parts, after the side and then the
/// part: <c>front</c>, <c>front-2</c>, <c>back-left-zip</c>.
/// </summary>
public static class EdgeNames
{
    /// <summary>The edge is this side, or a part of it.</summary>
    public static bool IsPartOf(string edge, string side) =>
        edge.StartsWith(side, StringComparison.Ordinal) && (edge.Length == side.Length || edge[side.Length] == '-');

    /// <summary>The edge that lies opposite, left for right; the same where it is on neither side.</summary>
    public static string Mirrored(string edge) =>
        edge.Contains("left", StringComparison.Ordinal)
            ? edge.Replace("left", "right", StringComparison.Ordinal)
            : edge.Replace("right", "left", StringComparison.Ordinal);

    /// <summary>The edge is the part of its side that is called so.</summary>
    public static bool IsPart(string edge, string part) =>
        edge.Length > part.Length && edge.EndsWith(part, StringComparison.Ordinal) && edge[^(part.Length + 1)] == '-';
}
