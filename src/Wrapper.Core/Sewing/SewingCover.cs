using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing;

/// <summary>A draft seen by whoever sews one of its covers.</summary>
internal sealed class SewingCover
{
    /// <summary>The cover of a draft.</summary>
    public SewingCover(Draft draft, CoverSpecification specification)
    {
        (Draft, Specification) = (draft, specification);
        Pieces = draft.Pieces.ToDictionary(piece => piece.Key);
        Lines = new(draft, Pieces);
        Runs = new(Lines, Pieces, Schools);
        Rates = new(specification.Rules);
        Words = new(Pieces);
        Needs = new(draft, specification);
        Taken = draft.Seams.SelectMany(seam => seam.Edges).ToHashSet();
        OpenEdges = EdgePaths.Of(draft.Pieces.Where(piece => piece.Use == PieceUse.Cover), Taken, Lines.Points, Runs.OfJoins);
    }

    /// <summary>The draft.</summary>
    public Draft Draft { get; }

    /// <summary>What it was made from.</summary>
    public CoverSpecification Specification { get; }

    /// <summary>The schools it is sewn by.</summary>
    public Schools Schools => Specification.Schools;

    /// <summary>Its pieces.</summary>
    public IReadOnlyDictionary<string, Piece> Pieces { get; }

    /// <summary>Its seams.</summary>
    public SeamLines Lines { get; }

    /// <summary>Its runs.</summary>
    public CoverRuns Runs { get; }

    /// <summary>The house's rates.</summary>
    public MinuteRates Rates { get; }

    /// <summary>What its cloths ask of the machine.</summary>
    public ClothNeeds Needs { get; }

    /// <summary>What its pieces are called.</summary>
    public PieceWords Words { get; }

    /// <summary>Every edge a seam takes.</summary>
    public IReadOnlySet<SeamSide> Taken { get; }

    /// <summary>The edges no seam takes.</summary>
    public IReadOnlyList<EdgePath> OpenEdges { get; }

    /// <summary>How its lower edge is held; null where it has none.</summary>
    public LowerEdge? Edge => Specification.Choices.Edge;

    /// <summary>How it is closed; null where it is not.</summary>
    public Closure? Closure => Specification.Choices.Closure;

    /// <summary>It is pinned on the thing: nothing is sewn by measure.</summary>
    public bool IsPinned => Draft.Blocks.Count > 0;

    /// <summary>It has two layers, either side out.</summary>
    public bool IsLayered => Specification.Choices.Reversible;

    /// <summary>A zip or tape holds two edges together.</summary>
    public bool HasClosure => Runs.All.Any(run => run.Kind is OperationKind.Zip or OperationKind.Tape);

    /// <summary>It sews something round or along a plate.</summary>
    public bool IsOnPlate(Operation operation) => LinesOf(operation).Any(line => Runs.IsOnPlate(line));

    /// <summary>The lines an operation sews.</summary>
    public IEnumerable<SeamLine> LinesOf(Operation operation) => operation.Seams.Select(id => Lines.All.First(line => line.Sewn.Id == id));

    /// <summary>A length as it is said.</summary>
    public string Said(double millimetres) => Specification.Format.RoundedWithUnit(Length.FromMillimetres((decimal)millimetres));

    /// <summary>What a notion of this kind is; null where the cover has none.</summary>
    public Notion? Notion(NotionKind kind) => Draft.Notions.FirstOrDefault(notion => notion.Kind == kind);

    /// <summary>How many of a notion one cover has.</summary>
    public int PerCover(Notion notion) => Math.Max(1, notion.Quantity / Specification.Count);
}
