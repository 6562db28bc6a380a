using Wrapper.Core.English.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>
/// Gives every piece the cloth of its role. What is cut from two cloths becomes two entries of the cut list, and the seams go
/// with the copies. See docs/handbook.md, "More than one cloth".
/// </summary>
internal static class PieceCloths
{
    /// <summary>The cover with its cloths given out; unchanged where none has a key.</summary>
    public static ConstructedCover GivenOut(ConstructedCover cover, ClothPlan plan)
    {
        if (!plan.TellsPiecesApart)
        {
            return cover;
        }

        var pieces = new List<Piece>();
        var moved = new Dictionary<(string Piece, int Copy), (string Piece, int Copy)>();
        foreach (var piece in cover.Pieces)
        {
            var groups = Groups(piece, plan);
            if (groups.Count == 1)
            {
                pieces.Add(piece with { ClothKey = groups[0].Cloth });
                continue;
            }

            for (var i = 0; i < groups.Count; i++)
            {
                var part = PartOf(piece, groups, i);
                pieces.Add(part);
                for (var copy = 0; copy < groups[i].Copies.Count; copy++)
                {
                    moved[(piece.Key, groups[i].Copies[copy])] = (part.Key, copy + 1);
                }
            }
        }

        return moved.Count == 0
            ? cover with
            {
                Pieces = pieces,
            }
            : cover with
            {
                Pieces = pieces,
                Seams = [.. cover.Seams.Select(seam => Moved(seam, moved))],
            };
    }

    /// <summary>The copies of each cloth, in the order of the first; what is turned over comes second, as it lies on its fellow.</summary>
    private static List<Group> Groups(Piece piece, ClothPlan plan)
    {
        var copies = Enumerable
            .Range(1, piece.PerCover)
            .Select(copy =>
                (
                    Copy: copy,
                    Cloth: plan.KeyFor(
                        piece.CopyRoles[copy - 1],
                        piece.Kind,
                        piece.Zones,
                        piece.CopyPlaces.Count == 0 ? 0 : piece.CopyPlaces[copy - 1]
                    ),
                    Over: piece.LiesTurnedOver(copy)
                )
            )
            .ToList();
        if (copies.TrueForAll(copy => copy.Cloth == copies[0].Cloth))
        {
            return [new(copies[0].Cloth, [.. copies.Select(copy => copy.Copy)])];
        }

        var groups = new List<Group>();
        foreach (var cloth in copies.GroupBy(copy => copy.Cloth))
        {
            var (under, over) = (cloth.Where(copy => !copy.Over).ToList(), cloth.Where(copy => copy.Over).ToList());
            if (under.Count == over.Count)
            {
                groups.Add(
                    new(cloth.Key, [.. under.Zip(over, (first, second) => new[] { first.Copy, second.Copy }).SelectMany(pair => pair)])
                    {
                        InFacingPairs = true,
                    }
                );
                continue;
            }

            groups.AddRange(under.Count > 0 ? [new Group(cloth.Key, [.. under.Select(copy => copy.Copy)])] : []);
            groups.AddRange(over.Count > 0 ? [new Group(cloth.Key, [.. over.Select(copy => copy.Copy)]) { IsTurnedOver = true }] : []);
        }

        return groups;
    }

    private static Piece PartOf(Piece piece, List<Group> groups, int index)
    {
        var group = groups[index];
        var covers = piece.Quantity / piece.PerCover;
        IReadOnlyList<PieceRole> roles = [.. group.Copies.Select(copy => piece.CopyRoles[copy - 1])];
        var isTold =
            groups
                .Select(each => string.Join(' ', each.Copies.Select(copy => piece.CopyRoles[copy - 1].Word).Distinct()))
                .Distinct()
                .Count() == groups.Count;
        var over = piece.Mirrored == 0 ? 0 : group.Copies.Count(piece.LiesTurnedOver);
        return piece with
        {
            Key = $"{piece.Key}-{(isTold ? Suffix(roles[0]) : $"{index + 1}")}",
            Name = isTold ? NameOf(roles[0], piece) : RoleText.PieceAt(piece.Name, PlacesRound.Of(piece, group.Copies), index + 1),
            Part = isTold && piece.Part is { } whole ? whole with { Whole = WholeOf(roles[0], piece) } : null,
            PerCover = group.Copies.Count,
            Quantity = covers * group.Copies.Count,
            Mirrored = over * covers,
            InFacingPairs = group.InFacingPairs,
            IsTurnedOver = group.IsTurnedOver,
            ClothKey = group.Cloth,
            CopyRoles = roles,
            CopyPlaces = piece.CopyPlaces.Count == 0 ? [] : [.. group.Copies.Select(copy => piece.CopyPlaces[copy - 1])],
            Turns = piece.CopyTurns.Count == 0 ? piece.Turns : piece.CopyTurns[group.Copies[0] - 1],
            CopyTurns = [],
        };
    }

    /// <summary>What a piece is called by its role: the part it is of its whole stays.</summary>
    private static string NameOf(PieceRole role, Piece piece)
    {
        var whole = WholeOf(role, piece);
        return piece.Part is { } part ? (part with { Whole = whole }).Name
            : piece.PartName is { } name ? RoleText.PartOf(whole, name)
            : whole;
    }

    private static string WholeOf(PieceRole role, Piece piece) =>
        RoleText.PieceOf(role.Label, piece.Kind is PieceKind.Plate or PieceKind.Panel ? $" {piece.Kind.Word()}" : "");

    private static string Suffix(PieceRole role) =>
        role == PieceRole.FaceFront ? "front"
        : role == PieceRole.FaceBack ? "back"
        : role.Word;

    private static Seam Moved(Seam seam, Dictionary<(string Piece, int Copy), (string Piece, int Copy)> moved)
    {
        SeamSide To(SeamSide side) =>
            moved.TryGetValue((side.Piece, side.Copy), out var to) ? side with { Piece = to.Piece, Copy = to.Copy } : side;
        return seam with
        {
            First = To(seam.First),
            Second = To(seam.Second),
            FirstGoesOn = [.. seam.FirstGoesOn.Select(To)],
            SecondGoesOn = [.. seam.SecondGoesOn.Select(To)],
        };
    }

    /// <summary>Copies of one cloth that are one entry of the cut list.</summary>
    private sealed record Group(string? Cloth, IReadOnlyList<int> Copies)
    {
        public bool InFacingPairs { get; init; }

        public bool IsTurnedOver { get; init; }
    }
}
