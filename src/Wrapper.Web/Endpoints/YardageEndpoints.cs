using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Cloth;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Rules;
using Wrapper.Core.Units;
using Wrapper.Core.Working;
using Wrapper.Formats;

namespace Wrapper.Web.Endpoints;

/// <summary>A cover of the job, under the caller's key. An example is laid only while there is nothing real to lay.</summary>
public sealed record YardageCoverJson(string Key, CoverDocument Cover, bool? Example);

/// <summary>What came of one cover: its draft, or the checks in the way of one, and the measures that could be read.</summary>
public sealed record CoverAnswerJson(DraftResponse? Draft, IReadOnlyList<CheckJson> Checks, IReadOnlyDictionary<string, ReadMeasureJson> Measures);

/// <summary>What is to be bought: the covers of a job, its cloth, and whether other widths are compared, and the keys of the covers whose drafts are wanted.</summary>
public sealed record YardageRequestJson(
    string Unit, Dictionary<string, string>? HouseRules, IReadOnlyList<YardageCoverJson> Covers, ClothDocument Cloth, bool? Compare, IReadOnlyList<string>? Drafts, int? Steps);

/// <summary>A laid piece: the cover and piece it is, and its shape as laid.</summary>
public sealed record LaidPieceJson(string Id, string Cover, string Key, string Name, int Copies, IReadOnlyList<double[]> Outline)
{
    /// <summary>From the core's laid piece.</summary>
    public static LaidPieceJson Of(LaidPiece piece) => new(
        piece.LayId, piece.Cover, piece.Piece.Key, piece.Piece.Name, piece.Copies, [.. piece.Shape.Select(corner => new[] { corner.X.Millimetres, corner.Y.Millimetres })]);
}

/// <summary>How much to buy.</summary>
/// <param name="Need">The lay and the end trim, in millimetres.</param>
/// <param name="Buy">Rounded up to the step, in millimetres.</param>
/// <param name="Figure">The figure in the job's system: <c>3¼</c> or <c>2.9</c>.</param>
/// <param name="Unit"><c>yd</c> or <c>m</c>.</param>
/// <param name="Yards">Rounded up to the yard step: <c>3¼ yd</c>.</param>
/// <param name="Metres">Rounded up to the metre step: <c>2.9 m</c>.</param>
/// <param name="RuleOfThumb">The paper figure in the job's system, with its unit.</param>
/// <param name="Saved">What the lay saves against the paper figure, with its unit; null when nothing.</param>
/// <param name="Waste">The part of the bought cloth in no piece.</param>
/// <param name="Cost">At the cloth's price; null without one.</param>
/// <param name="Working">The sum.</param>
public sealed record BuyJson(
    double Need, double Buy, string Figure, string Unit, string Yards, string Metres, string RuleOfThumb, string? Saved, double Waste, decimal? Cost, WorkingJson Working);

/// <summary>A line of the comparison.</summary>
public sealed record WidthJson(string Name, double Width, string? Buy, double? Length, decimal? Cost, double? Waste, int Joins, bool Best, IReadOnlyList<CheckJson> Checks);

/// <summary>Something else to buy.</summary>
public sealed record ShoppingJson(string Kind, string Text, int Quantity);

/// <summary>What a job takes of its cloth.</summary>
public sealed record YardageJson(
    double? UsableWidth,
    string? UsableWidthShown,
    BuyJson? Buy,
    LayJson? Lay,
    IReadOnlyList<LaidPieceJson> Pieces,
    IReadOnlyDictionary<string, CoverAnswerJson> Covers,
    bool Example,
    IReadOnlyList<WidthJson> Widths,
    IReadOnlyList<ShoppingJson> Notions,
    IReadOnlyList<string> LeftOut,
    IReadOnlyList<CheckJson> Checks,
    int Joins);

internal static class YardageEndpoints
{
    private const int DefaultSteps = 60;
    private const int MostSteps = 20_000;
    private const int CompareSteps = 12;

