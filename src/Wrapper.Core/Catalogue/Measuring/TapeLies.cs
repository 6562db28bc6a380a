namespace Wrapper.Core.Catalogue.Measuring;

/// <summary>What the tape may lie on when a thing is measured (docs/handbook.md, “Measured from what”).</summary>
/// <param name="Word">Its word in the open format: <c>filling</c>, <c>padded-filling</c>, <c>space</c> or <c>old-cover</c>.</param>
/// <param name="Label">What it is called on this thing.</param>
public sealed record TapeLies(string Word, string Label);
