namespace Wrapper.Core.Buying.Cloths;

/// <summary>A field of a cloth that is a figure.</summary>
/// <param name="Name">Its name in checks: <c>cloth.space</c> without the <c>cloth.</c>.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Code">What the codes of its checks begin with.</param>
internal readonly record struct ClothField(string Name, string Label, string Code);
