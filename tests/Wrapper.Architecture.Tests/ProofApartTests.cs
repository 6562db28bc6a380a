using Mono.Cecil;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Xunit;

namespace Wrapper.Architecture.Tests;

/// <summary>
/// What a finished cover has to measure stands in the same file as how it is drafted, and shares no step with it: every call
/// that leads out of it is followed to its end, and none comes to what drafting uses.
/// </summary>
public sealed class ProofApartTests
{
    private static readonly string[] Drafting =
    [
        "Wrapper.Core.Parts",
        "Wrapper.Core.Constructions",
        "Wrapper.Core.Forms.Things",
        "Wrapper.Core.Drafting",
    ];

    [Fact]
    public void What_a_finished_cover_measures_is_reckoned_without_drafting()
    {
        using var core = AssemblyDefinition.ReadAssembly(typeof(Drafter).Assembly.Location);
        var types = core.MainModule.GetTypes().ToList();
        var methods = types.SelectMany(type => type.Methods).ToDictionary(method => method.FullName);
        // What is told in a line stands in a class of the compiler's inside the form's own.
        static TypeDefinition Outer(MethodDefinition method) => method.DeclaringType.DeclaringType ?? method.DeclaringType;
        var begins = methods
            .Values.Where(method =>
                Outer(method).Namespace.StartsWith("Wrapper.Core.Forms", StringComparison.Ordinal)
                && !Drafting.Contains(Outer(method).Namespace)
                && (method.ReturnType.Name is "ExpectedCover" or "ExpectedSkirt" or "Expectation" || method.Name == "Finished")
            )
            .ToList();
        Assert.True(begins.Count >= FormCatalogue.All.Count, $"{begins.Count} ways to begin");

        var seen = new HashSet<string>();
        var open = new Stack<(MethodDefinition Method, string Way)>(begins.Select(method => (method, Outer(method).Name)));
        var reached = new List<string>();
        while (open.TryPop(out var at))
        {
            if (!seen.Add(at.Method.FullName) || at.Method.Body is null)
            {
                continue;
            }

            foreach (var called in at.Method.Body.Instructions.Select(instruction => instruction.Operand).OfType<MethodReference>())
            {
                var way = $"{at.Way} → {called.DeclaringType.Name}.{called.Name}";
                var space = (called.DeclaringType.DeclaringType ?? called.DeclaringType).Namespace ?? "";
                if (
                    Drafting.Any(room => space == room || space.StartsWith(room + ".", StringComparison.Ordinal))
                    || called.DeclaringType.Name == "FinishedSizes"
                )
                {
                    reached.Add(way);
                }
                else if (methods.TryGetValue(called.Resolve()?.FullName ?? "", out var next))
                {
                    open.Push((next, way));
                }
            }
        }

        Assert.True(seen.Count > 60, $"only {seen.Count} methods were followed");
        Assert.Empty(reached);
    }
}
