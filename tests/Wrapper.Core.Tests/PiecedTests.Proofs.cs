using CsCheck;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed partial class PiecedTests
{
    [Fact]
    public void Strips_cover_the_facets_of_their_face_also_where_it_lies_turned_over()
    {
        foreach (var role in new[] { "top", "bottom" })
        {
            var draft = Thing.Drafted(Of(Cushion, [A, B], role, "along", "a b a", 4, null, 3));
            var whole = draft.Pieces.Single(piece => piece.IsPieced);
            var facets = FoldUp.Of(draft).Facets;
            var strips = facets.SelectMany(facet => StripsOnFacet.Of(facet, draft)).ToList();
            Assert.Equal([.. whole.JoinedFrom], strips.Select(strip => strip.Piece).Distinct().Order());
            foreach (var key in whole.JoinedFrom)
            {
                Assert.Equal(
                    draft.Pieces.Single(piece => piece.Key == key).StitchLine.Area,
                    strips.Where(strip => strip.Piece == key).Sum(strip => AreaOf(strip.Flat)),
                    1.0
                );
            }

            Assert.All(facets.Where(facet => facet.Piece != whole.Key), facet => Assert.Empty(StripsOnFacet.Of(facet, draft)));
        }

        static double AreaOf(IReadOnlyList<(double X, double Y)> corners) =>
            Math.Abs(
                corners
                    .Select(
                        (corner, i) => (corner.X * corners[(i + 1) % corners.Count].Y) - (corners[(i + 1) % corners.Count].X * corner.Y)
                    )
                    .Sum()
            ) / 2;
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void Whatever_is_pieced_the_cover_closes_and_every_strip_lies_in_one_lay(string form)
    {
        ClothSpecification[] cloths = [Thing.Cloth("a", 110), Thing.Cloth("b", 72), Thing.Cloth("c", 110)];
        PieceRole[] roles = [.. PieceRole.All.Where(role => role.CanBePieced)];
        var (pieced, refused) = (0, 0);
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form && (cell.Option is "" or "layers" or "closure")))
        {
            var gen =
                from input in Covers.Of(cell)
                from chosen in Gen.Int[0, 3].Array[roles.Length]
                from across in Gen.Bool.Array[roles.Length]
                from first in Gen.Int[25, 120]
                select input with
                {
                    UsableWidth = null,
                    Nap = null,
                    Cloths = cloths.ToDictionary(cloth => cloth.Key!, cloth => cloth.ForDraft),
                    Pieced =
                    [
                        .. roles
                            .Select((role, i) => (role, i))
                            .Where(each => chosen[each.i] > 0)
                            .Select(each => new PiecedInput(
                                each.role.Word,
                                across[each.i] ? "across" : "along",
                                [
                                    .. "abc"[..Math.Max(2, chosen[each.i])]
                                        .Select(
                                            (key, n) =>
                                                new PiecedPartInput($"{key}", n == 0 && chosen[each.i] == 3 ? Entry.Number(first) : null)
                                        ),
                                ]
                            )),
                    ],
                };
            gen.ForMany(
                input =>
                {
                    if (Drafter.Draft(input with { Pieced = [] }).Draft is null)
                    {
                        return;
                    }

                    var told =
                        $"{cell}: {string.Join(" ", input.Pieced.Select(role => $"{role.Role}/{role.Run}/{role.Parts.Count}"))} "
                        + Covers.Described(input);
                    var outcome = Drafter.Draft(input);
                    if (outcome.Draft is not { } draft)
                    {
                        Assert.All(outcome.Checks.Where(check => check.Level == CheckLevel.Error), check =>
                            Assert.True(
                                check.Measure?.StartsWith("options.pieced.", StringComparison.Ordinal),
                                $"{check.Code} {check.Text} {told}"
                            )
                        );
                        refused++;
                        return;
                    }

                    pieced += draft.Pieces.Any(piece => piece.IsPieced) ? 1 : 0;
                    var folded = FoldUp.Of(draft);
                    Assert.True(folded.Holds, $"{string.Join("; ", folded.Problems)} {told}");
                    DraftProperties.Hold(draft, told);
                    var laid = cloths
                        .SelectMany(cloth => ClothBuyer.LaidOf("cover", draft, cloth).Select(piece => piece.Piece.Key).Distinct())
                        .Order();
                    Assert.Equal(draft.Pieces.Where(piece => piece.ClothKey is not null).Select(piece => piece.Key).Order(), laid);
                    Assert.All(draft.Pieces.Where(piece => piece.IsPieced), piece => Assert.Null(piece.ClothKey));
                },
                iter: 4
            );
        }

        Assert.True(pieced > 0, $"{form}: none of {refused} was pieced");
    }
}
