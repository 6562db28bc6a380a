using Wrapper.Core.Checks;
using Wrapper.Core.Lays.Search;

namespace Wrapper.Core.Lays;

/// <summary>What came of planning: a lay, or the errors in the way of one.</summary>
/// <param name="Lay">Null when an error stands in the way.</param>
/// <param name="Checks">What was noticed.</param>
public sealed record LayOutcome(Lay? Lay, IReadOnlyList<Check> Checks);

/// <summary>
/// Lays pieces on a cloth: boxes by a beam that fills the cloth many ways side by side, true shapes by putting each at the
/// lowest place where it fits, in many orders; the shortest lay is kept. See docs/lay.md.
/// </summary>
public static class LayPlanner
{
    /// <summary>The most copies one lay may have.</summary>
    public const int MostCopies = 1000;

    /// <summary>
    /// Plans a lay. Goes on improving for <paramref name="steps"/> orders, or until <paramref name="shouldStop"/> says so or
    /// the length is proved to be the shortest. The same request and steps give the same lay on every machine.
    /// </summary>
    /// <param name="request">What is to be laid on what.</param>
    /// <param name="steps">How long to go on.</param>
    /// <param name="shouldStop">Asked now and then, from two threads.</param>
    /// <param name="onShorter">Told of the first lay at once and of every shorter one when it is found.</param>
    public static LayOutcome Plan(LayRequest request, int steps, Func<bool>? shouldStop = null, Action<Lay>? onShorter = null)
    {
        var checks = Refuse(request);
        if (checks.HasError())
        {
            return new(null, checks);
        }

        shouldStop ??= () => false;
        return new(
            request.Remnants.Count > 0
                ? new RemnantSearch(request).Run(steps, shouldStop, onShorter)
                : new LaySearch(request).Run(steps, shouldStop, onShorter),
            checks
        );
    }

    /// <summary>
    /// The same on cloth folded along its middle and cut double, given as it lies unfolded; what cannot be cut double follows
    /// on the single cloth. Nothing is pinned on a folded cloth and remnants stay on the shelf.
    /// </summary>
    public static LayOutcome PlanOnFold(LayRequest request, int steps, Func<bool>? shouldStop = null, Action<Lay>? onShorter = null) =>
        FoldedCloth.Plan(request, steps, shouldStop, onShorter);

    /// <summary>What stands in the way of a lay; nothing when it can be planned.</summary>
    public static IReadOnlyList<Check> Refuse(LayRequest request) => [.. LayChecks.Of(request)];

    /// <summary>The turns a piece may really take: with a nap, of two opposite turns only the smaller stays.</summary>
    internal static IEnumerable<int> TurnsOf(LayPiece piece, bool oneWay)
    {
        var turns = piece.Turns.Distinct().Order().ToList();
        return oneWay ? turns.Where(turn => turn < 180 || !turns.Contains(turn - 180)) : turns;
    }
}
