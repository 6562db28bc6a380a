using Wrapper.Core.Geometry;

namespace Wrapper.Core.Proof.Folding;

/// <summary>A corner of a facet on the flat, in millimetres.</summary>
internal readonly record struct FlatPoint(double X, double Y)
{
    public double DistanceTo(FlatPoint other) => double.Hypot(X - other.X, Y - other.Y);
}

/// <summary>A flat part of a piece between creases, counter-clockwise seen from the right side of the cloth.</summary>
internal sealed class Facet(string piece, int copy, FlatPoint[] corners)
{
    public string Piece { get; } = piece;

    public int Copy { get; } = copy;

    public FlatPoint[] Corners { get; } = corners;

    /// <summary>What each side is joined to; null for an open side.</summary>
    public Joint?[] Joints { get; } = new Joint?[corners.Length];

    /// <summary>Where the corners are in space; null before the facet is placed.</summary>
    public Place[]? Placed { get; set; }

    /// <summary>Places of corners that are known from neighbours already placed.</summary>
    public Place?[] Known { get; } = new Place?[corners.Length];

    /// <summary>How many facets had been placed when a corner became known.</summary>
    public int[] KnownSince { get; } = new int[corners.Length];

    /// <summary>Takes note of where a corner is, unless it is known already.</summary>
    public void Learn(int corner, Place place, int since)
    {
        if (Known[corner] is null)
        {
            (Known[corner], KnownSince[corner]) = (place, since);
            _known++;
        }
    }

    /// <summary>
    /// Enough has been learnt since the last try: always for a facet of few corners, then at every doubling, and when all are known.
    /// </summary>
    public bool IsWorthTrying => _known is >= 3 and <= 8 || _known == Corners.Length || (_known & (_known - 1)) == 0;

    private int _known;

    /// <summary>The inner angle at a corner.</summary>
    public double AngleAt(int corner)
    {
        var (before, at, after) = (
            Corners[(corner + Corners.Length - 1) % Corners.Length],
            Corners[corner],
            Corners[(corner + 1) % Corners.Length]
        );
        var (ix, iy, ox, oy) = (before.X - at.X, before.Y - at.Y, after.X - at.X, after.Y - at.Y);
        var angle = Math.Atan2((ox * iy) - (oy * ix), (ox * ix) + (oy * iy));
        return angle < -1e-9 ? angle + (2 * Math.PI) : angle;
    }

    /// <summary>A lap of one piece folded back on itself: it lies on other parts of the cover and adds nothing to its size.</summary>
    public bool IsLap =>
        Joints.Any(joint =>
            joint is { Other: { } other } && other.Piece == Piece && other.Copy == Copy && Joints.Count(also => also?.Other == other) >= 3
        );

    public double Area
    {
        get
        {
            var doubled = 0.0;
            for (var i = 0; i < Corners.Length; i++)
            {
                var (a, b) = (Corners[i], Corners[(i + 1) % Corners.Length]);
                doubled += (a.X * b.Y) - (a.Y * b.X);
            }

            return doubled / 2;
        }
    }
}

/// <summary>A side of a facet joined to a side of another, end to start.</summary>
/// <param name="Other">The other facet.</param>
/// <param name="Side">Its side.</param>
/// <param name="IsFlat">The two go on in one plane.</param>
/// <param name="Seam">The seam that joins them; null at a crease.</param>
internal sealed record Joint(Facet Other, int Side, bool IsFlat, string? Seam);
