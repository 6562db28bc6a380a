using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>
/// Asks an order of sewing the rules of the craft, one by one. It reads what the plan says of its seams and operations and the
/// draft's own edges, and shares nothing with what made the order.
/// </summary>
internal sealed class OrderChecker
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
        (_draft, _plan, _schools) = (draft, plan, schools);
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

    /// <summary>d, and the pockets of k.</summary>
    private void Closures()
    {
        foreach (var (closure, run) in Runs().Where(entry => entry.Operation.Kind is OperationKind.Zip or OperationKind.Tape))
        {
            foreach (var (other, along) in Runs().Where(entry => entry.Operation.Kind == OperationKind.Seam))
            {
                Must(!Ends(run).Any(along.Contains) || Before(closure, other), "a closure before what touches its ends", closure, other);
            }
        }

        foreach (var pocket in _plan.Order.Where(operation => operation.Kind == OperationKind.Pocket))
        {
            var join = _plan.Order.FirstOrDefault(operation => IsSewn(operation) && operation.Seams.Contains(pocket.Seams[0]));
            Must(join is not null && Before(join, pocket), "a pocket after its end join", pocket);
            foreach (
                var plate in _plan.Order.Where(operation =>
                    operation.Kind == OperationKind.Seam
                    && operation.Pieces.Any(piece => piece.Piece.StartsWith("plate", StringComparison.Ordinal))
                    && operation.Pieces.Any(piece => piece.Piece.StartsWith("zip", StringComparison.Ordinal))
                )
            )
            {
                Must(Before(pocket, plate), "a pocket before the plates", pocket, plate);
            }
        }
    }

    /// <summary>e.</summary>
    private void Corners()
    {
        foreach (var (corner, run) in Runs().Where(entry => entry.Operation.Kind == OperationKind.Corner))
        {
            foreach (var (other, along) in Runs().Where(entry => entry.Operation.Kind != OperationKind.Corner && !entry.Operation.Waits))
            {
                Must(!along.Any(run.Contains) || Before(other, corner), "a corner after what runs into it", other, corner);
            }
        }
    }

    /// <summary>f and g.</summary>
    private void Edges()
    {
        var tryOn = _plan.Order.FirstOrDefault(operation => operation.Kind == OperationKind.TryOn);
        foreach (var hem in _plan.Order.Where(operation => operation.Turned is not null))
        {
            foreach (
                var (seam, along) in Runs().Where(entry => entry.Operation.Kind == OperationKind.Seam && entry.Run.Any(hem.Points.Contains))
            )
            {
                Must(hem.Turned == Turned.Flat ? Before(hem, seam) : Before(seam, hem), $"a hem turned {hem.Turned}", hem, seam);
                Must(
                    hem.Turned == Turned.Flat || hem.Kind != OperationKind.Hem || !hem.Points.Any(Inside(along).Contains),
                    "a hem that a seam runs across is turned flat",
                    hem,
                    seam
                );
            }

            Must(hem.Turned == Turned.Flat || tryOn is null || Before(tryOn, hem), "a round hem after the try-on", hem);
        }

        foreach (var thread in _plan.Order.Where(operation => operation.Kind == OperationKind.Thread))
        {
            Must(tryOn is null || Before(tryOn, thread), "elastic after the try-on", thread);
            foreach (var casing in _plan.Order.Where(operation => operation.Kind == OperationKind.Casing))
            {
                Must(Before(casing, thread), "a casing before what is drawn through", casing, thread);
            }
        }

        if (_draft.Blocks.Count > 0)
        {
            return;
        }

        var taken = _draft.Seams.SelectMany(seam => seam.Edges).ToHashSet();
        var turned = _plan.Order.Where(operation => operation.Turned is not null).SelectMany(operation => operation.Edges).ToHashSet();
        foreach (var piece in _draft.Pieces.Where(piece => piece.Use is PieceUse.Cover or PieceUse.Hung))
        {
            for (var copy = 1; copy <= piece.PerCover; copy++)
            {
                foreach (
                    var edge in piece
                        .StitchLine.Names.Distinct()
                        .Where(edge =>
                            !(piece.Kept is not null && (piece.Allowances[edge].IsZero || edge is "end" or "end-left" or "end-right"))
                            && !taken.Contains(new(piece.Key, edge, copy))
                            && !turned.Contains(new(piece.Key, edge, copy))
                            && !IsLapped(piece, edge)
                        )
                )
                {
                    _faults.Add($"an edge that is neither sewn nor hemmed: {piece.Key}/{copy} {edge}");
                }
            }
        }
    }

    /// <summary>A flange's back is one piece cut twice; where its parts overlap the side is sewn to one and catches the other.</summary>
    private bool IsLapped(Piece piece, string edge) =>
        piece is { Kind: PieceKind.Face, PerCover: 2 }
        && piece.CopyRoles.All(role => role == PieceRole.FaceBack)
        && edge is "left-over" or "right-over"
        && _draft.Seams.Any(seam => seam.Edges.Any(side => side.Piece == piece.Key && side.Edge == edge));

    /// <summary>h, and what goes through a hem.</summary>
    private void Held()
    {
        foreach (var held in _plan.Order.Where(operation => operation.HeldBy is not null))
        {
            Must(_place.TryGetValue(held.HeldBy!, out var at) && _place[held.Id] < at, "before what holds it", held);
        }

        foreach (
            var buttons in _plan.Order.Where(operation =>
                operation.Kind == OperationKind.Buttons || (operation.Kind == OperationKind.Tape && operation.Seams.Count == 0)
            )
        )
        {
            foreach (
                var hem in _plan.Order.Where(operation =>
                    operation.Kind == OperationKind.Hem && operation.Edges.Any(buttons.Edges.Contains)
                )
            )
            {
                Must(Before(hem, buttons), "buttons and tape after their hem", hem, buttons);
            }
        }
    }

    /// <summary>i.</summary>
    private void Closing()
    {
        var seams = _plan
            .Order.Where(operation =>
                operation.Kind == OperationKind.Seam
                && operation.Pieces.All(piece => _draft.Pieces.First(other => other.Key == piece.Piece).Use == PieceUse.Cover)
            )
            .ToList();
        if (seams.Count == 0 || _draft.Blocks.Count > 0)
        {
            return;
        }

        var closing = _plan.Order.Where(operation => operation.Closes).ToList();
        if (closing is not [var last])
        {
            _faults.Add($"{closing.Count} seams close it");
            return;
        }

        Must(seams.TrueForAll(seam => seam.Id == last.Id || Before(seam, last)), "the closing seam is the last", last);
        var hasZip = Runs().Any(entry => entry.Operation.Kind is OperationKind.Zip or OperationKind.Tape);
        Must(!hasZip || last.Stops.Contains(StopSign.OpenZip), "open the zip", last);
        Must(
            _plan.Order.All(operation =>
                operation.Kind != OperationKind.CloseByHand || operation.Waits || operation.Seams.Count > 0 || last.Gap > 0
            ),
            "leave the gap",
            last
        );
        foreach (var turn in _plan.Order.Where(operation => operation.Kind == OperationKind.Turn))
        {
            Must(Before(last, turn), "turned when it is closed", turn);
        }
    }

    /// <summary>j.</summary>
    private void Finished()
    {
        var finishes = _plan.Order.Where(operation => operation.Kind == OperationKind.Finish).ToList();
        switch (_schools.Finish)
        {
            case FinishSchool.None:
                Must(finishes.Count == 0, "finished though not asked", [.. finishes]);
                break;
            case FinishSchool.First:
                foreach (var (sewn, _) in Runs())
                {
                    Must(finishes.TrueForAll(finish => Before(finish, sewn)), "all edges first", sewn);
                    Must(sewn.Pieces.All(piece => finishes.Exists(finish => finish.Pieces.Contains(piece))), "every piece finished", sewn);
                }

                break;
            default:
                foreach (var (sewn, run) in Runs().Where(entry => entry.Operation.Kind != OperationKind.CloseByHand))
                {
                    var finish = finishes.Find(operation => operation.Seams.SequenceEqual(sewn.Seams));
                    Must(finish is not null && Before(sewn, finish), "each seam is finished", sewn);
                    foreach (
                        var (other, across) in Runs()
                            .Where(entry =>
                                finish is not null
                                && entry.Operation.Id != sewn.Id
                                && entry.Operation.Kind is not (OperationKind.Join or OperationKind.Dart or OperationKind.Corner)
                                && !sewn.Waits
                                && sewn.Kind != OperationKind.Corner
                            )
                    )
                    {
                        Must(
                            !Ends(run).Any(Inside(across).Contains) || Before(finish!, other),
                            "finished before it is crossed",
                            sewn,
                            other
                        );
                    }
                }

                break;
        }
    }

    /// <summary>What is joined flat is pressed before anything else is sewn to it; what is crossed, before that.</summary>
    private void Pressed()
    {
        var presses = _plan.Order.Where(operation => operation.Kind == OperationKind.Press).ToList();
        foreach (var (sewn, run) in Runs().Where(entry => !entry.Operation.Waits))
        {
            var isFlat =
                sewn.Kind == OperationKind.Join
                || (sewn.Kind == OperationKind.Dart && !sewn.Text.Contains("pleat", StringComparison.Ordinal));
            var across = Runs()
                .Where(entry =>
                    entry.Operation.Id != sewn.Id
                    && entry.Operation.Kind is not (OperationKind.Corner or OperationKind.Join or OperationKind.Dart)
                    && Ends(run).Any(Inside(entry.Run).Contains)
                )
                .Select(entry => entry.Operation)
                .ToList();
            if (!isFlat && (sewn.Kind != OperationKind.Seam || across.Count == 0))
            {
                continue;
            }

            var press = presses.Find(operation => operation.After.Contains(sewn.Id));
            Must(press is not null && Before(sewn, press), "pressed after it is sewn", sewn);
            var later = isFlat
                ? _plan.Order.Where(operation =>
                    operation.Kind is OperationKind.Seam or OperationKind.Zip or OperationKind.Corner or OperationKind.Hem
                    && operation.Pieces.Any(sewn.Pieces.Contains)
                )
                : across;
            foreach (var other in later.Where(_ => press is not null))
            {
                Must(Before(press!, other), "pressed before anything is sewn across it", sewn, other);
            }
        }
    }

    /// <summary>k.</summary>
    private void TriedOn()
    {
        var tries = _plan.Order.Where(operation => operation.Kind == OperationKind.TryOn).ToList();
        foreach (var trim in _plan.Order.Where(operation => operation.Kind == OperationKind.Trim && operation.Seams.Count > 0))
        {
            Must(tries.Exists(tried => Before(tried, trim)), "tried before it is trimmed", trim);
            foreach (
                var waiting in _plan.Order.Where(operation =>
                    operation.Waits && operation.Kind == OperationKind.Seam && operation.Pieces.Any(trim.Pieces.Contains)
                )
            )
            {
                Must(Before(trim, waiting), "trimmed before the next seam", trim, waiting);
            }
        }

        foreach (var (waiting, _) in Runs().Where(entry => entry.Operation.Waits))
        {
            Must(tries.Count > 0 && Before(tries[0], waiting), "it waits for the try-on", waiting);
        }

        foreach (var fill in _plan.Order.Where(operation => operation.Kind == OperationKind.Fill))
        {
            Must(
                _plan.Order.All(operation => operation.Kind != OperationKind.CloseByHand || Before(fill, operation)),
                "filled before it is closed by hand",
                fill
            );
            Must(
                _plan.Order.All(operation => operation.Kind != OperationKind.Turn || Before(operation, fill)),
                "turned before it is filled",
                fill
            );
        }
    }
}
