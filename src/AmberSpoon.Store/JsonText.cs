using System.Text.Json;
using System.Text.Json.Serialization;

namespace AmberSpoon.Store;

/// <summary>
/// The form in which records lie in the file. Public because the compiled model calls it; for what goes over the wire the
/// server has rules of its own.
/// </summary>
public static class JsonText
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    public static T Read<T>(string text) => JsonSerializer.Deserialize<T>(text, Options)!;
}
