using Wrapper.Core.Units;

namespace Wrapper.Core.Reading;

/// <summary>A role whose pieces are joined from strips before they are used, as it came in. See docs/handbook.md, "Pieced cloth".</summary>
/// <param name="Role">The role's word.</param>
/// <param name="Run"><c>along</c> or <c>across</c>; null for along.</param>
/// <param name="Parts">The strips: along from left to right, across from the front to the back.</param>
public sealed record PiecedInput(string Role, string? Run, IReadOnlyList<PiecedPartInput> Parts);

/// <summary>A strip of a pieced face, as it came in.</summary>
/// <param name="Cloth">The key of its cloth; null for what the role is cut from.</param>
/// <param name="Width">Its finished width; null for an equal share of what the others leave.</param>
public sealed record PiecedPartInput(string? Cloth, Entry? Width);

/// <summary>How the pieces of a role are joined from strips.</summary>
/// <param name="IsAcross">The strips run across the piece, one behind the other; else along it, side by side.</param>
/// <param name="Parts">The strips, from left to right or from the front to the back.</param>
public sealed record PiecedCloth(bool IsAcross, IReadOnlyList<PiecedPart> Parts);

/// <summary>A strip of a pieced face.</summary>
/// <param name="Cloth">The key of its cloth; null for what the role is cut from.</param>
/// <param name="Width">Its finished width; null for an equal share of what the others leave.</param>
public sealed record PiecedPart(string? Cloth, Length? Width);
