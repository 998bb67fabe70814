using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class RecipeTests
{
    private const string Supper = """
        { "@type": "Recipe", "name": "Lemon thighs <script>alert(1)</script>", "recipeYield": "Serves 3",
          "recipeIngredient": ["1 kg bone-in chicken thighs", "400 g potatoes", "3 tbsp olive oil", "juice of 1 lemon", "2 tsp salt", "parsley, to serve"],
          "recipeInstructions": ["Heat the oven to 200 °C.", "Bake for 40 minutes."] }
        """;

    private static JsonObject Text(string text) => new() { ["text"] = text };

    [Fact]
    public async Task Reading_shows_what_was_understood_and_stores_nothing()
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? read) = await kitchen.Send(HttpMethod.Post, "/api/recipes/read", Text(Supper));
        Assert.Equal(200, status);
        Assert.Equal("Lemon thighs alert(1)", (string)read!["recipe"]!["name"]!);
        Assert.Equal("boneInThigh", (string)read["plan"]!["chicken"]![0]!["cut"]!);
        Assert.Equal("wetMarinade", (string)read["mixes"]![0]!["kind"]!);
        Assert.Equal(["parsley, to serve"], read["leftOut"]!.AsArray().Select(line => (string)line!));
        Assert.Empty((await kitchen.Get("/api/trays"))["trays"]!.AsArray());
    }

    [Fact]
    public async Task Using_makes_a_tray_a_mix_and_a_check()
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? made) = await kitchen.Send(HttpMethod.Post, "/api/recipes/use", Text(Supper));
        Assert.Equal(200, status);
        Assert.Equal(40, (int)made!["check"]!["minutes"]!);
        JsonNode tray = await kitchen.Get("/api/tray");
        Assert.Equal(((int)made["trayId"]!, 6), ((int)tray["id"]!, (int)tray["plan"]!["chicken"]![0]!["count"]!));
        Assert.NotNull(tray["answer"]);
        JsonNode prep = await kitchen.Get("/api/prep");
        Assert.Equal(("own-1", 3), ((string)prep["bowls"]![0]!["id"]!, (int)prep["choice"]!["heads"]!));
        Assert.Equal("own-1", (string)tray["plan"]!["chicken"]![0]!["coats"]![0]!["mix"]!);

        // What was made may be saved as it is.
        JsonObject plan = tray["plan"]!.DeepClone().AsObject();
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, $"/api/trays/{tray["id"]}", plan)).Status);
    }

    [Fact]
    public async Task What_is_given_away_comes_back_the_same()
    {
        await using var kitchen = new Kitchen();
        await kitchen.Send(HttpMethod.Post, "/api/recipes/use", Text(Supper));
        using HttpResponseMessage file = await kitchen.Client.GetAsync("/api/trays/1/recipe", TestContext.Current.CancellationToken);
        Assert.Equal("application/ld+json", file.Content.Headers.ContentType?.MediaType);
        Assert.Equal("lemon-thighs-alert1.json", file.Content.Headers.ContentDisposition?.FileName);
        JsonNode first = await kitchen.Get("/api/tray");
        (int status, _) = await kitchen.Send(HttpMethod.Post, "/api/recipes/use", Text(await file.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)));
        Assert.Equal(200, status);
        JsonNode second = await kitchen.Get("/api/tray");
        Assert.NotEqual((int)first["id"]!, (int)second["id"]!);
        foreach (string part in new[] { "cut", "count" })
        {
            Assert.Equal(first["plan"]!["chicken"]![0]![part]!.ToJsonString(), second["plan"]!["chicken"]![0]![part]!.ToJsonString());
        }

        Assert.Equal((double)first["plan"]!["vegetables"]![0]!["amount"]!["value"]!, (double)second["plan"]!["vegetables"]![0]!["amount"]!["value"]!);
        Assert.Equal((double)first["plan"]!["ovenSetting"]!["value"]!, (double)second["plan"]!["ovenSetting"]!["value"]!);
    }

    [Theory]
    [InlineData("")]
    [InlineData("PK\u0003\u0004\0binary")]
    [InlineData("{ \"@type\": \"Person\" }")]
    [InlineData("{ broken")]
    [InlineData("<html><p>nothing</p></html>")]
    [InlineData("Only potatoes\n500 g potatoes")]
    [InlineData("Whole farm\n5000 kg chicken thighs")]
    public async Task What_is_no_use_is_refused_and_nothing_is_half_imported(string text)
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, "/api/recipes/use", Text(text));
        Assert.Equal(400, status);
        Assert.NotEmpty(problem!["errors"]!.AsObject());
        Assert.Empty((await kitchen.Get("/api/trays"))["trays"]!.AsArray());
        Assert.DoesNotContain((await kitchen.Get("/api/prep"))["mixes"]!.AsArray(), listed => (bool)listed!["isOwn"]!);
    }

    [Fact]
    public async Task A_page_of_20_MB_is_refused_in_words()
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, "/api/recipes/read", Text(new string('x', 5_000_000)));
        Assert.Equal(400, status);
        Assert.Contains("too large", (string)problem!["errors"]!["text"]![0]!, StringComparison.Ordinal);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/recipes/read", Text(new string('[', 4000)))).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/recipes/read", JsonNode.Parse("{}"))).Status);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, "/api/trays/77/recipe")).Status);
    }
}
