using CsCheck;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What has to hold for every cushion that can be drafted, whatever its measures and make-up.</summary>
public sealed class DraftPropertiesTests
{
    private const int Many = 2000;

    private static readonly Length FewNanometres = Length.FromNanometres(20);

    [Fact]
    public void Every_seam_meets() =>
        ForAll(draft =>
        {
            Assert.NotEmpty(draft.Ledger);
            Assert.All(draft.Ledger, entry => Assert.True(entry.Difference.Abs() <= FewNanometres, $"{entry.Seam.Id} {entry.Difference}"));
        });

    [Fact]
    public void Every_edge_of_every_piece_is_sewn_or_hemmed_and_none_is_sewn_twice() =>
        ForAll(draft =>
        {
            var sides = draft.Seams.SelectMany(seam => (SeamSide[])[seam.First, seam.Second]).ToList();
            Assert.Equal(sides.Count, sides.Distinct().Count());
            foreach (var piece in draft.Pieces.Where(piece => piece.Id != "piping"))
            {
                for (var copy = 1; copy <= piece.PerCover; copy++)
                {
                    Assert.All(piece.StitchLine.Edges, edge => Assert.Contains(new(piece.Key, edge.Name, copy), sides));
                }
            }
        });

    [Fact]
    public void The_plates_perimeter_is_the_boxing_and_the_zip_run_together() =>
        ForAll(
            draft =>
            {
                var perimeter = Finished(draft, "P");
                var strips = draft.Pieces.Where(piece => piece.Id is "boxing" or "zip-boxing").ToList();
                var along = strips
                    .SelectMany(piece => piece.StitchLine.Edges)
                    .Where(edge =>
                        edge.Name.Word.StartsWith("top-", StringComparison.Ordinal)
                        && !edge.Name.Word.StartsWith("top-pocket", StringComparison.Ordinal)
                    )
                    .Aggregate(Length.Zero, (sum, edge) => sum + edge.Length);
                Assert.True((perimeter - along).Abs() <= FewNanometres);
            },
            onlyBoxed: true
        );

    [Fact]
    public void Written_cut_sizes_are_the_sizes_of_the_drawn_pieces() =>
        ForAll(draft =>
        {
            foreach (var piece in draft.Pieces.Where(piece => piece.Id != "piping"))
            {
                Assert.True((piece.CutWidth.Value - piece.CutLine.Bounds.Width).Abs() <= FewNanometres, $"{piece.Key} width");
                Assert.True((piece.CutLength.Value - piece.CutLine.Bounds.Height).Abs() <= FewNanometres, $"{piece.Key} length");
            }
        });

    [Fact]
    public void Finished_sizes_are_measures_plus_fit_when_the_filling_is_measured() =>
        Cushions.Any.ForMany(input =>
        {
            if (input.MeasuredFrom == "old-cover" || Drafter.Draft(input).Draft is not { } draft)
            {
                return;
            }

            Assert.Equal(Said(input.Measures, "thickness") + Said(input.Rules, "fit.thickness"), Finished(draft, "t"));
            Assert.Equal(Said(input.Measures, "depth") + Said(input.Rules, "fit.depth"), Finished(draft, "D"));
            if (input.Measures.ContainsKey("width"))
            {
                Assert.Equal(Said(input.Measures, "width") + Said(input.Rules, "fit.width"), Finished(draft, "W"));
            }
        });

    [Fact]
    public void Every_written_sum_reads_back_to_its_number() =>
        ForAll(draft =>
        {
            var lines = draft.Working();
            Assert.NotEmpty(lines);
            foreach (var line in lines)
            {
                var read = LengthReader.Read(line.Expression, draft.Format.Unit);
                Assert.True(read.Length is not null, $"{line.For}: “{line.Expression}” {read.Problem}");
                Assert.True(
                    (read.Length.Value - line.Value).Abs() <= Length.FromNanometres(4),
                    $"{line.For}: {line.Expression} is {read.Length}, not {line.Value}"
                );
                Assert.Equal(line.Expression, string.Join(' ', line.Tokens.Select(token => token.Text)));
            }
        });

    [Fact]
    public void On_a_cloth_no_piece_is_wider_than_it() =>
        Cushions.Any.ForMany(input =>
        {
            if (input.UsableWidth is not { Millimetres: { } usable } || Drafter.Draft(input).Draft is not { } draft)
            {
                return;
            }

            foreach (var piece in draft.Pieces)
            {
                var across = piece.Turns[0] == 90 ? piece.CutLine.Bounds.Height : piece.CutLine.Bounds.Width;
                Assert.True(across <= Length.FromMillimetres(usable) + FewNanometres, $"{piece.Key} is {across} across");
            }
        });

    [Fact]
    public void The_front_of_the_boxing_is_joined_only_when_it_is_said() =>
        ForAll(
            draft =>
            {
                var fronts = draft
                    .Pieces.Where(piece => piece.Id == "boxing")
                    .SelectMany(piece => piece.StitchLine.Edges)
                    .Count(edge => edge.Name.Word.StartsWith("top-front", StringComparison.Ordinal));
                var platesJoined = draft.Pieces.Any(piece => piece.Key == "plate-middle");
                if (fronts > 1 && !platesJoined)
                {
                    Assert.Contains(draft.Checks, check => check.Code == "join-on-front");
                }
            },
            onlyBoxed: true
        );

    [Fact]
    public void The_same_input_gives_the_same_output() =>
        Cushions.Any.ForMany(input =>
        {
            var (one, other) = (Drafter.Draft(input), Drafter.Draft(input));
            Assert.Equal(one.Draft?.Working().Select(line => line.Expression), other.Draft?.Working().Select(line => line.Expression));
            Assert.Equal(one.Checks.Select(check => check.Text), other.Checks.Select(check => check.Text));
        });

    [Fact]
    public void Most_random_cushions_can_be_drafted()
    {
        var (drafted, all) = (0, 0);
        Cushions.Any.ForMany(
            input =>
            {
                Interlocked.Increment(ref all);
                if (Drafter.Draft(input).Draft is not null)
                {
                    Interlocked.Increment(ref drafted);
                }
            },
            iter: 1000
        );
        Assert.True(drafted > 0.7 * all, $"{drafted} of {all}");
    }

    private static void ForAll(Action<Draft> holds, bool onlyBoxed = false) =>
        Cushions.Any.ForMany(
            input =>
            {
                var outcome = Drafter.Draft(input);
                if (outcome.Draft is { } draft)
                {
                    if (!onlyBoxed || draft.Pieces.Any(piece => piece.Id == "boxing"))
                    {
                        holds(draft);
                    }
                }
                else
                {
                    Assert.Contains(outcome.Checks, check => check.Level == CheckLevel.Error);
                }
            },
            iter: Many
        );

    private static Length Finished(Draft draft, string key) => draft.Finished.Single(size => size.Key == key).Value.Value;

    private static Length Said(IReadOnlyDictionary<string, Entry> entries, string name) =>
        Length.FromMillimetres(entries[name].Millimetres!.Value);
}
