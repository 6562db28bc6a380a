namespace Wrapper.Core.Tests.Reckoning;

/// <summary>The sheet a maker reckons on: what was measured and what is said, in millimetres.</summary>
/// <param name="Unit">The unit of the job.</param>
/// <param name="Numbers">Measures by name, rules with <c>r.</c> before it.</param>
public sealed record Paper(string Unit, IReadOnlyDictionary<string, decimal> Numbers)
{
    /// <summary>A measure or a rule.</summary>
    public double this[string name] => (double)Numbers[name];

    /// <summary>Finished width: the measure and its fit.</summary>
    public double W => this["width"] + Fit("width");

    /// <summary>Finished depth.</summary>
    public double D => this["depth"] + Fit("depth");

    /// <summary>Finished length, which fits as a depth does.</summary>
    public double L => this["length"] + Fit("depth");

    /// <summary>Finished thickness.</summary>
    public double T => this["thickness"] + Fit("thickness");

    /// <summary>The seam.</summary>
    public double S => this["r.seam"];

    /// <summary>The zip's turning.</summary>
    public double Z => this["r.zip"];

    /// <summary>The hem, all its folds.</summary>
    public double Hem => this["r.hem"];

    /// <inheritdoc />
    public override string ToString() => $"{string.Join(' ', Numbers.Select(number => $"{number.Key}={number.Value}"))} {Unit}";

    /// <summary>The fit on an axis; none where none is said.</summary>
    public double Fit(string axis) => (double)Numbers.GetValueOrDefault($"r.fit.{axis}");
}

/// <summary>What came of the reckoning: pieces to cut, and figures a maker buys by.</summary>
public sealed class Answer
{
    /// <summary>Pieces by id: width × length and how many.</summary>
    public List<(string Id, double Width, double Length, int Count)> Pieces { get; } = [];

    /// <summary>Notions that must be there, by kind: the length of each and how many.</summary>
    public List<(string Kind, double Length, int Count)> Notions { get; } = [];

    /// <summary>Areas of cloth inside cut lines, by piece id: a notch of the wrong size shows here.</summary>
    public List<(string Id, double Area)> Areas { get; } = [];

    /// <summary>Lines chalked on every piece of an id: the mark's kind, its length, how many.</summary>
    public List<(string Id, string Kind, double Length, int Count)> Lines { get; } = [];

    /// <summary>One more kind of piece.</summary>
    public Answer Cut(string id, double width, double length, int count = 1)
    {
        Pieces.Add((id, width, length, count));
        return this;
    }

    /// <summary>One more notion.</summary>
    public Answer Buy(string kind, double length, int count = 1)
    {
        Notions.Add((kind, length, count));
        return this;
    }

    /// <summary>The cloth inside the cut line of every piece of an id.</summary>
    public Answer Cloth(string id, double area)
    {
        Areas.Add((id, area));
        return this;
    }

    /// <summary>Lines chalked on every piece of an id.</summary>
    public Answer Chalk(string id, string kind, double length, int count)
    {
        Lines.Add((id, kind, length, count));
        return this;
    }
}
