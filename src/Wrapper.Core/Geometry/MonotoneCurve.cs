namespace Wrapper.Core.Geometry;

/// <summary>
/// A smooth curve through given values that rises only where they rise and falls only where they fall: a cubic between
/// each two places, its slopes held back so far that it never swings beyond them.
/// </summary>
public sealed class MonotoneCurve
{
    private readonly double[] _values;
    private readonly double[] _slopes;

    /// <summary>A curve through values at places that increase.</summary>
    public MonotoneCurve(double[] places, double[] values)
    {
        Places = places;
        _values = values;
        var count = places.Length;
        var secants = new double[count - 1];
        for (var i = 0; i + 1 < count; i++)
        {
            secants[i] = (values[i + 1] - values[i]) / (places[i + 1] - places[i]);
        }

        _slopes = new double[count];
        _slopes[0] = secants[0];
        _slopes[^1] = secants[^1];
        for (var i = 1; i + 1 < count; i++)
        {
            _slopes[i] = secants[i - 1] * secants[i] <= 0 ? 0 : (secants[i - 1] + secants[i]) / 2;
        }

        for (var i = 0; i + 1 < count; i++)
        {
            if (secants[i] == 0)
            {
                (_slopes[i], _slopes[i + 1]) = (0, 0);
                continue;
            }

            var (a, b) = (_slopes[i] / secants[i], _slopes[i + 1] / secants[i]);
            var size = double.Hypot(a, b);
            if (size > 3)
            {
                (_slopes[i], _slopes[i + 1]) = (3 / size * a * secants[i], 3 / size * b * secants[i]);
            }
        }
    }

    /// <summary>Where the values were given.</summary>
    public double[] Places { get; }

    /// <summary>The value at a place.</summary>
    public double At(double place)
    {
        var (i, t, run) = Find(place);
        var (t2, t3) = (t * t, t * t * t);
        return (((2 * t3) - (3 * t2) + 1) * _values[i])
            + ((t3 - (2 * t2) + t) * run * _slopes[i])
            + (((3 * t2) - (2 * t3)) * _values[i + 1])
            + ((t3 - t2) * run * _slopes[i + 1]);
    }

    /// <summary>The slope at a place.</summary>
    public double SlopeAt(double place)
    {
        var (i, t, run) = Find(place);
        return (((6 * t * t) - (6 * t)) * (_values[i] - _values[i + 1]) / run)
            + (((3 * t * t) - (4 * t) + 1) * _slopes[i])
            + (((3 * t * t) - (2 * t)) * _slopes[i + 1]);
    }

    private (int Span, double Share, double Run) Find(double place)
    {
        var i = 0;
        while (i < Places.Length - 2 && place > Places[i + 1])
        {
            i++;
        }

        var run = Places[i + 1] - Places[i];
        return (i, (place - Places[i]) / run, run);
    }
}
