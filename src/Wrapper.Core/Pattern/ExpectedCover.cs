namespace Wrapper.Core.Pattern;

/// <summary>
/// What a cover has to measure when it is folded up, told by the thing and never by the drafting; lengths in millimetres,
/// areas in square millimetres. See docs/handbook.md, "Fold-up".
/// </summary>
public sealed record ExpectedCover
{
    /// <summary>Its three sizes, in any order: which face the folding begins with is no matter.</summary>
    public required IReadOnlyList<double> Sizes { get; init; }

    /// <summary>The length of all edges that stay open; 0 for a closed cover.</summary>
    public required double Opening { get; init; }

    /// <summary>The area of all its cloth between stitch lines.</summary>
    public required double Area { get; init; }

    /// <summary>The way round the face that the first piece lies on.</summary>
    public required double Round { get; init; }

    /// <summary>How far the area may be off because a smooth side is drawn in arcs.</summary>
    public double Smooth { get; init; }

    /// <summary>By how much an open rim is longer than what it is drawn in to; null where nothing is gathered.</summary>
    public double? Gather { get; init; }
}

/// <summary>A zone of a loose cover that has to lie in its block with an allowance all round, in millimetres.</summary>
/// <param name="Zone">The key of its block.</param>
/// <param name="Width">Across, what tucks in included.</param>
/// <param name="Height">Along, what tucks in included.</param>
/// <param name="Across">What is cut beyond it at each side.</param>
/// <param name="Along">What is cut beyond it at each end.</param>
public sealed record ExpectedZone(string Zone, double Width, double Height, double Across, double Along);

/// <summary>
/// A skirt: how long its cloth is before it is gathered or pleated, what it is sewn to, and how deep it hangs, in millimetres.
/// </summary>
public sealed record ExpectedSkirt(double Length, double Round, double Drop);

/// <summary>Everything the thing says of its cover.</summary>
/// <param name="Cover">What it measures folded up; null where it is pinned and nothing can be folded.</param>
/// <param name="Zones">The zones of a cover that is pinned.</param>
/// <param name="Skirt">Its skirt; null for none.</param>
/// <param name="Medallion">The finished diameter of its medallion; 0 for none.</param>
public sealed record Expectation(ExpectedCover? Cover, IReadOnlyList<ExpectedZone> Zones, ExpectedSkirt? Skirt, double Medallion)
{
    /// <summary>A cover that is folded up and has nothing besides: no zones, no skirt, no medallion.</summary>
    public static Expectation Plain(ExpectedCover cover) => new(cover, [], null, 0);
}
