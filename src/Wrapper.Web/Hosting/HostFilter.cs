using System.Net;

namespace Wrapper.Web.Hosting;

/// <summary>
/// Answers only requests for one of this computer's own names. A page elsewhere could make its own name resolve to this
/// computer, and would then share our origin.
/// </summary>
/// <param name="next">What answers.</param>
/// <param name="sheets">Where phones come in.</param>
public sealed class HostFilter(RequestDelegate next, SheetAddress sheets)
{
    /// <summary>This machine by name; within a house it is also found with <c>.local</c> behind it.</summary>
    private static readonly string[] Names =
    [
        "localhost",
        Environment.MachineName,
        $"{Environment.MachineName}.local",
        Dns.GetHostName(),
        $"{Dns.GetHostName()}.local",
    ];

    /// <summary>Lets through what is asked of this computer by one of its own names or addresses.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        if (IsOwn(context.Request.Host.Host, context.Connection.LocalIpAddress))
        {
            await next(context);
            return;
        }

        await TypedResults
            .Problem(
                "This is not a name of the computer that Wrapper runs on. Open it by localhost, by "
                    + "the computer’s own name or by its address.",
                statusCode: StatusCodes.Status421MisdirectedRequest
            )
            .ExecuteAsync(context);
    }

    /// <summary>A name or an address of this machine.</summary>
    /// <param name="host">What the request asks for, without its port.</param>
    /// <param name="arrivedAt">The address it came in at; null where there is no network between.</param>
    public bool IsOwn(string host, IPAddress? arrivedAt) =>
        IPAddress.TryParse(host.Trim('[', ']'), out var address)
            ? IPAddress.IsLoopback(address)
                || Plain(address).Equals(arrivedAt is null ? null : Plain(arrivedAt))
                || Plain(address).Equals(sheets.Endpoint?.Address)
            : Names.Contains(host, StringComparer.OrdinalIgnoreCase);

    private static IPAddress Plain(IPAddress address) => address.IsIPv4MappedToIPv6 ? address.MapToIPv4() : address;
}
