using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace AmberSpoon.Store;

/// <summary>Stores an immutable record whole, as JSON text: it is only ever read and replaced whole.</summary>
public sealed class JsonTextConverter<T>() : ValueConverter<T, string>(
    value => JsonText.Write(value),
    text => JsonText.Read<T>(text))
    where T : class;
