using System.Runtime.CompilerServices;

namespace Wrapper.Core.Lays.Shapes;

/// <summary>Two shapes, the same and not merely alike, and how far the second stands right of the first.</summary>
internal readonly struct ShapePair(LayShape under, LayShape over, long across) : IEquatable<ShapePair>
{
    private readonly LayShape _under = under;
    private readonly LayShape _over = over;
    private readonly long _across = across;

    public bool Equals(ShapePair other) =>
        _across == other._across && ReferenceEquals(_under, other._under) && ReferenceEquals(_over, other._over);

    public override bool Equals(object? obj) => obj is ShapePair other && Equals(other);

    public override int GetHashCode() => HashCode.Combine(RuntimeHelpers.GetHashCode(_under), RuntimeHelpers.GetHashCode(_over), _across);
}
