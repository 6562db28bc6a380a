using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Every slip fires on a case of its own and keeps still on a near miss; and its mend removes it.</summary>
public sealed class CheckTests
{
    [Theory]
    [InlineData("cutStep", "1/8", false)]
    [InlineData("buyStep", "9", false)]
    [InlineData("endTrim", "1", false)]
    [InlineData("seam", "1/2", false)]
    [InlineData("tie", "16", true)]
    public void A_rule_that_changes_nothing_is_told_but_not_one_that_only_rounds_or_buys(string rule, string said, bool isTold)
    {
        var input = Cushions.Worked with { Rules = new Dictionary<string, Entry> { [rule] = Entry.Typed(said) } };
        Assert.Equal(isTold, Drafter.Draft(input).Checks.Any(check => check.Code == "rule-without-effect" && check.Measure == rule));
    }

    /// <summary>Code, where the slip is made, the slip, and a near miss.</summary>
    public static TheoryData<string, string, string, string> Slips =>
        new()
        {
            { "measure-missing", "measures.depth", "", "19" },
            { "unreadable", "measures.depth", "19 ich", "19 in" },
            { "measure-zero", "measures.depth", "0", "1/64" },
            { "measure-negative", "measures.depth", "-19", "19" },
            { "measure-huge", "measures.width", "20.001 m", "20 m" },
            { "unknown-measure", "measures.height", "5", "0" },
            { "unlikely-measure", "measures.width", "5 yd", "54" },
            { "unlikely-measure", "measures.thickness", "4 mm", "1/2" },
            { "thickness-over-half-depth", "measures.thickness", "9 5/8", "9 1/2" },
            { "not-square", "measures.diagonal2", "28 13/16", "28 3/4" },
            { "rule-out-of-range", "rules.seam", "0", "1/16" },
            { "rule-out-of-range", "rules.seam", "5", "1" },
            { "unknown-rule", "rules.seem", "1/2", "" },
            { "nothing-left", "rules.fit.thickness", "-4", "-3" },
            { "fit-unlikely", "rules.fit.width", "-2", "-1 7/8" },
            { "zip-turn-too-far", "rules.zipTurn", "18 9/16", "18 1/2" },
            { "zip-run-too-short", "rules.zipTurn", "-8 11/16", "-8 5/8" },
            { "opening-too-small", "rules.zipTurn", "-1 1/8", "-1" },
            { "zip-end-in-corner", "rules.zipTurn", "7/16", "1/2" },
            { "unknown-choice", "options.piping", "bottom", "top" },
            { "unknown-option", "options.pipping", "top", "" },
            { "option-without-effect", "options.join", "equal-widths", "" },
            { "rule-without-effect", "rules.hem", "1", "" },
            { "unknown-form", "form", "box-cushon", "box-cushion" },
            { "unknown-shape", "shape", "hexagon", "rectangle" },
            { "unknown-construction", "construction", "tub-walls", "boxing-strip" },
            { "unknown-unit", "unit", "yd", "cm" },
            { "unknown-choice", "measuredFrom", "foam", "filling" },
            { "count-out-of-range", "count", "0", "1" },
            { "count-out-of-range", "count", "1.5", "2" },
            { "cloth-width-out-of-range", "cloth", "3 in", "30 in" },
            { "shrinkage-out-of-range", "rules.shrinkage.along", "60%", "5%" },
            { "padding-out-of-range", "padding", "13 in", "1/2" },
            { "piping-without-boxing", "construction", "wrap-folded", "boxing-strip" },
            { "front-back-swapped", "tapered", "22", "21 1/4" },
        };

    [Theory]
    [MemberData(nameof(Slips))]
    public void A_slip_is_caught_and_a_near_miss_is_not(string code, string where, string slip, string nearMiss)
    {
        var caught = Assert.Single(Drafter.Draft(With(where, slip)).Checks, check => check.Code == code);
        Assert.NotEmpty(caught.Text);
        Assert.NotNull(caught.Measure);
        Assert.DoesNotContain(Drafter.Draft(With(where, nearMiss)).Checks, check => check.Code == code);
    }

    [Theory]
    [MemberData(nameof(Slips))]
    public void Applying_any_mend_removes_the_check_and_adds_no_error(string code, string where, string slip, string nearMiss)
    {
        Assert.NotNull(nearMiss);
        var input = With(where, slip);
        foreach (var check in Drafter.Draft(input).Checks.Where(check => check.Code == code))
        {
            foreach (var mend in check.Mends ?? [])
            {
                var after = Drafter.Draft(Mended(input, mend)).Checks;
                Assert.DoesNotContain(after, left => left.Code == code);
                Assert.DoesNotContain(after, left => left.Level == CheckLevel.Error);
            }
        }
    }

