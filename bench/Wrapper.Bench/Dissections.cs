using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;

namespace Wrapper.Bench;

/// <summary>Blocks of cloth cut up without waste: the length of the block is the optimum of laying its parts again.</summary>
internal static class Dissections
{
    private const int Smallest = 60;

    /// <summary>Cut right across, again and again, always the largest part, until there are enough pieces.</summary>
    public static (LayRequest Request, Length Optimum) RightAcross(int size, int seed, bool quarterTurns)
    {
        var (random, usable, length, parts) = Block(size, seed);
        while (parts.Count < size)
        {
            var largest = parts.MaxBy(part => (long)part.Width * part.Height);
            parts.Remove(largest);
            parts.AddRange(Halves(largest, random));
        }

        return Request(parts, usable, length, quarterTurns);
    }

    /// <summary>
    /// Any part, the larger the likelier, is cut into a pinwheel of five, none of whose cuts goes right across, or in two.
    /// </summary>
    public static (LayRequest Request, Length Optimum) Pinwheels(int size, int seed, bool quarterTurns)
    {
        var (random, usable, length, parts) = Block(size, seed);
        while (parts.Count < size)
        {
            var part = AnyPart(parts, random);
            if (Math.Max(part.Width, part.Height) < Smallest)
            {
                continue;
            }

            parts.Remove(part);
            parts.AddRange(
                size - parts.Count >= 5 && Math.Min(part.Width, part.Height) > 2 * Smallest ? Pinwheel(part, random) : Halves(part, random)
            );
        }

        return Request(parts, usable, length, quarterTurns);
    }

    private static (Random Random, int Usable, int Length, List<(int Width, int Height)> Parts) Block(int size, int seed)
    {
        var random = new Random((1000 * size) + seed);
        var (usable, length) = (random.Next(1120, 2801), 200 * (int)Math.Sqrt(size) * random.Next(4, 9));
        return (random, usable, length, [(usable, length)]);
    }

    private static (int Width, int Height) AnyPart(List<(int Width, int Height)> parts, Random random)
    {
        var at = random.NextDouble() * parts.Sum(part => (double)part.Width * part.Height);
        foreach (var part in parts)
        {
            at -= (double)part.Width * part.Height;
            if (at <= 0)
            {
                return part;
            }
        }

        return parts[^1];
    }

    private static (int Width, int Height)[] Halves((int Width, int Height) part, Random random)
    {
        var share = 0.25 + (0.5 * random.NextDouble());
        if (part.Width > part.Height)
        {
            var left = (int)(part.Width * share);
            return [(left, part.Height), (part.Width - left, part.Height)];
        }

        var lower = (int)(part.Height * share);
        return [(part.Width, lower), (part.Width, part.Height - lower)];
    }

    private static (int Width, int Height)[] Pinwheel((int Width, int Height) part, Random random)
    {
        int Between(int whole, double from) => (int)(whole * (from + (0.2 * random.NextDouble())));
        var (left, right) = (Between(part.Width, 0.25), Between(part.Width, 0.55));
        var (lower, upper) = (Between(part.Height, 0.25), Between(part.Height, 0.55));
        return
        [
            (right, lower),
            (part.Width - right, upper),
            (part.Width - left, part.Height - upper),
            (left, part.Height - lower),
            (right - left, upper - lower),
        ];
    }

    private static (LayRequest Request, Length Optimum) Request(
        List<(int Width, int Height)> parts,
        int usable,
        int length,
        bool quarterTurns
    ) =>
        (
            new()
            {
                UsableWidth = Millimetres(usable),
                Pieces = [.. parts.Select((part, i) => Rectangle($"{i}", part.Width, part.Height, quarterTurns))],
            },
            Millimetres(length)
        );

    private static LayPiece Rectangle(string id, int width, int height, bool quarterTurns) =>
        new(
            id,
            1,
            [
                Point.Origin,
                new(Millimetres(width), Length.Zero),
                new(Millimetres(width), Millimetres(height)),
                new(Length.Zero, Millimetres(height)),
            ],
            quarterTurns ? [0, 90, 180, 270] : [0, 180]
        );

    private static Length Millimetres(int millimetres) => Length.FromMillimetres((decimal)millimetres);
}
