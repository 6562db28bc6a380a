using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Lays;

namespace Wrapper.Core.Buying;

/// <summary>What was asked of a lay and cannot be had on this cloth: it is told and left out, so that there is a lay at all.</summary>
internal static class LeavingOut
{
    /// <summary>Pieces that have no place on this width where they meet the pattern: they are told and lie where they fall.</summary>
    public static List<Check> Patterns(ref LayRequest request, List<LaidPiece> pieces)
    {
        var said = new List<Check>();
        while (request.RepeatWidth.IsPositive && LayChecks.OutOfPattern(request with { Pinned = [] }) is { } without)
        {
            request = request with
            {
                Pieces = [.. request.Pieces.Select(piece => piece.Id == without ? piece with { Match = null } : piece)],
            };
            var name = pieces.Find(piece => piece.LayId == without)!.Piece.Name;
            said.Add(Check.Warning("pattern-not-met", BuyingText.PatternNotMet(name), "cloth.repeatWidth"));
        }

        return [.. said.DistinctBy(check => check.Text)];
    }

    /// <summary>Pins that cannot stay: they are told and left out, and stay in the job as they are.</summary>
    public static List<Check> Pins(ref LayRequest request, List<LaidPiece> pieces, ClothSpecification cloth)
    {
        if (request.Pinned.Count == 0)
        {
            return [];
        }

        if (cloth.OnFold && !cloth.Repeats)
        {
            request = request with { Pinned = [] };
            return [Check.Warning("pins-on-fold", BuyingText.PinsOnFold, "cloth.layers")];
        }

        var said = new List<Check>();
        var problems = LayPins.Problems(request).ToList();
        foreach (var (pin, check) in problems)
        {
            var name = pieces.Find(piece => piece.LayId == pin.Piece)?.Piece.Name;
            said.Add(
                Check.Warning(
                    "pin-left-out",
                    name is null
                        ? BuyingText.PinLeftOut
                        : check.Text.Replace(pin.Piece, name, StringComparison.Ordinal) + BuyingText.UntilThenLaidAsAnyOther,
                    "cloth.pinned"
                )
            );
        }

        request = request with { Pinned = [.. request.Pinned.Except(problems.Select(problem => problem.Pin))] };
        return [.. said.DistinctBy(check => check.Text)];
    }
}
