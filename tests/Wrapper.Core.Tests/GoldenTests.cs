using System.Globalization;
using CsCheck;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Every kind of cover drafted to the last mark, word and place, as it was when it had been proved.</summary>
public sealed class GoldenTests
{
    /// <summary>How many covers of each way with nothing said are answered: plain ones, and those that are varied.</summary>
    private const int Variants = 26;

    /// <summary>Every way to make every shape of every form.</summary>
    public static TheoryData<string, string, string> Ways { get; } =
        new(
            from form in FormCatalogue.All
            from shape in form.Shapes
            from construction in shape.Constructions
            select (form.Id, shape.Id, construction)
        );

    [Theory]
    [MemberData(nameof(Ways))]
    public void Covers_are_drafted_as_they_were(string form, string shape, string construction) =>
        Golden.Hold(
            $"covers-{form}.tsv",
            Covers
                .Cells.Where(cell => cell.Form.Id == form && cell.Shape.Id == shape && cell.Construction == construction)
                .SelectMany(cell =>
                    Enumerable
                        .Range(0, cell.Option.Length == 0 ? Variants : 4)
                        .Select(i => Answer($"{cell} {i}", Varied(Random(cell, i), i)))
                ),
            $"{form} {shape} {construction} "
        );

    [Theory]
    [MemberData(nameof(Ways))]
    public void Every_rule_changes_what_it_changed(string form, string shape, string construction)
    {
        var way = $"{form} {shape} {construction} ";
        Golden.Hold(
            $"rules-{form}.tsv",
            SweepTests.Ways(form).Where(made => made.Name.StartsWith(way, StringComparison.Ordinal)).SelectMany(Ruled),
            way
        );
    }

    /// <summary>The cover as it is, and with each rule that changes anything but the word that it changes nothing.</summary>
    private static IEnumerable<(string Name, string Line)> Ruled((CoverInput Input, string Name) way)
    {
        var plain = Answer(way.Name, way.Input);
        yield return plain;
        var said = Rule
            .All.Values.Select(rule => (rule.Name, Entry: Entry.Number(Unusual(rule))))
            .Concat(
                NumberRule.All.Values.Select(rule =>
                    (rule.Name, Entry: Entry.Typed(((rule.Usual + rule.Most) / 2).ToString("0.###", CultureInfo.InvariantCulture)))
                )
            );
        foreach (var (name, entry) in said)
        {
            var answer = Answer($"{way.Name} {name}", Ruled(way.Input, name, entry));
            if (
                answer.Line[answer.Line.IndexOf("pieces:", StringComparison.Ordinal)..]
                != plain.Line[plain.Line.IndexOf("pieces:", StringComparison.Ordinal)..]
            )
            {
                yield return answer;
            }
        }
    }

    [Fact]
    public void The_catalogue_says_what_it_said() =>
        Golden.Hold(
            "catalogue.tsv",
            [
                .. Rule.All.Values.Select(rule => ($"rule {rule.Name}", rule.ToString())),
                .. NumberRule.All.Values.Select(rule => ($"number {rule.Name}", rule.ToString())),
                .. Catalogue.Choice.All.Values.Select(option =>
                    (
                        $"option {option.Name}",
                        $"{option.Label}: {string.Join(' ', option.Words)}; "
                            + string.Join(
                                ' ',
                                ConstructionCatalogue.All.Values.Where(way => way.Choices.Contains(option)).Select(way => way.Id)
                            )
                    )
                ),
                .. ConstructionCatalogue.All.Values.Select(way =>
                    ($"construction {way.Id}", $"{way.Label} {way.Says} {way.Look} {way.GoesOn} {way.Washes} {Words(way.Closures ?? [])}")
                ),
                .. FormCatalogue.All.SelectMany(form =>
                    form.Shapes.Select(shape =>
                        (
                            $"form {form.Id} {shape.Id}",
                            $"{form.Label} {shape.Label} {string.Join(' ', shape.Measures)} {string.Join(' ', shape.Constructions)} "
                                + $"{Words(shape.Closures)} {Words(shape.Edges)} "
                                + $"{string.Join(' ', form.RuleVariants.Select(variant => $"[{variant.Key.Name}, {variant.Value.Name}]"))}"
                        )
                    )
                ),
            ]
        );

