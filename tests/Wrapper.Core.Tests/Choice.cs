using CsCheck;

namespace Wrapper.Core.Tests;

/// <summary>One of several values, each as likely.</summary>
internal static class Choice
{
    public static Gen<T> Of<T>(params T[] values) => Gen.Int[0, values.Length - 1].Select(i => values[i]);
}
