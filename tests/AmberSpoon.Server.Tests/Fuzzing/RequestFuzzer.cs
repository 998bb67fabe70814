using System.Globalization;
using System.Text.Json.Nodes;

namespace AmberSpoon.Server.Tests.Fuzzing;

/// <summary>A request as it is sent: anything but a good one, mostly.</summary>
internal sealed record FuzzedRequest(HttpMethod Method, string Path, string? Body, string ContentType, IReadOnlyList<(string Name, string Value)> Headers)
{
    public override string ToString() => $"{Method} {Path} {ContentType} {string.Join(' ', Headers.Select(header => $"{header.Name}: {header.Value}"))} {(Body is { Length: > 2000 } long_ ? long_[..2000] : Body)}";
}

/// <summary>
/// Makes requests from the server's own OpenAPI document: for each operation bodies that fit its schema, then bent: values
/// missing, of the wrong kind, tiny, huge, many, or no text at all.
/// </summary>
internal sealed class RequestFuzzer
{
    private static readonly double[] OddNumbers =
        [0, -1, 1, 1e-300, 5e-324, 1e308, -1e308, int.MaxValue, int.MinValue, 0.1 + 0.2, 74, 165, 200, 1500, 1e9];

    private static readonly string[] OddTexts =
    [
        "", " ", "a", "٣٠ min", "Serves ４", "2026-11-26T19:00:00+00:00", "0001-01-01T00:00:00Z", "9999-12-31T23:59:59Z", "own-1", "<b><p>", "🍗",
        new string('x', 5000), "'; DROP TABLE Trays; --", "\0", "NaN", "usual", "0199ab00-0000-4000-8000-000000000001",
    ];

    private readonly Random _random;
    private readonly JsonObject _document;
    private readonly (HttpMethod Method, string Path, JsonObject Operation)[] _operations;
    private readonly IReadOnlyList<string> _ids;
    private readonly IReadOnlyDictionary<string, JsonObject> _good;

    /// <param name="document">The OpenAPI document.</param>
    /// <param name="ids">Ids that are there, besides those made up.</param>
    /// <param name="good">Bodies that are taken as they are, by the path they go to.</param>
    /// <param name="seed">The same seed makes the same requests.</param>
    public RequestFuzzer(JsonObject document, IReadOnlyList<string> ids, IReadOnlyDictionary<string, JsonObject> good, int seed)
    {
        (_document, _ids, _good, _random) = (document, ids, good, new(seed));
        _operations =
        [
            .. document["paths"]!.AsObject().SelectMany(path => path.Value!.AsObject()
                .Where(operation => operation.Key is "get" or "post" or "put" or "delete")
                .Select(operation => (new HttpMethod(operation.Key.ToUpperInvariant()), path.Key, operation.Value!.AsObject()))),
        ];
    }

    public int Operations => _operations.Length;

    public FuzzedRequest Next()
    {
        (HttpMethod method, string path, JsonObject operation) = _operations[_random.Next(_operations.Length)];
        string template = path;
        var query = new List<string>();
        var headers = new List<(string, string)>();
        foreach (JsonNode? parameter in operation["parameters"]?.AsArray() ?? [])
        {
            string name = (string)parameter!["name"]!;
            switch ((string)parameter["in"]!)
            {
                case "path":
                    path = path.Replace($"{{{name}}}", Uri.EscapeDataString(Id()), StringComparison.Ordinal);
                    break;
                case "query" when Chance(0.6):
                    query.Add($"{name}={Uri.EscapeDataString(Chance(0.5) ? Id() : Text())}");
                    break;
                case "header" when Chance(0.3):
                    headers.Add((name, Chance(0.5) ? Guid.NewGuid().ToString() : Chance(0.5) ? $"\"{_random.Next(5)}\"" : "nonsense"));
                    break;
                default:
                    break;
            }
        }

        string? body = _good.TryGetValue(template, out JsonObject? good) && method != HttpMethod.Get && Chance(0.6) ? Bent(good).ToJsonString()
            : operation["requestBody"]?["content"]?["application/json"]?["schema"] is { } schema ? Body(schema) : Chance(0.05) ? "{}" : null;
        string type = Chance(0.97) ? "application/json" : Chance(0.5) ? "text/plain" : "application/json; charset=zzz";
        return new(method, query.Count == 0 ? path : $"{path}?{string.Join('&', query)}", body, type, headers);
    }

    private string Body(JsonNode schema)
    {
        // A few are no JSON at all.
        if (Chance(0.02))
        {
            return _random.Next(4) switch { 0 => "", 1 => "{", 2 => "null", _ => new string('[', 200) };
        }

        string text = (Value(schema, 0) ?? new JsonObject()).ToJsonString();
        return Chance(0.03) ? text.Replace("\"a\"", "\"\\ud83c\"", StringComparison.Ordinal) : text;
    }

