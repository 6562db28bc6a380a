using Wrapper.Core.Geometry;

namespace Wrapper.Core.Lays.Repeats;

/// <summary>The point at which a piece meets the pattern, counted from the least corner of its turned box.</summary>
internal sealed record PatternPoint(string Group, long X, long Y, bool AlongOnly)
{
    public static PatternPoint Of(LayMatch match, IReadOnlyList<Point> corners, int turn)
    {
        var width = (corners.Max(corner => corner.X) - corners.Min(corner => corner.X)).Nanometres;
        var height = (corners.Max(corner => corner.Y) - corners.Min(corner => corner.Y)).Nanometres;
        var (x, y) = (match.Across?.Nanometres ?? width / 2, match.Along.Nanometres);
        var (turnedX, turnedY) = turn switch
        {
            90 => (height - y, x),
            180 => (width - x, height - y),
            270 => (y, width - x),
            _ => (x, y),
        };
        return new(match.Group, turnedX, turnedY, match.AlongOnly);
    }
}
