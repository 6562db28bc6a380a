using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;

namespace Wrapper.Core.Tests;

/// <summary>
/// A draft written out whole, in parts, for golden answers: places to the thousandth of a millimetre, so that no machine's
/// last bit counts.
/// </summary>
internal static class Written
{
    /// <summary>What came of a cover, a part a line's worth: pieces, shapes, marks, seams, notions, working, words, fold-up.</summary>
    public static IEnumerable<(string Part, string Text)> Parts(DraftOutcome outcome)
    {
        yield return ("checks", string.Join('\n', outcome.Checks.Select(Check)));
        if (outcome.Draft is not { } draft)
        {
            yield break;
        }

        yield return ("pieces", string.Join('\n', draft.Pieces.Select(Piece)));
        yield return (
            "shapes",
            string.Join(
                '\n',
                draft.Pieces.Select(piece => $"{piece.Key} {Shape(piece.StitchLine)} / {Shape(piece.CutLine)} / {Allowances(piece)}")
            )
        );
        yield return (
            "marks",
            string.Join(
                '\n',
                draft.Pieces.Select(piece =>
                    $"{piece.Key} {string.Join(' ', piece.Marks.Select(Mark))} {string.Join(' ', piece.Folds.Select(Fold))} "
                    + string.Join(' ', piece.Rolls.Select(roll => $"{roll.AlongX}{Near(roll.From)}-{Near(roll.To)}"))
                )
            )
        );
        yield return (
            "seams",
            string.Join(
                '\n',
                draft.Ledger.Select(entry =>
                    $"{entry.Seam.Id} "
                    + $"{string.Join('+', entry.Seam.FirstSide.Select(Side))}={string.Join('+', entry.Seam.SecondSide.Select(Side))} "
                    + $"{entry.Seam.Takes?.Word()} {entry.Seam.IsFlat} {Near(entry.Seam.Ease)} "
                    + $"{Near(entry.FirstLength)} {Near(entry.SecondLength)}"
                )
            )
        );
        yield return (
            "notions",
            string.Join(
                '\n',
                draft.Notions.Select(notion =>
                    $"{notion.Kind.Word()} {notion.Name} {notion.Quantity} {Near(notion.Length.Value)} "
                    + $"{Near(notion.Width?.Value)} {Near(notion.Thickness?.Value)}"
                )
            )
        );
        yield return (
            "working",
            string.Join(
                '\n',
                draft
                    .Working()
                    .Select(line =>
                        $"{line.For} {line.Name} {line.Shown} = "
                        + $"{string.Join(' ', line.Tokens.Select(token => $"{token.Shown}({token.Name},{token.Source})"))}"
                    )
            )
        );
        yield return (
            "steps",
            string.Join(
                '\n',
                SewingPlanner
                    .Of(draft, outcome.Reading.Specification!)
                    .Order.Select(step => $"{step.Id} {Math.Round(step.Minutes, 3)} {step.Text} {step.StopSign}")
                    .Append(draft.Joins.ToString(CultureInfo.InvariantCulture))
            )
        );
        var folded = FoldedOnce.Of(draft);
        yield return (
            "fold",
            string.Join('\n', folded.Facets.Select(facet => $"{facet.Piece}{facet.Copy} {string.Join(' ', facet.Corners.Select(Where))}"))
                + $" {string.Join(' ', folded.Figures.Select(figure => $"{figure.What}{Coarse(figure.Found)}"))}"
        );
    }

    /// <summary>Pieces in one line, for the eye.</summary>
    public static string Summary(DraftOutcome outcome) =>
        outcome.Draft is { } draft
            ? string.Join(
                "; ",
                draft.Pieces.Select(piece =>
                    $"{piece.Key} ×{piece.Quantity} {draft.Format.Rounded(piece.CutWidth.Value)} × "
                    + $"{draft.Format.Rounded(piece.CutLength.Value)}"
                )
            )
            : string.Join(" ", outcome.Checks.Where(check => check.Level == CheckLevel.Error).Select(check => check.Code));

    /// <summary>Four letters that stand for a text.</summary>
    public static string Sign(string text) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(text)))[..6].ToLowerInvariant();

    private static string Check(Check check) =>
        $"{check.Level} {check.Code} {check.Text} {check.Measure} {check.Position} {string.Join(' ', (check.Mends ?? []).Select(Mend))}";

    private static string Mend(Mend mend) => $"{mend.Label} {mend.Path} {mend.Value} {string.Join(' ', mend.Also)}";

    private static string Mark(Mark mark) => $"{mark.Kind.Word()} {mark.Label} {At(mark.From)} {At(mark.To)}";

    private static string Fold(Fold fold) => $"{fold.Name}{fold.TrimsRight}{string.Join("", fold.Through.Select(At))}";

    private static string Piece(Piece piece) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{piece.Key} {piece.Id} {piece.Name} {piece.PerCover} {piece.Quantity} {piece.Mirrored} {piece.Cloth} {piece.Use} "
                + $"{piece.InFacingPairs} {piece.IsSlantStrip} {string.Join(',', piece.Turns)} {Near(piece.CutWidth.Value)} "
                + $"{Near(piece.CutLength.Value)} {piece.StretchedTo.Across:0.######} "
                + $"{piece.StretchedTo.Along:0.######} {(piece.FaceAt is { } face ? At(face) : "")}"
        );

    private static string Shape(Outline outline) =>
        string.Join(
            ' ',
            outline.Edges.Select(edge =>
                $"{edge.Name}{At(edge.Start)}{(edge.Arc is { } arc ? $"{At(arc.Centre)}{arc.CounterClockwise}" : "")}"
            )
        );

    private static string Allowances(Piece piece) =>
        string.Join(' ', piece.Allowances.Select(allowance => $"{allowance.Key}{Near(allowance.Value)}"));

    private static string Side(SeamSide side) => $"{side.Piece}.{side.Edge}.{side.Copy}";

    private static string At(Point point) => $"({Near(point.X)},{Near(point.Y)})";

    private static string Near(Length? length) =>
        length is { } some ? Math.Floor((some.Nanometres + 137) / 1000m).ToString(CultureInfo.InvariantCulture) : "-";

    private static string Where(Place place) => $"{Coarse(place.X)},{Coarse(place.Y)},{Coarse(place.Z)}";

    /// <summary>A text whose numbers are told to two figures: what differs by a machine's last bit is the same.</summary>
    public static string Coarsely(string text) =>
        System.Text.RegularExpressions.Regex.Replace(text, @"\d+\.\d+|\d{3,}", match =>
            double.Parse(match.Value, CultureInfo.InvariantCulture) is var number && number < 0.05
                ? "0"
                : (number * 1.0007).ToString("G2", CultureInfo.InvariantCulture)
        );

    private static string Coarse(double value) => Math.Floor((value * 91.37) + 0.31).ToString(CultureInfo.InvariantCulture);
}
