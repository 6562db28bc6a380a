using System.Buffers;

namespace Wrapper.Formats.Outlines;

/// <summary>Reads the data of an SVG path.</summary>
internal static class SvgPath
{
    /// <summary>An arc is two radii, a turn, two flags and a place.</summary>
    private const int PartsOfArc = 7;
    private const int FlagsAfter = 3;

    private static readonly SearchValues<char> Commands = SearchValues.Create("MmZzLlHhVvCcSsQqTtAa");

    /// <summary>The lines of a path: rings, closed by a Z, and lines with two ends.</summary>
    /// <exception cref="FormatException">A command has too few numbers or none is known.</exception>
    public static IEnumerable<DrawnLine> Lines(string data, Allowance allowance)
    {
        var lines = new List<DrawnLine>();
        var (line, at, start, control, last) = (new DrawnLine(), (X: 0.0, Y: 0.0), (X: 0.0, Y: 0.0), (X: 0.0, Y: 0.0), ' ');
        allowance.Spend(data.Length);
        for (var begin = data.AsSpan().IndexOfAny(Commands); begin >= 0; )
        {
            var length = data.AsSpan(begin + 1).IndexOfAny(Commands);
            var arguments = length < 0 ? data.AsSpan(begin + 1) : data.AsSpan(begin + 1, length);
            var (name, numbers) = (data[begin], new Queue<double>(Arguments(data[begin], arguments)));
            begin = length < 0 ? -1 : begin + 1 + length;
            var first = true;
            do
            {
                Take(
                    first && char.ToUpperInvariant(name) == 'M'
                        ? name
                        : name switch
                        {
                            'M' => 'L',
                            'm' => 'l',
                            _ => name,
                        },
                    numbers
                );
                first = false;
            } while (numbers.Count > 0 && char.ToUpperInvariant(name) != 'Z');
        }

        End(false);
        return lines;

        void Take(char name, Queue<double> numbers)
        {
            double N() => numbers.TryDequeue(out var number) ? number : throw new FormatException("too few numbers");
            var (from, isRelative) = (at, char.IsLower(name));
            (double X, double Y) P() => isRelative ? (from.X + N(), from.Y + N()) : (N(), N());
            switch (char.ToUpperInvariant(name))
            {
                case 'M':
                    End(false);
                    start = at = P();
                    break;
                case 'Z':
                    End(true);
                    at = start;
                    break;
                case 'L':
                    line.Add(DrawnPart.Straight(from, at = P()));
                    break;
                case 'H':
                    line.Add(DrawnPart.Straight(from, at = (isRelative ? from.X + N() : N(), from.Y)));
                    break;
                case 'V':
                    line.Add(DrawnPart.Straight(from, at = (from.X, isRelative ? from.Y + N() : N())));
                    break;
                case 'C':
                    Cubic(from, P(), P(), P());
                    break;
                case 'S':
                    Cubic(from, char.ToUpperInvariant(last) is 'C' or 'S' ? Mirrored(control, from) : from, P(), P());
                    break;
                case 'Q':
                    Quadratic(from, P(), P());
                    break;
                case 'T':
                    Quadratic(from, char.ToUpperInvariant(last) is 'Q' or 'T' ? Mirrored(control, from) : from, P());
                    break;
                case 'A':
                    var (rx, ry, turn, isLarge, isSweep) = (N(), N(), N(), N() != 0, N() != 0);
                    at = P();
                    line.Add(Curves.Arc(from, at, Math.Abs(rx), Math.Abs(ry), turn * Math.PI / 180, isLarge, isSweep));
                    break;
                default:
                    throw new FormatException("unknown command");
            }

            last = name;
        }

        void Cubic((double X, double Y) a, (double X, double Y) b, (double X, double Y) c, (double X, double Y) d)
        {
            line.Add(Curves.Cubic(a, b, c, d));
            (control, at) = (c, d);
        }

        void Quadratic((double X, double Y) a, (double X, double Y) b, (double X, double Y) c)
        {
            Cubic(
                a,
                (a.X + (2 * (b.X - a.X) / 3), a.Y + (2 * (b.Y - a.Y) / 3)),
                (c.X + (2 * (b.X - c.X) / 3), c.Y + (2 * (b.Y - c.Y) / 3)),
                c
            );
            control = b;
        }

        void End(bool isClosed)
        {
            if (!line.IsEmpty)
            {
                if (isClosed && at != start)
                {
                    line.Add(DrawnPart.Straight(at, start));
                }

                line.IsRing = isClosed;
                allowance.Draw(line.Parts.Count);
                lines.Add(line);
            }

            line = new();
        }
    }

    private static (double X, double Y) Mirrored((double X, double Y) point, (double X, double Y) about) =>
        ((2 * about.X) - point.X, (2 * about.Y) - point.Y);

    /// <summary>The numbers after a command; the two flags of an arc may stand without a space.</summary>
    private static List<double> Arguments(char command, ReadOnlySpan<char> text)
    {
        if (char.ToUpperInvariant(command) != 'A')
        {
            return NumberScanner.All(text);
        }

        var scanner = new NumberScanner(text);
        var numbers = new List<double>();
        while (scanner.Next(out var number))
        {
            numbers.Add(number);
            if (numbers.Count % PartsOfArc == FlagsAfter)
            {
                numbers.Add(scanner.NextFlag() ? 1 : 0);
                numbers.Add(scanner.NextFlag() ? 1 : 0);
            }
        }

        return numbers;
    }
}
