using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;

namespace AmberSpoon.Bench;

/// <summary>The built server as a process of its own on a folder of its own, with the invented household.</summary>
internal sealed class RunningServer : IDisposable
{
    private readonly string _app;
    private Process? _process;

    /// <param name="app">The folder it was built into.</param>
    public RunningServer(string app)
    {
        _app = app;
        using var probe = new TcpListener(IPAddress.Loopback, 0);
        probe.Start();
        Address = new($"http://127.0.0.1:{((IPEndPoint)probe.LocalEndpoint).Port}");
        Client = new() { BaseAddress = Address };
    }

    public Uri Address { get; }

    public HttpClient Client { get; }

    public string Data { get; } = Directory.CreateTempSubdirectory("amber-bench-").FullName;

    /// <returns>From the start of the process until it says that it is well.</returns>
    public async Task<TimeSpan> Open()
    {
        long began = Stopwatch.GetTimestamp();
        _process = Process.Start(new ProcessStartInfo("dotnet", ["AmberSpoon.Server.dll", $"--urls={Address}", $"--Kitchen:Data={Data}", "--Kitchen:Demo=true", "--Serilog:MinimumLevel:Default=Fatal"])
        {
            WorkingDirectory = _app,
        });
        while (true)
        {
            try
            {
                if ((await Client.GetAsync("/healthz")).IsSuccessStatusCode)
                {
                    return Stopwatch.GetElapsedTime(began);
                }
            }
            catch (HttpRequestException)
            {
                await Task.Delay(20);
            }
        }
    }

    /// <param name="method">What is done.</param>
    /// <param name="path">To what.</param>
    /// <param name="body">With what; null for nothing.</param>
    /// <returns>What it answers.</returns>
    /// <exception cref="InvalidOperationException">It refuses.</exception>
    public async Task<JsonNode> Send(HttpMethod method, string path, JsonNode? body)
    {
        using var request = new HttpRequestMessage(method, path);
        request.Content = body is null ? null : new StringContent(body.ToJsonString(), Encoding.UTF8, "application/json");
        using HttpResponseMessage answer = await Client.SendAsync(request);
        string text = await answer.Content.ReadAsStringAsync();
        return answer.IsSuccessStatusCode ? JsonNode.Parse(text)! : throw new InvalidOperationException($"{path}: {text}");
    }

    /// <summary>The most memory it has held so far, MB.</summary>
    public double PeakMb() => int.Parse(
        File.ReadLines($"/proc/{_process!.Id}/status").First(line => line.StartsWith("VmHWM", StringComparison.Ordinal)).Split(' ', StringSplitOptions.RemoveEmptyEntries)[1],
        CultureInfo.InvariantCulture) / 1024.0;

    public void Close()
    {
        _process?.Kill();
        _process?.WaitForExit();
        _process = null;
    }

    public void Dispose()
    {
        Close();
        Client.Dispose();
        Directory.Delete(Data, recursive: true);
    }
}
