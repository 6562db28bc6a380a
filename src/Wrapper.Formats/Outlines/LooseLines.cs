namespace Wrapper.Formats.Outlines;

/// <summary>Lines with two ends, found by where they end: what ends near a place is looked for among its neighbours only.</summary>
internal sealed class LooseLines
{
    private readonly IReadOnlyList<DrawnLine> _lines;
    private readonly Allowance _allowance;
    private readonly bool[] _isTaken;
    private readonly Dictionary<(long, long), List<(int Line, bool AtStart)>> _ends = [];
    private int _first;

    public LooseLines(IReadOnlyList<DrawnLine> lines, Allowance allowance)
    {
        (_lines, _allowance, _isTaken) = (lines, allowance, new bool[lines.Count]);
        for (var i = 0; i < lines.Count; i++)
        {
            Put(lines[i].Start, i, true);
            Put(lines[i].End, i, false);
        }
    }

    /// <summary>Takes the first that is left; null when none is.</summary>
    public DrawnLine? Any()
    {
        while (_first < _lines.Count && _isTaken[_first])
        {
            _first++;
        }

        return _first == _lines.Count ? null : Take(_first);
    }

    /// <summary>Takes the first that begins or ends here, so that it begins here; null where none does.</summary>
    public DrawnLine? From((double X, double Y) place)
    {
        var (found, atStart) = (-1, false);
        var (x, y) = CellOf(place);
        for (var cell = 0; cell < 9; cell++)
        {
            if (!_ends.TryGetValue((x - 1 + (cell / 3), y - 1 + (cell % 3)), out var ends))
            {
                continue;
            }

            ends.RemoveAll(end => _isTaken[end.Line]);
            foreach (var end in ends)
            {
                _allowance.Spend(1);
                var isFirst = found < 0 || end.Line < found || (end.Line == found && end.AtStart);
                if (isFirst && DrawnLine.Meet(end.AtStart ? _lines[end.Line].Start : _lines[end.Line].End, place))
                {
                    (found, atStart) = (end.Line, end.AtStart);
                }
            }
        }

        return found < 0 ? null
            : atStart ? Take(found)
            : Take(found).Reversed();
    }

    private DrawnLine Take(int line)
    {
        _isTaken[line] = true;
        return _lines[line];
    }

    private void Put((double X, double Y) place, int line, bool atStart)
    {
        var cell = CellOf(place);
        if (!_ends.TryGetValue(cell, out var ends))
        {
            _ends[cell] = ends = [];
        }

        ends.Add((line, atStart));
    }

    /// <summary>What meets lies in the same cell or in one beside it.</summary>
    private static (long X, long Y) CellOf((double X, double Y) place) =>
        ((long)Math.Floor(place.X / DrawnLine.Near), (long)Math.Floor(place.Y / DrawnLine.Near));
}
