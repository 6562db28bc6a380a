using CsvHelper.Configuration.Attributes;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;

namespace Wrapper.Jobs.Files;

/// <summary>A line of the cut cards: the first corner of a copy, a size, a corner or a mark of the card, a cut right across.</summary>
/// <param name="Card">The number of the card on its cloth, from 1, in the order of cuts.</param>
/// <param name="Cloth">What the cloth is called; with what it is cut from, where that is no roll.</param>
/// <param name="Code">The code of the piece.</param>
/// <param name="Cover">What its cover is called.</param>
/// <param name="Piece">What it is called.</param>
/// <param name="What">What is chalked: <c>first corner</c>, <c>size</c>, <c>corner</c>, the kind of a mark, <c>cut across</c>.</param>
/// <param name="Label">Which copy or corner, or what the mark is for.</param>
/// <param name="Across">How far across in the job’s unit: of a first corner from the left edge, of others from that corner.</param>
/// <param name="Along">How far along in the job’s unit: of a first corner from the straightened end, of others from that corner.</param>
/// <param name="FromCorner">The corner just chalked whose edge it is on; empty where it is on none.</param>
/// <param name="Distance">How far along that edge; of a corner, to the next.</param>
/// <param name="Unit">The job’s unit.</param>
public sealed record CutCardRow(
    int Card,
    string Cloth,
    string Code,
    string Cover,
    string Piece,
    string What,
    string Label,
    string Across,
    string Along,
    [property: Name("From corner")] string FromCorner,
    string Distance,
    string Unit
);

/// <summary>A line of the sewing cards: one card.</summary>
/// <param name="Card">Its number in its cover, from 1.</param>
/// <param name="Letter">The letter of the cover.</param>
/// <param name="Cover">What the cover is called.</param>
/// <param name="Work">What is done.</param>
/// <param name="Do">What to do, in a sentence or two.</param>
/// <param name="Number">The number that matters, with its unit and what it is.</param>
/// <param name="First">What must be seen to first.</param>
/// <param name="Besides">Where it begins and stops, what is snipped, eased in, left open.</param>
/// <param name="Pieces">The codes of the pieces in the hand.</param>
/// <param name="Needs">Foot, thread, needle.</param>
/// <param name="Minutes">An estimate for one cover.</param>
public sealed record SewingCardRow(
    int Card,
    string Letter,
    string Cover,
    string Work,
    string Do,
    string Number,
    [property: Name("See to first")] string First,
    string Besides,
    string Pieces,
    string Needs,
    double Minutes
);

/// <summary>Cut cards and sewing cards as tables. See docs/format.md, "Files".</summary>
public static class CardTables
{
    private const string NotYet = "cannot be drafted yet";

    /// <summary>
    /// What is chalked of each cloth of a job, a line each, in the order of cuts; a cover that cannot be drafted yet has a line that says
    /// so.
    /// </summary>
    public static string Cut(JobPlan plan) =>
        Tables.Write(
            plan.Cutting.SelectMany(cloth =>
                    cloth.Cards.SelectMany((card, place) => Rows(cloth, card, place + 1, JobUnits.Name(plan.Unit)))
                )
                .Concat(plan.LeftOut.Select(name => new CutCardRow(0, "", "", name, NotYet, "", "", "", "", "", "", "")))
        );

    /// <summary>The sewing of each cover of a job, a card a line; a cover that cannot be drafted yet has a line that says so.</summary>
    public static string Sewing(JobPlan plan) =>
        Tables.Write(
            plan.Sewn.SelectMany(cover =>
                {
                    var codes = PieceCodes.Of(cover.Draft, cover.Letter);
                    return cover.Cards.Select(
                        (card, place) =>
                            new SewingCardRow(
                                place + 1,
                                cover.Letter,
                                cover.Name,
                                card.Own.Kind.Word(),
                                card.Text,
                                card.Figure is { } figure
                                    ? string.Join(' ', new[] { figure.Shown, figure.Unit, figure.Of }.Where(word => word.Length > 0))
                                    : "",
                                card.Own.StopSign ?? "",
                                string.Join(' ', card.Hints),
                                string.Join(", ", card.Pieces.Select(piece => codes[piece.Copy.Piece]).Distinct()),
                                string.Join(", ", card.Operations.SelectMany(operation => operation.Needs).Distinct()),
                                Math.Round(card.Minutes, 1)
                            )
                    );
                })
                .Concat(plan.LeftOut.Select(name => new SewingCardRow(0, "", name, NotYet, "", "", "", "", "", "", 0)))
        );

    private static IEnumerable<CutCardRow> Rows(ClothCuttingJson cloth, CutCardJson card, int number, string unit)
    {
        var from = card.Remnant is { } remnant ? $"{cloth.Name}: {remnant}" : cloth.Name;
        foreach (var copy in card.Copies)
        {
            yield return Row(
                "first corner",
                card.Quantity > 1 ? $"copy {copy.Copy} of {card.Quantity}" : "",
                copy.AcrossShown,
                copy.AlongShown
            );
        }

        yield return Row("size", card.Chalk.Radius is { } radius ? $"a circle of radius {radius}" : "", card.AcrossShown, card.AlongShown);
        foreach (
            var (corner, place) in card.Chalk.Box || card.Chalk.Radius is not null
                ? []
                : card.Chalk.Corners.Select((corner, place) => (corner, place))
        )
        {
            yield return Row(
                "corner",
                corner.Rise is { } rise ? $"{place + 1}, its edge rises {rise}" : $"{place + 1}",
                corner.AcrossShown,
                corner.AlongShown
            ) with
            {
                Distance = corner.ToNext,
            };
        }

        foreach (var mark in card.Chalk.Marks)
        {
            yield return Placed(mark.Kind.Word(), mark.Label, mark.From);
            if (mark.To is { } to)
            {
                yield return Placed(mark.Kind.Word(), $"{mark.Label}, to", to);
            }
        }

        if (card.CutAcross is { } across)
        {
            yield return Row("cut across", "", "", across);
        }

        CutCardRow Row(string what, string label, string x, string y) =>
            new(number, from, card.Code, card.CoverName, card.Name, what, label, x, y, "", "", unit);

        CutCardRow Placed(string kind, string label, CutPlaceJson place) =>
            Row(kind, label, place.AcrossShown, place.AlongShown) with
            {
                FromCorner = place.Corner is { } corner ? $"{corner}" : "",
                Distance = place.Distance ?? "",
            };
    }
}
