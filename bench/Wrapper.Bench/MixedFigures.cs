using System.Diagnostics;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;

namespace Wrapper.Bench;

/// <summary>True shapes that go into one another, against the same planner's lay of the boxes round them.</summary>
internal static class MixedFigures
{
    private const double Seconds = 2;
    private const int Seeds = 3;

    public static void Print()
    {
        Console.WriteLine($"True shapes in {Seconds} s, below the same planner's lay of their boxes; {Seeds} seeds each:");
        var all = new List<double>();
        foreach (
            var (name, make) in ((string, Func<Random, IEnumerable<LayPiece>>)[])
                [
                    ("crosses and small pieces", Crosses),
                    ("discs", Discs),
                    ("T shapes", Tees),
                    ("trapezoids", Trapezoids),
                    ("all of them", random => [.. Crosses(random), .. Discs(random), .. Tees(random), .. Trapezoids(random)]),
                ]
        )
        {
            var saved = Enumerable
                .Range(0, Seeds)
                .Select(seed =>
                {
                    var random = new Random(100 + seed);
                    var request = new LayRequest
                    {
                        UsableWidth = Millimetres(random.Next(1380, 1420)),
                        Pieces = [.. make(random).Select((piece, i) => piece with { Id = $"{i}" })],
                    };
                    var boxes = request with { Pieces = [.. request.Pieces.Select(Boxed)] };
                    return 1 - Length(request).RatioTo(Length(boxes));
                })
                .ToList();
            all.AddRange(saved);
            Console.WriteLine(
                FormattableString.Invariant($"  {name, -26}: {100 * saved.Average():0.0} % (least {100 * saved.Min():0.0} %)")
            );
        }

        Console.WriteLine(FormattableString.Invariant($"  mean of all: {100 * all.Average():0.0} %"));
    }

    private static Length Length(LayRequest request)
    {
        var clock = Stopwatch.StartNew();
        return LayPlanner.Plan(request, int.MaxValue, () => clock.Elapsed.TotalSeconds > Seconds).Lay!.Length;
    }

    private static IEnumerable<LayPiece> Crosses(Random random)
    {
        for (var i = 0; i < 6; i++)
        {
            int w = random.Next(620, 690),
                h = random.Next(500, 700),
                n = random.Next(110, 160);
            yield return Piece(
                (n, 0),
                (w - n, 0),
                (w - n, n),
                (w, n),
                (w, h - n),
                (w - n, h - n),
                (w - n, h),
                (n, h),
                (n, h - n),
                (0, h - n),
                (0, n),
                (n, n)
            );
            yield return Piece((0, 0), (n - 5, 0), (n - 5, n - 5), (0, n - 5)) with
            {
                Quantity = 4,
            };
        }
    }

    private static IEnumerable<LayPiece> Discs(Random random)
    {
        var r = random.Next(180, 230);
        yield return new LayPiece(
            "",
            16,
            [
                .. Enumerable
                    .Range(0, 96)
                    .Select(i => new Point(Millimetres(r * Math.Cos(i * Math.PI / 48)), Millimetres(r * Math.Sin(i * Math.PI / 48)))),
            ],
            [0, 180]
        );
    }

    private static IEnumerable<LayPiece> Tees(Random random)
    {
        int w = random.Next(400, 420),
            ear = random.Next(112, 120),
            front = random.Next(150, 190),
            h = random.Next(400, 480);
        yield return Piece(
            (ear, 0),
            (w - ear, 0),
            (w - ear, h - front),
            (w, h - front),
            (w, h),
            (0, h),
            (0, h - front),
            (ear, h - front)
        ) with
        {
            Quantity = 12,
        };
    }

    private static IEnumerable<LayPiece> Trapezoids(Random random)
    {
        for (var i = 0; i < 8; i++)
        {
            int w = random.Next(500, 620),
                step = random.Next(120, 200),
                h = random.Next(400, 520);
            yield return Piece((0, 0), (w, 0), (w - step, h), (step, h)) with
            {
                Quantity = 2,
            };
        }
    }

    private static LayPiece Boxed(LayPiece piece)
    {
        var (x, y) = (piece.Corners.Select(corner => corner.X).ToList(), piece.Corners.Select(corner => corner.Y).ToList());
        return piece with { Corners = [new(x.Min(), y.Min()), new(x.Max(), y.Min()), new(x.Max(), y.Max()), new(x.Min(), y.Max())] };
    }

    private static LayPiece Piece(params (int X, int Y)[] corners) =>
        new("", 1, [.. corners.Select(corner => new Point(Millimetres(corner.X), Millimetres(corner.Y)))], [0, 180]);

    private static Length Millimetres(double millimetres) => Core.Units.Length.FromMillimetres(millimetres);
}
