using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>What came of reading a cover's inputs: a specification, or the errors in the way of one.</summary>
/// <param name="Specification">Null when an error stands in the way.</param>
/// <param name="Measures">Every measure that could be read, even when others could not.</param>
/// <param name="Unit">The unit of the job as found.</param>
/// <param name="Checks">Errors and notes of the reading.</param>
public sealed record CoverReading(
    CoverSpecification? Specification,
    IReadOnlyDictionary<Measure, Length> Measures,
    LengthUnit Unit,
    IReadOnlyList<Check> Checks
)
{
    /// <summary>
    /// The lengths of an outline's corners and a loose cover's zones that could be read, by place in the list and name: <c>points.0.x</c>,
    /// <c>zones.0.width</c>.
    /// </summary>
    public IReadOnlyDictionary<string, Length> ListLengths { get; init; } = new Dictionary<string, Length>();
}

/// <summary>
/// Reads a cover's inputs. Whatever a person may have typed comes out as a check naming its measure, never as an exception.
/// </summary>
internal sealed class CoverReader : Reader
{
    private const int MostAlike = 10_000;
    private const int MostLayers = 20;

    private readonly CoverInput _input;
    private readonly Registered _registered;

    private CoverReader(CoverInput input, Registered registered, LengthUnit unit, List<Check> checks)
        : base(unit, checks) => (_input, _registered) = (input, registered);

    /// <summary>Reads everything that was said of a cover.</summary>
    /// <param name="input">What was said.</param>
    /// <param name="registered">What there is to choose from.</param>
    public static CoverReading Read(CoverInput input, Registered registered) => OfUnit(input, registered);

    private static CoverReading OfUnit(CoverInput input, Registered registered)
    {
        var checks = new List<Check>();
        return new CoverReader(input, registered, FindUnit(input, checks), checks).Read();
    }

    private CoverReading Read()
    {
        var form = _registered.Forms.FirstOrDefault(known => known.Id == _input.Form);
        if (form is null)
        {
            var known = string.Join(", ", _registered.Forms.Select(known => known.Id));
            Fail("unknown-form", ReadingText.UnknownForm(_input.Form, known), "form");
            return new(null, new Dictionary<Measure, Length>(), Unit, Checks);
        }

        var shape = form.Shape(_input.Shape);
        if (shape is null)
        {
            Fail(
                "unknown-shape",
                ReadingText.UnknownShape(form.WithArticle, _input.Shape, string.Join(", ", form.Shapes.Select(known => known.Id))),
                "shape"
            );
            return new(null, new Dictionary<Measure, Length>(), Unit, Checks);
        }

        var measures = new MeasureReader(_input, form, Unit, Checks).Read(shape);
        var ruled = new RuleReader(Unit, Checks);
        var rules = ruled.Read(_input.Rules, "");
        var job = ruled.Read(_input.JobRules, "job ");
        var house = ruled.Read(_input.HouseRules, "house ");
        var construction = _input.Construction ?? shape.Constructions[0];
        if (!shape.Constructions.Contains(construction))
        {
            Fail(
                "unknown-construction",
                ReadingText.UnknownConstruction(
                    form.WithArticle,
                    shape.Label.ToLowerInvariant(),
                    construction,
                    string.Join(", ", shape.Constructions)
                ),
                "construction"
            );
        }

        var lists = new ListReader(_input, Unit, Checks);
        var trimmed = new TrimmedReader(_input, Unit, Checks);
        var specification = new CoverSpecification
        {
            Unit = Unit,
            Form = form,
            Shape = shape,
            Measures = measures,
            MeasuredFrom = ReadMeasuredFrom(),
            Construction = construction,
            Rules = new(Unit, rules, job, house, form.RuleVariants),
            Choices = new ChoiceReader(
                _input,
                form,
                shape,
                _registered.Constructions.GetValueOrDefault(construction) ?? _registered.Constructions[shape.Constructions[0]],
                Unit,
                Checks
            ).Read(),
            Schools = SchoolReader.Read(_input.Schools, Checks),
            Points = lists.Points(),
            Stations = lists.Stations(),
            Zones = lists.Zones(),
            Trimmed = trimmed.Outlines(),
            BlockSeams = trimmed.Seams(),
            Obstacles = lists.Obstacles(),
            Legs = lists.Legs(),
            Corrections = lists.Corrections(),
            Padding = ReadPadding(),
            Shrinkage = (ruled.Share(_input.Rules, "shrinkage.across"), ruled.Share(_input.Rules, "shrinkage.along")),
            IsPrewashed = !_input.Rules.TryGetValue("prewash", out var prewash) || prewash.ToString() != "false",
            ClothWidth = ReadUsableWidth(),
            OneWay = ReadNap(),
            Count = ReadCount(),
            Cloths = new RoleReader(_input, Unit, Checks).Read() with { Pieced = new PiecedReader(_input, Unit, Checks).Read() },
        };
        specification = specification.On(specification.Cloths.Own);
        var failed = Checks.HasError();
        return new(failed ? null : specification, measures, Unit, Checks) { ListLengths = lists.Lengths };
    }

