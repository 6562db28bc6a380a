using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>What the traits of its cloths ask of a draft. See docs/handbook.md, "Cloth".</summary>
internal static class TraitChecks
{
    /// <summary>A cloth that frays asks for wider seams: one note for each whose sewn edges have less.</summary>
    public static IEnumerable<Check> Of(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams, CoverSpecification specification)
    {
        var asked = specification.Unit.IsImperial() ? Length.FromInches(0, 5, 8) : Length.FromMillimetres(15m);
        foreach (var (key, cloth) in specification.Cloths.Cloths.Where(cloth => cloth.Value.Traits.Contains(ClothTrait.Frays)))
        {
            var mine = pieces.Where(piece => piece.ClothKey == key && piece.Kind != PieceKind.Piping).ToDictionary(piece => piece.Key);
            Length? least = null;
            foreach (var side in seams.SelectMany(seam => seam.Edges))
            {
                if (
                    mine.TryGetValue(side.Piece, out var piece)
                    && piece.Allowances.TryGetValue(side.Edge, out var allowance)
                    && allowance.IsPositive
                )
                {
                    least = least is { } known ? Length.Min(known, allowance) : allowance;
                }
            }

            if (least < asked)
            {
                var (shown, wider) = (specification.Format.RoundedWithUnit(least.Value), specification.Format.RoundedWithUnit(asked));
                IEnumerable<Mend> mends =
                    specification.Rules[Rule.Seam].Value < asked
                        ? [new(TraitText.ToWiderSeams(wider), "rules.seam", specification.Format.Rounded(asked))]
                        : [];
                yield return Check.Note(
                    "frays-at-seam",
                    TraitText.FraysAtSeam(cloth.Name ?? $"“{key}”", shown, wider),
                    "seam",
                    [.. mends]
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                };
            }
        }
    }
}
