using Wrapper.Core.Catalogue;

namespace Wrapper.Core.Forms;

/// <summary>Every form that can be drafted.</summary>
public static class FormCatalogue
{
    /// <summary>The forms, in the order they are offered.</summary>
    public static IReadOnlyList<FormDefinition> All { get; } =
    [
        BoxCushion.Form, SeatForms.SeatPad, SeatForms.Bolster, SeatForms.Ottoman, SeatForms.Pouf, SeatForms.ChairBack,
        LooseForms.Slipcover, LooseForms.ThrowOver,
        BeddingForms.Mattress, BeddingForms.FittedSheet, BeddingForms.ChangingPad, BeddingForms.Duvet, BeddingForms.Pillowcase,
        TableForms.Table, TableForms.Board,
    ];

    /// <summary>The form of this id; null when there is none.</summary>
    public static FormDefinition? Find(string? id) => All.FirstOrDefault(form => form.Id == id);
}
