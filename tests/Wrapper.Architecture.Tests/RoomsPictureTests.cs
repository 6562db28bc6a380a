using System.Text;
using Mono.Cecil;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Architecture.Tests;

/// <summary>
/// The picture of the rooms in docs/rooms.svg is drawn from the code: a row a room, a dot under each room it knows. Dots stand on
/// one side of the diagonal only, or a door opens the wrong way. <c>WRAPPER_GOLDEN=write</c> draws it anew.
/// </summary>
public sealed class RoomsPictureTests
{
    private const int Cell = 26;
    private const int Names = 130;

    [Fact]
    public void The_picture_of_the_rooms_shows_the_rooms_as_they_are()
    {
        var file = Path.Combine(Wrapper.Tests.Repository.Root(), "docs", "rooms.svg");
        var drawn = Draw(Known());
        var was = File.ReadAllText(file);
        if (Environment.GetEnvironmentVariable("WRAPPER_GOLDEN") == "write")
        {
            File.WriteAllText(file, drawn);
        }

        Assert.Equal(was, drawn);
    }

    /// <summary>For each room those whose types it names anywhere.</summary>
    private static Dictionary<string, HashSet<string>> Known()
    {
        using var module = ModuleDefinition.ReadModule(typeof(Length).Assembly.Location);
        var known = ArchitectureTests.Rooms.ToDictionary(room => room, _ => new HashSet<string>());
        foreach (var type in module.GetTypes().Where(type => RoomOf(type) is not null))
        {
            var named = type
                .Methods.SelectMany(Named)
                .Concat(type.Fields.Select(field => field.FieldType))
                .Concat(type.BaseType is null ? [] : [type.BaseType]);
            known[RoomOf(type)!].UnionWith(named.SelectMany(Flat).Select(RoomOf).OfType<string>().Where(room => room != RoomOf(type)));
        }

        return known;
    }

    private static IEnumerable<TypeReference> Named(MethodDefinition method) =>
        method
            .Parameters.Select(parameter => parameter.ParameterType)
            .Append(method.ReturnType)
            .Concat(
                !method.HasBody
                    ? []
                    : method
                        .Body.Variables.Select(variable => variable.VariableType)
                        .Concat(
                            method
                                .Body.Instructions.Select(instruction =>
                                    instruction.Operand switch
                                    {
                                        MethodReference called => called.DeclaringType,
                                        FieldReference field => field.DeclaringType,
                                        TypeReference named => named,
                                        _ => null,
                                    }
                                )
                                .OfType<TypeReference>()
                        )
            );

    private static IEnumerable<TypeReference> Flat(TypeReference type) =>
        type is GenericInstanceType generic ? generic.GenericArguments.SelectMany(Flat).Append(generic.ElementType)
        : type is TypeSpecification wrapped ? Flat(wrapped.ElementType)
        : [type];

    private static string? RoomOf(TypeReference type)
    {
        var outer = type;
        while (outer.DeclaringType is not null)
        {
            outer = outer.DeclaringType;
        }

        return outer.Namespace.StartsWith("Wrapper.Core.", StringComparison.Ordinal) ? outer.Namespace.Split('.')[2] : null;
    }

    private static string Draw(Dictionary<string, HashSet<string>> known)
    {
        var rooms = ArchitectureTests.Rooms;
        var (width, height) = (Names + (Cell * rooms.Length) + 10, Names + (Cell * rooms.Length) + 10);
        var svg = new StringBuilder();
        void Put(string line) => svg.Append(line).Append('\n'); // every figure is a whole number
        Put(
            $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{width}\" height=\"{height}\" viewBox=\"0 0 {width} "
                + $"{height}\" font-family=\"sans-serif\" font-size=\"13\">"
        );
        Put($"<title>Who knows whom in the core: a dot where the room on the left knows the room above</title>");
        Put($"<rect width=\"{width}\" height=\"{height}\" fill=\"#fdf9f1\"/>");
        for (var row = 0; row < rooms.Length; row++)
        {
            var y = Names + (Cell * row);
            Put(
                $"<rect x=\"{Names}\" y=\"{y}\" width=\"{Cell * rooms.Length}\" height=\"{Cell}\" "
                    + $"fill=\"{(row % 2 == 0 ? "#f3ead8" : "#fdf9f1")}\"/>"
            );
            Put($"<rect x=\"{Names + (Cell * row)}\" y=\"{y}\" width=\"{Cell}\" height=\"{Cell}\" fill=\"#f2b93b\"/>");
            Put($"<text x=\"{Names - 8}\" y=\"{y + 17}\" text-anchor=\"end\" fill=\"#22303a\">{rooms[row]}</text>");
            Put($"<text transform=\"translate({Names + (Cell * row) + 17} {Names - 8}) rotate(-90)\" fill=\"#22303a\">{rooms[row]}</text>");
            for (var column = 0; column < rooms.Length; column++)
            {
                if (known[rooms[row]].Contains(rooms[column]))
                {
                    Put(
                        $"<circle cx=\"{Names + (Cell * column) + (Cell / 2)}\" cy=\"{y + (Cell / 2)}\" r=\"6\" "
                            + $"fill=\"{(column < row ? "#22303a" : "#b3261e")}\"/>"
                    );
                }
            }
        }

        return svg.Append("</svg>\n").ToString();
    }
}
