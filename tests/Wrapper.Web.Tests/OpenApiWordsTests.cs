using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The closed sets of words in the description of the interface are those that the rules of documents allow.</summary>
public sealed class OpenApiWordsTests(Application application) : IClassFixture<Application>
{
    [Theory]
    [InlineData("ClothDocument", "nap", "cloth", "either one-way")]
    [InlineData("ClothDocument", "grain", "cloth", "down either")]
    [InlineData("ClothDocument", "layers", "cloth", "single fold")]
    [InlineData("ClothDocument", "role", "cloth", "main lining padding")]
    [InlineData("CoverDocument", "unit", "cover", "in cm mm")]
    [InlineData("CoverDocument", "measuredFrom", "cover", "filling padded-filling space old-cover")]
    public async Task A_word_of_a_document_is_a_closed_set(string schema, string property, string rule, string words)
    {
        var described = (await Schemas())[schema]!["properties"]![property]!["enum"]!.AsArray();
        Assert.Equal(words.Split(' '), described.Select(word => (string)word!));
        var (_, rules, _) = await application.Send(HttpMethod.Get, "/api/job.schema.json");
        var allowed = rules!["$defs"]![rule]!["properties"]![property]!["anyOf"]!.AsArray().First(one => one!["enum"] is not null)![
            "enum"
        ]!.AsArray();
        Assert.Equal(words.Split(' '), allowed.Select(word => (string)word!).Where(word => word.Length > 0));
    }

    [Theory]
    [InlineData("CheckLevel", "note warning error")]
    [InlineData("JobStage", "measure cut")]
    [InlineData("WorkNoteCode", "cover-gone done-before")]
    [InlineData("Rescue", "trim-off sew-narrower cut-again no-cloth gone")]
    public async Task A_word_of_an_answer_is_an_enumeration(string schema, string words)
    {
        var described = (await Schemas())[schema]!;
        Assert.Equal("string", (string)described["type"]!);
        Assert.Equal(words.Split(' '), described["enum"]!.AsArray().Select(word => (string)word!));
    }

    [Fact]
    public async Task An_entry_of_work_is_one_of_several_chosen_by_its_kind()
    {
        var schemas = await Schemas();
        var entry = schemas["WorkEntry"]!;
        Assert.Equal("kind", (string)entry["discriminator"]!["propertyName"]!);
        var kinds = entry["discriminator"]!["mapping"]!.AsObject().ToDictionary(kind => kind.Key, kind => (string)kind.Value!);
        Assert.Equal(11, kinds.Count);
        Assert.Equal(kinds.Values, entry["oneOf"]!.AsArray().Select(one => (string)one!["$ref"]!));
        foreach (var (word, reference) in kinds)
        {
            var record = schemas[reference[(reference.LastIndexOf('/') + 1)..]]!;
            Assert.Equal([word], record["properties"]!["kind"]!["enum"]!.AsArray().Select(one => (string)one!));
            Assert.Contains(record["required"]!.AsArray(), name => (string)name! == "kind");
        }

        Assert.Null(schemas["FlawEntry"]!["properties"]!["handOver"]); // what is of another kind is not there
        Assert.NotNull(schemas["FlawEntry"]!["properties"]!["stretch"]);
    }

    private async Task<JsonObject> Schemas() =>
        (await application.Send(HttpMethod.Get, "/api/openapi.json")).Body!["components"]!["schemas"]!.AsObject();
}
