using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>The repeat of a pattern.</summary>
/// <param name="Length">Down the roll.</param>
/// <param name="Width">Across; unsaid where it may be met anywhere across.</param>
/// <param name="Match"><c>straight</c>, or <c>half-drop</c>: from one repeat across to the next it drops by half a repeat.</param>
/// <param name="Motif">How far from the left edge the middle of a motif stands, to centre plates on one.</param>
/// <param name="Over"><c>set</c>, <c>cover</c> or <c>none</c>: over what it is matched; unsaid for the whole set.</param>
public sealed record RepeatDocument(
    Entry? Length = null,
    Entry? Width = null,
    [property: WordOf<RepeatMatch>] string? Match = null,
    Entry? Motif = null,
    [property: WordOf<MatchOver>] string? Over = null
);

/// <summary>The face of a cloth.</summary>
/// <param name="Kind"><c>plain</c>, <c>stripe</c>, <c>check</c>, <c>motif</c> or <c>picture</c>; it comes again with the repeat.</param>
/// <param name="Ground">The colour of the ground, <c>#</c> and six digits.</param>
/// <param name="Ink">The colour of the figure.</param>
/// <param name="Figure">How wide the stripe is, or the motif across; unsaid for a usual share of the repeat.</param>
/// <param name="Picture">A picture of one repeat as a <c>data:</c> address, as <c>POST /api/faces</c> gives it; where a cloth is only asked
/// about, a short name will do.</param>
public sealed record ClothFaceDocument(
    [property: WordOf<FaceKind>] string? Kind = null,
    string? Ground = null,
    string? Ink = null,
    Entry? Figure = null,
    string? Picture = null
);

/// <summary>An edge of a ready-made cloth.</summary>
/// <param name="Kind"><c>hem</c>, <c>selvage</c> or <c>raw</c>.</param>
/// <param name="Depth">How deep it is.</param>
/// <param name="Keep">It stays as a finished edge, as a hem does where nothing is said; else it is cut off first.</param>
public sealed record ClothEdgeDocument([property: WordOf<ClothEdgeKind>] string? Kind = null, Entry? Depth = null, Entry? Keep = null);

/// <summary>What a cloth loses when it is washed, in percent.</summary>
public sealed record ShrinkageDocument(Entry? Along = null, Entry? Across = null);

/// <summary>A width a cloth is sold in, and what a yard (inch job) or metre of it costs.</summary>
public sealed record SoldWidthDocument(Entry? Width = null, Entry? Price = null);

/// <summary>A flaw: where it begins and ends along the roll and, where it does not go right across, from the left edge.</summary>
public sealed record FlawDocument(Entry? From = null, Entry? To = null, Entry? Left = null, Entry? Right = null);

/// <summary>A remnant: its name (or id), and what can be used of it across and along.</summary>
public sealed record RemnantDocument(string? Name = null, string? Id = null, Entry? Width = null, Entry? Length = null);

/// <summary>
/// Where a copy of a piece lies, as a lay says it: x across and y along, in millimetres; one that names no piece lies nowhere.
/// </summary>
public sealed record PlaceDocument(string Piece = "", int Copy = 1, int Turn = 0, double X = 0, double Y = 0, string? Remnant = null);
