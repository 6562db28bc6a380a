using Wrapper.Core.Checks;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cloth;

/// <summary>What came of planning: a lay, or the errors in the way of one.</summary>
/// <param name="Lay">Null when an error stands in the way.</param>
/// <param name="Checks">What was noticed.</param>
public sealed record LayOutcome(Lay? Lay, IReadOnlyList<Check> Checks);

/// <summary>
/// Lays pieces on a cloth: every piece goes to the lowest place where it fits, over several orders, then over orders
/// changed a little at random from a fixed seed, and the shortest lay is kept. See docs/lay.md.
/// </summary>
public static class LayPlanner
{
    /// <summary>The most copies one lay may have.</summary>
    public const int MostCopies = 1000;

    /// <summary>
    /// Plans a lay. Goes on improving for <paramref name="steps"/> orders, or until <paramref name="shouldStop"/> says so or
    /// the length is proved to be the shortest. The same request and steps give the same lay on every machine.
    /// </summary>
    public static LayOutcome Plan(LayRequest request, int steps, Func<bool>? shouldStop = null)
    {
        var checks = LayChecks.Of(request).ToList();
        if (checks.HasError())
        {
            return new(null, checks);
        }

        return new(new LaySearch(request).Run(steps, shouldStop ?? (() => false)), checks);
    }

    /// <summary>The turns a piece may really take: with a nap, of two opposite turns only the smaller stays.</summary>
    internal static IEnumerable<int> TurnsOf(LayPiece piece, bool oneWay)
    {
        var turns = piece.Turns.Distinct().Order().ToList();
        return oneWay ? turns.Where(turn => turn < 180 || !turns.Contains(turn - 180)) : turns;
    }
}
