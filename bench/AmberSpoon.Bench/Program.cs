using AmberSpoon.Bench;
using BenchmarkDotNet.Running;

if (args is ["outside"])
{
    OutsideComparison.Print();
    return;
}

BenchmarkSwitcher.FromAssembly(typeof(AnswerBenchmarks).Assembly).Run(args.Length > 0 ? args : ["--filter", "*"]);
