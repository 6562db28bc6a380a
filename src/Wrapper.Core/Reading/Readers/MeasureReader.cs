using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>Reads the measures of a shape, each with its second reading where there is one, and tells of what cannot be.</summary>
internal sealed class MeasureReader(CoverInput input, FormDefinition form, LengthUnit unit, List<Check> checks) : Reader(unit, checks)
{
    /// <summary>No measure is taken beyond this: 20 m.</summary>
    public static readonly Length Longest = Length.FromMillimetres(20_000m);

    /// <summary>Every measure that can be read.</summary>
    public Dictionary<Measure, Length> Read(ShapeDefinition shape)
    {
        var measures = new Dictionary<Measure, Length>();
        foreach (var definition in shape.Measures)
        {
            if (
                !input.Measures.TryGetValue(definition.Name, out var entry)
                || (entry.Text is not null && string.IsNullOrWhiteSpace(entry.Text))
            )
            {
                if (!definition.Optional && definition.Rule is null)
                {
                    Checks.Add(
                        Check.Error("measure-missing", ReadingText.MeasureMissing(definition.Label), definition.Name) with
                        {
                            Concerns = CheckConcern.Untaken,
                        }
                    );
                }
            }
            else if (ReadLength(entry, definition.Name, definition.Label) is { } length && IsMeasurable(length, definition))
            {
                measures[definition.Measure] = Reconciled(length, definition);
            }
        }

        foreach (var name in input.Measures.Keys.Where(name => shape.Measures.All(definition => definition.Name != name)))
        {
            if (input.Measures[name] is { Millimetres: 0 } or { Text: "" or "0" })
            {
                continue; // a corner radius of 0 says what is the case
            }

            var known = shape.Measures.Select(definition => definition.Name).Concat(shape.List is { } list ? [list.Word()] : []);
            Fail("unknown-measure", ReadingText.UnknownMeasure(name, string.Join(", ", known)), name);
        }

        return measures;
    }

    /// <summary>The measure that two readings give; when they differ by more than a hand's unsteadiness it is said.</summary>
    private Length Reconciled(Length first, MeasureDefinition definition)
    {
        if (
            !input.SecondReadings.TryGetValue(definition.Name, out var entry)
            || string.IsNullOrWhiteSpace(entry.ToString())
            || ReadLength(entry, definition.Name, $"{definition.Label}, second reading") is not { } second
            || !IsMeasurable(second, definition)
        )
        {
            return first;
        }

        return new TwoReadings(Unit, Checks).Holding(
            first,
            second,
            entry.ToString(),
            definition.Label.ToLowerInvariant(),
            input.ReadingUse.GetValueOrDefault(definition.Name),
            new(definition.Name, $"measures.{definition.Name}", $"secondReadings.{definition.Name}")
        );
    }

    private bool IsMeasurable(Length length, MeasureDefinition definition)
    {
        var format = LengthFormat.For(Unit);
        if (length.IsZero && definition.MayBeZero)
        {
            return true;
        }

        if (length.IsZero)
        {
            Fail("measure-zero", ReadingText.MeasureIsZero(definition.Label), definition.Name);
        }
        else if (length.IsNegative)
        {
            Fail("measure-negative", ReadingText.MeasureNegative(definition.Label, format.RoundedWithUnit(length)), definition.Name);
        }
        else if (length > Longest)
        {
            Checks.Add(
                Check.Error(
                    "measure-huge",
                    ReadingText.MeasureOver20Metres(definition.Label),
                    definition.Name,
                    UnitMends(definition, length)
                )
            );
        }
        else
        {
            if (length < definition.LikelyLeast || length > definition.LikelyMost)
            {
                Checks.Add(
                    Check.Warning(
                        "unlikely-measure",
                        ReadingText.UnlikelyMeasure(definition.Label, format.RoundedWithUnit(length), Article(form)),
                        definition.Name,
                        UnitMends(definition, length)
                    )
                );
            }

            return true;
        }

        return false;
    }

    private static string Article(FormDefinition form) => char.ToLowerInvariant(form.WithArticle[0]) + form.WithArticle[1..];

    /// <summary>The same number in the units in which it would be a likely measure.</summary>
    private Mend[] UnitMends(MeasureDefinition definition, Length read)
    {
        var entry = input.Measures[definition.Name];
        var typed = entry.Text is { } text ? LengthReader.FirstUnit(text) ?? Unit : LengthUnit.Millimetre;
        var number = read.Nanometres / (decimal)typed.One().Nanometres;
        LengthUnit[] others = Unit.IsImperial()
            ? [LengthUnit.Inch, LengthUnit.Foot, LengthUnit.Centimetre, LengthUnit.Millimetre]
            : [LengthUnit.Centimetre, LengthUnit.Millimetre, LengthUnit.Inch, LengthUnit.Metre];
        return
        [
            .. others
                .Where(unit => unit != typed && Math.Abs(number) < 1_000_000)
                .Select(unit => (Unit: unit, Length: Length.FromNanometres((long)Math.Round(number * unit.One().Nanometres))))
                .Where(other => other.Length >= definition.LikelyLeast && other.Length <= definition.LikelyMost)
                .Select(other => FormattableString.Invariant($"{number:0.####} {other.Unit.Sign()}"))
                .Select(meant => new Mend(ReadingText.ToMeant(meant), $"measures.{definition.Name}", meant)),
        ];
    }
}