    [Fact]
    public void Slips_are_told_in_the_words_they_were() =>
        Golden.Hold(
            "slips.tsv",
            [
                .. CheckTests.Slips.SelectMany(
                    (slip, i) =>
                        Told(
                            $"check {i}",
                            CheckTests.With(slip.Data.Item2, slip.Data.Item3),
                            CheckTests.With(slip.Data.Item2, slip.Data.Item4)
                        )
                ),
                .. FormSlipsTests.Slips.SelectMany(
                    (slip, i) =>
                        Told(
                            $"form {i}",
                            FormSlipsTests.Said(slip.Data.Item2, slip.Data.Item3, slip.Data.Item4),
                            FormSlipsTests.Said(slip.Data.Item2, slip.Data.Item3, slip.Data.Item5)
                        )
                ),
                .. ListSlipsTests.Slips.SelectMany((slip, i) => Told($"list {i}", slip.Data.Item2, slip.Data.Item3)),
                .. FormSlipsTests.Outlines.SelectMany(
                    (outline, i) =>
                        Told(
                            $"outline {i}",
                            Thing.Inches("box-cushion", "shape=outline thickness=4") with
                            {
                                Points = Thing.Points(outline.Points),
                            }
                        )
                ),
            ]
        );

    /// <summary>Covers with one line moved: what the proof says of them, and where it finds them open.</summary>
    [Fact]
    public void What_does_not_close_is_found_where_it_was() =>
        Golden.Hold(
            "open.tsv",
            from cell in Covers.Cells.Where(cell => cell.Option.Length == 0)
            from i in Enumerable.Range(0, 2)
            let draft = Drafter.Draft(Random(cell, i)).Draft
            where draft is not null
            from piece in draft.Pieces
            from move in FoldUpTests.Moves(piece).Where((_, at) => at % 3 == i)
            let folded = FoldUp.Of(
                [.. draft.Pieces.Select(other => other == piece ? move.Changed : other)],
                draft.Seams,
                draft.Thing,
                draft.Blocks
            )
            select (
                $"{cell} {i} {piece.Key} {move.Line}",
                Written.Sign(
                    $"{string.Join(' ', folded.Problems.Select(Written.Coarsely))} {string.Join(' ', folded.UnequalSeams)} "
                        + $"{string.Join(' ', folded.Open.Select(place => $"{place.Seam} {place.Piece}"))}"
                )
            )
        );

    private static IEnumerable<(string Name, string Line)> Told(string name, params CoverInput[] inputs) =>
        inputs.Select(
            (input, i) =>
                (
                    $"{name} {i}",
                    string.Join(
                        " | ",
                        Drafter
                            .Draft(input)
                            .Checks.Select(check =>
                                $"{check.Level} {check.Code} {check.Text} {check.Measure} {check.Position} "
                                + string.Join(", ", (check.Mends ?? []).Select(Mended))
                            )
                    )
                )
        );

    private static string Mended(Mend mend) =>
        $"{mend.Label} {mend.Path}={mend.Value} {string.Join(' ', mend.Also.Select(also => $"{also.Path}={also.Value}"))}";

    private static (string Name, string Line) Answer(string name, CoverInput input)
    {
        var outcome = Drafter.Draft(input);
        return (
            name,
            $"{Written.Summary(outcome)} | "
                + string.Join(' ', Written.Parts(outcome).Select(part => $"{part.Part}:{Written.Sign(part.Text)}"))
                + (outcome.Draft is null ? " pieces:" : "")
        );
    }

    private static CoverInput Random(CoverCell cell, int i) =>
        Covers.Of(cell).Generate(PCG.Parse(new PCG(7, unchecked((ulong)i * 0x9E3779B97F4A7C15)).ToString()), null, out _);

