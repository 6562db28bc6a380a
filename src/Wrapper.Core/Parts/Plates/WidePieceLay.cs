using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Plates;

/// <summary>
/// Decides how a large piece is got out of the cloth: straight, turned a quarter, or joined; as chosen, or else the way
/// that works, which is said. See docs/handbook.md, "Pieces wider than the cloth".
/// </summary>
internal sealed class WidePieceLay
{
    private readonly CoverSpecification _specification;
    private readonly string _piece;
    private readonly Length _width;
    private readonly List<Check> _checks = [];

    public WidePieceLay(CoverSpecification specification, string piece, Length cutWidth, Length cutLength, bool canJoin)
    {
        _specification = specification;
        _piece = piece;
        _width = cutWidth;
        Lay = Choose(cutLength, canJoin);
    }

    public PlateLay Lay { get; }

    public IReadOnlyList<Check> Checks => _checks;

    public IReadOnlyList<int> Turns => Lay == PlateLay.Turned ? [90, 270] : [0, 180];

    private static IEnumerable<Mend> Offers(bool turns, bool joins)
    {
        if (turns)
        {
            yield return new(WidePieceLayText.ToTurnItAQuarter, "options.plates", "turned");
        }

        if (joins)
        {
            yield return new(CommonText.ToJoinMiddleAndSides, "options.plates", "middle-and-sides");
        }
    }

    private PlateLay Choose(Length cutLength, bool canJoin)
    {
        var chosen = _specification.Choices.Plates;
        if (_specification.UsableWidth is not { } usable || _width <= usable)
        {
            return chosen == PlateLay.Turned ? Turned() : PlateLay.Straight;
        }

        var canTurn = cutLength <= usable && !_specification.OneWay;
        switch (chosen)
        {
            case PlateLay.MiddleAndSides when canJoin:
            case PlateLay.Turned when canTurn:
                return chosen.Value;
            case null when canTurn || canJoin:
                _checks.Add(
                    Check.Warning(
                        "piece-wider-than-cloth",
                        TooWide(usable) + (canTurn ? WidePieceLayText.PieceWiderThanCloth : WidePieceLayText.PieceWiderThanClothItIsJoined),
                        "plates",
                        [.. Offers(canTurn, canJoin)]
                    ) with
                    {
                        Concerns = CheckConcern.Cloth,
                        Brief = canTurn ? WidePieceLayText.PlatesTurned : WidePieceLayText.PlatesJoined,
                    }
                );
                return canTurn ? PlateLay.Turned : PlateLay.MiddleAndSides;
            default:
                _checks.Add(
                    Check.Error(
                        "piece-wider-than-cloth",
                        TooWide(usable)
                            + (
                                canTurn || canJoin
                                    ? WidePieceLayText.PieceWiderThanClothAsChosenIt
                                    : WidePieceLayText.PieceWiderThanClothTurnedOrJoined
                            ),
                        "plates",
                        [.. Offers(canTurn, canJoin)]
                    ) with
                    {
                        Concerns = CheckConcern.Cloth,
                    }
                );
                return PlateLay.Straight;
        }
    }

    private string TooWide(Length usable) =>
        WidePieceLayText.ThePieceIsCutWidthWide(
            _piece,
            _specification.Format.RoundedWithUnit(_width),
            _specification.Format.RoundedWithUnit(usable)
        );

    private PlateLay Turned()
    {
        if (_specification.OneWay)
        {
            _checks.Add(
                Check.Error(
                    "turned-on-nap",
                    WidePieceLayText.TurnedOnNap(_piece),
                    "plates",
                    new Mend(WidePieceLayText.ToLayItStraight, "options.plates", "straight")
                ) with
                {
                    Concerns = CheckConcern.Cloth,
                }
            );
        }

        return PlateLay.Turned;
    }
}
