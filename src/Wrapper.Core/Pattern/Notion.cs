using Wrapper.Core.Working;

namespace Wrapper.Core.Pattern;

/// <summary>Something a cover needs besides its cloth: zip, cord, filling. See docs/handbook.md, "Trims and notions".</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Quantity">How many, for all covers alike.</param>
/// <param name="Length">The length of each.</param>
/// <param name="Width">The second measure where there is one (foam, casing).</param>
/// <param name="Thickness">The third measure where there is one (foam).</param>
public sealed record Notion(NotionKind Kind, string Name, int Quantity, Worked Length, Worked? Width = null, Worked? Thickness = null)
{
    private readonly string? _brief;

    /// <summary>What it is called where there is room for a word; its name where nothing shorter says it.</summary>
    public string Brief
    {
        get => _brief ?? Name;
        init => _brief = value;
    }

    /// <summary>Of a zip: it is one that does not show.</summary>
    public bool IsInvisible { get; init; }
}
