using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;

namespace Wrapper.Core.Sewing.Operations;

/// <summary>A copy of a piece in one cover.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Copy">Which copy, from 1.</param>
public readonly record struct PieceCopy(string Piece, int Copy)
{
    /// <summary>The copy an edge is on.</summary>
    public static PieceCopy Of(SeamSide side) => new(side.Piece, side.Copy);

    /// <summary>The copies that edges are on, each once.</summary>
    public static IReadOnlyList<PieceCopy> Of(IEnumerable<SeamSide> sides) => [.. sides.Select(Of).Distinct()];

    /// <summary>All copies of a piece in one cover.</summary>
    public static IReadOnlyList<PieceCopy> AllOf(Piece piece) =>
        [.. Enumerable.Range(1, piece.PerCover).Select(copy => new PieceCopy(piece.Key, copy))];

    /// <summary>What it is called in the open format: the piece's key, with its number where a cover has several.</summary>
    public string NameOn(Piece piece) =>
        piece.PerCover == 1 ? Piece : string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{Piece}/{Copy}");
}

/// <summary>What is done in one go without stopping. See docs/handbook.md, "Operations".</summary>
public sealed record Operation
{
    /// <summary>Unique in its cover: <c>seam-top-front</c>.</summary>
    public required string Id { get; init; }

    /// <summary>What is done.</summary>
    public required OperationKind Kind { get; init; }

    /// <summary>The pieces it takes hold of.</summary>
    public required IReadOnlyList<PieceCopy> Pieces { get; init; }

    /// <summary>What piping, hem, finish, tape, buttons or thread lies on.</summary>
    public IReadOnlyList<SeamSide> Edges { get; init; } = [];

    /// <summary>The seams it sews, in sewing order: its run. Of finish, pocket and trim, those it belongs to.</summary>
    public IReadOnlyList<string> Seams { get; init; } = [];

    /// <summary>The points of its run in order, or those a hem or casing ends on or passes.</summary>
    public IReadOnlyList<int> Points { get; init; } = [];

    /// <summary>What exists only afterwards: piping, a pieced face.</summary>
    public IReadOnlyList<string> Makes { get; init; } = [];

    /// <summary>Of a hem or casing: how it is turned.</summary>
    public Turned? Turned { get; init; }

    /// <summary>The operation that catches it; null for none.</summary>
    public string? HeldBy { get; init; }

    /// <summary>Operations that a school or the form puts before it.</summary>
    public IReadOnlyList<string> After { get; init; } = [];

    /// <summary>
    /// The operation it is done with, on one card: a seam that is finished and pressed right after it is sewn; null for one of its own.
    /// </summary>
    public string? BelongsTo { get; init; }

    /// <summary>It is the seam that leaves only the opening.</summary>
    public bool Closes { get; init; }

    /// <summary>What must be seen to before it.</summary>
    public IReadOnlyList<StopSign> Stops { get; init; } = [];

    /// <summary>How much is left open, in millimetres; null for nothing.</summary>
    public double? Gap { get; init; }

    /// <summary>It is sewn after the try-on by intention.</summary>
    public bool Waits { get; init; }

    /// <summary>How long what is sewn is, in millimetres; null where nothing is.</summary>
    public double? Millimetres { get; init; }

    /// <summary>An estimate, by the house's rates.</summary>
    public double Minutes { get; init; }

    /// <summary>
    /// How many covers it is done for at once: casing is cut and marked for the whole set. Its minutes are one cover's share.
    /// </summary>
    public int SharedBy { get; init; } = 1;

    /// <summary>Foot, thread, needle.</summary>
    public IReadOnlyList<string> Needs { get; init; } = [];

    /// <summary>What to do, in one sentence.</summary>
    public required string Text { get; init; }

    /// <summary>Its stop-signs in words; null for none.</summary>
    public string? StopSign { get; init; }

    /// <summary>The piping it sews comes back to where it began, and its ends are joined.</summary>
    public bool PipingGoesRound { get; init; }

    /// <summary>It sews seams together.</summary>
    public bool IsSewing =>
        Kind
            is OperationKind.Join
                or OperationKind.Dart
                or OperationKind.Seam
                or OperationKind.Corner
                or OperationKind.Zip
                or OperationKind.Tape
                or OperationKind.CloseByHand;

    /// <summary>Its run comes back to where it began.</summary>
    public bool IsRing => Points.Count > 2 && Points[0] == Points[^1];
}

/// <summary>The sewing of one cover: its seams, its operations, and the one order they are done in.</summary>
/// <param name="Finish">When raw edges are finished.</param>
/// <param name="Seams">The seams.</param>
/// <param name="Order">The operations in the order of work.</param>
public sealed record SewingPlan(FinishSchool Finish, IReadOnlyList<SewnSeam> Seams, IReadOnlyList<Operation> Order)
{
    /// <summary>The order in short: what is sewn and done, without marking each piece, and without what belongs to a step.</summary>
    public IEnumerable<Operation> Steps => Order.Where(operation => operation.Kind != OperationKind.Mark && operation.BelongsTo is null);

    /// <summary>A step with what belongs to it, in order.</summary>
    public IReadOnlyList<Operation> With(Operation step) => [step, .. Order.Where(operation => operation.BelongsTo == step.Id)];
}
