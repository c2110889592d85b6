using System.Collections;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace Metaplant.Data;

/// <summary>Refuses null inside a list or beside a key, wherever one comes in. The serializer guards members only.</summary>
public static class NoNulls
{
    /// <summary>A modifier of a resolver.</summary>
    public static void Modify(JsonTypeInfo type)
    {
        if (type.Kind != JsonTypeInfoKind.Object) return;
        var lists = type.Properties.Where(p => p.Get is not null && p.PropertyType != typeof(string) && p.PropertyType.IsAssignableTo(typeof(IEnumerable))).ToList();
        if (lists.Count == 0) return;
        type.OnDeserialized = made =>
        {
            foreach (var list in lists)
            {
                if (list.Get!(made) is IEnumerable items && items.Cast<object?>().Any(IsNull)) throw new JsonException("Null stands among the items.", list.Name, null, null);
            }
        };
    }

    private static bool IsNull(object? item) => item is null || (item.GetType() is { IsGenericType: true } t && t.GetGenericTypeDefinition() == typeof(KeyValuePair<,>) && t.GetProperty("Value")!.GetValue(item) is null);
}
