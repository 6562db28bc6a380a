using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Cloth that goes down a gap.</summary>
internal static class Tuck
{
    /// <summary>What is wanted, or what the gap gives where that is less.</summary>
    public static Worked Used(Worked wanted, Worked free) => wanted.Value <= free.Value ? wanted : free;
}
