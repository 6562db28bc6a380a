using System.Reflection;
using Wrapper.Core.Forms;
using Wrapper.Core.Rules;
using Wrapper.Core.Units;

namespace Wrapper.Web.Endpoints;

/// <summary>The state of the application.</summary>
public sealed record HealthJson(string Status, string Version);

/// <summary>A measure a shape asks for.</summary>
public sealed record MeasureJson(string Name, string Label, string Guidance, string Axis, string ExampleInches, string ExampleMillimetres, bool Optional);

/// <summary>A shape of a form.</summary>
public sealed record ShapeJson(string Id, string Label, IReadOnlyList<MeasureJson> Measures, IReadOnlyList<string> Constructions);

/// <summary>A form.</summary>
public sealed record FormJson(string Id, string Label, IReadOnlyList<ShapeJson> Shapes);

/// <summary>A rule with its usual figures, as a person would type them.</summary>
public sealed record RuleJson(string Name, string Label, string Imperial, string Metric);

/// <summary>Everything the screen is built from.</summary>
public sealed record CatalogueJson(IReadOnlyList<FormJson> Forms, IReadOnlyList<RuleJson> Rules);

internal static class CatalogueEndpoints
{
    public static void MapCatalogue(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/health", () => new HealthJson("ok", Version())).WithName("health").WithSummary("Whether the application is up.");
        routes.MapGet("/api/forms", () => new CatalogueJson([.. FormCatalogue.All.Select(Form)], [.. RuleCatalogue.All.Values.Select(Rule)]))
            .WithName("forms").WithSummary("Forms, their measures and constructions, and the rules with their usual figures.");
    }

    private static string Version() => typeof(CatalogueEndpoints).Assembly.GetCustomAttribute<AssemblyInformationalVersionAttribute>()?.InformationalVersion.Split('+')[0] ?? "";

    private static FormJson Form(FormDefinition form) => new(form.Id, form.Label, [.. form.Shapes.Select(Shape)]);

    private static ShapeJson Shape(ShapeDefinition shape) => new(shape.Id, shape.Label, [.. shape.Measures.Select(Measure)], shape.Constructions);

    private static MeasureJson Measure(MeasureDefinition measure) => new(
        measure.Name, measure.Label, measure.Guidance, measure.Axis.ToString().ToLowerInvariant(), measure.ExampleInches, measure.ExampleMillimetres, measure.Optional);

    private static RuleJson Rule(RuleDefinition rule) => new(
        rule.Name, rule.Label, LengthFormat.Inches.RoundedWithUnit(rule.Imperial), LengthFormat.Millimetres.RoundedWithUnit(rule.Metric));
}
