using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Catalogue;

/// <summary>
/// The rules in force for one cover: what the cover says, else the job, else the house, else what is usual. A form may have
/// a rule of its own for a general one (the seam of bed goods for the seam); at each of them it goes first.
/// </summary>
public sealed class RuleBook
{
    private static readonly Dictionary<Rule, Rule> NoVariants = [];

    private readonly Dictionary<Rule, Worked> _figures = [];
    private readonly Dictionary<(Rule General, Rule Own), Worked> _together = [];
    private readonly List<Rule> _asked = [];
    private readonly HashSet<NumberRule> _numbers = [];
    private readonly LengthUnit _unit;
    private readonly (RuleSet Set, QuantitySource Source)[] _said;
    private readonly IReadOnlyDictionary<Rule, Rule> _variants;

    /// <summary>Rules for a job in this unit.</summary>
    public RuleBook(LengthUnit unit, RuleSet cover, RuleSet job, RuleSet house, IReadOnlyDictionary<Rule, Rule>? variants = null)
    {
        _unit = unit;
        _said = [(cover, QuantitySource.Cover), (job, QuantitySource.Job), (house, QuantitySource.House)];
        _variants = variants ?? NoVariants;
    }

    /// <summary>The rule's figure; the same object at every asking, so that sums gather it.</summary>
    public Worked this[Rule rule]
    {
        get
        {
            if (!_figures.TryGetValue(rule, out var figure))
            {
                var own = Own(rule);
                var (value, source) = Find(rule, own);
                _figures[rule] = figure = Worked.Given(own.Label, value, source, own);
                _asked.Add(own);
            }

            return figure;
        }
    }

    /// <summary>
    /// A general rule that a construction has a figure of its own for: whoever says either is heard in his turn, and the
    /// construction's own is the usual one.
    /// </summary>
    public Worked Of(Rule general, Rule own)
    {
        if (!_together.TryGetValue((general, own), out var figure))
        {
            var (value, source) = Find(general, own);
            _together[(general, own)] = figure = Worked.Given(own.Label, value, source, own);
            (_figures[general], _figures[own]) = (figure, figure);
            _asked.Add(own);
        }

        return figure;
    }

    /// <summary>The same without counting as asked for.</summary>
    public Length Peek(Rule general, Rule own) => Find(general, own).Value;

    /// <summary>The rule's value without counting as asked for: what the proof reads beside the drafting.</summary>
    public Length Peek(Rule rule) => Find(rule, Own(rule)).Value;

    /// <summary>A rule that is a plain number.</summary>
    public decimal Number(NumberRule rule)
    {
        _numbers.Add(rule);
        foreach (var (set, _) in _said)
        {
            if (set.Numbers.TryGetValue(rule, out var said))
            {
                return said;
            }
        }

        return rule.Usual;
    }

    /// <summary>
    /// How much of a board's edge is turned up for its cord: the turn and the casing; a hem that was said stands for both.
    /// </summary>
    public Worked CasingDepth => Says(Rule.Hem) ? this[Rule.Hem] : this[Rule.CasingTurn] + this[Rule.Casing];

    /// <summary>True when somebody says this rule, so that its figure is not merely the usual one.</summary>
    public bool Says(Rule rule) =>
        Array.Exists(_said, said => said.Set.Lengths.ContainsKey(rule) || said.Set.Lengths.ContainsKey(Own(rule)));

    /// <summary>True when the cover itself says a rule: a word of the house or the job is a habit, this one was meant here.</summary>
    public bool CoverSays(Rule rule) => _said[0].Set.Lengths.ContainsKey(rule);

    /// <summary>The rules that were asked for, each once and as the form has it: those the cover obeys.</summary>
    public IEnumerable<Rule> Asked => _asked.Distinct();

    /// <summary>The plain numbers that were asked for.</summary>
    public IEnumerable<NumberRule> AskedNumbers => _numbers;

    /// <summary>The rules the cover itself says that nothing has asked for: they change nothing, and that is worth a word.</summary>
    public IEnumerable<Rule> UnaskedOfCover =>
        _said[0].Set.Lengths.Keys.Where(rule => !_figures.Keys.Any(asked => asked == rule || Own(asked) == rule));

    private Rule Own(Rule rule) => _variants.GetValueOrDefault(rule, rule);

    private (Length Value, QuantitySource Source) Find(Rule general, Rule own)
    {
        foreach (var (set, source) in _said)
        {
            if (set.Lengths.TryGetValue(own, out var said) || set.Lengths.TryGetValue(general, out said))
            {
                return (said, source);
            }
        }

        return (_unit.IsImperial() ? own.Imperial : own.Metric, QuantitySource.Default);
    }
}
