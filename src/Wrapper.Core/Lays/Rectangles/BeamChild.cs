namespace Wrapper.Core.Lays.Rectangles;

/// <summary>A way of the beam with one more rectangle put down, before it is known whether it is followed.</summary>
internal readonly record struct BeamChild(int Parent, int Item, bool Turned, bool AtRight, double Key);
