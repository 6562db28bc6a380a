namespace Wrapper.Formats.Outlines;

/// <summary>What a drawing holds: rings, lines with two ends, and what has to be told of the rest.</summary>
internal sealed class Drawing(Allowance allowance)
{
    /// <summary>More lines than any outline is drawn with.</summary>
    private const int MostLines = 20_000;

    private readonly List<DrawnLine> _rings = [];
    private readonly List<DrawnLine> _open = [];
    private readonly SortedSet<string> _beside = [];

    /// <summary>What had to be assumed.</summary>
    public List<string> Notes { get; } = [];

    /// <summary>Adds a line; empty ones are none.</summary>
    /// <exception cref="UnreadableDrawingException">There are more lines than can be an outline.</exception>
    public void Add(DrawnLine line)
    {
        if (line.IsEmpty)
        {
            return;
        }

        if (_rings.Count + _open.Count >= MostLines)
        {
            throw new UnreadableDrawingException($"This drawing holds more than {MostLines} lines: save the outline alone and try again.");
        }

        (line.IsRing || line.Meets ? _rings : _open).Add(line);
    }

    /// <summary>Something that is no line and was not looked at: writing, dimensions.</summary>
    public void Beside(string what) => _beside.Add(what);

    /// <summary>The largest outline, or why there is none.</summary>
    public ImportedOutline Outline()
    {
        _rings.AddRange(Chained());
        if (_beside.Count > 0)
        {
            Notes.Add($"Not part of the outline, and left out: {string.Join(", ", _beside)}.");
        }

        return OutlineFile.Largest([.. _rings.Select(ring => ring.Closed(allowance))], Notes);
    }

    /// <summary>Lines that meet end to end, joined into rings.</summary>
    private IEnumerable<DrawnLine> Chained()
    {
        var (left, ends) = (new LooseLines(_open, allowance), 0);
        while (left.Any() is { } first)
        {
            var chain = new DrawnLine { IsRing = true };
            Take(first);
            while (!chain.Meets && left.From(chain.End) is { } next)
            {
                Take(next);
            }

            if (chain.Meets && chain.Parts.Count > 1)
            {
                yield return chain;
            }
            else
            {
                ends++;
            }

            void Take(DrawnLine line)
            {
                foreach (var part in line.Parts)
                {
                    chain.Add(part);
                }
            }
        }

        if (ends > 0)
        {
            Notes.Add(ends == 1 ? "One line has two loose ends and was left out." : $"{ends} lines have loose ends and were left out.");
        }
    }
}
