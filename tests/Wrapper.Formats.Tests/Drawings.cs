using Wrapper.Formats.Outlines;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>Reads drawings for the tests, and no longer than a test lasts.</summary>
internal static class Drawings
{
    public static ImportedOutline Read(string text) => OutlineFile.Read(text, TestContext.Current.CancellationToken);
}