    public static void MapYardage(this IEndpointRouteBuilder routes) => routes.MapPost("/api/yardage", Buy)
        .WithName("yardage")
        .WithSummary("Drafts all covers of a job for a cloth, lays them together and says what to buy.")
        .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    private static async Task<Results<Ok<YardageJson>, ProblemHttpResult>> Buy(YardageRequestJson request, CancellationToken aborted)
    {
        if (JobReading.UnitOf(request.Unit) is null || request.Covers is null || request.Cloth is null || request.Covers.Any(cover => cover?.Key is null || cover.Cover is null))
        {
            return TypedResults.Problem("A unit (in, cm or mm), covers with their keys, and a cloth are asked for.", statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        if (request.Covers.GroupBy(cover => cover.Key).Any(like => like.Count() > 1))
        {
            return TypedResults.Problem("Two covers have the same key: keys have to be unique.", statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        var unit = JobReading.UnitOf(request.Unit)!.Value;
        return TypedResults.Ok(await Task.Run(() => Answer(request, unit, aborted), aborted));
    }

    private static YardageJson Answer(YardageRequestJson request, LengthUnit unit, CancellationToken aborted)
    {
        var house = JobReading.HouseRules(request.HouseRules ?? [], unit);
        var reading = ClothReader.Read(JobReading.InputOf(request.Cloth), unit);
        var answers = Answers(request, reading.Cloth);
        if (reading.Cloth is not { } cloth)
        {
            return new(null, null, null, null, [], answers, false, [], [], [.. request.Covers.Select(cover => cover.Key)], [.. reading.Checks.Select(CheckJson.Of)], 0);
        }

        var steps = Math.Clamp(request.Steps ?? DefaultSteps, 1, MostSteps);
        var buyer = new ClothBuyer(Covers(request, example: false), unit, house);
        var yardage = buyer.Buy(cloth, steps, () => aborted.IsCancellationRequested);
        var example = yardage.Drafts.Count == 0 && request.Covers.Any(cover => cover.Example == true);
        if (example)
        {
            buyer = new(Covers(request, example: true), unit, house);
            yardage = buyer.Buy(cloth, steps, () => aborted.IsCancellationRequested);
        }

        var widths = request.Compare == true ? buyer.Compare(cloth, yardage, ClothWidth.Usual, CompareSteps, () => aborted.IsCancellationRequested) : [];
        var buyStep = new RuleBook(unit, RuleSet.None, RuleSet.None, RuleSet.Of(house))["buyStep"].Value;
        return new(
            cloth.UsableWidth.Millimetres,
            LengthFormat.For(unit).Rounded(cloth.UsableWidth),
            Bought(yardage, unit, reading.Price),
            yardage.Lay is { } lay ? LayJson.Of(lay) : null,
            [.. yardage.Pieces.Select(LaidPieceJson.Of)],
            answers,
            example,
            [.. widths.Select(width => Width(width, unit, reading.Price))],
            [.. NotionBuyer.ListOf(yardage.Drafts.Values, unit, buyStep).Select(line => new ShoppingJson(line.Kind, line.Text, line.Quantity))],
            yardage.LeftOut,
            [.. yardage.Checks.Select(CheckJson.Of)],
            yardage.Joins);
    }

    private static List<JobCover> Covers(YardageRequestJson request, bool example) =>
    [
        .. request.Covers.Where(cover => (cover.Example ?? false) == example)
            .Select(cover => new JobCover(cover.Key, cover.Cover.ToInput(request.Unit, request.HouseRules ?? []), request.Covers.Count > 1 ? NameOf(cover.Cover) : "")),
    ];

    private static string NameOf(CoverDocument cover) => cover.Name.Length > 0 ? cover.Name : FormCatalogue.Find(cover.Form)?.Label ?? cover.Form;

    private static Dictionary<string, CoverAnswerJson> Answers(YardageRequestJson request, ClothSpecification? cloth)
    {
        var answers = new Dictionary<string, CoverAnswerJson>();
        foreach (var cover in request.Covers.Where(cover => request.Drafts?.Contains(cover.Key) == true))
        {
            var input = cover.Cover.ToInput(request.Unit, request.HouseRules ?? []);
            var outcome = Drafter.Draft(cloth is null ? input : ClothBuyer.OnCloth(input, cloth));
            answers[cover.Key] = new(
                outcome.Draft is { } draft ? DraftResponse.Of(draft, outcome.Reading) : null,
                [.. outcome.Checks.Select(CheckJson.Of)],
                DraftResponse.ReadMeasures(outcome.Reading));
        }

        return answers;
    }

    internal static decimal? Cost(Length length, LengthUnit unit, decimal? price) =>
        price is { } each ? Math.Round(length.Nanometres / (decimal)(unit.IsImperial() ? LengthUnit.Yard : LengthUnit.Metre).One().Nanometres * each, 2) : null;

    private static BuyJson? Bought(Yardage yardage, LengthUnit unit, decimal? price)
    {
        if (yardage.Buy is not { } buy)
        {
            return null;
        }

        var length = buy.Value;
        var figure = NotionBuyer.Running(length, unit);
        var thumb = yardage.RuleOfThumb!.Value;
        var line = new WorkingWriter(LengthFormat.For(unit)).Line("buy", "Cloth to buy", buy);
        return new(
            yardage.Need!.Value.Millimetres,
            length.Millimetres,
            figure[..figure.LastIndexOf(' ')],
            figure[(figure.LastIndexOf(' ') + 1)..],
            NotionBuyer.Running(yardage.BuyInYards!.Value, LengthUnit.Yard),
            NotionBuyer.Running(yardage.BuyInMetres!.Value, LengthUnit.Metre),
            NotionBuyer.Running(thumb, unit),
            thumb > length ? NotionBuyer.Running(thumb - length, unit) : null,
            yardage.Waste!.Value,
            Cost(length, unit, price),
            new(line.For, line.Name, line.Expression, line.Value.Millimetres, line.Shown, line.Tokens));
    }

    private static WidthJson Width(WidthComparison comparison, LengthUnit unit, decimal? price)
    {
        var yardage = comparison.Yardage;
        var bought = yardage.Checks.HasError() ? null : yardage.Buy; // a figure without what does not fit would mislead
        var checks = yardage.Checks.Concat(yardage.Drafts.Values.SelectMany(draft => draft.Checks))
            .Where(check => check.Code is "piece-wider-than-cloth" or "join-on-front" or "turned-on-nap" or "strips-down" or "cloth-too-narrow-for-casing")
            .DistinctBy(check => check.Text);
        return new(
            comparison.Width.Name,
            comparison.Width.Width.Millimetres,
            bought is null ? null : NotionBuyer.Running(bought.Value, unit),
            bought?.Value.Millimetres,
            bought is null ? null : Cost(bought.Value, unit, price),
            bought is null ? null : yardage.Waste,
            yardage.Joins,
            comparison.Best,
            [.. checks.Select(CheckJson.Of)]);
    }
}
