using System.IO.Compression;
using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>How answers travel.</summary>
public sealed class TravelTests
{
    [Theory]
    [InlineData("br")]
    [InlineData("gzip")]
    public async Task Answers_are_compressed_for_who_can_read_that(string encoding)
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        byte[] plain = await kitchen.Client.GetByteArrayAsync("/api/trays/1", TestContext.Current.CancellationToken);
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/trays/1");
        request.Headers.AcceptEncoding.Add(new StringWithQualityHeaderValue(encoding));
        using HttpResponseMessage answer = await kitchen.Client.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(encoding, Assert.Single(answer.Content.Headers.ContentEncoding));
        await using Stream packed = await answer.Content.ReadAsStreamAsync(TestContext.Current.CancellationToken);
        await using Stream unpacked = encoding == "br" ? new BrotliStream(packed, CompressionMode.Decompress) : new GZipStream(packed, CompressionMode.Decompress);
        JsonNode tray = (await JsonNode.ParseAsync(unpacked, cancellationToken: TestContext.Current.CancellationToken))!;
        Assert.Equal(1, (int)tray["id"]!);
        using HttpResponseMessage asIs = await kitchen.Client.GetAsync("/api/trays/1", TestContext.Current.CancellationToken);
        Assert.Empty(asIs.Content.Headers.ContentEncoding);
        Assert.True(plain.Length > 10_000);
    }

    /// <summary>A live bake shows the last of a stream; the whole of it stands where one bake is asked for.</summary>
    [Fact]
    public async Task A_long_stream_makes_no_long_answer()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        for (int batch = 0; batch < 3; batch++)
        {
            kitchen.Clock.Advance(TimeSpan.FromMinutes(1));
            JsonNode told = await kitchen.Told(id, [.. Enumerable.Range(0, 40).Select(n => Kitchen.Reading(1, (n % 2) + 1, 5 + (0.01 * n)))]);
            Assert.Null(told["events"]);
        }

        Assert.Equal(60, (await kitchen.Live())!["readings"]!.AsArray().Count);
        Assert.True((await kitchen.Get($"/api/bakes/{id}"))["events"]!.AsArray().Count >= 121);
        await kitchen.Finish(id);
        Assert.Equal(120, (await kitchen.Get($"/api/bakes/{id}"))["readings"]!.AsArray().Count);
    }

    /// <summary>What is shown of a moment is kept; what is told, and time, make it anew.</summary>
    [Fact]
    public async Task A_view_that_is_kept_is_never_an_old_one()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        JsonNode first = (await kitchen.Live())!;
        kitchen.Clock.Advance(TimeSpan.FromSeconds(19));
        JsonNode soon = (await kitchen.Live())!;
        Assert.Equal(TimeSpan.FromSeconds(19), (DateTimeOffset)soon["now"]! - (DateTimeOffset)first["now"]!);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(15));
        double later = (double)(await kitchen.Live())!["lots"]![0]!["pieces"]![0]!["middleC"]!;
        Assert.True(later > (double)first["lots"]![0]!["pieces"]![0]!["middleC"]! + 5);
        JsonNode told = await kitchen.Told(id, Kitchen.Reading(1, 1, later));
        Assert.Equal((int)told["seq"]!, (int)(await kitchen.Live())!["seq"]!);
        Assert.Single((await kitchen.Live())!["readings"]!.AsArray());
    }
}
