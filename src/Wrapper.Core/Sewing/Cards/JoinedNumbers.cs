namespace Wrapper.Core.Sewing.Cards;

/// <summary>Numbers of which some become one: what is joined is found under the smallest of them.</summary>
internal sealed class JoinedNumbers
{
    private readonly List<int> _joinedTo = [];

    /// <summary>A further number, joined to none.</summary>
    public int Next()
    {
        _joinedTo.Add(_joinedTo.Count);
        return _joinedTo.Count - 1;
    }

    /// <summary>The number that stands for all that this one is joined to.</summary>
    public int Found(int number)
    {
        while (_joinedTo[number] != number)
        {
            number = _joinedTo[number] = _joinedTo[_joinedTo[number]];
        }

        return number;
    }

    /// <summary>From here on both are one.</summary>
    /// <returns>False where they were one already.</returns>
    public bool Join(int one, int other)
    {
        var (first, second) = (Found(one), Found(other));
        _joinedTo[Math.Max(first, second)] = Math.Min(first, second);
        return first != second;
    }
}
