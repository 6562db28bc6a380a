using System.Reflection;
using NetArchTest.Rules;
using Wrapper.Core.Constructions;
using Wrapper.Core.Units;
using Wrapper.Devices;
using Wrapper.Formats.Documents;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web;
using Xunit;

namespace Wrapper.Architecture.Tests;

/// <summary>Dependencies point one way: the web to store, formats and core; the core to nothing.</summary>
public sealed class ArchitectureTests
{
    private static readonly Assembly Core = typeof(Length).Assembly;

    [Fact]
    public void The_core_depends_on_nothing_but_arithmetic()
    {
        // Threads only to plan a lay in two lanes, which do not hear of each other: the outcome stays the same on every machine.
        var allowed = new[]
        {
            "System.Threading",
            "System.Runtime",
            "System.Linq",
            "System.Collections",
            "System.Collections.Immutable",
            "System.Memory",
            "System.Runtime.Numerics",
            "System.Runtime.InteropServices",
        };
        Assert.All(Core.GetReferencedAssemblies(), reference => Assert.Contains(reference.Name, allowed));
        Assert.True(
            Types
                .InAssembly(Core)
                .ShouldNot()
                .HaveDependencyOnAny(
                    "System.IO",
                    "System.Net",
                    "System.Console",
                    "System.Diagnostics.Stopwatch",
                    "System.DateTime",
                    "System.TimeProvider"
                )
                .GetResult()
                .IsSuccessful
        );
    }

    /// <summary>The projects each of them may refer to.</summary>
    [Theory]
    [InlineData(typeof(CoverDocument), "Wrapper.Core")]
    [InlineData(typeof(JobPlan), "Wrapper.Core Wrapper.Formats")]
    [InlineData(typeof(TapeFeed), "Wrapper.Core")]
    [InlineData(typeof(JobStore), "")]
    public void Projects_depend_one_way(Type inAssembly, string allowed) =>
        Assert.All(
            inAssembly
                .Assembly.GetReferencedAssemblies()
                .Where(reference => reference.Name!.StartsWith("Wrapper.", StringComparison.Ordinal)),
            reference => Assert.Contains(reference.Name, allowed.Split(' '))
        );

    /// <summary>What a whole job works out knows no request, no database and no JSON text; its documents are records.</summary>
    [Fact]
    public void The_application_layer_speaks_no_protocol() =>
        Assert.True(
            Types
                .InAssembly(typeof(JobPlan).Assembly)
                .ShouldNot()
                .HaveDependencyOnAny("Microsoft.AspNetCore", "Microsoft.Data.Sqlite", "System.Net", "System.Text.Json.JsonSerializer")
                .GetResult()
                .IsSuccessful
        );

    /// <summary>Endpoints map addresses, and nothing else stands among them.</summary>
    [Fact]
    public void The_endpoints_folder_holds_endpoints_only() =>
        Assert.All(
            typeof(JobChanges)
                .Assembly.GetTypes()
                .Where(type =>
                    type is { IsNested: false, IsAbstract: true, IsSealed: true }
                    && type.Namespace!.StartsWith("Wrapper.Web.Endpoints", StringComparison.Ordinal)
                ),
            type => Assert.EndsWith("Endpoints", type.Name, StringComparison.Ordinal)
        );

    /// <summary>The rooms of the core from the ground up: each may know those before it and none after it.</summary>
    internal static readonly string[] Rooms =
    [
        "English",
        "Units",
        "Working",
        "Geometry",
        "Checks",
        "Pattern",
        "Proof",
        "Catalogue",
        "Reading",
        "Parts",
        "Constructions",
        "Forms",
        "Drafting",
        "Sewing",
        "Lays",
        "Buying",
        "Cutting",
        "Fitting",
        "Costing",
        "Judgement",
    ];

    /// <summary>What a room may not know although it stands before it: a planner lays pieces and knows nothing of covers.</summary>
    public static TheoryData<string, string> Walls =>
        new()
        {
            { "Lays", "Pattern Proof Catalogue Reading Parts Constructions Forms Drafting Sewing" },
            { "Sewing", "Proof Parts Constructions Forms" },
            { "Geometry", "Working" },
            { "Proof", "Working" },
            { "Costing", "Lays Buying Reading Parts Constructions Forms" },
        };

