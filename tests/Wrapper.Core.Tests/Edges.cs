using Wrapper.Core.Geometry;

namespace Wrapper.Core.Tests;

/// <summary>Names for edges of shapes that are no part of a cover.</summary>
internal static class Edges
{
    /// <summary>An edge of which only its word matters.</summary>
    public static EdgeName Named(string word) => EdgeName.Called(word, EdgePlace.None);
}
