using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>Reads which cloth is given to which role of a cover. Whether there is such a piece is seen when it is drafted.</summary>
internal sealed class RoleReader(CoverInput input, LengthUnit unit, List<Check> checks) : Reader(unit, checks)
{
    private const int MostRoles = 100;
    private const int MostInTurn = 12;

    public ClothPlan Read()
    {
        Checks.AddRange(input.ClothChecks);
        if (input.ClothChecks.HasError())
        {
            return ClothPlan.None;
        }

        if (input.Cloths.Count == 0)
        {
            return NothingToGive();
        }

        var own = input.OwnKey!;
        if (!input.Cloths.ContainsKey(own))
        {
            Fail("unknown-cloth", ReadingText.UnknownCloth(own, Known), "cloth");
            return ClothPlan.None;
        }

        if (input.Roles.Count > MostRoles)
        {
            Fail("list-too-long", ReadingText.ListTooLong(input.Roles.Count, "roles", MostRoles), "roles");
            return ClothPlan.None;
        }

        var roles = new Dictionary<string, IReadOnlyList<string>>();
        foreach (var (role, keys) in input.Roles)
        {
            List<string> given = [.. keys.Where(key => !string.IsNullOrWhiteSpace(key))];
            if (given.Count > MostInTurn)
            {
                Fail("list-too-long", ReadingText.ListTooLong(given.Count, $"roles.{role}", MostInTurn), $"roles.{role}");
            }
            else if (given.Find(key => !input.Cloths.ContainsKey(key)) is { } unknown)
            {
                Refuse(role, ReadingText.UnknownClothOfRole(unknown, role, Known));
            }
            else if (given.Count > 0)
            {
                roles[role] = given;
            }
        }

        return new(input.Cloths, own, roles);
    }

    private string Known => string.Join(", ", input.Cloths.Keys);

    /// <summary>Without cloths to choose from, a role that names one names none there is.</summary>
    private ClothPlan NothingToGive()
    {
        foreach (var (role, keys) in input.Roles)
        {
            if (keys.FirstOrDefault(key => !string.IsNullOrWhiteSpace(key)) is { } unknown)
            {
                Refuse(role, ReadingText.UnknownClothOfRole(unknown, role, null));
            }
        }

        return ClothPlan.None;
    }

    private void Refuse(string role, string text) =>
        Checks.Add(
            Check.Error("unknown-cloth", text, $"roles.{role}", new Mend(ReadingText.ToTheCoversOwnCloth, $"roles.{role}", "")) with
            {
                Concerns = CheckConcern.Cloth,
            }
        );
}
