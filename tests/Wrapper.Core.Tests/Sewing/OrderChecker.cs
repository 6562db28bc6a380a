using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>
/// Asks an order of sewing the rules of the craft, one by one. It reads what the plan says of its seams and operations and the
/// draft's own edges, and shares nothing with what made the order.
/// </summary>
internal sealed partial class OrderChecker
{
    private static readonly OperationKind[] Sewing =
    [
        OperationKind.Join,
        OperationKind.Dart,
        OperationKind.Seam,
        OperationKind.Corner,
        OperationKind.Zip,
        OperationKind.CloseByHand,
    ];

    private readonly Draft _draft;

    private readonly SewingPlan _plan;

    private readonly Schools _schools;

    private readonly Dictionary<string, SewnSeam> _seams;

    private readonly Dictionary<string, int> _place;

    private readonly Dictionary<string, int[]> _run = [];

    private readonly List<string> _faults = [];

    private OrderChecker(Draft draft, SewingPlan plan, Schools schools)
    {
        // What lies between two layers of cloth is enclosed and not finished.
        var isEnclosed = draft.Pieces.Any(piece => piece.CopyRoles.Contains(PieceRole.Inner));
        (_draft, _plan, _schools) = (draft, plan, isEnclosed ? schools with { Finish = FinishSchool.None } : schools);
        _seams = plan.Seams.ToDictionary(seam => seam.Id);
        _place = plan.Order.Select((operation, place) => (operation.Id, place)).ToDictionary(pair => pair.Id, pair => pair.place);
        foreach (var operation in plan.Order.Where(IsSewn))
        {
            _run[operation.Id] = RunOf(operation);
        }
    }

    /// <summary>What speaks against an order; empty when nothing does.</summary>
    public static IReadOnlyList<string> Faults(Draft draft, SewingPlan plan, Schools schools)
    {
        var checker = new OrderChecker(draft, plan, schools);
        checker.Complete();
        checker.OnEachPiece();
        checker.Crossings();
        checker.Piped();
        checker.Closures();
        checker.Corners();
        checker.Edges();
        checker.Held();
        checker.Closing();
        checker.Finished();
        checker.TriedOn();
        checker.Pressed();
        return checker._faults;
    }

    private static bool IsSewn(Operation operation) =>
        operation.Seams.Count > 0 && (Sewing.Contains(operation.Kind) || operation.Kind == OperationKind.Tape);

    private bool Before(Operation one, Operation other) => _place[one.Id] < _place[other.Id];

    private void Must(bool holds, string rule, params Operation[] operations)
    {
        if (!holds)
        {
            _faults.Add($"{rule}: {string.Join(", ", operations.Select(operation => operation.Id))}");
        }
    }

    /// <summary>The points of a run, found again from its seams' ends alone.</summary>
    private int[] RunOf(Operation operation)
    {
        var seams = operation.Seams.Select(id => _seams[id]).ToList();
        var starts =
            seams.Count == 1
                ? [seams[0].Start]
                : new[] { seams[0].Start, seams[0].End }
                    .Where(start =>
                    {
                        var at = start;
                        return seams.TrueForAll(seam => seam.Start == at ? (at = seam.End) >= 0 : seam.End == at && (at = seam.Start) >= 0);
                    })
                    .Take(1)
                    .ToArray();
        if (starts is not [var from])
        {
            _faults.Add($"a run that does not go on: {operation.Id}");
            return [];
        }

        List<int> points = [from];
        foreach (var seam in seams)
        {
            points.AddRange((points[^1] == seam.Start ? seam.Through.Append(seam.End) : seam.Through.Reverse().Append(seam.Start)));
        }

        return [.. points];
    }

    private static bool IsRing(int[] run) => run.Length > 2 && run[0] == run[^1];

    private static IEnumerable<int> Inside(int[] run) => IsRing(run) ? run : run.Skip(1).SkipLast(1);

    private static int[] Ends(int[] run) => IsRing(run) || run.Length == 0 ? [] : [run[0], run[^1]];

