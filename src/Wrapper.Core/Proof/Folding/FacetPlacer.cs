using Wrapper.Core.Geometry;

namespace Wrapper.Core.Proof.Folding;

/// <summary>
/// Places facets in space from nothing but their shapes and how they are joined. A facet of which three corners are known is
/// placed on them; else the angle at which it leaves its neighbour follows from the corner where three facets meet, from two
/// facets lying on each other, or from cloth that goes on flat.
/// </summary>
internal sealed class FacetPlacer(IReadOnlyList<Facet> facets)
{
    private const double Straight = 1e-4;

    /// <summary>Facets with three known corners, the best determined first: corners that nearly lie in one line say little.</summary>
    private readonly PriorityQueue<Facet, double> _ready = new();

    private int _settled;

    /// <summary>Places all that can be placed, beginning with this facet lying as it is drawn.</summary>
    public void Place(Facet first)
    {
        Settle(first, [.. first.Corners.Select(corner => new Place(corner.X, corner.Y, 0))]);
        do
        {
            while (_ready.TryDequeue(out var facet, out _))
            {
                if (facet.Placed is null && KnownFrame(facet) is { } frame)
                {
                    Settle(facet, Framed(facet, frame.A, frame.B, frame.C));
                }
            }
        } while (Turn());
    }

    /// <summary>The inner angle between two facets at a side of the first; null before both are placed.</summary>
    private static double? AngleBetween(Facet facet, int side)
    {
        if (facet.Placed is null || facet.Joints[side] is not { Other.Placed: not null } joint)
        {
            return null;
        }

        var along = Along(facet, side);
        var (normal, other) = (NormalOf(facet), NormalOf(joint.Other));
        var (inwards, across) = (normal.Cross(along), other.Cross(-1 * along));
        return Math.Atan2(-across.Dot(normal), across.Dot(inwards));
    }

    private static Place Along(Facet facet, int side) => (facet.Placed![(side + 1) % facet.Corners.Length] - facet.Placed[side]).Unit;

    private static Place NormalOf(Facet facet)
    {
        var sum = default(Place);
        var placed = facet.Placed!;
        for (var i = 0; i < placed.Length; i++)
        {
            sum += (placed[i] - placed[0]).Cross(placed[(i + 1) % placed.Length] - placed[0]);
        }

        return sum.Unit;
    }

    private void Settle(Facet facet, Place[] places)
    {
        facet.Placed = places;
        _settled++;
        for (var side = 0; side < facet.Joints.Length; side++)
        {
            if (facet.Joints[side] is not { } joint || joint.Other.Placed is not null)
            {
                continue;
            }

            var (other, count) = (joint.Other, joint.Other.Corners.Length);
            other.Learn(joint.Side, places[(side + 1) % places.Length], _settled);
            other.Learn((joint.Side + 1) % count, places[side], _settled);
            if (other.IsWorthTrying && KnownFrame(other) is { } frame)
            {
                _ready.Enqueue(other, -frame.Away);
            }
        }
    }

    /// <summary>
    /// Three known corners that do not lie in one line fix a facet: the two that were known first, because nothing has
    /// added up in them yet, the furthest apart of those; and the one furthest from their line.
    /// </summary>
    private static (int A, int B, int C, double Away)? KnownFrame(Facet facet)
    {
        var a = Earliest(facet, facet.Corners[0], -1);
        var b = a < 0 ? -1 : Earliest(facet, facet.Corners[a], a);
        var c = -1;
        if (b < 0)
        {
            return null;
        }

        var (pa, pb) = (facet.Corners[a], facet.Corners[b]);
        var longest = pa.DistanceTo(pb);
        var furthest = 1e-3;
        for (var i = 0; i < facet.Corners.Length; i++)
        {
            var away = Math.Abs(((pb.X - pa.X) * (facet.Corners[i].Y - pa.Y)) - ((pb.Y - pa.Y) * (facet.Corners[i].X - pa.X))) / longest;
            if (facet.Known[i] is not null && away > furthest)
            {
                (c, furthest) = (i, away);
            }
        }

        return c < 0 ? null : (a, b, c, furthest);
    }

    /// <summary>The corner that was known first, of several the furthest from a point; −1 for none.</summary>
    private static int Earliest(Facet facet, FlatPoint from, int but)
    {
        var (best, since, furthest) = (-1, int.MaxValue, 0.0);
        for (var i = 0; i < facet.Corners.Length; i++)
        {
            var away = facet.Corners[i].DistanceTo(from);
            if (
                i != but
                && facet.Known[i] is not null
                && (but < 0 || away > 0.05)
                && (facet.KnownSince[i] < since || (facet.KnownSince[i] == since && away > furthest))
            )
            {
                (best, since, furthest) = (i, facet.KnownSince[i], away);
            }
        }

        return best;
    }

    private static Place[] Framed(Facet facet, int a, int b, int c)
    {
        var (at, to, third) = (facet.Known[a]!.Value, facet.Known[b]!.Value, facet.Known[c]!.Value);
        var (pa, pb, pc) = (facet.Corners[a], facet.Corners[b], facet.Corners[c]);
        var along = (to - at).Unit;
        var side = third - at;
        var up = (side - (side.Dot(along) * along)).Unit;
        var length = pa.DistanceTo(pb);
        var (ux, uy) = ((pb.X - pa.X) / length, (pb.Y - pa.Y) / length);
        var isLeft = (ux * (pc.Y - pa.Y)) - (uy * (pc.X - pa.X)) > 0;
        return Laid(facet, pa, (ux, uy), at, along, isLeft ? up : -1 * up);
    }

