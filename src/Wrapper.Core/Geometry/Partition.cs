using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>Cutting edges at places along them and at upright lines.</summary>
public static class Partition
{
    /// <summary>The point so far along an edge.</summary>
    public static Point PointAlong(Edge edge, Length along)
    {
        if (along.IsZero)
        {
            return edge.Start;
        }

        var length = edge.Length;
        if (along == length)
        {
            return edge.End;
        }

        var share = along.RatioTo(length);
        if (edge.Arc is not { } arc)
        {
            return edge.Start + (share * (edge.End - edge.Start));
        }

        var angle = share * arc.Sweep(edge.Start, edge.End);
        return arc.Centre + Turned(edge.Start - arc.Centre, angle);
    }

    /// <summary>The point so far along the parts of one edge; the end of the last where that is further.</summary>
    public static Point PointAlong(IReadOnlyList<Edge> parts, Length along)
    {
        foreach (var part in parts)
        {
            if (along <= part.Length)
            {
                return PointAlong(part, Length.Max(along, Length.Zero));
            }

            along -= part.Length;
        }

        return parts[^1].End;
    }

    /// <summary>How far along an edge a point of it lies; null for a point that is not on it, to a hundredth of a millimetre.</summary>
    public static Length? DistanceAlong(Edge edge, Point at)
    {
        var hair = Length.FromNanometres(10_000);
        if (edge.Arc is { } arc)
        {
            var (from, to) = (edge.Start - arc.Centre, at - arc.Centre);
            var sweep = arc.Sweep(edge.Start, edge.End);
            var angle = Math.Atan2(from.Cross(to), from.Dot(to));
            var whole =
                Math.Abs(angle) < 1e-12 ? 0
                : sweep > 0 == angle > 0 ? angle
                : angle + (sweep > 0 ? 2 * Math.PI : -2 * Math.PI);
            var share = whole / sweep;
            return share is >= 0 and <= 1 + 1e-9 && PointAlong(edge, Share(edge, share)).DistanceTo(at) <= hair ? Share(edge, share) : null;
        }

        var run = edge.End - edge.Start;
        var part = (at - edge.Start).Dot(run) / run.Dot(run);
        return part is >= -1e-9 and <= 1 + 1e-9 && (edge.Start + (part * run)).DistanceTo(at) <= hair ? Share(edge, part) : null;
    }

    private static Length Share(Edge edge, double share) => Length.FromNanometresRounded(edge.Length.Nanometres * Math.Clamp(share, 0, 1));

    /// <summary>Where an edge crosses an upright line, as lengths along the edge; its ends do not count.</summary>
    public static IEnumerable<Length> Crossings(Edge edge, Length x)
    {
        if (edge.Arc is not { } arc)
        {
            var (low, high) = (Length.Min(edge.Start.X, edge.End.X), Length.Max(edge.Start.X, edge.End.X));
            if (x > low && x < high)
            {
                yield return edge.Length.Times((x - edge.Start.X).RatioTo(edge.End.X - edge.Start.X));
            }

            yield break;
        }

        var radius = arc.RadiusAt(edge.Start);
        var across = (double)(x - arc.Centre.X).Nanometres;
        if (Math.Abs(across) >= radius)
        {
            yield break;
        }

        var sweep = arc.Sweep(edge.Start, edge.End);
        var from = edge.Start - arc.Centre;
        var rise = Math.Sqrt((radius * radius) - (across * across));
        var shares = new List<double>();
        foreach (var to in (Vector[])[new(across, rise), new(across, -rise)])
        {
            var angle = Math.Atan2(from.Cross(to), from.Dot(to));
            angle =
                sweep > 0 && angle < 0 ? angle + (2 * Math.PI)
                : sweep < 0 && angle > 0 ? angle - (2 * Math.PI)
                : angle;
            var share = angle / sweep;
            if (share is > 1e-9 and < 1 - 1e-9)
            {
                shares.Add(share);
            }
        }

        shares.Sort();
        foreach (var share in shares)
        {
            yield return edge.Length.Times(share);
        }
    }

    /// <summary>The part of an edge between two places along it, under another name.</summary>
    public static Edge Cut(Edge edge, Length from, Length to, EdgeName name) =>
        new(name, PointAlong(edge, from), PointAlong(edge, to), edge.Arc);

    private static Vector Turned(Vector from, double angle) =>
        new((from.X * Math.Cos(angle)) - (from.Y * Math.Sin(angle)), (from.X * Math.Sin(angle)) + (from.Y * Math.Cos(angle)));
}
