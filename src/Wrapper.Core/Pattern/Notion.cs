using Wrapper.Core.Working;

namespace Wrapper.Core.Pattern;

/// <summary>Something a cover needs besides its cloth: zip, cord, filling. See docs/handbook.md, "Trims and notions".</summary>
/// <param name="Kind">What it is, in kebab-case: <c>zip-roll</c>, <c>piping</c>, <c>cord</c>, <c>foam</c>.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Quantity">How many, for all covers alike.</param>
/// <param name="Length">The length of each.</param>
/// <param name="Width">The second measure where there is one (foam, casing).</param>
/// <param name="Thickness">The third measure where there is one (foam).</param>
public sealed record Notion(string Kind, string Name, int Quantity, Worked Length, Worked? Width = null, Worked? Thickness = null);
