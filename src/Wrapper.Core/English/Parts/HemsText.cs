namespace Wrapper.Core.English.Parts;

/// <summary>What is said of hems that a ready-made cloth has already.</summary>
internal static class HemsText
{
    internal static string Kept(string piece) =>
        $"{piece}: where it lies on the hem of the cloth, that hem stays, and none is turned there.";
}