    [Fact]
    public void A_cloth_hardly_wider_than_its_seams_is_refused()
    {
        var narrow = Put(Put(Put(Cushions.Worked, "cloth", "5"), "rules.seam", "2"), "options.strips", "across");
        Assert.Contains(Drafter.Draft(narrow).Checks, check => check.Code == "cloth-too-narrow-for-strips");
        Assert.DoesNotContain(Drafter.Draft(Put(narrow, "rules.seam", "1 1/2")).Checks, check =>
            check.Code == "cloth-too-narrow-for-strips"
        );
    }

    [Fact]
    public void A_notch_needs_more_than_the_seam()
    {
        var thin = Cushions.Worked with
        {
            Construction = "wrap-notched",
            Measures = Cushions.Typed(("width", "21"), ("depth", "19"), ("thickness", "1")),
        };
        var check = Assert.Single(Drafter.Draft(thin).Checks, check => check.Code == "notch-too-small");
        Assert.NotNull(Drafter.Draft(Put(thin, check.Mends![0].Path, check.Mends[0].Value)).Draft);
        Assert.DoesNotContain(Drafter.Draft(Put(thin, "measures.thickness", "1 1/8")).Checks, left => left.Code == "notch-too-small");
    }

    [Fact]
    public void A_panel_whose_zip_is_kept_too_far_in_disappoints()
    {
        var panel = Cushions.Worked with { Construction = "panels-folded", Rules = Cushions.Typed(("zipClear", "1 1/8")) };
        Assert.Contains(Drafter.Draft(panel).Checks, check => check.Code == "opening-too-small");
        Assert.DoesNotContain(Drafter.Draft(Put(panel, "rules.zipClear", "1")).Checks, check => check.Code == "opening-too-small");
        Assert.Contains(Drafter.Draft(Put(panel, "rules.zipClear", "11")).Checks, check => check.Code == "no-opening");
    }

    [Fact]
    public void Turned_pieces_are_refused_on_a_nap()
    {
        var turned = Cushions.Worked with
        {
            UsableWidth = Entry.Typed("53"),
            Nap = "one-way",
            Options = new Dictionary<string, string> { ["strips"] = "down", ["plates"] = "turned" },
        };
        Assert.Equal(2, Drafter.Draft(turned).Checks.Count(check => check.Code == "turned-on-nap" && check.Level == CheckLevel.Error));
        Assert.DoesNotContain(Drafter.Draft(turned with { Nap = "either" }).Checks, check => check.Code == "turned-on-nap");
    }

    internal static CoverInput With(string where, string text) =>
        where == "tapered"
            ? Cushions.Worked with
            {
                Shape = "trapezoid",
                Measures = Cushions.Typed(("frontWidth", "21 1/4"), ("backWidth", text), ("depth", "19"), ("thickness", "4")),
            }
            : Put(where == "measures.diagonal2" ? Put(Cushions.Worked, "measures.diagonal1", "28 1/2") : Cushions.Worked, where, text);

    /// <summary>The cover with a mend put in, and what is written with it.</summary>
    internal static CoverInput Mended(CoverInput input, Mend mend) =>
        mend.Also.Aggregate(Put(input, mend.Path, mend.Value), (mended, also) => Put(mended, also.Path, also.Value));

    /// <summary>The cover with a text put in at a path, as a mend names it.</summary>
    internal static CoverInput Put(CoverInput input, string path, string text)
    {
        var (group, name) = path.Split('.', 2) is [var first, var rest] ? (first, rest) : (path, "");
        return group switch
        {
            "measures" when name == "shape" => input with { Shape = text },
            "points" => input with
            {
                Points =
                [
                    .. text.Split(';')
                        .Select(point => point.Split(','))
                        .Select(parts => new PointInput(Entry.Typed(parts[0]), Entry.Typed(parts[1]))),
                ],
            },
            "measures" => input with { Measures = Set(input.Measures, name, Entry.Typed(text)) },
            "rules" => input with { Rules = text == "" ? input.Rules : Set(input.Rules, name, Entry.Typed(text)) },
            "options" => input with { Options = text == "" ? input.Options : Set(input.Options, name, text) },
            "form" => input with { Form = text },
            "shape" => input with { Shape = text },
            "construction" => input with { Construction = text },
            "unit" => input with { Unit = text },
            "measuredFrom" => input with { MeasuredFrom = text },
            "count" => input with { Count = decimal.Parse(text, System.Globalization.CultureInfo.InvariantCulture) },
            "cloth" => input with { UsableWidth = Entry.Typed(text) },
            "padding" => input with { Padding = [new(Entry.Typed(text), null)] },
            _ => throw new ArgumentException(path),
        };
    }

    private static Dictionary<string, T> Set<T>(IReadOnlyDictionary<string, T> entries, string name, T value) =>
        new(entries) { [name] = value };
}
