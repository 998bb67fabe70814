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

if (args is ["lines"])
{
    return;
}

BenchmarkSwitcher.FromAssembly(typeof(AnswerBenchmarks).Assembly).Run(args.Length > 0 ? args : ["--filter", "*"]);
