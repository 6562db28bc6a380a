namespace Wrapper.Web.Planning;

/// <summary>Marks an endpoint whose answer takes long, or never ends: nobody stands still for it.</summary>
public sealed class TakesItsTime
{
    /// <summary>The one mark there is.</summary>
    public static TakesItsTime Mark { get; } = new();
}

/// <summary>Marks endpoints as they are mapped.</summary>
internal static class TakingTime
{
    /// <summary>The answer takes long, or never ends.</summary>
    public static T TakesTime<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.WithMetadata(TakesItsTime.Mark);
}
