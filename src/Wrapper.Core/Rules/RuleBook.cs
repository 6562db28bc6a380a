using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Rules;

/// <summary>The rules in force for one cover: what the cover says, else what the house says, else what is usual.</summary>
public sealed class RuleBook
{
    private readonly Dictionary<string, Worked> _figures = [];
    private readonly LengthUnit _unit;
    private readonly IReadOnlyDictionary<string, Length> _cover;
    private readonly IReadOnlyDictionary<string, Length> _house;

    /// <summary>Rules for a job in this unit.</summary>
    public RuleBook(LengthUnit unit, IReadOnlyDictionary<string, Length> cover, IReadOnlyDictionary<string, Length> house)
    {
        _unit = unit;
        _cover = cover;
        _house = house;
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
                _figures[name] = figure = Worked.Given(RuleCatalogue.All[name].Label, value, source);
            }

            return figure;
        }
    }

    /// <summary>True when the cover itself or the house says this rule.</summary>
    public bool Says(string name) => _cover.ContainsKey(name) || _house.ContainsKey(name);

    private (Length Value, QuantitySource Source) Find(string name)
    {
        if (_cover.TryGetValue(name, out var said))
        {
            return (said, QuantitySource.Cover);
        }

        if (_house.TryGetValue(name, out var house))
        {
            return (house, QuantitySource.House);
        }

        var definition = RuleCatalogue.All[name];
        return (_unit.IsImperial() ? definition.Imperial : definition.Metric, QuantitySource.Default);
    }
}
