using System.Text.Json.Nodes;

namespace Wrapper.Web.Tests.Hostile;

/// <summary>
/// Documents of the demo with one to three places changed: null, of another type, huge, deep, swapped, left out, doubled.
/// </summary>
internal sealed class MutatedDocument(Random random)
{
    private readonly HostileValues _values = new(random);

    /// <summary>A changed copy.</summary>
    public JsonNode Of(JsonNode sound)
    {
        var document = sound.DeepClone();
        for (var changes = random.Next(3) == 0 ? 1 + random.Next(3) : 1; changes > 0; changes--)
        {
            var places = HostileRequests.Places(document).ToList();
            if (places.Count > 0)
            {
                Change(_values.OneOf(places), places);
            }
        }

        return document;
    }

    private void Change((JsonNode Parent, object Key) place, List<(JsonNode Parent, object Key)> all)
    {
        var (parent, key) = place;
        switch (random.Next(8))
        {
            case 0:
                Set(parent, key, null);
                break;
            case 1:
                Set(parent, key, JsonValue.Create(new string('x', _values.OneOf([250, 21_000, 70_000]))));
                break;
            case 2:
                Set(parent, key, Deep(_values.OneOf([5, 40, 120])));
                break;
            case 3:
                Set(
                    parent,
                    key,
                    new JsonArray([.. Enumerable.Range(0, _values.OneOf([3, 2500])).Select(_ => (JsonNode?)JsonValue.Create(1))])
                );
                break;
            case 4:
                var (otherParent, otherKey) = _values.OneOf(all);
                var (one, other) = (Get(parent, key)?.DeepClone(), Get(otherParent, otherKey)?.DeepClone());
                Set(parent, key, other);
                Set(otherParent, otherKey, one);
                break;
            case 5 when parent is JsonObject members:
                members.Remove((string)key);
                break;
            case 5 when parent is JsonArray { Count: > 0 } entries:
                entries.Add(entries[0]?.DeepClone());
                break;
            case 6 when parent is JsonArray list:
                list.Add(null);
                break;
            default:
                Set(parent, key, _values.Value());
                break;
        }
    }

    private static JsonNode Deep(int levels)
    {
        JsonNode node = JsonValue.Create(1);
        for (var level = 0; level < levels; level++)
        {
            node = level % 2 == 0 ? new JsonArray(node) : new JsonObject { ["deeper"] = node };
        }

        return node;
    }

    private static JsonNode? Get(JsonNode parent, object key) =>
        parent is JsonObject members
            ? members.TryGetPropertyValue((string)key, out var value)
                ? value
                : null
            : (int)key < ((JsonArray)parent).Count
                ? ((JsonArray)parent)[(int)key]
                : null;

    private static void Set(JsonNode parent, object key, JsonNode? value)
    {
        if (parent is JsonObject members)
        {
            members[(string)key] = value;
        }
        else if ((int)key < ((JsonArray)parent).Count)
        {
            ((JsonArray)parent)[(int)key] = value;
        }
    }
}
