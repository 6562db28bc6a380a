using CsCheck;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class HostileInputTests
{
    private static readonly string[] Nasty =
    [
        "",
        " ",
        "0",
        "-1",
        "1e9",
        "NaN",
        "∞",
        "21 1/4",
        "99999999999999999999",
        "1/0",
        "((((((",
        "π",
        "√(-1)",
        "20 m",
        "20.1 m",
        "0.000001 mm",
        "½½",
        "4 in 3 ft",
        "\0",
        "🪡",
    ];

    [Fact]
    public void Whatever_is_typed_anywhere_comes_out_as_checks_and_never_as_an_exception()
    {
        var text = Choice.Of(Nasty);
        var inputs =
            from measures in text.Array[4]
            from rules in text.Array[5]
            from options in text.Array[5]
            from words in text.Array[6]
            from usable in text
            from number in Choice.Of(0m, -1m, 0.5m, 1m, 2m, 1e20m, decimal.MaxValue)
            from millimetres in Choice.Of(0m, -5m, 400m, 1e20m, decimal.MaxValue, decimal.MinValue)
            select new CoverInput
            {
                Unit = words[0] is "" ? null : "in",
                Form = words[1] is "0" ? words[1] : "box-cushion",
                Shape = words[2] is "" ? null : "rectangle",
                Measures = new Dictionary<string, Entry>
                {
                    ["width"] = Entry.Typed(measures[0]),
                    ["depth"] = Entry.Number(millimetres),
                    ["thickness"] = Entry.Typed(measures[1]),
                    ["diagonal1"] = Entry.Typed(measures[2]),
                },
                MeasuredFrom = words[3] is "0" ? words[3] : "old-cover",
                Construction = words[4] is "0" ? "wrap-notched" : null,
                Rules = Cushions.Typed(
                    ("seam", rules[0]),
                    ("zip", rules[1]),
                    ("zipTurn", rules[2]),
                    ("shrinkage.along", rules[3]),
                    ("cutStep", rules[4])
                ),
                HouseRules = Cushions.Typed(("seam", rules[4]), ("cord", rules[3])),
                Options = new Dictionary<string, string>
                {
                    ["piping"] = options[0],
                    ["slidePocket"] = options[1],
                    ["strips"] = options[2],
                    ["plates"] = options[3],
                    ["bias"] = options[4],
                },
                Padding = [new(Entry.Typed(measures[3]), words[5], number)],
                UsableWidth = Entry.Typed(usable),
                Nap = words[5],
                Count = number,
            };
        inputs.ForMany(
            input =>
            {
                var outcome = Drafter.Draft(input);
                Assert.True(outcome.Draft is not null || outcome.Checks.Any(check => check.Level == CheckLevel.Error));
                Assert.All(outcome.Checks, check => Assert.NotEmpty(check.Text));
            },
            iter: 5000
        );
    }

    [Fact]
    public void Absurd_but_readable_measures_of_every_construction_give_a_draft_or_checks() =>
        Gen.Select(
                Gen.Double[0.001, 20_000],
                Gen.Double[0.001, 20_000],
                Gen.Double[0.001, 20_000],
                Choice.Of("boxing-strip", "wrap-notched", "wrap-folded", "panels-folded"),
                Gen.Double[100, 3000]
            )
            .ForMany(
                (width, depth, thickness, construction, usable) =>
                {
                    var outcome = Drafter.Draft(
                        new()
                        {
                            Unit = "mm",
                            Form = "box-cushion",
                            Construction = construction,
                            Measures = new Dictionary<string, Entry>
                            {
                                ["width"] = Entry.Number((decimal)width),
                                ["depth"] = Entry.Number((decimal)depth),
                                ["thickness"] = Entry.Number((decimal)thickness),
                            },
                            UsableWidth = Entry.Number((decimal)usable),
                            Options = new Dictionary<string, string> { ["piping"] = "both", ["slidePocket"] = "true" },
                        }
                    );
                    Assert.True(outcome.Draft is not null || outcome.Checks.Any(check => check.Level == CheckLevel.Error));
                    Assert.All(outcome.Draft?.Ledger ?? [], entry => Assert.True(entry.Meets));
                },
                iter: 3000
            );
}
