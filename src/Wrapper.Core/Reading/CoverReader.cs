using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading;

/// <summary>What came of reading a cover's inputs: a specification, or the errors in the way of one.</summary>
/// <param name="Specification">Null when an error stands in the way.</param>
/// <param name="Measures">Every measure that could be read, even when others could not.</param>
/// <param name="Unit">The unit of the job as found.</param>
/// <param name="Checks">Errors and notes of the reading.</param>
public sealed record CoverReading(
    CoverSpecification? Specification, IReadOnlyDictionary<Measure, Length> Measures, LengthUnit Unit, IReadOnlyList<Check> Checks);

/// <summary>Reads a cover's inputs. Whatever a person may have typed comes out as a check naming its measure, never as an exception.</summary>
public sealed class CoverReader
{
    /// <summary>No measure is taken beyond this: 20 m.</summary>
    public static readonly Length Longest = Length.FromMillimetres(20_000m);

    private const int MostAlike = 10_000;

    private readonly List<Check> _checks = [];
    private readonly CoverInput _input;
    private readonly LengthUnit _unit;
    private FormDefinition? _form;

    private readonly Registered _registered;

    private CoverReader(CoverInput input, Registered registered)
    {
        (_input, _registered) = (input, registered);
        _unit = FindUnit();
    }

    /// <summary>Reads everything that was said of a cover.</summary>
    /// <param name="input">What was said.</param>
    /// <param name="registered">What there is to choose from.</param>
    public static CoverReading Read(CoverInput input, Registered registered) => new CoverReader(input, registered).Read();

    private CoverReading Read()
    {
        var form = _registered.Forms.FirstOrDefault(known => known.Id == _input.Form);
        if (form is null)
        {
            var known = string.Join(", ", _registered.Forms.Select(known => known.Id));
            Fail("unknown-form", $"“{_input.Form}” is not a form that can be drafted. There are: {known}.", "form");
            return new(null, new Dictionary<Measure, Length>(), _unit, _checks);
        }

        _form = form;
        var shape = form.Shape(_input.Shape);
        if (shape is null)
        {
            Fail("unknown-shape", $"{form.WithArticle} cannot be drafted in the shape “{_input.Shape}”. There are: {string.Join(", ", form.Shapes.Select(known => known.Id))}.", "shape");
            return new(null, new Dictionary<Measure, Length>(), _unit, _checks);
        }

        var measures = ReadMeasures(shape);
        var rules = ReadRules(_input.Rules, "");
        var job = ReadRules(_input.JobRules, "job ");
        var house = ReadRules(_input.HouseRules, "house ");
        var construction = _input.Construction ?? shape.Constructions[0];
        if (!shape.Constructions.Contains(construction))
        {
            Fail("unknown-construction", $"{form.WithArticle} of this shape ({shape.Label.ToLowerInvariant()}) cannot be made as “{construction}”. There are: {string.Join(", ", shape.Constructions)}.", "construction");
        }

        var lists = new ListReader(_input, _unit, _checks);
        var specification = new CoverSpecification
        {
            Unit = _unit,
            Form = form,
            Shape = shape,
            Measures = measures,
            MeasuredFrom = ReadMeasuredFrom(),
            Construction = construction,
            Rules = new(_unit, rules, job, house, form.RuleVariants),
            Choices = new ChoiceReader(_input, form, shape, _registered.Constructions.GetValueOrDefault(construction) ?? _registered.Constructions[shape.Constructions[0]], _unit, _checks).Read(),
            Points = lists.Points(),
            Stations = lists.Stations(),
            Zones = lists.Zones(),
            Obstacles = lists.Obstacles(),
            Legs = lists.Legs(),
            Corrections = lists.Corrections(),
            Padding = ReadPadding(),
            Shrinkage = (ReadShare("shrinkage.across"), ReadShare("shrinkage.along")),
            IsPrewashed = !_input.Rules.TryGetValue("prewash", out var prewash) || prewash.ToString() != "false",
            ClothWidth = ReadUsableWidth(),
            OneWay = ReadNap(),
            Count = ReadCount(),
        };
        var failed = _checks.HasError();
        return new(failed ? null : specification, measures, _unit, _checks);
    }

    private void Fail(string code, string text, string? measure, int? position = null) =>
        _checks.Add(Check.Error(code, text, measure) with { Position = position });