    /// <summary>Every seam is sewn once, every piece marked, nothing waits for what comes later.</summary>
    private void Complete()
    {
        var sewn = _plan.Order.Where(IsSewn).SelectMany(operation => operation.Seams).ToList();
        foreach (var id in _seams.Keys.Where(id => sewn.Count(other => other == id) != 1))
        {
            _faults.Add($"sewn {sewn.Count(other => other == id)} times: {id}");
        }

        foreach (var seam in _draft.Seams.Where(seam => !seam.IsLaid && !_seams.ContainsKey(seam.Id)))
        {
            _faults.Add($"a line of the ledger that is missing: {seam.Id}");
        }

        foreach (
            var piece in _draft.Pieces.Where(piece =>
                !_plan.Order.Any(operation => operation.Kind == OperationKind.Mark && operation.Pieces.Any(copy => copy.Piece == piece.Key))
            )
        )
        {
            _faults.Add($"not marked: {piece.Key}");
        }

        foreach (var operation in _plan.Order)
        {
            foreach (var first in operation.After)
            {
                Must(_place.TryGetValue(first, out var at) && at < _place[operation.Id], $"after {first}", operation);
            }

            Must(double.IsFinite(operation.Minutes) && operation.Minutes >= 0, "minutes", operation);
            Must(operation.Text.Length > 5 && !operation.Text.Contains("  ", StringComparison.Ordinal), "no sentence", operation);
        }
    }

    /// <summary>a.</summary>
    private void OnEachPiece()
    {
        foreach (var piece in _plan.Order.SelectMany(operation => operation.Pieces).Distinct())
        {
            var on = _plan.Order.Where(operation => operation.Pieces.Contains(piece)).ToList();
            var ranks = on.Select(operation =>
                    operation.Kind switch
                    {
                        OperationKind.Finish when _schools.Finish == FinishSchool.First => 0,
                        OperationKind.Mark => 1,
                        OperationKind.Join => 2,
                        OperationKind.Finish
                            when operation.Seams.Count > 0
                                && _plan.Order.Any(other =>
                                    other.Kind is OperationKind.Join or OperationKind.Dart && other.Seams.SequenceEqual(operation.Seams)
                                ) => -1,
                        OperationKind.MakePiping => 2,
                        OperationKind.Dart => 3,
                        _ => 4,
                    }
                )
                .ToList();
            var told = ranks.Where(rank => rank >= 0).ToList();
            if (!told.SequenceEqual(told.Order()))
            {
                _faults.Add($"edges, marks, joins, darts, the rest on {piece}: {string.Join(" ", on.Select(operation => operation.Kind))}");
            }
        }

        foreach (var maker in _plan.Order)
        {
            foreach (
                var user in maker.Makes.SelectMany(made =>
                    _plan.Order.Where(operation => operation.Pieces.Any(piece => piece.Piece == made))
                )
            )
            {
                Must(user.Id == maker.Id || Before(maker, user), "made before it is used", maker, user);
            }
        }
    }

    /// <summary>b.</summary>
    private void Crossings()
    {
        foreach (var (one, run) in Runs())
        {
            foreach (var (other, across) in Runs())
            {
                if (
                    one.Id == other.Id
                    || one.Kind is OperationKind.Corner or OperationKind.CloseByHand
                    || other.Kind is OperationKind.Corner or OperationKind.Join or OperationKind.Dart
                    || one.Waits
                )
                {
                    continue;
                }

                Must(!Ends(run).Any(Inside(across).Contains) || Before(one, other), "sewn before it is crossed", one, other);
            }
        }
    }

    private IEnumerable<(Operation Operation, int[] Run)> Runs() =>
        _plan.Order.Where(IsSewn).Select(operation => (operation, _run[operation.Id]));

    /// <summary>c.</summary>
    private void Piped()
    {
        foreach (var seam in _draft.Seams.Where(seam => seam.Takes == Caught.Piping && !seam.IsWayIn))
        {
            if (_plan.Order.FirstOrDefault(operation => IsSewn(operation) && operation.Seams.Contains(seam.Id)) is not { } sewn)
            {
                continue; // told above
            }

            var made = _plan.Order.FirstOrDefault(operation => operation.Makes.Contains("made-piping"));
            Must(made is not null && Before(made, sewn), "piping is made", sewn);
            var applied = _plan.Order.FirstOrDefault(operation =>
                operation.Kind == OperationKind.ApplyPiping && seam.Edges.Any(operation.Edges.Contains)
            );
            Must(
                _schools.Piping == PipingSchool.Sandwich
                    ? applied is null && seam.Edges.Any(sewn.Edges.Contains)
                    : applied is not null && Before(applied, sewn),
                "piping on its edge",
                sewn
            );
        }
    }
}
