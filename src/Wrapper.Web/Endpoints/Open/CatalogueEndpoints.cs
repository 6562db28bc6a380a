using System.Reflection;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions;
using Wrapper.Core.Forms;
using Wrapper.Core.Units;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>The state of the application.</summary>
public sealed record HealthJson(string Status, string Version);

/// <summary>A measure a shape asks for.</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Guidance">How to hold the tape.</param>
/// <param name="Axis">width, depth, thickness, diagonal or detail.</param>
/// <param name="Kind">What it is a measure of: always a length.</param>
/// <param name="Place">Where it is written on the drawing; null for nowhere.</param>
/// <param name="ExampleInches">What a first drawing shows, in an inch job.</param>
/// <param name="ExampleMillimetres">The same in a metric job.</param>
/// <param name="ExampleOfInches">The inch example in millimetres; null where it has none.</param>
/// <param name="ExampleOfMillimetres">The metric example in millimetres.</param>
/// <param name="Least">Less than this, in millimetres, is probably a slip.</param>
/// <param name="Most">More than this is probably a slip.</param>
/// <param name="Optional">A draft can be made without it.</param>
/// <param name="MayBeZero">Nothing is an answer.</param>
/// <param name="Rule">The rule that answers when it is not taken.</param>
public sealed record MeasureJson(
    string Name,
    string Label,
    string Guidance,
    MeasureAxis Axis,
    string Kind,
    MeasurePlace? Place,
    string ExampleInches,
    string ExampleMillimetres,
    double? ExampleOfInches,
    double? ExampleOfMillimetres,
    double Least,
    double Most,
    bool Optional,
    bool MayBeZero,
    string? Rule
);

/// <summary>A shape of a form; <c>stands</c> is <c>lying</c>, <c>upright</c> or <c>on-its-side</c>, as one meets the thing.</summary>
public sealed record ShapeJson(
    string Id,
    string Label,
    IReadOnlyList<MeasureJson> Measures,
    MeasureList? List,
    IReadOnlyList<string> Constructions,
    IReadOnlyList<Closure> Closures,
    IReadOnlyList<LowerEdge> Edges,
    Standing Stands
);

/// <summary>What the tape may lie on when a thing is measured, by its word and as it is called on this thing.</summary>
public sealed record TapeLiesJson(MeasuredFrom Word, string Label);

/// <summary>A form; of what the tape may lie on the usual stands first.</summary>
public sealed record FormJson(
    string Id,
    string Label,
    IReadOnlyList<ShapeJson> Shapes,
    IReadOnlyDictionary<string, string> RuleVariants,
    IReadOnlyList<TapeLiesJson> TapeLies
);

/// <summary>A choice made with words, the usual one first.</summary>
public sealed record OptionJson(string Name, string Label, IReadOnlyList<string> Words);

/// <summary>A construction with the choices it has.</summary>
public sealed record ConstructionJson(
    string Id,
    string Label,
    string Says,
    string Look,
    string GoesOn,
    string Washes,
    string Suits,
    IReadOnlyList<OptionJson> Options
);

/// <summary>A rule that is a plain number.</summary>
public sealed record NumberRuleJson(string Name, string Label, decimal Usual, decimal Least, decimal Most);

/// <summary>A rule with its usual figures, as a person would type them.</summary>
public sealed record RuleJson(string Name, string Label, string Imperial, string Metric);

/// <summary>What a cloth may be like: its word, what it is called, and what it asks for at the table and the machine.</summary>
public sealed record TraitJson(ClothTrait Word, string Label, string Handling);

/// <summary>Everything the screen is built from.</summary>
public sealed record CatalogueJson(
    IReadOnlyList<FormJson> Forms,
    IReadOnlyList<ConstructionJson> Constructions,
    IReadOnlyList<RuleJson> Rules,
    IReadOnlyList<NumberRuleJson> NumberRules,
    IReadOnlyList<TraitJson> Traits
);

internal static class CatalogueEndpoints
{
    public static void MapCatalogue(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/health", () => new HealthJson("ok", Version()))
            .WithName("health")
            .WithSummary("Whether the application is up.");
        routes
            .MapGet("/api/forms", () => Catalogue())
            .WithName("forms")
            .WithSummary("Forms, their measures and constructions, and the rules with their usual figures.");
    }

    internal static CatalogueJson Catalogue() =>
        new(
            [.. FormCatalogue.All.Select(Form)],
            [
                .. ConstructionCatalogue.All.Values.Select(construction => new ConstructionJson(
                    construction.Id,
                    construction.Label,
                    construction.Says,
                    construction.Look,
                    construction.GoesOn,
                    construction.Washes,
                    construction.Suits,
                    [.. construction.Choices.Select(option => new OptionJson(option.Name, option.Label, option.Words))]
                )),
            ],
            [.. Rule.All.Values.Select(RuleOf)],
            [
                .. NumberRule.All.Values.Select(rule => new NumberRuleJson(
                    rule.Name,
                    rule.Label,
                    Math.Round(rule.Usual, 6),
                    rule.Least,
                    rule.Most
                )),
            ],
            [.. ClothTraitDefinition.All.Select(trait => new TraitJson(trait.Trait, trait.Label, trait.Handling))]
        );

    private static string Version() =>
        typeof(CatalogueEndpoints).Assembly.GetCustomAttribute<AssemblyInformationalVersionAttribute>()?.InformationalVersion.Split('+')[0]
        ?? "";

    private static FormJson Form(FormDefinition form) =>
        new(
            form.Id,
            form.Label,
            [.. form.Shapes.Select(Shape)],
            form.RuleVariants.ToDictionary(variant => variant.Key.Name, variant => variant.Value.Name),
            [.. form.TapeMayLieOn.Select(lies => new TapeLiesJson(lies.Word, lies.Label))]
        );

    private static ShapeJson Shape(ShapeDefinition shape) =>
        new(
            shape.Id,
            shape.Label,
            [.. shape.Measures.Select(Measure)],
            shape.List,
            shape.Constructions,
            [.. shape.Closures],
            [.. shape.Edges],
            shape.Stands
        );

    private static MeasureJson Measure(MeasureDefinition measure) =>
        new(
            measure.Name,
            measure.Label,
            measure.Guidance,
            measure.Axis,
            "length",
            measure.Place,
            measure.ExampleInches,
            measure.ExampleMillimetres,
            measure.Example(LengthUnit.Inch)?.Millimetres,
            measure.Example(LengthUnit.Millimetre)?.Millimetres,
            measure.LikelyLeast.Millimetres,
            measure.LikelyMost.Millimetres,
            measure.Optional,
            measure.MayBeZero,
            measure.Rule?.Name
        );

    private static RuleJson RuleOf(Rule rule) =>
        new(
            rule.Name,
            rule.Label,
            LengthFormat.Inches.RoundedWithUnit(rule.Imperial),
            LengthFormat.Millimetres.RoundedWithUnit(rule.Metric)
        );
}