    private LengthUnit FindUnit()
    {
        switch (_input.Unit)
        {
            case "in":
                return LengthUnit.Inch;
            case "cm":
                return LengthUnit.Centimetre;
            case "mm":
                return LengthUnit.Millimetre;
            case null:
                break;
            default:
                Fail("unknown-unit", $"“{_input.Unit}” is not a unit for a job: use in, cm or mm.", "unit");
                return LengthUnit.Millimetre;
        }

        foreach (var entry in _input.Measures.Values)
        {
            if (entry.Text is not null && LengthReader.FirstUnit(entry.Text) is { } named)
            {
                return named.IsImperial() ? LengthUnit.Inch : named == LengthUnit.Centimetre ? LengthUnit.Centimetre : LengthUnit.Millimetre;
            }
        }

        return LengthUnit.Millimetre;
    }

    private Dictionary<Measure, Length> ReadMeasures(ShapeDefinition shape)
    {
        var measures = new Dictionary<Measure, Length>();
        foreach (var definition in shape.Measures)
        {
            if (!_input.Measures.TryGetValue(definition.Name, out var entry) || (entry.Text is not null && string.IsNullOrWhiteSpace(entry.Text)))
            {
                if (!definition.Optional && definition.Rule is null)
                {
                    _checks.Add(Check.Error("measure-missing", $"{definition.Label} is not taken yet.", definition.Name) with { Concerns = CheckConcern.Untaken });
                }
            }
            else if (ReadLength(entry, definition.Name, definition.Label) is { } length && IsMeasurable(length, definition))
            {
                measures[definition.Measure] = Reconciled(length, definition);
            }
        }

        foreach (var name in _input.Measures.Keys.Where(name => shape.Measures.All(definition => definition.Name != name)))
        {
            if (_input.Measures[name] is { Millimetres: 0 } or { Text: "" or "0" })
            {
                continue; // a corner radius of 0 says what is the case
            }

            var known = shape.Measures.Select(definition => definition.Name).Concat(shape.List is { } list ? [list.ToString().ToLowerInvariant()] : []);
            Fail("unknown-measure", $"“{name}” is not a measure of this shape. It has: {string.Join(", ", known)}.", name);
        }

        return measures;
    }

    /// <summary>The measure that two readings give; when they differ by more than a hand's unsteadiness it is said.</summary>
    private Length Reconciled(Length first, MeasureDefinition definition)
    {
        if (!_input.SecondReadings.TryGetValue(definition.Name, out var entry) || string.IsNullOrWhiteSpace(entry.ToString())
            || ReadLength(entry, definition.Name, $"{definition.Label}, second reading") is not { } second || !IsMeasurable(second, definition))
        {
            return first;
        }

        var (format, label) = (LengthFormat.For(_unit), definition.Label.ToLowerInvariant());
        var use = _input.ReadingUse.GetValueOrDefault(definition.Name, "larger");
        if (use is not ("larger" or "smaller" or "mean"))
        {
            Fail("unknown-choice", $"Of two readings of the {label} the larger, the smaller or the mean can hold, not “{use}”.", definition.Name);
        }

        if ((first - second).Abs() > (_unit.IsImperial() ? Length.FromInches(0, 1, 8) : Length.FromMillimetres(3m)))
        {
            _checks.Add(Check.Warning(
                "two-readings-disagree",
                $"Two readings of the {label} differ by {format.RoundedWithUnit((first - second).Abs())} ({format.Rounded(first)} and {format.RoundedWithUnit(second)}): measure once more. The {use} is used.",
                definition.Name,
                new Mend($"Keep {format.Exact(first)} only", $"secondReadings.{definition.Name}", ""),
                new Mend($"Keep {format.Exact(second)} only", $"measures.{definition.Name}", entry.ToString())));
        }

        return use switch { "smaller" => Length.Min(first, second), "mean" => (first + second) / 2, _ => Length.Max(first, second) };
    }

