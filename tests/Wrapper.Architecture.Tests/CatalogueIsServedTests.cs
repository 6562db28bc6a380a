using System.Text.RegularExpressions;
using Wrapper.Core.Constructions;
using Wrapper.Core.Forms;
using Xunit;

namespace Wrapper.Architecture.Tests;

/// <summary>The screens find forms and constructions by what the catalogue says of them, never by their ids.</summary>
public sealed partial class CatalogueIsServedTests
{
    /// <summary>What a new cover is before anything is chosen, as the open format has it too.</summary>
    private static readonly string[] NewCover = ["form: \"box-cushion\",", "construction: \"boxing-strip\","];

    [Fact]
    public void No_screen_contains_the_id_of_a_form_or_a_construction()
    {
        var ids = FormCatalogue.All.Select(form => form.Id).Concat(ConstructionCatalogue.All.Keys).ToHashSet();
        var found = SourceFiles
            .With(".ts", ".tsx")
            .Where(file => file.Path.StartsWith("web/src/", StringComparison.Ordinal) && !file.IsTest)
            .SelectMany(file => file.Lines.Select((line, number) => (file.Path, Line: line.Trim(), Number: number + 1)))
            .Where(line => !NewCover.Contains(line.Line))
            .Where(line => Quoted().Matches(line.Line).Any(text => ids.Contains(text.Groups[1].Value) && !IsClassName(line.Line)))
            .Select(line => $"{line.Path}:{line.Number}: {line.Line}");
        Assert.Empty(found);
    }

    [Fact]
    public void No_screen_takes_an_id_apart()
    {
        var found = SourceFiles
            .With(".ts", ".tsx")
            .Where(file => file.Path.StartsWith("web/src/", StringComparison.Ordinal) && !file.IsTest)
            .SelectMany(file => file.Lines.Select((line, number) => (file.Path, Line: line.Trim(), Number: number + 1)))
            .Where(line => TakenApart().IsMatch(line.Line))
            .Select(line => $"{line.Path}:{line.Number}: {line.Line}");
        Assert.Empty(found);
    }

    private static bool IsClassName(string line) => line.Contains("className=", StringComparison.Ordinal);

    [GeneratedRegex("[\"'`]([a-z0-9-]+)[\"'`]")]
    private static partial Regex Quoted();

    [GeneratedRegex(@"\b(construction|form)\.(includes|startsWith|endsWith|match|split)\(")]
    private static partial Regex TakenApart();
}
