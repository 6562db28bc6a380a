using Mono.Cecil;
using Mono.Cecil.Cil;
using Wrapper.Core.Drafting;
using Wrapper.Web;
using Xunit;

namespace Wrapper.Architecture.Tests;

/// <summary>
/// What the product decides, it decides by types: a check's code, a text that is shown and a word of the open format are read
/// and written at the doors and compared nowhere else.
/// </summary>
public sealed class DecisionsByTypeTests
{
    /// <summary>Where texts come in and their words are read.</summary>
    private static readonly string[] Doors = ["Wrapper.Core.Units", "Wrapper.Core.Reading", "Wrapper.Core.Reading.Readers"];

    private static readonly string[] Comparing = ["StartsWith", "EndsWith", "Contains", "IndexOf"];

    private static readonly string[] InputPaths = ["measures.", "rules.", "options.", "cloth.", "construction", "shape"];

    [Fact]
    public void Nothing_is_decided_by_a_checks_code()
    {
        var (core, web) = (Methods(typeof(Drafter)), Methods(typeof(JobChanges)));
        var decided = core.Concat(web)
            .Where(method =>
                method.Name != "PrintMembers" && Calls(method, "Wrapper.Core.Checks.Check", "get_Code") && Literals(method).Any()
            )
            .Select(method => method.FullName);
        Assert.Empty(decided);
    }

    [Fact]
    public void Nothing_is_decided_by_how_a_text_begins_or_ends()
    {
        var decided = Methods(typeof(Drafter))
            .Where(method => !Doors.Contains(Outer(method).Namespace))
            .Where(ComparesWithAWord)
            .Select(method => $"{Outer(method).FullName}.{method.Name}");
        Assert.True(!decided.Any(), string.Join('\n', decided.Distinct()));
    }

    /// <summary>What an edge is, it says by its side, its layer and its function: its word is only looked up.</summary>
    [Fact]
    public void Nothing_takes_the_name_of_an_edge_apart()
    {
        var apart = Methods(typeof(Drafter)).Where(TakesEdgeNameApart).Select(method => $"{Outer(method).FullName}.{method.Name}");
        Assert.True(!apart.Any(), string.Join('\n', apart.Distinct()));
    }

    private static bool TakesEdgeNameApart(MethodDefinition method) =>
        method
            .Body.Instructions.Where(instruction =>
                instruction.Operand is MethodReference { DeclaringType.Name: "EdgeName", Name: "get_Word" or "op_Implicit" }
            )
            .Any(instruction => Following(instruction).Take(8).Any(TakesTextApart));

    private static IEnumerable<Instruction> Following(Instruction from)
    {
        for (var instruction = from.Next; instruction is not null; instruction = instruction.Next)
        {
            yield return instruction;
        }
    }

    private static bool TakesTextApart(Instruction instruction) =>
        instruction.Operand
            is MethodReference
            {
                DeclaringType.FullName: "System.String",
                Name: "Split"
                    or "Replace"
                    or "Substring"
                    or "StartsWith"
                    or "EndsWith"
                    or "Contains"
                    or "IndexOf"
                    or "LastIndexOf"
                    or "get_Length"
                    or "get_Chars",
            };

    [Fact]
    public void The_kind_of_a_piece_is_compared_as_a_type() =>
        Assert.Empty(
            Methods(typeof(Drafter))
                .Where(method => Calls(method, "Wrapper.Core.Pattern.Piece", "get_Id") && Calls(method, "System.String", "op_Equality"))
                .Select(method => method.FullName)
        );

    /// <summary>
    /// A definition carries its own name and guidance, where it is listed; all else that is said stands in the room of its language.
    /// </summary>
    [Fact]
    public void What_is_said_stands_in_one_place()
    {
        var said = Methods(typeof(Drafter))
            .Where(method =>
                !Outer(method).Namespace.StartsWith("Wrapper.Core.English", StringComparison.Ordinal)
                && method.Name != ".cctor"
                && !method.ReturnType.Name.EndsWith("Definition", StringComparison.Ordinal)
            )
            .SelectMany(method =>
                method.Body.Instructions.Where(Says).Select(instruction => $"{Outer(method).FullName}.{method.Name}: {instruction.Operand}")
            );
        Assert.True(!said.Any(), string.Join('\n', said));
    }

    /// <summary>A sentence, or the words on a button that mends an input; what is thrown at a programmer is neither.</summary>
    private static bool Says(Instruction instruction)
    {
        if (instruction.Operand is not string text || !text.Contains(' ', StringComparison.Ordinal))
        {
            return false;
        }

        var isMend = instruction.Next.Operand is string path && InputPaths.Any(start => path.StartsWith(start, StringComparison.Ordinal));
        return isMend || ((text.EndsWith('.') || text.EndsWith('?') || text.EndsWith('!')) && !IsThrown(instruction));
    }

    private static bool IsThrown(Instruction from)
    {
        for (var instruction = from; instruction is not null; instruction = instruction.Next)
        {
            if (instruction.OpCode == OpCodes.Newobj)
            {
                return ((MethodReference)instruction.Operand).DeclaringType.Name.EndsWith("Exception", StringComparison.Ordinal)
                    && ((MethodReference)instruction.Operand).DeclaringType.Name != "UnreadableLengthException";
            }
        }

        return false;
    }

    private static List<MethodDefinition> Methods(Type inAssembly)
    {
        var module = AssemblyDefinition.ReadAssembly(inAssembly.Assembly.Location).MainModule;
        List<MethodDefinition> methods = [.. module.GetTypes().SelectMany(type => type.Methods).Where(method => method.HasBody)];
        Assert.True(methods.Count > 100, $"only {methods.Count} methods were read");
        return methods;
    }

    /// <summary>A word of the code's own is handed to the comparison: it stands just before the call.</summary>
    private static bool ComparesWithAWord(MethodDefinition method) =>
        method.Body.Instructions.Any(instruction =>
            instruction.Operand is MethodReference { DeclaringType.FullName: "System.String" } called
            && Comparing.Contains(called.Name)
            && (instruction.Previous?.OpCode == OpCodes.Ldstr || instruction.Previous?.Previous?.OpCode == OpCodes.Ldstr)
        );

    private static TypeDefinition Outer(MethodDefinition method) => method.DeclaringType.DeclaringType ?? method.DeclaringType;

    private static bool Calls(MethodDefinition method, string type, string name) =>
        method
            .Body.Instructions.Select(instruction => instruction.Operand)
            .OfType<MethodReference>()
            .Any(called => called.DeclaringType.FullName == type && called.Name == name);

    private static IEnumerable<string> Literals(MethodDefinition method) =>
        method
            .Body.Instructions.Where(instruction => instruction.OpCode == OpCodes.Ldstr)
            .Select(instruction => (string)instruction.Operand);
}
