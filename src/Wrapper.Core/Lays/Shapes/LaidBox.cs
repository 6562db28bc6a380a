namespace Wrapper.Core.Lays.Shapes;

/// <summary>A shape in its place, with where its box ends.</summary>
internal readonly record struct LaidBox(LayShape Shape, long X, long Y)
{
    public long Right { get; } = X + Shape.Width;

    public long Top { get; } = Y + Shape.Height;

    public bool IsBox { get; } = Shape.Slabs is null;
}
