using CsCheck;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;

namespace Wrapper.Core.Tests;

/// <summary>Pieces and jobs to lay.</summary>
internal static class LayJobs
{
    private static readonly int[][] TurnChoices =
    [
        [0],
        [0, 180],
        [0, 90, 180, 270],
        [90, 270],
    ];

    private static Gen<Flaw> FlawOf { get; } =
        from at in Gen.Int[0, 2000]
        from length in Gen.Int[5, 300]
        from left in Gen.Int[0, 1000]
        from width in Gen.Int[5, 100]
        from isAcross in Gen.Bool
        select new Flaw(
            Millimetres(at),
            Millimetres(at + length),
            isAcross ? null : Millimetres(left),
            isAcross ? null : Millimetres(left + width)
        );

    /// <summary>
    /// Random jobs of rectangles, trapezoids, slanted strips, crosses, tees and discs that all fit the cloth in some turn, plain and
    /// patterned.
    /// </summary>
    public static Gen<LayRequest> Jobs { get; } =
        from usable in Gen.Int[1100, 2800]
        from oneWay in Gen.Bool
        from repeat in Choice.Of(
            (0, 0, false),
            (0, 0, false),
            (150, 0, false),
            (640, 0, false),
            (0, 120, false),
            (320, 275, false),
            (640, 700, true)
        )
        from space in Choice.Of((0, 0), (0, 3), (3, 3), (3, 6))
        from flaws in FlawOf.Array[0, 2]
        from isFlawed in Gen.Bool
        from pieces in PieceOf(usable).Array[1, 8]
        select new LayRequest
        {
            UsableWidth = Millimetres(usable),
            OneWay = oneWay,
            RepeatLength = Millimetres(repeat.Item1),
            RepeatWidth = Millimetres(repeat.Item2),
            HalfDrop = repeat.Item3,
            Space = Millimetres(space.Item1),
            CurveSpace = Millimetres(space.Item2),
            Flaws = isFlawed ? flaws : [],
            Pieces = [.. pieces.Select((piece, i) => piece with { Id = $"piece {i}" })],
        };

    private static Gen<LayPiece> PieceOf(int usable) =>
        from kind in Gen.Int[0, 6]
        from width in Gen.Int[20, 1090]
        from height in Gen.Int[20, 1090]
        from quantity in Gen.Int[1, 6]
        from turns in Choice.Of(TurnChoices)
        from match in Choice.Of<(string Group, int Along, int Across)?>(null, ("a", 12, -1), ("a", 12, -1), ("a", 0, 10), ("b", 12, 200))
        from alongOnly in Choice.Of(false, false, true)
        select (
            kind switch
            {
                0 => new LayPiece("", quantity, [At(0, 0), At(width, 0), At(width * 0.8, height), At(width * 0.1, height)], turns),
                1 => new LayPiece(
                    "",
                    quantity,
                    [At(5, 5), At(5 + (width / 2.0), 5 + (height / 2.0)), At(5 + (width / 2.0), 45 + (height / 2.0)), At(5, 45)],
                    turns
                ),
                2 => new LayPiece("", quantity, Disc(width, 24), turns),
                3 => new LayPiece(
                    "",
                    quantity,
                    Cross(Math.Min(width, usable) + 10, height + 10, (Math.Min(width, height) / 4.0) + 1),
                    turns
                ),
                4 => new LayPiece("", quantity, Tee(Math.Min(width, usable) + 10, height + 10), turns),
                _ => Rectangle("", Math.Min(width, usable), height) with { Quantity = quantity, Turns = turns },
            }
        ) with
        {
            Match = match is { } at ? new(at.Group, Millimetres(at.Along), at.Across < 0 ? null : Millimetres(at.Across), alongOnly) : null,
        };

    public static LayPiece Rectangle(string id, double width, double height) =>
        new(id, 1, [At(0, 0), At(width, 0), At(width, height), At(0, height)], [0, 180]);

    public static Point[] Cross(double w, double h, double n) =>
        [
            At(n, 0),
            At(w - n, 0),
            At(w - n, n),
            At(w, n),
            At(w, h - n),
            At(w - n, h - n),
            At(w - n, h),
            At(n, h),
            At(n, h - n),
            At(0, h - n),
            At(0, n),
            At(n, n),
        ];

    public static Point[] Disc(double across, int corners) =>
        [
            .. Enumerable
                .Range(0, corners)
                .Select(i => At(across / 2.0 * Math.Cos(-i * 2 * Math.PI / corners), across / 2.0 * Math.Sin(-i * 2 * Math.PI / corners))),
        ];

    public static Point[] Tee(double w, double h) =>
        [At(w / 4, 0), At(3 * w / 4, 0), At(3 * w / 4, h / 2), At(w, h / 2), At(w, h), At(0, h), At(0, h / 2), At(w / 4, h / 2)];

    public static LayPiece Trapezoid(string id, int[] turns) => new(id, 1, [At(0, 0), At(300, 0), At(250, 200), At(50, 200)], turns);

    public static Length Millimetres(double millimetres) => Length.FromMillimetres(millimetres);

    public static Point At(double x, double y) => new(Millimetres(x), Millimetres(y));
}