    /// <summary>The rooms by name.</summary>
    public static TheoryData<string> RoomNames => [.. Rooms];

    [Fact]
    public void Every_type_of_the_core_stands_in_a_room()
    {
        var found = Core.GetTypes()
            .Where(type => type.Namespace?.StartsWith("Wrapper.", StringComparison.Ordinal) == true)
            .Select(type => type.Namespace!.Split('.').ElementAtOrDefault(2))
            .Distinct()
            .Order();
        Assert.Equal(Rooms.Order(), found);
    }

    [Theory]
    [MemberData(nameof(RoomNames))]
    public void Doors_between_rooms_open_one_way(string room)
    {
        var above = Rooms.SkipWhile(other => other != room).Skip(1).Select(other => $"Wrapper.Core.{other}").ToArray();
        Free($"Wrapper.Core.{room}", above);
    }

    [Theory]
    [MemberData(nameof(Walls))]
    public void There_is_no_door_where_there_is_a_wall(string room, string behind) =>
        Free($"Wrapper.Core.{room}", [.. behind.Split(' ').Select(other => $"Wrapper.Core.{other}")]);

    [Fact]
    public void Every_construction_has_a_room_of_its_own_and_knows_no_other()
    {
        var folders = ConstructionCatalogue
            .All.Keys.Select(id =>
                Core.GetTypes()
                    .Single(type =>
                        type.GetField("Id")?.GetRawConstantValue() as string == id
                        && type.Namespace!.StartsWith("Wrapper.Core.Constructions.", StringComparison.Ordinal)
                    )
                    .Namespace!
            )
            .Distinct()
            .ToList();
        Assert.True(folders.Count >= 10);
        Assert.All(folders, folder => Free(folder, [.. folders.Where(other => other != folder)]));
    }

    /// <summary>The other projects: a folder that knows another is not known by it, however far round.</summary>
    [Theory]
    [InlineData(typeof(CoverDocument))]
    [InlineData(typeof(JobPlan))]
    [InlineData(typeof(JobStore))]
    [InlineData(typeof(TapeFeed))]
    [InlineData(typeof(JobChanges))]
    public void No_circle_runs_through_folders(Type inAssembly)
    {
        var own = inAssembly.Assembly.GetName().Name!;
        var folders = inAssembly
            .Assembly.GetTypes()
            .Select(type => type.Namespace)
            .OfType<string>()
            .Where(name => name == own || name.StartsWith(own + ".", StringComparison.Ordinal))
            .Distinct()
            .ToList();
        Assert.NotEmpty(folders);
        var known = folders.ToDictionary(
            folder => folder,
            folder => folders.Where(other => other != folder && Knows(inAssembly.Assembly, folder, other)).ToList()
        );
        while (known.FirstOrDefault(pair => pair.Value.TrueForAll(other => !known.ContainsKey(other))) is { Key: { } free })
        {
            known.Remove(free); // it knows none that is left, so no circle runs through it
        }

        Assert.True(known.Count == 0, string.Join('\n', known.Select(pair => $"{pair.Key} knows {string.Join(", ", pair.Value)}")));
    }

    /// <summary>Types of exactly one folder name one of exactly another; what stands deeper inside does not count.</summary>
    private static bool Knows(Assembly assembly, string folder, string other)
    {
        var target = assembly
            .GetTypes()
            .Where(type => type.Namespace == other)
            .Select(type => type.FullName!.Split('+')[0])
            .Distinct()
            .ToArray();
        return Types
            .InAssembly(assembly)
            .That()
            .ResideInNamespaceMatching($"^{folder.Replace(".", @"\.", StringComparison.Ordinal)}$")
            .And()
            .HaveDependencyOnAny(target)
            .GetTypes()
            .Any();
    }

    private static void Free(string room, params string[] others)
    {
        var inside = Types
            .InAssembly(Core)
            .That()
            .ResideInNamespaceMatching($"^{room.Replace(".", @"\.", StringComparison.Ordinal)}($|\\.)");
        Assert.NotEmpty(inside.GetTypes());
        var result = others.Length == 0 ? null : inside.ShouldNot().HaveDependencyOnAny(others).GetResult();
        Assert.True(result is null or { IsSuccessful: true }, $"{room}: {string.Join(", ", result?.FailingTypeNames ?? [])}");
    }
}
