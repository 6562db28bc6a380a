using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>The rules a draft says it obeys are those, and only those, that may be changed on it to some effect.</summary>
public sealed class RulesObeyedTests
{
    public static TheoryData<string> Jobs =>
        [
            .. Directory
                .GetFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json")
                .Select(file => Path.GetFileNameWithoutExtension(file)!)
                .Order(),
        ];

    [Fact]
    public void A_box_cushion_with_a_zip_obeys_its_seam_its_zip_and_its_fit_and_no_hem()
    {
        var rules = Obeyed(Cushion([]));
        Assert.Contains(Rule.All["seam"].Name, rules);
        Assert.Contains("zip", rules);
        Assert.Contains("fit.width", rules);
        Assert.DoesNotContain("hem", rules);
        Assert.DoesNotContain("pipingLap", rules);
        Assert.Contains("pipingLap", Obeyed(Cushion(new() { ["piping"] = "both" })));
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Every_rule_that_is_named_is_heard_when_the_cover_says_it(string name)
    {
        var job = JobFile.Read(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", $"{name}.json")));
        foreach (var cover in job.Covers)
        {
            var input = cover.ToInput(job.Unit, new Dictionary<string, string>());
            var outcome = Proved.Draft(input);
            if (outcome.Draft is null)
            {
                continue;
            }

            var own = outcome.Reading.Specification!.Rules;
            foreach (var rule in DraftResponse.Of(outcome.Draft, outcome.Reading).Rules.Where(Rule.All.ContainsKey))
            {
                var said = new Dictionary<string, Entry>(input.Rules)
                {
                    [rule] = Entry.Number((decimal)own.Peek(Rule.All[rule]).Nanometres / Length.NanometresPerMillimetre),
                };
                var again = Proved.Draft(input with { Rules = said });
                Assert.NotNull(again.Draft);
                Assert.DoesNotContain(again.Draft.Checks, check => check.Code == "rule-without-effect" && check.Measure == rule);
            }
        }
    }

    private static IReadOnlyList<string> Obeyed(CoverInput input)
    {
        var outcome = Proved.Draft(input);
        return DraftResponse.Of(outcome.Draft!, outcome.Reading).Rules;
    }

    private static CoverInput Cushion(Dictionary<string, string> options) =>
        new()
        {
            Unit = "in",
            Form = "box-cushion",
            Measures = new Dictionary<string, Entry>
            {
                ["width"] = Entry.Typed("21"),
                ["depth"] = Entry.Typed("19"),
                ["thickness"] = Entry.Typed("4"),
            },
            Options = options,
        };
}
