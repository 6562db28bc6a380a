using System.Reflection;
using System.Text.Json.Serialization.Metadata;

namespace Wrapper.Web.Hosting;

/// <summary>
/// What a request cannot do without is asked for as it is read: a member that is never null in the code has to be said in the
/// JSON, or the answer names it. Documents are not touched: an unfinished cover says little, and is kept.
/// </summary>
internal static class RequiredMembers
{
    private static readonly string Requests = typeof(JobChanges).Namespace + ".";

    /// <summary>Marks the members of a request's types.</summary>
    public static void Ask(JsonTypeInfo type)
    {
        if (
            type.Kind != JsonTypeInfoKind.Object
            || type.Type.Namespace?.StartsWith(Requests, StringComparison.Ordinal) != true
            || type.Type.GetConstructors() is not [{ } constructor]
        )
        {
            return;
        }

        var nullability = new NullabilityInfoContext();
        foreach (
            var parameter in constructor
                .GetParameters()
                .Where(parameter => !parameter.HasDefaultValue && !parameter.ParameterType.IsValueType)
        )
        {
            if (
                nullability.Create(parameter).ReadState == NullabilityState.NotNull
                && type.Properties.FirstOrDefault(property =>
                    string.Equals(property.Name, parameter.Name, StringComparison.OrdinalIgnoreCase)
                )
                    is { } member
            )
            {
                member.IsRequired = true;
            }
        }
    }
}
