using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Formats.Bakes;

/// <summary>
/// One bake as a file: the plan, what was forecast, and everything that was told, so that whoever reads it can compute all the rest. Times
/// are UTC (ISO 8601), temperatures as they were typed, with their unit. Its schema is <see cref="Schema"/>, published as docs/schemas/bake-1.json.
/// </summary>
/// <param name="Format">Always <see cref="Name"/>.</param>
/// <param name="Version">Of the format: 1.</param>
/// <param name="Id">Which bake.</param>
/// <param name="StartedAt">When the first food went in.</param>
/// <param name="Plan">As it was started.</param>
/// <param name="Forecast">What was predicted then.</param>
/// <param name="Events">All that was told, in order.</param>
public sealed record BakeDocument(
    string Format, int Version, Guid Id, DateTimeOffset StartedAt, TrayPlan Plan, TrayForecast Forecast, IReadOnlyList<BakeEvent> Events)
{
    public const string Name = "amber-spoon-bake";
    public const int Newest = 1;

    /// <summary>Bytes; a bake with wires in every piece for hours is smaller.</summary>
    public const int MostBytes = 16 * 1024 * 1024;

    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        NumberHandling = JsonNumberHandling.Strict,
        RespectRequiredConstructorParameters = true,
        AllowOutOfOrderMetadataProperties = true,
        MaxDepth = 32,
        TypeInfoResolver = new DefaultJsonTypeInfoResolver(),
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
    };

    public byte[] Write() => JsonSerializer.SerializeToUtf8Bytes(this, Json);

    /// <param name="file">UTF-8.</param>
    /// <exception cref="BakeDocumentException">It is none, a newer one, or says something that cannot have happened.</exception>
    public static BakeDocument Read(ReadOnlySpan<byte> file)
    {
        if (file.Length > MostBytes)
        {
            throw new BakeDocumentException($"A bake has {MostBytes / (1024 * 1024)} MB at most.");
        }

        try
        {
            JsonNode? node = JsonNode.Parse(file, documentOptions: new() { MaxDepth = 32 });
            if (node is not JsonObject whole || whole["format"]?.GetValueKind() != JsonValueKind.String || whole["format"]!.GetValue<string>() != Name)
            {
                throw new BakeDocumentException("That file is no bake of this kitchen.");
            }

            if (whole["version"]?.GetValueKind() != JsonValueKind.Number || !whole["version"]!.AsValue().TryGetValue(out int version) || version != Newest)
            {
                throw new BakeDocumentException("That bake was written by a newer version of this kitchen: bring the kitchen up to date first.");
            }

            BakeDocument read = whole.Deserialize<BakeDocument>(Json) ?? throw new BakeDocumentException("That file is no bake of this kitchen.");
            read.RequireWhole();
            return read;
        }
        catch (Exception failed) when (failed is JsonException or InvalidOperationException or FormatException or NotSupportedException or ArgumentException)
        {
            throw new BakeDocumentException("That file is no bake of this kitchen, or not whole: nothing was taken from it.");
        }
    }

    /// <summary>What every file of this format keeps to (JSON Schema 2020-12).</summary>
    public static string Schema()
    {
        JsonNode schema = Json.GetJsonSchemaAsNode(typeof(BakeDocument), new()
        {
            TreatNullObliviousAsNonNullable = true,

            // Written by a converter, which says of itself only that it may be anything.
            TransformSchemaNode = (context, node) => Nullable.GetUnderlyingType(context.TypeInfo.Type) == typeof(LotId) ? new JsonObject { ["type"] = new JsonArray("integer", "null") }
                : context.TypeInfo.Type == typeof(LotId) ? new JsonObject { ["type"] = "integer" }
                : node,
        });
        var whole = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["$id"] = "urn:amber-spoon:bake-1",
            ["title"] = "A bake, version 1",
        };
        foreach ((string key, JsonNode? value) in schema.AsObject())
        {
            whole[key] = value?.DeepClone();
        }

        return whole.ToJsonString(Json).ReplaceLineEndings("\n") + "\n";
    }

    private void RequireWhole()
    {
        bool isWhole = Id != Guid.Empty && Plan is not null && Forecast is not null && Events is { Count: > 1 }
            && Events.All(told => told is { What: not null }) && Events.Index().All(told => told.Item.Seq == told.Index + 1)
            && Events[0].What is Started && Events.Skip(1).All(told => told.What is not Started)
            && Events.Any(told => told.What is Finished) && Events[0].At == StartedAt;
        if (!isWhole)
        {
            throw new BakeDocumentException("That bake is not whole: it must begin with its start, be finished, and number its events from 1.");
        }
    }
}

/// <summary>A file that is no bake; its message is a sentence for a cook.</summary>
public sealed class BakeDocumentException(string sentence) : Exception(sentence);
