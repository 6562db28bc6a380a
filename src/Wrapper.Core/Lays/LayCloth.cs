using Wrapper.Core.Lays.Repeats;

namespace Wrapper.Core.Lays;

/// <summary>A cloth as the planner sees it, in nanometres.</summary>
/// <param name="Usable">The width pieces can lie on.</param>
/// <param name="OneWay">Of two opposite turns only the smaller stays.</param>
/// <param name="Space">Kept between straight edges.</param>
/// <param name="CurveSpace">Kept where a curve is; never less than <paramref name="Space"/>.</param>
/// <param name="Pattern">What comes again on it.</param>
/// <param name="Flaws">What nothing may lie on.</param>
internal sealed record LayCloth(long Usable, bool OneWay, long Space, long CurveSpace, LayPattern Pattern, IReadOnlyList<LayBlock> Flaws)
{
    public static LayCloth Of(LayRequest request)
    {
        var usable = request.UsableWidth.Nanometres;
        return new(
            usable,
            request.OneWay,
            request.Space.Nanometres,
            Math.Max(request.Space.Nanometres, request.CurveSpace.Nanometres),
            new(request.RepeatLength.Nanometres, request.RepeatWidth.Nanometres, request.HalfDrop, request.MotifAcross?.Nanometres),
            [
                .. request.Flaws.Select(flaw => new LayBlock(
                    flaw.Left?.Nanometres ?? 0,
                    flaw.Right?.Nanometres ?? usable,
                    flaw.From.Nanometres,
                    flaw.To.Nanometres
                )),
            ]
        );
    }
}

/// <summary>A rectangle of the cloth that nothing may lie on.</summary>
internal readonly record struct LayBlock(long Left, long Right, long From, long To);
