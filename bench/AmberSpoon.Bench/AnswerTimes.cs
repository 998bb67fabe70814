using System.Diagnostics;
using System.Text.Json.Nodes;

namespace AmberSpoon.Bench;

/// <summary>
/// A tray of six lots at the running server, over HTTP, another one each time and none of them laid yet. Bar: 150 ms with all bands and windows.
/// <see cref="AnswerBenchmarks"/> times the same in its own process, laid beforehand.
/// </summary>
internal static class AnswerTimes
{
    private const int Trays = 100;
    private const int Warming = 20;

    /// <param name="app">The folder the server was built into.</param>
    public static async Task Print(string app)
    {
        using var server = new RunningServer(app);
        await server.Open();
        var waits = new double[Trays];
        for (int i = 0; i < Trays; i++)
        {
            JsonNode plan = JsonNode.Parse(SixLots)!;
            plan["chicken"]![0]!["sizes"]!["mass"]!["value"] = 660 + i;
            long at = Stopwatch.GetTimestamp();
            await server.Send(HttpMethod.Post, "/api/forecast", plan);
            waits[i] = Stopwatch.GetElapsedTime(at).TotalMilliseconds;
        }

        double[] warm = [.. waits[Warming..].Order()];
        Console.WriteLine(FormattableString.Invariant(
            $"six lots at the server: the first {waits[0]:0} ms, then in median {waits[1..Warming].Order().ElementAt(Warming / 2):0} ms, warm {warm[warm.Length / 2]:0} ms, 95 of 100 {warm[warm.Length * 95 / 100]:0} ms"));
    }

    private const string SixLots = """
        {"name":"Six","chicken":[
          {"id":1,"cut":"boneInThigh","skinOn":true,"coating":"dryRub","sizes":{"basis":"pack","count":4,"mass":{"value":660,"unit":"gram"},"spreadPercent":15,"each":[]},"height":null,"startFrom":"fridge","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"skinDown":false},
          {"id":2,"cut":"drumstick","skinOn":true,"coating":"glaze","sizes":{"basis":"pack","count":3,"mass":{"value":345,"unit":"gram"},"spreadPercent":15,"each":[]},"height":null,"startFrom":"fridge","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"skinDown":false},
          {"id":3,"cut":"bonelessBreast","skinOn":true,"coating":"oil","sizes":{"basis":"pack","count":2,"mass":{"value":400,"unit":"gram"},"spreadPercent":15,"each":[]},"height":null,"startFrom":"fridge","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"skinDown":false}],
         "vegetables":[
          {"id":4,"kind":"potato","cut":"cube","size":{"value":25,"unit":"millimetre"},"amount":{"value":300,"unit":"gram"},"place":"around","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"goal":"tender"},
          {"id":5,"kind":"carrot","cut":"coin","size":{"value":20,"unit":"millimetre"},"amount":{"value":150,"unit":"gram"},"place":"around","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"goal":"tender"},
          {"id":6,"kind":"onion","cut":"wedge","size":{"value":25,"unit":"millimetre"},"amount":{"value":120,"unit":"gram"},"place":"around","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"goal":"tender"}],
         "vessels":[{"kind":"halfSheet","width":null,"depth":null,"rack":false,"parchment":false,"waterMl":0}],"ovenMode":"still","ovenSetting":{"value":204,"unit":"celsius"},"steps":[{"kind":"turn","atMinutes":14}],
         "profile":"unitedStates","restMinutes":5,"eatAt":null,"spots":[]}
        """;
}
