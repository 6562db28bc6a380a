using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions;
using Wrapper.Core.Drafting;
using Wrapper.Core.Judgement;
using Wrapper.Core.Judgement.Advice;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;
using Wrapper.Web.Yardages;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>A cover to be made, and the cloth to make it of.</summary>
/// <param name="Unit">The job's.</param>
/// <param name="HouseRules">The house's rules.</param>
/// <param name="Cover">The cover as it stands, with what matters to its maker.</param>
/// <param name="Cloth">The cloth.</param>
/// <param name="Others">The constructions of the job's other covers.</param>
public sealed record MakeUpsRequestJson(
    [property: WordOf<JobUnit>] string Unit,
    Dictionary<string, string>? HouseRules,
    CoverDocument Cover,
    ClothDocument Cloth,
    IReadOnlyList<string>? Others = null
)
{
    /// <summary>All cloths of the job by their keys, for a cover that gives them to its roles.</summary>
    public Dictionary<string, ClothDocument>? Cloths { get; init; }
}

/// <summary>What speaks for a way or against it on this very thing.</summary>
/// <param name="Rule">The rule it comes of: docs/handbook.md, “Advice”.</param>
/// <param name="Speaks"><c>for</c>, <c>against</c>, or <c>forbids</c>: not advised whatever else speaks for it.</param>
/// <param name="Text">Why, in a few words.</param>
public sealed record AdviceReasonJson(string Rule, Speaks Speaks, string Text);

/// <summary>One line of an estimate of time.</summary>
public sealed record TimePartJson(string What, double Amount, decimal Each, double Minutes);

/// <summary>One way of making the cover.</summary>
/// <param name="Kind">What is decided: construction, closure, edge, piping, layers, skirt or fit.</param>
/// <param name="Word">What is chosen.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Chosen">It is how the cover stands.</param>
/// <param name="Recommended">The product would choose it.</param>
/// <param name="Reason">Why, or what it has over the others; empty for nothing in particular.</param>
/// <param name="Look">How it looks; null where only a detail is decided.</param>
/// <param name="GoesOn">How it goes on.</param>
/// <param name="Washes">How it stands washing.</param>
/// <param name="Suits">Who should take it, and for what.</param>
/// <param name="Pieces">Pieces to cut for all covers alike; null when it cannot be made this way.</param>
/// <param name="Buy">Cloth to buy for this cover by itself, with its unit.</param>
/// <param name="BuyLength">The same in millimetres.</param>
/// <param name="Cost">At the cloth's price.</param>
/// <param name="Seams">All seams, in millimetres.</param>
/// <param name="SeamsShown">The same in feet or metres.</param>
/// <param name="Minutes">The estimate for all covers alike.</param>
/// <param name="MinutesShown">The same in hours and minutes.</param>
/// <param name="Time">What the estimate is added up from.</param>
/// <param name="Options">The choices as they stand when it is chosen.</param>
/// <param name="Rules">The rules as they stand when it is chosen.</param>
/// <param name="Checks">What was noticed making it.</param>
/// <param name="Reasons">What speaks for it and against it.</param>
public sealed record MakeUpJson(
    string Kind,
    string Word,
    string Label,
    bool Chosen,
    bool Recommended,
    string Reason,
    string? Look,
    string? GoesOn,
    string? Washes,
    string? Suits,
    int? Pieces,
    string? Buy,
    double? BuyLength,
    decimal? Cost,
    double? Seams,
    string? SeamsShown,
    double? Minutes,
    string? MinutesShown,
    IReadOnlyList<TimePartJson> Time,
    IReadOnlyDictionary<string, string> Options,
    IReadOnlyDictionary<string, string> Rules,
    IReadOnlyList<CheckJson> Checks,
    IReadOnlyList<AdviceReasonJson> Reasons
)
{
    /// <summary>What it takes of the other cloths given to its roles; the cost is of all together.</summary>
    public IReadOnlyList<OfClothJson> OfOthers { get; init; } = [];
}

/// <summary>Cloth to buy beside the cover's own.</summary>
/// <param name="Cloth">Its key.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Buy">To buy, with its unit.</param>
/// <param name="BuyLength">The same in millimetres.</param>
public sealed record OfClothJson(string Cloth, string Name, string Buy, double BuyLength);

/// <summary>A cloth one has: how wide, how long.</summary>
public sealed record ClothAtHandRequestJson(
    [property: WordOf<JobUnit>] string Unit,
    Dictionary<string, string>? HouseRules,
    ClothDocument Cloth,
    Entry Length,
    IReadOnlyList<string>? Forms
)
{
    /// <summary>How many there are of a ready-made cloth; one where nothing is said.</summary>
    public int? Count { get; init; }

    /// <summary>From how many strips side by side faces are joined; cut whole where nothing is said.</summary>
    public int? JoinedFrom { get; init; }
}

