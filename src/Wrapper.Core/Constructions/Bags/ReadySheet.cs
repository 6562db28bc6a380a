using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>
/// A duvet backed by a ready sheet: the sheet's hemmed width rules. Both faces are hemmed all round before they meet and are
/// sewn inside the hemmed edges. See docs/handbook.md, "Ready-made cloth".
/// </summary>
internal sealed class ReadySheet
{
    /// <summary>Less than any shears see: so much a sheet is taken shorter, so that one can be told from the next in the lay.</summary>
    private static readonly Length Slack = Length.FromMillimetres(0.05m);

    private readonly CoverSpecification _specification;
    private readonly Worked _duvet;
    private readonly DraftCloth? _cloth;

    public ReadySheet(Worked width, CoverSpecification specification)
    {
        (_specification, _duvet) = (specification, width);
        (Inset, RollHem) = (specification.Rules[Rule.SheetInset], specification.Rules[Rule.RollHem]);
        _cloth = ClothOf(specification);
        Sheet = WidthOf(specification) is { } hemmed
            ? Worked.Given("sheet, hemmed width", hemmed, QuantitySource.Cloth)
            : (width + (2 * Inset)).Named("sheet, hemmed width");
        Width = (Sheet - (2 * Inset)).Named("finished width");
    }

    /// <summary>How far inside the hemmed edges it is sewn.</summary>
    public Worked Inset { get; }

    /// <summary>Each fold of the roll hem of the other face.</summary>
    public Worked RollHem { get; }

    /// <summary>The sheet's hemmed width.</summary>
    public Worked Sheet { get; }

    /// <summary>The finished width it gives.</summary>
    public Worked Width { get; }

    private bool HasHemAtOpening => _cloth?.Edges is null || _cloth.Edges.Deepest is not null;

    private bool HasHemAtClosedEnd => _cloth?.Edges is null || _cloth.Edges.AreBothHemmed;

    /// <summary>The cloth that is the sheet: the one given to the back face; null where none is.</summary>
    private static DraftCloth? ClothOf(CoverSpecification specification) =>
        specification.Cloths.Roles.ContainsKey(PieceRole.FaceBack.Word)
            ? specification.Cloths.Cloths[specification.Cloths.KeyOfCloth(PieceRole.FaceBack, PieceKind.Face)!]
            : null;

    /// <summary>Its hemmed width when it is washed; null where no cloth is given to the back face.</summary>
    private static Length? WidthOf(CoverSpecification specification) =>
        ClothOf(specification) is null ? null : specification.In(PieceRole.FaceBack, PieceKind.Face).UsableWidth;

    /// <summary>The opening is drawn at the far end: on a sheet whose deeper hem is the near one the face lies turned round.</summary>
    private static KeptHems? KeptOn(ClothEdges? edges) =>
        edges?.Deepest switch
        {
            null => edges is null ? new(ClothEnd.End, null, IsTurned: false) : null,
            { } deepest => deepest == edges.Start ? new(ClothEnd.Start, null, IsTurned: true) : new(ClothEnd.End, null, IsTurned: false),
        };

    /// <summary>How the printed face is cut: a roll hem takes two folds at its sides and its closed end.</summary>
    public FaceCut Front(Worked length, OpenEnd end) =>
        new(PieceRole.FaceFront, "Front face", length + Inset + (2 * RollHem) + end.Front, end.Front)
        {
            Side = Inset + (2 * RollHem),
            Closed = Inset + (2 * RollHem),
        };

    /// <summary>
    /// How the sheet is cut: its hems stay. A longer one is cut across at its closed end and hemmed there as the other face is, and so
    /// is an end that has no hem. One that is longer by no more than that hem stays whole and is sewn farther inside.
    /// </summary>
    public FaceCut Back(Worked length, OpenEnd end)
    {
        var atOpening = HasHemAtOpening ? end.Back - end.Front : end.Back;
        var spare = SpareOf(length + Inset + atOpening);
        var isWhole = HasHemAtClosedEnd && (spare is null || spare <= 2 * RollHem.Value);
        var atClosed =
            !isWhole ? Inset + (2 * RollHem)
            : spare is { } more ? Inset + Worked.Given("what the sheet is longer", more, QuantitySource.Cloth)
            : Inset;
        return new(PieceRole.FaceBack, "Back face, the sheet", length + atClosed + atOpening, atOpening)
        {
            Side = Inset,
            Closed = atClosed,
            Kept = KeptOn(_cloth?.Edges) is { } kept ? kept with { IsWhole = isWhole } : null,
        };
    }

    /// <summary>What the sheet is longer than this; null where none is given or it is too short, which is told.</summary>
    private Length? SpareOf(Worked needed) => _cloth?.Length is { } there && there >= needed.Value ? there - Slack - needed.Value : null;

    public IEnumerable<Check> Checks(Worked length, OpenEnd end)
    {
        var format = _specification.Format;
        if (!Width.Value.IsPositive)
        {
            yield return Check.Error("sheet-too-narrow", BagsText.SheetHasNothingLeft, "roles.face-back");
        }
        else if (_duvet.Value > Width.Value)
        {
            yield return Check.Warning(
                "sheet-too-narrow",
                BagsText.SheetTooNarrow(format.RoundedWithUnit(Width.Value), format.RoundedWithUnit(_duvet.Value - Width.Value)),
                "roles.face-back"
            ) with
            {
                Concerns = CheckConcern.Cloth,
            };
        }

        if (_cloth?.Length is { } there && Back(length, end).CutLength.Value is var needed && needed > there)
        {
            yield return Check.Error(
                "sheet-too-short",
                BagsText.SheetTooShort(format.RoundedWithUnit(needed), format.RoundedWithUnit(needed - there)),
                "roles.face-back"
            ) with
            {
                Concerns = CheckConcern.Cloth,
            };
        }

        if (_cloth is null)
        {
            yield return Check.Note("sheet-not-said", BagsText.SheetNotSaid(format.RoundedWithUnit(Sheet.Value)), "back");
        }
    }
}
