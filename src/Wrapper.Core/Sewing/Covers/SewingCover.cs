using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Covers;

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
        Hemmed = new(
            draft,
            specification,
            Taken,
            Lines.All.Where(line => line.Kind == OperationKind.Join).SelectMany(line => line.Seam.Edges).ToHashSet()
        );
        OpenEdges = PathsOf(draft.Pieces.Where(piece => piece.Use == PieceUse.Cover), side =>
            Taken.Contains(side) ? Hemmed.Shut.Contains(side) : !Hemmed.Lapped.Contains(side)
        );
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

    /// <summary>What is hemmed before it is sewn.</summary>
    public HemmedFirst Hemmed { get; }

    /// <summary>The edges no seam takes, with the shut parts of an opening, which have one hem with it.</summary>
    public IReadOnlyList<EdgePath> OpenEdges { get; }

    /// <summary>How its lower edge is held; null where it has none.</summary>
    public LowerEdge? Edge => Specification.Choices.Edge;

    /// <summary>How it is closed; null where it is not.</summary>
    public Closure? Closure => Specification.Choices.Closure;

    /// <summary>It is pinned on the thing: nothing is sewn by measure.</summary>
    public bool IsPinned => Draft.Blocks.Count > 0;

    /// <summary>It has two layers, either side out.</summary>
    public bool IsLayered => Draft.Pieces.Any(piece => piece.CopyRoles.Contains(PieceRole.Inner));

    /// <summary>
    /// When raw edges are finished; not at all where they all lie between two layers of cloth, which encloses them.
    /// </summary>
    public FinishSchool Finish => IsLayered ? FinishSchool.None : Schools.Finish;

    /// <summary>A zip or tape holds two edges together.</summary>
    public bool HasClosure => Runs.All.Any(run => run.Kind is OperationKind.Zip or OperationKind.Tape);

    /// <summary>It sews something round or along a plate.</summary>
    public bool IsOnPlate(Operation operation) => LinesOf(operation).Any(line => Runs.IsOnPlate(line));

    /// <summary>Edges of these pieces one after another, as far as they go on.</summary>
    public IReadOnlyList<EdgePath> PathsOf(IEnumerable<Piece> pieces, Func<SeamSide, bool> which) =>
        EdgePaths.Of(pieces, which, Lines.Points, Runs.OfJoins);

    /// <summary>The lines an operation sews.</summary>
    public IEnumerable<SeamLine> LinesOf(Operation operation) => operation.Seams.Select(id => Lines.All.First(line => line.Sewn.Id == id));

    /// <summary>Which corner a line sews across: “right corner of the outer layer”.</summary>
    public string OpenedCorner(SeamLine line) => CornerOf(line, SewingText.CornerCalled(PieceWords.Corner(line.Seam.At)));

    /// <summary>A place with the piece it is on, where another copy of that piece has one of that name.</summary>
    public string CornerOf(SeamLine line, string where) =>
        IsLayered ? SewingText.OnPiece(where, Pieces[line.Seam.First.Piece].CopyRoles[line.Seam.First.Copy - 1].Label)
        : Pieces[line.Seam.First.Piece].PerCover > 1 && line.Seam.Edges.Select(PieceCopy.Of).Distinct().Count() == 1
            ? SewingText.OnPiece(where, Words.Of(PieceCopy.Of(line.Seam.First)))
        : where;

    /// <summary>The seam that a gap is left in: “seam between the bottom and the back side”; null where none is.</summary>
    public string? SeamWithGap =>
        Draft.Seams.FirstOrDefault(seam => seam.Gap.IsPositive) is { } gap
            ? SewingText.SeamBetween(Words.List(PieceCopy.Of(gap.FirstSide)), Words.List(PieceCopy.Of(gap.SecondSide)))
            : null;

    /// <summary>A length as it is said.</summary>
    public string Said(double millimetres) => Specification.Format.RoundedWithUnit(Length.FromMillimetres((decimal)millimetres));

    /// <summary>What a notion of this kind is; null where the cover has none.</summary>
    public Notion? Notion(NotionKind kind) => Draft.Notions.FirstOrDefault(notion => notion.Kind == kind);

    /// <summary>Its zip comes off the roll, so that its ends are cut.</summary>
    public bool HasZipOffTheRoll => Closure is Catalogue.Closure.Zip && Draft.Notions.Any(notion => notion.Kind == NotionKind.ZipRoll);

    /// <summary>How many ends of its zip get a bar: both of one off the roll, the open end of one of a fixed length.</summary>
    public int BarsPerZip =>
        Closure switch
        {
            Catalogue.Closure.ClosedEndZip => 1,
            Catalogue.Closure.InvisibleZip => 0,
            _ => 2,
        };

    /// <summary>All piping of one cover, each run with its lap, in millimetres.</summary>
    public double PipingWithLaps =>
        Draft.Notions.Where(notion => notion.Kind == NotionKind.Piping).Sum(notion => PerCover(notion) * notion.Length.Value.Millimetres);

    /// <summary>How many of a notion one cover has.</summary>
    public int PerCover(Notion notion) => Math.Max(1, notion.Quantity / Specification.Count);
}
