using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace AmberSpoon.Store;

/// <summary>Stores a moment as milliseconds since 1970 UTC, which SQLite can sort and compare.</summary>
public sealed class UnixMillisecondsConverter() : ValueConverter<DateTimeOffset, long>(
    moment => moment.ToUnixTimeMilliseconds(),
    stored => DateTimeOffset.FromUnixTimeMilliseconds(stored));
