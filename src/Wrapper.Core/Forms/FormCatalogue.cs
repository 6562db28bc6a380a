namespace Wrapper.Core.Forms;

/// <summary>Every form that can be drafted.</summary>
public static class FormCatalogue
{
    /// <summary>The forms, in the order they are offered.</summary>
    public static IReadOnlyList<FormDefinition> All { get; } = [BoxCushion.Form];

    /// <summary>The form of this id; null when there is none.</summary>
    public static FormDefinition? Find(string? id) => All.FirstOrDefault(form => form.Id == id);
}
