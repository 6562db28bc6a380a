using System.Reflection;
using NetArchTest.Rules;
using Wrapper.Core.Drafting;
using Wrapper.Core.Units;
using Wrapper.Devices;
using Wrapper.Formats;
using Wrapper.Store;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>Dependencies point one way: the web to store, formats and core; the core to nothing.</summary>
public sealed class ArchitectureTests
{
    private static readonly Assembly Core = typeof(Length).Assembly;

    [Fact]
    public void The_core_depends_on_nothing_but_arithmetic()
    {
        // Threads only to plan a lay in two lanes, which do not hear of each other: the outcome stays the same on every machine.
        var allowed = new[] { "System.Threading", "System.Runtime", "System.Linq", "System.Collections", "System.Collections.Immutable", "System.Memory", "System.Runtime.Numerics", "System.Runtime.InteropServices" };
        Assert.All(Core.GetReferencedAssemblies(), reference => Assert.Contains(reference.Name, allowed));
        Assert.True(Types.InAssembly(Core).ShouldNot().HaveDependencyOnAny("System.IO", "System.Net", "System.Console", "System.Diagnostics.Stopwatch", "System.DateTime", "System.TimeProvider").GetResult().IsSuccessful);
    }

    [Theory]
    [InlineData(typeof(DraftRequest), "Wrapper.Core")]
    [InlineData(typeof(TapeFeed), "Wrapper.Core")]
    [InlineData(typeof(JobStore), "")]
    public void Formats_and_devices_know_the_core_and_the_store_knows_neither(Type inAssembly, string allowed) => Assert.All(
        inAssembly.Assembly.GetReferencedAssemblies().Where(reference => reference.Name!.StartsWith("Wrapper.", StringComparison.Ordinal)),
        reference => Assert.Equal(allowed, reference.Name));

    [Fact]
    public void No_construction_knows_a_form()
    {
        var names = ConstructionCatalogue.All.Keys.Select(id => string.Concat(id.Split('-').Select(word => char.ToUpperInvariant(word[0]) + word[1..]))).ToList();
        var constructions = Types.InAssembly(Core).That().ResideInNamespace("Wrapper.Core.Drafting").And().HaveNameMatching($"^({string.Join('|', names)})");
        Assert.True(constructions.GetTypes().Count() >= names.Count);
        Assert.True(constructions.ShouldNot().HaveDependencyOnAny("Wrapper.Core.Forms", "Wrapper.Core.Drafting.Things").GetResult().IsSuccessful);
    }

    [Fact]
    public void The_proof_shares_no_step_with_drafting()
    {
        // It reads what was entered and what came out; how drafting got from one to the other it must not know.
        var constructions = ConstructionCatalogue.All.Keys.Select(id => string.Concat(id.Split('-').Select(word => char.ToUpperInvariant(word[0]) + word[1..])));
        string[] drafting =
        [
            "Wrapper.Core.Drafting.Things",
            .. constructions.Concat(["FinishedSizes", "ClosedPlan", "PlanShapes", "PlanPerimeter", "FreeOutline", "StationPlan", "PieceMaker", "CutSize", "CornerRounding", "MiddleAndSides", "UnwashedCut"]).Select(name => "Wrapper.Core.Drafting." + name),
        ];
        Assert.All(drafting.Skip(1), name => Assert.Contains(Core.GetTypes(), type => type.FullName == name));
        var result = Types.InAssembly(Core).That().ResideInNamespace("Wrapper.Core.Proof").ShouldNot().HaveDependencyOnAny(drafting).GetResult();
        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Fact]
    public void Lower_layers_of_the_core_do_not_know_the_higher_ones()
    {
        Free("Wrapper.Core.Units", "Wrapper.Core.Working", "Wrapper.Core.Geometry", "Wrapper.Core.Drafting", "Wrapper.Core.Cloth", "Wrapper.Core.Forms");
        Free("Wrapper.Core.Geometry", "Wrapper.Core.Working", "Wrapper.Core.Drafting", "Wrapper.Core.Cloth", "Wrapper.Core.Forms");
        Free("Wrapper.Core.Working", "Wrapper.Core.Drafting", "Wrapper.Core.Cloth", "Wrapper.Core.Forms");
        Free("Wrapper.Core.Drafting", "Wrapper.Core.Cloth");

        static void Free(string lower, params string[] higher) => Assert.True(
            Types.InAssembly(Core).That().ResideInNamespace(lower).ShouldNot().HaveDependencyOnAny(higher).GetResult().IsSuccessful, lower);
    }
}
