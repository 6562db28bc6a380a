using QRCoder;

namespace Wrapper.Web.Answers;

/// <summary>An address as a square code that a phone’s camera reads.</summary>
internal static class QrCode
{
    /// <summary>The code as a picture.</summary>
    /// <param name="address">The address.</param>
    /// <param name="ground">What it stands on.</param>
    public static string Svg(string address, string ground)
    {
        using var generator = new QRCodeGenerator();
        using var data = generator.CreateQrCode(address, QRCodeGenerator.ECCLevel.M);
        using var code = new SvgQRCode(data);
        return code.GetGraphic(4, "#22303a", ground, sizingMode: SvgQRCode.SizingMode.ViewBoxAttribute);
    }
}
