using Wrapper.Core.Reading;

namespace Wrapper.Core.Buying;

/// <summary>A cover of a job, as the lay sees it.</summary>
/// <param name="Key">The caller's key, unique in the job.</param>
/// <param name="Input">The cover's inputs, without a cloth: the job's cloth is put in.</param>
/// <param name="Name">What it is called where something is said of it; empty where there is only one.</param>
public sealed record JobCover(string Key, CoverInput Input, string Name = "");

/// <summary>A cloth width on offer, as the trade names it.</summary>
/// <param name="Name"><c>54 in</c>, <c>137 cm</c>.</param>
/// <param name="Width">Selvage to selvage.</param>
public sealed record ClothWidth(string Name, Units.Length Width)
{
    /// <summary>The widths that are always compared.</summary>
    public static IReadOnlyList<ClothWidth> Usual { get; } =
    [
        new("45 in", Units.Length.FromInches(45)),
        new("54 in", Units.Length.FromInches(54)),
        new("60 in", Units.Length.FromInches(60)),
        new("137 cm", Units.Length.FromMillimetres(1370m)),
        new("150 cm", Units.Length.FromMillimetres(1500m)),
        new("280 cm", Units.Length.FromMillimetres(2800m)),
    ];
}
