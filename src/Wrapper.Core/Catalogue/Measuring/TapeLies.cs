namespace Wrapper.Core.Catalogue.Measuring;

/// <summary>What the tape may lie on when a thing is measured (docs/handbook.md, “Measured from what”).</summary>
/// <param name="Word">What it lies on.</param>
/// <param name="Label">What it is called on this thing.</param>
public sealed record TapeLies(MeasuredFrom Word, string Label);
