using System.Text.Json;
using System.Text.Json.Nodes;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>A document that breaks a rule says where, and is repaired by taking out that and nothing else.</summary>
public sealed class DocumentRulesTests
{
    private const string Cloth = """
        { "name": "Ticking", "width": "54", "nap": "one-way", "flaws": [{ "from": "1", "to": "2" }], "others": [{ "key": "navy",
        "width": "48" }] }
        """;
    private const string Cover = """
        { "name": "Seat", "form": "box-cushion", "measures": { "width": "20", "points": [["0", "0"], ["5", "0"], ["5", "5"]] },
        "notes": { "": "by the hatch" }, "cut": [1] }
        """;

    /// <summary>The demo's documents keep to the rules.</summary>
    [Fact]
    public void Every_document_of_the_demo_is_sound()
    {
        foreach (
            var file in Directory
                .GetFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json")
                .Select(path => JobFile.Open(File.ReadAllBytes(path)))
        )
        {
            Assert.Empty(file.Violations);
            Assert.NotNull(file.Document);
        }
    }

    [Theory]
    [InlineData("""{ "flaws": [{ "from": "1", "to": "2" }, null] }""", "flaws.1")]
    [InlineData("""{ "nap": "sideways" }""", "nap")]
    [InlineData("""{ "name": 5 }""", "name")]
    [InlineData("""{ "width": ["54"] }""", "width")]
    [InlineData("""{ "others": [{ "key": "navy", "width": "48", "traits": ["woolly"] }] }""", "others.0.traits.0")]
    [InlineData("""{ "pinned": [{ "piece": "a", "x": 1e300 }] }""", "pinned.0.x")]
    [InlineData("""{ "edges": { "left": { "kind": "ragged" } } }""", "edges.left.kind")]
    [InlineData("""{ "edges": { "hem": 5 } }""", "edges.hem")]
    public void A_cloth_that_breaks_a_rule_names_the_field_and_loses_only_that(string change, string field) =>
        Repairs(Cloth, change, DocumentRules.Cloth, field);

    [Theory]
    [InlineData("""{ "notes": 5 }""", "notes")]
    [InlineData("""{ "form": "spaceship" }""", "form")]
    [InlineData("""{ "measures": { "width": "20", "points": [null, ["5", "0"]] } }""", "measures.points.0")]
    [InlineData("""{ "measures": { "width": { "deep": 1 } } }""", "measures.width")]
    [InlineData("""{ "cut": [1, 2.5] }""", "cut.1")]
    [InlineData("""{ "options": { "legs": ["2", null] } }""", "options.legs.1")]
    [InlineData("""{ "roles": { "top": [null] } }""", "roles.top.0")]
    public void A_cover_that_breaks_a_rule_names_the_field_and_loses_only_that(string change, string field) =>
        Repairs(Cover, change, DocumentRules.Cover, field);

    [Fact]
    public void What_exceeds_a_limit_is_taken_out_where_it_stands()
    {
        var cover = JsonNode.Parse(Cover)!;
        cover["notes"]!["width"] = new string('n', JsonLimits.LongestText + 1);
        cover["later"] = new JsonObject { ["list"] = new JsonArray([.. Enumerable.Range(0, 1200).Select(i => (JsonNode?)i)]) };
        var repaired = JsonNode.Parse(DocumentRepair.Repair(cover.ToJsonString(), DocumentRules.Cover))!;
        Assert.Equal("by the hatch", (string)repaired["notes"]![""]!);
        Assert.Null(repaired["notes"]!["width"]);
        Assert.Empty(repaired["later"]!.AsObject());
        Assert.Equal("Seat", (string)repaired["name"]!);
    }

    [Fact]
    public void Half_a_letter_is_replaced_and_what_is_not_json_is_empty()
    {
        var repaired = JsonNode.Parse(
            DocumentRepair.Repair("""{ "name": "Seat \ud83d by the \\ud83d \ud83d\ude00", "form": "pouf" }""", DocumentRules.Cover)
        )!;
        Assert.Equal("Seat \ufffd by the \\ud83d \ud83d\ude00", (string)repaired["name"]!);
        Assert.Equal("{}", DocumentRepair.Repair("once upon a time", DocumentRules.Cover));
        Assert.Equal("{}", DocumentRepair.Repair("[1, 2]", DocumentRules.Cover));
    }

    [Fact]
    public void A_sound_document_is_repaired_to_itself() =>
        Assert.True(JsonNode.DeepEquals(JsonNode.Parse(Cloth), JsonNode.Parse(DocumentRepair.Repair(Cloth, DocumentRules.Cloth))));

    private static void Repairs(string sound, string change, ValueRule rule, string field)
    {
        var changed = JsonNode.Parse(sound)!.AsObject();
        foreach (var (name, value) in JsonNode.Parse(change)!.AsObject())
        {
            changed[name] = value?.DeepClone();
        }

        var broken = Assert.Single(rule.Violations(JsonSerializer.SerializeToElement(changed)));
        Assert.Equal(field, broken.Field);
        Assert.StartsWith($"“{field}” ", broken.Text, StringComparison.Ordinal);
        var expected = changed.DeepClone();
        var parent = field
            .Split('.')
            .SkipLast(1)
            .Aggregate(expected, (node, step) =>
                node is JsonArray list ? list[int.Parse(step, System.Globalization.CultureInfo.InvariantCulture)]! : node[step]!
            );
        if (parent is JsonArray entries)
        {
            entries.RemoveAt(int.Parse(field.Split('.')[^1], System.Globalization.CultureInfo.InvariantCulture));
        }
        else
        {
            parent.AsObject().Remove(field.Split('.')[^1]);
        }

        var repaired = JsonNode.Parse(DocumentRepair.Repair(changed.ToJsonString(), rule));
        Assert.True(JsonNode.DeepEquals(expected, repaired), $"{expected}\n{repaired}");
    }
}