    /// <summary>Some of the covers with padding, an old cover's shrinkage, a correction, something in the way, or in pairs.</summary>
    private static CoverInput Varied(CoverInput input, int i)
    {
        var rules = new Dictionary<string, Entry>(input.Rules);
        switch (i)
        {
            case 3:
                return input with { Padding = [new(Entry.Number(6), "all-over"), new(Entry.Number(4), "front-wrap", 2)] };
            case 4:
                (rules["shrinkage.across"], rules["shrinkage.along"]) = (Entry.Typed("3%"), Entry.Typed("5%"));
                return input with { MeasuredFrom = "old-cover", Rules = rules };
            case 5:
                (rules["shrinkage.across"], rules["shrinkage.along"], rules["prewash"]) = (
                    Entry.Typed("3%"),
                    Entry.Typed("5%"),
                    Entry.Typed("false")
                );
                return input with { Rules = rules };
            case 6:
                return input with
                {
                    Corrections =
                    [
                        new("left", Entry.Number(-6)),
                        new("front", Entry.Number(9)),
                        new("top", Entry.Number(4)),
                        new("all", Entry.Number(2)),
                    ],
                };
            case 7:
                return input with
                {
                    Padding =
                    [
                        new(Entry.Number(5), "wound-width", 3),
                        new(Entry.Number(4), "over-edges"),
                        new(Entry.Number(3), "wound-depth", 2),
                    ],
                    UsableWidth = null,
                };
            case 8:
                return input with
                {
                    Obstacles =
                    [
                        new("front", Entry.Number(110), Entry.Number(30), Entry.Number(45)),
                        new("left", Entry.Number(120), Entry.Number(20), Entry.Number(50)),
                    ],
                    UsableWidth = null,
                };
            case 9:
                return input with { MeasuredFrom = "space", UsableWidth = Entry.Number(900) };
            case 11:
                return input with
                {
                    Legs = [Entry.Number(40), Entry.Number(55)],
                    UsableWidth = Entry.Number(1400),
                    SecondReadings = input
                        .Measures.Take(1)
                        .ToDictionary(measure => measure.Key, measure => Entry.Number(measure.Value.Millimetres!.Value + 6)),
                };
            case 15:
                return input with
                {
                    Obstacles =
                    [
                        new("front", Entry.Number(20), Entry.Number(30), Entry.Number(20)),
                        new("front", Entry.Number(60), Entry.Number(30), Entry.Number(20)),
                        new("right", Entry.Number(2), Entry.Number(3), Entry.Number(5000)),
                    ],
                    UsableWidth = null,
                };
            case >= 16 and < 24 when input.Measures.Count > 0:
                // One measure after another far too small or far too large: what is said of it.
                var name = input.Measures.Keys.ElementAt((i - 16) / 2 % input.Measures.Count);
                return input with
                {
                    Measures = new Dictionary<string, Entry>(input.Measures)
                    {
                        [name] = Entry.Number(Math.Round(input.Measures[name].Millimetres!.Value * (i % 2 == 0 ? 0.07m : 6))),
                    },
                };
            case 24:
                return input with
                {
                    Measures = input.Measures.ToDictionary(
                        measure => measure.Key,
                        measure => Entry.Number(measure.Value.Millimetres!.Value * 0.4m)
                    ),
                    Points =
                    [
                        .. input.Points.Select(point =>
                            point with
                            {
                                X = Entry.Number(point.X.Millimetres!.Value * 0.2m),
                                Y = Entry.Number(point.Y.Millimetres!.Value * 0.2m),
                            }
                        ),
                    ],
                };
            case 25:
                return input with
                {
                    Points = [.. input.Points.Reverse()],
                    Stations = [.. input.Stations.Reverse()],
                    Rules = new Dictionary<string, Entry>(input.Rules)
                    {
                        ["fit.width"] = Entry.Number(-60),
                        ["fit.depth"] = Entry.Number(-70),
                        ["fit.thickness"] = Entry.Number(-15),
                    },
                };
            default:
                return VariedOnCloth(input, i);
        }
    }

    /// <summary>Some of them on another cloth, several alike, or in pairs.</summary>
    private static CoverInput VariedOnCloth(CoverInput input, int i)
    {
        switch (i)
        {
            case 10:
                return input with
                {
                    Nap = "one-way",
                    UsableWidth = Entry.Number(1100),
                    Count = 2,
                    Options = new Dictionary<string, string>(input.Options) { ["hands"] = "pairs" },
                };
            case 12:
                return input with
                {
                    UsableWidth = Entry.Number(600),
                    Count = 3,
                    Options = new Dictionary<string, string>(input.Options)
                    {
                        ["plates"] = "middle-and-sides",
                        ["join"] = "middle-and-sides",
                        ["hands"] = "pairs",
                    },
                };
            case 13:
                return input with
                {
                    UsableWidth = Entry.Number(700),
                    Count = 2,
                    Options = new Dictionary<string, string>(input.Options)
                    {
                        ["join"] = "equal-widths",
                        ["strips"] = "across",
                        ["plates"] = "middle-and-sides",
                    },
                };
            case 14:
                return input with
                {
                    UsableWidth = Entry.Number(1000),
                    Count = 4,
                    Options = new Dictionary<string, string>(input.Options)
                    {
                        ["strips"] = "down",
                        ["hands"] = "pairs",
                        ["piping"] = "top",
                        ["bias"] = "false",
                        ["medallion"] = "200 mm",
                    },
                };
            default:
                return input;
        }
    }

    private static CoverInput Ruled(CoverInput input, string rule, Entry value) =>
        input with
        {
            Rules = new Dictionary<string, Entry>(input.Rules) { [rule] = value },
        };

    /// <summary>A figure near the usual one that nobody else has.</summary>
    private static string Words<T>(IEnumerable<T> values)
        where T : struct, Enum => string.Join(' ', values.Select(value => value.Word()));

    private static decimal Unusual(Rule rule) =>
        Math.Clamp(
            (rule.Metric.Nanometres / (decimal)Length.NanometresPerMillimetre * 1.25m) + 1.3m,
            rule.Least.Nanometres / 1e6m,
            rule.Most.Nanometres / 1e6m
        );
}
