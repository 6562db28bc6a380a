using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Catalogue;

/// <summary>A step of the sewing that houses do in different ways, as it is offered. See docs/handbook.md, "Schools".</summary>
/// <param name="Name">Its name in the open format, under <c>schools</c>.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Ways">The ways, the usual one first.</param>
/// <param name="For">It makes a difference to covers that have one of these pieces; empty for every cover.</param>
public sealed record SewingMethod(string Name, string Label, IReadOnlyList<SewingWay> Ways, IReadOnlyList<PieceKind> For)
{
    /// <summary>All of them, in the order they are offered.</summary>
    public static IReadOnlyList<SewingMethod> All { get; } =
    [
        new(
            "piping",
            "Piping",
            [Way(PipingSchool.First, "on its edge first"), Way(PipingSchool.Sandwich, "all layers at once")],
            [PieceKind.Piping]
        ),
        new(
            "ring",
            "Boxing",
            [Way(RingSchool.Ring, "closed to a ring, then the plates"), Way(RingSchool.Front, "front first, the ring closed last")],
            [PieceKind.Boxing]
        ),
        new(
            "walls",
            "Walls",
            [Way(WallSchool.Ring, "as a ring"), Way(WallSchool.OneByOne, "one by one, then the corners")],
            [PieceKind.Wall]
        ),
        new(
            "finish",
            "Raw edges",
            [
                Way(FinishSchool.Each, "each seam right after it is sewn"),
                Way(FinishSchool.First, "all edges before anything is sewn"),
                Way(FinishSchool.None, "not finished"),
            ],
            []
        ),
        new(
            "creep",
            "Long seams",
            [Way(CreepSchool.SameWay, "both the same way"), Way(CreepSchool.FromACorner, "from a front corner outwards")],
            [PieceKind.Boxing, PieceKind.Plate]
        ),
    ];

    private static SewingWay Way<T>(T way, string label)
        where T : struct, Enum => new(way.Word(), label);
}

/// <summary>One way of doing a step of the sewing.</summary>
/// <param name="Word">Its word in the open format.</param>
/// <param name="Label">What it is called.</param>
public sealed record SewingWay(string Word, string Label);
