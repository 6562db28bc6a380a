using System.Reflection;
using NetArchTest.Rules;
using Wrapper.Core.Units;
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
        var allowed = new[] { "System.Runtime", "System.Linq", "System.Collections", "System.Collections.Immutable", "System.Memory", "System.Runtime.Numerics", "System.Runtime.InteropServices" };
        Assert.All(Core.GetReferencedAssemblies(), reference => Assert.Contains(reference.Name, allowed));
        Assert.True(Types.InAssembly(Core).ShouldNot().HaveDependencyOnAny("System.IO", "System.Net", "System.Console", "System.Diagnostics.Stopwatch", "System.DateTime", "System.TimeProvider").GetResult().IsSuccessful);
    }

    [Theory]
    [InlineData(typeof(DraftRequest), "Wrapper.Core")]
    [InlineData(typeof(JobStore), "")]
    public void Formats_know_the_core_and_the_store_knows_neither(Type inAssembly, string allowed) => Assert.All(
        inAssembly.Assembly.GetReferencedAssemblies().Where(reference => reference.Name!.StartsWith("Wrapper.", StringComparison.Ordinal)),
        reference => Assert.Equal(allowed, reference.Name));

    [Fact]
    public void No_construction_knows_a_form()
    {
        var constructions = Types.InAssembly(Core).That().HaveNameStartingWith("BoxingStrip", StringComparison.Ordinal)
            .Or().HaveNameStartingWith("WrapNotched", StringComparison.Ordinal)
            .Or().HaveNameStartingWith("WrapFolded", StringComparison.Ordinal)
            .Or().HaveNameStartingWith("PanelsFolded", StringComparison.Ordinal);
        Assert.NotEmpty(constructions.GetTypes());
        Assert.True(constructions.ShouldNot().HaveDependencyOn("Wrapper.Core.Forms.BoxCushion").GetResult().IsSuccessful);
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
