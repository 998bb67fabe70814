using System.Text.Json.Nodes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Which parts of a plan two versions differ in, named as in the plan's JSON: "ovenSetting", "chicken[3]".</summary>
internal static class PlanChanges
{
    private static readonly string[] Lots = ["chicken", "vegetables"];

    /// <returns>In the order of the plan; a lot by its id. Places are left out: the layout makes them.</returns>
    public static IReadOnlyList<string> Between(TrayPlan before, TrayPlan after)
    {
        JsonObject old = Parsed(before);
        JsonObject now = Parsed(after);
        return [.. now.Where(field => field.Key != "spots").SelectMany(field => Differing(field.Key, old[field.Key], field.Value))];
    }

    private static IEnumerable<string> Differing(string field, JsonNode? before, JsonNode? after)
    {
        if (!Lots.Contains(field))
        {
            return JsonNode.DeepEquals(before, after) ? [] : [field];
        }

        Dictionary<int, JsonNode?> old = ById(before);
        Dictionary<int, JsonNode?> now = ById(after);
        return old.Keys.Union(now.Keys).Order()
            .Where(id => !JsonNode.DeepEquals(old.GetValueOrDefault(id), now.GetValueOrDefault(id)))
            .Select(id => FormattableString.Invariant($"{field}[{id}]"));
    }

    private static Dictionary<int, JsonNode?> ById(JsonNode? lots) => lots!.AsArray().ToDictionary(lot => (int)lot!["id"]!);

    private static JsonObject Parsed(TrayPlan plan) => JsonNode.Parse(JsonText.Write(plan))!.AsObject();
}
