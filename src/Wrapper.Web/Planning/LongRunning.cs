namespace Wrapper.Web.Planning;

/// <summary>
/// Marks an endpoint whose answer takes long or never ends, so that planners do not stand aside for it.
/// </summary>
public sealed class LongRunning
{
    /// <summary>The one mark there is.</summary>
    public static LongRunning Mark { get; } = new();
}

/// <summary>Marks endpoints as they are mapped.</summary>
internal static class LongRunningEndpoints
{
    /// <summary>The answer takes long, or never ends.</summary>
    public static T TakesTime<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.WithMetadata(LongRunning.Mark);
}
