using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace AmberSpoon.Store;

/// <summary>Stores an immutable record whole, as JSON text: it is only ever read and replaced whole.</summary>
internal sealed class JsonTextConverter<T>() : ValueConverter<T, string>(
    value => JsonSerializer.Serialize(value, Options),
    text => JsonSerializer.Deserialize<T>(text, Options)!)
    where T : class
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };
}
