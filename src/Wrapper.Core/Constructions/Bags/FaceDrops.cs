using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>The drops a face is made of on this cloth, with their cut widths from left to right. See docs/handbook.md, "Bedding".</summary>
internal sealed class FaceDrops
{
    private const int MostDrops = 8;

    public FaceDrops(Worked cutWidth, CoverSpecification specification, Worked? side = null)
    {
        Join = specification.Rules[Rule.JoinSeam];
        if (specification.UsableWidth is not { } usable || cutWidth.Value <= usable)
        {
            Parts = [cutWidth];
            return;
        }

        var cloth = Worked.Given("usable width", usable, QuantitySource.Cloth);
        var sideCut = (cutWidth + (4 * Join) - cloth) / 2;
        var canMiddle =
            sideCut.Value <= usable
            && sideCut.Value > (side ?? specification.Rules[Rule.SideSeam]).Value + Join.Value
            && usable > 2 * Join.Value;
        var count = 2;
        while (count <= MostDrops && ((count * usable) - ((count - 1) * 2 * Join.Value)) < cutWidth.Value)
        {
            count++;
        }

        var canEqual = count <= MostDrops && usable > 2 * Join.Value;
        IsMiddleAndSides = specification.Choices.MiddleAndSides ?? (canMiddle && (sideCut.Value >= Sliver(specification) || !canEqual));
        var format = specification.Format;
        if (IsMiddleAndSides ? !canMiddle : !canEqual)
        {
            Parts = [cutWidth];
            Checks =
            [
                Check.Error(
                    "piece-wider-than-cloth",
                    BagsText.PieceWiderThanCloth(
                        format.RoundedWithUnit(cutWidth.Value),
                        format.RoundedWithUnit(usable),
                        IsMiddleAndSides,
                        canMiddle || canEqual
                    ),
                    "join",
                    IsMiddleAndSides && canEqual ? [new(BagsText.ToJoinEqualWidths, "options.join", "equal-widths")]
                        : canMiddle && !IsMiddleAndSides ? [new(CommonText.ToJoinMiddleAndSides, "options.join", "middle-and-sides")]
                        : []
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                },
            ];
            return;
        }

        var equal = (cutWidth + (2 * (count - 1) * Join)) / count;
        Parts = IsMiddleAndSides ? [sideCut, cloth, sideCut] : [.. Enumerable.Repeat(equal, count)];
        Checks =
        [
            Check.Note(
                "face-joined",
                IsMiddleAndSides ? BagsText.FaceJoined : BagsText.FaceJoinedEqually(count),
                "join",
                IsMiddleAndSides && canEqual ? [new(BagsText.ToJoinEqualWidths, "options.join", "equal-widths")]
                    : canMiddle && !IsMiddleAndSides ? [new(CommonText.ToJoinMiddleAndSides, "options.join", "middle-and-sides")]
                    : []
            ),
            .. IsMiddleAndSides && sideCut.Value < Sliver(specification) ? (Check[])[Slivers(sideCut, format, canEqual)] : [],
        ];
    }

    private FaceDrops(Worked only, Worked join) => (Parts, Join) = ([only], join);

    /// <summary>A face in one, however wide: what is ready made is not joined.</summary>
    public static FaceDrops Whole(Worked cutWidth, CoverSpecification specification) => new(cutWidth, specification.Rules[Rule.JoinSeam]);

    /// <summary>A side narrower than this is a sliver: it puckers, and shows.</summary>
    private static Length Sliver(CoverSpecification specification) =>
        specification.Unit.IsImperial() ? Length.FromInches(4) : Length.FromMillimetres(100m);

    private static Check Slivers(Worked sideCut, LengthFormat format, bool canEqual) =>
        Check.Warning(
            "slivers",
            BagsText.SidesAreSlivers(format.RoundedWithUnit(sideCut.Value)),
            "join",
            canEqual ? [new(BagsText.ToJoinEqualWidths, "options.join", "equal-widths")] : []
        );

    /// <summary>Cut widths from left to right.</summary>
    public IReadOnlyList<Worked> Parts { get; }

    public Worked Join { get; }

    public bool IsMiddleAndSides { get; }

    public IReadOnlyList<Check> Checks { get; } = [];
}