    private static LengthUnit FindUnit(CoverInput input, List<Check> checks)
    {
        if (JobUnits.Read(input.Unit) is { } said)
        {
            return said;
        }

        if (input.Unit is not null)
        {
            checks.Add(UnknownUnit.Check(input.Unit));
            return LengthUnit.Millimetre;
        }

        foreach (var entry in input.Measures.Values)
        {
            if (entry.Text is not null && LengthReader.FirstUnit(entry.Text) is { } named)
            {
                return named.IsImperial() ? LengthUnit.Inch
                    : named == LengthUnit.Centimetre ? LengthUnit.Centimetre
                    : LengthUnit.Millimetre;
            }
        }

        return LengthUnit.Millimetre;
    }

    private MeasuredFrom ReadMeasuredFrom()
    {
        if (Words.Read<MeasuredFrom>(_input.MeasuredFrom ?? MeasuredFrom.Filling.Word()) is { } from)
        {
            return from;
        }

        Fail("unknown-choice", ReadingText.UnknownMeasuredFrom(_input.MeasuredFrom), "measuredFrom");
        return MeasuredFrom.Filling;
    }

    private List<Padding> ReadPadding()
    {
        var layers = new List<Padding>();
        if (_input.Padding.Count > MostLayers)
        {
            Fail("list-too-long", ReadingText.ListTooLong(_input.Padding.Count, "padding", MostLayers), "padding");
            return layers;
        }

        foreach (var layer in _input.Padding)
        {
            var how = Words.Read<PaddingHow>(layer.How ?? PaddingHow.TopAndBottom.Word());
            if (how is null)
            {
                Fail("unknown-choice", ReadingText.UnknownPaddingLie(layer.How), "padding");
            }

            var thickness = ReadLength(layer.Thickness, "padding", "Padding");
            if (thickness is { } read && (read.IsNegative || read > Length.FromMillimetres(300m)))
            {
                Fail("padding-out-of-range", ReadingText.PaddingOutOfRange, "padding");
            }

            if (layer.Turns != Math.Floor(layer.Turns) || layer.Turns is < 1 or > 20)
            {
                Fail("padding-out-of-range", ReadingText.PaddingLayersOutOfRange, "padding");
            }
            else if (how is { } known && thickness is { } thick)
            {
                layers.Add(new(thick, known, (int)layer.Turns));
            }
        }

        return layers;
    }

    private Length? ReadUsableWidth()
    {
        if (_input.UsableWidth is not { } entry)
        {
            return null;
        }

        var width = ReadLength(entry, "usableWidth", "Usable width of the cloth");
        if (width is { } read && (read < Length.FromMillimetres(100m) || read > MeasureReader.Longest))
        {
            Fail("cloth-width-out-of-range", ReadingText.ClothWidthOutOfRange, "usableWidth");
            return null;
        }

        return width;
    }

    private bool ReadNap()
    {
        var nap = Words.Read<Nap>(_input.Nap);
        if (nap is null && _input.Nap is not null)
        {
            Fail("unknown-choice", ReadingText.UnknownNap(_input.Nap), "nap");
        }

        return nap == Nap.OneWay;
    }

    private int ReadCount()
    {
        if (_input.Count == Math.Floor(_input.Count) && _input.Count is >= 1 and <= MostAlike)
        {
            return (int)_input.Count;
        }

        Fail("count-out-of-range", ReadingText.CountOutOfRange(MostAlike), "count");
        return 1;
    }
}
