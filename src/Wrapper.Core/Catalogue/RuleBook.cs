using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Catalogue;

/// <summary>
/// The rules in force for one cover: what the cover says, else the job, else the house, else what is usual. A form may have
/// a rule of its own for a general one (the seam of bed goods for the seam); at each of them it goes first.
/// </summary>
public sealed class RuleBook
{
    private static readonly Dictionary<string, string> NoVariants = [];

    private readonly Dictionary<string, Worked> _figures = [];
    private readonly LengthUnit _unit;
    private readonly (RuleSet Set, QuantitySource Source)[] _said;
    private readonly IReadOnlyDictionary<string, string> _variants;

    /// <summary>Rules for a job in this unit.</summary>
    public RuleBook(LengthUnit unit, RuleSet cover, RuleSet job, RuleSet house, IReadOnlyDictionary<string, string>? variants = null)
    {
        _unit = unit;
        _said = [(cover, QuantitySource.Cover), (job, QuantitySource.Job), (house, QuantitySource.House)];
        _variants = variants ?? NoVariants;
    }

    /// <summary>The rule's figure; the same object at every asking, so that sums gather it.</summary>
    /// <exception cref="KeyNotFoundException">There is no rule of this name.</exception>
    public Worked this[string name]
    {
        get
        {
            if (!_figures.TryGetValue(name, out var figure))
            {
                var (value, source) = Find(name);
                _figures[name] = figure = Worked.Given(RuleCatalogue.All[Own(name)].Label, value, source);
            }

            return figure;
        }
    }

    /// <summary>
    /// A general rule that a construction has a figure of its own for: whoever says either is heard in his turn, and the
    /// construction's own is the usual one.
    /// </summary>
    /// <exception cref="KeyNotFoundException">There is no rule of one of the names.</exception>
    public Worked Of(string general, string own)
    {
        var key = $"{general}/{own}";
        if (!_figures.TryGetValue(key, out var figure))
        {
            var (value, source) = Find(general, own);
            _figures[key] = figure = Worked.Given(RuleCatalogue.All[own].Label, value, source);
            (_figures[general], _figures[own]) = (figure, figure);
        }

        return figure;
    }

    /// <summary>The same without counting as asked for.</summary>
    public Length Peek(string general, string own) => Find(general, own).Value;

    /// <summary>The rule's value without counting as asked for: what the proof reads beside the drafting.</summary>
    /// <exception cref="KeyNotFoundException">There is no rule of this name.</exception>
    public Length Peek(string name) => Find(name).Value;

    /// <summary>A rule that is a plain number.</summary>
    /// <exception cref="KeyNotFoundException">There is no rule of this name.</exception>
    public decimal Number(string name)
    {
        foreach (var (set, _) in _said)
        {
            if (set.Numbers.TryGetValue(name, out var said))
            {
                return said;
            }
        }

        return RuleCatalogue.Numbers[name].Usual;
    }

    /// <summary>True when somebody says this rule, so that its figure is not merely the usual one.</summary>
    public bool Says(string name) => Array.Exists(_said, said => said.Set.Lengths.ContainsKey(name) || said.Set.Lengths.ContainsKey(Own(name)));

    /// <summary>True when the cover itself says a rule: a word of the house or the job is a habit, this one was meant here.</summary>
    public bool CoverSays(string name) => _said[0].Set.Lengths.ContainsKey(name);

    /// <summary>The rules the cover itself says that nothing has asked for: they change nothing, and that is worth a word.</summary>
    public IEnumerable<string> UnaskedOfCover =>
        _said[0].Set.Lengths.Keys.Where(name => !_figures.Keys.Any(asked => asked == name || Own(asked) == name));

    private string Own(string name) => _variants.GetValueOrDefault(name, name);

    private (Length Value, QuantitySource Source) Find(string name) => Find(name, Own(name));

    private (Length Value, QuantitySource Source) Find(string name, string own)
    {
        foreach (var (set, source) in _said)
        {
            if (set.Lengths.TryGetValue(own, out var said) || set.Lengths.TryGetValue(name, out said))
            {
                return (said, source);
            }
        }

        var definition = RuleCatalogue.All[own];
        return (_unit.IsImperial() ? definition.Imperial : definition.Metric, QuantitySource.Default);
    }
}