/// <summary>The largest cover of one form and construction, with the lay that shows it.</summary>
public sealed record LargestCoverJson(
    string Form,
    string FormLabel,
    string Shape,
    string ShapeLabel,
    string Construction,
    string ConstructionLabel,
    IReadOnlyDictionary<string, string> Measures,
    string Size,
    double Waste,
    double Length,
    IReadOnlyList<LaidPieceJson> Pieces,
    IReadOnlyList<PlacementJson> Placements,
    IReadOnlyList<string> Pieced
);

/// <summary>What can be made of the cloth, and what the cloth came to.</summary>
public sealed record ClothAtHandJson(double UsableWidth, double Length, IReadOnlyList<LargestCoverJson> Covers)
{
    /// <summary>How long one of it is, where there are several; null for a single one, or a roll.</summary>
    public double? Sheet { get; init; }
}

internal static class MakeUpEndpoints
{
    private const int Steps = 40;
    private const int MostSheets = 24;
    private const int MostStrips = 8;

    public static void MapMakeUps(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/make-ups", Compare)
            .WithName("makeUps")
            .TakesTime()
            .KeepsAnswers()
            .WithSummary("Every way a cover can be made, side by side: pieces, cloth, seams, minutes, and which is recommended and why.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/cloth-at-hand", AtHand)
            .WithName("clothAtHand")
            .TakesTime()
            .KeepsAnswers()
            .WithSummary("For each form and construction the largest cover that a piece of cloth gives, drafted and laid.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<Ok<IReadOnlyList<MakeUpJson>>, ProblemHttpResult>> Compare(
        MakeUpsRequestJson request,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (JobUnits.Read(request.Unit) is not { } unit)
        {
            return TypedResults.Problem("A unit is asked for: in, cm or mm.", statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        var asked = new AskedCloths(request.Cloth, request.Cloths, unit);
        if (asked.Cloth is not { } cloth)
        {
            return Refusals.Unprocessable(asked.Checks);
        }

        var input = asked.In(request.Cover, request.Unit, request.HouseRules);
        var unknown = Drafter
            .Draft(input)
            .Checks.Where(check => check.Measure == "construction" && check.Level == CheckLevel.Error)
            .ToList();
        if (unknown.Count > 0)
        {
            return Refusals.Unprocessable(unknown);
        }

        if (MatterReader.Check(input.Matters) is { } unread)
        {
            return Refusals.Unprocessable([unread]);
        }

        var house = HouseRules.Readable(request.HouseRules ?? [], unit);
        var made = await planners.Run(
            PlannerKind.Patient,
            goesOn =>
                MakeUps.Compare(
                    input,
                    cloth,
                    house,
                    Steps,
                    Planners.Limited(goesOn),
                    request.Others,
                    [.. asked.Besides.Select(other => other.Cloth!)]
                ),
            aborted
        );
        IReadOnlyList<MakeUpJson> answer = [.. made.Select(one => Json(one, unit, asked))];
        return TypedResults.Ok(answer);
    }

    private static MakeUpJson Json(MakeUp made, LengthUnit unit, AskedCloths asked)
    {
        var construction = made.Change.Kind == "construction" ? ConstructionCatalogue.All[made.Change.Word] : null;
        var fits = made.Yardage is { Checks: var checks } && !checks.HasError();
        var buy = fits ? made.Yardage!.Buy?.Value : null;
        return new(
            made.Change.Kind,
            made.Change.Word,
            made.Change.Label,
            made.IsChosen,
            made.IsRecommended,
            made.Reason,
            construction?.Look,
            construction?.GoesOn,
            construction?.Washes,
            construction?.Suits,
            made.Draft?.PiecesToCut,
            buy is { } length ? NotionBuyer.Running(length, unit) : null,
            buy?.Millimetres,
            buy is not null ? CostOf(made, unit, asked) : null,
            made.Draft is null ? null : made.Seams.Millimetres,
            made.Draft is null ? null : Seams(made.Seams, unit),
            made.Time?.Minutes,
            made.Time is { } time ? Hours(time.Minutes) : null,
            [
                .. (made.Time?.Parts ?? []).Select(part => new TimePartJson(
                    part.What,
                    Math.Round(part.Amount, 2),
                    part.Each,
                    Math.Round(part.Minutes, 1)
                )),
            ],
            made.Input.Options,
            made.Input.Rules.ToDictionary(rule => rule.Key, rule => rule.Value.ToString()),
            [
                .. made
                    .Checks.Concat(made.Yardage?.Checks ?? [])
                    .Where(check => check.Level == CheckLevel.Error || check.Concerns != CheckConcern.Untaken)
                    .DistinctBy(check => check.Text)
                    .Select(CheckJson.Of),
            ],
            [.. made.Reasons.Select(reason => new AdviceReasonJson(reason.Rule, reason.Speaks, reason.Text))]
        )
        {
            OfOthers =
            [
                .. made
                    .OfOthers.Where(of => of.Yardage.Buy is not null)
                    .Select(of => new OfClothJson(
                        of.Cloth.Key!,
                        of.Cloth.Name ?? of.Cloth.Key!,
                        NotionBuyer.Running(of.Yardage.Buy!.Value, unit),
                        of.Yardage.Buy.Value.Millimetres
                    )),
            ],
        };
    }

    /// <summary>What all its cloths cost together; null where one of them has no price.</summary>
    private static decimal? CostOf(MakeUp made, LengthUnit unit, AskedCloths asked)
    {
        decimal?[] costs =
        [
            made.Yardage!.CostAt(asked.Price, unit),
            .. made.OfOthers.Select(of => of.Yardage.CostAt(asked.Readings[of.Cloth.Key!].Price, unit)),
        ];
        return costs.All(cost => cost is not null) ? costs.Sum() : null;
    }

    private static string Seams(Length seams, LengthUnit unit) =>
        unit.IsImperial()
            ? FormattableString.Invariant($"{Math.Round(seams.Inches / 12)} ft")
            : FormattableString.Invariant($"{Math.Round(seams.Millimetres / 1000, 1)} m");

    /// <summary>To five minutes: it is an estimate and does not pretend to be more.</summary>
    private static string Hours(double minutes)
    {
        var fives = (int)Math.Round(minutes / 5, MidpointRounding.AwayFromZero) * 5;
        return fives < 60 ? $"{Math.Max(fives, 5)} min"
            : fives % 60 == 0 ? $"{fives / 60} h"
            : $"{fives / 60} h {fives % 60:00}";
    }

    private static async Task<Results<Ok<ClothAtHandJson>, ProblemHttpResult>> AtHand(
        ClothAtHandRequestJson request,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (JobUnits.Read(request.Unit) is not { } unit)
        {
            return TypedResults.Problem("A unit is asked for: in, cm or mm.", statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        var reading = ClothReader.Read(request.Cloth.Migrate(), unit);
        var checks = reading.Checks.ToList();
        var length = EntryReader.Read(request.Length, unit);
        if (length.Length is not { } along)
        {
            checks.Add(Check.Error("unreadable", $"Length of the cloth: {length.Problem}", "length") with { Position = length.Position });
        }
        else if (along < Length.FromMillimetres(50m) || along > Length.FromMillimetres(200_000m))
        {
            checks.Add(
                Check.Error("cloth-length-out-of-range", "A cloth to begin from is between 50 mm and 200 m long: check the unit.", "length")
            );
        }

        if (request.Count is < 1 or > MostSheets)
        {
            checks.Add(Check.Error("count-out-of-range", $"How many there are is a whole number from 1 to {MostSheets}.", "count"));
        }

        if (request.JoinedFrom is < 1 or > MostStrips)
        {
            checks.Add(Check.Error("pieced-count", $"A face is joined from at most {MostStrips} strips here.", "joinedFrom"));
        }

        if (reading.Cloth is not { } cloth || checks.HasError())
        {
            return Refusals.Unprocessable(checks);
        }

        // Of a sheet there is what its edges leave, as often as there are sheets.
        var count = cloth.UsableLength is null ? 1 : request.Count ?? 1;
        var usable = count * (cloth.UsableLength ?? length.Length!.Value);
        var house = HouseRules.Readable(request.HouseRules ?? [], unit);
        var found = await planners.Run(
            PlannerKind.Patient,
            goesOn => ClothAtHand.Find(new(cloth, usable, request.JoinedFrom ?? 1), unit, house, request.Forms, Planners.Limited(goesOn)),
            aborted
        );
        return TypedResults.Ok(
            new ClothAtHandJson(cloth.UsableWidth.Millimetres, usable.Millimetres, [.. found.Select(cover => Json(cover, cloth, unit))])
            {
                Sheet = count > 1 ? cloth.UsableLength!.Value.Millimetres : null,
            }
        );
    }

    private static LargestCoverJson Json(LargestCover cover, ClothSpecification cloth, LengthUnit unit)
    {
        var format = LengthFormat.For(unit);
        return new(
            cover.Form.Id,
            cover.Form.Label,
            cover.Shape.Id,
            cover.Shape.Label,
            cover.Construction,
            ConstructionCatalogue.All[cover.Construction].Label,
            cover.Measures.ToDictionary(measure => measure.Key, measure => format.Exact(measure.Value)),
            string.Join(" × ", cover.Measures.Values.Take(3).Select(format.Rounded)) + " " + unit.Sign(),
            cover.Yardage.Waste ?? 0,
            cover.Yardage.Lay!.Length.Millimetres,
            [.. cover.Yardage.Pieces.Select(piece => LaidPieceJson.Of(piece, cloth, cover.Yardage.Drafts))],
            [.. cover.Yardage.Lay.Placements.Select(PlacementJson.Of)],
            cover.Pieced
        );
    }
}
