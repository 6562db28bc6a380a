using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Constructions;
using Wrapper.Core.Judgement;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>A measure of the made-up thing.</summary>
public sealed record PracticeMeasureJson(string Label, string Text);

/// <summary>A line of a ticket.</summary>
public sealed record PracticeLineJson(string For, string Name, string Shown);

/// <summary>Something to practise on; the answer is asked for apart.</summary>
public sealed record PracticeJson(
    int Seed,
    string Form,
    string Shape,
    string FormLabel,
    string ShapeLabel,
    string Construction,
    string ConstructionLabel,
    [property: WordOf<JobUnit>] string Unit,
    IReadOnlyDictionary<string, string> MeasuresTyped,
    IReadOnlyList<PracticeMeasureJson> Measures,
    IReadOnlyList<PracticeMeasureJson> Rules,
    string? Asked,
    IReadOnlyList<PracticeLineJson> Ticket
);

/// <summary>What somebody answers: a figure, or the line that has the slip.</summary>
public sealed record PracticeAnswerJson(int Seed, [property: WordOf<JobUnit>] string Unit, Entry? Figure, string? Line);

/// <summary>Whether it was right, and the sum either way.</summary>
public sealed record PracticeVerdictJson(bool Right, string Said, string Working, string? Slip);

internal static class PracticeEndpoints
{
    public static void MapPractice(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/practice", Ask)
            .WithName("practice")
            .WithSummary("A made-up thing: one of its cut sizes to work out, or a ticket with one slip to find.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/practice", Answer)
            .WithName("practiceAnswer")
            .WithSummary("Says whether an answer is right, with the working.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static LengthUnit? Unit(string? unit) =>
        unit == "in" ? LengthUnit.Inch
        : unit == "mm" ? LengthUnit.Millimetre
        : null;

    private static Results<Ok<PracticeJson>, ProblemHttpResult> Ask(int seed, string unit)
    {
        if (Unit(unit) is not { } known)
        {
            return NoUnit();
        }

        var task = Practice.Task(seed, known);
        var labels = task.Shape.Measures.ToDictionary(measure => measure.Name, measure => measure.Label);
        var rules = (task.Asked is { } asked ? [asked] : task.Ticket.Select(line => line.Number))
            .SelectMany(number => number.Value.Leaves())
            .Where(leaf => leaf is GivenQuantity { Source: QuantitySource.Default })
            .DistinctBy(leaf => leaf.Name);
        return TypedResults.Ok(
            new PracticeJson(
                seed,
                task.Form.Id,
                task.Shape.Id,
                task.Form.Label,
                task.Shape.Label,
                task.Input.Construction!,
                ConstructionCatalogue.All[task.Input.Construction!].Label,
                unit,
                task.Input.Measures.ToDictionary(measure => measure.Key, measure => measure.Value.ToString()),
                [.. task.Input.Measures.Select(measure => new PracticeMeasureJson(labels[measure.Key], measure.Value.ToString()))],
                [.. rules.Select(rule => new PracticeMeasureJson(rule.Name, task.Draft.Format.RoundedWithUnit(rule.Value)))],
                task.Asked?.Name,
                [
                    .. task.Ticket.Select(line => new PracticeLineJson(
                        line.Number.For,
                        line.Number.Name,
                        task.Draft.Format.RoundedWithUnit(line.Shown)
                    )),
                ]
            )
        );
    }

    private static Results<Ok<PracticeVerdictJson>, ProblemHttpResult> Answer(PracticeAnswerJson answer)
    {
        if (Unit(answer.Unit) is not { } unit)
        {
            return NoUnit();
        }

        var task = Practice.Task(answer.Seed, unit);
        if (task.Asked is { } asked)
        {
            var reading = EntryReader.Read(answer.Figure ?? Entry.Typed(""), unit);
            var sum = Sum(task, asked);
            if (reading.Length is not { } figure)
            {
                return TypedResults.Problem(reading.Problem ?? "Say a figure.", statusCode: StatusCodes.Status422UnprocessableEntity);
            }

            var judged = OwnFigure.Judge(task.Draft, asked.For, figure)!;
            return TypedResults.Ok(
                new PracticeVerdictJson(
                    judged.Agrees,
                    judged.Agrees ? "Right." : $"Not quite: it differs by {task.Draft.Format.RoundedWithUnit(judged.Difference)}.",
                    sum,
                    judged.Slips.Count > 0 ? judged.Slips[0].Text : null
                )
            );
        }

        var wrong = task.Ticket.First(line => line.Slip is not null);
        var right = answer.Line == wrong.Number.For;
        return TypedResults.Ok(
            new PracticeVerdictJson(
                right,
                right ? "Found." : $"No: it is {wrong.Number.Name.ToLowerInvariant()}.",
                Sum(task, wrong.Number),
                wrong.Slip!.Text
            )
        );
    }

    private static string Sum(PracticeTask task, DraftNumber number)
    {
        var line = new WorkingWriter(task.Draft.Format).Line(number.For, number.Name, number.Value);
        return $"{number.Name}: {line.Shown} = "
            + $"{string.Join(' ', line.Tokens.Select(token => token.Name is null ? token.Text : $"{token.Shown} {token.Name}"))}";
    }

    private static ProblemHttpResult NoUnit() =>
        TypedResults.Problem("Practice is in inches (in) or millimetres (mm).", statusCode: StatusCodes.Status422UnprocessableEntity);
}
