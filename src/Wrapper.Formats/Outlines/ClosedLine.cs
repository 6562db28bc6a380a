namespace Wrapper.Formats.Outlines;

/// <summary>
/// A closed line of a drawing: corners in millimetres, y upwards, each with the rise of the edge that leaves it (positive to the right of
/// its way).
/// </summary>
internal sealed class ClosedLine(List<ImportedCorner> corners)
{
    private const double Near = 0.02;

    public IReadOnlyList<ImportedCorner> Corners { get; } = Cleaned(corners);

    /// <summary>Twice-counted area of the chords, positive counter-clockwise; circles of two corners count by their rise.</summary>
    public double Area
    {
        get
        {
            var doubled = 0.0;
            for (var i = 0; i < Corners.Count; i++)
            {
                var (from, to) = (Corners[i], Corners[(i + 1) % Corners.Count]);
                doubled +=
                    (from.X * to.Y)
                    - (from.Y * to.X)
                    + (4.0 / 3 * from.Rise * Math.Sqrt(((to.X - from.X) * (to.X - from.X)) + ((to.Y - from.Y) * (to.Y - from.Y))));
            }

            return doubled / 2;
        }
    }

    /// <summary>Counter-clockwise, from the corner nearest the front left, moved so that the least x and y are 0.</summary>
    public IReadOnlyList<ImportedCorner> Placed()
    {
        var turned = Area < 0 ? Reversed() : [.. Corners];
        var (left, bottom) = (turned.Min(corner => corner.X), turned.Min(corner => corner.Y));
        var moved = turned
            .Select(corner => new ImportedCorner(Rounded(corner.X - left), Rounded(corner.Y - bottom), Rounded(corner.Rise)))
            .ToList();
        var first = moved.IndexOf(moved.MinBy(corner => corner.X + corner.Y)!);
        return [.. moved.Skip(first), .. moved.Take(first)];
    }

    private static double Rounded(double value) => Math.Round(value, 3) + 0.0;

    private List<ImportedCorner> Reversed()
    {
        var reversed = new List<ImportedCorner>();
        for (var i = Corners.Count - 1; i >= 0; i--)
        {
            // The edge that left the corner before now arrives; the one that arrived now leaves, and bulges to the other hand.
            reversed.Add(Corners[i] with { Rise = -Corners[(i + Corners.Count - 1) % Corners.Count].Rise });
        }

        return reversed;
    }

    /// <summary>Corners that lie on each other are one; a straight that only goes on in its own line is no corner.</summary>
    private static List<ImportedCorner> Cleaned(List<ImportedCorner> corners)
    {
        var kept = new List<ImportedCorner>();
        for (var i = 0; i < corners.Count; i++)
        {
            var next = corners[(i + 1) % corners.Count];
            if (Math.Abs(next.X - corners[i].X) > Near || Math.Abs(next.Y - corners[i].Y) > Near)
            {
                kept.Add(corners[i]);
            }
        }

        var (real, count) = (new List<ImportedCorner>(), kept.Count); // from the last to the first
        for (var i = kept.Count - 1; i >= 0; i--)
        {
            var (before, here, after) = (
                i > 0 ? kept[i - 1]
                : real.Count > 0 ? real[0]
                : kept[0],
                kept[i],
                real.Count > 0 ? real[^1] : kept[0]
            );
            var cross = ((here.X - before.X) * (after.Y - here.Y)) - ((here.Y - before.Y) * (after.X - here.X));
            // and does not turn back
            var goesOn = ((here.X - before.X) * (after.X - here.X)) + ((here.Y - before.Y) * (after.Y - here.Y)) > 0;
            if (count > 3 && before.Rise == 0 && here.Rise == 0 && Math.Abs(cross) < 1e-6 && goesOn)
            {
                count--;
            }
            else
            {
                real.Add(here);
            }
        }

        real.Reverse();
        return real;
    }
}
