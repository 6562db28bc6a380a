using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Reckoning;

/// <summary>
/// Every way to make every thing, drafted with random measures and random rules and set beside the sums of a maker's own
/// sheet of paper, which share nothing with drafting.
/// </summary>
public sealed class ReckoningTests
{
    private static readonly IReadOnlyList<Way> Ways = [.. BoxedWays.All, .. FoldedWays.All, .. TubWays.All, .. BagWays.All];

    /// <summary>The ways by name.</summary>
    public static TheoryData<string> Names => [.. Ways.Select(way => way.Name)];

    [Theory]
    [MemberData(nameof(Names))]
    public void Pieces_and_notions_are_those_a_maker_reckons_on_paper(string name)
    {
        var way = Ways.Single(way => way.Name == name);
        way.Papers.ForMany(
            paper =>
            {
                var draft = Thing.Drafted(way.Cover(paper));
                var answer = way.Reckon(paper);
                var expected = Sorted(answer.Pieces);
                var found = Sorted(
                    draft
                        .Pieces.Where(piece => piece.Use is PieceUse.Cover or PieceUse.Applied)
                        .Select(piece => (piece.Id, Of(piece.CutWidth.Value), Of(piece.CutLength.Value), piece.Quantity))
                );
                Assert.True(IsNear(expected, found), $"on paper {Told(expected)}\ndrafted {Told(found)}\nfrom {paper}");
                foreach (var (id, area) in answer.Areas)
                {
                    Assert.All(draft.Pieces.Where(piece => piece.Id == id), piece =>
                        Assert.True(
                            Math.Abs((piece.CutLine.Area) - area) < 1 + (area * 1e-6),
                            $"{id}: cloth on paper {area:0.0}, drafted {piece.CutLine.Area:0.0} mm² from {paper}"
                        )
                    );
                }

                foreach (var (id, kind, length, count) in answer.Lines)
                {
                    Assert.All(draft.Pieces.Where(piece => piece.Id == id), piece =>
                    {
                        var lines = piece
                            .Marks.Where(mark => mark.Kind.Word() == kind)
                            .Select(mark => Of(mark.From.DistanceTo(mark.To)))
                            .ToList();
                        Assert.True(
                            lines.Count == count && lines.All(line => Math.Abs(line - length) < 0.01),
                            $"{kind} on paper {count} × {length:0.00}, drafted "
                                + $"{string.Join(", ", lines.Select(line => $"{line:0.00}"))} from {paper}"
                        );
                    });
                }

                foreach (var (kind, length, count) in answer.Notions)
                {
                    var notions = draft.Notions.Where(notion => notion.Kind.Word() == kind).ToList();
                    Assert.True(
                        notions.Count == 1 && Math.Abs(Of(notions[0].Length.Value) - length) < 0.01 && notions[0].Quantity == count,
                        $"{kind} on paper {count} × {length:0.00}, drafted "
                            + $"{string.Join(", ", notions.Select(notion => $"{notion.Quantity} × {Of(notion.Length.Value):0.00}"))} of "
                            + $"{string.Join(' ', draft.Notions.Select(notion => notion.Kind))}"
                    );
                }
            },
            iter: 60
        );
    }

    private static double Of(Units.Length length) => length.Nanometres / 1e6;

    private static List<(string Id, double Width, double Length, int Count)> Sorted(
        IEnumerable<(string Id, double Width, double Length, int Count)> pieces
    ) =>
        [
            .. pieces
                .OrderBy(piece => piece.Id, StringComparer.Ordinal)
                .ThenBy(piece => Math.Round(piece.Width, 1))
                .ThenBy(piece => piece.Length),
        ];

    private static bool IsNear(
        List<(string Id, double Width, double Length, int Count)> expected,
        List<(string Id, double Width, double Length, int Count)> found
    ) =>
        expected.Count == found.Count
        && expected
            .Zip(found)
            .All(pair =>
                pair.First.Id == pair.Second.Id
                && pair.First.Count == pair.Second.Count
                && Math.Abs(pair.First.Width - pair.Second.Width) < 0.01
                && Math.Abs(pair.First.Length - pair.Second.Length) < 0.01
            );

    private static string Told(List<(string Id, double Width, double Length, int Count)> pieces) =>
        string.Join("; ", pieces.Select(piece => $"{piece.Id} ×{piece.Count} {piece.Width:0.000} × {piece.Length:0.000}"));
}
