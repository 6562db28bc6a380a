using System.Buffers;

namespace Wrapper.Formats.Outlines;

/// <summary>Reads the data of an SVG path.</summary>
internal sealed class SvgPath
{
    /// <summary>An arc is two radii, a turn, two flags and a place.</summary>
    private const int PartsOfArc = 7;
    private const int FlagsAfter = 3;

    private static readonly SearchValues<char> Commands = SearchValues.Create("MmZzLlHhVvCcSsQqTtAa");

    private readonly Allowance _allowance;
    private readonly List<DrawnLine> _lines = [];
    private DrawnLine _line = new();
    private (double X, double Y) _at;
    private (double X, double Y) _start;
    private (double X, double Y) _control;
    private char _last = ' ';

    private SvgPath(Allowance allowance) => _allowance = allowance;

    /// <summary>The lines of a path: rings, closed by a Z, and lines with two ends.</summary>
    /// <exception cref="FormatException">A command has too few numbers or none is known.</exception>
    public static IEnumerable<DrawnLine> Lines(string data, Allowance allowance)
    {
        allowance.Spend(data.Length);
        var path = new SvgPath(allowance);
        for (var begin = data.AsSpan().IndexOfAny(Commands); begin >= 0; )
        {
            var length = data.AsSpan(begin + 1).IndexOfAny(Commands);
            var arguments = length < 0 ? data.AsSpan(begin + 1) : data.AsSpan(begin + 1, length);
            path.Take(data[begin], new Queue<double>(Arguments(data[begin], arguments)));
            begin = length < 0 ? -1 : begin + 1 + length;
        }

        path.End(false);
        return path._lines;
    }

    /// <summary>A command with all its numbers: they may be enough for it several times, and what follows a move are lines.</summary>
    private void Take(char name, Queue<double> numbers)
    {
        TakeOnce(name, numbers);
        var again = name switch
        {
            'M' => 'L',
            'm' => 'l',
            _ => name,
        };
        while (numbers.Count > 0 && char.ToUpperInvariant(name) != 'Z')
        {
            TakeOnce(again, numbers);
        }
    }

    private void TakeOnce(char name, Queue<double> numbers)
    {
        var (from, isRelative) = (_at, char.IsLower(name));
        double N() => numbers.TryDequeue(out var number) ? number : throw new FormatException("too few numbers");
        (double X, double Y) P() => isRelative ? (from.X + N(), from.Y + N()) : (N(), N());
        switch (char.ToUpperInvariant(name))
        {
            case 'M':
                End(false);
                _start = _at = P();
                break;
            case 'Z':
                End(true);
                _at = _start;
                break;
            case 'L':
                Straight(P());
                break;
            case 'H':
                Straight((isRelative ? from.X + N() : N(), from.Y));
                break;
            case 'V':
                Straight((from.X, isRelative ? from.Y + N() : N()));
                break;
            case 'C':
                Cubic(from, P(), P(), P());
                break;
            case 'S':
                Cubic(from, char.ToUpperInvariant(_last) is 'C' or 'S' ? Mirrored(_control, from) : from, P(), P());
                break;
            case 'Q':
                Quadratic(from, P(), P());
                break;
            case 'T':
                Quadratic(from, char.ToUpperInvariant(_last) is 'Q' or 'T' ? Mirrored(_control, from) : from, P());
                break;
            case 'A':
                var (rx, ry, turn, isLarge, isSweep) = (N(), N(), N(), N() != 0, N() != 0);
                _at = P();
                _line.Add(Curves.Arc(from, _at, Math.Abs(rx), Math.Abs(ry), turn * Math.PI / 180, isLarge, isSweep));
                break;
            default:
                throw new FormatException("unknown command");
        }

        _last = name;
    }

    private void Straight((double X, double Y) to)
    {
        _line.Add(DrawnPart.Straight(_at, to));
        _at = to;
    }

    private void Cubic((double X, double Y) a, (double X, double Y) b, (double X, double Y) c, (double X, double Y) d)
    {
        _line.Add(Curves.Cubic(a, b, c, d));
        (_control, _at) = (c, d);
    }

    private void Quadratic((double X, double Y) a, (double X, double Y) b, (double X, double Y) c)
    {
        Cubic(a, (a.X + (2 * (b.X - a.X) / 3), a.Y + (2 * (b.Y - a.Y) / 3)), (c.X + (2 * (b.X - c.X) / 3), c.Y + (2 * (b.Y - c.Y) / 3)), c);
        _control = b;
    }

    private void End(bool isClosed)
    {
        if (!_line.IsEmpty)
        {
            if (isClosed && _at != _start)
            {
                _line.Add(DrawnPart.Straight(_at, _start));
            }

            _line.IsRing = isClosed;
            _allowance.Draw(_line.Parts.Count);
            _lines.Add(_line);
        }

        _line = new();
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
