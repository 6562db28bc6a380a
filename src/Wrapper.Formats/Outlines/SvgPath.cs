using System.Globalization;
using System.Text.RegularExpressions;

namespace Wrapper.Formats.Outlines;

/// <summary>A ring of an SVG path: parts that each give their points from 0 to 1.</summary>
internal sealed class SvgRing
{
    private readonly List<(bool IsStraight, Func<double, (double X, double Y)> At, int Parts)> _parts = [];

    public bool IsEmpty => _parts.Count == 0;

    public void Line((double X, double Y) from, (double X, double Y) to) =>
        _parts.Add((true, t => (from.X + (t * (to.X - from.X)), from.Y + (t * (to.Y - from.Y))), 1));

    public void Curve(Func<double, (double X, double Y)> at, int parts) => _parts.Add((false, at, parts));

    /// <summary>The ring's corners where the drawing puts them; a curve becomes arcs through its own points.</summary>
    public List<ImportedCorner> Placed(Affine place)
    {
        var corners = new List<ImportedCorner>();
        foreach (var (isStraight, at, parts) in _parts)
        {
            for (var i = 0; i < parts; i++)
            {
                var (from, middle, to) = (Put(place, at(i / (double)parts)), Put(place, at((i + 0.5) / parts)), Put(place, at((i + 1.0) / parts)));
                var (dx, dy) = (to.X - from.X, to.Y - from.Y);
                var chord = Math.Sqrt((dx * dx) + (dy * dy));
                var rise = isStraight || chord < 1e-9 ? 0 : (((middle.X - from.X) * dy) - ((middle.Y - from.Y) * dx)) / chord;
                corners.Add(new(from.X, from.Y, Math.Abs(rise) < 0.005 ? 0 : rise));
            }
        }

        return corners;
    }

    private static (double X, double Y) Put(Affine place, (double X, double Y) point) => place.Put(point.X, point.Y);
}

/// <summary>Reads the data of an SVG path.</summary>
internal static partial class SvgPath
{
    private const int PartsOfCurve = 8;

    /// <summary>The rings of a path that are closed, by a Z or because they end where they began.</summary>
    /// <exception cref="FormatException">A command has too few numbers or none is known.</exception>
    public static IEnumerable<SvgRing> Rings(string data)
    {
        var rings = new List<SvgRing>();
        var (ring, at, start, control, last) = (new SvgRing(), (X: 0.0, Y: 0.0), (X: 0.0, Y: 0.0), (X: 0.0, Y: 0.0), ' ');
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

        Close(false);
        return rings;

        void Take(char name, Queue<double> numbers)
        {
            double N() => numbers.TryDequeue(out var number) ? number : throw new FormatException("too few numbers");
            var (from, isRelative) = (at, char.IsLower(name));
            (double X, double Y) P() => isRelative ? (from.X + N(), from.Y + N()) : (N(), N());
            switch (char.ToUpperInvariant(name))
            {
                case 'M':
                    Close(false);
                    start = at = P();
                    break;
                case 'Z':
                    Close(true);
                    at = start;
                    break;
                case 'L':
                    ring.Line(from, at = P());
                    break;
                case 'H':
                    ring.Line(from, at = (isRelative ? from.X + N() : N(), from.Y));
                    break;
                case 'V':
                    ring.Line(from, at = (from.X, isRelative ? from.Y + N() : N()));
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
                    SvgArc.Add(ring, from, at, Math.Abs(rx), Math.Abs(ry), turn * Math.PI / 180, isLarge, isSweep);
                    break;
                default:
                    throw new FormatException("unknown command");
            }

            last = name;
        }

        void Cubic((double X, double Y) a, (double X, double Y) b, (double X, double Y) c, (double X, double Y) d)
        {
            ring.Curve(t => (Bezier(t, a.X, b.X, c.X, d.X), Bezier(t, a.Y, b.Y, c.Y, d.Y)), PartsOfCurve);
            (control, at) = (c, d);
        }

        void Quadratic((double X, double Y) a, (double X, double Y) b, (double X, double Y) c)
        {
            Cubic(a, (a.X + (2 * (b.X - a.X) / 3), a.Y + (2 * (b.Y - a.Y) / 3)), (c.X + (2 * (b.X - c.X) / 3), c.Y + (2 * (b.Y - c.Y) / 3)), c);
            control = b;
        }

        void Close(bool isSaid)
        {
            if (!ring.IsEmpty && (isSaid || (Math.Abs(at.X - start.X) < 1e-6 && Math.Abs(at.Y - start.Y) < 1e-6)))
            {
                if (isSaid && at != start)
                {
                    ring.Line(at, start);
                }

                rings.Add(ring);
            }

            ring = new();
        }
    }

    private static double Bezier(double t, double a, double b, double c, double d)
    {
        var s = 1 - t;
        return (s * s * s * a) + (3 * s * s * t * b) + (3 * s * t * t * c) + (t * t * t * d);
    }

    private static (double X, double Y) Mirrored((double X, double Y) point, (double X, double Y) about) => ((2 * about.X) - point.X, (2 * about.Y) - point.Y);

    /// <summary>The numbers after a command; the two flags of an arc may stand without a space.</summary>
    private static IEnumerable<double> Arguments(char command, string text)
    {
        var matches = char.ToUpperInvariant(command) == 'A' ? ArcNumber().Matches(text) : Affine.Number().Matches(text);
        if (char.ToUpperInvariant(command) != 'A')
        {
            return matches.Select(match => double.Parse(match.Value, CultureInfo.InvariantCulture));
        }

        return matches.SelectMany(match => match.Groups.Values.Skip(1)).Select(group => double.Parse(group.Value, CultureInfo.InvariantCulture));
    }

    [GeneratedRegex("([MmZzLlHhVvCcSsQqTtAa])([^MmZzLlHhVvCcSsQqTtAa]*)")]
    private static partial Regex Command();

    [GeneratedRegex(@"([-+]?[\d.]+(?:[eE][-+]?\d+)?)[\s,]*([-+]?[\d.]+(?:[eE][-+]?\d+)?)[\s,]*([-+]?[\d.]+(?:[eE][-+]?\d+)?)[\s,]*([01])[\s,]*([01])[\s,]*([-+]?[\d.]+(?:[eE][-+]?\d+)?)[\s,]*([-+]?[\d.]+(?:[eE][-+]?\d+)?)", RegexOptions.None, 1000)]
    private static partial Regex ArcNumber();
}
