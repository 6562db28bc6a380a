using System.Collections;
using System.Reflection;
using System.Runtime.Loader;

namespace Wrapper.Mutants;

/// <summary>One test with its arguments.</summary>
internal sealed record TestCase(int Index, string Name, Type Type, MethodInfo Method, object?[] Arguments)
{
    /// <summary>Runs it; true when it passed.</summary>
    public bool Passes()
    {
        try
        {
            var test = Activator.CreateInstance(Type);
            if (Method.Invoke(test, Arguments) is Task task)
            {
                task.GetAwaiter().GetResult();
            }

            (test as IDisposable)?.Dispose();
            return true;
        }
        catch (Exception)
        {
            return false;
        }
    }
}

/// <summary>The core's tests, run in this process against the core that holds the changes.</summary>
internal sealed class CoreTests
{
    /// <summary>
    /// Tests of rooms whose code is not changed, lays, orders, cards, what is cut and tried on; and sweeps that take longer than all tests
    /// together may take over one change.
    /// </summary>
    private static readonly string[] LeftOut =
    [
        "SweepTests",
        "LayPlannerTests",
        "LayConstraintsTests",
        "CutOrderTests",
        "MakeUpsTests",
        "ArchitectureTests",
        "OrderOfSewingTests",
        "SewingCardsTests",
        "FittingPropertiesTests",
        "ChalkingTests",
        "CuttingPlannerTests",
    ];

    private readonly FieldInfo _active;
    private readonly FieldInfo _recording;
    private readonly bool[] _hit;

    /// <param name="folder">Where the tests are.</param>
    /// <param name="core">The core that holds the changes.</param>
    /// <param name="active">A change that is on before anything is worked out, as catalogues are when the tests are listed; −1 for
    /// none.</param>
    public CoreTests(string folder, string core, int active = -1)
    {
        var context = new Context(folder, core);
        var type = context.LoadFromAssemblyPath(core).GetType("Wrapper.Core.Switch")!;
        (_active, _recording, _hit) = (
            type.GetField("Active")!,
            type.GetField("IsRecording")!,
            (bool[])type.GetField("Hit")!.GetValue(null)!
        );
        Active = active;
        Cases = [.. Find(context.LoadFromAssemblyPath(Path.Combine(folder, "Wrapper.Core.Tests.dll")))];
    }

    public IReadOnlyList<TestCase> Cases { get; }

    /// <summary>Which change is on; −1 for none.</summary>
    public int Active
    {
        set => _active.SetValue(null, value);
    }

    /// <summary>Whether a test passes, and the changes that its way leads past.</summary>
    public (bool Passes, List<int> Cover) Cover(TestCase test)
    {
        Array.Clear(_hit);
        _recording.SetValue(null, true);
        var passes = test.Passes();
        _recording.SetValue(null, false);
        return (passes, [.. Enumerable.Range(0, _hit.Length).Where(id => _hit[id])]);
    }

    private static IEnumerable<TestCase> Find(Assembly assembly)
    {
        var index = 0;
        foreach (
            var type in assembly
                .GetTypes()
                .Where(type => type is { IsClass: true, IsAbstract: false } && !LeftOut.Contains(type.Name))
                .OrderBy(type => type.FullName, StringComparer.Ordinal)
        )
        {
            foreach (
                var method in type.GetMethods(BindingFlags.Public | BindingFlags.Instance | BindingFlags.DeclaredOnly)
                    .OrderBy(method => method.Name, StringComparer.Ordinal)
            )
            {
                var attributes = method.GetCustomAttributes().ToList();
                if (!attributes.Exists(attribute => attribute.GetType().Name is "FactAttribute" or "TheoryAttribute"))
                {
                    continue;
                }

                foreach (var arguments in Data(type, method, attributes))
                {
                    yield return new(
                        index++,
                        $"{type.Name}.{method.Name}({string.Join(", ", arguments.Select(argument => argument?.ToString() ?? "null"))})",
                        type,
                        method,
                        arguments
                    );
                }
            }
        }
    }

    private static IEnumerable<object?[]> Data(Type type, MethodInfo method, List<Attribute> attributes)
    {
        if (method.GetParameters().Length == 0)
        {
            yield return [];
            yield break;
        }

        foreach (var attribute in attributes)
        {
            if (attribute.GetType().Name == "InlineDataAttribute")
            {
                yield return Fitted(method, (object?[])attribute.GetType().GetProperty("Data")!.GetValue(attribute)!);
            }
            else if (attribute.GetType().Name == "MemberDataAttribute")
            {
                var name = (string)attribute.GetType().GetProperty("MemberName")!.GetValue(attribute)!;
                foreach (var row in (IEnumerable)type.GetProperty(name, BindingFlags.Public | BindingFlags.Static)!.GetValue(null)!)
                {
                    yield return Fitted(
                        method,
                        row as object?[]
                            ?? (object?[])row.GetType().GetInterface("ITheoryDataRow")!.GetMethod("GetData")!.Invoke(row, null)!
                    );
                }
            }
        }
    }

    /// <summary>A whole number stands for a decimal one in an attribute.</summary>
    private static object?[] Fitted(MethodInfo method, object?[] values) =>
        [
            .. method
                .GetParameters()
                .Zip(values, (parameter, value) =>
                    (Nullable.GetUnderlyingType(parameter.ParameterType) ?? parameter.ParameterType)
                        is { IsPrimitive: true }
                            or { Name: "Decimal" }
                    && value is IConvertible and not Enum
                        ? Convert.ChangeType(
                            value,
                            Nullable.GetUnderlyingType(parameter.ParameterType) ?? parameter.ParameterType,
                            System.Globalization.CultureInfo.InvariantCulture
                        )
                        : value
                ),
        ];

    /// <summary>Takes the core that holds the changes, and everything else from beside the tests.</summary>
    private sealed class Context(string folder, string core) : AssemblyLoadContext
    {
        protected override Assembly? Load(AssemblyName name)
        {
            var path = name.Name == "Wrapper.Core" ? core : Path.Combine(folder, name.Name + ".dll");
            return File.Exists(path) ? LoadFromAssemblyPath(path) : null;
        }
    }
}
