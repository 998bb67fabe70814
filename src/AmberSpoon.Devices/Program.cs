using AmberSpoon.Devices;
using Microsoft.Extensions.Configuration;

// A simulated oven with its thermometers, as a program of its own: it knows the kitchen only by its address.
DeviceSettings settings = new ConfigurationBuilder().AddCommandLine(args).Build().Get<DeviceSettings>() ?? new();
using var http = new HttpClient { BaseAddress = settings.Kitchen };
using var stop = new CancellationTokenSource();
Console.CancelKeyPress += (_, press) =>
{
    press.Cancel = true;
    stop.Cancel();
};
try
{
    await new SimulatedKitchen(new KitchenClient(http), settings).Run(stop.Token);
    return 0;
}
catch (OperationCanceledException)
{
    return 0;
}
catch (HttpRequestException unreachable)
{
    await Console.Error.WriteLineAsync($"The kitchen at {settings.Kitchen} does not answer: {unreachable.Message}");
    return 1;
}
