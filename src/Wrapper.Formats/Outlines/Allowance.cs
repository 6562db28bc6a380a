namespace Wrapper.Formats.Outlines;

/// <summary>
/// How much work one drawing may take: an outline takes little, and what takes more is told instead of waited for. It ends at
/// once when nobody waits any more.
/// </summary>
/// <param name="stop">The sender has gone, or the time is over.</param>
internal sealed class Allowance(CancellationToken stop)
{
    /// <summary>Characters, entities, points of a curve that are looked at: a drawing of 5 MB can be read whole.</summary>
    private const long Most = 20_000_000;

    /// <summary>Stretches of lines there can be in all.</summary>
    private const int MostParts = 100_000;
    private const int Often = 4096;

    private long _spent;
    private long _asked;
    private int _parts;

    /// <summary>Counts work.</summary>
    /// <exception cref="UnreadableDrawingException">It is more than an outline takes.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits any more.</exception>
    public void Spend(long work)
    {
        _spent += work;
        if (_spent - _asked >= Often)
        {
            _asked = _spent;
            stop.ThrowIfCancellationRequested();
        }

        if (_spent > Most)
        {
            throw UnreadableDrawingException.FarTooMuch;
        }
    }

    /// <summary>Counts stretches of lines.</summary>
    /// <exception cref="UnreadableDrawingException">There are more than any outline has.</exception>
    public void Draw(int parts)
    {
        _parts += parts;
        if (_parts > MostParts)
        {
            throw new UnreadableDrawingException(
                $"This drawing holds more than {MostParts} stretches of lines: save the outline alone and try again."
            );
        }
    }
}
