namespace Wrapper.Core.Catalogue;

/// <summary>Closures that several constructions have together. See docs/handbook.md, "Make-up".</summary>
public static class Closing
{
    /// <summary>What closes an edge that is opened along its length, the usual one first.</summary>
    public static IReadOnlyList<Closure> Zipped { get; } = [Closure.Zip, Closure.ClosedEndZip, Closure.InvisibleZip, Closure.HookAndLoop];
}