    private bool IsMeasurable(Length length, MeasureDefinition definition)
    {
        var format = LengthFormat.For(_unit);
        if (length.IsZero && definition.MayBeZero)
        {
            return true;
        }

        if (length.IsZero)
        {
            Fail("measure-zero", $"{definition.Label} is 0: measure it again, it has to be more than nothing.", definition.Name);
        }
        else if (length.IsNegative)
        {
            Fail("measure-negative", $"{definition.Label} is below 0 ({format.RoundedWithUnit(length)}): a measure cannot be negative.", definition.Name);
        }
        else if (length > Longest)
        {
            _checks.Add(Check.Error("measure-huge", $"{definition.Label} is over 20 m: check the unit that was meant.", definition.Name, UnitMends(definition, length)));
        }
        else
        {
            if (length < definition.LikelyLeast || length > definition.LikelyMost)
            {
                _checks.Add(Check.Warning(
                    "unlikely-measure",
                    $"{definition.Label} reads {format.RoundedWithUnit(length)}, which is unusual for {Article(_form!)}: check that it is not in another unit.",
                    definition.Name,
                    UnitMends(definition, length)));
            }

            return true;
        }

        return false;
    }

    private static string Article(FormDefinition form) => char.ToLowerInvariant(form.WithArticle[0]) + form.WithArticle[1..];

    /// <summary>The same number in the units in which it would be a likely measure.</summary>
    private Mend[] UnitMends(MeasureDefinition definition, Length read)
    {
        var entry = _input.Measures[definition.Name];
        var typed = entry.Text is { } text ? LengthReader.FirstUnit(text) ?? _unit : LengthUnit.Millimetre;
        var number = read.Nanometres / (decimal)typed.One().Nanometres;
        LengthUnit[] others = _unit.IsImperial() ? [LengthUnit.Inch, LengthUnit.Foot, LengthUnit.Centimetre, LengthUnit.Millimetre] : [LengthUnit.Centimetre, LengthUnit.Millimetre, LengthUnit.Inch, LengthUnit.Metre];
        return
        [
            .. others.Where(unit => unit != typed && Math.Abs(number) < 1_000_000)
                .Select(unit => (Unit: unit, Length: Length.FromNanometres((long)Math.Round(number * unit.One().Nanometres))))
                .Where(other => other.Length >= definition.LikelyLeast && other.Length <= definition.LikelyMost)
                .Select(other => FormattableString.Invariant($"{number:0.####} {other.Unit.Sign()}"))
                .Select(meant => new Mend($"You meant {meant}", $"measures.{definition.Name}", meant)),
        ];
    }

    private Length? ReadLength(Entry entry, string name, string label)
    {
        var reading = EntryReader.Read(entry, _unit);
        if (reading.Length is null)
        {
            Fail("unreadable", $"{label}: {reading.Problem}", name, reading.Position);
        }

        return reading.Length;
    }

    private RuleSet ReadRules(IReadOnlyDictionary<string, Entry> entries, string whose)
    {
        var lengths = new Dictionary<Rule, Length>();
        var numbers = new Dictionary<NumberRule, decimal>();
        foreach (var (name, entry) in entries)
        {
            if (name is "shrinkage.along" or "shrinkage.across" || string.IsNullOrWhiteSpace(entry.ToString()))
            {
                continue;
            }

            if (name == "prewash")
            {
                if (entry.ToString() is not ("true" or "false"))
                {
                    Fail("unknown-choice", $"Prewash is true or false, not “{entry}”.", name);
                }
            }
            else if (NumberRule.All.TryGetValue(name, out var number))
            {
                ReadNumber(entry, number, whose, numbers);
            }
            else if (Rule.All.TryGetValue(name, out var definition))
            {
                ReadRule(entry, definition, whose, lengths);
            }
            else
            {
                Fail("unknown-rule", $"There is no rule “{name}”. There are: {string.Join(", ", Rule.All.Keys.Concat(NumberRule.All.Keys))}.", name);
            }
        }

        return new(lengths, numbers);
    }

    private void ReadRule(Entry entry, Rule definition, string whose, Dictionary<Rule, Length> rules)
    {
        var label = Capitalised(whose + definition.Label);
        if (ReadLength(entry, definition.Name, label) is not { } length)
        {
            return;
        }

        if (length < definition.Least || length > definition.Most)
        {
            var format = LengthFormat.For(_unit);
            Fail("rule-out-of-range", $"{label} of {format.RoundedWithUnit(length)} cannot be: it goes from {format.RoundedWithUnit(definition.Least)} to {format.RoundedWithUnit(definition.Most)}.", definition.Name);
        }
        else
        {
            rules[definition] = length;
        }
    }

