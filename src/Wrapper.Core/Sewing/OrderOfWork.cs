using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing;

/// <summary>
/// One order out of what may come next: the same for the same draft everywhere. Of operations that wait for nothing the next is
/// chosen by keys in turn. See docs/handbook.md, "What comes next".
/// </summary>
/// <param name="all">The operations, in the cut list's and the ledger's order.</param>
/// <param name="before">For each the numbers of those that come before it.</param>
/// <param name="kinds">For each what kinds of piece it takes hold of, as one number.</param>
internal sealed class OrderOfWork(IReadOnlyList<Operation> all, IReadOnlyList<IReadOnlyList<int>> before, IReadOnlyList<long> kinds)
{
    private const double Tenth = 10;

    /// <summary>The operations in order.</summary>
    /// <exception cref="InvalidOperationException">They wait for each other in a circle.</exception>
    public IReadOnlyList<Operation> Of()
    {
        var waiting = before.Select(numbers => numbers.Count).ToArray();
        var followers = Enumerable
            .Range(0, all.Count)
            .SelectMany(late => before[late].Select(early => (early, late)))
            .ToLookup(pair => pair.early, pair => pair.late);
        var ready = Enumerable.Range(0, all.Count).Where(number => waiting[number] == 0).ToList();
        var order = new List<Operation>(all.Count);
        var (last, alike, sewn) = (-1, -1, -1);
        while (ready.Count > 0)
        {
            var next = ready.MinBy(number => KeyOf(number, last, alike, sewn));
            ready.Remove(next);
            order.Add(all[next]);
            last = next;
            alike = all[next] is { Kind: OperationKind.Press, BelongsTo: not null } ? alike : next; // the iron stands beside the machine
            sewn = all[next].Millimetres is null ? sewn : next;
            foreach (var follower in followers[next])
            {
                if (--waiting[follower] == 0)
                {
                    ready.Add(follower);
                }
            }
        }

        return order.Count == all.Count
            ? order
            : throw new InvalidOperationException(
                $"These operations wait for each other: {string.Join(", ", all.Except(order).Select(operation => operation.Id))}."
            );
    }

    private (int Finish, int Alike, int Phase, int Shares, int Round, long Tenths, int Number) KeyOf(
        int number,
        int last,
        int alike,
        int sewn
    )
    {
        var operation = all[number];
        return (
            last >= 0 && operation.BelongsTo is not null && operation.After.Contains(all[last].Id) ? 0 : 1,
            alike >= 0 && operation.Kind == all[alike].Kind && kinds[number] == kinds[alike] ? 0 : 1,
            PhaseOf(operation),
            sewn >= 0 && operation.Pieces.Any(all[sewn].Pieces.Contains) ? 0 : 1,
            operation.Turned == Turned.Round || operation.IsRing ? 1 : 0,
            (long)Math.Round((operation.Millimetres ?? 0) * Tenth),
            number
        );
    }

    private static int PhaseOf(Operation operation) =>
        operation switch
        {
            { Kind: OperationKind.Hem, Turned: Turned.Round } => (2 * (int)OperationKind.Casing) + 1,
            { Kind: OperationKind.EdgeStitch, After.Count: > 0 } or { Kind: OperationKind.Press, BelongsTo: null } => (
                2 * (int)OperationKind.Dart
            ) + 1,
            { Waits: false, BelongsTo: not null } => 2 * (int)OperationKind.Seam,
            _ => 2 * (int)operation.Kind,
        };
}
