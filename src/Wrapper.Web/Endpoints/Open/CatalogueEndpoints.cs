using System.Reflection;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions;
using Wrapper.Core.Forms;
using Wrapper.Core.Judgement.Advice;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Jobs.Files;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Endpoints.Open;

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
                    construction.Brief,
                    construction.GoesRoundObstacles,
                    [.. construction.Choices.Select(OptionJson.Of)]
                )),
            ],
            [.. Rule.All.Values.Select(RuleOf)],
            [
                .. NumberRule.All.Values.Select(rule => new NumberRuleJson(
                    rule.Name,
                    rule.Label,
                    Math.Round(rule.Usual, 6),
                    rule.Least,
                    rule.Most,
                    rule.Group
                )),
            ],
            [.. ClothTraitDefinition.All.Select(trait => new TraitJson(trait.Trait, trait.Label, trait.Handling))]
        )
        {
            Roles = [.. PieceRole.All.Select(role => new RoleJson(role.Word, role.ClothLabel, role.GoesRound, role.CanBePieced))],
            Matters = [.. Enum.GetValues<Matter>().Select(matter => new MatterJson(matter, matter.Label()))],
            MostMatters = Core.Judgement.Advice.Matters.Most,
            SewingMethods =
            [
                .. SewingMethod.All.Select(method => new SewingMethodJson(method.Name, method.Label, method.Ways, method.For)),
            ],
            Files =
            [
                .. OpenFiles
                    .Offered.GroupBy(pair => pair.What)
                    .Select(what => new FileOfferJson(what.Key, OpenFiles.Label(what.Key), [.. what.Select(pair => pair.As)])),
            ],
        };

    private static string Version() =>
        typeof(CatalogueEndpoints).Assembly.GetCustomAttribute<AssemblyInformationalVersionAttribute>()?.InformationalVersion.Split('+')[0]
        ?? "";

    private static FormJson Form(FormDefinition form) =>
        new(
            form.Id,
            form.Label,
            [.. form.Shapes.Select(shape => Shape(form, shape))],
            form.RuleVariants.ToDictionary(variant => variant.Key.Name, variant => variant.Value.Name),
            [.. form.TapeMayLieOn.Select(lies => new TapeLiesJson(lies.Word, lies.Label))],
            form.HasLegs
        );

    private static ShapeJson Shape(FormDefinition form, ShapeDefinition shape) =>
        new(
            shape.Id,
            shape.Label,
            [.. shape.Measures.Select(Measure)],
            shape.List,
            shape.Constructions,
            [.. shape.Closures],
            [.. shape.Edges],
            [.. Choice.All.Values.Where(choice => !choice.IsFor(form, shape)).Select(choice => choice.Name)],
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
            LengthFormat.Millimetres.RoundedWithUnit(rule.Metric),
            rule.Group,
            rule.IsRare
        );
}