    private static Place[] Laid(Facet facet, FlatPoint origin, (double X, double Y) axis, Place at, Place along, Place left) =>
        [
            .. facet.Corners.Select(corner =>
            {
                var (x, y) = (corner.X - origin.X, corner.Y - origin.Y);
                return at + (((x * axis.X) + (y * axis.Y)) * along) + (((axis.X * y) - (axis.Y * x)) * left);
            }),
        ];

    /// <summary>Places one facet at an angle to a neighbour; false when no angle follows from anything.</summary>
    private bool Turn()
    {
        (Facet Facet, int Side, double Angle, double Worth)? best = null;
        foreach (var facet in facets)
        {
            if (facet.Placed is null)
            {
                continue;
            }

            for (var side = 0; side < facet.Joints.Length; side++)
            {
                if (facet.Joints[side] is not { } joint || joint.Other.Placed is not null)
                {
                    continue;
                }

                if (joint.IsFlat)
                {
                    best = (facet, side, Math.PI, 10);
                }

                foreach (var atStart in (bool[])[true, false])
                {
                    if (AngleAtCorner(facet, side, atStart) is { } found && (best is not { } known || found.Worth > known.Worth))
                    {
                        best = (facet, side, found.Angle, found.Worth);
                    }
                }

                if (best is null && joint.Other.Piece == facet.Piece && joint.Other.Copy == facet.Copy)
                {
                    best = (facet, side, Math.PI, 0.001); // a flap that nothing else holds: it hangs straight on
                }
            }
        }

        if (best is not { } turn)
        {
            return false;
        }

        Attach(turn.Facet, turn.Side, turn.Angle);
        return true;
    }

    private void Attach(Facet facet, int side, double angle)
    {
        var joint = facet.Joints[side]!;
        var (along, normal) = (Along(facet, side), NormalOf(facet));
        var inwards = normal.Cross(along);
        var left = (Math.Cos(angle) * inwards) - (Math.Sin(angle) * normal); // into the neighbour

        // The neighbour's side runs the other way, and the neighbour lies to its left.
        var (other, count) = (joint.Other, joint.Other.Corners.Length);
        var (start, end) = (other.Corners[joint.Side], other.Corners[(joint.Side + 1) % count]);
        var length = start.DistanceTo(end);
        var at = facet.Placed![(side + 1) % facet.Corners.Length];
        Settle(other, Laid(other, start, ((end.X - start.X) / length, (end.Y - start.Y) / length), at, -1 * along, left));
    }

    /// <summary>The angle at a side as it follows from the facets round one of its ends.</summary>
    private static (double Angle, double Worth)? AngleAtCorner(Facet facet, int side, bool atStart)
    {
        if (Round(facet, atStart ? side : (side + 1) % facet.Corners.Length) is not { } corners)
        {
            return null;
        }

        var joint = facet.Joints[side]!;
        var (here, there) = (
            corners[0].Facet.AngleAt(corners[0].Corner),
            joint.Other.AngleAt(atStart ? (joint.Side + 1) % joint.Other.Corners.Length : joint.Side)
        );
        switch (corners.Count)
        {
            case 2 when Math.Abs(here - there) < Straight && here < Math.PI - Straight:
                return (0, 0.05);
            case 3:
                var third = corners.Sum(corner => corner.Facet.AngleAt(corner.Corner)) - here - there;
                var worth = Math.Sin(here) * Math.Sin(there);
                var cosine = (Math.Cos(third) - (Math.Cos(here) * Math.Cos(there))) / worth;
                return
                    here < Math.PI - Straight
                    && there < Math.PI - Straight
                    && third < Math.PI
                    && here + there + third < (2 * Math.PI) - Straight
                    && cosine is > -1 and < 1
                    ? (Math.Acos(cosine), worth)
                    : null;
            default:
                return GoesOnFlat(facet, side, atStart, corners) ? (Math.PI, 0.01) : null;
        }
    }

    /// <summary>
    /// Round a corner that takes nothing in, the cloth lies flat or along one straight crease: where a crease is known to run
    /// into it, what lies beside the crease goes on flat.
    /// </summary>
    private static bool GoesOnFlat(Facet facet, int side, bool atStart, List<(Facet Facet, int Corner)> corners)
    {
        if (Math.Abs(corners.Sum(corner => corner.Facet.AngleAt(corner.Corner)) - (2 * Math.PI)) > Straight)
        {
            return false;
        }

        var count = facet.Corners.Length;
        var (corner, crease) = atStart ? (side, (side + count - 1) % count) : ((side + 1) % count, (side + 1) % count);
        var angle = facet.AngleAt(corner);
        return angle < Math.PI - Straight && AngleBetween(facet, crease) is { } bent && Math.Abs(Math.Abs(bent) - Math.PI) > 1e-3;
    }

    /// <summary>All facets round a corner, this one first; null when the corner lies on an open edge.</summary>
    private static List<(Facet Facet, int Corner)>? Round(Facet facet, int corner)
    {
        var corners = new List<(Facet Facet, int Corner)> { (facet, corner) };
        var (at, place) = (facet, corner);
        while (corners.Count < 12)
        {
            // Across the side that leaves this corner: the neighbour has the corner at that side's end.
            if (at.Joints[place] is not { } joint)
            {
                return null;
            }

            (at, place) = (joint.Other, (joint.Side + 1) % joint.Other.Corners.Length);
            if (at == facet && place == corner)
            {
                return corners;
            }

            corners.Add((at, place));
        }

        return null;
    }
}
