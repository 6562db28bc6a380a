using System.Globalization;
using System.Text.RegularExpressions;

namespace Wrapper.Formats.Outlines;

/// <summary>Reads the data of an SVG path.</summary>
internal static partial class SvgPath
{
    /// <summary>The lines of a path: rings, closed by a Z, and lines with two ends.</summary>
    /// <exception cref="FormatException">A command has too few numbers or none is known.</exception>
    public static IEnumerable<DrawnLine> Lines(string data)
    {
        var lines = new List<DrawnLine>();
        var (line, at, start, control, last) = (new DrawnLine(), (X: 0.0, Y: 0.0), (X: 0.0, Y: 0.0), (X: 0.0, Y: 0.0), ' ');
        foreach (Match match in Command().Matches(data))
        {
            var (name, numbers) = (match.Groups[1].Value[0], new Queue<double>(Arguments(match.Groups[1].Value[0], match.Groups[2].Value)));
            var first = true;
            do
            {
                Take(first && char.ToUpperInvariant(name) == 'M' ? name : name switch { 'M' => 'L', 'm' => 'l', _ => name }, numbers);
                first = false;
            }
            while (numbers.Count > 0 && char.ToUpperInvariant(name) != 'Z');
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
            Cubic(a, (a.X + (2 * (b.X - a.X) / 3), a.Y + (2 * (b.Y - a.Y) / 3)), (c.X + (2 * (b.X - c.X) / 3), c.Y + (2 * (b.Y - c.Y) / 3)), c);
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
                lines.Add(line);
            }

            line = new();
        }
    }

    private static (double X, double Y) Mirrored((double X, double Y) point, (double X, double Y) about) => ((2 * about.X) - point.X, (2 * about.Y) - point.Y);

    /// <summary>The numbers after a command; the two flags of an arc may stand without a space.</summary>
    private static IEnumerable<double> Arguments(char command, string text)
    {
        if (char.ToUpperInvariant(command) != 'A')
        {
            return Affine.Number().Matches(text).Select(match => double.Parse(match.Value, CultureInfo.InvariantCulture));
        }

        return ArcNumber().Matches(text).SelectMany(match => match.Groups.Values.Skip(1)).Select(group => double.Parse(group.Value, CultureInfo.InvariantCulture));
    }

    [GeneratedRegex("([MmZzLlHhVvCcSsQqTtAa])([^MmZzLlHhVvCcSsQqTtAa]*)")]
    private static partial Regex Command();

    [GeneratedRegex(@"([-+]?[\d.]+(?:[eE][-+]?\d+)?)[\s,]*([-+]?[\d.]+(?:[eE][-+]?\d+)?)[\s,]*([-+]?[\d.]+(?:[eE][-+]?\d+)?)[\s,]*([01])[\s,]*([01])[\s,]*([-+]?[\d.]+(?:[eE][-+]?\d+)?)[\s,]*([-+]?[\d.]+(?:[eE][-+]?\d+)?)", RegexOptions.None, 1000)]
    private static partial Regex ArcNumber();
}
