using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace Wrapper.Web;

/// <summary>The address at which phones reach measuring sheets, from <c>--listen</c>; they find sheets there and nothing else.</summary>
/// <param name="Endpoint">Where the application listens for them; null without <c>--listen</c>.</param>
public sealed record SheetAddress(IPEndPoint? Endpoint)
{
    private static readonly string[] Pages = ["/sheet/", "/api/sheets/", "/assets/", "/favicon"];

    /// <summary>What a phone puts before the sheet's path; null when there is nothing to reach.</summary>
    public string? Base => Endpoint is { } end ? $"http://{(end.Address.Equals(IPAddress.Any) ? Own() : end.Address)}:{end.Port}" : null;

    /// <summary>Reads <c>ADDRESS:PORT</c>; null for none.</summary>
    /// <exception cref="FormatException">It is no address with a port.</exception>
    public static SheetAddress Read(string? listen) =>
        string.IsNullOrWhiteSpace(listen) ? new((IPEndPoint?)null)
        : IPEndPoint.TryParse(listen, out var end) && end.Port > 0 ? new(end)
        : throw new FormatException($"--listen wants an address with a port, as 0.0.0.0:5190, not “{listen}”.");

    /// <summary>True when a request that came in at the phones' address may be answered.</summary>
    public bool Allows(HttpContext context) =>
        Endpoint is not { } end
        || context.Connection.LocalPort != end.Port
        || Array.Exists(Pages, page =>
            context.Request.Path.StartsWithSegments(page.TrimEnd('/'))
            || context.Request.Path.Value!.StartsWith(page, StringComparison.Ordinal)
        );

    private static string Own() =>
        NetworkInterface
            .GetAllNetworkInterfaces()
            .Where(card => card.OperationalStatus == OperationalStatus.Up && card.NetworkInterfaceType != NetworkInterfaceType.Loopback)
            .SelectMany(card => card.GetIPProperties().UnicastAddresses)
            .Where(address => address.Address.AddressFamily == AddressFamily.InterNetwork)
            .Select(address => address.Address.ToString())
            .FirstOrDefault()
        ?? "127.0.0.1";
}
