using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>
/// Faces joined from several drops. The outer drops of both faces are one piece cut four times, two of them turned over;
/// what lies between is another.
/// </summary>
internal static class JoinedFaces
{
    public static void Draw(
        FaceDrops drops,
        Worked length,
        Worked side,
        Worked closed,
        OpenEnd end,
        (Worked Front, Worked Back) cut,
        CoverSpecification specification,
        List<Piece> pieces,
        List<Seam> seams
    )
    {
        var join = drops.Join.Value;
        var (l, shut, count) = (length.Value, end.Shut.Value, drops.Parts.Count);
        var outer = drops.Parts[0].Value - side.Value - join;
        var inner = drops.Parts[1].Value - (2 * join);
        var total = (2 * outer) + ((count - 2) * inner);
        var faces = end.IsAlike ? 1 : 2;
        for (var face = 1; face <= faces; face++)
        {
            var (key, cutLength, allowance) = (
                faces == 1 ? "face" : $"face-{face}",
                face == 1 ? cut.Front : cut.Back,
                face == 1 ? end.Front : end.Back
            );
            var name =
                faces == 1 ? "Face"
                : face == 1 ? "Front face"
                : "Back face, with flap";
            var outside = BagOpenEnd.Face(
                specification,
                $"{name}, {BagsText.OuterDrop}",
                faces == 1 ? 4 : 2,
                Drop(Length.Zero, outer, l, shut, total - shut, EdgeName.OuterSide, EdgeName.Join),
                drops.Parts[0],
                cutLength,
                side,
                closed,
                allowance,
                join
            );
            pieces.Add(
                outside with
                {
                    PartName = BagsText.OuterDrop,
                    Key = $"{key}-outer",
                    CopyRoles = RolesOf(face, outside.PerCover),
                    InFacingPairs = true,
                    Mirrored = outside.Quantity / 2,
                }
            );
            for (var part = 1; part + 1 < count; part++)
            {
                var from = outer + ((part - 1) * inner);
                var middle = BagOpenEnd.Face(
                    specification,
                    $"{name}, {BagsText.MiddleDrop}",
                    faces == 1 ? 2 : 1,
                    Drop(from, from + inner, l, shut, total - shut, EdgeName.JoinLeft, EdgeName.JoinRight),
                    drops.Parts[1],
                    cutLength,
                    side,
                    closed,
                    allowance,
                    join
                );
                pieces.Add(
                    middle with
                    {
                        PartName = BagsText.MiddleDrop,
                        CopyRoles = RolesOf(face, middle.PerCover),
                        Key = count == 3 ? $"{key}-middle" : $"{key}-middle-{part}",
                        InFacingPairs = faces == 1,
                        Mirrored = faces == 1 && !Symmetry.IsLeftRight(middle.StitchLine) ? middle.Quantity / 2 : 0,
                    }
                );
            }
        }

        seams.AddRange(Seams(pieces, count, end, faces));

        IReadOnlyList<PieceRole> RolesOf(int face, int copies) =>
            faces == 1
                ? PieceRole.Usual(PieceKind.Face, copies)
                : [.. Enumerable.Repeat(face == 1 ? PieceRole.FaceFront : PieceRole.FaceBack, copies)];
    }

    /// <summary>One drop of a face between two places across it; its upper end is broken where the way in begins and ends.</summary>
    private static Outline Drop(Length from, Length to, Length length, Length shutTo, Length shutFrom, EdgeName left, EdgeName right)
    {
        var width = to - from;
        var corners = new List<(EdgeName, Point)> { (EdgeName.Closed, Point.Origin), (right, new(width, Length.Zero)) };
        var at = width;
        foreach (
            var (name, edge) in ((EdgeName, Length)[])
                [(EdgeName.EndRight, shutFrom), (EdgeName.End, shutTo), (EdgeName.EndLeft, Length.Zero)]
        )
        {
            var place = Length.Max(edge - from, Length.Zero);
            if (at - place > Length.FromMillimetres(0.01m))
            {
                corners.Add((name, new(at, length)));
                at = place;
            }
        }

        corners.Add((left, new(Length.Zero, length)));
        return Outline.Polygon(corners);
    }

    private static IEnumerable<Seam> Seams(List<Piece> pieces, int count, OpenEnd end, int faces)
    {
        var between = count - 2;
        for (var face = 1; face <= 2; face++)
        {
            foreach (var join in JoinsOf(pieces, face, between, faces))
            {
                yield return join;
            }
        }

        // Outer drops: the left of the front is copy 1, its right copy 2; of the back as seen from outside, copy 3 and 4.
        var (front, back) = (pieces[0], faces == 1 ? pieces[0] : pieces[1 + between]);
        foreach (
            var edge in front.StitchLine.Names.Where(edge => edge.Function != EdgeFunction.Join && (edge != EdgeName.End || end.IsSewn))
        )
        {
            yield return new(
                $"left-{edge}",
                new(front.Key, edge),
                new(back.Key, edge, faces == 1 ? 4 : 2),
                edge == EdgeName.End ? Caught.Zip : null
            );
            yield return new(
                $"right-{edge}",
                new(front.Key, edge, 2),
                new(back.Key, edge, faces == 1 ? 3 : 1),
                edge == EdgeName.End ? Caught.Zip : null
            );
        }

        for (var part = 1; part <= between; part++)
        {
            var (upper, lower) = (pieces[part], faces == 1 ? pieces[part] : pieces[1 + between + (between + 1 - part)]);
            foreach (
                var edge in upper.StitchLine.Names.Where(edge => edge.Function != EdgeFunction.Join && (edge != EdgeName.End || end.IsSewn))
            )
            {
                var other = faces == 1 ? edge : lower.StitchLine.Names.First(name => name.Mirrors(edge));
                yield return new(
                    $"middle-{part}-{edge}",
                    new(upper.Key, edge),
                    faces == 1 ? new(lower.Key, edge, 2) : new(lower.Key, other),
                    edge == EdgeName.End ? Caught.Zip : null
                );
            }
        }
    }

    private static IEnumerable<Seam> JoinsOf(List<Piece> pieces, int face, int between, int faces)
    {
        var offset = faces == 2 && face == 2 ? 1 + between : 0;
        var (outer, first) = (pieces[offset], faces == 1 && face == 2);
        var (leftCopy, rightCopy, middleCopy) = first ? (4, 3, 2) : (1, 2, 1);
        SeamSide left = new(outer.Key, EdgeName.Join, leftCopy),
            right = new(outer.Key, EdgeName.Join, rightCopy);
        if (between == 0)
        {
            yield return new($"join-{face}", left, right, IsFlat: true);
            yield break;
        }

        for (var part = 1; part <= between; part++)
        {
            var key = pieces[offset + part].Key;
            yield return new(
                $"join-{face}-{part}",
                part == 1 ? left : new(pieces[offset + part - 1].Key, EdgeName.JoinRight, middleCopy),
                new(key, EdgeName.JoinLeft, middleCopy),
                IsFlat: true
            );
            if (part == between)
            {
                yield return new($"join-{face}-{part + 1}", new(key, EdgeName.JoinRight, middleCopy), right, IsFlat: true);
            }
        }
    }
}
