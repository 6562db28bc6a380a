using System.Diagnostics;
using Wrapper.Core.Cloth;
using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Bench;

/// <summary>How far lays are from an optimum known by construction: a block of cloth cut right across again and again.</summary>
internal static class LayFigures
{
    private const int Seeds = 5;

    public static void Print()
    {
        foreach (var size in (int[])[8, 20, 60, 200])
        {
            var (excess, first, bound) = (new List<double>(), new List<double>(), new List<double>());
            for (var seed = 0; seed < Seeds; seed++)
            {
                var (request, optimum) = Dissection(size, seed);
                var clock = Stopwatch.StartNew();
                LayPlanner.Plan(request, 1);
                first.Add(clock.Elapsed.TotalMilliseconds);
                clock.Restart();
                var lay = LayPlanner.Plan(request, int.MaxValue, () => clock.Elapsed.TotalSeconds > 2).Lay!;
                excess.Add(lay.Length.RatioTo(optimum) - 1);
                bound.Add(lay.Bound.RatioTo(optimum));
            }

            Console.WriteLine(FormattableString.Invariant(
                $"Lay of {size} rectangles, 2 s, {Seeds} seeds: {100 * excess.Average():0.0} % over the optimum (worst {100 * excess.Max():0.0} %), bound {100 * bound.Average():0.0} % of it; first lay in {first.Average() / (size <= 20 ? 10 : 150):0.00} of the time allowed"));
        }
    }

    /// <summary>A block cut right across, again and again, always the largest part, until there are enough pieces.</summary>
    private static (LayRequest Request, Length Optimum) Dissection(int size, int seed)
    {
        var random = new Random((1000 * size) + seed);
        var (usable, length) = (random.Next(1120, 2801), 200 * (int)Math.Sqrt(size) * random.Next(4, 9));
        var parts = new List<(int Width, int Height)> { (usable, length) };
        while (parts.Count < size)
        {
            var largest = parts.MaxBy(part => (long)part.Width * part.Height);
            parts.Remove(largest);
            var share = 0.25 + (0.5 * random.NextDouble());
            if (largest.Width > largest.Height)
            {
                var left = (int)(largest.Width * share);
                parts.AddRange([(left, largest.Height), (largest.Width - left, largest.Height)]);
            }
            else
            {
                var lower = (int)(largest.Height * share);
                parts.AddRange([(largest.Width, lower), (largest.Width, largest.Height - lower)]);
            }
        }

        return (new() { UsableWidth = Millimetres(usable), Pieces = [.. parts.Select((part, i) => Rectangle($"{i}", part.Width, part.Height))] }, Millimetres(length));
    }

    private static LayPiece Rectangle(string id, int width, int height) => new(
        id,
        1,
        [Point.Origin, new(Millimetres(width), Length.Zero), new(Millimetres(width), Millimetres(height)), new(Length.Zero, Millimetres(height))],
        [0, 180]);

    private static Length Millimetres(int millimetres) => Length.FromMillimetres((decimal)millimetres);
}
