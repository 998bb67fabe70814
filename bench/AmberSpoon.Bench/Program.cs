using AmberSpoon.Bench;
using BenchmarkDotNet.Running;

if (args is ["outside"])
{
    OutsideComparison.Print();
    return;
}

if (args is ["lines"] or [])
{
    LineTimes.Print();
}

if (args is ["evenings"] or [])
{
    EveningTimes.Print();
}

if (args is ["hostile"] or [])
{
    HostileTimes.Print();
}

string app = Environment.GetEnvironmentVariable("AMBER_APP") ?? "artifacts/app";
if (args is ["answers"] or [])
{
    await AnswerTimes.Print(app);
}

if (args is ["house", ..] or [])
{
    await HouseTimes.Print(app, args is [_, var seconds] ? int.Parse(seconds, System.Globalization.CultureInfo.InvariantCulture) : 60);
}

if (args is ["lines"] or ["evenings"] or ["hostile"] or ["answers"] or ["house", ..])
{
    return;
}

BenchmarkSwitcher.FromAssembly(typeof(AnswerBenchmarks).Assembly).Run(args.Length > 0 ? args : ["--filter", "*"]);
