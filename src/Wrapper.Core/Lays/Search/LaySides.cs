using Wrapper.Core.Lays.Shapes;

namespace Wrapper.Core.Lays.Search;

/// <summary>
/// Where across the cloth a shape may find its place: beside what is laid, beside the flaws, and at the left edge. All figures in
/// nanometres.
/// </summary>
/// <param name="cloth">The cloth.</param>
/// <param name="isCrowded">More different shapes are laid than every gap can be tried for: a piece lies right of the box of
/// another.</param>
internal sealed class LaySides(LayCloth cloth, bool isCrowded)
{
    private readonly SortedSet<long> _sides = [];

    /// <summary>
    /// Left edges of places. A negative figure −x stands for a place that ends left of x, which depends on the shape’s own width.
    /// </summary>
    public SortedSet<long> InOrder => _sides;

    /// <summary>Nothing lies but the flaws.</summary>
    public void Clear()
    {
        _sides.Clear();
        _sides.Add(0);
        foreach (var flaw in cloth.Flaws)
        {
            Add(flaw.Right);
            AddLeftOf(flaw.Left);
        }
    }

    /// <summary>Beside a shape that is laid here.</summary>
    public void AddOf(LayShape shape, long x)
    {
        AddRightOf(x + shape.Width);
        if (isCrowded)
        {
            return;
        }

        AddLeftOf(x);
        foreach (var stop in shape.Stops)
        {
            AddRightOf(x + stop); // in a notch, beside a slant, over the middle of a curve
            AddLeftOf(x + stop);
        }
    }

    private void AddRightOf(long x)
    {
        Add(x + cloth.Space);
        Add(x + cloth.CurveSpace);
    }

    private void Add(long x)
    {
        if (x < cloth.Usable)
        {
            _sides.Add(x);
        }
    }

    private void AddLeftOf(long x)
    {
        if (x > 0)
        {
            _sides.Add(-x);
        }
    }
}
