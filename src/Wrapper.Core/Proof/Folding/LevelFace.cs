using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Proof.Folding;

/// <summary>The face of the folded cover that lies level where the folding began: all parts that go on from it in its plane.</summary>
internal static class LevelFace
{
    private const double Level = 0.01;

    /// <summary>
    /// The part that lies level: of the first piece, or of the parts it is joined from, the one in the middle, which a made-up
    /// cover has on top; a piece that is folded in half says itself where its face is.
    /// </summary>
    public static Facet Of(IReadOnlyList<Piece> pieces, IReadOnlyList<Facet> facets)
    {
        var parts = pieces.Where(piece => piece.Kind == pieces[0].Kind && piece.Use == PieceUse.Cover).ToDictionary(piece => piece.Key);
        var faces = facets.Where(facet => facet.Copy == 1 && parts.ContainsKey(facet.Piece)).ToList();
        var boxes = parts.Values.Select(piece => piece.StitchLine.Bounds).ToList();
        var middle = pieces[0].FaceAt is { } face
            ? new FlatPoint(face.X.Millimetres, face.Y.Millimetres)
            : new(
                (boxes.Min(box => box.Left.Millimetres) + boxes.Max(box => box.Right.Millimetres)) / 2,
                (boxes.Min(box => box.Bottom.Millimetres) + boxes.Max(box => box.Top.Millimetres)) / 2
            );
        return faces.Find(facet => Contains(facet, middle)) ?? faces.MaxBy(facet => facet.Area)!;
    }

    private static bool Contains(Facet facet, FlatPoint point)
    {
        var inside = false;
        for (var i = 0; i < facet.Corners.Length; i++)
        {
            var (a, b) = (facet.Corners[i], facet.Corners[(i + 1) % facet.Corners.Length]);
            if (a.Y > point.Y != b.Y > point.Y && point.X < a.X + ((b.X - a.X) * (point.Y - a.Y) / (b.Y - a.Y)))
            {
                inside = !inside;
            }
        }

        return inside;
    }

    /// <summary>The way round it, in millimetres: every side where the cover turns away, is sewn to what lies behind, or ends.</summary>
    public static double Round(IReadOnlyList<Facet> placed)
    {
        var first = placed.First(facet => facet.Placed!.All(IsLevel) && FacesUp(facet));
        var face = new HashSet<Facet> { first };
        var open = new Stack<Facet>([first]);
        while (open.TryPop(out var facet))
        {
            foreach (var joint in facet.Joints)
            {
                if (joint?.Other is { Placed: { } places } other && places.All(IsLevel) && FacesUp(other) && face.Add(other))
                {
                    open.Push(other);
                }
            }
        }

        var round = 0.0;
        foreach (var facet in face)
        {
            for (var side = 0; side < facet.Joints.Length; side++)
            {
                round +=
                    facet.Joints[side] is { } joint && face.Contains(joint.Other)
                        ? 0
                        : facet.Corners[side].DistanceTo(facet.Corners[(side + 1) % facet.Corners.Length]);
            }
        }

        return round;
    }

    private static bool IsLevel(Place place) => Math.Abs(place.Z) < Level;

    /// <summary>Its corners still run counter-clockwise seen from above: it does not lie behind, turned over.</summary>
    private static bool FacesUp(Facet facet)
    {
        var (places, doubled) = (facet.Placed!, 0.0);
        for (var i = 0; i < places.Length; i++)
        {
            var next = places[(i + 1) % places.Length];
            doubled += (places[i].X * next.Y) - (places[i].Y * next.X);
        }

        return doubled > 0;
    }
}
