using Wrapper.Core.Catalogue;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Tests.Sewing;

internal sealed partial class OrderChecker
{
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
                            !(piece.Kept is not null && (piece.Allowances[edge].IsZero || edge.Word is "end" or "end-left" or "end-right"))
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