    private void ReadNumber(Entry entry, NumberRule definition, string whose, Dictionary<NumberRule, decimal> rules)
    {
        if (NumberReader.Read(entry.ToString()) is { } number && number >= definition.Least && number <= definition.Most)
        {
            rules[definition] = number;
        }
        else
        {
            Fail("rule-out-of-range", FormattableString.Invariant($"{Capitalised(whose + definition.Label)}: “{entry}” cannot be; it is a number from {definition.Least:0.##} to {definition.Most:0.##}."), definition.Name);
        }
    }

    private static string Capitalised(string text) => char.ToUpperInvariant(text[0]) + text[1..];

    private MeasuredFrom ReadMeasuredFrom()
    {
        switch (_input.MeasuredFrom)
        {
            case null or "filling":
                return MeasuredFrom.Filling;
            case "padded-filling":
                return MeasuredFrom.PaddedFilling;
            case "space":
                return MeasuredFrom.Space;
            case "old-cover":
                return MeasuredFrom.OldCover;
            default:
                Fail("unknown-choice", $"“{_input.MeasuredFrom}” is nothing to measure from: choose filling, padded-filling, space or old-cover.", "measuredFrom");
                return MeasuredFrom.Filling;
        }
    }

    private List<Padding> ReadPadding()
    {
        var layers = new List<Padding>();
        foreach (var layer in _input.Padding)
        {
            PaddingHow? how = layer.How switch
            {
                "top" => PaddingHow.Top,
                null or "top-and-bottom" => PaddingHow.TopAndBottom,
                "front-wrap" => PaddingHow.FrontWrap,
                "all-over" => PaddingHow.AllOver,
                "over-edges" => PaddingHow.OverEdges,
                "wound-width" => PaddingHow.WoundWidth,
                "wound-depth" => PaddingHow.WoundDepth,
                _ => null,
            };
            if (how is null)
            {
                Fail("unknown-choice", $"Padding cannot lie “{layer.How}”: choose top, top-and-bottom, front-wrap, all-over, over-edges, wound-width or wound-depth.", "padding");
            }

            var thickness = ReadLength(layer.Thickness, "padding", "Padding");
            if (thickness is { } read && (read.IsNegative || read > Length.FromMillimetres(300m)))
            {
                Fail("padding-out-of-range", "A layer of padding is between 0 and 300 mm thick.", "padding");
            }

            if (layer.Turns != Math.Floor(layer.Turns) || layer.Turns is < 1 or > 20)
            {
                Fail("padding-out-of-range", "Padding lies in 1 to 20 whole layers.", "padding");
            }
            else if (how is { } known && thickness is { } thick)
            {
                layers.Add(new(thick, known, (int)layer.Turns));
            }
        }

        return layers;
    }

    private decimal ReadShare(string rule)
    {
        if (!_input.Rules.TryGetValue(rule, out var entry) || entry.ToString().Trim() is not { Length: > 0 } text)
        {
            return 0;
        }

        if (NumberReader.Read(text) is >= 0 and < 0.5m and var share)
        {
            return share;
        }

        Fail("shrinkage-out-of-range", $"“{text}” is no shrinkage: say a part of one from 0 to 0.5, or per cent as in 5%.", rule);
        return 0;
    }

    private Length? ReadUsableWidth()
    {
        if (_input.UsableWidth is not { } entry)
        {
            return null;
        }

        var width = ReadLength(entry, "usableWidth", "Usable width of the cloth");
        if (width is { } read && (read < Length.FromMillimetres(100m) || read > Longest))
        {
            Fail("cloth-width-out-of-range", "The usable width of the cloth has to be between 100 mm and 20 m.", "usableWidth");
            return null;
        }

        return width;
    }

    private bool ReadNap()
    {
        if (_input.Nap is not (null or "either" or "one-way"))
        {
            Fail("unknown-choice", $"“{_input.Nap}” is no nap: choose either or one-way.", "nap");
        }

        return _input.Nap == "one-way";
    }

    private int ReadCount()
    {
        if (_input.Count == Math.Floor(_input.Count) && _input.Count is >= 1 and <= MostAlike)
        {
            return (int)_input.Count;
        }

        Fail("count-out-of-range", $"How many alike has to be a whole number from 1 to {MostAlike}.", "count");
        return 1;
    }
}
