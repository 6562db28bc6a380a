using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms.Things;

/// <summary>Which drafter a form is handed to.</summary>
internal static class FormDrafters
{
    private static readonly Dictionary<string, Func<CoverSpecification, ConstructedCover>> ByForm = new()
    {
        [BoxCushion.Id] = BoxCushionDrafter.Draft,
        [SeatForms.SeatPad.Id] = BoxCushionDrafter.Draft,
        [SeatForms.Bolster.Id] = SeatDrafters.Bolster,
        [SeatForms.Ottoman.Id] = SeatDrafters.Ottoman,
        [SeatForms.Pouf.Id] = SeatDrafters.Pouf,
        [SeatForms.ChairBack.Id] = SeatDrafters.ChairBack,
        [LooseForms.Slipcover.Id] = LooseDrafters.Slipcover,
        [LooseForms.ThrowOver.Id] = LooseDrafters.ThrowOver,
        [BeddingForms.Mattress.Id] = BoxCushionDrafter.Draft,
        [BeddingForms.FittedSheet.Id] = BeddingDrafters.FittedSheet,
        [BeddingForms.ChangingPad.Id] = BeddingDrafters.ChangingPad,
        [BeddingForms.Duvet.Id] = BeddingDrafters.Duvet,
        [BeddingForms.Pillowcase.Id] = BeddingDrafters.Pillowcase,
        [TableForms.Table.Id] = TableDrafters.Table,
        [TableForms.Board.Id] = TableDrafters.Board,
    };

    /// <summary>The cover of a thing of this form.</summary>
    public static ConstructedCover Draft(CoverSpecification specification) => ByForm[specification.Form.Id](specification);
}
