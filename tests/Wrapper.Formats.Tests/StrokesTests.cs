using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Drawing;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>A piece is drawn once: what the screen is told of it is what stands in a file.</summary>
public sealed class StrokesTests
{
    private static readonly Draft Cushion = Drafter
        .Draft(
            new CoverInput
            {
                Unit = "mm",
                Form = "box-cushion",
                Measures = new Dictionary<string, Entry>
                {
                    ["width"] = Entry.Number(540),
                    ["depth"] = Entry.Number(480),
                    ["thickness"] = Entry.Number(100),
                },
            }
        )
        .Draft!;

    [Fact]
    public void The_answer_carries_the_lines_a_file_is_written_from() => Assert.All(Cushion.Pieces, piece =>
        {
            var inFile = PatternSheet
                .Part("A1", piece, Cushion.Format)
                .Strokes.Where(stroke => stroke.Layer is not (Layer.Cut or Layer.Stitch));
            var told = PieceJson.Of(piece, 1, Cushion.Format).Strokes;
            Assert.NotEmpty(told);
            Assert.Equal(
                inFile.Select(stroke =>
                    $"{stroke.Layer.Word()} "
                    + $"{string.Join(' ', stroke.Through.Select(point => FormattableString.Invariant($"{point.X},{point.Y}")))}"
                ),
                told.Select(stroke =>
                    $"{stroke.Layer.Word()} "
                    + $"{string.Join(' ', stroke.Points.Select(point => FormattableString.Invariant($"{point[0]},{point[1]}")))}"
                )
            );
        });

    [Fact]
    public void A_snip_begins_on_the_cut_line_and_ends_half_way_to_the_mark()
    {
        var snips = Cushion
            .Pieces.SelectMany(
                piece => PieceStrokes.OfMarks(piece).Where(stroke => stroke is { Layer: Layer.Notch, Through.Count: 2 }),
                (piece, snip) => (piece.CutLine.Bounds, Snip: snip)
            )
            .ToList();
        Assert.True(snips.Count >= 8, $"only {snips.Count} snips");
        Assert.All(snips, found =>
        {
            var (box, (from, to)) = (found.Bounds, (found.Snip.Through[0], found.Snip.Through[1]));
            Assert.Contains(
                0,
                (double[])
                    [
                        from.X - box.Left.Millimetres,
                        from.X - box.Right.Millimetres,
                        from.Y - box.Bottom.Millimetres,
                        from.Y - box.Top.Millimetres,
                    ]
            );
            Assert.Equal(12.0 / 2, Math.Sqrt(((to.X - from.X) * (to.X - from.X)) + ((to.Y - from.Y) * (to.Y - from.Y))), 3);
        });
    }
}