    /// <summary>A good body with one to three of its values changed: most pass the first look, and reach what computes.</summary>
    private JsonObject Bent(JsonObject good)
    {
        JsonObject bent = good.DeepClone().AsObject();
        for (int change = _random.Next(0, 4); change > 0; change--)
        {
            JsonValue[] leaves = [.. Leaves(bent)];
            if (leaves.Length == 0)
            {
                break;
            }

            JsonValue leaf = leaves[_random.Next(leaves.Length)];
            leaf.ReplaceWith(leaf.GetValueKind() switch
            {
                System.Text.Json.JsonValueKind.Number when Chance(0.6) => Math.Round(Math.Clamp(double.Parse(leaf.ToJsonString(), CultureInfo.InvariantCulture), -1e9, 1e9) * Math.Pow(10, (_random.NextDouble() * 2) - 1), Chance(0.5) ? 0 : 2),
                System.Text.Json.JsonValueKind.True or System.Text.Json.JsonValueKind.False => Chance(0.5),
                _ => Wrong(),
            });
        }

        return bent;
    }

    private static IEnumerable<JsonValue> Leaves(JsonNode? node) => node switch
    {
        JsonValue value => [value],
        JsonObject parts => parts.SelectMany(part => Leaves(part.Value)),
        JsonArray many => many.SelectMany(Leaves),
        _ => [],
    };

    private JsonNode? Value(JsonNode schema, int depth)
    {
        if (Chance(0.012))
        {
            return Wrong();
        }

        if ((string?)schema["$ref"] is { } reference)
        {
            schema = _document["components"]!["schemas"]![reference.Split('/')[^1]]!;
        }

        JsonArray? either = schema["oneOf"]?.AsArray() ?? schema["anyOf"]?.AsArray();
        if (either is not null)
        {
            return Value(either[_random.Next(either.Count)]!, depth + 1);
        }

        if (schema["enum"] is JsonArray choices)
        {
            return choices[_random.Next(choices.Count)]?.DeepClone();
        }

        string[] kinds = schema["type"] switch { JsonArray several => [.. several.Select(kind => (string)kind!)], JsonValue one => [(string)one!], _ => ["object"] };
        if (kinds.Contains("null") && Chance(depth == 0 ? 0 : 0.15))
        {
            return null;
        }

        string[] real = [.. kinds.Where(kind => kind != "null")];
        return (real.Length == 0 ? "null" : real[_random.Next(real.Length)]) switch
        {
            "object" => Object(schema, depth),
            "array" => Array(schema, depth),
            "integer" => Chance(0.8) ? _random.Next(0, 60) : Number(),
            "number" => Chance(0.7) ? Math.Round(_random.NextDouble() * 300, 1) : Number(),
            "boolean" => Chance(0.5),
            "string" => Text(),
            _ => null,
        };
    }

    private JsonObject Object(JsonNode schema, int depth)
    {
        var made = new JsonObject();
        foreach ((string name, JsonNode? property) in schema["properties"]?.AsObject() ?? [])
        {
            if (depth < 12 && Chance(0.96))
            {
                made[name] = Value(property!, depth + 1);
            }
        }

        return made;
    }

    private JsonArray Array(JsonNode schema, int depth)
    {
        int count = Chance(0.97) ? _random.Next(0, 3) : _random.Next(3, 300);
        return [.. Enumerable.Range(0, depth > 8 ? 0 : count).Select(_ => Chance(0.02) ? null : Value(schema["items"] ?? new JsonObject(), depth + 1))];
    }

    private JsonNode? Wrong() => _random.Next(6) switch
    {
        0 => null,
        1 => Text(),
        2 => Number(),
        3 => new JsonArray(null, 1, "x"),
        4 => new JsonObject { ["x"] = 1 },
        _ => true,
    };

    private JsonNode Number() => OddNumbers[_random.Next(OddNumbers.Length)] is var odd && odd == Math.Floor(odd) && Math.Abs(odd) < 1e15 && Chance(0.5)
        ? (long)odd
        : odd;

    private string Text() => OddTexts[_random.Next(OddTexts.Length)];

    private string Id() => _random.Next(6) switch
    {
        0 => "-1",
        1 => Text() is { Length: > 0 and < 100 } text && !text.Contains((char)0) ? text : "x",
        2 => _random.Next(1000).ToString(CultureInfo.InvariantCulture),
        _ => _ids[_random.Next(_ids.Count)],
    };

    private bool Chance(double share) => _random.NextDouble() < share;
}
